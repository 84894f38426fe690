/** The words of the trade, each with a plain twin, why it matters and what it looks like. */
import type { PropertyKey } from '../properties';
import { TERMS, type Term } from './terms';

const BY_PROPERTY = new Map(TERMS.flatMap((term) => (term.of ?? []).map((key) => [key, term] as const)));

/** The term that explains a property; every property has one. */
export const termOf = (property: PropertyKey): Term | undefined => BY_PROPERTY.get(property);

export { TERMS, type Term, type TermPicture } from './terms';
