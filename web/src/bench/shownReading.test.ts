import { PROTOCOLS, type Step } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { shownReading } from './shownReading';

const step = (protocol: string, key: string): Step =>
  PROTOCOLS.find((one) => one.key === protocol)?.steps.find((one) => one.key === key) as Step;

describe('a reading in its cell', () => {
  it.each([
    ['saturate-drain-dry', 'tare', 309, '309.0'],
    ['saturate-drain-dry', 'tare', 309.25, '309.25'],
    ['saturate-drain-dry', 'collected', 384, '384'],
    ['ph-1to5', 'pH', 5.1, '5.10'],
    ['smell', 'smell', 3, 'sour'],
    ['saturate-drain-dry', 'soak', Date.UTC(2026, 10, 24, 8, 5) / 1000, '08:05'],
  ])('%s, %s: %d is %s', (protocol, key, value, text) => {
    expect(shownReading({ value }, step(protocol, key), 'Europe/London')).toBe(text);
  });
});
