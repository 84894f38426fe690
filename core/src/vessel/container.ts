import { CoreError, requireNotNegative, requirePositive } from '../errors';
import { maybe, number, object, type InputOf } from '../method';

/**
 * A pot or vessel: depth in cm and, if it tapers, its inner diameters. Without diameters it is straight. On a mat or a
 * wick its base hangs at a suction; without one it drains freely.
 */
export const CONTAINER = object({
  height_cm: number(),
  topDiameter_cm: maybe(number('inner')),
  baseDiameter_cm: maybe(number('inner')),
  baseSuction_cm: maybe(number('of a mat or a wick below it; 0 drains freely')),
});
export type Container = InputOf<typeof CONTAINER>;

/** Refuses a container with a depth or diameter of zero, or with only one diameter. */
export function requireContainer(container: Container, path = 'container'): void {
  requirePositive(`${path}.height_cm`, container.height_cm, 'cm');
  if (container.baseSuction_cm !== undefined)
    requireNotNegative(`${path}.baseSuction_cm`, container.baseSuction_cm, 'cm');
  const { topDiameter_cm: top, baseDiameter_cm: base } = container;
  if (top === undefined && base === undefined) return;
  if (top === undefined || base === undefined) {
    const absent = top === undefined ? 'topDiameter_cm' : 'baseDiameter_cm';
    throw new CoreError('missing', `${path}.${absent}`, 'give both diameters, or neither for a straight container');
  }
  requirePositive(`${path}.topDiameter_cm`, top, 'cm');
  requirePositive(`${path}.baseDiameter_cm`, base, 'cm');
}

/** Inner diameter at height z above the base, relative units where the container is straight without diameters. */
export function diameterAt(container: Container, z_cm: number): number {
  const { topDiameter_cm: top, baseDiameter_cm: base, height_cm: height } = container;
  if (top === undefined || base === undefined) return 1;
  return base + ((top - base) * z_cm) / height;
}

/**
 * Share of a container's volume that lies below a height, 0..1.
 *
 * Straight: d/H. Tapered: frustum volumes, V(d) proportional to d (D0^2 + D0 Dd + Dd^2).
 * Input: `depth_cm` 0..H. Example: a cone (base almost 0, top 10) filled to half its height holds 1/8.
 */
export function shareBelow(container: Container, depth_cm: number): number {
  const base = diameterAt(container, 0);
  const top = diameterAt(container, container.height_cm);
  const level = diameterAt(container, depth_cm);
  const part = depth_cm * (base * base + base * level + level * level);
  const whole = container.height_cm * (base * base + base * top + top * top);
  return part / whole;
}

/** The part of a container below a level, as a container of its own. */
export function containerBelow(container: Container, depth_cm: number): Container {
  if (container.topDiameter_cm === undefined || container.baseDiameter_cm === undefined) {
    return { height_cm: depth_cm };
  }
  return {
    height_cm: depth_cm,
    topDiameter_cm: diameterAt(container, depth_cm),
    baseDiameter_cm: container.baseDiameter_cm,
  };
}

/** Volume in mL from inner dimensions, or undefined for a container without diameters. */
export function geometricVolume_mL(container: Container): number | undefined {
  const { topDiameter_cm: top, baseDiameter_cm: base, height_cm: height } = container;
  if (top === undefined || base === undefined) return undefined;
  return (Math.PI / 12) * height * (base * base + base * top + top * top);
}
