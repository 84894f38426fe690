import { describe, expect, it } from 'vitest';
import { seededRandom } from '../scoring';
import { ageAlign, compareGroups, germination, halfUp, layout, lettersOf } from '.';

const group = (name: string, values: readonly number[], more: object = {}) => ({ name, values: [...values], ...more });

describe('comparing groups', () => {
  it('averages what belongs to one unit first: cells of a tray are no repeats', () => {
    const tray = (name: string, at: number) =>
      group(name, [at, at + 1, at + 10, at + 11, at + 20, at + 21], { unit: ['1', '1', '2', '2', '3', '3'] });
    const found = compareGroups({ groups: [tray('A', 0), tray('B', 5)] });
    expect(found.groups.map(({ n }) => n)).toEqual([3, 3]);
    expect(found.welch?.df2).toBe(4);
  });

  it('makes no p of one tray a medium, by any way in', () => {
    const cells = { unit: ['1', '1', '1'] };
    const ways = [
      [group('A', [1]), group('B', [2])],
      [group('A', [1, 2, 3], cells), group('B', [4, 5, 6], cells)],
      [
        group('A', [1, 2, 3], { ...cells, block: ['x', 'x', 'x'] }),
        group('B', [4, 5, 6], { ...cells, block: ['y', 'y', 'y'] }),
      ],
      [group('A', [1], { block: ['x'] }), group('B', [2], { block: ['y'] })],
      [group('A', [1, 2, 3, 4]), group('B', [2])],
    ];
    for (const groups of ways) {
      const found = compareGroups({ groups });
      expect(found.method).toBe('none');
      expect(found.checks.map(({ code }) => code)).toEqual(['one-unit']);
      expect(JSON.stringify(found)).not.toMatch(/"p"/);
      expect(found.sentence).toMatch(/the tray that it stood in/);
    }
  });

  it('makes none of two units, nor of units that are all alike', () => {
    const few = compareGroups({ groups: [group('A', [1, 2]), group('B', [3, 4, 5])] });
    expect(few.checks.map(({ code }) => code)).toEqual(['few-units']);
    const alike = compareGroups({ groups: [group('A', [1, 1, 1]), group('B', [3, 4, 5])] });
    expect(alike.checks.map(({ code }) => code)).toEqual(['no-variance']);
    expect(alike.pairs[0]).toEqual({ a: 'A', b: 'B', difference: -3 });
  });

  it('takes blocks where all stand in them, and says what it can rule out', () => {
    const block = ['s1', 's2', 's3', 's4'];
    const found = compareGroups({
      groups: [group('A', [20, 30, 40, 50], { block }), group('B', [20.5, 30.9, 39.4, 50.9], { block })],
    });
    expect(found).toMatchObject({ method: 'blocks', friedman: { df: 1 } });
    expect(found.sentence).toMatch(/^No two can be told apart: no difference larger than 1\.\d+ is likely\.$/);
    const apart = compareGroups({
      groups: [group('A', [20, 30, 40, 50], { block }), group('B', [25, 35.2, 44.9, 55.1], { block })],
    });
    expect(apart.sentence).toMatch(/^B lies 5\.05 \(\d\.\d+ to \d\.\d+\) above A\.$/);
  });

  it('is given up where blocks do not link the groups', () => {
    const found = compareGroups({
      groups: [
        group('A', [1, 2, 3], { block: ['x', 'x', 'y'] }),
        group('B', [1, 2, 4], { block: ['x', 'y', 'y'] }),
        group('C', [1, 2], { block: ['z', 'u'] }),
        group('D', [1, 3], { block: ['z', 'u'] }),
      ],
    });
    expect(found).toMatchObject({ method: 'none' });
    expect(found.checks.map(({ code }) => code)).toEqual(['blocks-do-not-link']);
  });

  it.each([
    [[group('A', [1, 2, 3])], 'groups'],
    [[group('A', []), group('B', [1])], 'groups[0].values'],
    [[group('A', [1]), group('A', [2])], 'groups[1].name'],
    [[group('A', [1, 2], { block: ['x'] }), group('B', [1])], 'groups[0].block'],
    [[group('A', [1, 2], { unit: ['u', 'u'], block: ['x', 'y'] }), group('B', [1])], 'groups[0].block[1]'],
  ])('refuses %j', (groups, path) => {
    expect(() => compareGroups({ groups })).toThrow(expect.objectContaining({ path }) as Error);
  });
});

