import { CoreError, plotsOf, type TrialPlan } from '@bent-pail/core';
import type { ReactElement, ReactNode } from 'react';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { TrayMap } from '../layout/TrayMap';
import { MediaFields } from './MediaFields';
import type { PlanDraft } from './planDraft';
import { ReadFields, RuleFields } from './ReadFields';
import { SameForAll } from './SameForAll';
import { SpeciesFields } from './SpeciesFields';

interface PlanFieldsProps {
  readonly draft: PlanDraft;
  readonly plan: TrialPlan | undefined;
  readonly isSecond: boolean;
  readonly onDraft: (draft: PlanDraft) => void;
}

/** The plan, section by section in the order in which one thinks of it. */
export function PlanFields({ draft, plan, isSecond, onDraft }: PlanFieldsProps): ReactElement {
  return (
    <div className="flex flex-col gap-6">
      <Section title="What is asked">
        <div className="mt-2 flex flex-wrap gap-3">
          <Field
            label="Called"
            className="w-56"
            value={draft.name}
            placeholder="Spring plugs"
            onChange={(name) => {
              onDraft({ ...draft, name });
            }}
          />
          <Field
            label="Question"
            className="min-w-64 flex-1"
            value={draft.question}
            placeholder="Does bark do as well as peat for plugs?"
            onChange={(question) => {
              onDraft({ ...draft, question });
            }}
          />
        </div>
      </Section>
      <Section title="Media">
        <MediaFields draft={draft} onDraft={onDraft} isFixed={isSecond} />
      </Section>
      <Section title="What is sown">
        <SpeciesFields draft={draft} onDraft={onDraft} />
      </Section>
      <Section
        title="How it stands"
        says="Every block has every medium, at a place drawn by lot. What one end of the bench does then falls on all alike."
      >
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Choice
            label="Drawn by lot"
            value={draft.unit}
            options={[
              { key: 'pot', words: 'pots' },
              { key: 'tray', words: 'trays' },
              { key: 'cell', words: 'single cells' },
            ]}
            onChange={(unit) => {
              onDraft({ ...draft, unit });
            }}
            className="w-36"
          />
          <Field
            label="A block is a"
            className="w-32"
            value={draft.blockIs}
            onChange={(blockIs) => {
              onDraft({ ...draft, blockIs });
            }}
          />
          <Field
            label="How many blocks"
            mode="numeric"
            className="w-32"
            value={draft.blocks}
            onChange={(blocks) => {
              onDraft({ ...draft, blocks });
            }}
          />
          <Field
            label="Places of each, if fewer than media"
            mode="numeric"
            placeholder="all have room"
            className="w-60"
            value={draft.perBlock}
            onChange={(perBlock) => {
              onDraft({ ...draft, perBlock });
            }}
          />
        </div>
        {plan !== undefined && <Sketch plan={plan} />}
      </Section>
      <Section title="The same for all">
        <SameForAll draft={draft} plan={plan} onDraft={onDraft} />
      </Section>
      <Section title="What is read, and when">
        <ReadFields draft={draft} onDraft={onDraft} />
      </Section>
      <Section title="Decided beforehand">
        <RuleFields draft={draft} onDraft={onDraft} />
      </Section>
    </div>
  );
}

/** Places drawn for the sketch alone; the layout itself is drawn when the plan is done. */
const SKETCH_SEED = 1;
const MOST_SKETCHED = 120;

/** How it may come to stand: letters of the media, block by block. */
function Sketch({ plan }: { readonly plan: TrialPlan }): ReactElement | null {
  const { arms, blocks, species } = plan;
  const isDrawable = arms.length > 1 && blocks >= 1 && arms.length * blocks * species.length <= MOST_SKETCHED;
  if (!isDrawable) return null;
  const plots = sketchOf(plan);
  const letterOf = (key: string): string => String.fromCodePoint(65 + arms.findIndex((arm) => arm.key === key));
  return (
    <figure className="mt-3 max-w-2xl">
      <figcaption className="text-small text-ink2">
        It may come to stand so; lot decides when the plan is done.
      </figcaption>
      <div className="mt-1">
        <TrayMap
          plan={plan}
          plots={plots.map((plot) => ({ ...plot, id: String(plot.number) }))}
          moves={[]}
          label="How it may come to stand"
          shown={({ arm, species: key }) => ({
            line:
              species.length > 1
                ? `${letterOf(arm)}, ${species.find((one) => one.key === key)?.name ?? ''}`
                : letterOf(arm),
          })}
        />
      </div>
    </figure>
  );
}

/** No sketch of what cannot be laid out; the plan says why when it is kept. */
function sketchOf(plan: TrialPlan): ReturnType<typeof plotsOf> {
  try {
    return plotsOf(plan, SKETCH_SEED);
  } catch (error) {
    if (error instanceof CoreError) return [];
    throw error;
  }
}

interface SectionProps {
  readonly title: string;
  readonly says?: string;
  readonly children: ReactNode;
}

const Section = ({ title, says, children }: SectionProps): ReactElement => (
  <section aria-label={title}>
    <h2 className="border-b-[1.5px] border-ink text-head">{title}</h2>
    {says !== undefined && <p className="mt-1 text-small text-ink2">{says}</p>}
    {children}
  </section>
);
