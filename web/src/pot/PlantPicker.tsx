import { inSentence, limitsOf, NEEDS, needsOf } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Choice } from '../kit/Choice';
import { fixed } from '../kit/format';
import { Popover } from '../kit/Popover';
import { amount } from '../shared/units/mine';
import type { PotAsk } from './ask';
import { Typed } from './PlanFields';

interface PlantPickerProps {
  readonly ask: PotAsk;
  readonly onChange: (change: Partial<PotAsk>) => void;
}

/** What grows in it, as far as water goes: what its roots bear, and how deep they reach. */
export function PlantPicker({ ask, onChange }: PlantPickerProps): ReactElement {
  const [open, setOpen] = useState(false);
  const { needs, rooted_percent } = ask;
  const said = `${needsOf(needs).words}, rooted ${fixed(rooted_percent, 0)} %`;
  const { air, suction_cm } = limitsOf(needsOf(needs));
  return (
    <span className="flex flex-col gap-1 text-small">
      <b>It grows</b>
      <Popover opener={said} label={`It grows ${inSentence(said)}. Choose another.`} open={open} onOpenChange={setOpen}>
        <div className="flex flex-col gap-3 p-1">
          <Choice
            label="Its roots are those of"
            value={needs}
            options={NEEDS}
            onChange={(next) => {
              onChange({ needs: next });
            }}
            className="w-60"
          />
          <Typed
            label="Rooted, of the depth"
            kept="%"
            value={rooted_percent}
            within={[10, 100]}
            onType={(next) => {
              onChange({ rooted_percent: next });
            }}
            className="w-40"
          />
          <p className="max-w-60 text-small">
            Too wet for them under <span className="figure">{fixed(air, 2)}</span> air, too dry over{' '}
            <span className="figure">{amount(suction_cm, 'cm', 0)}</span> of suction.
          </p>
        </div>
      </Popover>
    </span>
  );
}
