/** A lot's part in a blend, and where its class is from. */
export interface OriginLine {
  readonly name: string;
  readonly volume: number;
  readonly source?: string;
  readonly renewable?: string;
}

export interface OriginShare {
  /** As the classes say it: dug, harvested, a by-product, made, recycled. */
  readonly source: string;
  readonly renewable: string;
  readonly share: number;
  readonly names: readonly string[];
}

const UNKNOWN = 'not known';

/** What a blend is made of by origin, largest share first: plain facts of the classes, not a verdict. */
export function origins(lines: readonly OriginLine[]): OriginShare[] {
  const whole = lines.reduce((sum, { volume }) => sum + volume, 0);
  const groups = new Map<string, { source: string; renewable: string; volume: number; names: string[] }>();
  for (const { name, volume, source = UNKNOWN, renewable = UNKNOWN } of lines) {
    if (!(volume > 0)) continue;
    const key = `${source}|${renewable}`;
    const group = groups.get(key) ?? { source, renewable, volume: 0, names: [] };
    groups.set(key, { ...group, volume: group.volume + volume, names: [...group.names, name] });
  }
  return [...groups.values()]
    .sort((a, b) => b.volume - a.volume)
    .map(({ volume, ...group }) => ({ ...group, share: volume / whole }));
}

/** Part of the volume that was dug out of the ground, 0..1. */
export function minedShare(shares: readonly OriginShare[]): number {
  return shares
    .filter(({ source, renewable }) => source.includes('mined') || renewable.includes('mined'))
    .reduce((sum, { share }) => sum + share, 0);
}
