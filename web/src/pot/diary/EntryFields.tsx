import type { FilledPotPage } from '@bent-pail/contract';
import { POT_SIGNS, repotCheck } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Check } from '../../kit/Check';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Notice } from '../../kit/Notice';
import { serverNow } from '../../shared/serverClock';
import { PotPicker } from '../../shared/pot/PotPicker';
import { potFor } from '../../shared/pot/pots';
import { MeasureField } from '../../shared/units/MeasureField';
import { told } from '../../shared/units/mine';
import { STAND_OPTIONS } from '../stands';
import type { EntryDraft } from './entryDraft';
import { Depth, Volume, type PartProps } from './AmountFields';
import { FromScale } from './FromScale';
import { MediumPicker } from '../../shared/larder/MediumPicker';
import { PourFields } from './PourFields';

const FEEDS = [
  { key: 'liquid', words: 'in its water' },
  { key: 'lasting', words: 'on top, lasting' },
] as const;

interface EntryFieldsProps {
  readonly pot: Pick<FilledPotPage, 'id' | 'filledOn' | 'diary' | 'shape'>;
  readonly draft: EntryDraft;
  readonly set: (change: Partial<EntryDraft>) => void;
}

/** What is asked for of a line of each kind. */
export function EntryFields({ pot, draft, set }: EntryFieldsProps): ReactElement | null {
  switch (draft.kind) {
    case 'watered':
      return <Volume label="Water; empty: until it ran" draft={draft} set={set} />;
    case 'weighed':
      return (
        <>
          <MeasureField
            label="The whole pot weighs"
            kept="g"
            value={draft.mass}
            onChange={(mass) => {
              set({ mass });
            }}
            className="w-56"
          />
          <FromScale
            usual_g={pot.diary.findLast(({ mass_g }) => mass_g !== undefined)?.mass_g ?? 1000}
            onMass={(mass) => {
              set({ mass });
            }}
          />
        </>
      );
    case 'depth':
      return <Depth label="The medium is deep" draft={draft} set={set} />;
    case 'topped-up':
      return <Depth label="Raised to" draft={draft} set={set} />;
    case 'fed':
      return <Feed draft={draft} set={set} />;
    case 'poured':
      return <PourFields potId={pot.id} draft={draft} set={set} />;
    case 'moved':
      return (
        <Choice
          label="It stands now"
          value={draft.stand}
          options={STAND_OPTIONS()}
          unchosen="as before"
          onChange={(stand) => {
            set({ stand });
          }}
          className="w-72"
        />
      );
    case 'seen':
      return <Signs draft={draft} set={set} />;
    case 'repotted':
      return <Repotted pot={pot} draft={draft} set={set} />;
    case 'emptied':
      return (
        <p className="basis-full text-ink2">
          Its diary closes with this line, and nothing of it stands in Today any more.
        </p>
      );
    case 'top-dressed':
    case 'set-up':
      return null;
  }
}

/** Whether to repot it at all, and into what: its medium and pot stay as they are where nothing else is said. */
function Repotted({ pot, draft, set }: EntryFieldsProps): ReactElement {
  const check = repotCheck(pot, serverNow());
  return (
    <>
      {check !== undefined && <Notice className="basis-full p-2">{told(check.message)}</Notice>}
      <MediumPicker
        label="Into"
        value={draft.medium}
        unchosen="more of the same"
        onChange={(medium) => {
          set({ medium });
        }}
      />
      <span className="flex flex-col gap-1 text-small">
        <b>Pot</b>
        <PotPicker
          pot={potFor(draft.shape ?? pot.shape)}
          onChange={({ shape }) => {
            set({ shape });
          }}
        />
      </span>
      <Depth label="Filled to" draft={draft} set={set} />
    </>
  );
}

const Feed = ({ draft, set }: PartProps): ReactElement => (
  <>
    <Choice
      label="How"
      value={draft.feedAs}
      options={FEEDS}
      onChange={(feedAs) => {
        set({ feedAs });
      }}
      className="w-44"
    />
    {draft.feedAs === 'liquid' ? (
      <>
        <MeasureField
          label="Nitrogen in it"
          kept="mg/L"
          value={draft.strength}
          onChange={(strength) => {
            set({ strength });
          }}
          className="w-44"
        />
        <Volume label="To one pot" draft={draft} set={set} />
      </>
    ) : (
      <>
        <MeasureField
          label="To one pot"
          kept="g"
          value={draft.grams}
          onChange={(grams) => {
            set({ grams });
          }}
          className="w-36"
        />
        <Field
          label="Nitrogen, %"
          mode="decimal"
          value={draft.percent}
          onChange={(percent) => {
            set({ percent });
          }}
          className="w-32"
        />
        <Field
          label="It lasts, days"
          mode="numeric"
          value={draft.lasts}
          onChange={(lasts) => {
            set({ lasts });
          }}
          className="w-32"
        />
      </>
    )}
  </>
);

const Signs = ({ draft, set }: PartProps): ReactElement => (
  <fieldset className="flex basis-full flex-wrap gap-x-5">
    <legend className="text-small font-semibold">What was seen</legend>
    {POT_SIGNS.map(({ key, words }) => (
      <Check
        key={key}
        label={words}
        checked={draft.signs.includes(key)}
        onChange={(isSeen) => {
          set({ signs: isSeen ? [...draft.signs, key] : draft.signs.filter((one) => one !== key) });
        }}
      />
    ))}
  </fieldset>
);
