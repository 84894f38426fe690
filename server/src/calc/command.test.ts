import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = path.resolve(import.meta.dirname, '../../..');

/** The command as a script would call it, as a process of its own. */
function calc(
  args: readonly string[],
  input = '',
): { readonly status: number | null; readonly answer: unknown; readonly text: string; readonly noise: string } {
  const done = spawnSync(process.execPath, ['--import', 'tsx', path.join(ROOT, 'server/src/calc/main.ts'), ...args], {
    input,
    encoding: 'utf8',
    env: { ...process.env, TSX_TSCONFIG_PATH: path.join(ROOT, 'tsconfig.tsx.json') },
  });
  const answer: unknown = done.stdout.startsWith('{') ? JSON.parse(done.stdout) : undefined;
  return { status: done.status, answer, text: done.stdout, noise: done.stderr };
}

const good = JSON.stringify({ vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 });

describe('calc on the command line', () => {
  it('answers on standard output, says nothing else and ends well', () => {
    expect(calc(['kitchen'], good)).toMatchObject({ status: 0, noise: '', answer: { airSpace: 0.21 } });
  });

  it('reads a file where one is named', () => {
    const file = path.join(tmpdir(), `calc-${String(process.pid)}.json`);
    writeFileSync(file, good);
    expect(calc(['kitchen', '--in', file])).toMatchObject({ status: 0, answer: { airSpace: 0.21 } });
  });

  it('lists its names and prints a schema', () => {
    expect(calc(['--list']).text.split('\n')).toContain('container-capacity');
    expect(calc(['kitchen', '--schema']).answer).toMatchObject({ type: 'object', additionalProperties: false });
  });

  it.each([
    ['input that is not JSON', ['kitchen'], 'vessel', 'input'],
    ['an unknown name', ['sorcery'], '{}', 'name'],
    ['a file that is not there', ['kitchen', '--in', '/nowhere/at/all.json'], '', 'in'],
    ['an option that it does not have', ['kitchen', '--loud'], good, 'arguments'],
  ])('%s ends with 2 and one sentence', (_, args, input, at) => {
    const { status, answer, noise } = calc(args, input);
    expect(status).toBe(2);
    expect(answer).toMatchObject({ error: { path: at, message: expect.stringMatching(/^[^\n]+$/) as string } });
    expect(noise).toBe('');
  });
});
