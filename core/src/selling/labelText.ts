import { said } from '../errors';
/** What is known of a batch or, before one is measured, of the recipe. */
export interface LabelFacts {
  readonly name: string;
  readonly pack_L: number;
  /** What is in it, loose parts. */
  readonly parts: readonly { readonly name: string; readonly parts: number }[];
  /** Depth of pot that air and water are told for. */
  readonly height_cm: number;
  readonly air?: number;
  readonly water?: number;
  readonly pH?: number;
  readonly batch?: string;
  readonly madeOn?: string;
  /** The figures are of a measured batch, and not predicted from its parts. */
  readonly isMeasured: boolean;
}

const percent = (share: number): string => `${String(Math.round(100 * share))} %`;

/**
 * The text of a label from what is known: volume as it pours out, what is in it by volume and in falling order, air and
 * water in a named pot, pH with its extract, batch and day, and what to mind. It claims nothing that was not measured, and
 * says so where the figures are predicted.
 */
export function labelText(facts: LabelFacts): string[] {
  const { name, pack_L, parts, height_cm, air, water, pH, batch, madeOn, isMeasured } = facts;
  const whole = parts.reduce((sum, one) => sum + one.parts, 0);
  const inOrder = [...parts].sort((a, b) => b.parts - a.parts);
  const made = [batch === undefined ? undefined : `Batch ${batch}`, madeOn === undefined ? undefined : `made ${madeOn}`]
    .filter((one) => one !== undefined)
    .join(', ');
  const figures = [
    air === undefined ? undefined : `air ${percent(air)}`,
    water === undefined ? undefined : `water ${percent(water)}`,
  ].filter((one) => one !== undefined);
  return [
    name,
    `${said(pack_L)} L, poured out loose`,
    ...(whole > 0
      ? [`By volume: ${inOrder.map((one) => `${one.name} ${percent(one.parts / whole)}`).join(', ')}`]
      : []),
    ...(figures.length === 0
      ? []
      : [
          `In a pot of ${said(height_cm)} cm, drained: ${figures.join(', ')}${isMeasured ? '' : ' (worked out from its parts)'}`,
        ]),
    ...(pH === undefined
      ? []
      : [`pH ${pH.toFixed(1)}, 1:5 in water${isMeasured ? '' : ' (worked out from its parts)'}`]),
    ...(made === '' ? [] : [`${made}.`]),
    'Damp down before use, keep dust down, wear gloves, wash hands. Keep it dry and in the shade.',
  ];
}
