import type { KeptTrialReading, TrialPage } from '@bent-pail/contract';
import type { SpeciesFound, TrialFound } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { OneOf } from '../../kit/OneOf';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { trialReadingsQuery } from '../../shared/resources/trials';
import { Thinking } from '../../shared/thinking/Thinking';
import { told } from '../../shared/units/mine';
import { GerminationSection } from './GerminationSection';
import { RanOut } from './RanOut';
import { Ratios } from './Ratios';
import { SignsSection } from './SignsSection';
import { TraitSection } from './TraitSection';
import { useFound } from './useFound';
import { WaterSection } from './WaterSection';

/** What a trial says: first in sentences, then drawn, then in figures. */
export function FoundPart({ page }: { readonly page: TrialPage }): ReactElement {
  const query = useQuery(trialReadingsQuery(page.id));
  return <Await query={query}>{(readings) => <FoundIn page={page} readings={readings} />}</Await>;
}

interface FoundInProps {
  readonly page: TrialPage;
  readonly readings: readonly KeptTrialReading[];
}

function FoundIn({ page, readings }: FoundInProps): ReactElement {
  const thought = useFound(page, readings);
  if (readings.length === 0)
    return (
      <EmptyPail question="What grew?">
        Nothing was read yet. The day’s readings are taken one cell at a time; here they become an answer.
      </EmptyPail>
    );
  const found = thought.answer;
  if (found === undefined)
    return (
      <div className="p-5">
        <Thinking thought={thought} />
      </div>
    );
  return <FoundShown page={page} found={found} />;
}

function FoundShown({ page, found }: { readonly page: TrialPage; readonly found: TrialFound }): ReactElement {
  const [key, setKey] = useState(page.plan.species[0]?.key ?? '');
  const species = found.species.find((one) => one.species === key) ?? found.species[0];
  return (
    <div className="flex flex-col gap-5 px-5 py-3">
      <Answers found={found} />
      {found.species.length > 1 && (
        <OneOf
          label="Species"
          unseen
          value={species?.species ?? ''}
          options={found.species.map(({ species: one, name }) => ({ key: one, words: name }))}
          onChange={setKey}
        />
      )}
      {species !== undefined && <OfSpecies key={species.species} page={page} species={species} />}
      {found.ratios !== undefined && <Ratios page={page} ratios={found.ratios} found={found} />}
      <WaterSection page={page} />
    </div>
  );
}

/** The answers in sentences, and what stands in the way of putting them down to the medium. */
export function Answers({ found }: { readonly found: TrialFound }): ReactElement {
  return (
    <section aria-label="The answer" className="flex flex-col gap-2">
      {found.notTheMedium !== undefined && (
        <p className="border-l-4 border-caution bg-paper py-2 pl-3 text-body">{found.notTheMedium}</p>
      )}
      {found.answers.map((answer) => (
        <p key={answer} className="max-w-[110ch] text-head leading-snug">
          {told(answer)}
        </p>
      ))}
      {found.culled.length > 0 && (
        <p className="text-small">
          Dropped by the rule said before sowing:{' '}
          {found.culled.map(({ plot, why }) => `plot ${String(plot)} (${why})`).join(', ')}.
        </p>
      )}
      {found.checks.map(({ code, message }) => (
        <p key={code} className="text-small text-ink2">
          {message}
        </p>
      ))}
    </section>
  );
}

function OfSpecies({ page, species }: { readonly page: TrialPage; readonly species: SpeciesFound }): ReactElement {
  const shown = species.traits.filter(({ trait }) => trait !== 'up');
  const first = shown.find(({ trait }) => trait === page.plan.asks.trait) ?? shown[0];
  const [key, setKey] = useState(first?.trait);
  const trait = shown.find((one) => one.trait === key) ?? first;
  return (
    <>
      {trait !== undefined && (
        <TraitSection page={page} traits={shown} trait={trait} onTrait={setKey} deaths={species.deaths} />
      )}
      {species.germination !== undefined && <GerminationSection page={page} germination={species.germination} />}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 min-[1000px]:grid-cols-2">
        <SignsSection page={page} signs={species.signs} />
        <RanOut page={page} turned={species.turned} />
      </div>
    </>
  );
}
