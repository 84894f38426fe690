/** How sure a number is: a solid line is measured here, dashes are worked out, dots are a label's or a class's. */
export type Ink = 'measured' | 'worked-out' | 'label';

const FIGURE = 'figure border-current p-0 leading-[1.15] font-medium text-inherit';

export const INK: Readonly<Record<Ink, string>> = {
  measured: `${FIGURE} border-b-[1.5px]`,
  'worked-out': `${FIGURE} border-b-[1.5px] border-dashed`,
  label: `${FIGURE} border-b-2 border-dotted`,
};

/** What is told in words instead of a number keeps its line. */
export const IN_WORDS =
  'font-(family-name:--face-text) text-left text-body leading-tight font-semibold tracking-normal whitespace-normal [font-stretch:normal]';

/** Words in a drawing: a name, what is told of it, the figures of an axis. */
export const DRAWN = {
  name: 'fill-ink text-small font-semibold',
  note: 'fill-ink2 text-small',
  axis: 'figure fill-ink2 text-note',
} as const;
