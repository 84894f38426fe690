import { describe, expect, it } from 'vitest';
import { RUBRICS, scorecard, type Rubric } from '../judging';
import { inPot, lotCard, type LotCard, type LotComponent, type LotFigure } from '../lots';
import type { PropertyKey } from '../properties';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { VERDICT_TABLE } from '../verdicts';
import { bestUses, FITS, PLACES, remediesFor, warnings, withRemedies, type BestUse, type RemedyChoice } from '.';

const base = lotCard(pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET)]));
const figure = (property: PropertyKey, mean: number): LotFigure => ({
  ...(base.figures[0] as LotFigure),
  property,
  summary: { mean, n: 2 },
});
/** The lot with figures put onto its card. */
const withFigures = (figures: Readonly<Partial<Record<PropertyKey, number>>>): LotCard => ({
  ...base,
  figures: [
    ...base.figures.filter(({ property }) => figures[property] === undefined),
    ...Object.entries(figures).map(([property, mean]) => figure(property as PropertyKey, mean)),
  ],
});
const usesOf = (card: LotCard): BestUse[] => bestUses(card, VERDICT_TABLE, 'pumice');
const place = (card: LotCard, key: string): BestUse => usesOf(card).find((one) => one.place.key === key) as BestUse;

describe('best uses', () => {
  it('name every place once, best first, each with what speaks for or against it', () => {
    const uses = usesOf(withFigures({ pH: 6, ec_dSm: 0.2 }));
    expect(uses.map((one) => one.place.key).sort()).toEqual(PLACES.map(({ key }) => key).sort());
    const places = uses.map(({ fit }) => FITS.indexOf(fit));
    expect([...places].sort((a, b) => a - b)).toEqual(places);
    for (const { reasons, wanting } of uses) expect(reasons.length + wanting.length).toBeGreaterThan(0);
  });

  it('say what would have to be measured instead of guessing from a class', () => {
    const untested = lotCard(pumiceLot([]));
    expect(place(untested, 'pots')).toMatchObject({ fit: 'unknown' });
    expect(place(untested, 'pots').wanting).toEqual([
      'how much air and water it holds',
      'its pH',
      'its nitrogen, by a laboratory',
    ]);
  });

  it('tell pots alone from pots with nitrogen, and from which week on', () => {
    const fed = { pH: 6, ec_dSm: 0.2, labAmmonium: 0 } as const;
    const nitrogen = (mgL: number) =>
      place(withFigures({ ...fed, labNitrate: mgL }), 'pots').reasons.find(({ text }) => /nitrogen/i.test(text));
    expect(nitrogen(400)?.grade).toBe('good');
    // 80 mg/L at 4 mg/L a day last 20 days.
    expect(nitrogen(80)).toMatchObject({
      grade: 'bearable',
      mend: 'nitrogen',
      text: expect.stringContaining('week 3') as string,
    });
    expect(nitrogen(8)?.text).toMatch(/from the start/);
  });

  it('let what a trial found count where plants grow in it alone, and nowhere else', () => {
    const card = withFigures({ pH: 6, ec_dSm: 0.2 });
    const grownIn = (key: string, ratio: number) =>
      bestUses(card, VERDICT_TABLE, 'pumice', { ratio, trial: 'Spring', reference: 'Peat' }).find(
        (one) => one.place.key === key,
      );
    const reason = (key: string, ratio: number) =>
      grownIn(key, ratio)?.reasons.find(({ text }) => text.startsWith('It grew'));
    expect(reason('seed', 0.9)).toEqual({ grade: 'good', text: 'It grew 0.90 of what grew in Peat (Spring).' });
    expect(reason('seed', 0.7)?.grade).toBe('bearable');
    expect(reason('pots', 0.69)?.grade).toBe('not');
    expect(grownIn('seed', 0.5)?.fit).toBe('not');
    expect(reason('beds', 0.5)).toBeUndefined();
  });

  it('let salt be rinsed out before they say no', () => {
    const salty = place(withFigures({ ec_dSm: 3.5 }), 'seed');
    expect(salty.reasons.find(({ mend }) => mend === 'rinse')?.grade).toBe('not');
    expect(salty.fit).not.toBe('yes');
  });

  it('go by the notebook’s own table', () => {
    const strict = VERDICT_TABLE.map((line) =>
      line.property === 'ec_dSm' && line.use === 'containers'
        ? { ...line, says: 'not' as const, because: 'We take none.' }
        : line,
    );
    const card = withFigures({ ec_dSm: 0.2 });
    const [pots] = bestUses(card, strict, 'pumice').filter((one) => one.place.key === 'pots');
    expect(pots?.reasons[0]).toMatchObject({ grade: 'not', text: 'We take none.' });
  });
});

