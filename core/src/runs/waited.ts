import type { Check } from '../errors';
import { meanOf } from '../statistics';
import { cellReplicate, countedReplicates, replicateName, Sheet, type RunRecord, type Step } from '../sheets';

/** Less than this share of a wait that was set is worth a question. */
const CUT_SHORT = 0.5;
/** A start that lies farther than this from when it was entered was typed from a paper: when the weighing after it was done, nobody knows. */
const TYPED_MS = 90_000;

/** A soak or a drain of one replicate, as it was and as it was set, in minutes. */
interface Wait {
  readonly replicate: number;
  readonly step: Step;
  readonly waited_min: number;
  readonly set_min: number;
}

const setMinutes = ({ settings }: RunRecord, { hold }: Step): number | undefined => {
  if (hold === undefined) return undefined;
  return 'minutes' in hold ? hold.minutes : settings[hold.setting];
};

/** When a cell was first filled, ms since 1970, whatever was typed over it since. */
function filledAt(sheet: Sheet, replicate: number, step: string): number | undefined {
  const { standing, replaced } = sheet.cell(replicate, step);
  const [first] = [...replaced, ...standing];
  return first === undefined ? undefined : Date.parse(first.takenAt);
}

/** Every wait of a run whose start and end are both known: from its start to the first weighing after it. */
export function waitsOf(run: RunRecord, sheet: Sheet): Wait[] {
  const { steps } = run.protocol;
  return steps.flatMap((step, place) => {
    const set_min = setMinutes(run, step);
    const next = steps.slice(place + 1).find(({ kind, optional }) => kind !== 'time' && optional !== true);
    if (set_min === undefined || next === undefined) return [];
    return countedReplicates(run).flatMap((replicate): Wait[] => {
      const began = sheet.reading(cellReplicate(step, replicate), step.key);
      const ended = filledAt(sheet, cellReplicate(next, replicate), next.key);
      if (began === undefined || ended === undefined) return [];
      const start = began.value * 1000;
      const isTyped = Math.abs(Date.parse(began.takenAt) - start) > TYPED_MS;
      if (isTyped || ended < start) return [];
      return [{ replicate, step, waited_min: (ended - start) / 60000, set_min }];
    });
  });
}

/** How long a run drained on the mean, min, where its sheet was filled in as it went; by its setting where not. */
export function drained_min(run: RunRecord): number {
  const waits = waitsOf(run, new Sheet(run.readings)).filter(
    ({ step: { hold } }) => hold !== undefined && 'setting' in hold && hold.setting === 'drain_min',
  );
  return waits.length === 0 ? run.settings.drain_min : Math.round(meanOf(waits.map(({ waited_min }) => waited_min)));
}

const MINUTES_IN_HOUR = 60;

/** A length of time as one says it: 12 s, 40 min, 24 h. */
function said(minutes: number): string {
  if (minutes < 1.5) return `${String(Math.round(minutes * 60))} s`;
  if (minutes < 2 * MINUTES_IN_HOUR) return `${String(Math.round(minutes))} min`;
  return `${String(Math.round(minutes / MINUTES_IN_HOUR))} h`;
}

const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) as string}`;

/** Waits that were cut to less than half of what was set: one question for all replicates of a wait. */
export function waitChecks(run: RunRecord, sheet: Sheet): Check[] {
  const cut = waitsOf(run, sheet).filter(({ waited_min, set_min }) => waited_min < CUT_SHORT * set_min);
  return [...new Set(cut.map(({ step }) => step))].map((step): Check => {
    const those = cut.filter((one) => one.step === step);
    const longest = Math.max(...those.map(({ waited_min }) => waited_min));
    const who = listed(those.map(({ replicate }) => replicateName(replicate)));
    const name = step.hold?.name ?? '';
    return {
      code: 'wait-cut-short',
      severity: 'caution',
      message: `${who}: weighed ${said(longest)} after ${name} began, and ${said((those[0] as Wait).set_min)} were set. If it was longer, correct when it began; if not, results stand for so short a time.`,
    };
  });
}
