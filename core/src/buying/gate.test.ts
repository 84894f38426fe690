import { describe, expect, it } from 'vitest';
import { judgeAtGate, type GateDecision, type GateSeen } from '.';

describe('a load at the gate', () => {
  it.each<[GateSeen, GateDecision, number]>([
    [{}, 'take', 0],
    [{ weeds: 0, foreign: 0, warmer_C: 4, moisture: 'moist', smell: 'earthy' }, 'take', 0],
    [{ weeds: 1 }, 'sort', 1],
    [{ weeds: 5 }, 'sendBack', 1],
    [{ foreign: 4 }, 'sort', 1],
    [{ foreign: 12 }, 'sendBack', 1],
    [{ warmer_C: 10 }, 'sort', 1],
    [{ warmer_C: 30 }, 'sendBack', 1],
    [{ moisture: 'dripping' }, 'sort', 1],
    [{ moisture: 'dust dry' }, 'sort', 1],
    [{ smell: 'ammonia' }, 'sort', 1],
    [{ smell: 'chemical', weeds: 1 }, 'sendBack', 2],
  ])('%j: %s', (seen, decision, reasons) => {
    const judged = judgeAtGate(seen);
    expect(judged.decision).toBe(decision);
    expect(judged.reasons).toHaveLength(reasons);
    for (const { because } of judged.reasons) expect(because).toMatch(/\.$/);
  });
});
