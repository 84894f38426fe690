import type { RequestHandler } from 'express';
import { HttpProblem, refused } from './problems';

/** How many brackets may stand inside each other; the deepest body of ours has seven. */
const DEEPEST = 24;

/** Keys that objects have by themselves; a body that brings its own is no body of ours. */
const INSIDES = new Set(['__proto__', 'constructor', 'prototype']);

/** Every object and list of a body with how many it stands in, without calling itself: a deep one would end the stack. */
function* within(body: unknown): Generator<{ readonly value: object; readonly depth: number }> {
  const left: { readonly value: unknown; readonly depth: number }[] = [{ value: body, depth: 0 }];
  for (let next = left.pop(); next !== undefined; next = left.pop()) {
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    yield { value, depth };
    for (const part of Object.values(value)) left.push({ value: part, depth: depth + 1 });
  }
}

/** Refuses what stands deeper inside itself than `most`, at a place. */
export function requireShallow(value: unknown, most: number, path: string): void {
  for (const { depth } of within(value)) if (depth >= most) throw refused(path, 'Too many brackets inside each other.');
}

function requireOurKeys(body: unknown): void {
  for (const { value } of within(body)) {
    const inside = Object.keys(value).find((key) => INSIDES.has(key));
    if (inside !== undefined)
      throw new HttpProblem(422, { code: 'unknown', path: inside, message: `There is no field ${inside}.` });
  }
}

/** Lets only bodies through that are plain values, not deeper than anything of ours. */
export const plainBody: RequestHandler = (request, _response, next) => {
  requireShallow(request.body, DEEPEST, 'input');
  requireOurKeys(request.body);
  next();
};
