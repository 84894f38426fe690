import { expect, it } from 'vitest';
import type { Reading } from '../sheets';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { contradicts } from '.';

const reading = (step: string, value: number, replicate = 0): Reading => ({
  id: `${step} ${String(value)}`,
  replicate,
  step,
  value,
  takenAt: '2026-11-20T12:00:00Z',
});
const { saturated: _saturated, ...unsoaked } = PUMICE_SHEET;
const { drained: _drained, ...undrained } = PUMICE_SHEET;

it('asks about water that no vessel holds, before it is kept', () => {
  const kitchen = runOf('kitchen-form', { added: [455] });
  expect(contradicts(kitchen, reading('collected', 4200))).toMatch(
    /^4200 mL is more than the whole of A, 10\d\d mL\.$/,
  );
  expect(contradicts(runOf('kitchen-form', { collected: [], added: [] }), reading('added', 4200))).toBeUndefined();
  expect(contradicts(kitchen, reading('collected', 142))).toBeUndefined();
});

it('asks about a drained vessel heavier than it was soaked, and one soaked that weighs less than empty', () => {
  const run = runOf('saturate-drain-dry', undrained);
  expect(contradicts(run, reading('drained', 1601.6, 1))).toMatch(/^B weighs 1601\.6 g drained but/);
  expect(contradicts(run, reading('drained', 1153.1, 1))).toBeUndefined();
  expect(contradicts(runOf('saturate-drain-dry', unsoaked), reading('saturated', 154))).toMatch(/^A weighs 1\d+.* g/);
});

it('does not ask about mV: what they mean is told by the calibration that comes with keeping', () => {
  expect(contradicts(runOf('ph-1to5', { pH: [], rested: [] }), { ...reading('pH', 60), mVTemp_C: 20 })).toBeUndefined();
});

it('does not ask again about what was impossible before', () => {
  const run = runOf('saturate-drain-dry', { ...undrained, tare: [2312.4, 311.9, 313] });
  expect(contradicts(run, reading('drained', 1157.5, 0))).toBeUndefined();
});

it('leaves it to a person which of two readings counts', () => {
  expect(contradicts(runOf('saturate-drain-dry', PUMICE_SHEET), reading('tare', 312.5))).toBeUndefined();
});