describe('letters', () => {
  it('are shared by those that cannot be told apart, and as few as can be', () => {
    const differs = (pairs: readonly string[]) => (i: number, j: number) => pairs.includes(`${String(i)}${String(j)}`);
    expect(lettersOf(3, differs(['02']))).toEqual(['a', 'ab', 'b']);
    expect(lettersOf(3, differs([]))).toEqual(['a', 'a', 'a']);
    expect(lettersOf(3, differs(['01', '02', '12']))).toEqual(['a', 'b', 'c']);
    expect(lettersOf(4, differs(['02', '03', '13']))).toEqual(['a', 'ab', 'bc', 'c']);
  });

  it('say for each pair what its test says, whatever differs', () => {
    const random = seededRandom(4);
    for (let round = 0; round < 300; round += 1) {
      const count = 2 + Math.floor(random() * 6);
      const apart = new Set<string>();
      for (let i = 0; i < count; i += 1)
        for (let j = i + 1; j < count; j += 1) if (random() < 0.4) apart.add(`${String(i)} ${String(j)}`);
      const letters = lettersOf(count, (i, j) => apart.has(`${String(i)} ${String(j)}`));
      for (let i = 0; i < count; i += 1)
        for (let j = i + 1; j < count; j += 1) {
          const share = [...(letters[i] as string)].some((letter) => letters[j]?.includes(letter));
          expect(share).toBe(!apart.has(`${String(i)} ${String(j)}`));
        }
    }
  });
});

describe('germination', () => {
  const seeds = (name: string, sown: number, byDay: number[]) => ({ name, sown, byDay });
  const trays = (name: string, ups: readonly number[]) => ({
    name,
    trays: ups.map((up) => ({ sown: 20, byDay: [0, up] })),
  });

  it('says half of what came up between days, and nothing of none', () => {
    expect(halfUp([0, 2, 4, 2])).toBe(2.5);
    expect(halfUp([10])).toBe(0.5);
    expect(halfUp([0, 0])).toBeUndefined();
    expect(germination({ groups: [seeds('A', 10, [0, 0])] }).groups[0]).toEqual({
      name: 'A',
      sown: 10,
      up: 0,
      share: 0,
      ci95: [0, expect.closeTo(0.27753, 4) as number],
    });
  });

  it('compares trays by their shares, and makes no p of one tray a medium', () => {
    const found = germination({ groups: [trays('A', [18, 17, 19, 18]), trays('B', [9, 12, 10, 11])] });
    expect(found.method).toBe('tray-shares');
    expect(found.pairs[0]?.p).toBeLessThan(0.01);
    for (const groups of [
      [trays('A', [18]), trays('B', [2])],
      [trays('A', [18, 17, 19]), trays('B', [2])],
      [trays('A', [18, 17, 16]), seeds('B', 20, [3])],
    ]) {
      const none = germination({ groups });
      expect(none.method).toBe('none');
      expect(JSON.stringify(none)).not.toMatch(/"p"/);
    }
    expect(germination({ groups: [trays('A', [20, 20, 20]), trays('B', [3, 4, 5])] }).checks[0]?.code).toBe(
      'no-variance',
    );
  });

  it.each([
    [[seeds('A', 10, [11])], 'groups[0].byDay'],
    [[seeds('A', 0, [])], 'groups[0].sown'],
    [[seeds('A', 10, [1.5])], 'groups[0].byDay[0]'],
    [[seeds('A', 10, [1]), seeds('A', 10, [1])], 'groups[1].name'],
    [[{ name: 'A', trays: [] }], 'groups[0].trays'],
  ])('refuses %j', (groups, path) => {
    expect(() => germination({ groups })).toThrow(expect.objectContaining({ path }) as Error);
  });
});

