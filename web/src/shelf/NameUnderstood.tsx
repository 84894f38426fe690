import { findDosedClass, mediaClassLabel, readName, type DosedClass, type NameReading } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Notice } from '../kit/Notice';

interface NameUnderstoodProps {
  readonly name: string;
  /** The class that is chosen; empty while none is. */
  readonly classId: string;
  readonly onClass: (classId: string) => void;
}

const MOST_OFFERED = 5;

/** What a typed name was read as, and why; or what has to be asked before it can be read. */
export function NameUnderstood({ name, classId, onClass }: NameUnderstoodProps): ReactElement | null {
  const reading = useMemo(() => (name.trim() === '' ? undefined : readName(name)), [name]);
  if (reading === undefined) return null;
  const [best] = reading.proposals;
  const dosed = best === undefined ? undefined : findDosedClass(best.classId);
  if (dosed !== undefined) return <Dosed of={dosed} reason={best?.reason ?? ''} />;
  const read = reading.proposals.find((one) => one.classId === classId);
  const label = mediaClassLabel(classId);
  if (label !== undefined)
    return (
      <p className="text-small md:col-span-2" role="status">
        Read as <b>{label}</b>
        {read === undefined ? ', as you chose.' : `: ${read.reason}.`}{' '}
        <Button
          look="tie"
          onClick={() => {
            onClass('');
          }}
        >
          It is something else
        </Button>
      </p>
    );
  return <Asked reading={reading} onClass={onClass} />;
}

interface AskedProps {
  readonly reading: NameReading;
  readonly onClass: (classId: string) => void;
}

function Asked({ reading, onClass }: AskedProps): ReactElement {
  return (
    <div className="md:col-span-2" role="status">
      <p className="text-small">
        {reading.question ?? 'Say below what kind of material it is.'}{' '}
        <span className="text-ink2">It can stay open: measuring tells more than any name.</span>
      </p>
      {reading.proposals.length > 0 && (
        <p className="mt-1.5 flex flex-wrap gap-2">
          {reading.proposals.slice(0, MOST_OFFERED).map((one) => (
            <Button
              key={one.classId}
              look="low"
              onClick={() => {
                onClass(one.classId);
              }}
            >
              {mediaClassLabel(one.classId)}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}

/** What is dosed by weight is no medium: how much of it is safe, and what to mind. */
function Dosed({ of, reason }: { readonly of: DosedClass; readonly reason: string }): ReactElement {
  const { seed, young, established } = of.most_gPerL;
  const most = (g: number): string => (g === 0 ? 'nothing' : `${String(g)} g`);
  return (
    <Notice className="p-3 md:col-span-2">
      <p>
        Read as <b>{of.label}</b>: {reason}. It is weighed into a blend, g to the litre, not poured: add it there as a
        powder by weight.
      </p>
      <p className="mt-1 text-small">
        At most, in a litre: {most(seed)} for seed, {most(young)} for young plants, {most(established)} for established
        ones. A handful is {of.handful_g[0]} to {of.handful_g[1]} g until you weigh yours. {of.basis}
      </p>
      <ul className="mt-1 text-small">
        {of.hazards.map((hazard) => (
          <li key={hazard}>{hazard}</li>
        ))}
      </ul>
    </Notice>
  );
}
