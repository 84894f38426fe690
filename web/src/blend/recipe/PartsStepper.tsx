import type { RecipeLine } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { useMeasures } from '../../shared/useSession';
import { amountTyped } from './amountTyped';
import { Sorry } from '../../kit/Sorry';
import { Stepper } from '../../kit/Stepper';

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
      <Stepper
        label={`Parts of ${name}, typed`}
        value={typed ?? shown(line.parts)}
        onChange={setTyped}
        onSettle={keep}
        fewer={`Fewer parts of ${name}`}
        onFewer={() => {
          onParts(Math.max(0, line.parts - 1));
        }}
        more={`More parts of ${name}`}
        onMore={() => {
          onParts(line.parts + 1);
        }}
      />
      {sorry !== undefined && <Sorry className="mt-1 max-w-[180px]">{sorry}</Sorry>}
    </span>
  );
}
