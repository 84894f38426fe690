import { describe, expect, it } from 'vitest';
import { usualPattern } from '../shared/devices/deviceStore';
import { lineSays, patternRefusal } from './lineSays';

const { source: pattern, marksStable } = usualPattern('scale');

describe('a line that is tried out', () => {
  it.each([
    ['ST,+305.2 g', '305.2 g, stable.'],
    ['US,+305.2 g', '305.2 g, still moving.'],
    ['OL,', 'Overload: it would fill no cell.'],
    ['hello', 'The pattern does not know this line: it would fill no cell.'],
  ])('%s', (line, words) => {
    expect(lineSays({ pattern, marksStable }, line)).toBe(words);
  });

  it('by a pattern of one’s own', () => {
    expect(lineSays({ pattern: '^W=(?<value>\\d+)$', marksStable: false }, 'W=42')).toBe('42 (no unit).');
    expect(patternRefusal({ pattern: '(', marksStable: false })).toMatch(/^The pattern: this is not a regular/);
    expect(lineSays({ pattern: '(', marksStable: false }, 'W=42')).toMatch(/mended first/);
  });
});
