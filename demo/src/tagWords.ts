/** Tags are chosen by their words: the files say them in English, a rubric in the language that it ships in. */
const TAG_WORDS: Readonly<Record<string, string>> = {
  beads: 'beads',
  'big wood': 'big wood',
  chemical: 'chemical',
  dust: 'dust',
  sour: 'sour',
  splinters: 'splinters',
  'unknown flakes': 'unknown flakes',
  'wet clods': 'wet clods',
};

/** A mark of the files as the rubric’s sheet takes it. */
export const tagged = (mark: SittingMark): SittingMark => ({
  ...mark,
  tags: mark.tags.map((tag) => TAG_WORDS[tag] ?? tag),
});

/** A mark with its tags, as a file of sittings has it; the body’s own check says what else it may hold. */
export interface SittingMark {
  readonly tags: readonly string[];
}
