import { describe, expect, it } from 'vitest';
import { dryDown } from '../drydown';
import { settling } from '../settling';
import { PEAT, POT } from '../testing/sampleColumn';
import { dryDownOf, depthsOf, sinceRepotted, type DiaryLine } from '.';

const NOW = Date.parse('2026-11-29T08:00:00Z');
const pot = { shape: POT, medium: { retention: PEAT, ks_cms: 0.02 }, stand: 'mild' as const };
const day = (d: string): string => `2026-11-${d}T08:00:00Z`;

describe('a diary, asked by its weights', () => {
  it('is followed from its first watering, in days', () => {
    const diary: DiaryLine[] = [
      { at: day('19'), kind: 'weighed', mass_g: 1900 },
      { at: day('20'), kind: 'watered' },
      { at: day('21'), kind: 'weighed', mass_g: 2100 },
      { at: day('22'), kind: 'seen' },
      { at: day('24'), kind: 'watered', volume_mL: 250 },
      { at: day('27'), kind: 'weighed', mass_g: 2000 },
    ];
    const asked = dryDownOf(pot, diary, NOW);
    expect(asked?.from_ms).toBe(Date.parse(day('20')));
    expect(asked?.input).toMatchObject({
      waterings: [{ at_d: 0 }, { at_d: 4, volume_mL: 250 }],
      weights: [
        { at_d: 1, mass_g: 2100 },
        { at_d: 7, mass_g: 2000 },
      ],
      expected: { mmPerD: 2.5 },
      now_d: 7,
    });
    expect(dryDown(asked?.input as never).demand_mmPerD).toBeGreaterThan(0);
  });

  it('says nothing where nothing was weighed of late', () => {
    expect(dryDownOf(pot, [], NOW)).toBeUndefined();
    expect(dryDownOf(pot, [{ at: day('20'), kind: 'watered' }], NOW)).toBeUndefined();
    expect(dryDownOf(pot, [{ at: '2026-05-01T08:00:00Z', kind: 'weighed', mass_g: 5 }], NOW)).toBeUndefined();
  });

  it('takes two weighings of one minute as one', () => {
    const twice: DiaryLine[] = [0, 20].map((s) => ({
      at: `2026-11-21T08:00:${String(s).padStart(2, '0')}Z`,
      kind: 'weighed',
      mass_g: 2000 + s,
    }));
    expect(dryDownOf(pot, twice, NOW)?.input.weights).toEqual([{ at_d: 0, mass_g: 2000 }]);
  });
});

describe('a diary, asked by its depths', () => {
  const filled = { shape: POT, filledOn: '2026-11-01', fill_cm: 15 };

  it('settles from the day on which it was filled, and takes top-ups off again', () => {
    const asked = depthsOf(
      filled,
      [
        { at: '2026-11-01T12:00:00Z', kind: 'depth', depth_cm: 14 },
        { at: '2026-11-11T12:00:00Z', kind: 'depth', depth_cm: 13.5 },
        { at: '2026-11-11T13:00:00Z', kind: 'topped-up', depth_cm: 15 },
        { at: '2026-11-12T13:00:00Z', kind: 'watered', volume_mL: 200 },
      ],
      NOW,
    );
    expect(asked?.readings.map(({ t_d }) => t_d)).toEqual([0, 10]);
    expect(asked?.toppedUp).toEqual([{ t_d: 10 + 1 / 24, from_cm: 13.5, to_cm: 15 }]);
    expect(settling(asked as never).depth_cm).toBeGreaterThan(14);
  });

  it('says nothing of a pot that nobody measured', () => {
    expect(depthsOf(filled, [], NOW)).toBeUndefined();
    expect(
      depthsOf({ shape: POT, filledOn: '2026-11-01' }, [{ at: day('02'), kind: 'depth', depth_cm: 9 }], NOW),
    ).toBeUndefined();
  });
});

describe('a pot that was repotted', () => {
  const life = {
    filledOn: '2026-10-01',
    fill_cm: 24,
    diary: [
      { at: day('02'), kind: 'depth', depth_cm: 22 },
      { at: day('10'), kind: 'repotted', medium: 'Tub mix', depth_cm: 20 },
      { at: day('12'), kind: 'depth', depth_cm: 19 },
    ] as DiaryLine[],
  };

  it('begins anew where its medium is another', () => {
    const since = sinceRepotted(life);
    expect(since).toMatchObject({ filledOn: '2026-11-10', fill_cm: 20 });
    expect(since.diary.map(({ kind }) => kind)).toEqual(['repotted', 'depth']);
    expect(depthsOf({ shape: POT, ...since }, since.diary, NOW)?.readings).toHaveLength(1);
  });

  it('forgets how deep it was filled before, where nobody said how deep it is now', () => {
    const diary = life.diary.map((line) => (line.kind === 'repotted' ? { ...line, depth_cm: undefined } : line));
    const since = sinceRepotted({ ...life, diary: diary as DiaryLine[] });
    expect(since).not.toHaveProperty('fill_cm');
    expect(depthsOf({ shape: POT, ...since }, since.diary, NOW)).toBeUndefined();
  });

  it('goes on as it was with more of the same, and where it never was', () => {
    const [depth, repotted, later] = life.diary as [DiaryLine, DiaryLine, DiaryLine];
    const { medium: _other, ...same } = repotted;
    const like = { ...life, diary: [depth, same, later] };
    expect(sinceRepotted(like)).toBe(like);
    const never = { ...life, diary: [depth, later] };
    expect(sinceRepotted(never)).toBe(never);
  });
});
