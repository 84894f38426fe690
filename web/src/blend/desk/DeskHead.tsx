import type { BlendPage, ProfileRow } from '@bent-pail/contract';
import { keptPotName, potOfRecipe } from '../../shared/pot/pots';
import { parseNumber, type DeskResult } from '@bent-pail/core';
import { useEffect, useState, type ReactElement } from 'react';
import { useHand } from '../../shared/handStore';
import { PotPicker } from '../../shared/pot/PotPicker';
import { useLastPot } from '../../shared/pot/usePot';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import type { BlendDraft } from '../../shared/blends/draftStore';
import { ModelChoice } from './ModelChoice';
import { VersionLine } from './VersionLine';
import { Choice } from '../../kit/Choice';
import { later } from '../../kit/later';

// Keeping takes a form.
const KeepVersion = later(async () => (await import('./KeepVersion')).KeepVersion, null);

interface DeskHeadProps {
  readonly draft: BlendDraft;
  readonly draftKey: string;
  readonly changed: boolean;
  readonly page: BlendPage | undefined;
  readonly shown: number | undefined;
  readonly result: DeskResult | undefined;
  /** With everything at its likeliest: what a kept version is held against. */
  readonly likeliest: DeskResult | undefined;
  readonly profiles: readonly ProfileRow[];
  readonly onChange: (draft: BlendDraft) => void;
}

/** Name, pot, model and lime of the recipe, its versions, and the one red act: keep it. */
export function DeskHead(props: DeskHeadProps): ReactElement {
  const { draft, draftKey, changed, page, shown, result, likeliest, profiles, onChange } = props;
  const works = useWorks();
  const { recipe } = draft;
  const setPot = useLastPot((state) => state.remember);
  useBlendInHand(page, result, recipe.pot.height_cm);
  const canKeep = works && result !== undefined && shown === undefined && (changed || page === undefined);
  return (
    <>
      <TitleBlock
        title={draft.name === '' ? 'A new blend' : draft.name}
        line={<VersionLine page={page} shown={shown} changed={changed} result={likeliest} draftKey={draftKey} />}
        cells={[
          {
            term: 'My pot',
            value: (
              <PotPicker
                pot={potOfRecipe(recipe)}
                onChange={(pot) => {
                  setPot(pot.shape);
                  onChange({ ...draft, recipe: { ...recipe, potName: keptPotName(pot.shape), pot: { ...pot.shape } } });
                }}
              />
            ),
          },
          {
            term: 'Target',
            value: (
              <Choice
                label="Target"
                look="bare"
                className="max-w-[190px]"
                value={recipe.target ?? ''}
                options={[{ key: '', words: 'none' }, ...profiles.map(({ id, label }) => ({ key: id, words: label }))]}
                onChange={(chosen) => {
                  const { target, ...untargeted } = recipe;
                  if (chosen !== target)
                    onChange({ ...draft, recipe: chosen === '' ? untargeted : { ...recipe, target: chosen } });
                }}
              />
            ),
          },
          {
            term: 'Mixing model',
            value: (
              <ModelChoice
                recipe={recipe}
                onRecipe={(next) => {
                  onChange({ ...draft, recipe: next });
                }}
              />
            ),
          },
          {
            term: 'Lime (− sulphur), meq/L',
            value: (
              <LimeField
                lime={recipe.lime_meqPerL}
                onLime={(lime_meqPerL) => {
                  onChange({ ...draft, recipe: { ...recipe, lime_meqPerL } });
                }}
              />
            ),
          },
        ]}
      />
      {canKeep && (
        <KeepVersion
          key={draftKey}
          draft={draft}
          draftKey={draftKey}
          page={page}
          onName={(name) => {
            onChange({ ...draft, name });
          }}
        />
      )}
    </>
  );
}

/** The blend on this page is what one carries on to the next station. */
function useBlendInHand(page: BlendPage | undefined, result: DeskResult | undefined, height_cm: number): void {
  const take = useHand((state) => state.take);
  const { id, name } = page ?? {};
  useEffect(() => {
    if (id === undefined || name === undefined || result === undefined) return;
    const { air, water, totalPorosity } = result.result;
    take({ kind: 'blend', id, name, pail: { solid: 1 - totalPorosity, water, air, height_cm, kind: 'predicted' } });
  }, [take, id, name, result, height_cm]);
}

const MOST_LIME_meqPerL = 500;

/** Lime as typed, sulphur below zero; undefined for what is none. */
function limeIn(text: string): number | undefined {
  const read = parseNumber(text.replace('−', '-'));
  return read.kind === 'number' && Math.abs(read.value) <= MOST_LIME_meqPerL ? read.value : undefined;
}

function LimeField({ lime, onLime }: { readonly lime: number; readonly onLime: (lime: number) => void }): ReactElement {
  const [typed, setTyped] = useState<string>();
  const bad = typed !== undefined && limeIn(typed) === undefined;
  return (
    <input
      className={`figure w-16 border-b-[1.5px] border-ink bg-transparent ${bad ? 'bg-slab text-inverse' : ''}`}
      inputMode="decimal"
      aria-label="Lime, meq per litre made"
      aria-invalid={bad}
      title={bad ? 'A number from −500 to 500; sulphur is negative.' : undefined}
      value={typed ?? String(lime)}
      onChange={(event) => {
        setTyped(event.target.value);
        const now = limeIn(event.target.value);
        if (now !== undefined) onLime(now);
      }}
      onBlur={() => {
        if (!bad) setTyped(undefined);
      }}
    />
  );
}
