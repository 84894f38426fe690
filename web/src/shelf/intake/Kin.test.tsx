import { lotSpread, lotSpreadMethod, type LotSpreadInput, type MaterialSpread } from '@bent-pail/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { HowMany } from './HowMany';
import { Kin } from './Kin';
import { stripPlaces } from './KinStrip';

function kin(lots: LotSpreadInput['lots'], key: MaterialSpread['property'] = 'airSpace'): MaterialSpread {
  const input = { lots };
  return {
    property: key,
    method: '12 cm vessel, tapped',
    lots: lots.map((values, i) => ({
      id: `lot${String(i)}`,
      code: `L${String(i)}`,
      mean: values.reduce((sum, value) => sum + value, 0) / values.length,
      n: values.length,
    })),
    spread: lotSpread(input),
    input,
    working: lotSpreadMethod.working('betweenSd', input),
  };
}

const APART = kin([
  [0.3, 0.31],
  [0.36, 0.37],
  [0.4, 0.41],
]);
const ALIKE = kin([
  [0.3, 0.34],
  [0.31, 0.33],
]);

describe('lots on a strip', () => {
  it('stand in their order, within the strip', () => {
    const { lots } = stripPlaces(APART);
    expect([...lots].sort((a, b) => a - b)).toEqual(lots);
    expect(Math.min(...lots)).toBeGreaterThanOrEqual(12);
    expect(Math.max(...lots)).toBeLessThanOrEqual(308);
  });

  it('stand close together where they differ by less than the scatter within', () => {
    const { lots, band } = stripPlaces(ALIKE);
    expect(Math.abs((lots[1] as number) - (lots[0] as number))).toBeLessThan(20);
    expect(band[1] - band[0]).toBe(0);
  });
});

describe('the table of lots', () => {
  it('names every lot with its value, and says in words where there is no spread', () => {
    render(<Kin kin={[APART, kin([[5], [5]], 'pH'), { ...ALIKE, property: 'totalPorosity' }]} lotId="lot1" />);
    expect(screen.getByRole('img', { name: /^Air space: L0 0.305\s*, L1 0.365\s*, L2 0.405/ })).toBeDefined();
    expect(screen.getAllByText('none beyond the scatter within')).toHaveLength(2);
  });
});

describe('how many bags must I test', () => {
  it('answers as the core does, and again when more is asked', async () => {
    render(<HowMany kin={[APART]} />);
    const field = screen.getByLabelText(/within/);
    const answer = (): string => screen.getByRole('status').textContent;
    const expected = (halfWidth: number): string => String(lotSpread({ ...APART.input, halfWidth }).lotsNeeded);
    await userEvent.clear(field);
    await userEvent.type(field, '0.05');
    expect(answer()).toContain(expected(0.05));
    await userEvent.clear(field);
    await userEvent.type(field, '0.03');
    expect(answer()).toContain(`test ${expected(0.03)} lots in all`);
  });

  it('says what is wrong with what was typed', async () => {
    render(<HowMany kin={[APART]} />);
    await userEvent.clear(screen.getByLabelText(/within/));
    await userEvent.type(screen.getByLabelText(/within/), 'close');
    expect(screen.getByText(/“close” is not a number/)).toBeDefined();
  });
});
