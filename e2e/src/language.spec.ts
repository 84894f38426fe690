import { test } from '@playwright/test';
import { VIEWS } from '../../web/src/app/views';
import type { Asker } from '../../web/src/shared/view';
import { scripts } from './cluster';
import { expect, Notebook } from './notebook';
import { Person } from './person';
import { settledTexts } from './shownTexts';
import { stands } from './stands';
import { turns } from './turns';
import { typedWords, without } from './typedWords';

// English with every letter changed: what stays plain on a page is in no catalogue, and would stay English for everybody.

/** What is the same in every language: signs, our own name, and what the browser writes by itself. */
const EVERYWHERE =
  /https?:\S+|\b(Bent Pail|PostgreSQL|CSV|XLSX|JSON|ZIP|UUID|OpenAPI|PDF|min|meq|mol|hPa|per (L|m³|cu ft|cu yd)|dry qt|cup|gal)\b|\b(and|[A-Z][a-z]+day|Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec|January|February|March|April|August|September|October|November|December)\b/g;
const PLAIN = /[A-Za-z]{3,}/;

/** A third of the days, for a build and a notebook of its own are made for it; `npm run axe` has it always. */
const turn = turns(3, process.env.BENT_PAIL_AXE === 'full');

turn(() => {
  test('no text of any view escapes from the catalogue', async ({ browser }) => {
    test.setTimeout(20 * 60_000);
    await (await scripts()).makeNobodys(process.env.BENT_PAIL_E2E_DATABASE ?? '');
    const notebook = await Notebook.open('nobodys', { BENT_PAIL_LANGUAGE: 'pseudo' });
    const me = await Person.enter(browser, notebook, 'Isla Brandreth');
    const ask: Asker = { list: (address) => me.list(address), all: (address) => me.ask(address) };
    const typed = await typedWords(notebook);
    const escaped = new Map<string, string>();
    let texts = 0;
    for (const view of Object.values(VIEWS))
      for (const address of await view.looks(ask)) {
        await me.page.goto(`${notebook.url}${address}`);
        await stands(me.page);
        for (const text of await settledTexts(me.page)) {
          texts += 1;
          const isPlain = (one: string): boolean => PLAIN.test(one.replace(EVERYWHERE, ' '));
          if (isPlain(text) && isPlain(without(typed, text))) escaped.set(text, address);
        }
      }
    expect([...escaped]).toEqual([]);
    // Pages were there to be read, and in the language that was asked for.
    expect(texts).toBeGreaterThan(1000);
    expect(await me.page.locator('html').getAttribute('lang')).toBe('pseudo');
    await expect(me.page.locator('main h1').first()).not.toHaveText(PLAIN);
    await notebook.close();
  });
});
