import type { LotRow, RecipeLine } from '@bent-pail/contract';
import { parseNumber, type DeskResult } from '@bent-pail/core';
import { Slider } from 'radix-ui';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Figure } from '../shared/Figure';
import { fixed } from '../shared/format';
import { LotPail } from '../shared/pail/LotPail';
import { blendSentence } from './blendSentence';
import type { BlendDraft } from './draftStore';
import { PasteRecipe } from './PasteRecipe';

/** Parts that a slider reaches; more can be typed. */
const SLIDER = Object.freeze({ most: 12, step: 0.5 });

interface RecipeColumnProps {
  readonly draft: BlendDraft;
  readonly lots: readonly LotRow[];
  readonly result: DeskResult | undefined;
  readonly onChange: (lines: readonly RecipeLine[]) => void;
}

/** The recipe in loose parts, and how much of it is left once it has settled into itself. */
export function RecipeColumn({ draft, lots, result, onChange }: RecipeColumnProps): ReactElement {
  const { lines } = draft.recipe;
  const set = (index: number, parts: number): void => {
    onChange(lines.map((line, i) => (i === index ? { ...line, parts } : line)));
  };
  return (
    <section aria-label="Recipe">
      <h2 className="flex items-baseline justify-between">
        Recipe <small>in parts, by loose volume</small>
      </h2>
      <ul className="mt-2">
        {lines.map((line, i) => (
          <RecipeRow
            key={line.lotId}
            lot={lots.find((lot) => lot.id === line.lotId)}
            parts={line.parts}
            onParts={(parts) => {
              set(i, parts);
            }}
            onRemove={() => {
              onChange(lines.filter((_, at) => at !== i));
            }}
          />
        ))}
      </ul>
      <AddLot
        lots={lots.filter((lot) => lot.component !== undefined && !lines.some((line) => line.lotId === lot.id))}
        onAdd={(lotId) => {
          onChange([...lines, { lotId, parts: lines.length === 0 ? 3 : 1 }]);
        }}
      />
      <PasteRecipe lots={lots} onTake={onChange} />
      {result !== undefined && <Settled draft={draft} lots={lots} result={result} />}
    </section>
  );
}

interface RecipeRowProps {
  readonly lot: LotRow | undefined;
  readonly parts: number;
  readonly onParts: (parts: number) => void;
  readonly onRemove: () => void;
}

function RecipeRow({ lot, parts, onParts, onRemove }: RecipeRowProps): ReactElement {
  const name = lot === undefined ? 'a lot that is not on the shelf' : lot.name;
  const tested = lot?.component?.origins.find((one) => one.field === 'retention')?.origin;
  return (
    <li className="recipe-line">
      <LotPail pail={lot?.pail} size={30} />
      <span className="min-w-0">
        <b className="block truncate text-[16px] leading-tight">
          {lot === undefined ? (
            name
          ) : (
            <Link to={`/shelf/lots/${lot.id}`} className="no-underline">
              {name}
            </Link>
          )}
        </b>
        <small>
          {lot?.code} ·{' '}
          {tested === 'measured'
            ? 'tested, whole curve'
            : tested === 'inferred'
              ? 'tested, one depth'
              : 'class figures'}
        </small>
      </span>
      <PartsStepper name={name} parts={parts} onParts={onParts} />
      <span className="col-span-2 col-start-2 flex items-center gap-3">
        <Slider.Root
          className="slider flex-1"
          min={0}
          max={SLIDER.most}
          step={SLIDER.step}
          value={[Math.min(parts, SLIDER.most)]}
          onValueChange={([value]) => {
            onParts(value ?? 0);
          }}
        >
          <Slider.Track className="slider-track">
            <Slider.Range className="slider-range" />
          </Slider.Track>
          <Slider.Thumb className="slider-thumb" aria-label={`Parts of ${name}`} />
        </Slider.Root>
        <button type="button" className="tie text-[13.5px]" onClick={onRemove} aria-label={`Take ${name} out`}>
          take out
        </button>
      </span>
    </li>
  );
}

