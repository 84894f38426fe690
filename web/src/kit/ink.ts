/** How sure a number is: a solid line is measured here, dashes are worked out, dots are a label's or a class's. */
export type Ink = 'measured' | 'worked-out' | 'label';

/** A figure that can be pressed is as large as a finger needs, and takes no more room in its line than its digits. */
const FIGURE =
  'figure -mx-[3px] -my-[5px] px-[3px] py-[5px] leading-[1.15] font-medium text-inherit underline underline-offset-[0.22em]';

export const INK: Readonly<Record<Ink, string>> = {
  measured: `${FIGURE} decoration-[1.5px]`,
  'worked-out': `${FIGURE} decoration-dashed decoration-[1.5px]`,
  label: `${FIGURE} decoration-dotted decoration-2`,
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
