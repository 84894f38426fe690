import { deskBandsInput, DRYING_d, POT_DRAWS, type Band, type Conductivity, type PotBands } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button, ButtonLink } from '../kit/Button';
import { fixed } from '../kit/format';
import { Progress } from '../kit/Progress';
import { Sorry } from '../kit/Sorry';
import { useLongWork, type Asked } from '../shared/thinking/useLongWork';
import type { Variant } from './variants';

const ask: Asked<Variant, PotBands> = (thinker, { setup, medium }, onProgress) =>
  thinker.potBands(setup, deskBandsInput(medium.desk, undefined, 'air'), medium.conductivity, onProgress);

/** How sure the course of a pot is, worked out at a press. */
export const usePotBands = () => useLongWork(ask);

interface PotBandsLineProps {
  readonly variant: Variant;
  readonly bands: ReturnType<typeof usePotBands>;
}

const span = ({ p5, p95 }: Band, digits: number, unit: string): string =>
  `${fixed(p5, digits)} to ${fixed(p95, digits)} ${unit}`;

function daysToDry(band: Band): string {
  if (band.p5 >= DRYING_d) return `over ${String(DRYING_d)} days`;
  return band.p95 >= DRYING_d ? `${fixed(band.p5, 1)} to over ${String(DRYING_d)} days` : span(band, 1, 'days');
}

/** What the draws came to, where they were of this pot. */
export const bandsOf = (variant: Variant, state: ReturnType<typeof usePotBands>['state']): PotBands | undefined =>
  state.kind === 'done' && state.input === variant ? state.result : undefined;

/** The bands in a sentence. */
export const bandsSaid = ({ lost, wetHours, dryHours, daysToDry: dry }: PotBands): string =>
  `In 90 % of ${String(POT_DRAWS - lost)} such pots: too wet ${span(wetHours, 0, 'h')}, dry ${span(dryHours, 0, 'h')}; soaked and left alone, easy water lasts ${daysToDry(dry)}.`;

/** How far the course can be trusted: 90 % of draws of the medium and of how fast water goes through it. */
export function PotBandsLine({ variant, bands }: PotBandsLineProps): ReactElement {
  const { state, start, cancel } = bands;
  const known = bandsOf(variant, state);
  return (
    <section aria-label="How sure that is" className="mt-3 border-t border-zinc3 pt-2">
      <Through medium={variant.medium} conductivity={variant.medium.conductivity} />
      {known === undefined && state.kind !== 'running' && (
        <Button
          look="low"
          className="mt-1 print:hidden"
          onClick={() => {
            start(variant);
          }}
        >
          How sure is that
        </Button>
      )}
      {state.kind === 'running' && (
        <Progress label={`Drawing ${String(POT_DRAWS)} such pots`} share={state.share} onStop={cancel} />
      )}
      {state.kind === 'failed' && <Sorry>{state.sentence}</Sorry>}
      {known !== undefined && <p aria-live="polite">{bandsSaid(known)}</p>}
    </section>
  );
}

interface ThroughProps {
  readonly medium: Variant['medium'];
  readonly conductivity: Conductivity;
}

/** How fast soaked medium lets water through, by whose word, and what would make it surer. */
function Through({ medium, conductivity }: ThroughProps): ReactElement {
  const { ks_cms, factor, by } = conductivity;
  const figure = (value: number): string => String(Number(value.toPrecision(2)));
  return (
    <p className="text-small">
      {medium.name}, soaked, lets through <span className="figure">{figure(ks_cms)} cm/s</span>,{' '}
      {by === 'measured' ? 'by what ran through its parts' : 'by its curve alone'}: between{' '}
      <span className="figure">{figure(ks_cms / factor)}</span> and{' '}
      <span className="figure">{figure(ks_cms * factor)}</span>.{' '}
      {by === 'curve' && (
        <ButtonLink look="small" to="/bench?protocol=constant-head">
          run water through it
        </ButtonLink>
      )}
    </p>
  );
}
