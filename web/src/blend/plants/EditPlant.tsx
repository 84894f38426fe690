import type { DeskLot, LotRow, OwnPlant, PlantRow, ProfileRow } from '@bent-pail/contract';
import { USES, type UseKey } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { LotChoice } from '../../shared/lots/LotChoice';
import { queryClient } from '../../shared/resources/client';
import { plantsQuery } from '../../shared/resources/guides';
import { FormFoot } from '../../shared/forms/FormFoot';

interface EditPlantProps {
  readonly plant: PlantRow | undefined;
  readonly profiles: readonly ProfileRow[];
  readonly lots: readonly DeskLot[];
  readonly onDone: () => void;
}

const newPlant = (profiles: readonly ProfileRow[]): OwnPlant => ({
  id: uuidv7(),
  version: 0,
  name: '',
  profileId: profiles[0]?.id ?? '',
  climate: 'mild',
  light: '',
  keeps: [],
});

/** A plant's use, stand and light, and the lots that are kept for it. */
export function EditPlant({ plant, profiles, lots, onDone }: EditPlantProps): ReactElement {
  const [start] = useState(() => (plant === undefined ? newPlant(profiles) : { ...plant, keeps: [...plant.keeps] }));
  const took = (plants: PlantRow[]): void => {
    queryClient.setQueryData(plantsQuery.queryKey, plants);
    onDone();
  };
  const form = useBodyForm<OwnPlant, OwnPlant, PlantRow[]>({
    body: 'OwnPlant',
    start,
    read: (typed) => typed,
    send: (typed) => api.post<PlantRow[]>('/plants', typed),
    onKept: took,
  });
  return (
    <BodyForm form={form} label="The plant" className="grid max-w-[560px] content-start gap-3 p-5">
      <TextField name="name" label="Plant" />
      <ChoiceField
        name="profileId"
        label="Its use"
        options={profiles.map(({ id, label }) => ({ key: id, words: label }))}
      />
      <ChoiceField
        name="climate"
        label="Where it stands"
        options={USES.map(({ key, words }) => ({ key: key as UseKey, words }))}
      />
      <TextField name="light" label="Light" />
      <Kept
        ids={form.fields.watch('keeps')}
        lots={lots}
        onChange={(keeps) => {
          form.fields.setValue('keeps', keeps, { shouldDirty: true });
        }}
      />
      <FormFoot waits={form.isBusy} onLeave={onDone} />
    </BodyForm>
  );
}

interface KeptProps {
  readonly ids: readonly string[];
  readonly lots: readonly DeskLot[];
  readonly onChange: (ids: string[]) => void;
}

/** Lots kept for the plant: found on the shelf, freed again. */
function Kept({ ids, lots, onChange }: KeptProps): ReactElement {
  const [found, setFound] = useState<readonly LotRow[]>([]);
  const nameOf = (id: string): string => [...lots, ...found].find((lot) => lot.id === id)?.name ?? 'a lot';
  return (
    <>
      <LotChoice
        label="Keep a lot for it"
        chosen={undefined}
        among={{ kind: 'material' }}
        onChoose={(lot) => {
          setFound([...found, lot]);
          if (!ids.includes(lot.id)) onChange([...ids, lot.id]);
        }}
      />
      {ids.map((id) => (
        <p key={id} className="flex items-center justify-between text-body">
          {nameOf(id)}
          <Button
            look="small"
            onClick={() => {
              onChange(ids.filter((one) => one !== id));
            }}
          >
            release it
          </Button>
        </p>
      ))}
    </>
  );
}
