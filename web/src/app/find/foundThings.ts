import type { Found as Thing, FoundKind } from '@bent-pail/contract';

interface KindOfThing {
  readonly words: string;
  readonly to: (id: string) => string;
}

/** Where each kind of thing is, and what it is called. */
const KIND_WORDS: Readonly<Record<FoundKind, KindOfThing>> = {
  lot: { words: 'Lots and products', to: (id) => `/shelf/lots/${id}` },
  run: { words: 'Runs', to: (id) => `/bench/runs/${id}` },
  blend: { words: 'Blends', to: (id) => `/blend/${id}` },
  card: { words: 'Scorecards', to: (id) => `/score/cards/${id}` },
  pot: { words: 'Filled pots', to: (id) => `/pot/diary/${id}` },
  place: { words: 'Places', to: () => '/pot/places' },
  class: { words: 'Classes', to: (id) => `/class/${id}` },
  trial: { words: 'Trials', to: (id) => `/grow/${id}` },
  supplier: { words: 'Suppliers', to: (id) => `/shelf/suppliers/${id}` },
  vessel: { words: 'Vessels', to: () => '/bench/vessels' },
  instrument: { words: 'Instruments', to: () => '/bench/instruments' },
  person: { words: 'People', to: () => '/you' },
  note: { words: 'Notes of runs', to: (id) => `/bench/runs/${id}` },
  diary: { words: 'Lines of diaries', to: (id) => `/pot/diary/${id}` },
};

const runCalled = (number: string): string => `Run ${number}`;

/** A thing as a line that leads to it. */
export const lineOf = ({ kind, id, title, about }: Thing, i: number) => ({
  key: `${KIND_WORDS[kind].to(id)}#${String(i)}`,
  words: kind === 'run' ? runCalled(title) : title,
  note: kind === 'note' && about !== undefined ? runCalled(about) : about,
  group: KIND_WORDS[kind].words,
});

/** Who types that means to start a run on what comes after. */
export const runOn = (text: string): string | undefined => /^(?:start\s+)?(?:a\s+)?run\s+on\s+(\S.*)$/i.exec(text)?.[1];

/** A lot as the act of starting a run on it. */
export const startOn = ({ id, title }: Thing) => ({
  key: `/bench?lot=${id}`,
  words: `Start a run on ${title}`,
  group: 'Start a run',
});
