import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { AskTwice } from '../kit/AskTwice';
import { Dialog, DialogClose } from '../kit/Dialog';
import { Popover } from '../kit/Popover';
import { choose } from '../testing/choose';
import { Choice } from '../kit/Choice';
import { useFocusBack } from './useFocusBack';

/** A button that is replaced by its form, as many of ours are. */
function Disclosed({ focuses = false }: { readonly focuses?: boolean }): ReactElement {
  useFocusBack();
  const [open, setOpen] = useState(false);
  return (
    <main>
      <h1>A page</h1>
      <button type="button">Another</button>
      {open ? (
        <form aria-label="Its form">
          <p>words first</p>
          <label>
            Why
            <input />
          </label>
          {focuses && <Focuses />}
          <button
            type="button"
            onClick={() => {
              setOpen(false);
            }}
          >
            Cancel
          </button>
        </form>
      ) : (
        <button
          type="button"
          onClick={() => {
            setOpen(true);
          }}
        >
          Open it again
        </button>
      )}
    </main>
  );
}

/** A row that opens one dialog for all rows, which is taken away as it is left. */
function OfRows(): ReactElement {
  const [row, setRow] = useState<string>();
  return (
    <main>
      {['first', 'second'].map((one) => (
        <button
          key={one}
          type="button"
          onClick={() => {
            setRow(one);
          }}
        >
          Change {one}
        </button>
      ))}
      {row !== undefined && (
        <Dialog
          title={row}
          line="of all rows"
          open
          onOpenChange={() => {
            setRow(undefined);
          }}
        >
          <button type="button">Done</button>
        </Dialog>
      )}
    </main>
  );
}

function Focuses(): ReactElement {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
  }, []);
  return <input ref={field} aria-label="It takes it itself" />;
}

/** A button that is gone once it was pressed, with nothing in its place. */
function Vanishing(): ReactElement {
  useFocusBack();
  const [gone, setGone] = useState(false);
  return (
    <main>
      <a href="#far">Far away</a>
      <section>
        <p>{gone ? 'all of it' : 'some of it'}</p>
        {!gone && (
          <button
            type="button"
            onClick={() => {
              setGone(true);
            }}
          >
            All of it
          </button>
        )}
        <a href="#near">Beside it</a>
      </section>
    </main>
  );
}

/** A button that waits for an answer, and may then have nothing more to send. */
function Sending({ isDone }: { readonly isDone: boolean }): ReactElement {
  useFocusBack();
  const [state, setState] = useState<'idle' | 'sent'>('idle');
  return (
    <main>
      <section>
        <a href="#beside">Beside it</a>
        <button
          type="button"
          disabled={state === 'sent'}
          onClick={({ currentTarget }) => {
            // What a browser does with the focus of what is disabled, and this one does not.
            currentTarget.blur();
            setState('sent');
            if (!isDone) setTimeout(() => setState('idle'), 40);
          }}
        >
          Keep
        </button>
      </section>
    </main>
  );
}

const focused = (): string | undefined =>
  document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent;

describe('what opens in the place of its opener', () => {
  it('has the focus in its first field, and gives it back', async () => {
    render(<Disclosed />);
    await userEvent.click(screen.getByRole('button', { name: 'Another' }));
    await userEvent.click(screen.getByRole('button', { name: 'Open it again' }));
    await waitFor(() => {
      expect(document.activeElement).toBe(screen.getByLabelText('Why'));
    });
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    await waitFor(() => {
      expect(focused()).toBe('Open it again');
    });
  });

  it('keeps the focus where it takes it itself', async () => {
    render(<Disclosed focuses />);
    await userEvent.click(screen.getByRole('button', { name: 'Open it again' }));
    await waitFor(() => {
      expect(focused()).toBe('It takes it itself');
    });
  });
});

function Kit(): ReactElement {
  const [open, setOpen] = useState(false);
  const [packed, setPacked] = useState('');
  return (
    <main>
      <Dialog opener="Leave one out" title="Leave one out" line="In sight." open={open} onOpenChange={setOpen}>
        <DialogClose>Keep it</DialogClose>
      </Dialog>
      <Popover opener="My pot">a slip</Popover>
      <AskTwice opener="End it" title="End it?" line="For good." no="No" yes="Yes" onYes={() => undefined} />
      <Choice label="Packed" value={packed} options={[{ key: 'tapped', words: 'tapped' }]} onChange={setPacked} />
    </main>
  );
}

describe('a part of the kit that opens', () => {
  it.each([
    { opener: 'Leave one out', closer: 'Keep it' },
    { opener: 'My pot', closer: undefined },
    { opener: 'End it', closer: 'No' },
  ])('gives the focus back to its opener: $opener', async ({ opener, closer }) => {
    render(<Kit />);
    await userEvent.click(screen.getByRole('button', { name: opener }));
    if (closer === undefined) await userEvent.keyboard('{Escape}');
    else await userEvent.click(await screen.findByRole('button', { name: closer }));
    await waitFor(() => {
      expect(document.activeElement).toBe(screen.getByRole('button', { name: opener }));
    });
  });

  it('gives it back to the row that opened a dialog of all rows', async () => {
    const user = userEvent.setup();
    render(<OfRows />);
    await user.click(screen.getByRole('button', { name: 'Change second' }));
    await screen.findByRole('dialog');
    await user.keyboard('{Escape}');
    await waitFor(() => {
      expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Change second' }));
    });
  });

  it('gives it back to a choice too', async () => {
    render(<Kit />);
    await choose(screen.getByLabelText('Packed'), 'tapped');
    await waitFor(() => {
      expect(document.activeElement).toBe(screen.getByLabelText('Packed'));
    });
  });

  it('goes to what is nearest where nothing comes in its place', async () => {
    render(<Vanishing />);
    await userEvent.setup().click(screen.getByRole('button', { name: 'All of it' }));
    await waitFor(() => {
      expect(focused()).toBe('Beside it');
    });
  });

  it.each([
    [false, 'Keep'],
    [true, 'Beside it'],
  ])('comes back to a button that waited, or to what is beside one that stays shut: %s', async (isDone, name) => {
    render(<Sending isDone={isDone} />);
    await userEvent.setup().click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() => {
      expect(focused()).toBe(name);
    });
  });
});
