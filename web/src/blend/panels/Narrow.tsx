import { inSentence, property, type BandsResult, type PropertyKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import type { UsedLot } from '../desk/deskView';
import { TermLabel } from '../../shared/words/TermLabel';
import { driverWords } from './driverWords';
import { ButtonLink } from '../../kit/Button';

interface NarrowProps {
  readonly bands: BandsResult | undefined;
  readonly asked: PropertyKey;
  readonly used: readonly UsedLot[];
}

const SHOWN = 4;
/** A smaller share of the spread is not worth a day at the bench. */
const WORTH = 0.05;

/** Which measurement would narrow a figure most, as shares of its spread, each with the run that would give it. */
export function Narrow({ bands, asked, used }: NarrowProps): ReactElement {
  const lots = used.map(({ lot }) => lot);
  const drivers = (bands?.drivers ?? []).slice(0, SHOWN);
  return (
    <section aria-label="What to measure next">
      <h2 className="flex items-baseline justify-between">
        <span>
          What to measure next for <TermLabel of={asked} words={inSentence(property(asked).label)} />
        </span>{' '}
        <small className="whitespace-nowrap">of its spread</small>
      </h2>
      {bands === undefined && <p className="text-ink2 mt-2 text-small">Drawing {fixed(2000, 0)} times.</p>}
      <ol className="mt-1">
        {drivers.map(({ input, share }) => {
          const { words, link, act } = driverWords(input, lots);
          return (
            <li
              key={input}
              className="relative flex min-h-9 items-baseline justify-between gap-3 border-b border-zinc2 pt-1"
            >
              <span className="text-body">
                {words}{' '}
                {link !== undefined && share >= WORTH && (
                  <ButtonLink look="small" className="whitespace-nowrap" to={link}>
                    {act}
                  </ButtonLink>
                )}
              </span>
              <span className="figure whitespace-nowrap">{Math.round(100 * share)} %</span>
              <span className="absolute bottom-0 left-0 h-[3px] bg-ink" style={{ width: `${String(100 * share)}%` }} />
            </li>
          );
        })}
      </ol>
      <p className="text-ink2 mt-2 text-small">
        Press a figure’s name to ask about it. Bands come from{' '}
        <span className="whitespace-nowrap">{fixed(2000, 0)}</span> seeded draws of all that is uncertain; an unmeasured
        lot has its class’s spread.
      </p>
    </section>
  );
}
