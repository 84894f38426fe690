import { BEDS_KEY, rubricRows } from '../../testing/rubrics';
import { scoreOf, type Rubric } from '@bent-pail/core';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { AMERICAN, openPage } from '../../testing/page';
import { bodyOf, bodyOfRubric, draftOf, firstFunction, sharesOf, type DraftFunction, type DraftRubric } from './draft';
import { FunctionFields } from './FunctionFields';
import { fileNameOf, fileText, readRubricFile } from './rubricFile';
import { RubricPage } from './RubricPage';
import { RubricsPage } from './RubricsPage';

const rows = rubricRows();
const beds = rows.find(({ rubric }) => rubric.key === BEDS_KEY)?.rubric as Rubric;

describe('a rubric as it is edited', () => {
  it.each(rows.map(({ rubric }) => [rubric.key, rubric] as const))('%s comes back as it went', (_, rubric) => {
    openPage(<p>a page</p>, { units: AMERICAN });
    const body = bodyOf(draftOf(bodyOfRubric(rubric)));
    expect(body).toMatchObject({ label: rubric.label, container: { height_cm: rubric.container.height_cm } });
    expect(body.criteria.map(({ weight }) => weight)).toEqual(rubric.criteria.map(({ weight }) => weight));
    expect(body.criteria.map((one) => one.function)).toEqual(rubric.criteria.map((one) => one.function));
    // A copy keeps the words beside the scales and the faults to tick.
    expect(body).toEqual(bodyOfRubric(rubric));
  });

  it('takes words down a scale, and says which has no number', () => {
    openPage(<p>a page</p>);
    const draft = draftOf(bodyOfRubric(beds));
    const smell = draft.criteria.find(({ by }) => by === 'panel');
    if (smell === undefined) throw new Error('nothing for a panel');
    const worded = (words: string) => bodyOf({ ...draft, criteria: [{ ...smell, words }] }).criteria[0]?.words;
    expect(worded('9,5 like a wood; 2 stale')).toEqual([
      { at: 9.5, word: 'like a wood' },
      { at: 2, word: 'stale' },
    ]);
    expect(worded('  ')).toBeUndefined();
    expect(() => worded('stale')).toThrow(/needs a number and a word/);
  });

  it('is judged by what is told as well', () => {
    openPage(<p>a page</p>);
    const draft = draftOf(bodyOfRubric(beds));
    const [first] = draft.criteria;
    if (first === undefined) throw new Error('no criteria');
    for (const by of ['growth', 'must', 'claims', 'nutrients-medium'] as const) {
      const [criterion] = bodyOf({ ...draft, criteria: [{ ...first, by, fn: firstFunction(by) }] }).criteria;
      expect(criterion).toMatchObject({ by });
    }
  });

  it('takes bands, commas and open sides', () => {
    openPage(<p>a page</p>);
    const [price, air] = draftOf(bodyOfRubric(beds)).criteria;
    if (price === undefined || air === undefined) throw new Error('no criteria');
    const bands = [
      { upTo: '0,2', score: '10' },
      { upTo: '', score: '3' },
    ];
    const draft: DraftRubric = {
      ...draftOf(bodyOfRubric(beds)),
      criteria: [
        { ...price, fn: { type: 'bands', bands } },
        { ...air, fn: { type: 'window', ends: ['', '0,15', '', ''] } },
      ],
    };
    const [first, second] = bodyOf(draft).criteria;
    expect(first?.function).toEqual({ type: 'bands', bands: [{ upTo: 0.2, score: 10 }, { score: 3 }] });
    expect(second?.function).toEqual({ type: 'window', ideal: [0.15, null], limits: [0.15, null] });
  });

  it('says which number cannot be read', () => {
    openPage(<p>a page</p>);
    const draft = draftOf(bodyOfRubric(beds));
    const [price] = draft.criteria;
    if (price === undefined) throw new Error('no criteria');
    expect(() => bodyOf({ ...draft, criteria: [{ ...price, fn: { type: 'line', at0: 'dear', at10: '0' } }] })).toThrow(
      /“dear” is not a number/,
    );
    expect(() =>
      bodyOf({ ...draft, criteria: [{ ...price, fn: { type: 'window', ends: ['', '', '', ''] } }] }),
    ).toThrow(/at least one side/);
  });

  it('has weights that are always a whole', () => {
    expect(sharesOf([{ weight: 1 }, { weight: 3 }])).toEqual([25, 75]);
    expect(sharesOf([{ weight: 0 }, { weight: 0 }])).toEqual([0, 0]);
  });
});

