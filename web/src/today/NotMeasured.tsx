import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { LotPail } from '../shared/pail/LotPail';
import { lotsQuery } from '../shared/resources/lots';

/** So many stand side by side. */
const SHOWN = 4;

/** Lots whose figures are nobody's yet, each one press from its first run: what else there is to do. */
export function NotMeasured(): ReactElement | null {
  const { data } = useQuery(lotsQuery({ state: 'unmeasured', sort: 'newest' }));
  const lots = data?.rows.slice(0, SHOWN) ?? [];
  if (lots.length === 0) return null;
  return (
    <section aria-label="On the shelf, not measured" className="px-5.5 pt-3 pb-4">
      <h2 className="flex items-baseline justify-between gap-3 border-b-[1.5px] border-ink pb-1 text-body">
        On the shelf, not measured
        <Link className="text-small font-normal" to="/shelf?state=unmeasured">
          all of them
        </Link>
      </h2>
      <ul className="mt-2 grid grid-cols-2 gap-x-5 gap-y-2 max-[560px]:grid-cols-1">
        {lots.map(({ id, name, code, pail }) => (
          <li key={id} className="flex min-h-14 items-center gap-3 border-b border-zinc2 py-1">
            <LotPail pail={pail} size={34} />
            <Link className="min-w-0 flex-1 leading-tight no-underline" to={`/shelf/lots/${id}`}>
              <b className="block truncate font-semibold">{name}</b>
              <small>{code}</small>
            </Link>
            <Link
              className="flex min-h-11 items-center text-small whitespace-nowrap"
              to={`/bench?lot=${id}&protocol=saturate-drain-dry`}
              aria-label={`measure it: ${name}, ${code}`}
            >
              measure it
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
