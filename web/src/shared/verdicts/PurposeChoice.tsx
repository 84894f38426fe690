import {
  CONDITION_WORDS,
  CONDITIONS,
  VERDICT_USE_WORDS,
  VERDICT_USES,
  type Condition,
  type Verdict,
  type VerdictUse,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Check } from '../../kit/Check';
import { Choice } from '../../kit/Choice';
import { usePurpose } from './usePurpose';

const USES = VERDICT_USES.map((key) => ({ key, words: VERDICT_USE_WORDS[key] }));

/** What it is wanted for. */
export function PurposeChoice(): ReactElement {
  const { use, setUse } = usePurpose();
  return <Choice<VerdictUse> label="For" look="beside" value={use} options={USES} onChange={setUse} />;
}

/** What holds where it goes, as far as it would turn one of these verdicts. */
export function PurposeConditions({ verdicts }: { readonly verdicts: readonly Verdict[] }): ReactElement | null {
  const { conditions, setCondition } = usePurpose();
  const turning = new Set(verdicts.flatMap(({ line }) => (line.unless ?? []).map(({ condition }) => condition)));
  const asked: readonly Condition[] = CONDITIONS.filter((one) => turning.has(one));
  if (asked.length === 0) return null;
  return (
    <p className="mt-1 flex flex-wrap gap-x-5 text-small">
      {asked.map((one) => (
        <Check
          key={one}
          label={`${CONDITION_WORDS[one][0]?.toUpperCase() ?? ''}${CONDITION_WORDS[one].slice(1)}`}
          checked={conditions.includes(one)}
          onChange={(holds) => {
            setCondition(one, holds);
          }}
        />
      ))}
    </p>
  );
}
