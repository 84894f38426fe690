import { seenTexts } from '@bent-pail/core';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { HttpProblem } from './problems';

interface Finding {
  readonly path: string;
  readonly message: string;
  readonly unknown: boolean;
}

function firstFinding(errors: readonly ValidationError[], before: string): Finding | undefined {
  for (const error of errors) {
    const isIndex = /^\d+$/.test(error.property);
    const path = isIndex
      ? `${before}[${error.property}]`
      : before === ''
        ? error.property
        : `${before}.${error.property}`;
    const [kind, message] = Object.entries(error.constraints ?? {})[0] ?? [];
    if (kind !== undefined && message !== undefined) return { path, message, unknown: kind === 'whitelistValidation' };
    const inner = firstFinding(error.children ?? [], path);
    if (inner !== undefined) return inner;
  }
  return undefined;
}

/** A request body as an instance of its class, or a problem that names the field. */
export function readBody<T extends object>(type: ClassConstructor<T>, body: unknown): T {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) {
    throw new HttpProblem(422, { code: 'invalid', path: 'input', message: 'Send one JSON object.' });
  }
  const instance = plainToInstance(type, seenTexts(body));
  const finding = firstFinding(
    validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }),
    '',
  );
  if (finding === undefined) return instance;
  const { path, unknown } = finding;
  throw new HttpProblem(422, {
    code: unknown ? 'unknown' : 'invalid',
    path,
    message: unknown ? `There is no field ${path}.` : finding.message,
  });
}

/** What an address asks after its question mark, as an instance of its class, or a problem that names the field. */
export function readQuery<T extends object>(type: ClassConstructor<T>, query: unknown): T {
  return readBody(type, { ...(query as object) });
}

/** Ids written one after the other with commas between; what is no id is refused. */
export function readIds(written: string | undefined): string[] {
  const ids = [...new Set((written ?? '').split(',').filter((one) => one !== ''))];
  if (ids.some((id) => !/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(id)))
    throw new HttpProblem(422, { code: 'invalid', path: 'ids', message: 'Name them by their ids.' });
  return ids;
}
