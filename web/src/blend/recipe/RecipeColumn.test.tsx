import type { Recipe } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { blendRow, deskViewOf, SHELF } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage, type Told } from '../../testing/page';
import { AddLine } from './AddLine';
import { RecipeColumn } from './RecipeColumn';
import { choose } from '../../testing/choose';
import { useToasts } from '../../kit/toasts';

const start: Recipe = {
  ...deskViewOf([
    { lotId: 'bark-graded', parts: 3 },
    { lotId: 'coir-pith', parts: 1 },
  ]).recipe,
};
const base = blendRow('0190a000-0000-7000-8000-000000000001', 'Base mix', [{ lotId: 'perlite-coarse', parts: 2 }]);

/** The column with a recipe that changes as somebody works on it. */
function column(recipe = start): { readonly kept: () => Recipe; readonly told: readonly Told[] } {
  let now = recipe;
  function Column(): ReactElement {
    const [shown, setShown] = useState(recipe);
    return (
      <RecipeColumn
        draft={{ name: 'Tub mix', recipe: shown }}
        draftKey="new"
        larder={{ lots: SHELF, blends: [base] }}
        result={undefined}
        onRecipe={(next) => {
          now = next;
          setShown(next);
        }}
      />
    );
  }
  const told = openPage(<Column />, { answers: lists({ lots: SHELF }) });
  return { told, kept: () => now };
}

const type = async (label: string, text: string): Promise<void> => {
  const user = userEvent.setup();
  const field = screen.getByLabelText(label);
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
};

describe('the recipe', () => {
  it('takes a range as it is typed, and says so beside the name', async () => {
    const { kept } = column();
    await type('Parts of Coir, typed', '1-2');
    expect(kept().lines[1]).toMatchObject({ parts: 1.5, least: 1, most: 2 });
    expect(screen.getByText(/1 to 2 parts/)).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'More parts of Coir' }));
    expect(kept().lines[1]).toEqual({ lotId: 'coir-pith', parts: 2.5 });
  });

  it('keeps what cannot be read in the field, with a sentence', async () => {
    const { kept } = column();
    await type('Parts of Coir, typed', '20 L');
    expect(screen.getByRole('alert').textContent).toContain('How many litres is one part');
    expect(kept()).toEqual(start);
    await type('How much one part is', '10');
    await type('Parts of Coir, typed', '20 L');
    expect(kept().lines[1]).toMatchObject({ parts: 2, written: '20 L' });
  });

  it('is shown in percent, and in scoops once a part has a size', async () => {
    const user = userEvent.setup();
    column({ ...start, part_L: 8 });
    await choose(screen.getByLabelText('Recipe shown in'), /^% by volume/, user);
    expect(screen.getByText('75.0 %')).toBeTruthy();
    await choose(screen.getByLabelText('Recipe shown in'), /scoop/, user);
    expect(screen.getByText('12.0 scoops')).toBeTruthy();
  });

  it('takes a kept blend as a part', async () => {
    const { kept } = column();
    await choose(screen.getByLabelText('Add a lot'), /version 1/);
    expect(kept().lines[2]).toEqual({ blend: { id: base.id, n: 1 }, parts: 1 });
    expect(screen.getByText('blend, version 1')).toBeTruthy();
  });

  it('says what a line is in for and what else would do', async () => {
    const user = userEvent.setup();
    const { kept } = column();
    await user.click(screen.getByRole('button', { name: 'More about Bark' }));
    await choose(screen.getByLabelText('What Bark is there to do'), /air/i, user);
    await choose(screen.getByLabelText('Or instead'), /Pumice/, user);
    await user.click(screen.getByLabelText('may be left out'));
    expect(kept().lines[0]).toMatchObject({ job: 'air', or: ['pumice-coarse'], optional: true });
    await user.click(screen.getByLabelText('may be left out'));
    expect(kept().lines[0]).not.toHaveProperty('optional');
  });

  it('lets the rest fill up as the others change', async () => {
    const lines = [
      { lotId: 'bark-graded', parts: 70 },
      { lotId: 'coir-pith', parts: 30, rest: true },
    ];
    const { kept } = column({ ...start, lines, whole: 100 });
    await type('Parts of Bark, typed', '55');
    expect(kept().lines[1]).toMatchObject({ parts: 45, rest: true });
  });
});

describe('a powder by weight', () => {
  it('is added with its dose, and refused without a name', async () => {
    const user = userEvent.setup();
    const { kept } = column();
    await user.click(screen.getByRole('button', { name: 'Add something by weight' }));
    await user.type(await screen.findByLabelText('To a litre made'), '2,5');
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect(screen.getByRole('alert').textContent).toContain('name');
    await user.type(screen.getByLabelText('What it is called'), 'bone meal');
    await user.type(screen.getByLabelText('Nitrogen on its label, %'), '4');
    expect(screen.getByText(/draws dogs.*At most: 1.0 g\/L for seedlings/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect(kept().additives).toEqual([{ name: 'bone meal', gPerL: 2.5, classId: 'bone-meal', n_percent: 4 }]);
    await user.click(screen.getByRole('button', { name: 'take out bone meal' }));
    expect(kept().additives).toEqual([]);
  });
});

describe('a handful by weight', () => {
  it('is as wide as hands are, until one was weighed, which is kept for all', async () => {
    const user = userEvent.setup();
    const { kept, told } = column();
    const add = async (dose: string, handful?: string): Promise<void> => {
      await user.click(screen.getByRole('button', { name: 'Add something by weight' }));
      await user.type(await screen.findByLabelText('What it is called'), 'wood ash');
      await user.type(screen.getByLabelText('To a litre made'), dose);
      if (handful !== undefined) await user.type(screen.getByLabelText(/^Your handful of it/), handful);
      await user.click(screen.getByRole('button', { name: 'Add it' }));
    };
    await add('0,1 handful');
    await waitFor(() => {
      expect(kept().additives).toEqual([{ name: 'wood ash', gPerL: 3.75, gPerL_se: 0.625, classId: 'wood-ash' }]);
    });
    expect(screen.getByText(/3.75 g\/L of wood ash is more than the 2 g\/L/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'take out wood ash' }));
    await add('0.1 handful', '31');
    await waitFor(() => {
      expect(kept().additives).toEqual([{ name: 'wood ash', gPerL: 3.1, classId: 'wood-ash' }]);
    });
    expect(told).toMatchObject([{ address: '/notebook/handfuls', body: { classId: 'wood-ash', g: 31 } }]);
  });

  it('of something unknown asks for grams', async () => {
    const user = userEvent.setup();
    column();
    await user.click(screen.getByRole('button', { name: 'Add something by weight' }));
    await user.type(screen.getByLabelText('What it is called'), 'fairy dust');
    await user.type(screen.getByLabelText('To a litre made'), '1 handful');
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/type grams/);
  });
});

