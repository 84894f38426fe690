import { standOf, type DeskInput } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { SHELF } from '../testing/desk';
import { askOf, COMPARES, type CompareKey } from './ask';
import { thereOf } from './stands';
import { mediumOf, variantsOf, type Around, type Variant } from './variants';

const POT = { name: 'Pot 15 cm', shape: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 } };
const lot = (id: string) => SHELF.find((one) => one.id === id)?.component as DeskInput['lines'][number]['lot'];
const medium = (id: string) =>
  mediumOf({
    key: `lot:${id}`,
    name: id,
    small: '',
    to: '',
    lotIds: [id],
    input: { lines: [{ parts: 1, lot: lot(id) }], container: POT.shape, model: 'average' },
  });
const MEDIA = [medium('bark-graded'), medium('coir-pith')];
const AROUND = { pot: POT, there: undefined, lots: SHELF };
const of = (text: string, around: Around = AROUND): Variant[] =>
  variantsOf(askOf(new URLSearchParams(text)), MEDIA, around);

describe('pots side by side', () => {
  it('are one of each medium, alike but for that', () => {
    const [bark, coir] = of('stand=wind&wall=clay&mulch=yes&days=7');
    expect([bark?.label, coir?.label]).toEqual(['bark-graded', 'coir-pith']);
    expect({ ...coir?.setup, medium: bark?.setup.medium }).toEqual(bark?.setup);
    expect(bark?.setup).toMatchObject({ stand: 'wind', clay: true, mulched: true, days: 7 });
    expect(variantsOf(askOf(new URLSearchParams()), [], AROUND)).toEqual([]);
  });

  it.each<[CompareKey, (one: Variant) => unknown, readonly unknown[]]>([
    ['depths', ({ setup }) => setup.container.height_cm, [7.5, 15, 30]],
    ['stones', ({ setup }) => setup.lower_cm, [undefined, 3]],
    ['rhythm', ({ setup }) => setup.plan, [1, 7].map((every_d) => ({ kind: 'every', every_d }))],
    ['climate', ({ setup }) => standOf(setup.stand).words, ['wet winter, rain by day', 'terrace in wind']],
    ['wall', ({ setup }) => setup.clay, [false, true]],
    ['mulch', ({ setup }) => setup.mulched, [false, true]],
  ])('of %s are the first in hand, changed in one thing', (key, what, expected) => {
    const pots = of(`vs=${key}`);
    expect(pots.map(what)).toEqual(expected);
    expect(new Set(pots.map(({ medium: { key: own } }) => own))).toEqual(new Set(['lot:bark-graded']));
    expect(new Set(pots.map(({ label }) => label)).size).toBe(pots.length);
  });

  it('are the schools’ own mixes of what is on the shelf, in this pot', () => {
    const pots = of('vs=schools');
    expect(pots.length).toBeGreaterThan(3);
    expect(new Set(pots.map(({ setup }) => setup.medium.retention.alpha_percm)).size).toBeGreaterThan(2);
    expect(COMPARES).toContain('schools');
  });

  it('stand on stones or on soil, and never on more stones than half the pot', () => {
    expect(of('below=stones&below_cm=30')[0]?.setup.lower_cm).toBe(7.5);
    expect(of('below=loam')[0]?.setup.soil).toEqual({ key: 'loam', table_cm: 80 });
  });

  it('stand on the second in hand, which then is none of them, under a net, and are dressed', () => {
    const pots = of('below=second&below_cm=4&net=yes&top=grit:2');
    const [, coir] = MEDIA;
    expect(pots.map(({ label }) => label)).toEqual(['bark-graded']);
    expect(pots[0]?.setup).toMatchObject({
      lower_cm: 4,
      lower: { ks_cms: coir?.ks_cms },
      netted: true,
      top: { key: 'grit', deep_cm: 2 },
    });
    expect(of('top=compost:20')[0]?.setup.top?.deep_cm).toBe(4.5);
    expect(of('below=second&vs=stones')[0]?.setup).not.toHaveProperty('lower');
    const alone = variantsOf(askOf(new URLSearchParams('below=second')), MEDIA.slice(0, 1), AROUND);
    expect(alone[0]?.setup).not.toHaveProperty('lower_cm');
  });

  it('stand at a place that is kept, in its month; two climates leave it, stones do not', () => {
    const months = Array.from({ length: 12 }, (_, i) => ({ mmPerD: i, rain_mmPerD: 0.5 }));
    const placeId = '0190a000-0000-7000-8000-000000000001';
    const place = { id: placeId, name: 'Terrace', months, windy: false, on: 'ground' as const };
    const there = thereOf({ placeId, month: 6 }, [{ ...place, pots: 0, top_m2: 0, topUp_L: 0 }]);
    const around = { ...AROUND, there };
    const asked = { where: 'Terrace in July', mmPerD: 6, rain_mm: 0.5 };
    expect(of('', around)[0]?.setup).toMatchObject(asked);
    expect(of('mm=4', around)[0]?.setup).toMatchObject({ ...asked, mmPerD: 4 });
    expect(of('vs=stones', around)[0]?.setup).toMatchObject(asked);
    expect(of('vs=climate', around)[0]?.setup).not.toHaveProperty('mmPerD');
    expect(of('vs=climate', around)[0]?.setup).not.toHaveProperty('where');
    expect(thereOf({ placeId, month: 6 }, [])).toBeUndefined();
  });
});
