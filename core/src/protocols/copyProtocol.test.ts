import { describe, expect, it } from 'vitest';
import type { Protocol } from '../sheets';
import { copyProtocol, PROTOCOLS, type ProtocolEdits } from '.';

const called = (key: string): Protocol => PROTOCOLS.find((one) => one.key === key) as Protocol;
const main = called('saturate-drain-dry');
const name = { key: 'own-quick', version: 1 };
const copy = (edits: Partial<ProtocolEdits>, base = main): Protocol =>
  copyProtocol(base, { label: 'Quick drain', ...edits }, name);

describe('a lead’s copy of a protocol', () => {
  it('changes times, bounds, words and replicates, and nothing of what is read', () => {
    const own = copy({
      drain_min: 45,
      replicates: 4,
      steps: [{ key: 'tare', label: 'Tare of our tins', say: 'Weigh the tin with its lid.', bounds: [50, 400] }],
    });
    expect(own).toMatchObject({
      ...name,
      label: 'Quick drain',
      copiedFrom: 'saturate-drain-dry',
      times: { drain_min: 45 },
    });
    expect(own.replicates).toEqual({ usual: 4, most: 12 });
    expect(own.steps[1]).toMatchObject({ key: 'tare', label: 'Tare of our tins', bounds: [50, 400] });
    expect(own.steps.map((step) => step.key)).toEqual(main.steps.map((step) => step.key));
    expect(own.reduction).toBe(main.reduction);
  });

  it('of a copy still says what it came from, and keeps its times', () => {
    const second = copyProtocol(
      copy({ drain_min: 45 }),
      { label: 'Quicker yet', soak_min: 60 },
      { key: 'own-b', version: 1 },
    );
    expect(second).toMatchObject({ copiedFrom: 'saturate-drain-dry', times: { drain_min: 45, soak_min: 60 } });
  });

  it('may ask for what was optional, and wait otherwise where the protocol itself waits', () => {
    expect(copy({ steps: [{ key: 'filled', optional: false }] }).steps[2]?.optional).toBeUndefined();
    const weeks = copy({ steps: [{ key: 'start', minutes: 28 * 1440 }] }, called('weeds'));
    expect(weeks.steps[1]?.hold).toEqual({ name: 'growing', minutes: 28 * 1440 });
  });

  it.each<[Partial<ProtocolEdits>, string]>([
    [{ label: 'x' }, 'label'],
    [{ drain_min: 0 }, 'drain_min'],
    [{ soak_min: 1e6 }, 'soak_min'],
    [{ replicates: 13 }, 'replicates'],
    [{ replicates: 1.5 }, 'replicates'],
    [{ steps: [{ key: 'nothing' }] }, 'steps[0].key'],
    [{ steps: [{ key: 'dry', optional: true }] }, 'steps[0].optional'],
    [{ steps: [{ key: 'tare', bounds: [9, 2] }] }, 'steps[0].bounds'],
    [{ steps: [{ key: 'soak', bounds: [0, 2] }] }, 'steps[0].bounds'],
    [{ steps: [{ key: 'soak', minutes: 30 }] }, 'steps[0].minutes'],
    [{ steps: [{ key: 'tare', say: 'no' }] }, 'steps[0].say'],
  ])('refuses %j at %s', (edits, path) => {
    expect(() => copy(edits)).toThrow(expect.objectContaining({ path }) as Error);
  });
});
