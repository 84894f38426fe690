import type { TrialEventLine } from '@bent-pail/contract';

/** Lines of a day that are told together: its waterings in one, everything else by itself. The newest first. */
export function byDay(events: readonly TrialEventLine[]): readonly (readonly TrialEventLine[])[] {
  const told: TrialEventLine[][] = [];
  for (const event of [...events].reverse()) {
    const last = told.at(-1);
    const [first] = last ?? [];
    if (first?.kind === 'watered' && event.kind === 'watered' && first.on === event.on) last?.unshift(event);
    else told.push([event]);
  }
  return told;
}
