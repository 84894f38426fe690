import { describe, expect, it } from 'vitest';
import { PUMICE_SHEET, pumiceLot, readingsOf, runOf } from '../testing/sampleLot';
import { lotFigures, type LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';
import { inPot, lotCard, pailOfClass, type LotCard } from '.';

const figure = (card: LotCard, key: string) => card.figures.find((one) => one.property === key);

describe('the card of a lot', () => {
  it('shows its pail as measured, at the vessel’s depth, and the parts make the whole', () => {
    const { pail } = lotCard(pumiceLot());
    expect(pail).toMatchObject({ kind: 'measured', height_cm: 12 });
    expect((pail?.solid as number) + (pail?.water as number) + (pail?.air as number)).toBeCloseTo(1, 12);
  });

  it('draws the class’s pail, marked as one, where nothing was weighed', () => {
    expect(lotCard(pumiceLot([])).pail).toMatchObject({ kind: 'class', height_cm: 10 });
    const { materialClass, ...unknown } = pumiceLot([]);
    expect(materialClass).toBeDefined();
    expect(lotCard(unknown).pail).toBeUndefined();
  });

  it('gives a class’s pail as parts that make the whole, and nothing for a class that is not known', () => {
    const pail = pailOfClass('peat-light-fine');
    expect((pail?.solid as number) + (pail?.water as number) + (pail?.air as number)).toBeCloseTo(1, 12);
    expect(pailOfClass('moon-dust')).toBeUndefined();
  });

  it('averages runs of one method and keeps another method apart', () => {
    const one = runOf('saturate-drain-dry', PUMICE_SHEET);
    const two = runOf(
      'saturate-drain-dry',
      { ...PUMICE_SHEET, drained: [1167.5, 1163.1, 1171.4] },
      { id: 'second', number: 2, finishedAt: '2026-11-22T12:00:00Z' },
    );
    const firmed = { ...two, id: 'firm', number: 3, settings: { ...two.settings, packingHabit: 'firmed' as const } };
    const both = lotCard(pumiceLot([one, two]));
    expect(figure(both, 'airSpace')?.runs.map((run) => run.number)).toEqual([2, 1]);
    expect(figure(both, 'airSpace')?.summary.n).toBe(2);
    const apart = lotCard(pumiceLot([one, firmed])).figures.filter((each) => each.property === 'airSpace');
    expect(apart).toHaveLength(2);
    expect(apart[0]?.methodKey).not.toBe(apart[1]?.methodKey);
  });

  it('prices by the true volume once it is poured, by the label until then', () => {
    expect(figure(lotCard(pumiceLot()), 'pricePerL')).toMatchObject({ origin: 'label', summary: { mean: 9.6 / 40 } });
    const poured = lotCard(pumiceLot([runOf('bag-volume', { volume: [38] })]));
    expect(figure(poured, 'pricePerL')).toMatchObject({ origin: 'worked-out', summary: { mean: 9.6 / 38 } });
  });

  it('names what is missing and which run would give it', () => {
    expect(lotCard(pumiceLot([])).missing.map((one) => one.protocol)).toEqual([
      'saturate-drain-dry',
      'ph-1to5',
      'ec-1to2',
      'bag-volume',
    ]);
    expect(lotCard(pumiceLot()).missing.map((one) => one.protocol)).not.toContain('saturate-drain-dry');
  });

  it('an unfinished run counts for nothing yet', () => {
    const { finishedAt, ...open } = runOf('saturate-drain-dry', PUMICE_SHEET);
    expect(finishedAt).toBeDefined();
    expect(lotCard(pumiceLot([open])).pail?.kind).toBe('class');
  });
});

describe('the curve inferred from one depth', () => {
  it('holds the measured capacity at the depth where the medium stood', () => {
    const { curve, figures } = lotCard(pumiceLot());
    if (curve?.kind !== 'inferred') throw new Error('not inferred');
    const capacity = figures.find((one) => one.property === 'containerCapacity')?.summary.mean as number;
    const vessel = curve.vessel ?? { height_cm: 0 };
    // Nearly: what three repeats say, and a little of what is usual for pumice.
    expect(Math.abs(inPot(curve, vessel).water - capacity)).toBeLessThan(0.005);
    expect(vessel.height_cm).toBeCloseTo((11.9 + 11.9 + 11.8) / 3, 9);
  });

  it('takes the depth that counts: corrected ones and excluded replicates do not', () => {
    const run = runOf('saturate-drain-dry', PUMICE_SHEET);
    const [old] = readingsOf({ drainedDepth: [11.9] });
    const corrected = {
      ...run,
      readings: [
        ...run.readings,
        { ...(old as object), id: 'fix', value: 11.6, corrects: 'drainedDepth0', reason: 'misread' } as never,
      ],
      exclusions: [{ replicate: 2, reason: 'spilt' }],
    };
    const { curve } = lotCard(pumiceLot([corrected]));
    expect(curve?.vessel?.height_cm).toBeCloseTo((11.6 + 11.9) / 2, 9);
  });

  it('follows what was measured where the class’s shape would not get so dry', () => {
    const open = { ...PUMICE_SHEET, drained: [947.6, 944.3, 951] };
    const { curve, figures } = lotCard(pumiceLot([runOf('saturate-drain-dry', open)]));
    if (curve === undefined) throw new Error('no curve');
    const capacity = figures.find((one) => one.property === 'containerCapacity')?.summary.mean as number;
    expect(Math.abs(inPot(curve, curve.vessel ?? { height_cm: 0 }).water - capacity)).toBeLessThan(0.03);
    expect(curve.retention.thetaR).toBeLessThan(0.163);
  });

  it('holds less water in a deeper pot', () => {
    const { curve } = lotCard(pumiceLot());
    if (curve === undefined) throw new Error('no curve');
    expect(inPot(curve, { height_cm: 25 }).water).toBeLessThan(inPot(curve, { height_cm: 10 }).water);
  });
});

describe('a lot at the blend desk', () => {
  it('counts a loose litre by what it settles to, and prices the settled litre', () => {
    const { component } = lotCard(pumiceLot());
    const settled = (11.9 + 11.9 + 11.8) / 3 / 12;
    expect(component?.settledPerLoose).toBeCloseTo(settled, 9);
    expect(component?.component.pricePerL).toBeCloseTo(9.6 / 40 / settled, 9);
  });

  it('says of every field whether it was measured here', () => {
    const origins = lotCard(pumiceLot()).component?.origins;
    expect(origins?.find((one) => one.field === 'dryBulkDensity_gcc')?.origin).toBe('measured');
    expect(origins?.find((one) => one.field === 'pH')?.origin).toBe('class');
    expect(origins?.find((one) => one.field === 'retention')?.origin).toBe('inferred');
  });

  it('is unknown without a run and without a class', () => {
    const { materialClass, ...unknown } = pumiceLot([]);
    expect(materialClass).toBeDefined();
    expect(lotCard(unknown).component).toBeUndefined();
  });
});

describe('the price of a litre', () => {
  const priced = (more: Partial<LotRecord>): LotFigure | undefined =>
    lotFigures({ ...pumiceLot([]), price: 9.1, packVolume_L: 50, ...more }).find(
      ({ property }) => property === 'pricePerL',
    );

  it('goes by the label until somebody says how far it opens, and names who', () => {
    expect(priced({})?.summary.mean).toBeCloseTo(0.182, 9);
    const opened = priced({ opensTo: 1.82, opensToBy: 'the supplier' });
    expect(opened?.summary.mean).toBeCloseTo(0.1, 9);
    expect(opened?.origin).toBe('label');
    expect(opened?.working.from?.map(({ label }) => label)).toContain('times that it opens to, by the supplier');
    expect(priced({ opensTo: 1.82 })?.working.from?.at(-1)?.label).toBe('times that it opens to');
  });

  it('goes by what was poured out, whatever anybody says', () => {
    const runs = [runOf('bag-volume', { volume: [62] })];
    const { property: _, ...poured } = priced({ runs, opensTo: 1.82 }) ?? { property: '' };
    const bag = lotFigures({ ...pumiceLot(runs) }).find(({ property }) => property === 'bagVolume_L');
    expect(bag).toBeDefined();
    expect(poured).toMatchObject({ method: 'true volume', summary: { mean: 9.1 / (bag?.summary.mean as number) } });
  });

  it('goes by what a kilogram of it opened to here where the pack’s weight is known', () => {
    const runs = [runOf('expansion', { dry: [2], water: [12], loose: [26] })];
    const opened = priced({ runs, packWeight_kg: 5, opensTo: 1.82 });
    expect(opened).toMatchObject({ origin: 'worked-out', method: 'opened here, by weight' });
    expect(opened?.summary.mean).toBeCloseTo(9.1 / (5 * 13), 9);
    expect(opened?.working.from?.map(({ label }) => label)).toEqual([
      'price of the pack',
      'the pack weighs',
      'a kilogram opens to',
    ]);
    expect(priced({ runs })?.method).toBe('label’s volume');
    const { packVolume_L: _, ...sold } = { ...pumiceLot(runs), price: 9.1, packWeight_kg: 5 };
    expect(lotCard(sold).component?.facts.bag_L).toBeCloseTo(65, 9);
  });

  it('counts whole packs by what they open to', () => {
    const lot = { ...pumiceLot([]), packVolume_L: 50, opensTo: 1.82 };
    expect(lotCard(lot).component?.facts.bag_L).toBeCloseTo(91, 9);
    expect(lotCard({ ...lot, opensTo: undefined } as never).component?.facts.bag_L).toBeUndefined();
  });
});
