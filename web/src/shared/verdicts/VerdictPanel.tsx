import {
  VERDICT_USE_WORDS,
  verdictsFor,
  type Found,
  type Grade,
  type PropertyKey,
  type Verdicts,
} from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { listed } from '../../kit/format';
import { verdictsQuery } from '../resources/verdicts';
import { OnWhat } from './OnWhat';
import { PurposeChoice, PurposeConditions } from './PurposeChoice';
import { usePurpose } from './usePurpose';
import { judgedName } from './verdictWords';
import { VerdictRows } from './VerdictRows';

interface VerdictPanelProps {
  readonly found: readonly Found[];
  readonly materialClass: string | undefined;
}

/** What was found, judged for what it is wanted for; nothing where the table says nothing of it for any use. */
export function VerdictPanel({ found, materialClass }: VerdictPanelProps): ReactElement | null {
  const { use, conditions } = usePurpose();
  const { data: lines } = useQuery(verdictsQuery);
  if (lines === undefined) return null;
  const judged = verdictsFor({ lines, use, conditions, found, materialClass });
  const isInTable = lines.some((line) => found.some((one) => one.property === line.property));
  if (!isInTable && judged.maturity === undefined) return null;
  return (
    <section aria-label="Verdict" className="mt-4">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2>What that means</h2>
        <PurposeChoice />
      </div>
      <p className="mt-1 text-head leading-tight font-semibold" data-verdict={judged.overall}>
        {sentence(judged)}
      </p>
      <VerdictRows verdicts={judged.verdicts} />
      <NotYetSaid judged={judged} />
      <PurposeConditions verdicts={judged.verdicts} />
      <OnWhat use={use} />
    </section>
  );
}

const OVERALL: Readonly<Record<Grade, (use: string) => string>> = {
  good: (use) => `Nothing that was found speaks against this lot for ${use}.`,
  bearable: (use) => `Bearable for ${use}: see what limits it.`,
  not: (use) => `Not for ${use} as this lot is.`,
};

function sentence({ overall, use }: Verdicts): string {
  const words = VERDICT_USE_WORDS[use];
  return overall === undefined ? `Nothing found so far says anything for ${words}.` : OVERALL[overall](words);
}

/** What a stage is called by. */
const EVIDENCE: Readonly<Partial<Record<PropertyKey, string>>> = {
  heating_C: 'its heat',
  bagSmell: 'the five days in a bag',
  cressBeside: 'the cress',
  smell: 'its smell',
  recognisable: 'the bits that one can name',
};

/** What could not be judged, and what is still wanted before a compost may be called ripe. */
function NotYetSaid({ judged }: { readonly judged: Verdicts }): ReactElement {
  const { maturity, unsaid } = judged;
  return (
    <div className="text-small text-ink2">
      {unsaid.map(({ property: key, because }) => (
        <p key={key} className="mt-1">
          {judgedName(key)}: {because}
        </p>
      ))}
      {maturity?.stage !== undefined && (
        <p className="mt-1">
          Called {maturity.stage} by{' '}
          {listed(
            maturity.evidence
              .filter(({ stage }) => stage === maturity.stage)
              .map((one) => EVIDENCE[one.property] ?? ''),
          )}
          .
        </p>
      )}
      {maturity !== undefined && maturity.stage === undefined && (
        <p className="mt-1">
          Nothing speaks against ripe yet, but that takes three findings, the bag or the cress among them. Still to look
          at: {listed(maturity.wanted.map((one) => EVIDENCE[one] ?? ''))}.
        </p>
      )}
    </div>
  );
}
