import type { PlaceRow } from '@bent-pail/contract';
import { DRESSINGS, SOILS, type DressingKey, type StandKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { counted } from '../kit/format';
import type { Pot } from '../shared/pot/pots';
import { serverNow } from '../shared/serverClock';
import { DAYS, USUAL_BELOW_CM, type Below, type PotAsk } from './ask';
import { PlanFields, Typed } from './PlanFields';
import { PlantPicker } from './PlantPicker';
import { MONTHS, STAND_OPTIONS } from './stands';

interface SetUpProps {
  readonly ask: PotAsk;
  readonly pot: Pot;
  readonly places: readonly PlaceRow[];
  /** The second in hand, by name: the first may stand on a layer of it. */
  readonly second?: string | undefined;
  readonly onChange: (change: Partial<PotAsk>) => void;
}

const belowOptions = (second: string | undefined): readonly { readonly key: Below; readonly words: string }[] => [
  { key: 'nothing', words: 'its own base' },
  { key: 'stones', words: 'a layer of stones' },
  ...(second === undefined ? [] : [{ key: 'second' as const, words: `a layer of ${second}` }]),
  ...SOILS.map(({ key, words }) => ({ key, words: `a bed on ${words}` })),
];
const TOP_OPTIONS: readonly { readonly key: DressingKey | ''; readonly words: string }[] = [
  { key: '', words: 'the medium itself' },
  ...DRESSINGS,
];
const USUAL_DEEP_CM = 2;

/** What is around the medium: what lies below and on it, its wall, where it stands, how it is watered, for how long. */
export function SetUp({ ask, pot, places, second, onChange }: SetUpProps): ReactElement {
  const { below, top } = ask;
  const isLayer = below === 'stones' || below === 'second';
  return (
    <section
      aria-label="How it is set up"
      className="flex flex-wrap items-end gap-x-5 gap-y-3 border-b-[3px] border-ink px-5 py-3"
    >
      <Stand ask={ask} places={places} onChange={onChange} />
      <Typed
        key={`mm ${ask.stand} ${ask.at?.placeId ?? ''}`}
        label="Or typed, a day"
        kept="mm"
        value={ask.mmPerD}
        within={[0, 20]}
        placeholder="by place"
        onType={(mmPerD) => {
          onChange({ mmPerD });
        }}
        onEmpty={() => {
          onChange({ mmPerD: undefined });
        }}
        className="w-32"
      />
      <PlanFields
        label="It is watered"
        plan={ask.plan}
        onChange={(plan) => {
          onChange({ plan });
        }}
      />
      {ask.also === undefined ? (
        <Button
          look="tie"
          className="print:hidden"
          onClick={() => {
            onChange({ also: { kind: 'weekdays', on: [6] } });
          }}
        >
          and besides
        </Button>
      ) : (
        <PlanFields
          label="And besides"
          plan={ask.also}
          onChange={(also) => {
            onChange({ also: also.kind === 'none' ? undefined : also });
          }}
        />
      )}
      <Choice
        label="Below it"
        value={below}
        options={belowOptions(second)}
        onChange={(next) => {
          onChange({ below: next, below_cm: next === 'nothing' ? 0 : USUAL_BELOW_CM[next] });
        }}
        className="w-52"
      />
      {below !== 'nothing' && (
        <Typed
          key={below}
          label={isLayer ? 'That layer, deep' : 'Water table, below the bed'}
          kept="cm"
          value={ask.below_cm}
          within={isLayer ? [0.5, 0.5 * pot.shape.height_cm] : [1, 300]}
          onType={(below_cm) => {
            onChange({ below_cm });
          }}
          className="w-36"
        />
      )}
      <Choice
        label="On top"
        value={top?.key ?? ''}
        options={TOP_OPTIONS}
        onChange={(key) => {
          onChange({ top: key === '' ? undefined : { key, deep_cm: USUAL_DEEP_CM } });
        }}
        className="w-44"
      />
      {top !== undefined && (
        <Typed
          key={top.key}
          label="That, deep"
          kept="cm"
          value={top.deep_cm}
          within={[0.5, 0.3 * pot.shape.height_cm]}
          onType={(deep_cm) => {
            onChange({ top: { ...top, deep_cm } });
          }}
          className="w-32"
        />
      )}
      <PlantPicker ask={ask} onChange={onChange} />
      <Choice
        label="For"
        value={String(ask.days)}
        options={DAYS.map((days) => ({ key: String(days), words: counted(days, 'day', 'days') }))}
        onChange={(days) => {
          onChange({ days: Number(days) });
        }}
        className="w-32"
      />
      <span className="flex gap-x-5">
        {isLayer && (
          <Check
            label="a net between, for the fines"
            checked={ask.netted}
            onChange={(netted) => {
              onChange({ netted });
            }}
          />
        )}
        <Check
          label="mulched"
          checked={ask.mulched}
          onChange={(mulched) => {
            onChange({ mulched });
          }}
        />
        <Check
          label="clay wall"
          checked={ask.clay}
          onChange={(clay) => {
            onChange({ clay });
          }}
        />
      </span>
    </section>
  );
}

const MONTH_OPTIONS = MONTHS.map((words, i) => ({ key: String(i), words }));

/** Where it stands: one of the usual places, or one that is kept, in one of its months. */
function Stand({ ask, places, onChange }: Pick<SetUpProps, 'ask' | 'places' | 'onChange'>): ReactElement {
  const { at, stand } = ask;
  const kept = places.map(({ id, name }) => ({ key: `at:${id}`, words: name, group: 'Places kept' }));
  return (
    <>
      <Choice<string>
        label="It stands"
        value={at === undefined ? stand : `at:${at.placeId}`}
        options={[...STAND_OPTIONS().map((one) => ({ ...one, group: 'Usual ones' })), ...kept]}
        onChange={(key) => {
          const placeId = /^at:(.*)$/.exec(key)?.[1];
          const place = placeId === undefined ? undefined : { placeId, month: new Date(serverNow()).getUTCMonth() };
          onChange({ ...(place === undefined ? { stand: key as StandKey } : {}), at: place, mmPerD: undefined });
        }}
        className="w-72"
      />
      {at !== undefined && (
        <Choice
          label="In"
          value={String(at.month)}
          options={MONTH_OPTIONS}
          onChange={(month) => {
            onChange({ at: { ...at, month: Number(month) } });
          }}
          className="w-36"
        />
      )}
    </>
  );
}