describe('a pasted recipe', () => {
  const paste = async (text: string): Promise<void> => {
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: 'Paste a written recipe' }));
    await user.type(screen.getByLabelText('A recipe, as it is written'), text);
  };
  const take = (name: RegExp) => userEvent.setup().click(screen.getByRole('button', { name }));

  it('is taken back by one press where it was not meant', async () => {
    const { kept } = column();
    await paste('2 parts bark, 1 part coir');
    await take(/^Take these 2 lines/);
    expect(kept()).not.toEqual(start);
    useToasts.getState().toasts.at(-1)?.undo?.();
    await waitFor(() => {
      expect(kept()).toEqual(start);
    });
  });

  it('asks how large each measure is, and takes it once a part has a size', async () => {
    const { kept } = column();
    await paste('3 parts bark, 2 buckets coir');
    expect(screen.getByText(/It counts in parts and in buckets: how large is each/)).toBeTruthy();
    await type('One part of it, L', '5');
    await take(/^Take these 2 lines/);
    expect(kept()).toMatchObject({ part_L: 1, lines: [{ parts: 15 }, { parts: 20 }] });
  });

  it('is not taken while a line has no lot or a piece was not read, until it is left out on purpose', async () => {
    const user = userEvent.setup();
    const { kept } = column();
    await paste('3 parts bark, 1 part unicorn hair, char to taste');
    expect(screen.getByText(/^Still open: unicorn hair; char to taste/)).toBeTruthy();
    const button = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Take this line' });
    expect(button().disabled).toBe(true);
    expect(screen.getByText('written: 3 parts bark')).toBeTruthy();
    await choose(screen.getByLabelText('unicorn hair'), 'leave it out', user);
    await user.click(screen.getByLabelText('leave it out'));
    expect(screen.queryByText(/^Still open/)).toBeNull();
    await user.click(button());
    expect(kept().lines).toHaveLength(1);
  });

  it('asks what percent over 100 mean', async () => {
    const user = userEvent.setup();
    const { kept } = column();
    await paste('60% bark, 40% coir, 10% perlite');
    expect(screen.getByText(/do not total 100/)).toBeTruthy();
    await choose(screen.getByLabelText('What the percent mean'), 'perlite comes on top', user);
    expect(screen.queryByText(/do not total 100/)).toBeNull();
    await take(/^Take these 3 lines/);
    expect(kept().lines[2]).toMatchObject({ parts: 10, onTop: true });
  });

  it('takes a kept blend by its name for a part of this one', async () => {
    const { kept } = column();
    await paste('2 parts of our base mix, 1 part pumice');
    await take(/^Take these 2 lines/);
    expect(kept().lines).toMatchObject([
      { blend: { id: base.id, n: 1 }, parts: 2 },
      { lotId: 'pumice-coarse', parts: 1 },
    ]);
  });

  it('asks for the grams of a meal that was written in percent, and counts it by weight', async () => {
    const { kept } = column();
    await paste('95 % bark, 5 % bone meal');
    expect(screen.getByText(/counts by weight: how many grams go to a litre made/)).toBeTruthy();
    await type('bone meal, to a litre made, g', '3');
    expect(screen.queryByText(/counts by weight/)).toBeNull();
    await take(/^Take this line/);
    expect(kept()).toMatchObject({
      lines: [{ lotId: 'bark-graded', parts: 95 }],
      additives: [{ name: 'bone meal', gPerL: 3, classId: 'bone-meal' }],
    });
  });
});

describe('a lot of which nothing is known', () => {
  it('is not offered, and said so with the way to say what it is', async () => {
    const grey = {
      ...(SHELF[0] as (typeof SHELF)[number]),
      id: 'grey',
      name: 'The grey stuff',
      code: 'G-1',
      usable: false,
    };
    openPage(<AddLine lots={SHELF} used={[]} blends={[]} onAdd={() => undefined} />, {
      answers: lists({ lots: [...SHELF, grey] }),
    });
    const user = userEvent.setup();
    await user.click(screen.getByLabelText('Add a lot'));
    await user.type(screen.getByPlaceholderText('name, code, source'), 'grey');
    const link = await screen.findByRole('link', { name: 'The grey stuff, G-1', hidden: true });
    expect(link.getAttribute('href')).toBe('/shelf/lots/grey');
    expect(link.closest('p')?.textContent).toMatch(/nothing is known of it to predict from/);
    expect(screen.queryByRole('option', { name: /The grey stuff/ })).toBeNull();
  });
});
