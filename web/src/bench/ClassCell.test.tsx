import type { NewReading } from '@bent-pail/contract';
import { PROTOCOLS, type Reading, type Step } from '@bent-pail/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ClassCell } from './ClassCell';

const step = PROTOCOLS.find((one) => one.key === 'smell')?.steps[0] as Step;

function judge(standing?: Reading) {
  const kept: NewReading[] = [];
  const moved: string[] = [];
  render(
    <ClassCell
      step={step}
      classes={step.classes ?? []}
      replicate={2}
      standing={standing}
      mayWrite
      onKeep={(reading) => kept.push(reading)}
      onMove={(key) => moved.push(key)}
    />,
  );
  return { kept, moved };
}

describe('a cell that is judged', () => {
  it('has a button for each class, and takes a press', async () => {
    const { kept } = judge();
    expect(screen.getAllByRole('button')).toHaveLength(6);
    await userEvent.click(screen.getByRole('button', { name: /sour/ }));
    expect(kept).toMatchObject([{ replicate: 2, step: 'smell', value: 3 }]);
  });

  it('takes the digit of a class, and passes arrows on', async () => {
    const { kept, moved } = judge();
    await userEvent.keyboard('5');
    expect(kept).toMatchObject([{ value: 4 }]);
    await userEvent.keyboard('{ArrowDown}9');
    expect(moved).toEqual(['ArrowDown']);
    expect(kept).toHaveLength(1);
  });

  it('asks for a reason before it corrects', async () => {
    const standing = { id: 'old', replicate: 2, step: 'smell', value: 0, takenAt: '2026-11-24T08:00:00Z' };
    const { kept } = judge(standing);
    await userEvent.click(screen.getByRole('button', { name: /ammonia/ }));
    expect(screen.getByRole('alert').textContent).toMatch(/Say why/);
    await userEvent.type(screen.getByLabelText('Reason for the correction'), 'smelt again');
    await userEvent.click(screen.getByRole('button', { name: /ammonia/ }));
    expect(kept).toMatchObject([{ value: 4, corrects: 'old', reason: 'smelt again' }]);
  });
});
