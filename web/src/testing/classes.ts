import type { ClassPage, GroupPage, GroupReading } from '@bent-pail/contract';
import { LESSONS } from '@bent-pail/core';

const LESSON = LESSONS[0] as (typeof LESSONS)[number];
const BEGAN = '2026-11-24T10:00:00Z';

/** Ids as the contract asks for them: of groups by their number, and of the one sample. */
export const groupId = (number: number): string => `01a22d52-1820-76f2-84ea-00000000000${String(number)}`;
export const SAMPLE = '01a22d52-1820-76f2-84ea-0000000000aa';

const at = (minutes: number): string => new Date(Date.parse(BEGAN) + minutes * 60_000).toISOString();

/** Readings of one group: water in and out of each time, the waits ten minutes each. */
export const jugReadings = (times: readonly (readonly [number, number])[], group = 'g'): GroupReading[] =>
  times.flatMap(([added, collected], repeat) => {
    const cell = (step: string, value: number, minutes: number): GroupReading => ({
      id: `${group}${String(repeat)}${step}`,
      sampleId: SAMPLE,
      repeat,
      step,
      value,
      takenAt: at(minutes),
    });
    const began = Date.parse(at(30 * repeat)) / 1000;
    return [
      cell('added', added, 30 * repeat),
      cell('soak', began, 30 * repeat),
      cell('drain', began + 600, 30 * repeat + 10),
      cell('collected', collected, 30 * repeat + 20),
    ];
  });

/** Six groups on one lot; the fourth packed too hard. */
const FOUND: readonly (readonly (readonly [number, number])[])[] = [
  [
    [604, 186],
    [611, 190],
  ],
  [
    [618, 179],
    [609, 184],
  ],
  [
    [596, 193],
    [602, 188],
  ],
  [
    [512, 118],
    [505, 124],
  ],
  [
    [627, 181],
    [615, 176],
  ],
  [],
];

export const classPageOf = (more: Partial<ClassPage> = {}): ClassPage => ({
  id: 'c1',
  name: 'Potting',
  plan: { ...LESSON, sheet: LESSON.sheet.key },
  code: 'ABC346',
  pot: { name: 'V1', volume_mL: 1050, height_cm: 12 },
  samples: [
    {
      id: SAMPLE,
      code: 'D5',
      lotId: 'l1',
      lot: 'Bark, BK-7',
      bench: { air: { value: 18.3, how: 'by the curve', origin: 'worked-out' } },
    },
  ],
  groups: FOUND.map((times, i) => ({
    id: groupId(i + 1),
    number: i + 1,
    phones: 1,
    guesses: ['air', 'held'].map((figure) => ({ sampleId: SAMPLE, figure, value: 15 + 5 * i, margin: 5 })),
    readings: jugReadings(times, `g${String(i + 1)}`),
  })),
  exclusions: [],
  letIn: [],
  beganAt: BEGAN,
  endsAt: '2026-11-24T13:00:00Z',
  isOpen: true,
  by: 'Tam Oswin',
  ...more,
});

export const groupPageOf = (more: Partial<GroupPage> = {}): GroupPage => ({
  groupId: groupId(1),
  number: 1,
  title: LESSON.title,
  aim: LESSON.aim,
  sheet: LESSON.sheet.key,
  repeats: 2,
  questions: LESSON.questions.map(({ ask }) => ask),
  pot: { volume_mL: 1050 },
  samples: [{ id: SAMPLE, code: 'D5' }],
  guesses: [],
  readings: [],
  endsAt: '2026-11-24T13:00:00Z',
  ...more,
});

export const GUESSED = ['air', 'held'].map((figure) => ({ sampleId: SAMPLE, figure, value: 20, margin: 5 }));
