import { TRAITS, type TraitKey } from '@bent-pail/core';

/** A trait of a trial as it is called, signs among them. */
export const traitSaid = (trait: TraitKey | 'signs'): string => (trait === 'signs' ? 'Signs' : TRAITS[trait].label);
