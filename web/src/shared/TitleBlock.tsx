import type { ReactElement, ReactNode } from 'react';

export interface TitleCell {
  readonly term: string;
  readonly value: ReactNode;
}

interface TitleBlockProps {
  readonly title: string;
  readonly line?: ReactNode;
  readonly cells?: readonly TitleCell[];
  /** The next act: the one red thing of the screen. */
  readonly children?: ReactNode;
}

/** Ruled cells at the head of a page: what, where, by which method, and the next act. */
export function TitleBlock({ title, line, cells = [], children }: TitleBlockProps): ReactElement {
  return (
    <header className="block-head">
      <div className="t">
        <h1>{title}</h1>
        {line !== undefined && <p>{line}</p>}
      </div>
      {cells.length > 0 && (
        <dl>
          {cells.map((cell) => (
            <div key={cell.term}>
              <dt>{cell.term}</dt>
              <dd>{cell.value}</dd>
            </div>
          ))}
        </dl>
      )}
      {children !== undefined && <div className="do">{children}</div>}
    </header>
  );
}
