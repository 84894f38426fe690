import type { PotEntryKind } from '@bent-pail/contract';
import type { CautionKey } from '@bent-pail/core';

/** What a line of a diary tells of. */
export const ENTRY_WORDS: Readonly<Record<PotEntryKind, string>> = {
  watered: 'watered',
  weighed: 'weighed',
  depth: 'depth measured',
  'topped-up': 'topped up',
  'top-dressed': 'top-dressed',
  fed: 'fed',
  poured: 'pour test',
  moved: 'moved',
  'set-up': 'drip, lid or net',
  seen: 'seen',
  repotted: 'repotted',
  emptied: 'emptied',
};

/** What is to be minded while it is done, where there is anything. */
export const ENTRY_CAUTIONS: Readonly<Partial<Record<PotEntryKind, CautionKey>>> = {
  weighed: 'lifting',
  moved: 'lifting',
  'topped-up': 'germs',
  'top-dressed': 'germs',
  repotted: 'germs',
  emptied: 'germs',
  'set-up': 'electric',
};
