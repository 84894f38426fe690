import type { ComponentProps, ReactElement } from 'react';

/** A small ruled table: words to the left, figures to the right. Longer lists are a DataTable. */
export function Rows({ className = '', ...more }: ComponentProps<'table'>): ReactElement {
  return (
    <table
      className={`w-full border-collapse text-small [&_td]:border-b [&_td]:border-zinc2 [&_td]:py-1 [&_td:not([class*=text-left])]:text-right [&_th]:border-b [&_th]:border-zinc2 [&_th]:py-1 [&_th]:font-normal [&_th:not([class*=text-left])]:text-right [&_thead_th]:text-note [&_thead_th]:text-ink2 [&_tr>:first-child]:text-left ${className}`}
      {...more}
    />
  );
}
