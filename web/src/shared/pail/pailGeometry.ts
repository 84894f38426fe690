/** What kind of thing the pail stands for: a bail says test vessel, a collar says your pot. */
export type PailKind = 'vessel' | 'pot';

export interface PailShape {
  readonly kind: PailKind;
  readonly height_cm: number;
  readonly topDiameter_cm: number;
  readonly baseDiameter_cm: number;
}

/** A drawing of the pail in pixels, y down, with everything that its parts need. */
export interface PailDrawing {
  readonly width: number;
  readonly height: number;
  /** Closed outline, to clip the fill. */
  readonly inside: string;
  /** Walls and base, open at the top. */
  readonly wall: string;
  readonly rim: string;
  readonly bail?: string;
  readonly grip: string;
  /** y of a level given as a part of the depth from the base. */
  readonly levelY: (part: number) => number;
}

/** Proportions of the bent pail: all drawing numbers stand here. */
export const BENT = Object.freeze({
  lean: 0.06,
  dent: { low: 0.5, deep: 0.655, high: 0.75, depth: 0.05, lip: 0.0075, bulge: 0.012 },
  rim: { over: 0.045, drop: 0.012 },
  collar: { depth: 0.085, over: 0.035 },
  bail: { height: 0.42, tinyHeight: 0.3, apex: -0.18 },
});

/** Where a straight vessel's width is not known, it is drawn a little narrower than deep. */
export function shapeOf(
  container: { readonly height_cm: number; readonly topDiameter_cm?: number; readonly baseDiameter_cm?: number },
  kind: PailKind,
): PailShape {
  const { height_cm, topDiameter_cm, baseDiameter_cm } = container;
  const width = kind === 'vessel' ? 0.9 * height_cm : Math.max(0.95 * height_cm, 8);
  return {
    kind,
    height_cm,
    topDiameter_cm: topDiameter_cm ?? width,
    baseDiameter_cm: baseDiameter_cm ?? (kind === 'vessel' ? 0.88 * width : 0.78 * width),
  };
}

const n = (value: number): string => value.toFixed(2);

/**
 * The bent pail to scale: `k` pixels to a centimetre. Leaning is a shear, so heights stay true and levels level; the
 * right wall is dented, the left one bulges where the right is hit.
 */
export function drawPail(shape: PailShape, k: number, tiny: boolean): PailDrawing {
  const { height_cm: H, topDiameter_cm: Dt, baseDiameter_cm: Db } = shape;
  const radius = (y: number): number => (Db + ((Dt - Db) * y) / H) / 2;
  const lean = (y: number): number => BENT.lean * (y - H / 2);
  const isVessel = shape.kind === 'vessel';
  const bailHeight = isVessel ? Dt * (tiny ? BENT.bail.tinyHeight : BENT.bail.height) : 0;
  const margin = Dt * BENT.rim.over + 2 / k;
  const half = Math.max(radius(0), radius(H)) + margin + (BENT.lean * H) / 2;
  const px = (x: number, y: number): string => `${n((half + x + lean(y)) * k)} ${n((H + bailHeight - y) * k + 2)}`;
  const { dent } = BENT;
  const left = [
    px(-radius(H), H),
    `L ${px(-radius(dent.high * H), dent.high * H)}`,
    `Q ${px(-radius(dent.deep * H) - dent.bulge * Dt, dent.deep * H)} ${px(-radius(dent.low * H), dent.low * H)}`,
    `L ${px(-radius(0), 0)}`,
  ].join(' ');
  const right = [
    `L ${px(radius(0), 0)}`,
    `L ${px(radius(dent.low * H), dent.low * H)}`,
    `L ${px(radius(dent.deep * H) - dent.depth * Dt, dent.deep * H)}`,
    `L ${px(radius(dent.high * H) - dent.lip * Dt, dent.high * H)}`,
    `L ${px(radius(H), H)}`,
  ].join(' ');
  const over = Dt * BENT.rim.over;
  const collar = Dt * BENT.collar.over;
  const depth = H * BENT.collar.depth;
  const rim = isVessel
    ? `M ${px(-radius(H) - over, H)} L ${px(radius(H) + over, H - BENT.rim.drop * Dt)}`
    : `M ${px(-radius(H) - collar + 0.01, H - depth)} L ${px(-radius(H) - collar, H)} L ${px(radius(H) + collar, H)} L ${px(radius(H) + collar, H - depth)}`;
  const apex = BENT.bail.apex * radius(H);
  const bail = `M ${px(-radius(H), H)} C ${px(-radius(H), H + 0.77 * bailHeight)} ${px(apex - 0.42 * Dt, H + bailHeight)} ${px(apex, H + bailHeight)} S ${px(radius(H), H + 0.56 * bailHeight)} ${px(radius(H), H)}`;
  return {
    width: 2 * half * k,
    height: (H + bailHeight) * k + 4,
    inside: `M ${left} ${right} Z`,
    wall: `M ${left} ${right}`,
    rim,
    ...(isVessel ? { bail } : {}),
    grip: `M ${px(apex - 0.13 * Dt, H + bailHeight)} L ${px(apex + 0.16 * Dt, H + bailHeight)}`,
    levelY: (part) => (H * (1 - part) + bailHeight) * k + 2,
  };
}
