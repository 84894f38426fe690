import type { Check } from '../errors';
import type { Source } from '../method';
import { ratio, ratioMethod, type RatioInput } from '../shares';
import { cellReplicate } from './cells';
import type { ProtocolResult } from './protocol';
import type { Sheet } from './reading';
import { attempt, replicateIndices, summarised, type FreshValue, type Reducer, type RunProperty } from './reducer';
import { volumeOfReplicate_mL, type RunRecord } from './runRecord';
import { valueOfReading } from './valueOfReading';

type Ratio = Exclude<ProtocolResult, { readonly read: string }>;

/** What a step says for a replicate; `vessel` stands for the vessel's volume, mL. */
function amount(run: RunRecord, sheet: Sheet, replicate: number, key: string): number | undefined {
  if (key === 'vessel') return volumeOfReplicate_mL(run, replicate);
  const step = run.protocol.steps.find((one) => one.key === key);
  return step === undefined ? undefined : sheet.value(cellReplicate(step, replicate), key);
}

function sourceOf(run: RunRecord, key: string, value: number): Source {
  const step = run.protocol.steps.find((one) => one.key === key);
  return { label: step?.label ?? 'volume of the vessel', value, unit: step?.unit ?? 'mL' };
}

/** The parts of a ratio as read, or undefined while one of them is missing. */
function partsOf(
  run: RunRecord,
  sheet: Sheet,
  replicate: number,
  result: Ratio,
): { readonly input: RatioInput; readonly from: readonly Source[] } | undefined {
  const from: Source[] = [];
  const input: Record<string, number[]> = {};
  for (const place of ['add', 'take', 'per', 'perTake'] as const) {
    const keys = result[place];
    if (keys === undefined) continue;
    const values: number[] = [];
    for (const key of keys) {
      const value = amount(run, sheet, replicate, key);
      if (value === undefined) return undefined;
      values.push(value);
      if (!from.some((source) => source.label === sourceOf(run, key, value).label))
        from.push(sourceOf(run, key, value));
    }
    input[place] = values;
  }
  return { input: input as unknown as RatioInput, from };
}

function valueOf(
  run: RunRecord,
  sheet: Sheet,
  replicate: number,
  result: ProtocolResult,
  checks: Check[],
): FreshValue | undefined {
  if ('read' in result) {
    const reading = sheet.reading(replicate, result.read);
    return reading === undefined ? undefined : valueOfReading(reading, checks);
  }
  const parts = partsOf(run, sheet, replicate, result);
  const found = parts === undefined ? undefined : attempt(replicate, checks, () => ratio(parts.input));
  if (parts === undefined || found === undefined) return undefined;
  const output = result.per === undefined ? 'difference' : 'share';
  const working = ratioMethod.working(output, parts.input, { from: parts.from });
  return { replicate, value: found.ratio, working };
}

/** Results that are readings themselves, or parts over wholes, as the protocol names them. */
export const arithmetic: Reducer = (run, sheet) => {
  const checks: Check[] = [];
  const properties = (run.protocol.results ?? []).flatMap((result): RunProperty[] => {
    const values = replicateIndices(run)
      .map((replicate) => valueOf(run, sheet, replicate, result, checks))
      .filter((value) => value !== undefined);
    return values.length === 0 ? [] : [summarised(run, result.property, values)];
  });
  return { properties, checks: [...checks, ...unevenness(run, properties)] };
};

/** A spread that is itself the finding, as the protocol says. */
function unevenness({ protocol }: RunRecord, properties: readonly RunProperty[]): Check[] {
  const asked = protocol.spreadCheck;
  if (asked === undefined) return [];
  const cv = properties.find((one) => one.property === asked.property)?.summary?.cv;
  if (cv === undefined || cv <= asked.cvOver) return [];
  return [{ code: 'uneven', severity: 'caution', message: asked.message }];
}
