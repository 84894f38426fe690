import type { NotebookInfo, RecipeAdditive } from '@bent-pail/contract';
import { DOSED_CLASSES, findDosedClass, type DosedClass } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { fixed } from '../../kit/format';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { maybeNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient, sessionQuery } from '../../shared/resources/client';
import { useSession } from '../../shared/useSession';
import { dosedClassCalled } from './dosedClassCalled';
import { doseTyped } from './doseTyped';
import { amount } from '../../shared/units/mine';

const CLASSES = [
  { key: '', words: 'something else' },
  ...DOSED_CLASSES.map(({ id, label }) => ({ key: id, words: label })),
];

/** The most that plants bear, by how far they are: "At most: none for seedlings, 1 g/L for young plants". */
function mostWords({ most_gPerL: { seed, young, established } }: DosedClass): string {
  const bears = (most: number, whom: string): string =>
    most === 0 ? `none for ${whom}` : `${fixed(most, 1)} g/L for ${whom}`;
  const all = [bears(seed, 'seedlings'), bears(young, 'young plants'), bears(established, 'established ones')];
  return `At most: ${all.join(', ')}.`;
}

/** What is mixed in by weight: read from its name, dosed in grams or handfuls, with its caution before it is added. */
export function NewAdditive({ onAdd }: { readonly onAdd: (additive: RecipeAdditive) => void }): ReactElement {
  const { handfuls } = useSession().notebook;
  const form = useBodyForm({
    body: 'RecipeAdditive',
    start: { name: '', classId: '', gPerL: '', handful_g: '', n_percent: '', pricePerKg: '' },
    read: ({ name, classId, gPerL, handful_g, n_percent, pricePerKg }): RecipeAdditive => ({
      name: name.trim(),
      ...doseTyped(gPerL, classId, maybeNumber(handful_g, 'handful_g').handful_g ?? handfuls[classId]),
      ...(classId === '' ? {} : { classId }),
      ...maybeNumber(n_percent, 'n_percent'),
      ...maybeNumber(pricePerKg, 'pricePerKg'),
    }),
    // It is kept with its recipe; what a handful of it weighs is kept for all.
    send: async (additive, { classId, handful_g }) => {
      const { handful_g: g } = maybeNumber(handful_g, 'handful_g');
      if (g !== undefined && classId !== '') {
        await api.post<NotebookInfo>('/notebook/handfuls', { classId, g });
        await queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
      }
      return additive;
    },
    onKept: onAdd,
  });
  const { classId, gPerL } = form.fields.watch();
  const dosed = findDosedClass(classId);
  const isByHand = /hand/i.test(gPerL);
  return (
    <BodyForm form={form} label="Something by weight" className="mt-1 grid grid-cols-2 gap-2">
      <TextField
        name="name"
        label="What it is called"
        placeholder="bone meal"
        onLeave={(name) => {
          const read = dosedClassCalled(name);
          if (read !== undefined) form.fields.setValue('classId', read);
        }}
      />
      <TextField name="gPerL" label="To a litre made" placeholder="2 g, or 0.1 handful" />
      <ChoiceField name="classId" label="Read as" options={CLASSES} className="col-span-2" />
      {dosed !== undefined && (
        <Caution className="col-span-2">
          {dosed.hazards.join(' ')} {mostWords(dosed)} Follow its label.
        </Caution>
      )}
      {dosed !== undefined && isByHand && handfuls[classId] === undefined && (
        <TextField
          name="handful_g"
          label={`Your handful of it (without one: ${amount(dosed.handful_g[0], 'g', 0)} to ${amount(dosed.handful_g[1], 'g', 0)})`}
          mode="decimal"
          className="col-span-2"
        />
      )}
      <TextField name="n_percent" label="Nitrogen on its label, %" mode="decimal" placeholder="if it says so" />
      <TextField name="pricePerKg" label="Price of a kg" mode="decimal" />
      <Button type="submit" className="col-span-2">
        Add it
      </Button>
    </BodyForm>
  );
}
