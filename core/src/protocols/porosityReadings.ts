import { said } from '../errors';
import { isLikeness } from '../classes';
import type { Check } from '../errors';
import {
  drainageCheck,
  mediumVolume_mL,
  POROSITY_DEFAULTS,
  waterFraction,
  type PorosityInput,
  type PorosityVessel,
} from '../porosity';
import { lastDry, replicateName, runVesselVolume_mL, type RunRecord, type Sheet } from '../sheets';
import { waterDensity } from '../water';

export const RUN_CHECKS = Object.freeze({
  coolOven_C: 100,
});

/** The vessel of a replicate as the porosity reduction takes it; undefined while its volume is not known. */
function porosityVesselOf(run: RunRecord, replicate: number): PorosityVessel | undefined {
  const vessel = run.vessels[replicate];
  const volume_mL = vessel === undefined ? undefined : runVesselVolume_mL(vessel);
  if (vessel === undefined || volume_mL === undefined) return undefined;
  const { height_cm, topDiameter_cm, baseDiameter_cm } = vessel;
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) return { volume_mL, height_cm };
  return { volume_mL, height_cm, topDiameter_cm, baseDiameter_cm };
}

/** Depth of the medium after draining, else as soaked; undefined where neither was read. */
export function settledDepth_cm(sheet: Sheet, replicate: number): number | undefined {
  return sheet.value(replicate, 'drainedDepth') ?? sheet.value(replicate, 'soakedDepth');
}

function waterTemp_C(sheet: Sheet): number {
  return sheet.value(0, 'waterTemp') ?? POROSITY_DEFAULTS.waterTemp_C;
}

/**
 * The dry medium of a replicate: all of it over its tray, or, where a vessel was larger than the oven, the net drained
 * mass by what a part of it kept, with a tray of 0.
 */
function driedMedium(
  sheet: Sheet,
  replicate: number,
  drained: number | undefined,
  tare: number | undefined,
): { readonly dryTray_g: number; readonly dry_g: number } | undefined {
  const tray = sheet.value(replicate, 'dryTray');
  const { mass_g: dry } = lastDry(sheet, replicate);
  if (tray === undefined || dry === undefined) return undefined;
  const partWet = sheet.value(replicate, 'partWet');
  if (partWet === undefined) return { dryTray_g: tray, dry_g: dry };
  if (drained === undefined || tare === undefined || partWet <= tray) return undefined;
  return { dryTray_g: 0, dry_g: ((drained - tare) * (dry - tray)) / (partWet - tray) };
}

/** What one replicate of a sheet gives the porosity reduction, or undefined while readings are missing. */
export function porosityInputOf(run: RunRecord, sheet: Sheet, replicate: number): PorosityInput | undefined {
  const vessel = porosityVesselOf(run, replicate);
  const read = (step: string): number | undefined => sheet.value(replicate, step);
  const tare = read('tare');
  const saturated = read('saturated');
  const drained = read('drained');
  const dried = driedMedium(sheet, replicate, drained, tare);
  if (vessel === undefined || tare === undefined || saturated === undefined) return undefined;
  if (drained === undefined || dried === undefined) return undefined;
  const filled = read('filled');
  const depth = settledDepth_cm(sheet, replicate);
  const collected = read('collected');
  return {
    vessel,
    waterTemp_C: waterTemp_C(sheet),
    replicates: [
      {
        tare_g: tare,
        ...(filled === undefined ? {} : { filled_g: filled }),
        saturated_g: saturated,
        drained_g: drained,
        ...dried,
        ...(depth === undefined ? {} : { settledDepth_cm: depth }),
        ...(collected === undefined ? {} : { drained_mL: collected }),
      },
    ],
    // A likeness is no class whose grains could be checked against.
    ...(run.materialClass === undefined || isLikeness(run.materialClass) ? {} : { materialClass: run.materialClass }),
  };
}

/** Air space from two weighings, known before the oven: shown while the run can still be repeated. */
export function earlyAirOf(run: RunRecord, sheet: Sheet, replicate: number): number | undefined {
  const vessel = porosityVesselOf(run, replicate);
  const saturated = sheet.value(replicate, 'saturated');
  const drained = sheet.value(replicate, 'drained');
  if (vessel === undefined || saturated === undefined || drained === undefined || drained > saturated) return undefined;
  const volume = mediumVolume_mL(vessel, settledDepth_cm(sheet, replicate));
  return waterFraction(saturated - drained, waterDensity(waterTemp_C(sheet)), volume);
}

/** What was collected against what was lost, before the oven: afterwards the reduction says it. */
export function earlyDrainageCheck(sheet: Sheet, replicate: number): Check | undefined {
  const saturated = sheet.value(replicate, 'saturated');
  const drained = sheet.value(replicate, 'drained');
  if (saturated === undefined || drained === undefined || drained > saturated) return undefined;
  const lost_mL = (saturated - drained) / waterDensity(waterTemp_C(sheet));
  return drainageCheck(replicate, lost_mL, sheet.value(replicate, 'collected'));
}

/** Checks that only the sheet can make: order of masses as typed, constant mass, a cool oven. */
export function sheetChecks(run: RunRecord, sheet: Sheet, replicate: number): Check[] {
  const checks: Check[] = [];
  const who = replicateName(replicate);
  const say = (code: string, severity: Check['severity'], message: string): void => {
    checks.push({ code, severity, message, replicate });
  };
  const read = (step: string): number | undefined => sheet.value(replicate, step);
  const saturated = read('saturated');
  const drained = read('drained');
  const tare = read('tare');
  if (saturated !== undefined && drained !== undefined && drained > saturated) {
    say(
      'mass-order',
      'fault',
      `${who} weighs ${said(drained)} g drained but ${said(saturated)} g saturated. Weigh both again.`,
    );
  }
  if (tare !== undefined && saturated !== undefined && saturated <= tare) {
    say(
      'mass-order',
      'fault',
      `${who} weighs ${said(saturated)} g saturated, not more than its tare of ${said(tare)} g.`,
    );
  }
  const [tray, partWet, dry] = [read('dryTray'), read('partWet'), read('dry')];
  if (partWet !== undefined && tray !== undefined && partWet <= tray)
    say('mass-order', 'fault', `${who}: the part for the oven weighs no more than its tray. Weigh both again.`);
  if (partWet !== undefined && dry !== undefined && dry > partWet)
    say('mass-order', 'fault', `${who}: the part weighs more dry than wet. Weigh both again.`);
  checks.push(...dryingChecks(run, sheet, replicate));
  return checks;
}

function dryingChecks(run: RunRecord, sheet: Sheet, replicate: number): Check[] {
  const { weighings, change } = lastDry(sheet, replicate);
  const who = replicateName(replicate);
  const checks: Check[] = [];
  if (change?.stillDrying === true) {
    const message = `${who} still changed by ${(100 * change.share).toFixed(2)} % between the last two dry weighings, allowed 0.1 %. Dry it longer.`;
    checks.push({ code: 'not-dry', severity: 'caution', message, replicate });
  }
  if (weighings > 0 && run.settings.ovenTemp_C < RUN_CHECKS.coolOven_C) {
    const message = `${who} was dried at ${String(run.settings.ovenTemp_C)} °C, which leaves some percent of water in.`;
    checks.push({ code: 'cool-oven', severity: 'note', message, replicate });
  }
  return checks;
}
