import { VERDICT_TABLE } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { beforeEach, expect, it } from 'vitest';
import { usePurpose } from '../shared/verdicts/usePurpose';
import { openSheetOf, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { ResultSide } from './ResultSide';
import { useLiveRun } from './useRunSheet';

const answers = { '/verdicts': VERDICT_TABLE.map((line) => ({ ...line, version: 0 })) };
const squeezed = { moisture: [1], squeeze: [2, 2, 1] };

function Side({ sheet }: { readonly sheet: ReturnType<typeof sheetOf> }): ReactElement {
  return <ResultSide run={useLiveRun(sheet, [])} />;
}

beforeEach(() => {
  usePurpose.setState({ use: 'containers', conditions: [] });
});

it('a run ends in what it means for a use, by the worst of its handfuls', async () => {
  openPage(<Side sheet={sheetOf('squeeze', squeezed)} />, { answers });
  expect(await screen.findByText('Not for pots and containers as this lot is.')).toBeTruthy();
  expect(screen.getByText(/It stays a ball: too close for a pot/)).toBeTruthy();
});

it('says nothing of it while it is open', async () => {
  openPage(<Side sheet={openSheetOf('squeeze', squeezed)} />, { answers });
  expect(await screen.findByRole('heading', { name: /so far/ })).toBeTruthy();
  expect(screen.queryByText('What that means')).toBeNull();
});
