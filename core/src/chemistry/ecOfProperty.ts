import { EC_CLASS_STARTS, ecClass, type EcClass, type ExtractionMethod } from './ec25';

/** The extraction that each property of salt is measured in. */
export const EXTRACTION_OF: Readonly<Partial<Record<string, ExtractionMethod>>> = Object.freeze({
  ec_dSm: '1:2',
  ec1to5: '1:5',
  ecPaste: 'paste',
  ecPourThrough: 'pour-through',
});

export interface EcInClass {
  readonly class: EcClass;
  /** Where the class begins and where it ends, dS/m; the lowest begins at nothing, the highest has no end. */
  readonly from: number;
  readonly below?: number;
}

/** Class of an EC by the property that it is a value of; undefined for what is no EC. */
export function ecInClass(property: string, ec25_dSm: number): EcInClass | undefined {
  const method = EXTRACTION_OF[property];
  if (method === undefined) return undefined;
  const starts = EC_CLASS_STARTS[method];
  const from = starts.findLast((start) => ec25_dSm >= start) ?? 0;
  const below = starts.find((start) => ec25_dSm < start);
  return { class: ecClass(ec25_dSm, method), from, ...(below === undefined ? {} : { below }) };
}
