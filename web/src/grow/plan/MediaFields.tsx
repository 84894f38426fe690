import { CIRCUMSTANCES, type Circumstance } from '@bent-pail/core';
import { X } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { DateField } from '../../kit/DateField';
import { Field } from '../../kit/Field';
import { useLarder } from '../../shared/larder/useLarder';
import { MediumPicker } from '../../shared/larder/MediumPicker';
import { CIRCUMSTANCE_LABELS } from '../words';
import { nextKey, type DraftArm, type PlanDraft } from './planDraft';

interface MediaFieldsProps {
  readonly draft: PlanDraft;
  readonly onDraft: (draft: PlanDraft) => void;
  /** A second crop: the media stay as they are. */
  readonly isFixed: boolean;
}

/** What is compared, each in a line, and which of them the others are held against. */
export function MediaFields({ draft, onDraft, isFixed }: MediaFieldsProps): ReactElement {
  const { arms } = draft;
  const change = (key: string, next: Partial<DraftArm>): void => {
    onDraft({ ...draft, arms: arms.map((arm) => (arm.key === key ? { ...arm, ...next } : arm)) });
  };
  return (
    <>
      <ul className="mt-2">
        {arms.map((arm, i) => (
          <MediumLine
            key={arm.key}
            arm={arm}
            letter={String.fromCodePoint(65 + i)}
            isFixed={isFixed}
            onArm={(next) => {
              change(arm.key, next);
            }}
            onLeave={
              arms.length <= 2 || isFixed
                ? undefined
                : () => {
                    const left = arms.filter(({ key }) => key !== arm.key);
                    const reference = draft.reference === arm.key ? (left[0]?.key ?? '') : draft.reference;
                    onDraft({ ...draft, arms: left, reference });
                  }
            }
          />
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        {!isFixed && (
          <Button
            onClick={() => {
              const added = { key: nextKey(arms.map(({ key }) => key)), name: '', medium: '', own: {} };
              onDraft({ ...draft, arms: [...arms, added] });
            }}
          >
            A medium more
          </Button>
        )}
        <Choice
          label="The others are held against"
          look="beside"
          value={draft.reference}
          options={arms.map(({ key, name }, i) => ({
            key,
            words: name === '' ? `medium ${String.fromCodePoint(65 + i)}` : name,
          }))}
          onChange={(reference) => {
            onDraft({ ...draft, reference });
          }}
        />
      </div>
    </>
  );
}

interface MediumLineProps {
  readonly arm: DraftArm;
  readonly letter: string;
  readonly isFixed: boolean;
  readonly onArm: (next: Partial<DraftArm>) => void;
  readonly onLeave: (() => void) | undefined;
}

function MediumLine({ arm, letter, isFixed, onArm, onLeave }: MediumLineProps): ReactElement {
  const { larder } = useLarder({});
  const [adding, setAdding] = useState<Circumstance | ''>('');
  const others = CIRCUMSTANCES.filter((key) => arm.own[key] !== undefined || key === adding);
  const choose = (medium: string): void => {
    const [kind, id] = medium.split(':');
    const found =
      kind === 'lot' ? larder?.lots.find((one) => one.id === id) : larder?.blends.find((one) => one.id === id);
    // The name follows the medium until somebody gives it another one.
    const isOwnName = arm.name !== '' && arm.medium === '';
    onArm({ medium, ...(isOwnName || found === undefined ? {} : { name: found.name.slice(0, 60) }) });
  };
  return (
    <li className="flex flex-wrap items-end gap-3 border-t border-zinc3 py-2.5">
      <b className="figure flex min-h-11 w-6 items-center text-lead" aria-hidden>
        {letter}
      </b>
      {arm.medium === 'none' ? (
        <p className="flex min-h-11 items-center text-body">grown without a medium</p>
      ) : isFixed ? (
        <p className="flex min-h-11 items-center text-body">in its pots</p>
      ) : (
        <MediumPicker
          label={`Medium ${letter}`}
          value={arm.medium}
          unchosen="choose a lot or blend"
          all
          onChange={choose}
        />
      )}
      <Field
        label="Called"
        className="w-52"
        value={arm.name}
        onChange={(name) => {
          onArm({ name });
        }}
      />
      {others.map((key) => (
        <Own key={key} circumstance={key} arm={arm} onArm={onArm} />
      ))}
      <Choice
        label={`What is otherwise with ${letter}`}
        look="unseen"
        value=""
        unchosen="otherwise with it"
        options={[
          ...CIRCUMSTANCES.filter((key) => !others.includes(key)).map((key) => ({
            key,
            words: CIRCUMSTANCE_LABELS[key].toLowerCase(),
          })),
          ...(arm.medium === '' && !isFixed ? [{ key: 'none' as const, words: 'it has no medium' }] : []),
        ]}
        onChange={(key) => {
          if (key === 'none') onArm({ medium: 'none' });
          else setAdding(key);
        }}
      />
      {onLeave !== undefined && (
        <Button look="tie" className="min-h-11 min-w-11" aria-label={`Leave out medium ${letter}`} onClick={onLeave}>
          <X size={18} />
        </Button>
      )}
    </li>
  );
}

interface OwnProps {
  readonly circumstance: Circumstance;
  readonly arm: DraftArm;
  readonly onArm: (next: Partial<DraftArm>) => void;
}

/** A circumstance that is otherwise with this medium; emptied, it is as with the others. */
function Own({ circumstance, arm, onArm }: OwnProps): ReactElement {
  const set = (words: string): void => {
    const { [circumstance]: _before, ...rest } = arm.own;
    onArm({ own: words === '' ? rest : { ...rest, [circumstance]: words } });
  };
  const value = arm.own[circumstance] ?? '';
  const label = CIRCUMSTANCE_LABELS[circumstance];
  return circumstance === 'sownOn' ? (
    <DateField label={label} value={value} onChange={set} />
  ) : (
    <Field label={label} value={value} onChange={set} className="w-48" />
  );
}
