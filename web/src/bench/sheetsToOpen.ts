import type { NewRun, VesselRow } from '@bent-pail/contract';

type Said = Omit<NewRun, 'id'>;

interface Asked {
  /** How the one in the form is made; the others are made alike. */
  readonly one: Said;
  /** Lots that are measured, the one in the form among them. */
  readonly lotIds: readonly string[];
  /** How many groups measure each lot; one is no group. */
  readonly groups: number;
  /** Vessels at hand, in the order in which they are taken. */
  readonly vessels: readonly Pick<VesselRow, 'id'>[];
}

/**
 * The sheets that are opened together: each lot by each group, alike in all else. Where there are vessels enough each
 * sheet has its own; else all take the same, one after the other.
 */
export function sheetsToOpen({ one, lotIds, groups, vessels }: Asked): readonly Said[] {
  const sheets = lotIds.flatMap((lotId) =>
    Array.from({ length: Math.max(1, groups) }, (_, i) => ({
      ...one,
      lotId,
      ...(groups > 1 ? { groupName: `Group ${String(i + 1)}` } : {}),
    })),
  );
  const each = one.vesselIds.length;
  if (each === 0 || vessels.length < each * sheets.length) return sheets;
  return sheets.map((sheet, i) => ({
    ...sheet,
    vesselIds: vessels.slice(i * each, (i + 1) * each).map(({ id }) => id),
  }));
}

/** Names for vessels that are still to be made, in the way of those that there are: V4, V5 after V3. */
export function nextNames(known: readonly string[], count: number): readonly string[] {
  const numbered = known.flatMap((name) => {
    const found = /^(.*?)(\d+)$/.exec(name);
    return found === null ? [] : [{ stem: found[1] as string, number: Number(found[2]) }];
  });
  const stem = numbered.at(-1)?.stem ?? 'Vessel ';
  const most = Math.max(0, ...numbered.filter((one) => one.stem === stem).map(({ number }) => number));
  return Array.from({ length: count }, (_, i) => `${stem}${String(most + 1 + i)}`);
}
