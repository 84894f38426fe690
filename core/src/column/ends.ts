/** A flow through an end of the column that follows its head: `at0 + perCm * psi`, cm a second. */
export interface Line {
  readonly at0: number;
  readonly perCm: number;
  /** Which of its forms it has: another one means that heads are sought again. */
  readonly form: 'shut' | 'given' | 'pressed' | 'capped';
}

const SHUT: Line = { at0: 0, perCm: 0, form: 'shut' };
/** Suction at which air-dry soil gives no more to the air, cm. */
export const DRIEST_CM = 15000;

/** Out through the base, to a head below half a slice: a mat draws or gives, holes let out what presses and nothing in. */
export function baseFlow(psi_cm: number, half_cm: number, k_cms: number, suction_cm: number | undefined): Line {
  if (suction_cm === undefined && psi_cm <= -half_cm) return SHUT;
  return { at0: k_cms * (1 + (suction_cm ?? 0) / half_cm), perCm: k_cms / half_cm, form: 'given' };
}

/**
 * Into the top: all of what is offered within the step where the medium takes it, else what the depth that is then left
 * standing presses in.
 */
export function topFlow(psi_cm: number, half_cm: number, k_cms: number, offered_cm: number, dt_s: number): Line {
  if (offered_cm <= 0) return SHUT;
  const damp = 1 + (k_cms * dt_s) / half_cm;
  const at0 = (k_cms * (offered_cm / half_cm + 1)) / damp;
  const perCm = -k_cms / half_cm / damp;
  if (at0 + perCm * psi_cm >= offered_cm / dt_s) return { at0: offered_cm / dt_s, perCm: 0, form: 'given' };
  return { at0, perCm, form: 'pressed' };
}

/** To the air: what it would take or is left to take, or what the dry surface lets through. */
export function airFlow(psi_cm: number, half_cm: number, k_cms: number, thirst_cms: number): Line {
  if (thirst_cms <= 0) return SHUT;
  const at0 = k_cms * (DRIEST_CM / half_cm - 1);
  const perCm = k_cms / half_cm;
  const capped = at0 + perCm * psi_cm;
  if (capped >= thirst_cms) return { at0: thirst_cms, perCm: 0, form: 'given' };
  return capped > 0 ? { at0, perCm, form: 'capped' } : SHUT;
}
