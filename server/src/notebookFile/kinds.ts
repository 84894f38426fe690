import type { EntityManager } from 'typeorm';
import { NO_PASSWORD } from '../accounts/passwords';
import { catalogOf, type Column, type Kind } from './catalogRepository';

/** Tables that are worked out from the others, or belong to this server alone: in no file. */
const DERIVED = [
  'access_tokens',
  'class_phones',
  'learnt',
  'lot_cards',
  'lot_figures',
  'migrations',
  'pot_watches',
  'rate_hits',
  'run_figures',
  'run_states',
  'session',
  'trial_ratios',
  'trial_results',
  'waiting_files',
];

/** Columns that leave only in a backup, and what stands in their place in a row that comes in. */
const SECRET: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  // Fits no password: a lead gives a new one.
  users: { password_hash: NO_PASSWORD },
  // Whether it is the demo, which lets anybody in, is for the notebook to know, and not for a file.
  // A link to a class is its own notebook's.
  classes: { code: null },
  notebook: { session_secret: '', demo: false, demo_loaded: false },
};

/** Columns that say nothing of a row, where two that are alike in all else are the same: what ships with the product. */
const ASIDE: Readonly<Record<string, readonly string[]>> = {
  protocols: ['kept_at'],
  rubrics: ['kept_at'],
};

const OF_A_CARD = 'scorecard_id in (select id from revealed_cards)';
/** Marks of a panel that was not revealed yet, and what is behind its codes: in no file. */
const REVEALED: Readonly<Record<string, string>> = {
  scorecards: 'id in (select id from revealed_cards)',
  scorecard_raters: OF_A_CARD,
  ratings: OF_A_CARD,
  growth_marks: OF_A_CARD,
  agreed_marks: OF_A_CARD,
  musts_said: OF_A_CARD,
  score_overrides: OF_A_CARD,
  warm_up_marks:
    'not exists (select from scorecards c where c.sitting_id = t.sitting_id and c.id not in (select id from revealed_cards))',
};

/** A kind of row as a file has it. */
export interface FileKind extends Kind {
  /** Columns that are in the file. */
  readonly told: readonly Column[];
  /** What stands in the place of those that are not. */
  readonly secret: Readonly<Record<string, unknown>>;
  /** Columns by which two rows do not differ. */
  readonly aside: readonly string[];
  /** Which rows leave, as a condition on `t`; absent: all. */
  readonly only?: string;
  /** Which rows are withheld, as a condition on `t`; absent: none. */
  readonly hidden?: string;
}

/** The kinds of rows of a notebook's file, those first that others rest on. */
export async function fileKinds(manager: EntityManager): Promise<readonly FileKind[]> {
  return (await catalogOf(manager))
    .filter(({ name }) => !DERIVED.includes(name))
    .map((kind) => {
      const secret = SECRET[kind.name] ?? {};
      const only = REVEALED[kind.name];
      return {
        ...kind,
        told: kind.columns.filter(({ name }) => !(name in secret)),
        secret,
        aside: [
          ...Object.keys(secret),
          ...(ASIDE[kind.name] ?? []),
          // A number that was taken here already is another one here.
          ...kind.columns.filter(({ isCounted }) => isCounted).map(({ name }) => name),
        ],
        ...(only === undefined ? {} : { only, hidden: `not (${only})` }),
      };
    });
}

/** A picture stands in a column of bytes. */
export const isPicture = ({ type }: Column): boolean => type === 'bytea';