describe('lining up by age', () => {
  const sown = (name: string, on: string, readings: readonly (readonly [string, number])[]) => ({
    name,
    sown: on,
    readings: readings.map(([day, value]) => ({ on: day, value })),
  });

  it('compares at the same days after sowing, never by the calendar', () => {
    const found = ageAlign({
      groups: [
        sown('A', '2026-04-01', [
          ['2026-04-15', 30],
          ['2026-04-18', 35],
          ['2026-04-22', 40],
        ]),
        sown('B', '2026-04-04', [
          ['2026-04-18', 34],
          ['2026-04-25', 44],
        ]),
      ],
    });
    expect(found.ages.map(({ age_d }) => age_d)).toEqual([14, 21]);
    expect(found.ages[0]?.groups.map(({ values }) => values[0])).toEqual([30, 34]);
    expect(found).toMatchObject({ oldest_d: 21, leftOut: 1 });
    expect(found.checks.map(({ code }) => code)).toEqual(['sown-apart']);
  });

  it('is refused where no age is common, unless days near it may count', () => {
    const groups = [sown('A', '2026-04-01', [['2026-04-15', 30]]), sown('B', '2026-04-04', [['2026-04-19', 34]])];
    expect(() => ageAlign({ groups })).toThrow(/no age at which every group was read/);
    expect(ageAlign({ groups, within_d: 1 }).oldest_d).toBe(14);
  });

  it.each([
    [[sown('A', '2026-02-30', [])], 'groups[0].sown'],
    [[sown('A', '2026-04-02', [['2026-04-01', 1]])], 'groups[0].readings[0].on'],
    [[], 'groups'],
  ])('refuses %j', (groups, path) => {
    expect(() => ageAlign({ groups })).toThrow(expect.objectContaining({ path }) as Error);
  });
});

describe('a layout', () => {
  const media = ['A', 'B', 'C', 'D', 'E'];

  it('has every medium once in every block, drawn by lot, the same for ever by its seed', () => {
    const one = layout({ media, blocks: 4, seed: 11 });
    expect(layout({ media, blocks: 4, seed: 11 })).toEqual(one);
    expect(layout({ media, blocks: 4, seed: 12 })).not.toEqual(one);
    for (let block = 1; block <= 4; block += 1) {
      const own = one.plots.filter((plot) => plot.block === block);
      expect(own.map(({ medium }) => medium).sort()).toEqual(media);
      expect(own.map(({ place }) => place)).toEqual([1, 2, 3, 4, 5]);
    }
    expect(one.plots.map(({ medium }) => medium).join('')).toBe('EABDCDABECADCBEBCDEA');
  });

  it('in small blocks has each as often as the others, and each pair as often as can be', () => {
    const { plots, together, checks } = layout({ media: [...media, 'F', 'G'], blocks: 7, perBlock: 3, seed: 3 });
    expect(plots).toHaveLength(21);
    expect(together).toEqual([1, 1]);
    expect(checks).toEqual([]);
    expect(layout({ media, blocks: 4, perBlock: 2, seed: 1 }).checks.map(({ code }) => code)).toContain('uneven');
  });

  it('of a thousand seeds puts each medium at each place as often as chance does, and beside each other one', () => {
    const places = new Map<string, number>();
    const beside = new Map<string, number>();
    const seeds = 1000;
    for (let seed = 0; seed < seeds; seed += 1) {
      const { plots } = layout({ media, blocks: 1, seed });
      plots.forEach(({ place, medium }, i) => {
        const [at, pair] = [`${medium}${String(place)}`, `${medium}${plots[i + 1]?.medium ?? ''}`];
        places.set(at, (places.get(at) ?? 0) + 1);
        if (i < plots.length - 1) beside.set(pair, (beside.get(pair) ?? 0) + 1);
      });
    }
    const chi2 = (counts: ReadonlyMap<string, number>, expected: number): number =>
      [...counts.values()].reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0);
    // 16 and 15 degrees of freedom or a few more: once in a thousand beyond.
    expect(places.size).toBe(25);
    expect(chi2(places, seeds / 5)).toBeLessThan(45);
    expect(beside.size).toBe(20);
    expect(chi2(beside, seeds / 5)).toBeLessThan(45);
  });

  it.each([
    [{ media: ['A'], blocks: 2, seed: 1 }, 'media'],
    [{ media: ['A', 'A'], blocks: 2, seed: 1 }, 'media[1]'],
    [{ media, blocks: 0, seed: 1 }, 'blocks'],
    [{ media, blocks: 2, perBlock: 6, seed: 1 }, 'perBlock'],
    [{ media, blocks: 2, perBlock: 2, seed: 1 }, 'blocks'],
    [{ media, blocks: 2, seed: 0.5 }, 'seed'],
  ])('refuses %j', (input, path) => {
    expect(() => layout(input)).toThrow(expect.objectContaining({ path }) as Error);
  });
});
