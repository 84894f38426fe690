import { describe, expect, it } from 'vitest';
import { normalDraw, seededRandom, type Random } from '../scoring';
import { rankSum } from '../statistics';
import { BOOTSTRAP, germination, growthRatio, trialPower, type TrialPowerInput } from '.';
import { blockTest } from './blocks';
import { bootstrapTrays } from './bootstrapTrays';
import { halfUp } from './germination';
import { quasiBinomial } from './logistic';
import { welchTest } from './welch';

/** Trials of each design: a sample in every test run, twenty thousand by `npm run trials`. */
const IN_FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const TRIALS = IN_FULL ? 20_000 : 800;
/** Where each trial draws a thousand times itself. */
const FEW_TRIALS = IN_FULL ? 4000 : 60;

/** How far a share may lie from where it is wanted, by chance alone: four standard errors of so many trials. */
const chance = (share: number, of = TRIALS): number => 4 * Math.sqrt((share * (1 - share)) / of);

const upOf = (sown: number, share: number, random: Random): number =>
  Array.from({ length: sown }, () => (random() < share ? 1 : 0)).reduce((sum: number, one) => sum + one, 0);

function shareOf(seed: number, of: number, holds: (random: Random) => boolean): number {
  const random = seededRandom(seed);
  let count = 0;
  for (let i = 0; i < of; i += 1) if (holds(random)) count += 1;
  return count / of;
}

describe('where nothing differs', () => {
  it('odds of trays that vary more than their seeds are told apart about once in twenty', () => {
    const rejects = shareOf(41, TRIALS, (random) => {
      const groups = [0, 1, 2].map(() =>
        Array.from({ length: 6 }, () => ({ sown: 25, up: upOf(25, 0.55 + 0.3 * random(), random) })),
      );
      return (quasiBinomial(groups)?.p ?? 1) < 0.05;
    });
    expect(Math.abs(rejects - 0.05)).toBeLessThan(0.007 + chance(0.05));
  });

  it('ranks of trays never more often', () => {
    const rejects = shareOf(43, TRIALS, (random) => {
      const trays = (): number[] => Array.from({ length: 5 }, () => upOf(20, 0.9, random));
      return rankSum(trays(), trays()) < 0.05;
    });
    expect(rejects).toBeLessThan(0.055 + chance(0.055));
  });
});

/** Newly up by day of one tray: seeds that come up take about six days, all of a tray a little sooner or later. */
function trayOf(random: Random): { readonly sown: number; readonly byDay: number[] } {
  const byDay = new Array<number>(20).fill(0);
  const own = 0.6 * normalDraw(random);
  for (let i = 0; i < 20; i += 1) {
    if (random() > 0.8) continue;
    const day = Math.min(20, Math.max(1, Math.ceil(6 + own + 1.5 * normalDraw(random))));
    byDay[day - 1] = (byDay[day - 1] as number) + 1;
  }
  return { sown: 20, byDay };
}

describe('intervals hold what they promise', () => {
  it('draws of trays cover the time to half nearly as often as they say, from the least number on', () => {
    const t50 = (trays: readonly ReturnType<typeof trayOf>[]): number | undefined =>
      halfUp(Array.from({ length: 20 }, (_, day) => trays.reduce((sum, { byDay }) => sum + (byDay[day] ?? 0), 0)));
    const many = seededRandom(5);
    const truth = t50(Array.from({ length: 4000 }, () => trayOf(many))) as number;
    for (const trays of [BOOTSTRAP.leastTrays, 10]) {
      const covers = shareOf(47 + trays, FEW_TRIALS, (random) => {
        const drawn = Array.from({ length: trays }, () => trayOf(random));
        const ci = bootstrapTrays(drawn, t50, Math.floor(random() * 1e9), 1000);
        return ci !== undefined && ci[0] <= truth && truth <= ci[1];
      });
      process.stdout.write(`draws of ${String(trays)} trays cover t50 in ${(100 * covers).toFixed(1)} %\n`);
      expect(Math.abs(covers - 0.95)).toBeLessThan(0.025 + chance(0.05, FEW_TRIALS));
    }
  }, 900_000);

  it('ratios to the reference lie within two errors of the truth', () => {
    const covers = shareOf(53, TRIALS, (random) => {
      const levels = Array.from({ length: 8 }, () => 5 * normalDraw(random));
      const group = (name: string, mean: number) => ({
        name,
        values: levels.map((level) => mean + level + 3 * normalDraw(random)),
        block: levels.map((_, b) => String(b)),
      });
      const [found] = growthRatio({
        reference: 'R',
        species: [{ name: 's', weight: 1, groups: [group('R', 60), group('A', 75)] }],
      }).media;
      // Student's t with seven degrees of freedom.
      return Math.abs((found?.ratio ?? 0) - 1.25) <= 2.365 * (found?.se ?? 0);
    });
    expect(Math.abs(covers - 0.95)).toBeLessThan(0.012 + chance(0.05));
  });
});

describe('power is what was promised', () => {
  it.each([
    ['five media in four blocks', { groups: 5, perGroup: 4, inBlocks: true, sd: 4, difference: 12 }],
    ['three media in eight blocks', { groups: 3, perGroup: 8, inBlocks: true, sd: 4, difference: 6 }],
    ['three media, ten of each, no blocks', { groups: 3, perGroup: 10, inBlocks: false, sd: 4, difference: 6 }],
  ] as const)(
    '%s',
    (_, plan) => {
      const promised = trialPower({ of: 'means', ...plan }).power as number;
      const seen = shareOf(61, IN_FULL ? TRIALS : 500, (random) => {
        const levels = Array.from({ length: plan.perGroup }, () => 6 * normalDraw(random));
        const cells = Array.from({ length: plan.groups }, (_unused, g) =>
          levels.map((level) => {
            const mean = g === 0 ? 0 : g === 1 ? plan.difference : plan.difference / 2;
            return 100 + mean + (plan.inBlocks ? level : 0) + plan.sd * normalDraw(random);
          }),
        );
        return (plan.inBlocks ? blockTest(cells) : welchTest(cells)).p < 0.05;
      });
      expect(Math.abs(seen - promised)).toBeLessThan(0.03 + chance(promised, IN_FULL ? TRIALS : 500));
    },
    900_000,
  );

  it('of shares that come up in trays', () => {
    const plan: TrialPowerInput = {
      of: 'shares',
      groups: 2,
      perGroup: 8,
      inBlocks: false,
      share: 0.85,
      otherShare: 0.6,
      seeds: 20,
      likeness: 0.05,
    };
    const promised = trialPower(plan).power as number;
    // A tray's own share varies as the likeness of its seeds says.
    const seen = shareOf(67, IN_FULL ? TRIALS : 500, (random) => {
      const trays = (share: number) =>
        Array.from({ length: 8 }, () => {
          const own = share + Math.sqrt(0.05 * share * (1 - share)) * normalDraw(random);
          return { sown: 20, byDay: [upOf(20, Math.min(1, Math.max(0, own)), random)] };
        });
      const { pairs } = germination({
        groups: [
          { name: 'A', trays: trays(0.85) },
          { name: 'B', trays: trays(0.6) },
        ],
      });
      return (pairs[0]?.p ?? 1) < 0.05;
    });
    expect(Math.abs(seen - promised)).toBeLessThan(0.03 + chance(promised, IN_FULL ? TRIALS : 500));
  }, 900_000);
});
