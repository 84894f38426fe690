import type { ProfileRow } from '@bent-pail/contract';
import { property, SEARCHABLE, type PropertyKey } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { useFieldArray } from 'react-hook-form';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { CellField, CheckField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { profilesQuery } from '../../shared/resources/guides';
import { FormFoot } from '../../shared/forms/FormFoot';
import { profileBody, typedProfile, type TypedProfile } from './profileBody';
import { Choice } from '../../kit/Choice';
import { Rows } from '../../kit/Rows';
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
  const [id] = useState(() => uuidv7());
  const form = useBodyForm({
    body: 'OwnProfile',
    start: typedProfile(profile),
    draft: `use ${profile.id}, version ${String(profile.own?.version ?? 0)}`,
    read: (typed) => profileBody(profile, id, typed),
    send: async (said) => ({ profiles: await api.post<ProfileRow[]>('/profiles', said), id: said.id }),
    onKept: (kept) => {
      queryClient.setQueryData(profilesQuery.queryKey, kept.profiles);
      onDone(kept.id);
    },
  });
  return (
    <BodyForm form={form} label="The use" className="min-w-0 p-5">
      <div className="flex flex-wrap items-end gap-3">
        <TextField name="label" label="Use" className="w-64" />
        <TextField name="container.height_cm" label="Depth" mode="decimal" className="w-24" />
        <TextField name="basis" label="Based on" className="w-64" />
      </div>
      <TargetFields />
      <FormFoot
        waits={form.isBusy}
        onLeave={() => {
          onDone();
        }}
      />
    </BodyForm>
  );
}

const SIDES = [
  ['ideal', 'ideal'],
  ['limits', 'tolerates'],
] as const;

const NO_WINDOW = { ideal: ['', ''], limits: ['', ''], weight: '1', must: false } as const;

/** One line for each figure that the use asks for, and a way to ask for one more. */
function TargetFields(): ReactElement {
  const { fields: targets, append, remove } = useFieldArray<TypedProfile, 'targets'>({ name: 'targets' });
  const left = OFFERED.filter((key) => !targets.some((target) => target.property === key));
  return (
    <>
      <Rows className="mt-3">
        <thead>
          <tr>
            <th scope="col">Figure</th>
            <th scope="col">ideal from, to</th>
            <th scope="col">tolerates from, to</th>
            <th scope="col">weight</th>
            <th scope="col">must</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {targets.map(({ id, property: key }, i) => {
            const name = nameOf(key);
            const at = `targets.${String(i)}`;
            return (
              <tr key={id}>
                <th scope="row">
                  {name} <small className="figure">{property(key as PropertyKey).unit}</small>
                </th>
                {SIDES.map(([side, words]) => (
                  <td key={side} className="whitespace-nowrap">
                    <CellField name={`${at}.${side}.0`} label={`${name}, ${words} from`} placeholder="open" />
                    <CellField name={`${at}.${side}.1`} label={`${name}, ${words} to`} placeholder="open" />
                  </td>
                ))}
                <td>
                  <CellField name={`${at}.weight`} label={`${name}, weight`} />
                </td>
                <td>
                  <CheckField name={`${at}.must`} label={`${name} is a must`} unseen />
                </td>
                <td>
                  <Button
                    look="small"
                    aria-label={`Do not ask for ${name}`}
                    onClick={() => {
                      remove(i);
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
      <p className="mt-2">
        <Choice
          label="Ask for something else too"
          look="unseen"
          value=""
          unchosen="ask for something else too"
          options={left.map((key) => ({ key, words: nameOf(key) }))}
          onChange={(key) => {
            append({ property: key, ...NO_WINDOW });
          }}
        />
      </p>
    </>
  );
}
