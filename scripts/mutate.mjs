// Breaks named formulas of the core one after the other; the suite must fail each time: npm run mutate
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from './build.mjs';

const MUTATIONS = [
  { formula: 'density of water by temperature', file: 'water/waterDensity.ts', from: '(16.945176', to: '(16.845176' },
  {
    formula: 'container capacity: drained, less tare, less dry',
    file: 'porosity/reduceReplicate.ts',
    from: 'containerCapacity: perVolume(r.drained_g - r.tare_g - dry_g)',
    to: 'containerCapacity: perVolume(r.drained_g - r.tare_g)',
  },
  {
    formula: 'air space: saturated, less drained',
    file: 'porosity/reduceReplicate.ts',
    from: 'airSpace: perVolume(r.saturated_g - r.drained_g)',
    to: 'airSpace: perVolume(r.saturated_g - r.drained_g) * 1.01',
  },
  {
    formula: 'particle density from porosity',
    file: 'porosity/reduceReplicate.ts',
    from: 'bulkDensity_gcc / (1 - totalPorosity)',
    to: 'bulkDensity_gcc / totalPorosity',
  },
  {
    formula: 'share of a tapered vessel below a level',
    file: 'vessel/container.ts',
    from: 'base * base + base * level + level * level',
    to: 'base * base + level * level',
  },
  {
    formula: 'Grubbs’s critical value',
    file: 'statistics/grubbs.ts',
    from: 'GRUBBS.alpha / (2 * n)',
    to: 'GRUBBS.alpha / n',
  },
  { formula: 'van Genuchten’s curve', file: 'retention/retention.ts', from: '1 / n - 1)', to: '-1)' },
  {
    formula: 'mean over a pot weighs heights by their area',
    file: 'retention/containerMean.ts',
    from: 'diameterAt(container, z) ** 2',
    to: 'diameterAt(container, z)',
  },
  {
    formula: 'loosening of grains by finer ones',
    file: 'packing/interaction.ts',
    from: 'Math.sqrt(1 - Math.exp(LOOSENING_EXPONENT * Math.log(1 - sizeRatio)))',
    to: '1 - Math.exp(LOOSENING_EXPONENT * Math.log(1 - sizeRatio))',
  },
  {
    formula: 'coarse pores close first on mixing',
    file: 'blend/evaluateBlend.ts',
    from: 'loss.lambda * Math.max(0, theta - kept)',
    to: 'loss.lambda * theta',
  },
  {
    formula: 'pH where the titration slopes balance',
    file: 'blend/chemistry.ts',
    from: 'volume * c.buffer_meqPerLpH * c.pH',
    to: 'volume * c.pH',
  },
  {
    formula: 'score of a window’s flank',
    file: 'scoring/scoreFunction.ts',
    from: 'idealLo - value, limitLo',
    to: 'idealLo - value / 2, limitLo',
  },
  {
    formula: 'a part over a whole, less its blank',
    file: 'shares/ratio.ts',
    from: 'sum(add) - sum(take)',
    to: 'sum(add)',
  },
  {
    formula: 'a pen corrected by its line',
    file: 'instruments/penReading.ts',
    from: '(shown - meanShown) / b',
    to: '(shown - meanShown) * b',
  },
  {
    formula: 'kappa drawn to its prior',
    file: 'learning/kappa.ts',
    from: '((kappa - KAPPA_PRIOR.mean) / KAPPA_PRIOR.sd) ** 2',
    to: '0 * kappa',
  },
  {
    formula: 'age at which a calibration is stale',
    file: 'instruments/stamp.ts',
    from: 'hours > oldest',
    to: 'hours > 2 * oldest',
  },
];

/** What the core's suite printed if it fails. */
function suiteFailure() {
  const vitest = path.join(ROOT, 'node_modules/vitest/vitest.mjs');
  const done = spawnSync(process.execPath, [vitest, 'run', '--project', 'core', '--bail', '1'], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  return done.status === 0 ? undefined : done.stdout + done.stderr;
}

const before = suiteFailure();
if (before !== undefined) {
  console.error(before);
  console.error('The core’s tests fail before anything is broken; mend them first.');
  process.exit(1);
}
let survived = 0;
for (const { formula, file, from, to } of MUTATIONS) {
  const at = path.join(ROOT, 'core/src', file);
  const source = fs.readFileSync(at, 'utf8');
  if (source.split(from).length !== 2) {
    console.error(`${formula}: its code has moved; the mutation in scripts/mutate.mjs must follow.`);
    survived += 1;
    continue;
  }
  let caught;
  try {
    fs.writeFileSync(at, source.replace(from, to));
    caught = suiteFailure() !== undefined;
  } finally {
    fs.writeFileSync(at, source);
  }
  if (!caught) survived += 1;
  console.log(`${caught ? 'caught  ' : 'SURVIVED'} ${formula}`);
}
console.log(`${MUTATIONS.length - survived} of ${MUTATIONS.length} broken formulas were caught`);
process.exitCode = survived === 0 ? 0 : 1;
