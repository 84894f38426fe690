import type { BlendVersion } from '@bent-pail/contract';
import { CoreError, geometricVolume_mL, settlingOf, type DeskBatch, spoken } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { MeasureField } from '../../shared/units/MeasureField';
import { amount, inField } from '../../shared/units/mine';
import { CautionStrip } from '../../shared/CautionStrip';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { counted } from '../../kit/format';
import type { DeskView } from '../desk/deskView';
import { MakeBatch } from './MakeBatch';
import { MakeOrBuy } from './MakeOrBuy';
import { TakeTable } from './TakeTable';
import { batchOf, firstWant, wantFrom, wantParams, WANTS, type Want } from './want';
import { useDrafts } from '../../shared/blends/draftStore';
import { WorkPlan } from './WorkPlan';
import { Sorry } from '../../kit/Sorry';
import { ButtonLink } from '../../kit/Button';
import { TWO_COLUMNS } from './columns';

interface BatchPanelProps {
  readonly view: DeskView;
  readonly blendId: string;
  /** The kept version that can be mixed; a draft can only be planned. */
  readonly version: BlendVersion | undefined;
}

/** For so many pots, a bed, a volume or all the stock: what to take and buy, what to do when, and the mixing itself. */
export function BatchPanel({ view, blendId, version }: BatchPanelProps): ReactElement {
  const potVolume = geometricVolume_mL(view.input.container);
  const typed = useDrafts((state) => state.wants[blendId]);
  const keepWant = useDrafts((state) => state.want);
  const want: Want = {
    ...firstWant(),
    ...(potVolume === undefined ? {} : { potVolume_L: inField(Math.round(potVolume / 100) / 10, 'L') }),
    settling: (100 * settlingOf(view.used)).toFixed(0),
    ...typed,
  };
  const wanted = wantParams(want);
  const { batch, problem } = useMemo((): { batch?: DeskBatch | undefined; problem?: string } => {
    try {
      return { batch: batchOf(view, wantFrom(new URLSearchParams(wanted))) };
    } catch (error) {
      if (error instanceof CoreError) return { problem: spoken(error) };
      throw error;
    }
  }, [view, wanted]);
  return (
    <div>
      <WantFields
        want={want}
        onWant={(key, value) => {
          keepWant(blendId, { ...typed, [key]: value });
        }}
      />
      {problem !== undefined && <Sorry className="mx-5 mt-2">{problem}</Sorry>}
      {batch === undefined ? (
        problem === undefined && <p className="text-ink2 px-5 py-2">Fill in how much, and the sheet appears.</p>
      ) : (
        <div className={`${TWO_COLUMNS} px-5`}>
          <section aria-label="What to take">
            <Reach batch={batch} />
            <TakeTable view={view} batch={batch} />
            <MakeOrBuy view={view} batch={batch} />
          </section>
          <section aria-label="The work">
            <WorkPlan view={view} plan={batch.plan} />
            <CautionStrip caution="dust" before="Before mixing" />
            {version !== undefined && (
              <p className="mt-3">
                <ButtonLink to={`/blend/${blendId}/versions/${String(version.n)}/sheet?${wanted}`}>
                  The sheet on paper
                </ButtonLink>
              </p>
            )}
            {version === undefined ? (
              <p className="text-ink2 mt-3 text-small">Keep the recipe as a version, and it can be mixed from stock.</p>
            ) : (
              <MakeBatch key={version.id} blendId={blendId} version={version} made_L={batch.quantity.finished_L} />
            )}
          </section>
        </div>
      )}
    </div>
  );
}

type Measured = Exclude<keyof Want, 'kind' | 'pots' | 'settling'>;

interface WantFieldsProps {
  readonly want: Want;
  readonly onWant: (key: keyof Want, value: string) => void;
}

function WantFields({ want, onWant }: WantFieldsProps): ReactElement {
  const change = (key: keyof Want) => (value: string) => {
    onWant(key, value);
  };
  const bare = (key: 'pots' | 'settling', label: string): ReactElement => (
    <Field label={label} mode="decimal" value={want[key]} onChange={change(key)} className="w-32" />
  );
  const field = (key: Measured, label: string, kept: string): ReactElement => (
    <MeasureField label={label} kept={kept} value={want[key]} onChange={change(key)} className="w-32" />
  );
  return (
    <section className="flex flex-wrap items-end gap-3 px-5 pt-3" aria-label="How much">
      <Choice
        label="For"
        value={want.kind}
        options={WANTS}
        onChange={(kind) => {
          onWant('kind', kind);
        }}
      />
      {want.kind === 'pots' && bare('pots', 'Pots')}
      {(want.kind === 'pots' || want.kind === 'stock') && field('potVolume_L', 'Each holds', 'L')}
      {(want.kind === 'bed' || want.kind === 'top-dressing') && (
        <>
          {field('length_m', 'Length', 'm')}
          {field('width_m', 'Width', 'm')}
          {field('depth_cm', 'Depth', 'cm')}
        </>
      )}
      {want.kind === 'volume' && field('volume_L', 'Settled volume', 'L')}
      {bare('settling', 'Settles in place, %')}
    </section>
  );
}

/** The sentence at the head: how much, and for how many. */
function Reach({ batch }: { readonly batch: DeskBatch }): ReactElement {
  const { reach, quantity } = batch;
  return (
    <p className="text-head leading-tight font-semibold">
      {reach !== undefined &&
        `${reach.limitedBy} runs out first${reach.pots === undefined ? '' : `: ${counted(reach.pots, 'pot', 'pots')}`}. `}
      {amount(quantity.loose_L, 'L', 0)} loose make {amount(quantity.finished_L, 'L', 0)}.
    </p>
  );
}
