import type { TrialEventKind, TrialState } from '@bent-pail/contract';
import type { Circumstance, TrialPlan } from '@bent-pail/core';

export const STATE_WORDS: Readonly<Record<TrialState, string>> = {
  planned: 'planned, not laid out yet',
  running: 'growing',
  finished: 'finished',
};

export const EVENT_WORDS: Readonly<Record<TrialEventKind, string>> = {
  watered: 'watered',
  changed: 'changed',
  mishap: 'mishap',
  note: 'note',
};

/** What is drawn by lot, one and many. */
export const UNIT_WORDS: Readonly<Record<TrialPlan['unit'], { readonly one: string; readonly many: string }>> = {
  pot: { one: 'pot', many: 'pots' },
  cell: { one: 'cell', many: 'cells' },
  tray: { one: 'tray', many: 'trays' },
};

export const CIRCUMSTANCE_LABELS: Readonly<Record<Circumstance, string>> = {
  sownOn: 'Sown on',
  variety: 'Variety',
  cover: 'Seed covered with',
  light: 'Light',
  feed: 'Feed',
  container: 'Container',
  watering: 'Watering rule',
};
