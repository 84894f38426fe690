import type { RecipeLine } from '@bent-pail/contract';
import type { DeskResult } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Figure } from '../../shared/Figure';
import { fixed } from '../../kit/format';
import { blendSentence } from '../list/blendSentence';
import { lineKey } from '../desk/deskView';

const BAR =
  'flex border-[1.5px] border-ink text-small font-semibold *:truncate *:border-ink *:px-1.5 *:py-px *:not-first:border-l-[1.5px]';

/** Settling under this is nothing that a line would show. */
const SHOWN = 0.0005;

interface SettledProps {
  readonly lines: readonly RecipeLine[];
  readonly names: readonly string[];
  readonly result: DeskResult;
}

/** In and out as bars of one scale: what settling and mixing take, each by its name, and the verdict. */
export function Settled({ lines, names, result }: SettledProps): ReactElement {
  const { volumes } = result;
  const shrink = result.figures.find((figure) => figure.property === 'shrink');
  const settling = 1 - volumes.settled / volumes.loose;
  return (
    <div className="mt-4">
      <p className="flex flex-wrap items-baseline justify-between gap-x-3 text-small">
        <span className="text-ink2">in: {fixed(volumes.loose, 1)} loose parts</span>
        {settling >= SHOWN && (
          <span className="text-ink2">
            settle when watered <span className="figure text-body">{fixed(settling, 3)}</span>
          </span>
        )}
        {shrink !== undefined && (
          <span>
            lost on mixing{' '}
            <Figure
              label="Lost on mixing"
              value={shrink.value}
              digits={3}
              origin="worked-out"
              working={shrink.working}
              className="text-body"
            />
          </span>
        )}
      </p>
      <div className={`${BAR} h-[22px] *:bg-zinc1`} aria-hidden="true">
        {lines.map((line, i) =>
          line.parts > 0 ? (
            <span key={lineKey(line)} style={{ flex: line.parts }}>
              {names[i]} {fixed(line.parts, Number.isInteger(line.parts) ? 0 : 1)}
            </span>
          ) : null,
        )}
      </div>
      <div
        className={`${BAR} h-[21px] border-t-0 border-dashed *:bg-paper`}
        style={{ width: `${String((100 * volumes.made) / volumes.loose)}%` }}
      >
        <span>out: {fixed(volumes.made, 1)} parts</span>
      </div>
      <p className="mt-3 text-head leading-tight font-semibold">{blendSentence(result)}</p>
    </div>
  );
}
