import type { ProfileRow } from '@bent-pail/contract';
import { property, SEARCHABLE, type PropertyKey } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../../shared/api';
import { Field } from '../../kit/Field';
import { queryClient } from '../../shared/resources/client';
import { profilesQuery } from '../../shared/resources/guides';
import { FormFoot } from '../FormFoot';
import { profileBody, targetsOf, typedTargets, type TypedTarget } from './profileBody';
import { Choice } from '../../kit/Choice';
import { Check } from '../../kit/Check';
import { Rows } from '../../kit/Rows';
import { LOW_BOX } from '../../kit/box';
import { Button } from '../../kit/Button';

interface EditProfileProps {
  readonly profile: ProfileRow;
  /** With the id of what was kept, where something was. */
  readonly onDone: (id?: string) => void;
}

const nameOf = (key: string): string => property(key as PropertyKey).label;
/** Properties that one may ask for; those that only the packing model knows are no use. */
const OFFERED = SEARCHABLE.filter((key) => !['shrink', 'lambda', 'volume', 'packing'].includes(key));

/** A use's windows in fields; an empty end is open, a must rejects outside what it bears. */
export function EditProfile({ profile, onDone }: EditProfileProps): ReactElement {
  const copy = profile.own === undefined;
  const [id] = useState(() => uuidv7());
  const [label, setLabel] = useState(copy ? `${profile.label}, ours` : profile.label);
  const [height, setHeight] = useState(String(profile.container.height_cm));
  const [basis, setBasis] = useState(copy ? 'bench lore' : profile.basis);
  const [targets, setTargets] = useState<readonly TypedTarget[]>(typedTargets(profile));
  const set = (place: number, change: Partial<TypedTarget>): void => {
    setTargets(targets.map((one, i) => (i === place ? { ...one, ...change } : one)));
  };
  const keep = useMutation({
    mutationFn: () => {
      const body = profileBody(profile, id, { label, height, targets: targetsOf(targets, nameOf), basis });
      return api.post<ProfileRow[]>('/profiles', body).then((profiles) => ({ profiles, id: body.id }));
    },
    onSuccess: (kept) => {
      queryClient.setQueryData(profilesQuery.queryKey, kept.profiles);
      onDone(kept.id);
    },
  });
  const drop = useMutation({
    mutationFn: () => api.remove<ProfileRow[]>(`/profiles/${profile.id}`),
    onSuccess: (profiles) => {
      queryClient.setQueryData(profilesQuery.queryKey, profiles);
      onDone();
    },
  });
  const error = keep.error ?? drop.error;
  const left = OFFERED.filter((key) => !targets.some((target) => target.property === key));
  return (
    <form
      className="min-w-0 p-5"
      aria-label="The use"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Use" value={label} onChange={setLabel} className="w-64" />
        <Field label="Depth, cm" mode="decimal" value={height} onChange={setHeight} className="w-24" />
        <Field label="Based on" value={basis} onChange={setBasis} className="w-64" />
      </div>
      <TargetFields
        targets={targets}
        onTarget={set}
        onRemove={(place) => {
          setTargets(targets.filter((_, i) => i !== place));
        }}
      />
      <p className="mt-2">
        <Choice
          label="Ask for something else too"
          look="unseen"
          value=""
          unchosen="ask for something else too"
          options={left.map((key) => ({ key, words: nameOf(key) }))}
          onChange={(key) => {
            const added: TypedTarget = { property: key, ideal: ['', ''], limits: ['', ''], weight: '1', must: false };
            setTargets([...targets, added]);
          }}
        />
      </p>
      <FormFoot
        error={error}
        waits={keep.isPending}
        onLeave={() => {
          onDone();
        }}
        onDrop={
          copy
            ? undefined
            : () => {
                drop.mutate();
              }
        }
      />
    </form>
  );
}

interface TargetFieldsProps {
  readonly targets: readonly TypedTarget[];
  readonly onTarget: (place: number, change: Partial<TypedTarget>) => void;
  readonly onRemove: (place: number) => void;
}

const SIDES = [
  ['ideal', 'ideal'],
  ['limits', 'bears'],
] as const;

function TargetFields({ targets, onTarget, onRemove }: TargetFieldsProps): ReactElement {
  return (
    <Rows className="mt-3">
      <thead>
        <tr>
          <th scope="col">Figure</th>
          <th scope="col">ideal from, to</th>
          <th scope="col">bears from, to</th>
          <th scope="col">weight</th>
          <th scope="col">must</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {targets.map((target, i) => {
          const name = nameOf(target.property);
          return (
            <tr key={target.property}>
              <th scope="row">
                {name} <small className="figure">{property(target.property as PropertyKey).unit}</small>
              </th>
              {SIDES.map(([side, words]) => (
                <td key={side} className="whitespace-nowrap">
                  {([0, 1] as const).map((end) => (
                    <input
                      key={end}
                      className={`${LOW_BOX} figure ml-1 w-16`}
                      inputMode="decimal"
                      placeholder="open"
                      aria-label={`${name}, ${words} ${end === 0 ? 'from' : 'to'}`}
                      value={target[side][end]}
                      onChange={(event) => {
                        const [from, to] = target[side];
                        const { value } = event.target;
                        onTarget(i, { [side]: end === 0 ? [value, to] : [from, value] });
                      }}
                    />
                  ))}
                </td>
              ))}
              <td>
                <input
                  className={`${LOW_BOX} figure w-14`}
                  inputMode="decimal"
                  aria-label={`${name}, weight`}
                  value={target.weight}
                  onChange={(event) => {
                    onTarget(i, { weight: event.target.value });
                  }}
                />
              </td>
              <td>
                <Check
                  label={`${name} is a must`}
                  unseen
                  checked={target.must}
                  onChange={(must) => {
                    onTarget(i, { must });
                  }}
                />
              </td>
              <td>
                <Button
                  look="small"
                  aria-label={`Do not ask for ${name}`}
                  onClick={() => {
                    onRemove(i);
                  }}
                >
                  leave out
                </Button>
              </td>
            </tr>
          );
        })}
      </tbody>
    </Rows>
  );
}
