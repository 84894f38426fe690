/** Kinds of component as schools of thought speak of them. */
export type MediaGroup = 'peat' | 'coir' | 'bark' | 'wood' | 'compost' | 'loam' | 'mineral' | 'water holder' | 'char';

/** The kind of each class, by the beginning of its id; the first that fits. */
const KINDS: readonly (readonly [RegExp, MediaGroup])[] = [
  [/^(peat|moss)/, 'peat'],
  [/^coir/, 'coir'],
  [/^(bark|cork)/, 'bark'],
  [/^(wood|sawdust|rice-hull$)/, 'wood'],
  [/^(compost|worm-cast|leaf-mould|mushroom)/, 'compost'],
  [/(^|-)loam$/, 'loam'],
  [/^(vermiculite|zeolite|clay-calcined|diatomite|stone-wool)/, 'water holder'],
  [/^(biochar|rice-hull-char)/, 'char'],
  [/^(perlite|pumice|scoria|clay-|sand|grit|brick|limestone|eps)/, 'mineral'],
];

/** Grains of stone, as it was dug or burnt: not flakes, wool or beads, which a press closes. */
const STONE = /^(perlite|pumice|scoria|clay-(expanded|calcined|volcanic)|sand-|grit|brick|limestone|zeolite|diatomite)/;
export const isStone = (classId: string | undefined): boolean => classId !== undefined && STONE.test(classId);

/** The kind of a class; undefined for one that no school speaks of. */
export function groupOf(classId: string | undefined): MediaGroup | undefined {
  return classId === undefined ? undefined : KINDS.find(([spelling]) => spelling.test(classId))?.[1];
}
