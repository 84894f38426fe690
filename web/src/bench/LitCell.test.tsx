import type { NewReading } from '@bent-pail/contract';
import { PROTOCOLS, Sheet, type Protocol, type Reading } from '@bent-pail/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { queryClient } from '../shared/resources/client';
import { AMERICAN, openPage } from '../testing/page';
import { useDrafts } from './draftStore';
import { Keypad } from '../kit/Keypad';
import { LitCell } from './LitCell';
import { useMillivolts } from './millivolts';
import type { Offered } from './offered';
import { useCellEntry } from './useCellEntry';

const called = (key: string): Protocol => PROTOCOLS.find((one) => one.key === key) as Protocol;

interface Lit {
  readonly protocol?: string;
  readonly step?: string;
  readonly readings?: readonly Reading[];
  readonly takesMv?: boolean;
  readonly offered?: Offered;
  /** With the keypad under the sheet. */
  readonly keypad?: boolean;
}

/** A lit cell on the page; what it hands on is collected. */
function light({
  protocol: key = 'saturate-drain-dry',
  step: stepKey = 'tare',
  readings = [],
  takesMv = false,
  offered,
  keypad = false,
}: Lit) {
  const protocol = called(key);
  const step = protocol.steps.find((one) => one.key === stepKey) as Protocol['steps'][number];
  const kept: NewReading[] = [];
  const skipped: true[] = [];
  const cell = new Sheet(readings).cell(1, stepKey);
  const onKeep = (reading: NewReading): void => void kept.push(reading);
  function Lighted(): ReactElement {
    const entry = useCellEntry({
      runId: 'run',
      protocol,
      step,
      replicate: 1,
      standing: cell.standing[0],
      takesMv,
      offered,
      contradicts: () => undefined,
      onKeep,
      onSkip: () => skipped.push(true),
    });
    return (
      <>
        <LitCell
          step={step}
          replicate={1}
          cell={cell}
          entry={entry}
          mayWrite
          onKeep={onKeep}
          onMove={() => undefined}
        />
        {keypad && <Keypad text={entry.text} onText={entry.type} onKeep={entry.keep} isSigned={entry.inMv} />}
      </>
    );
  }
  render(<Lighted />);
  return { kept, skipped };
}

const before = (value: number, step = 'tare'): Reading => ({
  id: 'old',
  replicate: 1,
  step,
  value,
  takenAt: '2026-11-24T08:00:00Z',
});

beforeEach(() => {
  useDrafts.setState({ texts: {} });
  useMillivolts.setState({ on: false, temp: '20' });
});

