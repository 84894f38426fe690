import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { toRecord } from '../shared/toRecord';
import { AMERICAN, openPage } from '../testing/page';
import { openSheetOf } from '../testing/fixtures';
import { pasteBlock } from './pasteBlock';
import { readBlock } from './readBlock';
import { PastePreview } from './PastePreview';

const NOW = Date.parse('2026-11-23T12:00:00Z');
const record = (values: Readonly<Record<string, readonly number[]>> = { waterTemp: [17.4], tare: [312.4] }) => ({
  ...toRecord(openSheetOf('saturate-drain-dry', values), []),
  replicateCount: 3,
});
const paste = (text: string, more: object = {}) =>
  pasteBlock({
    record: record(),
    at: { replicate: 0, step: 'filled' },
    block: readBlock(text) ?? [],
    turned: false,
    zone: 'UTC',
    now: NOW,
    ...more,
  }).map(({ replicate, step, text: said, reading, sentence }) => [
    `${step}${'ABC'.charAt(replicate)}`,
    reading?.value ?? said,
    sentence,
  ]);

describe('what comes from a spreadsheet', () => {
  it('is a block of lines and tabs; a single value is typed like any other', () => {
    expect(readBlock('1\t2\r\n3\t\r\n')).toEqual([
      ['1', '2'],
      ['3', ''],
    ]);
    expect(readBlock('312.4')).toBeUndefined();
    expect(readBlock('312.4\n')).toBeUndefined();
  });

  it('fills down the steps and across the replicates, times by the clock on the wall', () => {
    expect(paste('921.6\t919\n8:15\tyesterday 16:40')).toEqual([
      ['filledA', 921.6, undefined],
      ['filledB', 919, undefined],
      ['soakA', Date.parse('2026-11-23T08:15:00Z') / 1000, undefined],
      ['soakB', Date.parse('2026-11-22T16:40:00Z') / 1000, undefined],
    ]);
  });

  it('fills across where its lines are replicates', () => {
    expect(paste('921,6\n919\n\n', { turned: true })).toEqual([
      ['filledA', 921.6, undefined],
      ['filledB', 919, undefined],
    ]);
  });

  it('leaves what stands, what is for all, what is left out and what lies beyond the sheet, and says so', () => {
    const exclusions = [{ replicate: 2, reason: 'knocked over' }];
    const at = { replicate: 0, step: 'waterTemp' };
    expect(
      paste('18\t18\n312\t311\t310\t309', { at, record: { ...record(), exclusions } }).map(([cell, , why]) => [
        cell,
        why,
      ]),
    ).toEqual([
      ['waterTempA', 'Read already: it stays as it is.'],
      ['waterTempB', 'One reading is for all.'],
      ['tareA', 'Read already: it stays as it is.'],
      ['tareB', undefined],
      ['tareC', 'It is left out.'],
      ['tare', 'The sheet has no cell for it.'],
    ]);
  });

  it('says of each cell that is none what is wrong, and keeps the others', () => {
    const said = paste('heavy\t-3\t1,234\nnoon\tlater\t23:59');
    expect(said.map(([cell, , why]) => [cell, why])).toEqual([
      ['filledA', expect.stringMatching(/not a number/)],
      ['filledB', expect.stringMatching(/must lie between 0 and 50000 g/)],
      ['filledC', expect.stringMatching(/decimals or thousands/)],
      ['soakA', expect.stringMatching(/No time of the day/)],
      ['soakB', expect.stringMatching(/No time of the day/)],
      ['soakC', undefined],
    ]);
  });

  it('says what cannot be beside the others, those of the block too', () => {
    const kitchen = { ...toRecord(openSheetOf('kitchen-form', { added: [455] }), []), replicateCount: 1 };
    const at = { replicate: 0, step: 'collected' };
    const [, value, why] = paste('4200\n250', { at, record: kitchen })[0] ?? [];
    expect(value).toBe(4200);
    expect(why).toMatch(/more than the whole of A/);
  });

  it('takes the names of classes', () => {
    const squeeze = { ...toRecord(openSheetOf('squeeze', { moisture: [1] }), []), replicateCount: 2 };
    const at = { replicate: 0, step: 'squeeze' };
    expect(paste('Stays a ball\tno such', { at, record: squeeze })).toEqual([
      ['squeezeA', 2, undefined],
      ['squeezeB', 'no such', expect.stringMatching(/^None of: /)],
    ]);
  });
});

describe('the preview', () => {
  it('keeps nothing until somebody says so, then all that can be', async () => {
    const kept = vi.fn();
    const block = [
      ['921.6', 'heavy'],
      ['8:15', ''],
    ];
    openPage(
      <PastePreview
        record={record()}
        at={{ replicate: 0, step: 'filled' }}
        block={block}
        onKeep={kept}
        onLeave={vi.fn()}
      />,
    );
    const dialog = await screen.findByRole('dialog', { name: 'From a spreadsheet' });
    expect(within(dialog).getByText(/“heavy” is not a number/)).toBeTruthy();
    expect(kept).not.toHaveBeenCalled();
    fireEvent.click(within(dialog).getByRole('radio', { name: 'across the replicates' }));
    await userEvent.click(within(dialog).getByRole('radio', { name: 'down the steps' }));
    await userEvent.click(within(dialog).getByRole('button', { name: 'Keep 2 readings' }));
    expect(kept.mock.calls[0]?.[0]).toMatchObject([{ step: 'filled', value: 921.6 }, { step: 'soak' }]);
  });

  it('reads what is pasted as whoever pastes it reads it', async () => {
    const kept = vi.fn();
    openPage(
      <PastePreview
        record={record()}
        at={{ replicate: 1, step: 'tare' }}
        block={[['11'], ['32']]}
        onKeep={kept}
        onLeave={vi.fn()}
      />,
      { units: AMERICAN },
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Keep 2 readings' }));
    const [readings] = kept.mock.calls[0] as [readonly { readonly value: number }[]];
    expect(readings[0]?.value).toBeCloseTo(311.844754, 6);
  });
});
