import { describe, expect, it } from 'vitest';
import { databaseIsGone } from './problems';

describe('a database that is away', () => {
  it.each([
    [Object.assign(new Error('connect ECONNREFUSED'), { code: 'ECONNREFUSED' }), true],
    [Object.assign(new Error('terminating connection'), { code: '57P01' }), true],
    [Object.assign(new Error('the database system is starting up'), { code: '57P03' }), true],
    [new Error('Connection terminated unexpectedly'), true],
    [new Error('timeout exceeded when trying to connect'), true],
    [Object.assign(new Error('duplicate key'), { code: '23505' }), false],
    [new Error('something else'), false],
    ['text', false],
  ])('is told from other trouble: %s', (error, gone) => {
    expect(databaseIsGone(error)).toBe(gone);
  });
});
