import type { ReactElement } from 'react';
import { Check } from '../Check';
import { Choice } from '../Choice';
import { Popover } from '../Popover';
import type { Column, TableModel, TableView } from './column';
import { sortedBy } from './useTableView';

type ToolsProps<Row> = Pick<TableModel<Row>, 'columns' | 'groupings' | 'view' | 'onView' | 'unsorted'> & {
  readonly isPhone: boolean;
};

/** How the rows stand: together by what, in which order where there are no heads to press, with which columns. */
export function TableTools<Row>({
  columns,
  groupings = [],
  view,
  onView,
  unsorted,
  isPhone,
}: ToolsProps<Row>): ReactElement {
  const { group, ...ungrouped } = view;
  return (
    <>
      {isPhone && <Sorting columns={columns} view={view} onView={onView} unsorted={unsorted} />}
      {groupings.length > 0 && (
        <Choice
          label="Together by"
          look="beside"
          value={group ?? ''}
          options={[{ key: '', words: 'nothing' }, ...groupings]}
          onChange={(key) => {
            onView(key === '' ? ungrouped : { ...view, group: key });
          }}
        />
      )}
      {!isPhone && <ColumnsShown columns={columns} view={view} onView={onView} />}
    </>
  );
}

interface PartProps<Row> {
  readonly columns: readonly Column<Row>[];
  readonly view: TableView;
  readonly onView: (view: TableView) => void;
}

function Sorting<Row>({
  columns,
  view,
  onView,
  unsorted,
}: PartProps<Row> & { readonly unsorted: string }): ReactElement {
  return (
    <Choice
      label="Sorted"
      look="beside"
      value={view.sort ?? ''}
      options={[
        { key: '', words: unsorted },
        ...columns.flatMap(({ key, head, sort }) =>
          sort === undefined ? [] : [{ key, words: `by ${head}, ${sort === 'up' ? 'least' : 'most'} first` }],
        ),
      ]}
      onChange={(key) => {
        const { sort: _sort, direction: _direction, ...others } = view;
        onView(key === '' ? others : sortedBy(others, key, 'up'));
      }}
    />
  );
}

function ColumnsShown<Row>({ columns, view, onView }: PartProps<Row>): ReactElement {
  const free = columns.filter(({ place }) => place !== 'mark' && place !== 'name');
  return (
    <Popover opener="Columns" look="small" className="flex flex-col py-1 pr-5 pl-3 text-small">
      {free.map(({ key, head }) => (
        <Check
          key={key}
          label={head}
          checked={!view.without.includes(key)}
          onChange={(shown) => {
            const without = shown ? view.without.filter((one) => one !== key) : [...view.without, key];
            onView({ ...view, without });
          }}
        />
      ))}
    </Popover>
  );
}
