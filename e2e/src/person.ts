import type { Page as Rows } from '@bent-pail/contract';
import type { Browser, BrowserContext, Locator, Page } from '@playwright/test';
import type { Notebook } from './notebook';

/** The protocol that most journeys type pH by. */
export const PH = 'pH, 1:5 in water';

/** Somebody at a browser, who does things in the words of the work. */
export class Person {
  constructor(
    readonly page: Page,
    private readonly notebook: Pick<Notebook, 'url'>,
  ) {}

  /** A browser of one's own, signed in by the demo's one click; its page is not on any address yet. */
  static async enter(
    browser: Browser,
    notebook: Pick<Notebook, 'url'>,
    name: string,
    options: Parameters<Browser['newContext']>[0] = {},
  ): Promise<Person> {
    const context = await browser.newContext({
      locale: 'en-GB',
      timezoneId: 'Europe/London',
      viewport: { width: 1280, height: 800 },
      ...options,
    });
    // Through the door by its address: that its buttons work is a journey of its own.
    await context.request.post(`${notebook.url}/api/session/demo`, {
      data: { name },
      headers: { origin: notebook.url },
    });
    return new Person(await context.newPage(), notebook);
  }

  /** The same, through the door itself. */
  static async throughTheDoor(browser: Browser, notebook: Pick<Notebook, 'url'>, name: string): Promise<Person> {
    const context = await browser.newContext({ locale: 'en-GB', timezoneId: 'Europe/London' });
    const person = new Person(await context.newPage(), notebook);
    await person.signIn(name);
    return person;
  }

  get context(): BrowserContext {
    return this.page.context();
  }

  async signIn(name: string): Promise<void> {
    await this.page.goto(this.notebook.url);
    await this.page.getByRole('button', { name: new RegExp(name) }).click();
    await this.page.getByRole('navigation', { name: 'Order of the work' }).waitFor();
  }

  async go(address: string): Promise<void> {
    await this.page.goto(`${this.notebook.url}${address}`);
    await this.page.locator('main h1').waitFor();
  }

  /** Asks the API as this person. */
  async ask<T>(address: string): Promise<T> {
    return (await this.tell<T>('GET', address)).body;
  }

  /** The rows of a list's first page, as long as a page can be. */
  async list<T>(address: string): Promise<readonly T[]> {
    return (await this.ask<Rows<T>>(`${address}?limit=200`)).rows;
  }

  async tell<T>(
    method: string,
    address: string,
    body?: unknown,
  ): Promise<{ readonly status: number; readonly body: T }> {
    const { url } = this.notebook;
    const answer = await this.context.request.fetch(`${url}/api${address}`, {
      method,
      headers: { origin: url },
      ...(body === undefined ? {} : { data: body }),
    });
    const text = await answer.text();
    return { status: answer.status(), body: (text === '' ? undefined : JSON.parse(text)) as T };
  }

  /** Sets a choice to what is called so. */
  async choose(choice: Locator | string, words: string | RegExp): Promise<void> {
    await (typeof choice === 'string' ? this.page.getByLabel(choice, { exact: true }) : choice).click();
    await this.page.getByRole('option', { name: words }).first().click();
  }

  /** Opens a new sheet for pH readings of the first lot; returns the run's id. */
  async openSheet(replicates = 5): Promise<string> {
    await this.go('/bench?start');
    await this.choose('Protocol', PH);
    await this.page.getByLabel('Replicates').fill(String(replicates));
    await this.page.getByRole('button', { name: 'Open the sheet' }).click();
    await this.cell.waitFor();
    return this.page.url().split('/').at(-1) as string;
  }

  /** The lit cell's field. */
  get cell(): Locator {
    return this.page.locator('[data-lit] input[inputmode="decimal"]').first();
  }

  /** Types a reading into the lit cell and presses Enter. */
  async read(value: number | string): Promise<void> {
    await this.cell.fill(String(value));
    await this.cell.press('Enter');
  }

  /** How many readings on the sheet are kept, and how many wait. */
  kept(): Locator {
    return this.page.locator('[data-state="kept"]');
  }
  waiting(): Locator {
    return this.page.locator('[data-state="waiting"]');
  }
}
