import type { Me } from '@bent-pail/contract';
import { METRIC, UNIT_CHOICES, type UnitChoice } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { useStand } from '../shared/pot/standStore';
import { queryClient, sessionQuery } from '../shared/resources/client';
import { useMe } from '../shared/useSession';

type Kind = keyof UnitChoice;

const AMERICAN: UnitChoice = {
  volume: 'cu ft',
  mass: 'oz',
  length: 'in',
  temperature: '°F',
  conductivity: 'mS/cm',
  price: 'per cu ft',
};

const WORDS: Readonly<Record<Kind, string>> = {
  volume: 'Volumes',
  mass: 'Weights',
  length: 'Lengths',
  temperature: 'Temperatures',
  conductivity: 'Conductivity',
  price: 'Prices',
};

/** A unit with those that stand in for it where something is small or large. */
const UNIT_WORDS: Readonly<Record<string, string>> = {
  L: 'mL, L, m³',
  gal: 'cup, US gallon, cubic yard',
  'cu ft': 'cup, cubic foot, cubic yard',
  g: 'g, kg',
  oz: 'oz, lb',
  cm: 'mm, cm, m',
  in: 'in, ft',
};

/** The units that one reads and types in; others need not have the same. */
export function OwnUnits(): ReactElement {
  const { units } = useMe();
  const { forget } = useStand();
  const choose = useMutation({
    mutationFn: (next: UnitChoice) => api.patch<Me>('/me', { units: next }),
    onSuccess: async () => {
      // What was typed for it stands in the units of before.
      forget();
      await queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
    },
  });
  const isAll = (all: UnitChoice): boolean => (Object.keys(all) as Kind[]).every((kind) => units[kind] === all[kind]);
  return (
    <section className="flex flex-col gap-3" aria-label="Your units">
      <h3>Your units</h3>
      <p className="flex gap-3">
        {(
          [
            ['Metric', METRIC],
            ['US customary', AMERICAN],
          ] as const
        ).map(([words, all]) => (
          <Button key={words} aria-pressed={isAll(all)} disabled={choose.isPending} onClick={() => choose.mutate(all)}>
            {words}
          </Button>
        ))}
      </p>
      <div className="grid grid-cols-2 gap-3">
        {(Object.keys(UNIT_CHOICES) as Kind[]).map((kind) => (
          <Choice
            key={kind}
            label={WORDS[kind]}
            value={units[kind]}
            options={UNIT_CHOICES[kind].map((one) => ({ key: one as string, words: UNIT_WORDS[one] ?? one }))}
            onChange={(next) => {
              choose.mutate({ ...units, [kind]: next });
            }}
          />
        ))}
      </div>
      {choose.error !== null && <Sorry>{sentenceOf(choose.error)}</Sorry>}
      <p className="text-ink2 text-small">
        A number is read in these, typed in these, printed and saved in these. Type another unit behind a number, as “3
        cu ft” or “40 L”, and it is taken as that. Grain sizes and suctions in names stay as they are; g/L, mg/L and the
        steps of a working are metric.
      </p>
    </section>
  );
}
