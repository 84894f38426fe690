import type { ReactElement, ReactNode } from 'react';
import type { TableModel } from '../../kit/table/column';
import { DataTable } from '../../kit/table/DataTable';
import { useTableView } from '../../kit/table/useTableView';
import { ListBar } from './ListBar';
import { useAsked } from './useAsked';

interface WholeProps<Row> extends Omit<
  TableModel<Row>,
  'view' | 'onView' | 'total' | 'counts' | 'further' | 'ticking'
> {
  /** What a row can be found by. */
  readonly words: (row: Row) => string;
  readonly placeholder: string;
  /** How rows stand together where nobody asks for something else. */
  readonly group?: string;
  readonly children?: ReactNode;
}

/** Whether every word of a question is in a text. */
const answers = (text: string, question: string): boolean =>
  question
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.toLowerCase().includes(word));

/** A table of what is at hand as a whole: found, sorted and grouped here. */
export function WholeTable<Row>({ words, placeholder, group, children, ...model }: WholeProps<Row>): ReactElement {
  const [asked, ask] = useAsked(['find']);
  const [view, setView] = useTableView(group);
  const text = asked.find ?? '';
  return (
    <>
      <ListBar
        find={text}
        placeholder={placeholder}
        onFind={(next) => {
          ask('find', next);
        }}
      >
        {children}
      </ListBar>
      <DataTable {...model} rows={model.rows.filter((row) => answers(words(row), text))} view={view} onView={setView} />
    </>
  );
}
