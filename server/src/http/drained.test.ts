import { EventEmitter } from 'node:events';
import type { Response } from 'express';
import { expect, it } from 'vitest';
import { drained } from './drained';

it.each(['drain', 'close'])('goes on at “%s”, and leaves nobody listening', async (event) => {
  const response = new EventEmitter();
  const waited = drained(response as unknown as Response);
  response.emit(event);
  await waited;
  expect(['drain', 'close', 'error'].map((one) => response.listenerCount(one))).toEqual([0, 0, 0]);
});