describe('the cell to fill', () => {
  it('is typed into by the keypad too, and kept by it as by Enter, with the same doubts', async () => {
    const { kept } = light({ keypad: true });
    const press = async (...names: readonly string[]): Promise<void> => {
      for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
    };
    await press('7', '.', '.');
    await press('Keep 7..');
    expect(document.getElementById('cell-doubt')?.textContent).toMatch(/7\.\./);
    expect(kept).toEqual([]);
    await press('Delete', '5', 'Keep 7.5');
    expect(kept).toMatchObject([{ step: 'tare', value: 7.5 }]);
    expect(screen.getByRole('textbox')).toHaveProperty('value', '');
  });

  it('keeps what is typed with Enter, and empties itself', async () => {
    const { kept } = light({});
    await userEvent.type(screen.getByRole('textbox'), '312,4{Enter}');
    expect(kept).toMatchObject([{ replicate: 1, step: 'tare', value: 312.4 }]);
    expect(screen.getByRole('textbox')).toHaveProperty('value', '');
  });

  it('takes another unit behind the number, shows what it is, and refuses one of something else', async () => {
    const { kept } = light({});
    const cell = screen.getByRole('textbox');
    await userEvent.type(cell, '0,5 lb');
    expect(screen.getByText('= 226.796 g')).toBeTruthy();
    await userEvent.type(cell, '{Enter}');
    expect(kept[0]?.value).toBeCloseTo(226.796185, 9);
    await userEvent.type(cell, '3 L{Enter}');
    expect(document.getElementById('cell-doubt')?.textContent).toMatch(/“L” is no unit for this; use g, kg/);
    expect(kept).toHaveLength(1);
  });

  it('takes ounces from whoever reads ounces, and keeps grams', async () => {
    openPage(<p>a page</p>, { units: AMERICAN });
    const { kept } = light({});
    expect(screen.getByText('oz')).toBeTruthy();
    await userEvent.setup().type(screen.getByLabelText('Tare, vessel dry, B'), '11{Enter}');
    expect(kept[0]?.value).toBeCloseTo(311.844754, 6);
    queryClient.clear();
  });

  it('asks which is meant where a comma could part thousands', async () => {
    const { kept } = light({});
    await userEvent.type(screen.getByRole('textbox'), '1,234{Enter}');
    expect(kept).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: /^1\s234$/ }));
    expect(kept).toMatchObject([{ value: 1234 }]);
  });

  it('says what is wrong with a text, keeps it, and hands nothing on', async () => {
    const { kept } = light({});
    await userEvent.type(screen.getByRole('textbox'), 'heavy{Enter}');
    expect(screen.getByText(/is not a number/)).toBeDefined();
    expect(screen.getByRole('textbox')).toHaveProperty('value', 'heavy');
    expect(kept).toEqual([]);
  });

  it('refuses what cannot be, with the bounds', async () => {
    const { kept } = light({});
    await userEvent.type(screen.getByRole('textbox'), '-3{Enter}');
    expect(screen.getByText(/must lie between 0 and 50000 g/)).toBeDefined();
    expect(kept).toEqual([]);
  });

  it('is passed over where it may stay empty', async () => {
    const { kept, skipped } = light({ step: 'filled' });
    await userEvent.type(screen.getByRole('textbox'), '{Enter}');
    expect(skipped).toHaveLength(1);
    expect(kept).toEqual([]);
  });

  it('asks for a reason before it corrects', async () => {
    const { kept } = light({ readings: [before(312)] });
    await userEvent.type(screen.getByRole('textbox', { name: /Tare/ }), '321{Enter}');
    expect(kept).toEqual([]);
    await userEvent.type(screen.getByRole('textbox', { name: /reason|why/i }), 'figures swapped{Enter}');
    expect(kept).toMatchObject([{ value: 321, corrects: 'old', reason: 'figures swapped' }]);
  });

  it('takes what is known of it by one press, and no more once something is typed', async () => {
    const offered = { value: 312.4, from: 'as V2 weighed when it was measured' };
    const { kept } = light({ offered });
    await userEvent.type(screen.getByRole('textbox'), '3');
    expect(screen.queryByRole('button', { name: /as V2 weighed/ })).toBeNull();
    await userEvent.clear(screen.getByRole('textbox'));
    await userEvent.click(screen.getByRole('button', { name: /312.4 g as V2 weighed/ }));
    expect(kept).toMatchObject([{ step: 'tare', value: 312.4 }]);
  });

  it('starts a timer by one press', async () => {
    const { kept } = light({ step: 'soak' });
    await userEvent.click(screen.getByRole('button', { name: 'Start soaking' }));
    expect(kept[0]?.value).toBeGreaterThan(1.7e9);
  });
});

describe('a pH cell', () => {
  it('shows pH or mV from the start, and says what mV take where the pen shows none', async () => {
    const { kept } = light({ protocol: 'ph-1to5', step: 'pH' });
    await userEvent.click(screen.getByRole('radio', { name: 'mV' }));
    expect(screen.getByRole('status').textContent).toMatch(/choose or add one above. Until then type pH/);
    await userEvent.type(screen.getByRole('textbox'), '6.2{Enter}');
    expect(kept).toMatchObject([{ value: 6.2 }]);
    expect(kept[0]).not.toHaveProperty('mVTemp_C');
  });

  it('never takes a temperature for granted, and keeps by Enter in its field too', async () => {
    const { kept } = light({ protocol: 'ph-1to5', step: 'pH', takesMv: true });
    useMillivolts.setState({ on: true, temp: '' });
    await userEvent.type(screen.getByRole('textbox', { name: /^pH/ }), '100{Enter}');
    expect(kept).toEqual([]);
    await userEvent.type(screen.getByRole('textbox', { name: /Temperature/ }), '19{Enter}');
    expect(kept).toMatchObject([{ value: 100, mVTemp_C: 19 }]);
  });

  it('takes mV with the temperature of the extract', async () => {
    const { kept } = light({ protocol: 'ph-1to5', step: 'pH', takesMv: true });
    await userEvent.click(screen.getByRole('radio', { name: 'mV' }));
    await userEvent.clear(screen.getByRole('textbox', { name: /Temperature/ }));
    await userEvent.type(screen.getByRole('textbox', { name: /Temperature/ }), '18.5');
    await userEvent.type(screen.getByRole('textbox', { name: /^pH/ }), '-12.5{Enter}');
    expect(kept).toMatchObject([{ value: -12.5, mVTemp_C: 18.5 }]);
  });

  it('asks for the temperature before it takes a reading in mV', async () => {
    const { kept } = light({ protocol: 'ph-1to5', step: 'pH', takesMv: true });
    useMillivolts.setState({ on: true, temp: 'cold' });
    await userEvent.type(screen.getByRole('textbox', { name: /^pH/ }), '100{Enter}');
    expect(screen.getByText(/Say how warm the extract is/)).toBeDefined();
    expect(kept).toEqual([]);
  });
});
