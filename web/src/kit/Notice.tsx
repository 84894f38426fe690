import type { ComponentProps, ReactElement } from 'react';

/** Something to look at before one goes on: a frame on paper, with its words in it. */
export function Notice({ className = '', ...more }: ComponentProps<'div'>): ReactElement {
  return <div className={`border-[1.5px] border-ink bg-paper text-small ${className}`} {...more} />;
}

/** What a notice is about, on a slab across its head. */
export function NoticeHead({ className = '', children, ...more }: ComponentProps<'h3'>): ReactElement {
  return (
    <h3
      className={`flex justify-between gap-3 bg-slab px-3 py-1.5 text-body leading-tight font-bold text-inverse ${className}`}
      {...more}
    >
      {children}
    </h3>
  );
}
