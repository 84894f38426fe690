import type { DeskLot, OwnPlant, PlantRow, ProfileRow } from '@bent-pail/contract';
import { USES, type UseKey } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../../shared/api';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { queryClient } from '../../shared/resources/client';
import { plantsQuery } from '../../shared/resources/guides';
import { FormFoot } from '../FormFoot';
import { Button } from '../../kit/Button';

interface EditPlantProps {
  readonly plant: PlantRow | undefined;
  readonly profiles: readonly ProfileRow[];
  readonly lots: readonly DeskLot[];
  readonly onDone: () => void;
}

/** A plant's use, stand and light, and the lots that are kept for it. */
export function EditPlant({ plant, profiles, lots, onDone }: EditPlantProps): ReactElement {
  const [body, setBody] = useState<OwnPlant>(
    plant === undefined
      ? { id: uuidv7(), version: 0, name: '', profileId: profiles[0]?.id ?? '', climate: 'mild', light: '', keeps: [] }
      : { ...plant, keeps: [...plant.keeps] },
  );
  const set = (change: Partial<OwnPlant>): void => {
    setBody({ ...body, ...change });
  };
  const took = (plants: PlantRow[]): void => {
    queryClient.setQueryData(plantsQuery.queryKey, plants);
    onDone();
  };
  const keep = useMutation({
    mutationFn: () => api.post<PlantRow[]>('/plants', body),
    onSuccess: took,
  });
  const drop = useMutation({ mutationFn: () => api.remove<PlantRow[]>(`/plants/${body.id}`), onSuccess: took });
  const error = keep.error ?? drop.error;
  return (
    <form
      className="grid max-w-[560px] content-start gap-3 p-5"
      aria-label="The plant"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <Field
        label="Plant"
        value={body.name}
        onChange={(name) => {
          set({ name });
        }}
      />
      <Choice
        label="Its use"
        value={body.profileId}
        options={profiles.map(({ id, label }) => ({ key: id, words: label }))}
        onChange={(profileId) => {
          set({ profileId });
        }}
      />
      <Choice
        label="Where it stands"
        value={body.climate}
        options={USES.map(({ key, words }) => ({ key: key as UseKey, words }))}
        onChange={(climate) => {
          set({ climate });
        }}
      />
      <Field
        label="Light"
        value={body.light}
        onChange={(light) => {
          set({ light });
        }}
      />
      <Choice
        label="Keep a lot for it"
        value=""
        options={[
          { key: '', words: body.keeps.length === 0 ? 'none' : 'another one' },
          ...lots
            .filter(({ id, kind }) => kind === 'material' && !body.keeps.includes(id))
            .map(({ id, name, code }) => ({ key: id, words: `${name}, ${code}` })),
        ]}
        onChange={(id) => {
          if (id !== '') set({ keeps: [...body.keeps, id] });
        }}
      />
      {body.keeps.map((id) => (
        <p key={id} className="flex items-center justify-between text-body">
          {lots.find((lot) => lot.id === id)?.name}
          <Button
            look="small"
            onClick={() => {
              set({ keeps: body.keeps.filter((one) => one !== id) });
            }}
          >
            free it
          </Button>
        </p>
      ))}
      <FormFoot
        error={error}
        waits={keep.isPending}
        onLeave={onDone}
        onDrop={
          plant === undefined
            ? undefined
            : () => {
                drop.mutate();
              }
        }
      />
    </form>
  );
}
