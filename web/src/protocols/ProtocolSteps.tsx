import './protocols.css';
import type { Protocol, Step } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { CAUTIONS } from '../shared/cautions';
import { minutesInWords } from './minutesInWords';

const UNUSUAL = Object.freeze({ soak: 'as its grains ask', drain: '60 min unless set' });

function waits({ hold }: Step, { times }: Protocol): string {
  if (hold === undefined) return '';
  if ('minutes' in hold) return minutesInWords(hold.minutes);
  const own = times?.[hold.setting];
  if (own !== undefined) return minutesInWords(own);
  return hold.setting === 'soak_min' ? UNUSUAL.soak : UNUSUAL.drain;
}

function bounds({ kind, bounds: [lo, hi], unit, classes }: Step): string {
  if (kind === 'time') return '';
  if (classes !== undefined) return classes.join(', ');
  return `${String(lo)} to ${String(hi)} ${unit}`;
}

/** The steps of a protocol, each with what to do, why, what is accepted and the caution before it. */
export function ProtocolSteps({ protocol }: { readonly protocol: Protocol }): ReactElement {
  return (
    <ol className="protocol-steps">
      {protocol.steps.map((step) => (
        <li key={step.key}>
          <b>{step.label}</b>
          {step.optional === true && <span className="text-ink2"> may stay empty</span>}
          <p>{step.say}</p>
          <p className="text-ink2">{step.why}</p>
          <p className="figure text-ink2">{step.kind === 'time' ? `waits ${waits(step, protocol)}` : bounds(step)}</p>
          {step.caution !== undefined && (
            <p className="caution-note">
              <b>{CAUTIONS[step.caution].title}.</b> {CAUTIONS[step.caution].short}
            </p>
          )}
        </li>
      ))}
    </ol>
  );
}
