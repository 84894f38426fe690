import { BENT, type PailShape } from './pailGeometry';

/** A pot cut open, in pixels: true widths, leaning and dented like every pail of ours. */
export interface PotOutline {
  readonly wall: string;
  readonly y: (z_cm: number) => number;
  /** x at a height, of a share of the width from the left wall. */
  readonly x: (z_cm: number, share: number) => number;
  /** Heights at which the wall bends. */
  readonly bends: readonly number[];
  /** Points at heights, each at its share of the width. */
  readonly line: (share: (z_cm: number) => number, along: readonly number[]) => string;
}

/** Points of the right wall's dent: part of the height, how far in as a share of the top's width. */
const DENT: readonly (readonly [number, number])[] = [
  [0, 0],
  [BENT.dent.low, 0],
  [BENT.dent.deep, BENT.dent.depth],
  [BENT.dent.high, BENT.dent.lip],
  [1, 0],
];

function dentAt(part: number): number {
  const i = Math.max(
    1,
    DENT.findIndex(([at]) => at >= part),
  );
  const [from, shallow] = DENT[i - 1] as readonly [number, number];
  const [to, deep] = DENT[i] as readonly [number, number];
  return shallow + ((deep - shallow) * (part - from)) / (to - from);
}

/** The outline of a pot in a box. */
export function potOutline(
  { height_cm: H, topDiameter_cm: Dt, baseDiameter_cm: Db }: PailShape,
  box: { readonly width: number; readonly height: number },
): PotOutline {
  const widest = Math.max(Dt, Db);
  const kx = (box.width - 24) / (widest * (1 + BENT.lean));
  const ky = (box.height - 8) / H;
  const left = (z: number): number => box.width / 2 + kx * (BENT.lean * (z - H / 2) - (Db + ((Dt - Db) * z) / H) / 2);
  const right = (z: number): number =>
    box.width / 2 + kx * (BENT.lean * (z - H / 2) + (Db + ((Dt - Db) * z) / H) / 2 - Dt * dentAt(z / H));
  const y = (z: number): number => 4 + (H - z) * ky;
  const x = (z: number, share: number): number => left(z) + share * (right(z) - left(z));
  const bends = DENT.map(([part]) => part * H);
  const line = (share: (z: number) => number, along: readonly number[]): string =>
    along.map((z) => `${x(z, share(z)).toFixed(1)} ${y(z).toFixed(1)}`).join('L');
  const up = [...bends].sort((a, b) => a - b);
  return { wall: `M${line(() => 0, [...up].reverse())}L${line(() => 1, up)}`, y, x, bends, line };
}
