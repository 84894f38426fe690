import type { FillingRow, NewFilling, VesselRow } from '@bent-pail/contract';
import { inField } from '../units/mine';
import { api, ApiProblem } from '../api';
import { typedNumber } from '../forms/Mistyped';
import { useBodyForm, type BodyForm } from '../forms/useBodyForm';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { runsKey } from '../resources/runs';
import { vesselsQuery } from '../resources/vessels';

type Said = Omit<NewFilling, 'id'>;

/** A filling as it is typed. */
export interface TypedFilling {
  readonly empty_g: string;
  readonly full_g: string;
  readonly waterTemp_C: string;
  readonly shape: { readonly height_cm: string };
  readonly reason: string;
  /** The server asked, and somebody looked again. */
  readonly sure: boolean;
}

const nothing = (): TypedFilling => ({
  empty_g: '',
  full_g: '',
  waterTemp_C: inField(20, '°C'),
  shape: { height_cm: '' },
  reason: '',
  sure: false,
});

interface Filling {
  readonly vesselId: string;
  /** Whether the vessel's depth is not known yet. */
  readonly asksDepth: boolean;
  /** The filling that this one stands instead of. */
  readonly corrected?: FillingRow | undefined;
  readonly onKept?: () => void;
}

interface FillingForm {
  readonly form: BodyForm<TypedFilling>;
  /** Where the server only asks to look again: says that it is right. */
  readonly beSure?: (() => void) | undefined;
}

/** Whether the server only asks to look again: the filling lies far from what is known of the vessel. */
const isQuestion = (error: unknown): boolean => error instanceof ApiProblem && error.problem.code === 'ask';

/** A filling of a vessel from being typed to being kept; whatever stands on its volume is asked for again. */
export function useFillingForm({ vesselId, asksDepth, corrected, onKept }: Filling): FillingForm {
  const form = useBodyForm({
    body: 'NewFilling',
    start:
      corrected === undefined
        ? nothing()
        : {
            ...nothing(),
            empty_g: inField(corrected.empty_g, 'g'),
            full_g: inField(corrected.full_g, 'g'),
            waterTemp_C: inField(corrected.waterTemp_C, '°C'),
          },
    read: ({ empty_g, full_g, waterTemp_C, shape, reason, sure }): Said => ({
      ...(asksDepth ? { shape: { height_cm: typedNumber(shape.height_cm, 'shape.height_cm') } } : {}),
      empty_g: typedNumber(empty_g, 'empty_g'),
      full_g: typedNumber(full_g, 'full_g'),
      waterTemp_C: typedNumber(waterTemp_C, 'waterTemp_C'),
      ...(corrected === undefined ? {} : { corrects: corrected.id, reason }),
      ...(sure ? { sure } : {}),
    }),
    send: (said) => {
      form.fields.setValue('sure', false);
      return once(['filling', vesselId, said], (id) =>
        api.post<VesselRow>(`/vessels/${vesselId}/fillings`, { id: id(), ...said }),
      );
    },
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey });
      await queryClient.invalidateQueries({ queryKey: runsKey });
      onKept?.();
    },
  });
  const beSure = (): void => {
    form.fields.setValue('sure', true);
    void form.submit();
  };
  return { form, beSure: isQuestion(form.refusal) ? beSure : undefined };
}
