import type { ReactElement, ReactNode } from 'react';
import { PailMark } from './pail/PailMark';
import { shapeOf } from './pail/pailGeometry';

interface EmptyPailProps {
  readonly question: string;
  /** It is all that the page has to say. */
  readonly whole?: boolean;
  readonly children?: ReactNode;
}

/** Nothing here yet: an empty pail and one question or one next act, never an apology. */
export function EmptyPail({ question, whole = false, children }: EmptyPailProps): ReactElement {
  const Heading = whole ? 'h1' : 'h2';
  return (
    <div className="flex items-end gap-6 p-8 max-[560px]:flex-wrap max-[560px]:p-5">
      <PailMark
        shape={shapeOf({ height_cm: 12 }, 'vessel')}
        fill={{ kind: 'empty' }}
        state="class"
        tier="large"
        k={11}
        label="An empty pail"
      />
      <div className="flex flex-col items-start gap-4 pb-2">
        <Heading className="max-w-[20ch] text-title leading-none">{question}</Heading>
        {children}
      </div>
    </div>
  );
}
