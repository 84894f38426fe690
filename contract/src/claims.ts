import {
  CLAIM_KINDS,
  CLAIM_VERDICTS,
  EVIDENCE,
  INTERESTS,
  MOST_CLAIMS,
  PRODUCT_KINDS,
  type ClaimKind,
  type ClaimsShare,
  type ClaimVerdict,
  type Evidence,
  type Interest,
} from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { CLAIM_SOURCES } from './choices';
import { IsDay, IsWords, Optional } from './decorators';
import { ListAsked } from './lists';

/** Letters of a label or page that are kept with the sheet. */
export const MOST_LABEL_LETTERS = 8000;

const PRODUCT_KIND_KEYS = PRODUCT_KINDS.map(({ key }) => key);

/** A claim with what somebody makes of it. */
export class SheetClaim {
  @IsWords(300, 'Give the claim in 1 to 300 letters.')
  text!: string;

  @IsIn(CLAIM_KINDS, { message: `A claim is one of ${CLAIM_KINDS.join(', ')}.` })
  kind!: ClaimKind;

  @Optional()
  @IsWords(300, 'Keep the footnote under 300 letters.')
  footnote?: string;

  @Optional()
  @IsWords(120, 'Say what it is compared with in 1 to 120 letters.')
  comparedWith?: string;

  @Optional()
  @IsIn(CLAIM_VERDICTS, { message: `A verdict is one of ${CLAIM_VERDICTS.join(', ')}.` })
  verdict?: ClaimVerdict;

  @Optional()
  @IsIn(EVIDENCE, { message: `Evidence is one of ${EVIDENCE.join(', ')}.` })
  evidence?: Evidence;

  @Optional()
  @IsWords(300, 'Say why, in 1 to 300 letters.')
  because?: string;
}

/** A question to the supplier: when it was sent, what came back and when. */
export class SheetAnswer {
  @IsWords(40, 'Say which question is meant.')
  key!: string;

  @Optional()
  @IsDay('Give the day as 2026-11-24.')
  askedOn?: string;

  @Optional()
  @IsWords(400, 'Give the answer in 1 to 400 letters.')
  said?: string;

  @Optional()
  @IsDay('Give the day as 2026-11-24.')
  saidOn?: string;
}

/** All that is claimed of a product and what becomes of it: the next version of its sheet. */
export class NewClaimsSheet {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** Version that was changed; 0 for the first. */
  @IsInt({ message: 'Say which version was changed.' })
  @Min(0, { message: 'Say which version was changed.' })
  @Max(1e6, { message: 'Say which version was changed.' })
  version!: number;

  @IsIn(PRODUCT_KIND_KEYS, { message: `A product is one of ${PRODUCT_KIND_KEYS.join(', ')}.` })
  productKind!: string;

  @IsIn(CLAIM_SOURCES, { message: `Claims stand on one of ${CLAIM_SOURCES.join(', ')}.` })
  source!: (typeof CLAIM_SOURCES)[number];

  @IsString({ message: 'Give the words of the label as a text.' })
  @MaxLength(MOST_LABEL_LETTERS, { message: 'Keep the words of the label under 8000 letters.' })
  text!: string;

  @IsArray({ message: 'Give the claims as a list.' })
  @ArrayMaxSize(MOST_CLAIMS, { message: `At most ${String(MOST_CLAIMS)} claims.` })
  @ValidateNested({ each: true })
  @Type(() => SheetClaim)
  claims!: SheetClaim[];

  @IsArray({ message: 'Give the answers as a list.' })
  @ArrayMaxSize(20, { message: 'At most 20 questions.' })
  @ValidateNested({ each: true })
  @Type(() => SheetAnswer)
  answers!: SheetAnswer[];

  @IsIn(INTERESTS, { message: `Say who has an interest in it: ${INTERESTS.join(', ')}.` })
  interest!: Interest;

  @Optional()
  @IsWords(120, 'Say more of it in 1 to 120 letters.')
  interestWords?: string;
}

/** A sheet as it was kept. */
export interface ClaimsSheet extends Omit<NewClaimsSheet, 'id'> {
  readonly by: string;
  readonly keptAt: string;
}

export interface ClaimsPage {
  readonly lotId: string;
  readonly name: string;
  readonly code: string;
  readonly sheet?: ClaimsSheet;
  /** How far its words can be relied on, as far as they are judged. */
  readonly share?: ClaimsShare;
  /** Versions before, newest first. */
  readonly before: readonly { readonly version: number; readonly by: string; readonly keptAt: string }[];
  /** The same product's sheet of another lot, to begin with and to see what has changed. */
  readonly other?: { readonly lotId: string; readonly code: string; readonly text: string };
}

/** What the list of claims sheets is asked for. */
export class ClaimsAsked extends ListAsked {
  @Optional()
  @IsIn(['kept', 'none'], { message: 'A sheet is kept or none.' })
  state?: 'kept' | 'none';
}

/** A product with what became of its claims. */
export interface ClaimsRow {
  readonly lotId: string;
  readonly name: string;
  readonly code: string;
  readonly version?: number;
  readonly claims: number;
  readonly supported: number;
  readonly notSupported: number;
  readonly untested: number;
  readonly open: number;
  /** What is said of what such a product should say, 0 to 1. */
  readonly said?: number;
  readonly interest?: Interest;
}
