/** The parts of a pail, as they stand beside it. */
export type PailPart = 'air' | 'water' | 'solid';

export const PART_WORDS: Readonly<Record<PailPart, string>> = { air: 'air', water: 'water', solid: 'solid' };
