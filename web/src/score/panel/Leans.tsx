import type { ReactElement } from 'react';
import { counted, fixed } from '../../kit/format';
import type { Lean } from './agreements';

const WIDTH = 200;
/** Points to either side that are drawn. */
const FAR = 2;

/** Who marks higher or lower than all together, each as a bar from the middle. */
export function Leans({ leans }: { readonly leans: readonly Lean[] }): ReactElement {
  const at = (points: number): number => ((Math.max(-FAR, Math.min(FAR, points)) + FAR) / (2 * FAR)) * WIDTH;
  return (
    <section aria-label="Who leans which way">
      <h2>
        Who leans which way <small>a rater’s mean less the mean of all</small>
      </h2>
      <ul className="mt-1">
        {leans.map(({ rater, lean: points, n }) => (
          <li
            key={rater}
            className="grid grid-cols-[minmax(0,1fr)_200px_64px] items-center gap-3 border-t border-zinc2 py-1"
          >
            <span>
              {rater} <small>{counted(n, 'mark', 'marks')}</small>
            </span>
            <svg
              viewBox={`0 0 ${String(WIDTH)} 20`}
              className="block h-5 w-full"
              role="img"
              aria-label={`${rater} marks ${fixed(Math.abs(points), 1)} ${points < 0 ? 'lower' : 'higher'}`}
            >
              <path d={`M0 10H${String(WIDTH)}`} stroke="var(--zinc-3)" />
              <rect
                x={Math.min(at(0), at(points))}
                y={5}
                width={Math.max(1.5, Math.abs(at(points) - at(0)))}
                height={10}
                fill="var(--ink)"
              />
              <path d={`M${String(at(0))} 1V19`} stroke="var(--ink)" />
            </svg>
            <span className="figure text-right">{`${points > 0.005 ? '+' : ''}${fixed(points, 2)}`}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
