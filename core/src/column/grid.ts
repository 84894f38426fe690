import { diameterAt, type Container } from '../vessel';

/** A pot cut into slices of one height, from the base up. */
export interface Grid {
  readonly n: number;
  readonly dz_cm: number;
  /** Heights of the middles. */
  readonly z_cm: Float64Array;
  readonly volume_mL: Float64Array;
  /** Areas of the faces: `face_cm2[i]` lies below slice i, the last is the top. */
  readonly face_cm2: Float64Array;
  /** Area of the wall around each. */
  readonly wall_cm2: Float64Array;
}

const areaAt = (container: Container, z_cm: number): number => (Math.PI / 4) * diameterAt(container, z_cm) ** 2;

/** Slices of a pot with both diameters; each holds its frustum's exact volume. */
export function gridOf(container: Container, cells: number): Grid {
  const dz_cm = container.height_cm / cells;
  const z_cm = Float64Array.from({ length: cells }, (_, i) => (i + 0.5) * dz_cm);
  const face_cm2 = Float64Array.from({ length: cells + 1 }, (_, i) => areaAt(container, i * dz_cm));
  const volume_mL = Float64Array.from({ length: cells }, (_, i) => {
    const [below, above] = [diameterAt(container, i * dz_cm), diameterAt(container, (i + 1) * dz_cm)];
    return (Math.PI / 12) * dz_cm * (below * below + below * above + above * above);
  });
  const wall_cm2 = Float64Array.from({ length: cells }, (_, i) => {
    const [below, above] = [diameterAt(container, i * dz_cm), diameterAt(container, (i + 1) * dz_cm)];
    return (Math.PI / 2) * (below + above) * Math.hypot(dz_cm, (above - below) / 2);
  });
  return { n: cells, dz_cm, z_cm, volume_mL, face_cm2, wall_cm2 };
}
