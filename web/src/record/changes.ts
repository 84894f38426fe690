import type { ChangeKind, ChangeRow } from '@bent-pail/contract';
import { CIRCUMSTANCE_WORDS, SETTLED_WORDS } from '@bent-pail/core';
import { counted } from '../kit/format';
import { valueSaid } from './editedFields';

/** Changes as they are called. */
export const CHANGE_WORDS: Readonly<Record<ChangeKind, string>> = {
  corrected: 'reading corrected',
  'taken-back': 'reading taken back',
  excluded: 'replicate left out',
  counted: 'replicate counted again',
  reopened: 'run opened again',
  'put-away': 'put away',
  'brought-back': 'brought back',
  filling: 'vessel measured again',
  version: 'blend kept',
  verdict: 'verdict written anew',
  override: 'mark overridden',
  agreed: 'mark agreed on',
  price: 'price seen',
  claims: 'claims sheet kept',
  method: 'protocol or rubric kept',
  edited: 'edited',
  'year-closed': 'year closed',
  'year-opened': 'year opened again',
  'group-out': 'group of a class left out',
  'group-in': 'group of a class taken in again',
  'class-wiped': 'class wiped',
  'plot-out': 'plot of a trial left out',
  'plot-in': 'plot of a trial taken in again',
  'plot-moved': 'plot of a trial moved',
  'difference-settled': 'difference in a trial settled',
  'trial-reopened': 'trial opened again',
};

/** Changes whose old and new are numbers of versions. */
const VERSIONS: readonly ChangeKind[] = ['version', 'claims', 'method'];

/** What was, or is: a value, or the number of a version. */
export const changeSaid = (
  { kind, field }: Pick<ChangeRow, 'kind' | 'field'>,
  value: string | undefined,
  currency: string,
): string => {
  if (value === undefined) return '';
  if (kind === 'price' || field === 'lots.price') return `${currency}${value}`;
  if (kind === 'difference-settled') return SETTLED_SAID[value] ?? value;
  if (kind === 'class-wiped') return counted(Number(value), 'reading', 'readings');
  if (field !== undefined) return valueSaid(field, value);
  return VERSIONS.includes(kind) ? `version ${value}` : value;
};

const CIRCUMSTANCES_SAID: Readonly<Partial<Record<string, string>>> = CIRCUMSTANCE_WORDS;
const SETTLED_SAID: Readonly<Partial<Record<string, string>>> = SETTLED_WORDS;

/** Which part of its thing a change is about. */
export const partSaid = ({ kind, part = '' }: Pick<ChangeRow, 'kind' | 'part'>): string =>
  kind === 'difference-settled' ? (CIRCUMSTANCES_SAID[part] ?? part) : part;

/** What a change is about, as it is called. */
export const thingSaid = ({ title, number }: Pick<ChangeRow, 'title' | 'number'>): string =>
  // Of what was wiped no name is left.
  title === '' ? 'a class' : number === undefined ? title : `Run ${String(number)}, ${title}`;

/** Where a change's thing is, or the list that it stands in. */
export function placeOfChange({ of: { kind, id }, title }: Pick<ChangeRow, 'of' | 'title'>): string {
  switch (kind) {
    case 'run':
      return `/bench/runs/${id}`;
    case 'material':
      return `/shelf?find=${encodeURIComponent(title)}`;
    case 'lot':
      return `/shelf/lots/${id}`;
    case 'blend':
      return `/blend/${id}`;
    case 'card':
      return `/score/cards/${id}`;
    case 'pot':
      return `/pot/diary/${id}`;
    case 'pot-result':
      return '/pot';
    case 'person':
    case 'notebook':
      return '/you';
    case 'class':
      return title === '' ? '/class' : `/class/${id}`;
    case 'trial':
      return `/grow/${id}`;
    case 'year':
      return '/record/files';
    case 'place':
      return '/pot/places';
    case 'supplier':
      return `/shelf/suppliers/${id}`;
    case 'use':
      return '/blend/uses';
    case 'plant':
      return '/blend/plants';
    case 'vessel':
      return '/bench/vessels';
    case 'verdict':
      return '/verdicts';
    case 'protocol':
      return '/bench/protocols';
    case 'rubric':
      return '/score/rubrics';
  }
}
