import type { ComponentProps, ReactElement } from 'react';
import { Link, type LinkProps } from 'react-router';

const BORDERED =
  'inline-flex items-center rounded-[2px] border-[1.5px] border-ink px-3.5 text-body leading-none font-semibold whitespace-nowrap no-underline disabled:cursor-default disabled:border-zinc3 disabled:text-zinc4';
const LINE =
  'inline-flex items-center text-left leading-tight font-semibold underline decoration-[1.5px] underline-offset-3';

/** How what is pressed looks: the one red act of a screen, others, one that is chosen, low ones in a row, words alone. */
export const BUTTON = {
  act: 'inline-flex min-h-12 items-center justify-center gap-2.5 rounded-(--r-grip) bg-grip px-4.5 text-head leading-none font-bold whitespace-nowrap text-on-grip no-underline active:bg-grip-down disabled:cursor-default disabled:bg-zinc2 disabled:text-ink2',
  alt: `${BORDERED} min-h-11`,
  low: `${BORDERED} min-h-9`,
  slab: `${BORDERED} min-h-11 bg-slab text-inverse`,
  tie: `${LINE} min-h-8 text-body max-lg:min-h-11`,
  // The name of a figure, in a table of them: dotted until it is pressed.
  word: '-my-[5px] py-[5px] text-left leading-[1.1] font-semibold underline decoration-dotted decoration-1 underline-offset-3',
  small: `${LINE} min-h-8 text-small max-lg:min-h-11`,
} as const;

type Look = keyof typeof BUTTON;

interface Looking {
  readonly look?: Look;
}

/** Something to press. */
export function Button({
  look = 'alt',
  type = 'button',
  className = '',
  ...more
}: ComponentProps<'button'> & Looking): ReactElement {
  return <button type={type} data-look={look} className={`${BUTTON[look]} ${className}`} {...more} />;
}

/** The same that leads to an address. */
export function ButtonLink({ look = 'alt', className = '', ...more }: LinkProps & Looking): ReactElement {
  return <Link data-look={look} className={`${BUTTON[look]} ${className}`} {...more} />;
}
