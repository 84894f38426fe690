import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { predictDesk, type DeskInput } from '../desk';
import { classLot } from '../testing/classLot';
import { groupOf, schoolFacts, SCHOOLS, schoolVariant, schoolViews, type School, type SchoolFacts } from '.';
import { isStone } from './groups';

const container = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };
const deskOf = (parts: Readonly<Record<string, number>>): DeskInput => ({
  lines: Object.entries(parts).map(([id, part]) => ({ parts: part, lot: classLot(id) })),
  container,
  model: 'packing',
});
const factsOf = (parts: Readonly<Record<string, number>>): SchoolFacts => {
  const desk = deskOf(parts);
  return schoolFacts(desk, predictDesk(desk), 2.5);
};
const facts = factsOf({ 'bark-graded': 4, 'coir-pith': 2, 'pumice-coarse': 2 });
const statements = SCHOOLS.flatMap((school) => school.statements.map((statement) => ({ school, statement })));

describe('schools of thought', () => {
  it('speak of every class of media', () => {
    expect(MEDIA_CLASSES.filter(({ id }) => groupOf(id) === undefined).map(({ id }) => id)).toEqual([]);
    expect(groupOf(undefined)).toBeUndefined();
  });

  it('quote numbers of this very blend', () => {
    const desk = deskOf({ 'bark-graded': 4, 'coir-pith': 2, 'pumice-coarse': 2 });
    const { air } = predictDesk(desk).result;
    expect(facts.air).toBe(air);
    expect(facts.mineralShare).toBeCloseTo(0.25, 12);
    const mineral = schoolViews(facts).find(({ school }) => school.key === 'open-mineral');
    expect(mineral?.says[0]?.sentence).toContain(`${(100 * air).toFixed(0)} %`);
    expect(schoolViews(facts).every(({ says }) => says.length > 0)).toBe(true);
  });

  it.each(statements.map(({ school, statement }) => [school.key, statement.fact, statement] as const))(
    '%s turns where %s crosses its limit',
    (key, fact, statement) => {
      const said = (value: number) =>
        schoolViews({ ...facts, [fact]: value })
          .find(({ school }) => school.key === key)
          ?.says.find((one) => one.statement === statement);
      const [over, at, under] = [said(statement.limit * 1.05), said(statement.limit), said(statement.limit * 0.95)];
      expect(at?.likes).toBe(over?.likes);
      expect(under?.likes).toBe(!(over?.likes ?? false));
      expect(under?.sentence).not.toBe(over?.sentence);
      expect(statement.atLeast).toContain('#');
      expect(statement.under).toContain('#');
    },
  );

  it('leave unsaid what is not known', () => {
    const { ec_dSm, ...unknown } = facts;
    expect(ec_dSm).toBeDefined();
    const compost = schoolViews(unknown).find(({ school }) => school.key === 'compost');
    expect(compost?.says.map(({ statement }) => statement.fact)).toEqual(['compostShare', 'drawdown_mgL']);
  });
});

describe('a blend in a school’s spirit', () => {
  const shelf = ['pumice-coarse', 'perlite-coarse', 'coir-pith', 'bark-fine', 'loam'].map((id) => ({
    id,
    component: classLot(id),
  }));
  const school = (key: string): School => SCHOOLS.find((one) => one.key === key) as School;

  it('takes what the recipe uses before what stands first on the shelf', () => {
    const { lines, lacking } = schoolVariant(school('open-mineral'), ['perlite-coarse', 'coir-pith'], shelf);
    expect(lines).toEqual([
      { lotId: 'perlite-coarse', parts: 15 },
      { lotId: 'coir-pith', parts: 5 },
    ]);
    expect(lacking).toEqual([]);
  });

  it('names what the shelf lacks and lets the others share its part', () => {
    const { lines, lacking } = schoolVariant(school('compost'), [], shelf);
    expect(lacking).toEqual(['compost']);
    expect(lines.reduce((sum, { parts }) => sum + parts, 0)).toBe(20);
  });

  it('pleases its own school more than a bed of something else', () => {
    const liked = (key: string, parts: Readonly<Record<string, number>>): number =>
      schoolViews(factsOf(parts))
        .find((view) => view.school.key === key)
        ?.says.filter(({ likes }) => likes).length ?? 0;
    const variant = schoolVariant(school('open-mineral'), [], shelf);
    const parts = Object.fromEntries(variant.lines.map((line) => [line.lotId, line.parts]));
    expect(liked('open-mineral', parts)).toBeGreaterThan(liked('open-mineral', { loam: 3, 'coir-pith': 1 }));
  });
});

describe('what counts as stone', () => {
  it.each([
    ['pumice-coarse', true],
    ['grit', true],
    ['clay-expanded', true],
    ['eps', false],
    ['vermiculite', false],
    ['stone-wool', false],
    ['clay-loam', false],
    ['sandy-loam', false],
  ])('%s: %s', (classId, stone) => {
    expect(isStone(classId)).toBe(stone);
  });
});
