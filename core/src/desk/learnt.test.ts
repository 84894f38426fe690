import { expect, it } from 'vitest';
import { bands } from '../bands';
import { blend } from '../blend';
import { findTargetProfile, type TargetProfile } from '../classes';
import { learn, type MeasuredBlend } from '../learning';
import { recipeSearch } from '../search';
import { classComponent } from '../testing/classComponent';
import { classLot } from '../testing/classLot';
import { deskBandsInput, deskSearchInput, predictDesk, type DeskInput } from '.';

const RECIPES = [
  ['pumice-coarse', 'peat-light-fine'],
  ['bark-graded', 'coir-pith'],
  ['perlite-coarse', 'peat-light-fine'],
  ['bark-graded', 'compost-green'],
  ['grit', 'loam'],
  ['pumice-coarse', 'bark-fine'],
  ['scoria', 'coir-pith'],
] as const;

/** Blends that all settle by a third of what the model says, but the last, which settles more; known for certain. */
const measured = RECIPES.map((ids, i): MeasuredBlend => {
  const components = ids.map((id, j) => classComponent(id, 2 - j));
  const container = { height_cm: 12 };
  const kappa = i === RECIPES.length - 1 ? 1.6 : 0.33;
  const { air, water, bulkDensity_gcc } = blend({ components, container, model: 'packing', kappa, physics: 2 });
  const known = (value: number) => ({ value, se: 0.01 });
  return {
    name: ids.join(' and '),
    parts: components.map((component, j) => ({
      lotId: `${String(i)} ${String(j)}`,
      material: component.name,
      component,
      errors: {},
    })),
    container,
    scoopShare: 0.001,
    measured: { air: known(air), water: known(water), bulkDensity_gcc: known(bulkDensity_gcc) },
  };
});
const profile = findTargetProfile('acid-lovers') as TargetProfile;
const lots = ['bark-graded', 'coir-pith', 'pumice-coarse'].map((id) => classLot(id));

/** All that the bench's teaching reaches, from these measured blends. */
function everything(blends: readonly MeasuredBlend[]) {
  const { use } = learn(blends);
  const desk: DeskInput = {
    lines: lots.map((lot, i) => ({ parts: 3 - i, lot })),
    container: { height_cm: 25 },
    model: 'packing',
    learnt: use,
  };
  const band = bands({ ...deskBandsInput(desk, profile, 'air'), draws: 300 }).air;
  const search = recipeSearch(
    deskSearchInput({
      lots: lots.map((lot) => ({ lot })),
      parts: 6,
      container: desk.container,
      profile,
      keep: 3,
      learnt: use,
    }),
  );
  return { kappa: use.kappa, air: predictDesk(desk).result.air, band, loss: search.recipes[0]?.loss, search };
}

it('a measured blend taken away changes kappa, prediction, band and search', () => {
  const all = everything(measured);
  const without = everything(measured.slice(0, -1));
  expect(without.kappa).toBeLessThan(all.kappa);
  // Less settling leaves more air.
  expect(without.air).toBeGreaterThan(all.air);
  expect(without.band?.p50).toBeGreaterThan(all.band?.p50 as number);
  expect(without.search.recipes[0]?.air).not.toBe(all.search.recipes[0]?.air);
});
