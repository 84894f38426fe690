import type { GateBody, LotRow, NewDelivery, SupplierPage } from '@bent-pail/contract';
import {
  GATE_DECISIONS,
  GATE_MOISTURE_WORDS,
  GATE_MOISTURES,
  GATE_SMELL_WORDS,
  GATE_SMELLS,
  judgeAtGate,
  type GateSeen,
} from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { Notice } from '../../kit/Notice';
import { api } from '../../shared/api';
import { CautionStrip } from '../../shared/CautionStrip';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { maybeNumber, Mistyped, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { LotChoice } from '../../shared/lots/LotChoice';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { supplierQuery, suppliersKey } from '../../shared/resources/suppliers';
import { DECISION_WORDS } from './words';

interface DeliveryFormProps {
  readonly supplierId: string;
  readonly onKept: () => void;
  readonly onLeave: () => void;
}

const START = {
  on: '',
  outOfStock: '',
  weeds: '',
  foreign: '',
  warmer: '',
  moisture: '',
  smell: '',
  decision: '',
  words: '',
};
type Typed = typeof START;

const NOT_SEEN = { key: '', words: 'not looked at' } as const;

/** What was seen, as far as it can be read; a number that cannot is left out until it is sent. */
function seenIn(typed: Typed): GateSeen {
  const number = (text: string, field: string): number | undefined => {
    try {
      return text.trim() === '' ? undefined : typedNumber(text, field);
    } catch (error) {
      if (error instanceof Mistyped) return undefined;
      throw error;
    }
  };
  const [weeds, foreign, warmer_C] = [
    number(typed.weeds, 'weeds'),
    number(typed.foreign, 'foreign'),
    number(typed.warmer, 'warmer'),
  ];
  return {
    ...(weeds === undefined ? {} : { weeds }),
    ...(foreign === undefined ? {} : { foreign }),
    ...(warmer_C === undefined ? {} : { warmer_C }),
    ...(typed.moisture === '' ? {} : { moisture: typed.moisture as (typeof GATE_MOISTURES)[number] }),
    ...(typed.smell === '' ? {} : { smell: typed.smell as (typeof GATE_SMELLS)[number] }),
  };
}

function gateOf(typed: Typed): { readonly gate?: GateBody } {
  const gate: GateBody = {
    ...seenIn(typed),
    ...maybeNumber(typed.weeds, 'weeds'),
    ...maybeNumber(typed.foreign, 'foreign'),
    // A difference of temperatures, not a temperature: it is read in degrees Celsius by everybody.
    ...(typed.warmer.trim() === '' ? {} : { warmer_C: typedNumber(typed.warmer, 'warmer') }),
  };
  return Object.keys(gate).length === 0 ? {} : { gate };
}

/** A load at the gate, or what was out of stock: what was seen says at once what to do with it. */
export function DeliveryForm({ supplierId, onKept, onLeave }: DeliveryFormProps): ReactElement {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const [lot, setLot] = useState<LotRow>();
  const [isOut, setOut] = useState(false);
  const form = useBodyForm({
    body: 'NewDelivery',
    start: { ...START, on: today },
    read: (typed): Omit<NewDelivery, 'id'> => ({
      on: typed.on,
      ...(isOut || lot === undefined ? {} : { lotId: lot.id }),
      ...(isOut ? { outOfStock: typed.outOfStock } : gateOf(typed)),
      ...(isOut || typed.decision === '' ? {} : { decision: typed.decision as (typeof GATE_DECISIONS)[number] }),
      ...(typed.words.trim() === '' ? {} : { words: typed.words }),
    }),
    send: (said) =>
      once(['delivery', supplierId, said], (id) =>
        api.post<SupplierPage>(`/suppliers/${supplierId}/deliveries`, { id: id(), ...said }),
      ),
    onKept: async (page) => {
      queryClient.setQueryData(supplierQuery(supplierId).queryKey, page);
      await queryClient.invalidateQueries({ queryKey: suppliersKey, exact: true });
      onKept();
    },
  });
  const { decision, reasons } = judgeAtGate(seenIn(form.fields.watch()));
  return (
    <BodyForm
      form={form}
      label="Something came"
      className="flex flex-col gap-3 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <span className="flex flex-wrap items-end gap-4">
        <DayField name="on" label="On" />
        {isOut ? (
          <TextField name="outOfStock" label="What was out of stock" className="w-64" />
        ) : (
          <LotChoice label="The lot that came" chosen={lot} onChoose={setLot} />
        )}
        <Check label="It was out of stock" checked={isOut} onChange={setOut} />
      </span>
      {!isOut && (
        <>
          <CautionStrip caution="germs" />
          <span className="flex flex-wrap items-end gap-4">
            <TextField name="weeds" label="Weeds, roots in a bucket" mode="numeric" className="w-44" />
            <TextField name="foreign" label="Plastic, glass in a bucket" mode="numeric" className="w-44" />
            <TextField name="warmer" label="Warmer inside than the air, °C" mode="decimal" className="w-52" />
            <ChoiceField
              name="moisture"
              label="How moist"
              options={[NOT_SEEN, ...GATE_MOISTURES.map((key) => ({ key, words: GATE_MOISTURE_WORDS[key] }))]}
            />
            <ChoiceField
              name="smell"
              label="Smell, wafted"
              options={[NOT_SEEN, ...GATE_SMELLS.map((key) => ({ key, words: GATE_SMELL_WORDS[key] }))]}
            />
          </span>
          {reasons.length > 0 && (
            <Notice className="p-2">
              <b className="inline-block first-letter:uppercase">{DECISION_WORDS[decision]}.</b>{' '}
              {reasons.map(({ because }) => because).join(' ')}
            </Notice>
          )}
          <ChoiceField
            name="decision"
            label="What was done"
            className="self-start"
            options={[
              { key: '', words: 'not decided' },
              ...GATE_DECISIONS.map((key) => ({ key, words: DECISION_WORDS[key] })),
            ]}
          />
        </>
      )}
      <span className="flex flex-wrap items-end gap-4">
        <TextField name="words" label="More" placeholder="set apart behind the shed" className="min-w-64 flex-1" />
        <Button type="submit" look="act" disabled={form.isBusy}>
          Note it
        </Button>
        <Button look="tie" onClick={onLeave}>
          Cancel
        </Button>
      </span>
    </BodyForm>
  );
}
