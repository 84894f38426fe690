import type { LotRow } from '@bent-pail/contract';
import { findMediaClass } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { fixed } from '../shared/format';
import { LotPail } from '../shared/pail/LotPail';
import { lotsQuery } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useWorks } from '../shared/useSession';

/** A lot answers to its material's name, other names, its code, its source and its class. */
function matches(lot: LotRow, text: string): boolean {
  const mediaClass = lot.classId === undefined ? undefined : findMediaClass(lot.classId)?.label;
  const all = [lot.name, lot.code, ...lot.aliases, lot.source, lot.grade, mediaClass].join(' ').toLowerCase();
  return text
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}

/** Materials and products with their lots, each with its pail. */
export function ShelfPage(): ReactElement {
  const works = useWorks();
  const query = useQuery(lotsQuery);
  const [params] = useSearchParams();
  const [text, setText] = useState('');
  const find = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (params.has('find')) find.current?.focus();
  }, [params]);
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
      <div className="flex items-center gap-3 px-5 pt-3">
        <label className="flex items-center gap-3 text-[14px]">
          Find
          <input
            ref={find}
            className="box w-72"
            type="search"
            value={text}
            placeholder="name, code, source"
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
        </label>
      </div>
      <Await query={query}>
        {(lots) => {
          const found = lots.filter((lot) => matches(lot, text));
          if (lots.length === 0) {
            return (
              <EmptyPail question="The shelf is empty.">
                <Link className="alt" to="/">
                  Say what is in the pail
                </Link>
              </EmptyPail>
            );
          }
          return (
            <>
              <LotTable title="Materials" lots={found.filter((lot) => lot.kind === 'material')} />
              <LotTable title="Bought products" lots={found.filter((lot) => lot.kind === 'product')} />
              {found.length === 0 && <p className="q p-5">Nothing on the shelf answers to “{text}”.</p>}
            </>
          );
        }}
      </Await>
    </main>
  );
}

function LotTable({ title, lots }: { readonly title: string; readonly lots: readonly LotRow[] }): ReactElement | null {
  if (lots.length === 0) return null;
  return (
    <section className="px-5 pt-4" aria-label={title}>
      <table className="rows shelf-rows">
        <caption className="pb-1 text-left text-[17px] font-bold">{title}</caption>
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
    </section>
  );
}

function LotLine({ lot }: { readonly lot: LotRow }): ReactElement {
  const origin = (field: string): string => {
    const known = lot.component?.origins.find((one) => one.field === field)?.origin;
    return known === 'measured' ? 'measured' : 'label';
  };
  const pailInk = lot.pail?.kind === 'measured' ? 'measured' : 'label';
  const cell = (value: number | undefined, digits: number, ink: string): ReactElement => (
    <td>
      {value === undefined ? (
        <span className="q">–</span>
      ) : (
        <span className={`fig ${ink}`}>{fixed(value, digits)}</span>
      )}
    </td>
  );
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
          {lot.trouble !== undefined && <small className="sorry">Its card cannot be worked out: {lot.trouble}</small>}
        </Link>
      </td>
      {cell(lot.pail?.air, 2, pailInk)}
      {cell(lot.pail?.water, 2, pailInk)}
      {cell(lot.component?.component.dryBulkDensity_gcc, 2, origin('dryBulkDensity_gcc'))}
      {cell(lot.component?.component.pH, 1, origin('pH'))}
      <td className="f">
        {lot.finishedRuns}
        {lot.openRuns > 0 ? ` + ${String(lot.openRuns)} open` : ''}
      </td>
    </tr>
  );
}
