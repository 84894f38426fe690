import { describe, expect, it } from 'vitest';
import type { ChartInk } from './ink';
import { svgOf } from './svgOf';

const INK = { ink: '#111', paper: '#fefdf9', text: '"Two Words", sans-serif', figure: '"Two Words"' } as ChartInk;

const line = (data: number[][]) => (ink: ChartInk) => ({
  grid: { left: 20, right: 10, top: 5, bottom: 15 },
  xAxis: { type: 'value' as const, axisLabel: { fontFamily: ink.figure } },
  yAxis: { type: 'value' as const },
  series: [{ type: 'line' as const, data, symbol: 'none' }],
});

describe('charts as one picture', () => {
  it('stand below each other, each under its title, as lines and not as dots', async () => {
    const drawn = [
      [0, 1],
      [2, 3],
    ];
    const parts = [
      { title: 'Water < 1 L', draw: line(drawn), height: 100 },
      { title: 'Air', draw: line(drawn), height: 60 },
    ];
    const text = await svgOf(parts, 400, INK);
    const svg = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
    expect([svg.getAttribute('width'), svg.getAttribute('height')]).toEqual(['400', '200']);
    expect(text).toContain('Water &lt; 1 L');
    expect(text.match(/<svg /g)).toHaveLength(3);
    expect(text).toContain('<rect width="100%" height="100%" fill="#fefdf9"/>');
    expect(text).toContain('<path');
    expect(text).not.toContain('<image');
    expect(text).toContain("font-family:'Two Words'");
    expect(text).not.toContain('font-family:"');
  });
});