describe('warnings', () => {
  const not = PLACES.map((one) => ({ place: one, fit: 'not' as const, reasons: [], wanting: [] }));

  it('say what it is not for, what not to buy again and what to ask back', () => {
    expect(warnings(not, { overall: 3.2, weightIn: 0.8, shortBy: 0.14 })).toHaveLength(3);
    expect(warnings([], { overall: 3.2, weightIn: 0.4 })).toEqual([]);
    expect(warnings([], { overall: 6, weightIn: 0.9, shortBy: 0.08 })).toEqual([]);
  });
});

const rubric: Rubric = RUBRICS[0] as Rubric;
const classed = lotCard({
  ...pumiceLot([]),
  name: 'Dark peat',
  materialClass: 'peat-dark',
  price: 8,
  packVolume_L: 40,
});
/** A peat that was measured, and is what its class says. */
const peat: LotCard = {
  ...classed,
  curve: { ...(classed.curve as NonNullable<LotCard['curve']>), kind: 'inferred' },
};
const { air } = inPot(peat.curve as NonNullable<LotCard['curve']>, rubric.container);
/** Air, wanted from so much on. */
const windowed = (from: number): Rubric['criteria'][number] => ({
  ...(rubric.criteria.find(({ name }) => name === 'air') as Rubric['criteria'][number]),
  function: { type: 'window', ideal: [from, 0.95], limits: [from - 0.1, 0.99] },
});
/** The rubric with a window of air that the peat just misses. */
const airier: Rubric = {
  ...rubric,
  criteria: rubric.criteria.map((one) => (one.name === 'air' ? windowed(air + 0.04) : one)),
};
const perlite = lotCard({
  id: 'p',
  name: 'Perlite',
  code: 'P',
  materialId: 'p',
  materialClass: 'perlite-coarse',
  price: 20,
  packVolume_L: 100,
  runs: [],
}).component as LotComponent;
const CHOICE: RemedyChoice = {
  feed: { name: 'a 14 % feed', nitrogen_percent: 14, pricePerKg: 5 },
  lime: { name: 'ground limestone', cce: 0.9, pricePerKg: 1 },
  coarse: { name: 'Perlite', lot: perlite },
  feeder: 'medium',
};

