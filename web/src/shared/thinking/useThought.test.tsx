import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { beforeEach, expect, it } from 'vitest';
import type { think } from './thinker';
import { Thinking } from './Thinking';
import { useThought, type Question } from './useThought';

const asked: { give: (answer: unknown) => void; stopped: boolean }[] = [];

/** A worker that answers when it is told to. */
const thinker: typeof think = <T,>() => {
  const one = { give: (_: unknown): void => undefined, stopped: false };
  asked.push(one);
  return {
    answer: new Promise<T>((resolve) => {
      one.give = resolve as (answer: unknown) => void;
    }),
    stop: () => {
      one.stopped = true;
    },
  };
};

beforeEach(() => {
  asked.length = 0;
});

function Asking({ ask }: { readonly ask: Question<number> }): ReactElement {
  const thought = useThought(ask, thinker);
  return (
    <>
      <output>{thought.answer}</output>
      <Thinking thought={thought} />
    </>
  );
}

const question = (): Question<number> => () => Promise.resolve(0);

it('an answer stands for its own question only', async () => {
  const { rerender } = render(<Asking ask={question()} />);
  expect(screen.getByText('One moment.')).toBeTruthy();
  await waitFor(() => {
    expect(asked).toHaveLength(1);
  });
  asked[0]?.give(7);
  expect(await screen.findByText('7')).toBeTruthy();
  rerender(<Asking ask={question()} />);
  expect(screen.getByRole('status').textContent).toBe('');
  expect(asked[0]?.stopped).toBe(true);
});

it('what takes its time says so, can be stopped, and asked again', async () => {
  const ask = question();
  render(<Asking ask={ask} />);
  expect(await screen.findByRole('progressbar', { name: 'Working it out' })).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(asked[0]?.stopped).toBe(true);
  expect(screen.queryByRole('progressbar')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
  await waitFor(() => {
    expect(asked).toHaveLength(2);
  });
  asked[1]?.give(3);
  expect(await screen.findByText('3')).toBeTruthy();
});
