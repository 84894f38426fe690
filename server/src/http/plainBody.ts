import type { RequestHandler } from 'express';
import { HttpProblem } from './problems';

/** How many brackets may stand inside each other; the deepest body of ours has seven. */
const DEEPEST = 24;

/** Keys that objects have by themselves; a body that brings its own is no body of ours. */
const INSIDES = new Set(['__proto__', 'constructor', 'prototype']);

/** Looks through a body without calling itself, for a deep one would end the stack. */
function refusalOf(body: unknown): HttpProblem | undefined {
  const left: { readonly value: unknown; readonly depth: number }[] = [{ value: body, depth: 0 }];
  for (let next = left.pop(); next !== undefined; next = left.pop()) {
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    if (depth >= DEEPEST)
      return new HttpProblem(422, { code: 'invalid', path: 'input', message: 'Too many brackets inside each other.' });
    const inside = Object.keys(value).find((key) => INSIDES.has(key));
    if (inside !== undefined)
      return new HttpProblem(422, { code: 'unknown', path: inside, message: `There is no field ${inside}.` });
    for (const part of Object.values(value)) left.push({ value: part, depth: depth + 1 });
  }
  return undefined;
}

/** Lets only bodies through that are plain values, not deeper than anything of ours. */
export const plainBody: RequestHandler = (request, _response, next) => {
  const refusal = refusalOf(request.body);
  if (refusal !== undefined) throw refusal;
  next();
};
