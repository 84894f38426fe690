/**
 * Values that pages offer and the server takes: apart from the classes that check them, so that a page that only offers
 * them need not load these.
 */
export { DEMO_PEOPLE } from './demoPeople';
export { ROLE_NAMES } from './roles';

export const MATERIAL_KINDS = ['material', 'product'] as const;

export const LOT_SORTS = ['newest', 'name', 'air', 'water', 'density', 'ph', 'price'] as const;
/** What lists can stand together by. */
export const LOT_GROUPS = ['kind', 'class'] as const;
export const RUN_GROUPS = ['state', 'protocol', 'person', 'lot'] as const;
export const BLEND_GROUPS = ['pot', 'person'] as const;
export const SCORECARD_GROUPS = ['state'] as const;
export const LOT_STATES = ['measured', 'unmeasured', 'open', 'trouble', 'archived'] as const;
/** A run that was put away is shown where it is asked for. */
export const RUN_STATES = ['open', 'finished', 'archived'] as const;
export const RUN_SORTS = ['newest', 'lot', 'number', 'protocol', 'person'] as const;
export const BLEND_SORTS = ['newest', 'name', 'pot', 'air', 'water', 'ph', 'shrink', 'price'] as const;
export const POT_SORTS = ['name', 'medium', 'filledOn', 'next', 'entries', 'lastAt'] as const;
export const POT_GROUPS = ['place', 'medium'] as const;
export const SCORECARD_SORTS = ['newest', 'name'] as const;

/** Pages with a list that can be kept under a name. */
export const SAVED_PAGES = [
  '/shelf',
  '/shelf/suppliers',
  '/bench',
  '/blend',
  '/pot/diary',
  '/score',
  '/score/claims',
  '/grow',
  '/record',
] as const;

/** Rows of a list's page where nobody says how many, and at most. */
export const PAGE = Object.freeze({ usual: 50, most: 200 });

/** How a lot was prepared from another. */
export const PREPARATIONS = [
  'soaked',
  'fluffed',
  'sieved',
  'rinsed',
  'calcium-soaked',
  'broken',
  'sterilised',
  'moistened',
] as const;

/** How long the practice laboratory takes, min: for a lesson, for a day, as a real one would. */
export const LAB_DELAYS_min = [1, 24 * 60, 5 * 24 * 60] as const;

/** Largest file that is taken, bytes; a phone's photo is smaller. */
export const PHOTO_LIMIT = 12_000_000;

/** Where the words of a claims sheet stand. */
export const CLAIM_SOURCES = ['label', 'page', 'leaflet', 'said'] as const;

/** What may be in a filled pot, and what its diary tells of. */
export const POT_MEDIA = ['blend', 'lot'] as const;
export const POT_ENTRY_KINDS = [
  'watered',
  'weighed',
  'depth',
  'topped-up',
  'top-dressed',
  'fed',
  'poured',
  'moved',
  'set-up',
  'seen',
  'repotted',
  'emptied',
] as const;

/** Whom something comes from: a trader, somebody who gives it away, oneself. */
export const SUPPLIER_KINDS = ['trade', 'free', 'own'] as const;

/** To whom a mix of one's own is sold. */
export const SALE_KINDS = ['trade', 'private'] as const;

/** Which of two rows stands where a file has one otherwise than the notebook. */
export const TAKES = ['ours', 'theirs'] as const;

/** What a key for scripts may do. */
export const TOKEN_SCOPES = ['read', 'write'] as const;

/** Kinds of changes that the history tells of. */
export const CHANGE_KINDS = [
  'corrected',
  'taken-back',
  'excluded',
  'counted',
  'reopened',
  'put-away',
  'brought-back',
  'filling',
  'version',
  'verdict',
  'override',
  'agreed',
  'price',
  'claims',
  'method',
  'edited',
  'year-closed',
  'year-opened',
  'group-out',
  'group-in',
  'class-wiped',
  'plot-out',
  'plot-in',
  'plot-moved',
  'difference-settled',
  'trial-reopened',
] as const;
/** What a change may be about. */
export const CHANGED_THINGS = [
  'run',
  'lot',
  'material',
  'blend',
  'card',
  'pot',
  'pot-result',
  'vessel',
  'verdict',
  'protocol',
  'rubric',
  'person',
  'notebook',
  'place',
  'supplier',
  'use',
  'plant',
  'year',
  'class',
  'trial',
] as const;

/** How large a class may be. */
export const CLASS_LIMITS = Object.freeze({ groups: 40, samples: 4, repeats: 3, phones: 8 });

/** What grows in a trial, what is drawn by lot, what happens in the middle of it, how far it is. */
export const TRIAL_MEDIA = ['blend', 'lot', 'none'] as const;
export const TRIAL_UNITS = ['pot', 'cell', 'tray'] as const;
export const TRIAL_EVENTS = ['watered', 'changed', 'mishap', 'note'] as const;
export const TRIAL_STATES = ['planned', 'running', 'finished'] as const;
export const TRIAL_SORTS = ['newest', 'name', 'sownOn'] as const;

/** What a hand can be trained in. */
export const HAND_KINDS = ['grit', 'moisture', 'squeeze', 'air', 'pH', 'density'] as const;

/** By which a browser says, with whatever it asks, how many readings wait in it. */
export const WAITING_HEADER = 'bent-pail-waiting';
