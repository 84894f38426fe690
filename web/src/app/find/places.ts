import type { Role } from '@bent-pail/contract';

/** A page or an act, as it is found by its words. */
interface Place {
  readonly words: string;
  readonly to: string;
  /** Other words for the same. */
  readonly also?: string;
  readonly roles: readonly Role[];
}

const ALL: readonly Role[] = ['lead', 'tester', 'reader'];
const WORKS: readonly Role[] = ['lead', 'tester'];
const LEADS: readonly Role[] = ['lead'];

/** What can be done, and where things are. */
export const PLACES: readonly Place[] = [
  { words: 'Start a run', to: '/bench?start', also: 'measure test weigh sheet', roles: WORKS },
  { words: 'Put a lot on the shelf', to: '/shelf/new', also: 'new material bag product buy', roles: WORKS },
  { words: 'A pot was filled', to: '/pot/diary', also: 'new filled pot diary', roles: WORKS },
  { words: 'Open a sitting', to: '/score?start', also: 'panel rate score', roles: LEADS },
  {
    words: 'Take the notebook away',
    to: '/record/files',
    also: 'export download json zip excel spreadsheet',
    roles: LEADS,
  },
  { words: 'Take a file in', to: '/record/files', also: 'import upload merge json', roles: LEADS },
  { words: 'Close the year', to: '/record/files', also: 'year end archive', roles: LEADS },
  { words: 'Back up now', to: '/record/files', also: 'backup save restore', roles: LEADS },
  { words: 'Begin a class', to: '/class', also: 'lesson pupils groups school', roles: WORKS },
  { words: 'Today', to: '/', also: 'due waits calendar', roles: ALL },
  { words: 'Shelf', to: '/shelf', also: 'lots materials', roles: ALL },
  { words: 'Suppliers', to: '/shelf/suppliers', also: 'delivery gate', roles: ALL },
  { words: 'Bench', to: '/bench', also: 'runs', roles: ALL },
  { words: 'Round', to: '/bench/round', also: 'weighings in a row', roles: WORKS },
  { words: 'Protocols', to: '/bench/protocols', also: 'methods how to', roles: ALL },
  { words: 'Instruments', to: '/bench/instruments', also: 'meter calibration pen', roles: ALL },
  { words: 'Vessels', to: '/bench/vessels', also: 'volume filling tare', roles: ALL },
  { words: 'Laboratory', to: '/bench/laboratory', also: 'report sample send', roles: ALL },
  { words: 'Devices', to: '/bench/devices', also: 'scale cable serial plug', roles: ALL },
  { words: 'Blend', to: '/blend', also: 'mixes recipes', roles: ALL },
  { words: 'The desk', to: '/blend/desk', also: 'new blend mix recipe predict', roles: WORKS },
  { words: 'Plants and what they want', to: '/blend/plants', roles: ALL },
  { words: 'Uses and their windows', to: '/blend/uses', also: 'profiles aims', roles: ALL },
  { words: 'How far predictions hold', to: '/blend/trust', also: 'bands learning accuracy', roles: ALL },
  { words: 'Pot', to: '/pot', also: 'drain dry water in time', roles: ALL },
  { words: 'Filled pots', to: '/pot/diary', also: 'diary water next', roles: ALL },
  { words: 'Places', to: '/pot/places', also: 'climate weather stand', roles: ALL },
  { words: 'Score', to: '/score', also: 'cards products', roles: ALL },
  { words: 'Price board', to: '/score/prices', also: 'cost litre cheap', roles: ALL },
  { words: 'Ranking', to: '/score/ranking', also: 'best weights', roles: ALL },
  { words: 'Panel and agreement', to: '/score/panel', also: 'raters marks', roles: ALL },
  { words: 'Rubrics', to: '/score/rubrics', also: 'criteria weights', roles: ALL },
  { words: 'Claims sheets', to: '/score/claims', also: 'label letter', roles: ALL },
  { words: 'Class', to: '/class', also: 'lessons pupils groups teacher school', roles: ALL },
  { words: 'Train the hand', to: '/class/hand', also: 'grit squeeze estimate blind', roles: WORKS },
  { words: 'Join a class', to: '/join', also: 'code phone group', roles: ALL },
  { words: 'Shop desk', to: '/shop', also: 'buy which bag', roles: ALL },
  { words: 'Verdicts', to: '/verdicts', also: 'advice is it true', roles: ALL },
  { words: 'Words', to: '/words', also: 'glossary meaning', roles: ALL },
  { words: 'History', to: '/record', also: 'who changed what corrections', roles: ALL },
  { words: 'Keys for scripts', to: '/record/keys', also: 'api token openapi curl', roles: ALL },
  { words: 'What scripts may ask', to: '/record/api', also: 'api routes openapi', roles: ALL },
  { words: 'You, people and settings', to: '/you', also: 'password units people roles zone', roles: ALL },
];

/** Places that somebody of a role finds by some words. */
export function placesFor(text: string, role: Role): readonly Place[] {
  const asked = text.toLowerCase().split(/\s+/);
  return PLACES.filter(({ words, also = '', roles }) => {
    const told = `${words} ${also}`.toLowerCase();
    return roles.includes(role) && asked.every((word) => told.includes(word));
  });
}
