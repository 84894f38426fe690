import type { LotRow, LotsAsked, ShownFigure } from '@bent-pail/contract';
import { LOT_SORTS, LOT_STATES } from '@bent-pail/contract/choices';
import { MEDIA_CLASSES } from '@bent-pail/core';
import { useInfiniteQuery, type UseInfiniteQueryResult } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { fixed } from '../shared/format';
import { AskedBy, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf, type Pages } from '../shared/lists/More';
import { useAsked } from '../shared/lists/useAsked';
import { LotPail } from '../shared/pail/LotPail';
import { lotPagesQuery, type Asked } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useWorks } from '../shared/useSession';

const SORT_WORDS: Readonly<Record<(typeof LOT_SORTS)[number], string>> = {
  newest: 'newest first',
  name: 'by name',
  air: 'most air first',
  water: 'most water first',
  density: 'lightest first',
  ph: 'lowest pH first',
  price: 'cheapest litre first',
};

const STATE_WORDS: Readonly<Record<(typeof LOT_STATES)[number], string>> = {
  measured: 'measured ones',
  unmeasured: 'not measured yet',
  open: 'on the bench now',
  trouble: 'with trouble on the card',
};

/** Materials and products with their lots, each with its pail. */
export function ShelfPage(): ReactElement {
  const works = useWorks();
  const [asked, ask] = useAsked(['find', 'sort', 'state', 'classId']);
  const wanted = asked as Asked<LotsAsked>;
  const materials = useInfiniteQuery(lotPagesQuery({ ...wanted, kind: 'material' }));
  const products = useInfiniteQuery(lotPagesQuery({ ...wanted, kind: 'product' }));
  const found = totalOf(materials.data) + totalOf(products.data);
  const isAsked = Object.keys(asked).length > 0;
  return (
    <main>
      <TitleBlock
        title="Shelf"
        line="Every lot with its own pail: solid ink is measured here, dots are what its class usually is."
      >
        {works ? (
          <Link className="act" to="/shelf/new">
            Put a lot on the shelf
          </Link>
        ) : undefined}
      </TitleBlock>
      <ListBar
        find={asked.find ?? ''}
        placeholder="name, code, source, class"
        onFind={(text) => {
          ask('find', text);
        }}
      >
        <AskedBy
          label="Sorted"
          value={asked.sort ?? 'newest'}
          options={LOT_SORTS.map((key) => ({ key, words: SORT_WORDS[key] }))}
          onChange={(key) => {
            ask('sort', key === 'newest' ? '' : key);
          }}
        />
        <AskedBy
          label="Only"
          value={asked.state ?? ''}
          options={[{ key: '', words: 'all of them' }, ...LOT_STATES.map((key) => ({ key, words: STATE_WORDS[key] }))]}
          onChange={(key) => {
            ask('state', key);
          }}
        />
        <AskedBy
          label="Class"
          value={asked.classId ?? ''}
          options={[{ key: '', words: 'any' }, ...MEDIA_CLASSES.map(({ id, label }) => ({ key: id, words: label }))]}
          onChange={(key) => {
            ask('classId', key);
          }}
        />
      </ListBar>
      <Await query={materials}>
        {() => (
          <Await query={products}>
            {() =>
              found === 0 && !isAsked ? (
                <EmptyPail question="The shelf is empty.">
                  <Link className="alt" to="/">
                    Say what is in the pail
                  </Link>
                </EmptyPail>
              ) : (
                <>
                  <LotTable title="Materials" query={materials} />
                  <LotTable title="Bought products" query={products} />
                  {found === 0 && <p className="q p-5">{nothingSaid(asked.find)}</p>}
                </>
              )
            }
          </Await>
        )}
      </Await>
    </main>
  );
}

const nothingSaid = (find: string | undefined): string =>
  find === undefined ? 'Nothing on the shelf is like that.' : `Nothing on the shelf answers to “${find}”.`;

interface LotTableProps {
  readonly title: string;
  readonly query: UseInfiniteQueryResult<Pages<LotRow>>;
}

function LotTable({ title, query }: LotTableProps): ReactElement | null {
  const lots = rowsOf(query.data);
  if (lots.length === 0) return null;
  return (
    <section className="px-5 pt-4" aria-label={title}>
      <table className="rows shelf-rows">
        <caption className="pb-1 text-left text-head font-bold">
          {title} <span className="f text-small font-normal">{totalOf(query.data)}</span>
        </caption>
        <thead>
          <tr>
            <th scope="col" colSpan={2}>
              Lot
            </th>
            <th scope="col">air</th>
            <th scope="col">water</th>
            <th scope="col">dry g/mL</th>
            <th scope="col">pH 1:5</th>
            <th scope="col">runs</th>
          </tr>
        </thead>
        <tbody>
          {lots.map((lot) => (
            <LotLine key={lot.id} lot={lot} />
          ))}
        </tbody>
      </table>
      <More query={query} what="lots" />
    </section>
  );
}

function LotLine({ lot }: { readonly lot: LotRow }): ReactElement {
  const inPail = lot.pail?.kind === 'measured';
  const cell = (shown: ShownFigure | undefined, digits: number): ReactElement => (
    <td>
      {shown === undefined ? (
        <span className="q">–</span>
      ) : (
        <span className={`fig ${shown.measured ? 'measured' : 'label'}`}>{fixed(shown.value, digits)}</span>
      )}
    </td>
  );
  const ofPail = (value: number | undefined): ShownFigure | undefined =>
    value === undefined ? undefined : { value, measured: inPail };
  return (
    <tr>
      <td className="w-12 align-bottom">
        <LotPail pail={lot.pail} size={28} />
      </td>
      <td className="!text-left">
        <Link className="shelf-link" to={`/shelf/lots/${lot.id}`}>
          <b>
            {lot.name}, {lot.code}
          </b>
          <small>{[lot.grade, lot.source, lot.state].filter((part) => part !== undefined).join(' · ')}</small>
          {lot.following === true && <small>its card is being worked out again</small>}
          {lot.trouble !== undefined && <small className="sorry">Its card cannot be worked out: {lot.trouble}</small>}
        </Link>
      </td>
      {cell(ofPail(lot.pail?.air), 2)}
      {cell(ofPail(lot.pail?.water), 2)}
      {cell(lot.density_gcc, 2)}
      {cell(lot.pH, 1)}
      <td className="f">
        {lot.finishedRuns}
        {lot.openRuns > 0 ? ` + ${String(lot.openRuns)} open` : ''}
      </td>
    </tr>
  );
}
