import type { ReactElement, ReactNode } from 'react';
import { usePageTitle } from './titleStore';
import { useArrival } from './useArrival';

export interface TitleCell {
  readonly term: string;
  readonly value: ReactNode;
}

interface TitleBlockProps {
  readonly title: string;
  /** What the browser's tab says, where the title alone would not tell which. */
  readonly tab?: string;
  readonly line?: ReactNode;
  readonly cells?: readonly TitleCell[];
  /** The next act: the one red thing of the screen. */
  readonly children?: ReactNode;
}

/** Ruled cells at the head of a page: what, where, by which method, and the next act. */
export function TitleBlock({ title, tab = title, line, cells = [], children }: TitleBlockProps): ReactElement {
  usePageTitle(tab);
  const heading = useArrival<HTMLHeadingElement>();
  return (
    <header className="flex min-h-[66px] items-stretch border-b-[3px] border-ink max-[900px]:flex-wrap">
      <div className="min-w-0 flex-1 px-5 pt-2 pb-1.5 max-[900px]:basis-3/5">
        <h1
          ref={heading}
          tabIndex={-1}
          className="text-title outline-none leading-[1.08] tracking-[-0.012em] wrap-anywhere"
        >
          {title}
        </h1>
        {line !== undefined && <p className="mt-0.5 text-small text-ink2">{line}</p>}
      </div>
      {cells.length > 0 && (
        <dl className="flex max-[900px]:order-3 max-[900px]:flex-[1_0_100%] max-[900px]:flex-wrap max-[900px]:border-t max-[900px]:border-zinc3">
          {cells.map((cell) => (
            <div
              key={cell.term}
              className="flex flex-col justify-between border-l border-zinc3 px-3.5 pt-2.5 pb-1.5 max-[900px]:flex-1 max-[900px]:pt-1.5 max-[900px]:first:border-l-0 max-[900px]:first:pl-5"
            >
              <dt className="text-note whitespace-nowrap text-ink2">{cell.term}</dt>
              <dd className="text-body font-semibold min-[480px]:whitespace-nowrap">{cell.value}</dd>
            </div>
          ))}
        </dl>
      )}
      {children !== undefined && (
        <div className="flex items-center gap-2.5 border-zinc3 px-3 py-2 print:hidden max-[900px]:flex-wrap max-[900px]:px-5 min-[901px]:border-l">
          {children}
        </div>
      )}
    </header>
  );
}
