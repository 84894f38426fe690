import type { DeskResult } from '@bent-pail/core';
import type { PailShape } from '../../shared/pail/pailGeometry';
import { potOutline } from '../../shared/pail/potOutline';

/** Air under this share is a wet foot. */
export const WET_FOOT_AIR = 0.1;

/** Height up to which the pot has less than 0.10 air; 0 where no height has. */
export function wetFoot_cm({ profile, result }: DeskResult): number {
  const wet = profile.filter(({ theta }) => result.totalPorosity - theta < WET_FOOT_AIR);
  return wet.at(-1)?.z_cm ?? 0;
}

/** Mean air of a slice of the pot's height, given as parts of it. */
export function sliceAir({ profile, result }: DeskResult, from: number, to: number): number {
  const top = profile.at(-1)?.z_cm ?? 1;
  const within = profile.filter(({ z_cm }) => z_cm >= from * top && z_cm <= to * top);
  return within.reduce((sum, { theta }) => sum + result.totalPorosity - theta, 0) / within.length;
}

/** What stands at one height: the profile between its two nearest heights. */
export function thetaAtHeight(profile: DeskResult['profile'], z_cm: number): number {
  const above = profile.findIndex((point) => point.z_cm >= z_cm);
  const hi = profile[Math.max(above, 0)];
  const lo = profile[Math.max(above - 1, 0)];
  if (hi === undefined || lo === undefined) return 0;
  const span = hi.z_cm - lo.z_cm;
  return span === 0 ? hi.theta : lo.theta + ((hi.theta - lo.theta) * (z_cm - lo.z_cm)) / span;
}

/** The pot's profile in pixels: true widths, leaning and dented like every pail of ours. */
export interface ProfileDrawing {
  readonly width: number;
  readonly height: number;
  readonly wall: string;
  readonly solid: string;
  readonly water: string;
  readonly air: string;
  /** The water's edge by the plain average. */
  readonly plain: string;
  readonly y: (z_cm: number) => number;
  /** x at a height, of a share of the width from the left wall. */
  readonly x: (z_cm: number, share: number) => number;
}

/** Draws a predicted blend in its pot: at each height solid, water and air share the width. */
export function drawProfile(
  { profile, plainProfile, result }: DeskResult,
  shape: PailShape,
  box: { readonly width: number; readonly height: number },
): ProfileDrawing {
  const { x, y, bends, line, wall } = potOutline(shape, box);
  const solid = 1 - result.totalPorosity;
  const heights = profile.map(({ z_cm }) => z_cm);
  const up = [...new Set([...heights, ...bends])].sort((a, b) => a - b);
  const down = [...up].reverse();
  const water = (z: number): number => solid + thetaAtHeight(profile, z);
  const area = (from: (z: number) => number, to: (z: number) => number): string =>
    `M${line(from, up)}L${line(to, down)}Z`;
  const constant = (share: number) => () => share;
  return {
    width: box.width,
    height: box.height,
    wall,
    solid: area(constant(0), constant(solid)),
    water: area(constant(solid), water),
    air: area(water, constant(1)),
    plain: `M${line((z) => solid + thetaAtHeight(plainProfile, z), up)}`,
    y,
    x,
  };
}
