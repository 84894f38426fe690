import { readFileSync } from 'node:fs';
import { CALC_NAMES, calcSchema, runCalc, type CalcError } from '@bent-pail/contract/calc';

/** Exit status of refused input. */
const REFUSED = 2;

const USAGE = 'usage: npm run --silent calc -- NAME [--in FILE] | NAME --schema | --list | --batch [--in FILE]';

function refuse(error: CalcError): number {
  process.stdout.write(`${JSON.stringify({ error })}\n`);
  return REFUSED;
}

function print(value: unknown): number {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
  return 0;
}

function readInput(file: string | undefined): { readonly text: string } | { readonly error: CalcError } {
  if (file === undefined) return { text: readFileSync(0, 'utf8') };
  try {
    return { text: readFileSync(file, 'utf8') };
  } catch {
    return { error: { code: 'missing', path: 'in', message: `missing in: there is no readable file ${file}` } };
  }
}

/** Stands under the names: how many are asked at once. */
const BATCH_LINE = '--batch reads one {"name", "input"} a line and writes one {"output"} or {"error"} a line, in order';

/** One line of a batch: what it asks, answered as it would be alone. */
function answerLine(line: string): object {
  let asked: unknown;
  try {
    asked = JSON.parse(line);
  } catch {
    return { error: { code: 'invalid', path: 'input', message: 'invalid input: this line is not JSON' } };
  }
  if (typeof asked !== 'object' || asked === null || !('name' in asked) || typeof asked.name !== 'string')
    return {
      error: { code: 'missing', path: 'name', message: 'missing name: give {"name": "…", "input": {…}} a line' },
    };
  const answer = runCalc(asked.name, 'input' in asked ? asked.input : undefined);
  return answer.ok ? { output: answer.result } : { error: answer.error };
}

/** Many calculations at once: a refusal is the answer of its line and ends nothing. Lines are written as they are answered. */
function batch(rest: readonly string[]): number {
  if (rest.length > 0 && (rest[0] !== '--in' || rest[1] === undefined))
    return refuse({ code: 'unknown', path: 'arguments', message: `unknown arguments: ${rest.join(' ')}; ${USAGE}` });
  const read = readInput(rest[1]);
  if ('error' in read) return refuse(read.error);
  for (const line of read.text.split('\n'))
    if (line.trim() !== '') process.stdout.write(`${JSON.stringify(answerLine(line))}\n`);
  return 0;
}

/** The `calc` command: answers on standard output, refusals too, and returns the exit status. */
export function calcCommand(args: readonly string[]): number {
  if (args.includes('--list')) {
    process.stdout.write(`${CALC_NAMES.join('\n')}\n${BATCH_LINE}\n`);
    return 0;
  }
  if (args[0] === '--batch') return batch(args.slice(1));
  const [name, ...rest] = args;
  if (name === undefined) return refuse({ code: 'missing', path: 'name', message: `missing name: ${USAGE}` });
  const schema = calcSchema(name);
  if (schema === undefined) return refuseName(name);
  if (rest[0] === '--schema') return print(schema);
  if (rest.length > 0 && (rest[0] !== '--in' || rest[1] === undefined)) {
    return refuse({ code: 'unknown', path: 'arguments', message: `unknown arguments: ${rest.join(' ')}; ${USAGE}` });
  }
  const read = readInput(rest[1]);
  if ('error' in read) return refuse(read.error);
  let input: unknown;
  try {
    input = JSON.parse(read.text);
  } catch {
    return refuse({
      code: 'invalid',
      path: 'input',
      message: 'invalid input: this is not JSON; give one object in curly brackets',
    });
  }
  const answer = runCalc(name, input);
  return answer.ok ? print(answer.result) : refuse(answer.error);
}

function refuseName(name: string): number {
  const answer = runCalc(name, undefined);
  return answer.ok ? 0 : refuse(answer.error);
}
