/** What may be seen on the surface, and what it usually tells. */
export const SURFACE_SIGNS = {
  'green film': 'it stays wet',
  mould: 'wet, still air or raw organic matter',
  gnats: 'it stays wet; they breed in raw organic matter',
  crust: 'salt or hard water at the surface',
} as const;
export type SurfaceSign = keyof typeof SURFACE_SIGNS;
