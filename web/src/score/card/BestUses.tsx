import type { LotCardPage } from '@bent-pail/contract';
import { bestUses, warnings, type BestUse, type Fit, type GrownInTrial, type Scorecard } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { verdictsQuery } from '../../shared/resources/verdicts';
import { told } from '../../shared/units/mine';

/** Places that are shown before one asks for the others. */
const FIRST = 4;

const FIT_WORDS: Readonly<Record<Fit, string>> = {
  yes: 'as it is',
  mended: 'once mended',
  unknown: 'not known yet',
  not: 'not',
};

/** Told apart by weight, not by colour. */
const FIT_LOOK: Readonly<Record<Fit, string>> = {
  yes: 'border-ink bg-zinc2',
  mended: 'border-ink border-dashed',
  unknown: 'border-transparent text-ink2',
  not: 'border-ink bg-slab text-inverse',
};

interface BestUsesProps {
  readonly lot: LotCardPage;
  readonly card: Scorecard;
  readonly grown: GrownInTrial | undefined;
}

/** What the bag is good for, best first, each place with its reason; and what it is not for. */
export function BestUses({ lot, card, grown }: BestUsesProps): ReactElement | null {
  const { data: lines } = useQuery(verdictsQuery);
  const [all, setAll] = useState(false);
  if (lines === undefined) return null;
  const uses = bestUses(lot.card, lines, lot.lot.classId, grown);
  const { packVolume_L: pack_L } = lot.lot;
  const true_L = lot.card.figures.find(({ property, origin }) => property === 'bagVolume_L' && origin !== 'label')
    ?.summary.mean;
  const said = warnings(uses, {
    weightIn: card.weightIn,
    ...(card.result.overall === undefined ? {} : { overall: card.result.overall }),
    ...(pack_L === undefined || true_L === undefined ? {} : { shortBy: 1 - true_L / pack_L }),
  });
  return (
    <section aria-label="Best for" className="mt-6">
      <h2>
        What it is good for <small>by what was found, and the notebook’s own verdicts</small>
      </h2>
      {said.map((sentence) => (
        <Notice key={sentence} className="mt-2 p-2">
          {sentence}
        </Notice>
      ))}
      <ul className="mt-1 border-t-[1.5px]">
        {uses.slice(0, all ? uses.length : FIRST).map((use) => (
          <Place key={use.place.key} use={use} />
        ))}
      </ul>
      <p className="mt-1 flex flex-wrap gap-4 text-small">
        {!all && uses.length > FIRST && (
          <Button
            look="tie"
            onClick={() => {
              setAll(true);
            }}
          >
            {uses.length - FIRST} more
          </Button>
        )}
        <Link to="/verdicts">The lines that it goes by</Link>
      </p>
    </section>
  );
}

/** Reasons that are shown of a place. */
const REASONS = 2;

function Place({ use: { place, fit, reasons, wanting } }: { readonly use: BestUse }): ReactElement {
  const against = reasons.filter(({ grade }) => grade !== 'good');
  const shown = (against.length > 0 ? against : reasons).slice(0, REASONS);
  return (
    <li className="flex items-baseline gap-3 border-b border-zinc2 py-1.5">
      <span
        className={`w-28 shrink-0 rounded-[2px] border-[1.5px] px-1.5 text-center text-small font-semibold ${FIT_LOOK[fit]}`}
      >
        {FIT_WORDS[fit]}
      </span>
      <span>
        <b className="inline-block first-letter:uppercase">{place.label}</b>
        <small className="block">
          {shown.map(({ text }) => told(text)).join(' ')}
          {wanting.length > 0 && ` Not known: ${wanting.join(', ')}.`}
          {fit !== 'not' && place.mind !== undefined && ` ${told(place.mind)}`}
        </small>
      </span>
    </li>
  );
}
