import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { calcCommand } from './command';

const ROOT = path.resolve(import.meta.dirname, '../../..');

interface Said {
  readonly status: number | null;
  readonly answer: unknown;
  readonly text: string;
}

/** The one answer in what was said; a list of names or of many answers has none. */
const answerIn = (text: string): unknown =>
  text.startsWith('{') && !text.includes('\n{') ? JSON.parse(text) : undefined;

/** The command within this process; its input comes from a file. */
function here(args: readonly string[]): Said {
  let text = '';
  const out = vi.spyOn(process.stdout, 'write').mockImplementation((part) => {
    text += String(part);
    return true;
  });
  const status = calcCommand(args);
  out.mockRestore();
  return { status, answer: answerIn(text), text };
}

function fileWith(content: string): string {
  const file = path.join(tmpdir(), `calc-${randomUUID()}.json`);
  writeFileSync(file, content);
  return file;
}

/** The command as a script would call it, as a process of its own. */
function calc(args: readonly string[], input: string): Said & { readonly noise: string } {
  const done = spawnSync(process.execPath, ['--import', 'tsx', path.join(ROOT, 'server/src/calc/main.ts'), ...args], {
    input,
    encoding: 'utf8',
    env: { ...process.env, TSX_TSCONFIG_PATH: path.join(ROOT, 'tsconfig.tsx.json') },
  });
  return { status: done.status, answer: answerIn(done.stdout), text: done.stdout, noise: done.stderr };
}

const good = JSON.stringify({ vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 });

describe('calc on the command line', () => {
  it('answers on standard output, says nothing else and ends well', () => {
    expect(calc(['kitchen'], good)).toMatchObject({ status: 0, noise: '', answer: { airSpace: 0.21 } });
  });

  it('reads a file where one is named', () => {
    expect(here(['kitchen', '--in', fileWith(good)])).toMatchObject({ status: 0, answer: { airSpace: 0.21 } });
  });

  it('lists its names and prints a schema', () => {
    expect(here(['--list']).text.split('\n')).toContain('container-capacity');
    expect(here(['kitchen', '--schema']).answer).toMatchObject({ type: 'object', additionalProperties: false });
  });

  it.each([
    ['input that is not JSON', ['kitchen', '--in', fileWith('vessel')], 'input'],
    ['an unknown name', ['sorcery'], 'name'],
    ['a file that is not there', ['kitchen', '--in', '/nowhere/at/all.json'], 'in'],
    ['an option that it does not have', ['kitchen', '--loud'], 'arguments'],
  ])('%s ends with 2 and one sentence', (_, args, at) => {
    const { status, answer } = here(args);
    expect(status).toBe(2);
    expect(answer).toMatchObject({ error: { path: at, message: expect.stringMatching(/^[^\n]+$/) as string } });
  });

  it('answers many at once, a line each and in order; a refusal ends nothing', () => {
    const lines = [
      JSON.stringify({ name: 'kitchen', input: JSON.parse(good) as unknown }),
      '{oops',
      '',
      JSON.stringify({ name: 'sorcery', input: {} }),
      JSON.stringify({ input: {} }),
      JSON.stringify({ name: 'kitchen', input: { vesselVolume_mL: 1e16, waterAdded_mL: 1, drained_mL: 1 } }),
      JSON.stringify({ name: 'replicates', input: { values: [1, 2, 3] } }),
    ];
    const { status, text } = here(['--batch', '--in', fileWith(lines.join('\n'))]);
    const answers = text
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as object);
    expect(status).toBe(0);
    expect(answers).toMatchObject([
      { output: { airSpace: 0.21 } },
      { error: { path: 'input' } },
      { error: { path: 'name' } },
      { error: { path: 'name' } },
      { error: { path: 'vesselVolume_mL' } },
      { output: { summary: { mean: 2 } } },
    ]);
    expect(here(['--list']).text).toContain('--batch');
    expect(here(['--batch', '--loud'])).toMatchObject({ status: 2, answer: { error: { path: 'arguments' } } });
  });

  it('refuses as a process too: the sentence on standard output, nothing beside it', () => {
    const { status, answer, noise } = calc(['kitchen'], 'vessel');
    expect(status).toBe(2);
    expect(answer).toMatchObject({ error: { path: 'input' } });
    expect(noise).toBe('');
  });
});
