import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { cardPageOf, PUMICE, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { PrintCardPage } from './PrintCardPage';

const at = { at: '/shelf/lots/lot/print', path: '/shelf/lots/:id/print' };

describe('a card on paper', () => {
  it('has every figure with its spread, how it was had, and the runs', async () => {
    openPage(<PrintCardPage />, {
      ...at,
      answers: { '/lots/lot': cardPageOf([sheetOf('saturate-drain-dry', PUMICE)]) },
    });
    const row = await screen.findByRole('row', { name: /^Air space/ });
    expect(within(row).getByText(/^0\.3\d+ ± 0\.\d+/)).toBeDefined();
    expect(row.textContent).toContain('12 cm vessel, tapped, drained 60 min, run 7');
    expect(screen.getByText(/Not known yet: pH 1:5, EC 1:2/)).toBeDefined();
  });

  it('says of one grab that it is one, and of a missing calibration that it is missing', async () => {
    const grab = { from: 'bag', increments: 1, combined: 'as-taken', finesMixedBack: false } as const;
    const runs = [
      sheetOf('saturate-drain-dry', PUMICE, { sample: grab }),
      sheetOf('ph-1to5', { pH: [5.1, 5.2, 5.2] }, { id: 'pH', number: 8 }),
    ];
    openPage(<PrintCardPage />, { ...at, answers: { '/lots/lot': cardPageOf(runs) } });
    expect((await screen.findByRole('row', { name: /^Air space/ })).textContent).toContain('one grab');
    expect((await screen.findByRole('row', { name: /^pH, 1:5/ })).textContent).toContain('Calibration none on record.');
  });

  it('marks a class’s pail as one that nobody measured', async () => {
    openPage(<PrintCardPage />, { ...at, answers: { '/lots/lot': cardPageOf([]) } });
    expect(await screen.findByText(/as its class usually is, not measured/)).toBeDefined();
  });
});
