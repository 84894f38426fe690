// Loaded before a server: its clock is wrong by the milliseconds that a file holds, for everything in the process.
import { readFileSync } from 'node:fs';

const LOOK_EVERY_MS = 20;
const file = process.env.BENT_PAIL_WRONG_CLOCK ?? '';
const Right = Date;
let wrong_ms = 0;

setInterval(() => {
  wrong_ms = Number(readFileSync(file, 'utf8'));
}, LOOK_EVERY_MS).unref();

globalThis.Date = class extends Right {
  constructor(...of) {
    super(...(of.length === 0 ? [Right.now() + wrong_ms] : of));
  }

  static now() {
    return Right.now() + wrong_ms;
  }
};
