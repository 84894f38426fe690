import { readFileSync } from 'node:fs';
import { CALC_NAMES, calcSchema, runCalc, type CalcError } from '@bent-pail/contract/calc';

/** Exit status of refused input. */
const REFUSED = 2;

const USAGE = 'usage: npm run --silent calc -- NAME [--in FILE] | NAME --schema | --list';

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

/** The `calc` command: answers on standard output, refusals too, and returns the exit status. */
export function calcCommand(args: readonly string[]): number {
  if (args.includes('--list')) {
    process.stdout.write(`${CALC_NAMES.join('\n')}\n`);
    return 0;
  }
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
