/**
 * Schools of thought about media: what each values, and what it would say of a blend, number by number.
 * No side is taken. Every statement quotes a number of the blend and turns where that crosses the limit it states.
 */
export { groupOf, type MediaGroup } from './groups';
export { schoolFacts, schoolVariant, schoolViews, type SchoolVariant, type SchoolView, type ShelfLot } from './schools';
export { SCHOOLS, type School, type SchoolFacts, type Statement } from './statements';
