import type { WatchedPot } from '@bent-pail/core';

const HEADS = ['day', 'stored_mL', 'air', 'suction_cm', 'drained_mL', 'used_mL', 'given_mL', 'ran_over_mL'] as const;

/** The course of a pot as a table: one line an hour, metric, decimal points; marked as Unicode. */
export function courseCsv(pot: WatchedPot): string {
  const columns = [
    pot.t_d,
    pot.stored_mL,
    pot.air,
    pot.suction_cm,
    pot.drained_mL,
    pot.used_mL,
    pot.added_mL,
    pot.overflow_mL,
  ];
  const lines = Array.from(pot.t_d, (_, hour) =>
    columns.map((column) => String(Number((column[hour] as number).toPrecision(7)))).join(','),
  );
  return `\ufeff${[HEADS.join(','), ...lines].join('\r\n')}\r\n`;
}
