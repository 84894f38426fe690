import { IsIn, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import { SAVED_PAGES } from './choices';
import { IsWords } from './decorators';

export type SavedPage = (typeof SAVED_PAGES)[number];

/** How a list is looked at, under a name: what it is asked for, its order, what stands together, which columns. */
export class NewSavedView {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsIn(SAVED_PAGES, { message: `A list is one of ${SAVED_PAGES.join(', ')}.` })
  page!: SavedPage;

  @IsWords(60, 'Name it in 1 to 60 letters.')
  name!: string;

  /** As it stands in the address, without the question mark. */
  @IsString({ message: 'Give what stands in the address.' })
  @MaxLength(1000, { message: 'What stands in the address is too long to be kept.' })
  @Matches(/^[A-Za-z0-9%._~+*&=!'(),-]*$/, { message: 'Give what stands in the address.' })
  query!: string;
}

export interface SavedView {
  readonly id: string;
  readonly page: SavedPage;
  readonly name: string;
  readonly query: string;
  readonly by: string;
  readonly keptAt: string;
}
