import {
  carriedOff_mg,
  inSentence,
  potVolume_L,
  standOf,
  type FilledMedium,
  type PotSetup,
  type RecipeSettings,
  type WatchedPot,
  type WateringPlan,
} from '@bent-pail/core';
import { fixed } from '../kit/format';
import { amount } from '../shared/units/mine';

const often = (days: number): string => {
  if (days === 1) return 'Watered daily';
  if (days === 7) return 'Watered weekly';
  return `Watered every ${fixed(days, days % 1 === 0 ? 0 : 1)} days`;
};

export const WEEKDAY_WORDS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** How it is watered, as a sentence begins. */
export function planSaid(plan: WateringPlan): string {
  switch (plan.kind) {
    case 'every':
      return often(plan.every_d);
    case 'weekdays':
      return `Watered on ${[...plan.on]
        .sort((a, b) => a - b)
        .map((day) => WEEKDAY_WORDS[day])
        .join(', ')}`;
    case 'when-dry':
      return `Watered when it is down to ${fixed(100 * plan.below, 0)} % of what it holds`;
    case 'drip':
      return `Dripped on for ${fixed(plan.hours, plan.hours % 1 === 0 ? 0 : 1)} h a day`;
    case 'from-below':
      return `${often(plan.every_d)} from below`;
    case 'none':
      return 'Not watered';
  }
}

/** Days that are counted: the first, in which it was soaked and drained, is not. */
const SOAKED_h = 24;

/** What went through a week, mL; the first day is left out where there are more. */
export function weekOf(pot: WatchedPot, series: Float64Array): number {
  const last = series.length - 1;
  const from = last > SOAKED_h ? SOAKED_h : 0;
  const days = (pot.t_d[last] as number) - (pot.t_d[from] as number);
  return (((series[last] as number) - (series[from] as number)) / days) * 7;
}

/** Nitrogen that runs off below in a week of such days, from a new medium, mg; undefined where nothing tells of it. */
export function carriedOffWeek(
  medium: FilledMedium & Pick<RecipeSettings, 'additives'>,
  { container }: PotSetup,
  pot: WatchedPot,
): number | undefined {
  const { volume_L } = potVolume_L(container);
  const drained_mL = weekOf(pot, pot.drained_mL);
  return carriedOff_mg(medium, medium, { held_mL: pot.stored_mL[0] as number, drained_mL, volume_L });
}

const perDay = (hours: number, days: number): string => fixed(hours / days, hours / days < 1 ? 1 : 0);

/** Hours a day from which it is worth a word. */
const WORTH_h = 0.5;

/** What the pot does, in a sentence: too wet below, too wet among the roots, dry before it is watered, or neither. */
export function potSentence(setup: PotSetup, pot: WatchedPot): string {
  const { days, plan } = setup;
  const says: string[] = [];
  if (pot.lowWetHours / days > WORTH_h)
    says.push(
      `it stands under ${fixed(100 * pot.limits.air, 0)} % air for ${perDay(pot.lowWetHours, days)} h of 24 in its lowest third`,
    );
  if (pot.wetHours / days > WORTH_h) says.push(`among its roots, as a mean, for ${perDay(pot.wetHours, days)} h`);
  if (pot.dryHours > 0) {
    const first = pot.suction_cm.findIndex((suction) => suction > pot.limits.suction_cm);
    says.push(
      plan.kind === 'none'
        ? `its roots lack easy water from day ${fixed(Math.ceil(pot.t_d[first] as number), 0)} on`
        : `its roots lack easy water for ${perDay(pot.dryHours, days)} h of 24`,
    );
  }
  const water = [plan, ...(setup.also === undefined ? [] : [setup.also])].map(planSaid);
  const begun = `${[water[0] as string, ...water.slice(1).map(inSentence)].join(' and ')}, ${setup.where ?? standOf(setup.stand).words},`;
  if (says.length === 0) return `${begun} it has air and easy water at all hours.`;
  return `${begun} ${says.join(', and ')}.`;
}

/** Hour of the course as a day and a time. */
export function momentSaid(t_d: number): string {
  const day = Math.floor(t_d + 1e-9);
  const hour = Math.round(24 * (t_d - day));
  return `day ${String(day + 1)}, ${String(hour).padStart(2, '0')}:00`;
}

/** Which of two has more air among its roots, and by how much, at moments after it was soaked. */
export function airAfter(pot: WatchedPot, hours: number): number {
  return pot.air[Math.min(hours, pot.air.length - 1)] as number;
}

export const volume = (mL: number): string => amount(mL / 1000, 'L', 1);
