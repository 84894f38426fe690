import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { JOB_WORDS, UNIT_WORDS, type ShownUnit } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { fixed } from '../../kit/format';
import { LotPail, type SmallPail } from '../../shared/pail/LotPail';
import { bareAmount } from './amountTyped';
import { LineSays } from './LineSays';
import { PartsStepper } from './PartsStepper';
import { Button } from '../../kit/Button';
import { Slider } from '../../kit/Slider';

/** Parts that a slider reaches; more can be typed. */
const SLIDER = Object.freeze({ most: 12, step: 0.5 });

interface RecipeRowProps {
  readonly line: RecipeLine;
  readonly name: string;
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly part_L: number | undefined;
  /** Parts of the other lines. */
  readonly others: number;
  /** The amount in the unit shown; absent where that is parts, or cannot be told. */
  readonly amount: number | undefined;
  readonly unit: ShownUnit;
  readonly onLine: (line: RecipeLine) => void;
  readonly onRemove: () => void;
}

/** One line: its pail, its name, its parts by pressing, sliding or typing, and what else is said of it. */
export function RecipeRow(props: RecipeRowProps): ReactElement {
  const { line, name, lots, blends, part_L, others, amount, unit, onLine, onRemove } = props;
  const [open, setOpen] = useState(false);
  const setParts = (parts: number): void => {
    onLine({ ...bareAmount(line), parts });
  };
  return (
    <li className="grid grid-cols-[38px_minmax(0,1fr)_auto] items-center gap-x-2 gap-y-0.5 border-t border-zinc3 pt-2 pb-1.5">
      <LotPail pail={pailOf(line, lots, blends)} size={30} />
      <span className="min-w-0">
        <b className="block truncate text-head leading-tight">
          <Link
            to={line.blend === undefined ? `/shelf/lots/${line.lotId ?? ''}` : `/blend/${line.blend.id}`}
            className="no-underline"
          >
            {name}
          </Link>
        </b>
        <small>{notesOf(line, lots).join(' · ')}</small>
      </span>
      <span>
        <PartsStepper
          name={name}
          line={line}
          part_L={part_L}
          density_gcc={lots.find(({ id }) => id === line.lotId)?.component?.facts.asItLies_gcc}
          others={others}
          onLine={onLine}
          onParts={setParts}
        />
        {amount !== undefined && (
          <small className="figure block text-right">
            {fixed(amount, amount >= 100 ? 0 : 1)} {UNIT_WORDS[unit].replace(' by volume', '')}
          </small>
        )}
      </span>
      <span className="col-span-2 col-start-2 flex items-center gap-3">
        <Slider
          label={`Parts of ${name}`}
          value={Math.min(line.parts, SLIDER.most)}
          most={SLIDER.most}
          step={SLIDER.step}
          onChange={setParts}
          className="flex-1"
        />
        <Button
          look="small"
          aria-expanded={open}
          aria-label={`More about ${name}`}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? 'less' : 'more'}
        </Button>
        <Button look="small" onClick={onRemove} aria-label={`take out ${name}`}>
          take out
        </Button>
      </span>
      {open && <LineSays line={line} name={name} lots={lots} onLine={onLine} />}
    </li>
  );
}

function pailOf(line: RecipeLine, lots: readonly DeskLot[], blends: readonly DeskBlend[]): SmallPail | undefined {
  if (line.blend === undefined) return lots.find(({ id }) => id === line.lotId)?.pail;
  const latest = blends.find(({ id }) => id === line.blend?.id)?.latest;
  if (latest === undefined) return undefined;
  const { totalPorosity, water, air } = latest.result;
  return { solid: 1 - totalPorosity, water, air, height_cm: latest.recipe.pot.height_cm, kind: 'predicted' };
}

const TESTED: Readonly<Record<string, string>> = {
  measured: 'tested, whole curve',
  inferred: 'tested, one depth',
  material: 'as other lots of it',
};

/** What is worth saying below the name: the lot and how well it is known, what is left open, the job. */
function notesOf(line: RecipeLine, lots: readonly DeskLot[]): string[] {
  const lot = lots.find(({ id }) => id === line.lotId);
  const origin = lot?.component?.origins.find((one) => one.field === 'retention')?.origin ?? '';
  const others = (line.or ?? []).flatMap((id) => lots.find((one) => one.id === id)?.name ?? []);
  return [
    ...(line.blend === undefined
      ? [lot?.code ?? '', TESTED[origin] ?? 'class figures']
      : [`blend, version ${String(line.blend.n)}`]),
    ...(line.written === undefined ? [] : [`written “${line.written}”`]),
    ...(line.least !== undefined && line.most !== undefined
      ? [`${String(line.least)} to ${String(line.most)} parts`]
      : []),
    ...others.map((name) => `or ${name}`),
    ...(line.rest === true ? ['the rest'] : []),
    ...(line.optional === true ? ['may be left out'] : []),
    ...(line.onTop === true ? ['on top'] : []),
    ...(line.job === undefined ? [] : [`for ${JOB_WORDS[line.job]}`]),
  ].filter((note) => note !== '');
}
