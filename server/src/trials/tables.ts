import { TRAITS, type TraitKey } from '@bent-pail/core';
import type { Table, Wanted } from '../exports/table';
import { eventsToTell, readingsToTell } from './tableRepository';

/** What belongs to a run, a pot or a blend is no trial's. */
const isForOthers = (wanted: Wanted): boolean => wanted.trial === undefined && Object.keys(wanted).length > 0;

/** Every reading of trials as it stands, one a row. */
export const trialReadings: Table = {
  name: 'trial-readings',
  columns: [
    'trial',
    'plot',
    'block',
    'place',
    'medium',
    'species',
    'plant',
    'on',
    'age_d',
    'what',
    'value',
    'unit',
    'state',
    'signs',
    'left_out',
    'by',
  ],
  rows: async function* ({ db }, wanted) {
    if (isForOthers(wanted)) return;
    for await (const rows of readingsToTell(db.manager, wanted.trial))
      yield rows.map(({ trait, ...row }) => {
        const known = trait === 'signs' ? undefined : TRAITS[trait as TraitKey];
        return { ...row, what: known?.label ?? 'Signs', unit: known?.unit === '' ? undefined : known?.unit };
      });
  },
};

/** What happened in the middle of trials, water included. */
export const trialEvents: Table = {
  name: 'trial-events',
  columns: ['trial', 'on', 'kind', 'medium', 'water_mL', 'kept_up', 'words', 'by'],
  rows: async function* ({ db }, wanted) {
    if (isForOthers(wanted)) return;
    yield await eventsToTell(db.manager, wanted.trial);
  },
};
