import type { Rubric } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';
import { bodyOfRubric, type RubricBody } from './draft';

/** How a file says what it is. */
const KIND = 'bent-pail rubric';
const FORM = 1;

/** Letters of a file at most; a rubric has a few thousand. */
const MOST_LETTERS = 100_000;

/** The text of a rubric as a file. */
export const fileText = (rubric: Rubric): string =>
  JSON.stringify({ kind: KIND, form: FORM, ...bodyOfRubric(rubric) }, null, 2);

/** An address from which a browser saves the file. */
export const fileAddress = (rubric: Rubric): string =>
  `data:application/json;charset=utf-8,${encodeURIComponent(fileText(rubric))}`;

export const fileNameOf = ({ label, version }: Rubric): string =>
  `${label.toLowerCase().replaceAll(/[^\p{L}\p{N}]+/gu, '-')}-${String(version)}`;

/** The first sentence of what is wrong, however deep its field lies. */
function firstSentence(errors: object): string | undefined {
  for (const found of Object.values(errors) as unknown[]) {
    if (typeof found !== 'object' || found === null) continue;
    if ('message' in found && typeof found.message === 'string') return found.message;
    const deeper = firstSentence(found);
    if (deeper !== undefined) return deeper;
  }
  return undefined;
}

/** The rubric that a file holds, or why it holds none. */
export async function readRubricFile(text: string): Promise<RubricBody | string> {
  if (text.length > MOST_LETTERS) return 'This file is too large for a rubric.';
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    return 'This is not a file of a rubric: it cannot be read.';
  }
  if (typeof read !== 'object' || read === null || !('kind' in read) || read.kind !== KIND)
    return 'This is not a file of a rubric.';
  const { kind: _kind, form, ...body } = read as RubricBody & { readonly kind: string; readonly form?: unknown };
  if (form !== FORM) return 'This file is of another version of Bent Pail, which this one does not read.';
  const { check } = await import('../../shared/forms/check');
  const wrong = firstSentence(await check('OwnRubric', { id: uuidv7(), version: 0, ...body }));
  return wrong ?? body;
}
