import { said } from '../errors';
import type { MediaClass } from '../classes';
import type { Check } from '../errors';
import { meanOf, methodSpread, sdOf, studentT } from '../statistics';
import type { PorosityFigures, PorosityReplicate } from './reduceReplicate';

/** What a good run stays within; quoted by the screens. */
export const POROSITY_LIMITS = Object.freeze({
  porosity: { lo: 0.25, hi: 0.98 },
  particleDensityUnknown_gcc: { lo: 0.02, hi: 3.2 },
  organicDensity_gcc: 1.55,
  ashDensity_gcc: 2.65,
  trappedAir: 0.05,
  collected: { share: 0.03, least_mL: 5 },
  replicateSd: 0.02,
  airSdShare: 0.1,
});

const name = (index: number): string => String.fromCharCode(65 + index);

/** What is known of the medium besides its masses. */
export interface CheckContext {
  readonly mediaClass?: MediaClass;
  readonly organicFraction?: number;
  /** How far a replicate's porosity may be off by chance. */
  readonly porosityDoubt?: number;
}

/** Checks of one replicate: plausible porosity and density, trapped air, collected drainage, absent figures. */
export function replicateChecks(
  index: number,
  reading: PorosityReplicate,
  figures: PorosityFigures,
  waterDensity_gcc: number,
  context: CheckContext,
): Check[] {
  const checks: Check[] = [];
  const say = (code: string, severity: Check['severity'], message: string): void => {
    checks.push({ code, severity, message, replicate: index });
  };
  const who = name(index);
  const { porosity } = POROSITY_LIMITS;
  if (figures.totalPorosity >= 1) {
    say('porosity-impossible', 'fault', `${who} holds more water than its volume. Check tare, fill line and volume.`);
  } else if (figures.totalPorosity > porosity.hi) {
    say(
      'porosity-high',
      'caution',
      `${who} has ${figures.totalPorosity.toFixed(3)} pores, above ${said(porosity.hi)}. Was water standing on it?`,
    );
  } else if (figures.totalPorosity < porosity.lo) {
    say(
      'porosity-low',
      'caution',
      `${who} has ${figures.totalPorosity.toFixed(3)} pores, under ${said(porosity.lo)}. Was it soaked through?`,
    );
  }
  particleDensityCheck(who, figures, context.mediaClass, say);
  organicCheck(who, figures, context, say);
  const lost_mL = (reading.saturated_g - reading.drained_g) / waterDensity_gcc;
  const jug = drainageCheck(index, lost_mL, reading.drained_mL);
  if (jug !== undefined) checks.push(jug);
  if (reading.filled_g !== undefined && figures.asReceivedMoisture === undefined) {
    say(
      'filled-below-dry',
      'caution',
      `${who} weighed less when filled than when dry, so its moisture as received is left out.`,
    );
  }
  return checks;
}

/** What the jug holds against what the vessel lost; told at the drained weighing, while it can be drained again. */
export function drainageCheck(index: number, lost_mL: number, drained_mL: number | undefined): Check | undefined {
  if (drained_mL === undefined) return undefined;
  const { share, least_mL } = POROSITY_LIMITS.collected;
  const allowed = Math.max(share * lost_mL, least_mL);
  const off = Math.abs(drained_mL - lost_mL);
  if (off <= allowed) return undefined;
  return {
    code: 'drainage-differs',
    severity: 'caution',
    message: `The jug holds ${said(drained_mL)} mL, but ${name(index)} lost ${lost_mL.toFixed(1)} mL: ${off.toFixed(1)} apart, allowed ${allowed.toFixed(1)}. Did some miss the jug?`,
    replicate: index,
  };
}

/** How far a replicate's porosity may be off: 95 % to one side of what its repeats and its method say. */
export function porosityDoubt(values: readonly number[]): number {
  const { variance, freedom } = methodSpread('porosity', values.length === 0 ? [] : [values]);
  return studentT(ONE_SIDE, freedom) * Math.sqrt(variance);
}

const ONE_SIDE = 0.95;

type Say = (code: string, severity: Check['severity'], message: string) => void;

function particleDensityCheck(
  who: string,
  figures: PorosityFigures,
  mediaClass: MediaClass | undefined,
  say: Say,
): void {
  const density = figures.particleDensity_gcc;
  if (density === undefined) {
    say('no-particle-density', 'note', `${who}: no particle density, for there is no solid left over.`);
    return;
  }
  const unknown = POROSITY_LIMITS.particleDensityUnknown_gcc;
  const [lo, hi] = mediaClass?.particleDensityApparentBounds_gcc ?? [unknown.lo, unknown.hi];
  if (density >= lo && density <= hi) return;
  say(
    'particle-density',
    mediaClass === undefined ? 'note' : 'caution',
    `${who}: apparent particle density ${density.toFixed(2)} g/mL lies outside ${said(lo)} to ${said(hi)} for ${mediaClass?.label ?? 'any medium'}. Check tare, volume and dry mass.`,
  );
}

/** Porosity expected from organic matter and ash: 1 - BD/PD with 1/PD = f/1.55 + (1-f)/2.65 (EN 13041). */
export function expectedPorosity(bulkDensity_gcc: number, organicFraction: number): number {
  const { organicDensity_gcc, ashDensity_gcc } = POROSITY_LIMITS;
  const perParticle = organicFraction / organicDensity_gcc + (1 - organicFraction) / ashDensity_gcc;
  return 1 - bulkDensity_gcc * perParticle;
}

function organicCheck(who: string, figures: PorosityFigures, context: CheckContext, say: Say): void {
  if (context.organicFraction === undefined) return;
  const missing = expectedPorosity(figures.bulkDensity_gcc, context.organicFraction) - figures.totalPorosity;
  if (context.mediaClass?.fillsAllPores === true) {
    if (missing > POROSITY_LIMITS.trappedAir) {
      say(
        'trapped-air',
        'caution',
        `${who} took up ${missing.toFixed(3)} less water than its pores should hold: air was trapped. Soak longer.`,
      );
    }
  } else if (missing > (context.porosityDoubt ?? porosityDoubt([]))) {
    say('unfilled-pores', 'note', `${who}: ${missing.toFixed(3)} of the volume are pores that water did not reach.`);
  }
}

/** Checks over all replicates: spread too wide, or none. */
export function spreadChecks(figures: readonly PorosityFigures[]): Check[] {
  if (figures.length === 1) {
    return [{ code: 'no-spread', severity: 'note', message: 'One replicate has no spread; measure at least three.' }];
  }
  return [
    ...spreadCheck(
      'Total porosity',
      figures.map(({ totalPorosity }) => totalPorosity),
    ),
    ...spreadCheck(
      'Container capacity',
      figures.map(({ containerCapacity }) => containerCapacity),
    ),
    ...airSpreadCheck(figures.map(({ airSpace }) => airSpace)),
  ];
}

function spreadCheck(label: string, values: readonly number[], allowedBeside = 0): Check[] {
  const sd = sdOf(values);
  const allowed = Math.max(POROSITY_LIMITS.replicateSd, allowedBeside);
  if (sd <= allowed) return [];
  const message = `${label} differs between replicates by SD ${sd.toFixed(3)}, allowed ${allowed.toFixed(3)}. Were they filled alike?`;
  return [{ code: 'replicate-spread', severity: 'caution', message }];
}

/** Air of two or more replicates, v/v, too far apart: seen before the oven, when they can still be filled again. */
export const airSpreadCheck = (values: readonly number[]): Check[] =>
  spreadCheck('Air space', values, POROSITY_LIMITS.airSdShare * meanOf(values));
