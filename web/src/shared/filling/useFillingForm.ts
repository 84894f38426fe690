import type { FillingRow, NewFilling, VesselRow } from '@bent-pail/contract';
import { create } from 'zustand';
import { inField } from '../units/mine';
import { api, ApiProblem } from '../api';
import { typedNumber } from '../forms/Mistyped';
import { useBodyForm, type BodyForm } from '../forms/useBodyForm';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { runsKey } from '../resources/runs';
import { vesselsQuery } from '../resources/vessels';

type Said = Omit<NewFilling, 'id'>;

/** A filling as it is typed: on a scale or by a jug. */
export interface TypedFilling {
  readonly way: 'scale' | 'jug';
  readonly jug_mL: string;
  readonly empty_g: string;
  readonly full_g: string;
  readonly waterTemp_C: string;
  readonly shape: { readonly height_cm: string };
  readonly reason: string;
  /** The server asked, and somebody looked again. */
  readonly sure: boolean;
}

interface Last {
  readonly way?: TypedFilling['way'];
  readonly waterTemp_C?: number | undefined;
  readonly height_cm?: number | undefined;
}

/** What was said last: the next vessel is filled from the same can, and is mostly as deep. */
const useLast = create<Last>(() => ({}));

const nothing = (noScale: boolean, { way, waterTemp_C = 20, height_cm }: Last): TypedFilling => ({
  way: way ?? (noScale ? 'jug' : 'scale'),
  jug_mL: '',
  empty_g: '',
  full_g: '',
  waterTemp_C: inField(waterTemp_C, '°C'),
  shape: { height_cm: height_cm === undefined ? '' : inField(height_cm, 'cm') },
  reason: '',
  sure: false,
});

/** A filling that is corrected, as it stands in its fields. */
const asTyped = ({ scale, volume_mL }: FillingRow): Partial<TypedFilling> =>
  scale === undefined
    ? { way: 'jug', jug_mL: inField(volume_mL, 'mL') }
    : {
        way: 'scale',
        empty_g: inField(scale.empty_g, 'g'),
        full_g: inField(scale.full_g, 'g'),
        waterTemp_C: inField(scale.waterTemp_C, '°C'),
      };

interface Filling {
  readonly vesselId: string;
  /** Whether the vessel's depth is not known yet. */
  readonly asksDepth: boolean;
  /** There is no scale at hand: a jug measures. */
  readonly noScale?: boolean;
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
export function useFillingForm({ vesselId, asksDepth, noScale = false, corrected, onKept }: Filling): FillingForm {
  const last = useLast();
  const form = useBodyForm({
    body: 'NewFilling',
    start: { ...nothing(noScale, last), ...(corrected === undefined ? {} : asTyped(corrected)) },
    read: ({ way, jug_mL, empty_g, full_g, waterTemp_C, shape, reason, sure }): Said => ({
      ...(asksDepth ? { shape: { height_cm: typedNumber(shape.height_cm, 'shape.height_cm') } } : {}),
      ...(way === 'jug'
        ? { jug_mL: typedNumber(jug_mL, 'jug_mL') }
        : {
            empty_g: typedNumber(empty_g, 'empty_g'),
            full_g: typedNumber(full_g, 'full_g'),
            waterTemp_C: typedNumber(waterTemp_C, 'waterTemp_C'),
          }),
      ...(corrected === undefined ? {} : { corrects: corrected.id, reason }),
      ...(sure ? { sure } : {}),
    }),
    send: (said, { way }) => {
      useLast.setState({ way, waterTemp_C: said.waterTemp_C, height_cm: said.shape?.height_cm });
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
