import { VIEWS } from '../../web/src/app/views';
import type { Asker } from '../../web/src/shared/view';
import { expect, test } from './notebook';
import { Person } from './person';
import { stands } from './stands';
import { inTurn } from './turns';

/**
 * Every button of every page is pressed by keyboard; the page is opened anew where a press has left it another. The focus never falls to the
 * page's beginning; what opens a form, a dialog or a list has it back once that is left.
 */
const FULL = process.env.BENT_PAIL_AXE === 'full';
/** Of the pages a twentieth each day, and a third of what stands on each; `npm run axe` presses all. */
const isOpened = inTurn(20, FULL);
const isPressed = inTurn(3, FULL);

const PARTS = [
  ['today', 'shelf', 'people', 'verdicts', 'words', 'shop', 'record'],
  ['bench', 'protocols', 'instruments', 'vessels', 'laboratory', 'devices'],
  ['blend', 'pot', 'score', 'grow', 'class', 'join'],
] as const;

/** What leaves something again without keeping it. */
const LEAVING = /^(Cancel|Close|Done|Wait|Not now)$/;
/** What opens the system's own window, or ends the session. */
const APART = /^(Print|Save as|Sign out|Download)/;

const nameOf = (text: string): string => text.replace(/[\d.,:–-]+/g, '#');

/** What does not come within this is not there. */
const PATIENCE_MS = 20000;

class Presser {
  private opened = '';

  constructor(
    private readonly me: Person,
    private readonly url: string,
  ) {
    me.page.setDefaultTimeout(PATIENCE_MS);
  }

  private get buttons() {
    return this.me.page.locator('main button:visible:enabled, main summary:visible');
  }

  async open(address: string): Promise<void> {
    const { page, context } = this.me;
    // A button before may have ended the session, as some are there to do; the shop's page needs none and has no edge.
    if (!(await context.request.get(`${this.url}/api/today`)).ok())
      await context.request.post(`${this.url}/api/session/demo`, {
        data: { name: 'Isla Brandreth' },
        headers: { origin: this.url },
      });
    await page.goto(`${this.url}${address}`);
    await stands(page);
    await page.waitForTimeout(250);
    this.opened = await this.looks();
  }

  /** Whether the page is as it was opened, so that the next button can be pressed on it. */
  async isAsOpened(): Promise<boolean> {
    return (await this.looks()) === this.opened;
  }

  /** The address, what can be pressed, what floats, and what is written. */
  private async looks(): Promise<string> {
    const { page } = this.me;
    const said = await page.evaluate(() => document.body.innerText.replaceAll(/\d+/g, '#'));
    return [page.url(), said, ...(await this.names())].join('\n');
  }

  names(): Promise<string[]> {
    return this.buttons.evaluateAll((all) =>
      all.map((one) => (one.getAttribute('aria-label') ?? one.textContent).trim()),
    );
  }

  /** What is wrong after the button at this place was pressed, if anything. */
  async press(place: number): Promise<string | undefined> {
    const { page } = this.me;
    const button = this.buttons.nth(place);
    const name = (await this.names())[place];
    // What stood there before was used up by another button.
    if (name === undefined) return undefined;
    const address = page.url();
    await button.focus();
    await page.keyboard.press('Enter');
    await page.waitForTimeout(350);
    if (page.url() !== address) return undefined;
    if (await this.isLost()) return 'the focus is lost when it is pressed';
    const left = await this.leave(name);
    if (left === undefined || !(await this.isLost())) return undefined;
    return `the focus is lost when it is left by ${left}`;
  }

  /** Nothing has the focus; a page that has just moved on is given a moment. */
  private async isLost(): Promise<boolean> {
    const has = () => this.me.page.evaluate(() => document.activeElement !== document.body);
    for (let i = 0; i < 5; i += 1) {
      if (await has()) return false;
      await this.me.page.waitForTimeout(200);
    }
    return true;
  }

  /** Leaves what was opened: by Escape what floats, by its own button what stands in the page. */
  private async leave(name: string): Promise<string | undefined> {
    const { page } = this.me;
    const floats = page.locator('[role=dialog], [role=alertdialog], [role=listbox], [role=menu]');
    if ((await floats.count()) > 0) {
      await page.keyboard.press('Escape');
      await page.waitForTimeout(350);
      return 'Escape';
    }
    const leaving = page.locator('main').getByRole('button', { name: LEAVING });
    if ((await leaving.count()) === 0 || LEAVING.test(name)) return undefined;
    await leaving.first().focus();
    await page.keyboard.press('Enter');
    await page.waitForTimeout(350);
    return 'its button';
  }
}

for (const part of PARTS) {
  test(`the focus comes back from everything: ${part.join(', ')}`, async ({ browser, notebook }) => {
    test.setTimeout(FULL ? 40 * 60000 : 12 * 60000);
    const me = await Person.enter(browser, notebook, 'Isla Brandreth');
    const ask: Asker = { list: (address) => me.list(address), all: (address) => me.ask(address) };
    const addresses: string[] = [];
    for (const name of part) addresses.push(...((await VIEWS[name]?.looks(ask)) ?? []));
    const presser = new Presser(me, notebook.url);
    const known = new Set<string>();
    const lost: string[] = [];
    for (const address of addresses.filter(isOpened)) {
      await presser.open(address);
      const page = address.replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '#');
      for (const [place, name] of (await presser.names()).entries()) {
        const what = `${page}: ${nameOf(name)}`;
        if (!isPressed(name, place) || known.has(what) || APART.test(name)) continue;
        known.add(what);
        const wrong = await presser.press(place);
        if (wrong !== undefined) lost.push(`${what}: ${wrong}`);
        if (!(await presser.isAsOpened())) await presser.open(address);
      }
    }
    expect(lost).toEqual([]);
    expect(known.size).toBeGreaterThan(0);
  });
}

test('every view is pressed through', () => {
  expect(PARTS.flat().sort()).toEqual(Object.keys(VIEWS).sort());
});