describe('rubrics', () => {
  const open = (role: 'lead' | 'tester' = 'lead') =>
    openPage(<RubricPage />, {
      role,
      at: '/score/rubrics/beds',
      path: '/score/rubrics/:key',
      answers: { 'GET /rubrics': rows, 'POST /rubrics': rows },
    });

  it('stand in a list with their weights', async () => {
    openPage(<RubricsPage />, { answers: { '/rubrics': rows } });
    const line = (await screen.findByRole('link', { name: 'Beds above ground' })).closest('li') as HTMLElement;
    expect(within(line).getByText('30 %')).toBeTruthy();
    expect(within(line).getByText(/as it ships/)).toBeTruthy();
  });

  it('that ship are copied by a lead, changed, and kept as one’s own', async () => {
    const user = userEvent.setup();
    const told = open();
    expect(await screen.findByText(/Where Foreign bits scores under/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Change it' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Copy it' }));
    const at10 = screen.getAllByLabelText('Scores 10 at /L')[0] as HTMLElement;
    await user.clear(at10);
    await user.type(at10, '0.05');
    await user.click(screen.getByRole('button', { name: 'take out Smell' }));
    await user.click(screen.getByRole('button', { name: /Keep it as a rubric of our own/ }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    const { body } = told[0] as { readonly body: Record<string, unknown> };
    expect(body).toMatchObject({ version: 0, label: 'Beds above ground, ours', caps: [{ criterion: 'Foreign bits' }] });
    const criteria = body.criteria as {
      readonly label: string;
      readonly function: Rubric['criteria'][number]['function'];
    }[];
    expect(criteria.map(({ label }) => label)).not.toContain('Smell');
    expect(scoreOf(criteria[0]?.function ?? { type: 'direct' }, 0.05)).toBe(10);
  });

  it('are only read by a tester', async () => {
    open('tester');
    await screen.findByText(/Where Foreign bits scores under/);
    expect(screen.queryByRole('button', { name: 'Copy it' })).toBeNull();
  });
});

describe('bands', () => {
  const bands = (...ends: readonly string[]) => ({
    type: 'bands' as const,
    bands: [...ends.map((upTo) => ({ upTo, score: '8' })), { upTo: '', score: '2' }],
  });

  it('are a stair whose steps are dragged, once all of them can be read', () => {
    const told: DraftFunction[] = [];
    openPage(
      <FunctionFields
        by="pricePerL"
        unit="/L"
        fn={bands('0,2', '0.4')}
        onFn={(fn) => {
          told.push(fn);
        }}
      />,
    );
    const step = screen.getByRole('slider', { name: 'End of band 1' });
    fireEvent.keyDown(step, { key: 'ArrowRight' });
    const [moved] = told;
    expect(moved?.type === 'bands' && Number(moved.bands[0]?.upTo)).toBeGreaterThan(0.2);
    expect(moved?.type === 'bands' && moved.bands[1]?.upTo).toBe('0.4');
  });

  it('that are out of order or not full are only typed', () => {
    for (const fn of [bands('0.4', '0.2'), bands('')]) {
      openPage(<FunctionFields by="pricePerL" unit="/L" fn={fn} onFn={() => undefined} />);
      expect(screen.queryByRole('slider')).toBeNull();
      cleanup();
    }
  });
});

describe('a rubric as a file', () => {
  it('is read by another notebook as it was saved', async () => {
    expect(await readRubricFile(fileText(beds))).toEqual(bodyOfRubric(beds));
    expect(fileNameOf(beds)).toBe('beds-above-ground-1');
  });

  it.each<[string, RegExp]>([
    ['not json', /cannot be read/],
    ['[1]', /not a file of a rubric/],
    ['{"kind":"bent-pail recipe"}', /not a file of a rubric/],
    ['{"kind":"bent-pail rubric","form":2}', /another version/],
    [JSON.stringify({ kind: 'bent-pail rubric', form: 1, ...bodyOfRubric(beds), label: '' }), /Name the rubric/],
    [
      JSON.stringify({ kind: 'bent-pail rubric', form: 1, ...bodyOfRubric(beds), criteria: [] }),
      /at least one criterion/,
    ],
    ['x'.repeat(100_001), /too large/],
  ])('%# is refused with a sentence', async (text, sentence) => {
    expect(await readRubricFile(text)).toMatch(sentence);
  });

  it('is looked through before it is kept, and refused where it is none', async () => {
    const user = userEvent.setup();
    const told = openPage(<RubricsPage />, {
      role: 'lead',
      answers: { '/rubrics': rows },
    });
    const input = await screen.findByLabelText('File of a rubric');
    await user.upload(input, new File(['{}'], 'odd.json', { type: 'application/json' }));
    expect(await screen.findByText('This is not a file of a rubric.')).toBeTruthy();
    await user.upload(input, new File([fileText(beds)], 'beds.json', { type: 'application/json' }));
    expect(await screen.findByText(/^Beds above ground, from a file/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Keep it as a rubric of our own' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: '/rubrics', body: { version: 0, label: 'Beds above ground' } });
  });
});
