import type { LotFigure } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { LotFood } from './LotFood';

const figure = (property: string, mean: number): LotFigure =>
  ({ property, origin: 'measured', summary: { mean, n: 1 } }) as unknown as LotFigure;

describe('what a lot feeds', () => {
  it('says how much is in range, what runs short and what is too much', () => {
    openPage(
      <LotFood
        name="Coir"
        figures={[
          figure('labNitrate', 20),
          figure('labPotassium', 400),
          figure('labSodium', 90),
          figure('labCalcium', 60),
        ]}
      />,
    );
    const said = screen.getByRole('region', { name: 'Food' }).textContent;
    // Calcium 1 of nitrogen 2, potassium 2, calcium 1, sodium 1.
    expect(said).toContain('0.17');
    expect(said).toContain('Nitrogen runs short first. Too much: potassium and sodium.');
  });

  it('is silent without a report', () => {
    openPage(<LotFood name="Coir" figures={[figure('pH', 6)]} />);
    expect(screen.queryByRole('region', { name: 'Food' })).toBeNull();
  });
});
