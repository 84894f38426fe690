import type { Protocol, Step } from '@bent-pail/core';
import type { ReactElement, ReactNode } from 'react';
import { CAUTIONS } from '../shared/cautions';
import { minutesInWords } from './minutesInWords';
import { told } from '../shared/units/mine';

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
  return told(`${String(lo)} to ${String(hi)} ${unit}`);
}

/** The steps of a protocol, each with what to do, why, what is accepted and the caution before it. */
export function ProtocolSteps({ protocol }: { readonly protocol: Protocol }): ReactElement {
  return (
    <ol className="mt-3.5">
      {protocol.steps.map((step, i) => (
        <StepLine key={step.key} place={i}>
          <b>{told(step.label)}</b>
          {step.optional === true && <span className="text-ink2"> may stay empty</span>}
          <p>{told(step.say)}</p>
          <p className="text-ink2">{told(step.why)}</p>
          <p className="figure text-ink2">{step.kind === 'time' ? `waits ${waits(step, protocol)}` : bounds(step)}</p>
          {step.caution !== undefined && (
            <p className="mt-1 border-l-[6px] border-caution bg-caution-wash px-2 py-1 text-small">
              <b>{CAUTIONS[step.caution].title}.</b> {told(CAUTIONS[step.caution].short)}
            </p>
          )}
        </StepLine>
      ))}
    </ol>
  );
}

interface StepLineProps {
  /** Its place in the protocol, from 0. */
  readonly place: number;
  readonly children: ReactNode;
}

/** One step in the list of a protocol's steps, with its number at the left. */
export function StepLine({ place, children }: StepLineProps): ReactElement {
  return (
    <li className="relative border-t-[1.5px] border-zinc2 py-2.5 pl-11">
      <span aria-hidden className="figure absolute left-1 text-head leading-[1.3] font-medium text-ink2">
        {place + 1}
      </span>
      {children}
    </li>
  );
}
