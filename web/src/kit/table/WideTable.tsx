import { ArrowDown, ArrowUp } from 'lucide-react';
import { memo, type ReactElement } from 'react';
import { fixed } from '../format';
import { Check } from '../Check';
import type { Column, TableModel } from './column';
import { useLines, type Line } from './useLines';
import { useRowKeys } from './useRowKeys';
import { sortedBy } from './useTableView';

interface WideProps<Row> {
  readonly model: TableModel<Row>;
  readonly lines: readonly Line<Row>[];
  readonly columns: readonly Column<Row>[];
}

/** The table itself: its head stays in sight, and of its rows those that are seen are drawn. */
export function WideTable<Row>({ model, lines, columns }: WideProps<Row>): ReactElement {
  const { label, ticking, total = lines.length, further } = model;
  const { lines: shown, before, after, measure, place, goTo } = useLines(lines, further);
  const onKeyDown = useRowKeys(lines, goTo);
  const width = columns.length + (ticking === undefined ? 0 : 1);
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Arrows go between the links of its rows.
    <table className="w-full border-collapse" aria-label={label} aria-rowcount={total + 1} onKeyDown={onKeyDown}>
      <thead className="sticky top-0 z-5 bg-enamel text-note text-ink2">
        <tr className="border-b border-ink">
          {columns.map((column) => (
            <Head key={column.key} column={column} model={model} />
          ))}
          {ticking !== undefined && (
            <th scope="col" className="w-12">
              <span className="sr-only">Taken</span>
            </th>
          )}
        </tr>
      </thead>
      <tbody ref={place}>
        <Room height={before} width={width} />
        {shown.map(({ line, index }) => (
          <LineRow
            key={line.key}
            line={line}
            index={index}
            columns={columns}
            width={width}
            measure={measure}
            ticking={ticking}
            isTicked={ticking?.ids.includes(line.key) === true}
          />
        ))}
        <Room height={after} width={width} />
      </tbody>
    </table>
  );
}

interface LineRowProps<Row> {
  readonly line: Line<Row>;
  readonly index: number;
  readonly columns: readonly Column<Row>[];
  readonly width: number;
  readonly measure: (element: Element | null) => void;
  readonly ticking: TableModel<Row>['ticking'];
  readonly isTicked: boolean;
}

function LineRowDrawn<Row>({
  line,
  index,
  columns,
  width,
  measure,
  ticking,
  isTicked,
}: LineRowProps<Row>): ReactElement {
  if (line.kind === 'group')
    return (
      <tr ref={measure} data-index={index} className="border-b border-ink">
        <th scope="rowgroup" colSpan={width} className="pt-5 pb-1 text-left text-head">
          {line.words} <span className="figure text-small font-normal">{fixed(line.n, 0)}</span>
        </th>
      </tr>
    );
  return (
    <tr ref={measure} data-index={index} className="border-b border-zinc2">
      {columns.map((column) => (
        <Cell key={column.key} column={column} row={line.row} />
      ))}
      {ticking !== undefined && (
        <td className="text-right">
          <Check
            label={ticking.label(line.row)}
            unseen
            checked={isTicked}
            onChange={(ticked) => {
              ticking.onChange(ticked ? [...ticking.ids, line.key] : ticking.ids.filter((id) => id !== line.key));
            }}
          />
        </td>
      )}
    </tr>
  );
}

/** Whoever scrolls past is not drawn anew: a line is its row, its columns and its tick. */
const LineRow = memo(
  LineRowDrawn,
  (a, b) =>
    a.index === b.index &&
    a.columns === b.columns &&
    a.ticking === b.ticking &&
    (a.line === b.line || (a.line.kind === 'row' && b.line.kind === 'row' && a.line.row === b.line.row)),
) as typeof LineRowDrawn;

/** Room of lines that are not drawn. */
function Room({ height, width }: { readonly height: number; readonly width: number }): ReactElement | null {
  if (height <= 0) return null;
  return (
    <tr aria-hidden>
      <td colSpan={width} className="p-0" style={{ height }} />
    </tr>
  );
}

function Head<Row>({ column, model }: { readonly column: Column<Row>; readonly model: TableModel<Row> }): ReactElement {
  const { key, head, align, sort, place } = column;
  const { view, onView } = model;
  const isSorted = view.sort === key;
  const direction = isSorted ? (view.direction ?? sort) : undefined;
  const [Arrow, said] = direction === 'up' ? [ArrowUp, 'ascending' as const] : [ArrowDown, 'descending' as const];
  if (place === 'mark')
    return (
      <th scope="col" className="w-14">
        <span className="sr-only">{head}</span>
      </th>
    );
  const isLeft = align === 'left' || place === 'name';
  return (
    <th
      scope="col"
      aria-sort={direction === undefined ? undefined : said}
      className={`font-normal ${place === 'name' ? '' : 'pl-3 first:pl-0'} ${isLeft ? 'text-left' : 'text-right'}`}
    >
      {sort === undefined ? (
        head
      ) : (
        <button
          type="button"
          className={`inline-flex min-h-9 items-center gap-1 decoration-[1.5px] underline-offset-3 hover:underline ${isSorted ? 'font-semibold text-ink' : ''}`}
          onClick={() => {
            onView(sortedBy(view, key, sort));
          }}
        >
          {head}
          {isSorted && <Arrow size={14} strokeWidth={2.4} aria-hidden />}
        </button>
      )}
    </th>
  );
}

function Cell<Row>({ column, row }: { readonly column: Column<Row>; readonly row: Row }): ReactElement {
  const { cell, align, place } = column;
  if (place === 'mark') return <td className="w-14 pt-1 align-bottom">{cell(row)}</td>;
  if (place === 'name')
    return (
      <th scope="row" className="py-1 text-left font-normal">
        {cell(row)}
      </th>
    );
  return (
    <td className={`py-1 pl-3 text-small first:pl-0 ${align === 'left' ? '' : 'text-right whitespace-nowrap'}`}>
      {cell(row)}
    </td>
  );
}
