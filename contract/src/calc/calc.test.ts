import { describe, expect, it } from 'vitest';
import { METHODS } from '@bent-pail/core';
import { calcSchema, runCalc } from '.';

const replicate = { tare_g: 100, saturated_g: 1000, drained_g: 700, dryTray_g: 0, dry_g: 300 };
const curve = { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 };
const part = {
  name: 'pumice',
  volume: 1,
  dryBulkDensity_gcc: 0.5,
  retention: { thetaR: 0.16, thetaS: 0.68, alpha_percm: 1.7, n: 1.6 },
  interparticleVoid: 0.43,
  d50_mm: 5,
  spread: 1.8,
};
const blend = { components: [part], container: { height_cm: 15 }, model: 'packing' };
const line = { type: 'line', at0: 0, at10: 10 };

const GOOD = METHODS.map(({ name, golden, stamp }) => [name, golden.input, stamp] as const);

describe('every calculation', () => {
  it.each(GOOD)('%s answers its own golden input, and says by which method', (name, input, stamp) => {
    const answer = runCalc(name, JSON.parse(JSON.stringify(input)));
    expect(answer).toMatchObject({ ok: true, method: stamp });
    expect(JSON.stringify(answer)).not.toMatch(/null|NaN/);
  });

  it.each(GOOD)('%s refuses a field that it does not know, by name', (name, input) => {
    expect(runCalc(name, { ...input, colour: 1 })).toMatchObject({
      ok: false,
      error: { code: 'unknown', path: 'colour' },
    });
  });

  it.each(GOOD)('%s names the first field that is missing', (name, input) => {
    const [first] = (calcSchema(name) as { required: string[] }).required;
    const { [first as string]: _gone, ...rest } = input as Record<string, unknown>;
    expect(runCalc(name, rest)).toMatchObject({ ok: false, error: { code: 'missing', path: first } });
  });

  it.each(GOOD)('%s publishes a schema that closes its objects', (name) => {
    const schema = calcSchema(name);
    const forms = (schema?.oneOf as object[] | undefined) ?? [schema];
    for (const form of forms) expect(form).toMatchObject({ type: 'object', additionalProperties: false });
  });
});

describe('what cannot be used', () => {
  const porosity = (more: object, vessel: object = {}) => ({
    vessel: { volume_mL: 1000, height_cm: 10, ...vessel },
    replicates: [replicate, { ...replicate, ...more }],
  });
  it.each<[string, string, object, string, string]>([
    ['porosity', 'drained above saturated', porosity({ drained_g: 1001 }), 'invalid', 'replicates[1].drained_g'],
    ['porosity', 'a negative mass', porosity({ tare_g: -1 }), 'invalid', 'replicates[1].tare_g'],
    ['porosity', 'text for a number', porosity({ dry_g: '300' }), 'invalid', 'replicates[1].dry_g'],
    ['porosity', 'a mass left out', porosity({ dry_g: undefined }), 'missing', 'replicates[1].dry_g'],
    ['porosity', 'a volume of zero', porosity({}, { volume_mL: 0 }), 'invalid', 'vessel.volume_mL'],
    ['porosity', 'one diameter only', porosity({}, { topDiameter_cm: 12 }), 'missing', 'vessel.baseDiameter_cm'],
    [
      'porosity',
      '13 replicates',
      { vessel: { volume_mL: 1000, height_cm: 10 }, replicates: Array.from({ length: 13 }, () => replicate) },
      'invalid',
      'replicates',
    ],
    [
      'porosity',
      'no replicates',
      { vessel: { volume_mL: 1000, height_cm: 10 }, replicates: [] },
      'invalid',
      'replicates',
    ],
    ['porosity', 'an unknown class', { ...porosity({}), materialClass: 'gravel-blue' }, 'unknown', 'materialClass'],
    ['porosity', 'boiling water', { ...porosity({}), waterTemp_C: 101 }, 'invalid', 'waterTemp_C'],
    ['replicates', 'an empty list', { values: [] }, 'invalid', 'values'],
    [
      'retention-infer',
      'a capacity under the residual',
      { thetaS: 0.9, thetaR: 0.3, n: 2, capacity: 0.2, container: { height_cm: 10 } },
      'invalid',
      'capacity',
    ],
    [
      'container-capacity',
      'a shape of one',
      { retention: { ...curve, n: 1 }, container: { height_cm: 10 } },
      'invalid',
      'retention.n',
    ],
    ['blend', 'no volume at all', { ...blend, components: [{ ...part, volume: 0 }] }, 'invalid', 'components'],
    [
      'blend',
      'a void above the porosity',
      { ...blend, components: [{ ...part, interparticleVoid: 0.8 }] },
      'invalid',
      'components[0].interparticleVoid',
    ],
    ['blend', 'a measured model without its shrink', { ...blend, model: 'measured' }, 'missing', 'shrink'],
    ['blend', 'a negative shrink', { ...blend, model: 'measured', shrink: -0.1 }, 'invalid', 'shrink'],
    ['blend', 'an unknown model', { ...blend, model: 'guess' }, 'unknown', 'model'],
    [
      'score',
      'an unknown function',
      { criteria: [{ name: 'a', weight: 1, kind: 'panel', function: { type: 'curve' } }] },
      'unknown',
      'criteria[0].function.type',
    ],
    [
      'score',
      'a cap on nothing',
      {
        criteria: [{ name: 'a', weight: 1, kind: 'panel', function: line }],
        caps: [{ criterion: 'b', below: 1, max: 2 }],
      },
      'unknown',
      'caps[0].criterion',
    ],
  ])('%s: %s', (name, _, input, code, path) => {
    const answer = runCalc(name, JSON.parse(JSON.stringify(input)));
    expect(answer).toMatchObject({ ok: false, error: { code, path } });
    if (!answer.ok) expect(answer.error.message).toMatch(new RegExp(`^${code} `));
  });

  it('an unknown name lists the known ones', () => {
    expect(runCalc('sorcery', {})).toMatchObject({ ok: false, error: { code: 'unknown', path: 'name' } });
  });

  it.each([[[]], ['text'], [3], [null]])('%j instead of an object', (input) => {
    expect(runCalc('kitchen', input)).toMatchObject({ ok: false, error: { code: 'invalid', path: 'input' } });
  });
});