/** Parts by pressing or by typing; what cannot be read stays in the field with a sentence. */
function PartsStepper({
  name,
  parts,
  onParts,
}: {
  readonly name: string;
  readonly parts: number;
  readonly onParts: (parts: number) => void;
}): ReactElement {
  const [typed, setTyped] = useState<string>();
  const [sorry, setSorry] = useState<string>();
  const keep = (): void => {
    if (typed === undefined) return;
    const read = parseNumber(typed);
    if (read.kind === 'number' && read.value >= 0) {
      onParts(read.value);
      setTyped(undefined);
      setSorry(undefined);
    } else if (read.kind === 'refused') setSorry(read.sentence);
    else
      setSorry(
        read.kind === 'ask'
          ? `Is it ${String(read.asDecimal)} or ${String(read.asThousands)}? Type it without the comma.`
          : 'Parts cannot be negative.',
      );
  };
  return (
    <span>
      <span className="stepper">
        <button
          type="button"
          aria-label={`Fewer parts of ${name}`}
          onClick={() => {
            onParts(Math.max(0, parts - 1));
          }}
        >
          −
        </button>
        <input
          className="f"
          inputMode="decimal"
          aria-label={`Parts of ${name}, typed`}
          value={
            typed ?? fixed(parts, Number.isInteger(parts) ? 0 : 2).replace(/0$/, parts === Math.round(parts) ? '0' : '')
          }
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
            onParts(parts + 1);
          }}
        >
          +
        </button>
      </span>
      {sorry !== undefined && (
        <span className="sorry mt-1 block" role="alert">
          {sorry}
        </span>
      )}
    </span>
  );
}

function AddLot({
  lots,
  onAdd,
}: {
  readonly lots: readonly LotRow[];
  readonly onAdd: (lotId: string) => void;
}): ReactElement {
  return (
    <label className="field border-t border-zinc3 pt-2">
      <span>Add a lot</span>
      <select
        value=""
        onChange={(event) => {
          if (event.target.value !== '') onAdd(event.target.value);
        }}
      >
        <option value="">choose from the shelf</option>
        {lots.map((lot) => (
          <option key={lot.id} value={lot.id}>
            {lot.name}, {lot.code}
          </option>
        ))}
      </select>
    </label>
  );
}

/** In and out as bars of one scale: what mixing takes, and the verdict. */
function Settled({
  draft,
  lots,
  result,
}: {
  readonly draft: BlendDraft;
  readonly lots: readonly LotRow[];
  readonly result: DeskResult;
}): ReactElement {
  const { volumes } = result;
  const shrink = result.figures.find((figure) => figure.property === 'shrink');
  return (
    <div className="mt-4">
      <p className="flex items-baseline justify-between text-[13px]">
        <span className="q">in: {fixed(volumes.loose, 1)} parts</span>
        {shrink !== undefined && (
          <span>
            settles into itself by{' '}
            <Figure
              label="Settles into itself"
              value={shrink.value}
              digits={3}
              origin="worked-out"
              working={shrink.working}
              className="text-[15px]"
            />
          </span>
        )}
      </p>
      <div className="parts-bar" aria-hidden="true">
        {draft.recipe.lines
          .filter((line) => line.parts > 0)
          .map((line) => (
            <span key={line.lotId} style={{ flex: line.parts }}>
              {lots.find((lot) => lot.id === line.lotId)?.name} {line.parts}
            </span>
          ))}
      </div>
      <div className="parts-bar out" style={{ width: `${String((100 * volumes.made) / volumes.loose)}%` }}>
        <span>out: {fixed(volumes.made, 1)} parts</span>
      </div>
      <p className="mt-3 text-[16px] leading-tight font-semibold">{blendSentence(result)}</p>
    </div>
  );
}
