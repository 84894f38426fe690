import type { ColumnInput, Watering } from '../column';
import { dailyUse_mL, POT_SETUP, rainOf, roundContainer, type PotSetup, type WateringPlan } from './potSetup';

type Water = Pick<ColumnInput, 'waterings' | 'whenDry' | 'fromBelow'>;
const poured = (waterings: readonly Watering[]): Water => ({ waterings: [...waterings] });

const every = (every_d: number, days: number): number[] =>
  Array.from({ length: Math.ceil(days / every_d - 1e-9) }, (_, i) => i * every_d + POT_SETUP.water_h / 24).filter(
    (at_d) => at_d < days,
  );

const WEEK = 7;

/** Days of watering, and how many days each is after the one before. */
function everyWeek(on: readonly number[], days: number): { readonly day: number; readonly since_d: number }[] {
  const inWeek = [...new Set(on)]
    .filter((day) => Number.isInteger(day) && day >= 0 && day < WEEK)
    .sort((a, b) => a - b);
  const all = Array.from({ length: Math.ceil(days / WEEK) }, (_, week) =>
    inWeek.map((day) => week * WEEK + day),
  ).flat();
  return all
    .map((day, i) => ({ day, since_d: day - (all[i - 1] ?? (inWeek.at(-1) as number) - WEEK) }))
    .filter(({ day }) => day + POT_SETUP.water_h / 24 < days);
}

/** Rain over the hours of daylight of each day. */
function rainOn(setup: PotSetup): Watering[] {
  const rain_mm = rainOf(setup);
  const { topDiameter_cm } = roundContainer(setup.container);
  const [dawn, dusk] = POT_SETUP.daylight_h;
  if (rain_mm === 0) return [];
  return Array.from({ length: Math.ceil(setup.days) }, (_, day) => ({
    at_d: day + dawn / 24,
    volume_mL: (rain_mm / 10) * (Math.PI / 4) * topDiameter_cm ** 2,
    over_s: (dusk - dawn) * 3600,
  }));
}

/** What one line of a plan gives. */
function lineOf(plan: WateringPlan, setup: PotSetup): Water {
  const { days } = setup;
  const use_mL = dailyUse_mL(setup);
  const more = 1 / (1 - POT_SETUP.extra);
  const { topDiameter_cm } = roundContainer(setup.container);
  switch (plan.kind) {
    case 'none':
      return { waterings: [] };
    case 'every':
      return poured(
        every(plan.every_d, days).map((at_d) => ({
          at_d,
          volume_mL: plan.volume_mL ?? use_mL * plan.every_d * more,
          over_s: POT_SETUP.over_s,
        })),
      );
    case 'weekdays':
      return poured(
        everyWeek(plan.on, days).map(({ day, since_d }) => ({
          at_d: day + POT_SETUP.water_h / 24,
          volume_mL: plan.volume_mL ?? use_mL * since_d * more,
          over_s: POT_SETUP.over_s,
        })),
      );
    case 'drip':
      return poured(
        every(1, days).map((at_d) => ({ at_d, volume_mL: plan.day_mL ?? use_mL * more, over_s: plan.hours * 3600 })),
      );
    case 'when-dry':
      return {
        waterings: [],
        whenDry: {
          below: plan.below,
          at_h: POT_SETUP.water_h,
          volume_mL: (Math.PI / 4) * topDiameter_cm ** 2 * setup.container.height_cm,
          over_s: 900,
          untilRunoff: POT_SETUP.extra,
        },
      };
    case 'from-below':
      return {
        waterings: [],
        fromBelow: every(plan.every_d, days).map((at_d) => ({
          at_d,
          level_cm: plan.level_cm,
          for_s: plan.hours * 3600,
        })),
      };
  }
}

/** All that waters a pot: rain, its plan, and a second line where there is one. */
export function wateringsOf(setup: PotSetup): Water {
  const [first, second] = [setup.plan, setup.also].map((plan) =>
    plan === undefined ? undefined : lineOf(plan, setup),
  );
  const whenDry = first?.whenDry ?? second?.whenDry;
  const fromBelow = [...(first?.fromBelow ?? []), ...(second?.fromBelow ?? [])];
  return {
    waterings: [...rainOn(setup), ...(first?.waterings ?? []), ...(second?.waterings ?? [])],
    ...(whenDry === undefined ? {} : { whenDry }),
    ...(fromBelow.length === 0 ? {} : { fromBelow }),
  };
}
