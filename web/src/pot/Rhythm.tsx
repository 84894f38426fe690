import { limitsOf, needsOf, rainOf, type PotSetup, type RhythmResult, type Schedule } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { counted, fixed } from '../kit/format';
import { Progress } from '../kit/Progress';
import { Rows } from '../kit/Rows';
import { Sorry } from '../kit/Sorry';
import { useLongWork, type Asked } from '../shared/thinking/useLongWork';
import { amount } from '../shared/units/mine';
import { volume } from './told';
import type { Variant } from './variants';

const ask: Asked<PotSetup, RhythmResult> = (thinker, setup, onProgress) => thinker.rhythm(setup, onProgress);

const days = (every_d: number): string => counted(every_d, 'day', 'days');
const percent = (share: number): string => `${fixed(100 * share, share < 0.1 && share > 0 ? 1 : 0)} %`;

/** The spacings of a pot's waterings, tried at a press. */
export const useRhythm = () => useLongWork(ask);

interface RhythmProps {
  readonly variant: Variant;
  readonly tried: ReturnType<typeof useRhythm>;
}

/** Every spacing of waterings tried on this pot, and the least work that keeps its roots inside. */
export function Rhythm({ variant, tried: { state, start, cancel } }: RhythmProps): ReactElement {
  const known = triedOf(variant, state);
  return (
    <section aria-label="Best rhythm" className={`mt-4 ${known === undefined ? 'print:hidden' : ''}`}>
      <h2>Best rhythm</h2>
      {state.kind === 'running' ? (
        <Progress label="Trying spacings" share={state.share} onStop={cancel} />
      ) : (
        <Button
          look="act"
          className="mt-1 print:hidden"
          onClick={() => {
            start(variant.setup);
          }}
        >
          How often to water it
        </Button>
      )}
      {state.kind === 'failed' && <Sorry>{state.sentence}</Sorry>}
      {known !== undefined && <Tried result={known} setup={variant.setup} />}
    </section>
  );
}

/** What the tries came to, where they were of this pot. */
export const triedOf = ({ setup }: Variant, state: ReturnType<typeof useRhythm>['state']): RhythmResult | undefined =>
  state.kind === 'done' && state.input === setup ? state.result : undefined;

/** The rhythm in a sentence. */
export function bestSaid({ best_d, nearest_d }: RhythmResult): string {
  if (best_d === undefined)
    return `No spacing keeps its roots inside; every ${days(nearest_d)} comes nearest. Another medium, depth or place would do more than the can.`;
  return best_d === 1
    ? 'Water it daily: no longer spacing keeps its roots in air and easy water.'
    : `Every ${days(best_d)} is the least work that keeps its roots in air and easy water.`;
}

function Tried({ result, setup }: { readonly result: RhythmResult; readonly setup: PotSetup }): ReactElement {
  const { air, suction_cm } = limitsOf(needsOf(setup.needs ?? 'most'));
  return (
    <div className="mt-2" aria-live="polite">
      <p className="font-semibold">{bestSaid(result)}</p>
      <Rows className="mt-1">
        <thead>
          <tr>
            <th scope="col">every</th>
            <th scope="col">each time</th>
            <th scope="col">drained a week</th>
            <th scope="col">too wet</th>
            <th scope="col">dry</th>
          </tr>
        </thead>
        <tbody>
          {result.schedules.map((one) => (
            <Line key={one.every_d} one={one} isBest={one.every_d === result.best_d} />
          ))}
        </tbody>
      </Rows>
      {rainOf(setup) > 0 && <p className="text-small">Under a roof: the rain of that place is not counted here.</p>}
      <p className="text-small text-ink2">
        Each time what it used and a tenth more. Inside: under {fixed(air, 2)} air for at most 10 % of the time, over{' '}
        {amount(suction_cm, 'cm', 0)} of suction for at most 2 %.
      </p>
    </div>
  );
}

function Line({ one, isBest }: { readonly one: Schedule; readonly isBest: boolean }): ReactElement {
  return (
    <tr className={isBest ? 'font-bold' : one.keeps ? '' : 'text-ink2'}>
      <th scope="row">{days(one.every_d)}</th>
      <td className="figure">{volume(one.each_mL)}</td>
      <td className="figure">{volume(one.drainedWeek_mL)}</td>
      <td className="figure">{percent(one.wet)}</td>
      <td className="figure">{percent(one.dry)}</td>
    </tr>
  );
}
