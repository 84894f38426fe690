import { describe, expect, it } from 'vitest';
import { PLAN } from '../../testing/trials';
import { draftOf, emptyPlan, nextKey, planOf, planSoFar } from './planDraft';

describe('a plan as it is typed', () => {
  it('comes back as it was kept', () => {
    expect(planOf(draftOf('Autumn', PLAN))).toEqual({
      ...PLAN,
      observe: [PLAN.observe[2], PLAN.observe[0], PLAN.observe[1]],
    });
  });

  it('has its rules only where they are typed', () => {
    const draft = draftOf('Autumn', PLAN);
    const plan = planOf({ ...draft, culling: { under: '5', age_d: '7' }, pull: { each: '1', age_d: '20' } });
    expect(plan.culling).toEqual({ under: 5, age_d: 7 });
    expect(plan.pull).toEqual({ each: 1, age_d: 20 });
  });

  it('is asked for a medium in each line, and is known so far without it', () => {
    const empty = emptyPlan('2026-11-24');
    expect(() => planOf(empty)).toThrow(/what each of them grows in/);
    expect(planSoFar(empty)?.arms).toHaveLength(2);
    expect(planSoFar({ ...empty, blocks: 'some' })).toBeUndefined();
  });

  it('gives media keys of their own, however many', () => {
    const keys: string[] = [];
    for (let i = 0; i < 30; i += 1) keys.push(nextKey(keys));
    expect(new Set(keys).size).toBe(30);
  });
});
