import { compilePattern, CoreError, parseLine } from '@bent-pail/core';
import type { DeviceSetting } from '../shared/devices/deviceStore';

type Pattern = Pick<DeviceSetting, 'pattern' | 'marksStable'>;

/** Why a pattern cannot be used, as one sentence; undefined if it can. */
export function patternRefusal({ pattern, marksStable }: Pattern): string | undefined {
  try {
    compilePattern({ source: pattern, marksStable });
    return undefined;
  } catch (error) {
    if (error instanceof CoreError) return `The pattern: ${error.sentence}.`;
    throw error;
  }
}

/** What a line would be taken for. */
export function lineSays(setting: Pattern, line: string): string {
  if (patternRefusal(setting) !== undefined) return 'The pattern has to be mended first.';
  const read = parseLine(compilePattern({ source: setting.pattern, marksStable: setting.marksStable }), line.trim());
  if (read.kind === 'unknown') return 'The pattern does not know this line: it would fill no cell.';
  if (read.kind === 'overload') return 'Overload: it would fill no cell.';
  const stable = { true: ', stable', false: ', still moving', unmarked: '' }[String(read.stable)] ?? '';
  return `${String(read.value)} ${read.unit ?? '(no unit)'}${stable}.`;
}
