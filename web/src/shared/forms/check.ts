import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import type { FieldErrors, FieldValues } from 'react-hook-form';
import { v7 as uuidv7 } from 'uuid';
import * as bodies from './bodies';

export type BodyName = keyof typeof bodies;

/** What the contract says of a body that would be sent: the sentences that the server would answer, by field. */
export async function check(name: BodyName, body: object): Promise<FieldErrors> {
  const resolver = classValidatorResolver(bodies[name] as new () => FieldValues);
  // An id is given as it is sent.
  const { errors } = await resolver({ id: uuidv7(), ...body }, undefined, {
    fields: {},
    shouldUseNativeValidation: false,
  });
  return errors;
}
