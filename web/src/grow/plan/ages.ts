import { Mistyped } from '../../shared/forms/Mistyped';

/** Days after sowing as they are typed: `1-10, 14, 21`. Sorted, each once. */
export function readAges(text: string, field: string): number[] {
  const ages = text
    .split(/[,;\s]+/)
    .filter((part) => part !== '')
    .flatMap((part): number[] => {
      const [, from, to] = /^(\d{1,3})(?:[-–](\d{1,3}))?$/.exec(part) ?? [];
      if (from === undefined) throw new Mistyped(field, `“${part}” is no day; write days as 3-10, 14, 21.`);
      const [first, last] = [Number(from), Number(to ?? from)];
      if (last < first) throw new Mistyped(field, `“${part}” runs backwards.`);
      return Array.from({ length: last - first + 1 }, (_, i) => first + i);
    });
  return [...new Set(ages)].sort((a, b) => a - b);
}

/** The same as one would write it: days in a row from three on as from and to. */
export function writeAges(ages: readonly number[]): string {
  const runs: number[][] = [];
  for (const age of [...ages].sort((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last?.at(-1) === age - 1) last.push(age);
    else runs.push([age]);
  }
  return runs
    .flatMap((run) => (run.length > 2 ? [`${String(run[0])}-${String(run.at(-1))}`] : run.map(String)))
    .join(', ');
}
