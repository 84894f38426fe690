import type { RecipeLine } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { useMeasures } from '../../shared/useSession';
import { amountTyped } from './amountTyped';

interface PartsStepperProps {
  readonly name: string;
  readonly line: RecipeLine;
  readonly part_L: number | undefined;
  readonly density_gcc: number | undefined;
  readonly others: number;
  readonly onLine: (line: RecipeLine) => void;
  readonly onParts: (parts: number) => void;
}

/** As few decimals as the parts need, two at most. */
const shown = (parts: number): string =>
  fixed(parts, Number.isInteger(parts) ? 0 : Number.isInteger(10 * parts) ? 1 : 2);

/** Parts by pressing or by typing; what cannot be read stays in the field with a sentence. */
export function PartsStepper({
  name,
  line,
  part_L,
  density_gcc,
  others,
  onLine,
  onParts,
}: PartsStepperProps): ReactElement {
  const sizes = useMeasures();
  const [typed, setTyped] = useState<string>();
  const [sorry, setSorry] = useState<string>();
  const keep = (): void => {
    if (typed === undefined) return;
    const read = amountTyped(typed, line, { part_L, density_gcc, others, sizes });
    if (read.kind === 'refused') {
      setSorry(read.sentence);
      return;
    }
    onLine(read.line);
    setTyped(undefined);
    setSorry(undefined);
  };
  return (
    <span>
      <span className="stepper">
        <button
          type="button"
          aria-label={`Fewer parts of ${name}`}
          onClick={() => {
            onParts(Math.max(0, line.parts - 1));
          }}
        >
          −
        </button>
        <input
          className="f"
          aria-label={`Parts of ${name}, typed`}
          value={typed ?? shown(line.parts)}
          onChange={(event) => {
            setTyped(event.target.value);
          }}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep();
          }}
        />
        <button
          type="button"
          aria-label={`More parts of ${name}`}
          onClick={() => {
            onParts(line.parts + 1);
          }}
        >
          +
        </button>
      </span>
      {sorry !== undefined && (
        <span className="sorry mt-1 block max-w-[180px]" role="alert">
          {sorry}
        </span>
      )}
    </span>
  );
}