describe('remedies', () => {
  it('mix in the smallest share that brings air to where it is wanted, and say what it costs', () => {
    const found = remediesFor(peat, airier, CHOICE).find(({ kind }) => kind === 'coarse');
    expect(found?.assumed.air).toBeGreaterThanOrEqual(air + 0.04);
    expect(found?.amount?.value).toBeLessThan(0.5);
    const less = remediesFor(peat, { ...airier, criteria: [windowed(air + 0.01)] }, CHOICE);
    expect(less.find(({ kind }) => kind === 'coarse')?.amount?.value).toBeLessThan(found?.amount?.value ?? 0);
    const { coarse: _none, ...without } = CHOICE;
    expect(remediesFor(peat, airier, without).some(({ kind }) => kind === 'coarse')).toBe(false);
  });

  it('mix nothing in that would only fill its gaps', () => {
    const pumiceAir = inPot(base.curve as NonNullable<LotCard['curve']>, rubric.container).air;
    const wanted: Rubric = { ...rubric, caps: [], criteria: [windowed(pumiceAir + 0.05)] };
    expect(remediesFor(base, wanted, CHOICE).some(({ kind }) => kind === 'coarse')).toBe(false);
  });

  it('add the nitrogen that is missing, in grams of the feed that is at hand', () => {
    const card = withFigures({ labNitrate: 20, labAmmonium: 0 });
    const [feed] = remediesFor(card, rubric, CHOICE).filter(({ kind }) => kind === 'nitrogen');
    const mgL = Number(/(\d+) mg of nitrogen/.exec(feed?.sentence ?? '')?.[1]);
    expect(mgL).toBeGreaterThan(10);
    // 14 % is 140 mg in a gram, and a kilogram costs 5.
    expect(feed?.amount?.value).toBeCloseTo(mgL / 140, 2);
    expect(feed?.costPerL).toBeCloseTo((5 * mgL) / 140 / 1000, 4);
    expect(feed?.assumed.nutrients).toBe(1);
  });

  it('lime by the buffer to the near edge of the window', () => {
    const sour: LotCard = {
      ...withFigures({ pH: 4.5 }),
      component: {
        ...(base.component as LotComponent),
        component: { ...(base.component as LotComponent).component, buffer_meqPerLpH: 30 },
      },
    };
    const [lime] = remediesFor(sour, rubric, CHOICE).filter(({ kind }) => kind === 'lime');
    // One pH at 30 meq/L is 30 x 50.04 mg of carbonate, over 0.9: 1.67 g.
    expect(lime?.amount?.value).toBeCloseTo(1.668, 2);
    expect(lime?.assumed).toEqual({ pH: 5.5 });
    const [sulphur] = remediesFor({ ...sour, figures: withFigures({ pH: 7.5 }).figures }, rubric, CHOICE).filter(
      ({ kind }) => kind === 'lime',
    );
    expect(sulphur?.sentence).toMatch(/sulphur/);
  });

  it('rinse by complete mixing, and not where salt is no matter', () => {
    const salted: Rubric = {
      ...rubric,
      criteria: [
        {
          ...(rubric.criteria[0] as Rubric['criteria'][number]),
          name: 'salt',
          kind: 'measured',
          source: { from: 'lot', figure: 'ec_dSm' },
          function: { type: 'window', ideal: [null, 1], limits: [null, 3] },
        },
      ],
      caps: [],
    };
    const card = withFigures({ ec_dSm: 2 });
    const { water } = inPot(base.curve as NonNullable<LotCard['curve']>, rubric.container);
    const [rinse] = remediesFor(card, salted, CHOICE).filter(({ kind }) => kind === 'rinse');
    expect(rinse?.amount?.value).toBeCloseTo(water * Math.LN2, 6);
    expect(remediesFor(withFigures({ ec_dSm: 0.8 }), salted, CHOICE).some(({ kind }) => kind === 'rinse')).toBe(false);
  });

  it('wet what sheds water', () => {
    expect(remediesFor(withFigures({ dropTime_s: 2 }), rubric, CHOICE).some(({ kind }) => kind === 'wetting')).toBe(
      false,
    );
    expect(remediesFor(withFigures({ dropTime_s: 300 }), rubric, CHOICE).some(({ kind }) => kind === 'wetting')).toBe(
      true,
    );
  });

  it('score better once done, and dearer, marked as assumed', () => {
    const remedies = remediesFor(peat, airier, CHOICE);
    const { assumed, costPerL } = withRemedies(remedies, 0.2);
    const before = scorecard(airier, peat, { ratings: [] });
    const after = scorecard(airier, peat, { ratings: [], assumed });
    const airOf = (of: typeof before) => of.criteria.find(({ criterion }) => criterion.name === 'air');
    expect(airOf(after)?.score).toBeGreaterThan(airOf(before)?.score ?? 0);
    expect(airOf(after)).toMatchObject({ assumed: true });
    expect(airOf(before)?.assumed).toBeUndefined();
    // Perlite costs as much as the peat, and some of the volume is lost on mixing.
    expect(assumed.pricePerL).toBeCloseTo(0.2 + costPerL, 9);
    expect(withRemedies([], 0.2)).toEqual({ assumed: {}, costPerL: 0 });
  });
});
