import type { BlendPage, Recipe } from '@bent-pail/contract';
import { TARGET_PROFILES } from '@bent-pail/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useHand } from '../../shared/handStore';
import { blendRow, deskViewOf } from '../../testing/desk';
import { openPage, type Told } from '../../testing/page';
import { DeskHead } from './DeskHead';
import { NEW, useDrafts, type BlendDraft } from '../../shared/blends/draftStore';
import { idOf } from '../../testing/ids';
import { choose } from '../../testing/choose';

const parts = [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
];
const view = deskViewOf(parts);
const row = blendRow('0190a000-0000-7000-8000-000000000001', 'Tub mix', parts);
// What is kept names its lots by ids.
const lines = parts.map((line) => ({ ...line, lotId: idOf(line.lotId) }));
const page: BlendPage = { id: row.id, name: row.name, versions: [row.latest] };

interface Shown {
  readonly page?: BlendPage;
  readonly changed?: boolean;
  readonly recipe?: Recipe;
  readonly name?: string;
  readonly answers?: Readonly<Record<string, unknown>>;
}

/** The head of the desk over a recipe that changes as somebody works on it. */
function head({
  page: kept,
  changed = true,
  recipe = { ...view.recipe, lines },
  name = 'Tub mix',
  answers = {},
}: Shown = {}): {
  readonly told: readonly Told[];
  readonly now: () => BlendDraft;
} {
  let now: BlendDraft = { name, recipe };
  function Head(): ReactElement {
    const [draft, setDraft] = useState(now);
    return (
      <DeskHead
        draft={draft}
        draftKey={kept?.id ?? NEW}
        changed={changed}
        page={kept}
        shown={undefined}
        result={view.result}
        likeliest={view.result}
        profiles={TARGET_PROFILES}
        onChange={(next) => {
          now = next;
          setDraft(next);
        }}
      />
    );
  }
  const told = openPage(<Head />, { answers });
  return { told, now: () => now };
}

beforeEach(() => {
  useHand.setState({ hand: undefined });
  useDrafts.setState({ drafts: {} });
});

const lime = () => screen.getByLabelText<HTMLInputElement>('Lime, meq per litre made');
const type = async (field: HTMLElement, text: string): Promise<void> => {
  const user = userEvent.setup();
  await user.clear(field);
  await user.type(field, text);
};

describe('lime and sulphur', () => {
  it.each([
    ['12', 12],
    ['2,5', 2.5],
    ['-10', -10],
    ['−10', -10],
    ['0', 0],
  ])('%s is %d', async (text, value) => {
    const { now } = head();
    await type(lime(), text);
    expect(now().recipe.lime_meqPerL).toBe(value);
    expect(lime().getAttribute('aria-invalid')).toBe('false');
  });

  it.each(['much', '600', '-501'])('%s is none: it stays in the field, marked, and changes nothing', async (text) => {
    const { now } = head({ recipe: { ...view.recipe, lines, lime_meqPerL: 7 } });
    const user = userEvent.setup();
    await user.clear(lime());
    await user.paste(text);
    expect(lime().getAttribute('aria-invalid')).toBe('true');
    expect(lime().title).toMatch(/sulphur is negative/);
    await user.tab();
    expect(lime().value).toBe(text);
    expect(now().recipe.lime_meqPerL).toBe(7);
  });
});

describe('target and pot', () => {
  it('are part of the recipe, and the target can be taken off', async () => {
    const { now } = head();
    const user = userEvent.setup();
    await choose(screen.getByLabelText('Target'), /acid/i, user);
    expect(now().recipe.target).toBe('acid-lovers');
    await choose(screen.getByLabelText('Target'), 'none', user);
    expect('target' in now().recipe).toBe(false);
    await user.click(screen.getByRole('button', { name: /^My pot/ }));
    await user.click(screen.getByRole('button', { name: 'Pot 9 cm' }));
    expect(now().recipe).toMatchObject({ potName: 'Pot 9 cm', pot: { height_cm: 8.5 } });
  });
});

describe('keeping a blend', () => {
  it('asks for a name first', async () => {
    const { told } = head({ name: '' });
    await userEvent.setup().click(screen.getByRole('button', { name: 'Keep it' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Give the blend a name of 1 to 120 letters.');
    expect(told).toEqual([]);
  });

  it('leaves out lines that stand at nothing', async () => {
    const recipe = { ...view.recipe, lines: [...lines, { lotId: idOf('perlite-coarse'), parts: 0 }] };
    const { told } = head({ recipe, name: ' Tub mix ' });
    await userEvent.setup().click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: '/blends', body: { name: 'Tub mix', recipe: { lines } } });
  });

  it('as a further version takes a reason, which is gone with it', async () => {
    const { told } = head({ page, answers: { '/blends': page } });
    const user = userEvent.setup();
    const reason = screen.getByLabelText<HTMLInputElement>('Reason for this version');
    await user.type(reason, 'less coir');
    await user.click(screen.getByRole('button', { name: 'Keep as version 2' }));
    await waitFor(() => {
      expect(reason.value).toBe('');
    });
    expect(told[0]?.body).toMatchObject({ blendId: page.id, reason: 'less coir' });
  });

  it('sent again because nobody answered is the same blend and the same version', async () => {
    const { told } = head();
    const sent: { id: string; blendId: string }[] = [];
    let away = true;
    vi.stubGlobal('fetch', (_: string, { body = '{}' }: { readonly body?: string }) => {
      sent.push(JSON.parse(body) as { id: string; blendId: string });
      return away
        ? Promise.reject(new TypeError('Failed to fetch'))
        : Promise.resolve(new Response(JSON.stringify(page), { status: 201 }));
    });
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => {
      expect(sent).toHaveLength(2);
    });
    // Changed in between it is another version, but still the same blend.
    await type(lime(), '4');
    away = false;
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => {
      expect(sent.length).toBeGreaterThanOrEqual(3);
    });
    const [first, again, changed] = sent;
    expect(again).toEqual(first);
    expect(changed?.blendId).toBe(first?.blendId);
    expect(changed?.id).not.toBe(first?.id);
    expect(told).toEqual([]);
  });

  it('is not offered where nothing changed', () => {
    head({ page, changed: false });
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
    expect(screen.getByText(/^Version 1, kept 20 Nov by Tam Oswin/)).toBeTruthy();
  });
});

describe('a recipe that was changed', () => {
  it('says since which version, and leads back to it', async () => {
    useDrafts.getState().change(page.id, { name: 'x', recipe: view.recipe });
    head({ page });
    expect(screen.getByText(/^Changed since version 1/)).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'Back to it' }));
    expect(useDrafts.getState().drafts[page.id]).toBeUndefined();
  });

  it('of a kept blend is what one carries on', () => {
    head({ page });
    expect(useHand.getState().hand).toMatchObject({ kind: 'blend', id: page.id, name: 'Tub mix' });
  });
});
