import type { FilledPotPage, NewFilledPot } from '@bent-pail/contract';
import { FEEDERS, slumpShare, type Feeder } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { maybeNumber, maybeWords, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { comparedOf } from '../../shared/larder/compared';
import { useLarder } from '../../shared/larder/useLarder';
import { once } from '../../shared/once';
import { PotPicker } from '../../shared/pot/PotPicker';
import { potFor, type Pot } from '../../shared/pot/pots';
import { useLastPot } from '../../shared/pot/usePot';
import { queryClient } from '../../shared/resources/client';
import { filledPotsKey } from '../../shared/resources/filledPots';
import { learningQuery } from '../../shared/resources/learning';
import { placesQuery } from '../../shared/resources/places';
import { serverNow } from '../../shared/serverClock';
import { amount } from '../../shared/units/mine';
import { STAND_OPTIONS } from '../stands';
import { MediumPicker } from '../../shared/larder/MediumPicker';

interface FillFormProps {
  readonly onKept: (pot: FilledPotPage) => void;
  readonly onLeave: () => void;
}

const EMPTY: Readonly<Record<'name' | 'count' | 'plant' | 'filledOn' | 'fill_cm' | 'place' | 'placeId', string>> &
  Pick<NewFilledPot, 'stand'> & { readonly feeder: Feeder } = {
  name: '',
  count: '1',
  plant: '',
  filledOn: '',
  fill_cm: '',
  stand: 'mild',
  feeder: 'medium',
  place: '',
  placeId: '',
};

/** A pot that was filled: what with, when, and where it stands from now on. */
export function FillForm({ onKept, onLeave }: FillFormProps): ReactElement {
  const shape = useLastPot((state) => state.shape);
  const [pot, setPot] = useState<Pot>(() => potFor(shape));
  const [medium, setMedium] = useState('');
  const [isAsked, setIsAsked] = useState(false);
  const { larder } = useLarder({});
  const [kind = '', id = ''] = medium.split(':');
  const places = useQuery(placesQuery).data ?? [];
  const learnt = useQuery(learningQuery).data?.learning.use;
  const slump = useMemo(() => {
    const compared = larder && comparedOf(medium, larder.lots, larder.blends, pot, learnt);
    return compared && slumpShare(compared.input);
  }, [larder, medium, pot, learnt]);
  const form = useBodyForm({
    body: 'NewFilledPot',
    start: { ...EMPTY, filledOn: new Date(serverNow()).toISOString().slice(0, 10) },
    read: (typed): Omit<NewFilledPot, 'id'> => ({
      name: typed.name,
      count: typedNumber(typed.count, 'count'),
      mediumKind: kind as NewFilledPot['mediumKind'],
      mediumId: id,
      shape: pot.shape,
      ...maybeWords(typed.plant, 'plant'),
      filledOn: typed.filledOn,
      ...maybeNumber(typed.fill_cm, 'fill_cm'),
      stand: typed.stand,
      feeder: typed.feeder,
      ...maybeWords(typed.place, 'place'),
      ...(typed.placeId === '' ? {} : { placeId: typed.placeId }),
    }),
    send: (said) => once(['pot', said], (newId) => api.post<FilledPotPage>('/pots', { id: newId(), ...said })),
    onKept: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: filledPotsKey });
      onKept(kept);
    },
  });
  return (
    <BodyForm
      form={form}
      label="A pot was filled"
      className="flex flex-wrap items-end gap-3 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="name" label="What it is called" placeholder="Camellia by the gate" />
      <span className="flex flex-col gap-1 text-small">
        <MediumPicker label="What is in it" value={medium} unchosen="choose a blend or a lot" onChange={setMedium} />
        {isAsked && medium === '' && <Sorry>Say what it was filled with.</Sorry>}
      </span>
      <span className="flex flex-col gap-1 text-small">
        <b>Pot</b>
        <PotPicker pot={pot} onChange={setPot} />
      </span>
      <TextField name="count" label="So many alike" mode="numeric" className="w-28" />
      <TextField name="plant" label="Plant" />
      <DayField name="filledOn" label="Filled on" />
      <TextField name="fill_cm" label="Medium, deep" mode="decimal" placeholder="before watering" className="w-40" />
      {slump !== undefined && <Slump share={slump} brim_cm={pot.shape.height_cm} />}
      <ChoiceField name="feeder" label="Its plant is" options={FEEDER_OPTIONS} className="w-44" />
      <ChoiceField name="stand" label="It stands" options={STAND_OPTIONS()} className="w-72" />
      {places.length > 0 && (
        <ChoiceField
          name="placeId"
          label="Its place"
          options={[
            { key: '', words: 'none of those kept' },
            ...places.map((one) => ({ key: one.id, words: one.name })),
          ]}
          className="w-52"
        />
      )}
      <TextField name="place" label="Where" placeholder="bench 4, north end" />
      <span className="flex gap-3">
        <Button
          type="submit"
          look="act"
          disabled={form.isBusy || (isAsked && medium === '')}
          onClick={(event) => {
            setIsAsked(true);
            if (medium === '') event.preventDefault();
          }}
        >
          Keep the pot
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </span>
    </BodyForm>
  );
}

const FEEDER_OPTIONS = FEEDERS.map((key) => ({ key, words: `a ${key} feeder` }));
/** Less than this nobody sees. */
const SEEN_cm = 0.2;

/** How much lower it will stand once it was watered, filled to the brim. */
function Slump({ share, brim_cm }: { readonly share: number; readonly brim_cm: number }): ReactElement {
  const lower_cm = share * brim_cm;
  return (
    <p className="basis-full" role="status">
      {lower_cm < SEEN_cm ? (
        'Filled to the brim it will stand about as high after the first watering.'
      ) : (
        <>
          Filled to the brim, loose, it will stand about <b className="figure">{amount(lower_cm, 'cm', 1)}</b> lower
          after the first watering: heap it by that much.
        </>
      )}
    </p>
  );
}
