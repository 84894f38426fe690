import { predictDesk, type DeskInput, type DeskResult } from '@bent-pail/core';
import { expose } from 'comlink';

/** Predictions away from the page, so that a slider never waits for one. */
const desk = {
  predict(input: DeskInput): DeskResult {
    return predictDesk(input);
  },
};

export type DeskWorker = typeof desk;

expose(desk);
