import type { Drawdown } from '../classes';
import type { LabProperty } from './labProperties';

/** What is judged: nitrogen as nitrate and ammonium together, the rest as a report lists it. */
export type JudgedElement = 'nitrogen' | Exclude<LabProperty, 'labNitrate' | 'labAmmonium'>;

/** How much a plant asks for. */
export const FEEDERS = ['light', 'medium', 'heavy'] as const;
export type Feeder = (typeof FEEDERS)[number];

interface Range {
  readonly lo?: number;
  readonly hi?: number;
}

/**
 * Enough and not too much for a medium feeder, mg per litre of medium, water extract. Our guidance, wide on purpose; a
 * laboratory's own ranges for its own extract go before it.
 */
export const SUFFICIENT_MGL: Readonly<Record<JudgedElement, Range>> = Object.freeze({
  nitrogen: { lo: 80, hi: 220 },
  labPhosphorus: { lo: 12, hi: 60 },
  labPotassium: { lo: 80, hi: 260 },
  labCalcium: { lo: 40, hi: 250 },
  labMagnesium: { lo: 15, hi: 90 },
  labSulphur: { lo: 15, hi: 180 },
  labIron: { lo: 0.3, hi: 6 },
  labManganese: { lo: 0.05, hi: 4 },
  labZinc: { lo: 0.05, hi: 3 },
  labCopper: { lo: 0.02, hi: 1 },
  labBoron: { lo: 0.05, hi: 0.8 },
  labSodium: { hi: 60 },
  labChloride: { hi: 90 },
});

/** What an element counts for in the index: those that plants take up most count most, traces little. Our own guidance. */
export const ELEMENT_WEIGHT: Readonly<Record<JudgedElement, number>> = Object.freeze({
  nitrogen: 2,
  labPhosphorus: 1,
  labPotassium: 2,
  labCalcium: 1,
  labMagnesium: 1,
  labSulphur: 0.5,
  labIron: 0.25,
  labManganese: 0.25,
  labZinc: 0.25,
  labCopper: 0.25,
  labBoron: 0.25,
  labSodium: 1,
  labChloride: 1,
});

/** How the lower ends move with the plant's demand, and nitrogen taken up, mg per litre of medium and day. */
export const DEMAND: Readonly<Record<Feeder, { readonly factor: number; readonly uptake_mgLd: number }>> =
  Object.freeze({
    light: { factor: 0.5, uptake_mgLd: 1.5 },
    medium: { factor: 1, uptake_mgLd: 4 },
    heavy: { factor: 1.5, uptake_mgLd: 8 },
  });

/** Nitrogen that decay takes up in the first weeks, mg per litre of the component, as its class has it. */
const DRAWDOWN_MGL: Readonly<Record<Drawdown, number>> = Object.freeze({
  none: 0,
  'none-when-mature': 0,
  'none-to-slight': 10,
  slight: 20,
  'slight-to-moderate': 45,
  moderate: 80,
  strong: 150,
  'very-strong': 250,
});

/** mg N per litre that a component's decay takes up. */
export const drawdownOf = (drawdown: Drawdown): number => DRAWDOWN_MGL[drawdown];
