import type { NewVessel, VesselRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { FindAmong } from '../kit/FindAmong';
import { decimalsOf } from '../kit/format';
import { Popover } from '../kit/Popover';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { vesselsQuery } from '../shared/resources/vessels';
import { amount } from '../shared/units/mine';
import { nextNames } from './sheetsToOpen';

/** While vessels are made, no sheet is opened in those that are still lacking. */
export const MAKING_VESSELS = ['vessels are made'];

/** Vessels that are made by one press at most: a class of groups, each with its own. */
const MOST_MADE = 48;

interface RunVesselsProps {
  /** Test vessels that are in use. */
  readonly vessels: readonly VesselRow[];
  /** Those that this run takes, in the order of its replicates. */
  readonly used: readonly VesselRow[];
  readonly wanted: number;
  /** How many sheets are opened together. */
  readonly sheets: number;
  /** From which vessel on they are taken. */
  readonly onFirst: (id: string) => void;
  /** Exactly these. */
  readonly onPick: (ids: readonly string[]) => void;
}

/** In which vessels a run is made: the next ones from one on, or any that are ticked; lacking ones are made here. */
export function RunVessels({ vessels, used, wanted, sheets, onFirst, onPick }: RunVesselsProps): ReactElement {
  const ids = used.map(({ id }) => id);
  const make = useMutation({
    mutationKey: MAKING_VESSELS,
    mutationFn: async (names: readonly string[]) => {
      for (const name of names)
        await once(['vessel', name], (id) =>
          api.post('/vessels', { id: id(), name, kind: 'vessel' } satisfies NewVessel),
        );
      await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey });
    },
  });
  const lacking = nextNames(
    vessels.map(({ name }) => name),
    Math.max(0, Math.min(12, wanted) - used.length),
  );
  const forEach = nextNames(
    vessels.map(({ name }) => name),
    sheets > 1 ? Math.max(0, Math.min(MOST_MADE, wanted * sheets) - vessels.length) : 0,
  );
  return (
    <>
      <FindAmong
        label="Vessels, from"
        value={used[0]?.id ?? ''}
        placeholder="name, depth"
        options={vessels.map(({ id, name, height_cm }) => ({
          key: id,
          words: height_cm === undefined ? name : `${name}, ${amount(height_cm, 'cm', decimalsOf(height_cm))}`,
        }))}
        onChange={onFirst}
      />
      {vessels.length > 1 && (
        <Popover
          opener="Which ones"
          label="Which ones: vessels of this run"
          className="max-h-[60vh] w-72 overflow-auto p-4"
        >
          <p className="text-small text-ink2">In the order in which they are ticked: A, B, C…</p>
          {vessels.map(({ id, name, volume_mL }) => (
            <Check
              key={id}
              className="w-full"
              label={volume_mL === undefined ? `${name}, not measured yet` : `${name}, ${amount(volume_mL, 'mL', 0)}`}
              checked={ids.includes(id)}
              onChange={(checked) => {
                onPick(checked ? [...ids, id] : ids.filter((one) => one !== id));
              }}
            />
          ))}
        </Popover>
      )}
      <Add
        names={lacking}
        isBusy={make.isPending}
        onAdd={() => {
          make.mutate(lacking);
        }}
      />
      {forEach.length > lacking.length && (
        <Add
          names={forEach}
          why=": each group its own"
          isBusy={make.isPending}
          onAdd={() => {
            make.mutate(forEach);
          }}
        />
      )}
      {make.error !== null && <Sorry>{sentenceOf(make.error)}</Sorry>}
    </>
  );
}

interface AddProps {
  readonly names: readonly string[];
  readonly why?: string;
  readonly isBusy: boolean;
  readonly onAdd: () => void;
}

function Add({ names, why = '', isBusy, onAdd }: AddProps): ReactElement | null {
  const [first] = names;
  if (first === undefined) return null;
  return (
    <Button disabled={isBusy} onClick={onAdd}>
      Add {names.length === 1 ? first : `${first} to ${String(names.at(-1))}`}
      {why}
    </Button>
  );
}
