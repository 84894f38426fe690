import type { Page } from '@playwright/test';

/** Counts what a person presses on a page: keys beyond what has to be typed, and taps of a finger or a mouse. */
export class Presses {
  private constructor(private readonly page: Page) {}

  static async count(page: Page): Promise<Presses> {
    await page.addInitScript(() => {
      const kept = Number(sessionStorage.getItem('presses') ?? '0');
      let counted = kept;
      const press = (): void => {
        counted += 1;
        sessionStorage.setItem('presses', String(counted));
      };
      addEventListener(
        'keydown',
        ({ key }) => {
          if (!/^[\p{L}\p{N} .,'-]$/u.test(key) && key !== 'Shift') press();
        },
        true,
      );
      addEventListener('pointerdown', press, true);
    });
    return new Presses(page);
  }

  get made(): Promise<number> {
    return this.page.evaluate(() => Number(sessionStorage.getItem('presses') ?? '0'));
  }

  /** Types a word or a number, and then a key. */
  async type(text: string | number, then?: string): Promise<void> {
    await this.page.keyboard.type(String(text));
    if (then !== undefined) await this.page.keyboard.press(then);
  }
}
