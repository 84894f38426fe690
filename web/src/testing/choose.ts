import { screen } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';

/** Opens a choice and takes what is called so. */
export async function choose(
  choice: HTMLElement,
  words: string | RegExp,
  user: UserEvent = userEvent.setup(),
): Promise<void> {
  await user.click(choice);
  const name = typeof words === 'string' ? (said: string) => said.startsWith(words) : words;
  const [wanted] = await screen.findAllByRole('option', { name });
  await user.click(wanted as HTMLElement);
}

/** Whether a box is ticked. */
export const isTicked = (box: HTMLElement): boolean => box.getAttribute('aria-checked') === 'true';

/** What a choice can be set to, in its order. */
export async function choicesOf(choice: HTMLElement, user: UserEvent = userEvent.setup()): Promise<string[]> {
  await user.click(choice);
  const words = screen.getAllByRole('option').map((option) => option.textContent);
  await user.keyboard('{Escape}');
  return words;
}
