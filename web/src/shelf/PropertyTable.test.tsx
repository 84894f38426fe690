import { replicates, type LotFigure } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { PropertyTable } from './PropertyTable';

const figure = (property: string, mean: number): LotFigure =>
  ({
    property,
    summary: replicates({ values: [mean] }).summary,
    origin: 'measured',
    method: 'by hand',
    methodKey: property,
    runs: [],
    working: { calc: 'replicates', input: {}, words: 'replicates.mean', pick: 'summary.mean' },
  }) as unknown as LotFigure;

it('an EC has its class by its own extraction, with where that begins and ends', () => {
  openPage(<PropertyTable currency="£" figures={[figure('ec_dSm', 0.8), figure('ec1to5', 1.4), figure('pH', 6)]} />);
  const rows = screen.getAllByRole('row').map((row) => row.textContent);
  expect(rows.find((row) => row.startsWith('EC, 1:2'))).toContain('normal for this extraction (0.76 to 1.26)');
  expect(rows.find((row) => row.startsWith('EC, 1:5'))).toContain('extreme for this extraction (1.00 and over)');
  expect(rows.find((row) => row.startsWith('pH'))).not.toContain('extraction');
});
