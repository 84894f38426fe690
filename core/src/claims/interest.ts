/** What ties whoever judges a product to it. That there is nothing is said as well. */
export const INTERESTS = ['none', 'bought', 'given', 'sells', 'makes', 'sponsored'] as const;
export type Interest = (typeof INTERESTS)[number];

export const INTEREST_WORDS: Readonly<Record<Interest, string>> = Object.freeze({
  none: 'no interest in it',
  bought: 'paid for by us',
  given: 'given to us',
  sells: 'we sell it',
  makes: 'we make it',
  sponsored: 'its maker pays for the test',
});
