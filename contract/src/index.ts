/** Shapes that cross the wire, used by server and browser alike. */
import 'reflect-metadata';

export * from './accounts';
export * from './bench';
export * from './blends';
export * from './choices';
export * from './claims';
export * from './guides';
export * from './instruments';
export * from './jobs';
export * from './laboratory';
export * from './learning';
export * from './lists';
export * from './notebook';
export * from './notes';
export * from './passwords';
export * from './prices';
export * from './problem';
export * from './protocols';
export * from './rubrics';
export * from './scores';
export * from './shelf';
export * from './sittings';
export * from './stock';
export * from './suppliers';
export * from './today';
export * from './verdicts';
export * from './vessels';
