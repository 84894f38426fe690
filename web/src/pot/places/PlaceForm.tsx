import type { NewPlace, PlaceRow } from '@bent-pail/contract';
import { CLIMATES, PLACE_KIND_WORDS, PLACE_KINDS, SOILS, type PlaceKind, type SoilKey } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { maybeNumber, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { placesQuery } from '../../shared/resources/places';
import { inField, mySign } from '../../shared/units/mine';
import { MONTHS } from '../stands';

const KIND_OPTIONS = PLACE_KINDS.map((key) => ({ key, words: PLACE_KIND_WORDS[key] }));
const SOIL_OPTIONS: readonly { readonly key: SoilKey | ''; readonly words: string }[] = [
  { key: '', words: 'none: pots' },
  ...SOILS.map(({ key, words }) => ({ key, words })),
];
const CLIMATE_OPTIONS = CLIMATES.map(({ key, words }) => ({ key, words }));
type ClimateKey = (typeof CLIMATES)[number]['key'];

interface TypedMonth {
  readonly mm: string;
  readonly rain: string;
}
const typedMonths = (months: NewPlace['months'] | (typeof CLIMATES)[number]['months']): readonly TypedMonth[] =>
  months.map(({ mmPerD, rain_mmPerD }) => ({ mm: inField(mmPerD, 'mm'), rain: inField(rain_mmPerD, 'mm') }));

interface Start {
  readonly name: string;
  readonly on: PlaceKind;
  readonly soil: SoilKey | '';
  readonly hardness_mgL: string;
}
const startOf = (place: PlaceRow | undefined): Start => ({
  name: place?.name ?? '',
  on: place?.on ?? 'ground',
  soil: place?.soil ?? '',
  hardness_mgL: place?.hardness_mgL === undefined ? '' : inField(place.hardness_mgL, 'mg/L'),
});

interface PlaceFormProps {
  /** One that is corrected; absent for a new one. */
  readonly place?: PlaceRow;
  readonly onKept: () => void;
  readonly onLeave: () => void;
}

/** A place: its climate from a preset, corrected month by month; its wind, what carries it, its soil and its water. */
export function PlaceForm({ place, onKept, onLeave }: PlaceFormProps): ReactElement {
  const [id] = useState(() => place?.id ?? uuidv7());
  const [climate, setClimate] = useState<ClimateKey | ''>(place === undefined ? 'mild' : '');
  const [months, setMonths] = useState(() => typedMonths(place?.months ?? CLIMATES[0].months));
  const [windy, setWindy] = useState(place?.windy ?? false);
  const [isOpen, setIsOpen] = useState(false);
  const form = useBodyForm({
    body: 'NewPlace',
    start: startOf(place),
    read: (typed): NewPlace => ({
      id,
      name: typed.name,
      months: months.map(({ mm, rain }, i) => ({
        mmPerD: typedNumber(mm, `months[${String(i)}].mmPerD`),
        rain_mmPerD: typedNumber(rain, `months[${String(i)}].rain_mmPerD`),
      })),
      windy,
      on: typed.on,
      ...(typed.soil === '' ? {} : { soil: typed.soil }),
      ...maybeNumber(typed.hardness_mgL, 'hardness_mgL'),
    }),
    send: (said) => api.post<PlaceRow[]>('/places', said),
    onKept: (rows) => {
      queryClient.setQueryData(placesQuery.queryKey, rows);
      onKept();
    },
  });
  const setMonth = (at: number, change: Partial<TypedMonth>): void => {
    setMonths((before) => before.map((one, i) => (i === at ? { ...one, ...change } : one)));
  };
  return (
    <BodyForm
      form={form}
      label={place === undefined ? 'A place' : `Correct ${place.name}`}
      className="flex flex-wrap items-end gap-3 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="name" label="What it is called" placeholder="terrace, south wall" />
      <ChoiceField name="on" label="It is" options={KIND_OPTIONS} className="w-56" />
      <ChoiceField name="soil" label="Soil below" options={SOIL_OPTIONS} className="w-40" />
      <TextField
        name="hardness_mgL"
        label={`Water’s hardness, ${mySign('mg/L')}`}
        mode="decimal"
        placeholder="on the water bill"
        className="w-48"
      />
      <Choice<ClimateKey>
        label="Its year is"
        value={climate}
        options={CLIMATE_OPTIONS}
        unchosen="as typed by month"
        onChange={(key) => {
          setClimate(key);
          setMonths(typedMonths((CLIMATES.find((one) => one.key === key) ?? CLIMATES[0]).months));
        }}
        className="w-64"
      />
      <Check label="wind blows there" checked={windy} onChange={setWindy} />
      <Button
        look="tie"
        aria-expanded={isOpen}
        onClick={() => {
          setIsOpen(!isOpen);
        }}
      >
        Month by month
      </Button>
      {isOpen && (
        <div className="flex basis-full flex-wrap gap-x-5 gap-y-2">
          {MONTHS.map((month, i) => (
            <fieldset key={month} className="flex w-44 gap-2">
              <legend className="text-small font-semibold">{month}</legend>
              <Field
                label={`Taken, ${mySign('mm')}`}
                className="w-20"
                mode="decimal"
                value={months[i]?.mm ?? ''}
                onChange={(mm) => {
                  setMonth(i, { mm });
                  setClimate('');
                }}
              />
              <Field
                label={`Rain, ${mySign('mm')}`}
                className="w-20"
                mode="decimal"
                value={months[i]?.rain ?? ''}
                onChange={(rain) => {
                  setMonth(i, { rain });
                  setClimate('');
                }}
              />
            </fieldset>
          ))}
        </div>
      )}
      <span className="flex gap-3">
        <Button type="submit" look="act" disabled={form.isBusy}>
          Keep the place
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </span>
    </BodyForm>
  );
}
