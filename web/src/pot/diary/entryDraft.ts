import type { NewPotEntry, PotEntryKind, PotMediumKind, PotShape } from '@bent-pail/contract';
import type { Moisture, PotSign, StandKey } from '@bent-pail/core';
import { readMoment } from '../../shared/readMoment';
import { readTyped } from '../../shared/units/mine';

/** What stands in the fields of a line that is being written. */
export interface EntryDraft {
  readonly kind: PotEntryKind;
  readonly volume: string;
  readonly mass: string;
  readonly depth: string;
  readonly feedAs: 'liquid' | 'lasting';
  readonly strength: string;
  readonly grams: string;
  readonly percent: string;
  readonly lasts: string;
  readonly moisture: Moisture;
  readonly firstDrip: string;
  readonly lastDrip: string;
  readonly runoff: string;
  readonly signs: readonly PotSign[];
  readonly stand: StandKey | '';
  /** What it was repotted into, `blend:ID` or `lot:ID`, and which pot; empty and absent: as before. */
  readonly medium: string;
  readonly shape: PotShape | undefined;
  readonly words: string;
  readonly when: string;
}

export const emptyDraft = (kind: PotEntryKind): EntryDraft => ({
  kind,
  volume: '',
  mass: '',
  depth: '',
  feedAs: 'liquid',
  strength: '',
  grams: '',
  percent: '',
  lasts: '',
  moisture: 'moist',
  firstDrip: '',
  lastDrip: '',
  runoff: '',
  signs: [],
  stand: '',
  medium: '',
  shape: undefined,
  words: '',
  when: '',
});

export type Said = Omit<NewPotEntry, 'id'>;

interface Now {
  readonly now_ms: number;
  readonly zone: string;
  readonly shape: Pick<PotShape, 'height_cm'>;
}

/** A field that is not what it should be: its sentence stands at the form. */
class Unclear extends Error {}

/** A typed number in the unit that it is kept in; undefined for an empty field. */
function number(typed: string, kept: string, what: string): number | undefined {
  if (typed.trim() === '') return undefined;
  const read = readTyped(typed, kept).number;
  if (read.kind !== 'number' || read.value < 0) throw new Unclear(`${what}: type a number, 0 or more.`);
  return read.value;
}

function needed(typed: string, kept: string, what: string): number {
  const value = number(typed, kept, what);
  if (value === undefined || value <= 0) throw new Unclear(`${what}: type a number above 0.`);
  return value;
}

const some = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, V>);

function depthOf({ depth }: EntryDraft, { shape }: Now): number {
  const depth_cm = needed(depth, 'cm', 'The depth');
  if (depth_cm > shape.height_cm) throw new Unclear('The medium is deeper than the pot.');
  return depth_cm;
}

function feedOf(draft: EntryDraft): Partial<Said> {
  if (draft.feedAs === 'liquid') {
    const n_mgL = number(draft.strength, 'mg/L', 'The nitrogen');
    return {
      ...(n_mgL === undefined ? {} : { feed: { n_mgL } }),
      ...some('volume_mL', number(draft.volume, 'mL', 'The water')),
    };
  }
  const g = number(draft.grams, 'g', 'The feed');
  if (g === undefined) return {};
  return {
    feed: {
      g,
      ...some('n_percent', number(draft.percent, '%', 'Its nitrogen')),
      ...some('lasts_d', number(draft.lasts, 'd', 'How long it lasts')),
    },
  };
}

/** What is said by the fields of a kind. */
function measured(draft: EntryDraft, now: Now): Partial<Said> {
  switch (draft.kind) {
    case 'watered':
      return some('volume_mL', draft.volume.trim() === '' ? undefined : needed(draft.volume, 'mL', 'The water'));
    case 'weighed':
      return { mass_g: needed(draft.mass, 'g', 'The weight') };
    case 'depth':
    case 'topped-up':
      return { depth_cm: depthOf(draft, now) };
    case 'fed':
      return feedOf(draft);
    case 'poured':
      return {
        volume_mL: needed(draft.volume, 'mL', 'What was poured on'),
        ...(draft.depth.trim() === '' ? {} : { depth_cm: depthOf(draft, now) }),
        pour: {
          moisture: draft.moisture,
          ...some('firstDrip_s', number(draft.firstDrip, 's', 'The first drip')),
          ...some('lastDrip_s', number(draft.lastDrip, 's', 'The last drip')),
          ...some('runoff_mL', number(draft.runoff, 'mL', 'What ran over')),
        },
      };
    case 'moved':
      return some('stand', draft.stand === '' ? undefined : draft.stand);
    case 'seen':
      if (draft.signs.length === 0 && draft.words.trim() === '') throw new Unclear('Say what was seen.');
      return draft.signs.length === 0 ? {} : { signs: [...draft.signs] };
    case 'repotted': {
      const { medium, shape } = draft;
      const [kind, id] = medium.split(':');
      return {
        ...(medium === '' ? {} : { mediumKind: kind as PotMediumKind, mediumId: id as string }),
        ...some('shape', shape),
        ...(draft.depth.trim() === ''
          ? {}
          : { depth_cm: depthOf(draft, shape === undefined ? now : { ...now, shape }) }),
      };
    }
    case 'top-dressed':
    case 'set-up':
    case 'emptied':
      return {};
  }
}

/** The line that the fields say, or what is unclear in it. */
export function readEntry(draft: EntryDraft, now: Now): Said | string {
  const { kind, when, words } = draft;
  const moment = when.trim() === '' ? now.now_ms : readMoment(when, now.now_ms, now.zone);
  if (moment === undefined) return 'Write the time as 8:15, or yesterday 16:40.';
  try {
    return {
      at: new Date(moment).toISOString(),
      kind,
      ...measured(draft, now),
      ...some('words', words.trim() === '' ? undefined : words.trim()),
    };
  } catch (error) {
    if (error instanceof Unclear) return error.message;
    throw error;
  }
}
