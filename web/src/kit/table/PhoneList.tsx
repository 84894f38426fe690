import type { ReactElement } from 'react';
import { fixed } from '../format';
import { Check } from '../Check';
import type { Column, TableModel } from './column';
import { useLines, type Line } from './useLines';
import { useRowKeys } from './useRowKeys';

interface PhoneProps<Row> {
  readonly model: TableModel<Row>;
  readonly lines: readonly Line<Row>[];
}

/** On a phone each row is a paragraph: its drawing and name, then what its columns say, each after its word. */
export function PhoneList<Row>({ model, lines }: PhoneProps<Row>): ReactElement {
  const { lines: shown, before, after, measure, place, goTo } = useLines(lines, model.further);
  const onKeyDown = useRowKeys(lines, goTo);
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Arrows go between the links of its rows.
    <ul ref={place} aria-label={model.label} onKeyDown={onKeyDown} className="border-t border-ink">
      <Room height={before} />
      {shown.map(({ line, index }) =>
        line.kind === 'group' ? (
          <li key={line.key} ref={measure} data-index={index} className="border-b border-ink pt-4 pb-1">
            <h2>
              {line.words} <span className="figure text-small font-normal">{fixed(line.n, 0)}</span>
            </h2>
          </li>
        ) : (
          <li key={line.key} ref={measure} data-index={index} className="border-b border-zinc2 py-2">
            <Paragraph model={model} row={line.row} id={line.key} />
          </li>
        ),
      )}
      <Room height={after} />
    </ul>
  );
}

function Room({ height }: { readonly height: number }): ReactElement | null {
  return height <= 0 ? null : <li aria-hidden style={{ height }} />;
}

interface ParagraphProps<Row> {
  readonly model: TableModel<Row>;
  readonly row: Row;
  readonly id: string;
}

function Paragraph<Row>({ model: { columns, ticking }, row, id }: ParagraphProps<Row>): ReactElement {
  const at = (place: Column<Row>['place']): readonly Column<Row>[] =>
    columns.filter((column) => column.place === place);
  return (
    <div className="flex items-start gap-3">
      {at('mark').map(({ key, cell }) => (
        <div key={key} className="w-9 shrink-0 self-center">
          {cell(row)}
        </div>
      ))}
      <div className="min-w-0 flex-1">
        {at('name').map(({ key, cell }) => (
          <div key={key}>{cell(row)}</div>
        ))}
        <dl className="flex flex-wrap gap-x-4 gap-y-0.5 text-small">
          {at(undefined).map(({ key, head, cell }) => {
            const shown = cell(row);
            return shown === null ? null : (
              <div key={key} className="flex gap-1.5">
                <dt className="text-ink2">{head}</dt>
                <dd>{shown}</dd>
              </div>
            );
          })}
        </dl>
      </div>
      {ticking !== undefined && (
        <Check
          label={ticking.label(row)}
          unseen
          checked={ticking.ids.includes(id)}
          onChange={(ticked) => {
            ticking.onChange(ticked ? [...ticking.ids, id] : ticking.ids.filter((one) => one !== id));
          }}
        />
      )}
    </div>
  );
}
