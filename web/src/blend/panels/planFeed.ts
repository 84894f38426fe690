import { feeding, type Feed, type FeedingInput, type FeedingResult } from '@bent-pail/core';
import type { NewPlannedJob } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { workedAfter } from '../../shared/workHours';
import { typedNumber } from '../../shared/pot/standStore';
import type { Place } from './workTimes';

/** A feeding plan as it is typed. */
export interface FeedPlan {
  readonly kind: Feed['kind'];
  /** mg/L of the solution, or percent of the product. */
  readonly strength: string;
  /** mL or g to one pot. */
  readonly amount: string;
  /** Days between, or days that it lasts. */
  readonly days: string;
  readonly first: string;
  readonly drained: string;
}

/** What a plant takes of one pot, and how long what is there lasts. */
export interface Need {
  readonly daily_mg: number;
  readonly lasts_d: number;
}

/** Two figures are as many as a scoop or a can can tell. */
const whole = (value: number): string => String(Math.max(1, Number(value.toPrecision(2))));

/** A plan to begin with: as much as the plant takes, before what is there has run out. */
export function firstPlan(kind: Feed['kind'], { daily_mg, lasts_d }: Need): FeedPlan {
  const first = String(Math.max(0, Math.floor(lasts_d) - 1));
  switch (kind) {
    case 'liquid':
      return { kind, strength: '200', amount: whole((1000 * 7 * daily_mg) / 200), days: '7', first, drained: '0' };
    case 'coated':
      return { kind, strength: '15', amount: whole((150 * daily_mg) / 150), days: '150', first: '0', drained: '0' };
    case 'top-dress':
      return { kind, strength: '7', amount: whole((90 * daily_mg) / 70), days: '90', first, drained: '0' };
  }
}

/** Days that a plan looks ahead. */
export const HORIZON_D = 180;
/** Feeds that are put into Today at once. */
const PLANNED = 8;
const DAY_MS = 86400000;

/** The typed plan as a feed; undefined while a field is empty or makes no sense. */
export function feedOf({ kind, strength, amount, days, first }: Omit<FeedPlan, 'drained'>): Feed | undefined {
  const [a, b, d] = [strength, amount, days].map(typedNumber);
  const first_d = typedNumber(first) ?? 0;
  if (a === undefined || b === undefined || d === undefined) return undefined;
  if (kind === 'liquid') {
    const every_d = Math.round(d);
    return every_d < 1 ? undefined : { kind, n_mgL: a, volume_mL: b, every_d, first_d };
  }
  return a > 100 ? undefined : { kind, g: b, n_percent: a, lasts_d: d, first_d };
}

export interface FedAndUnfed {
  /** The question behind `fed`. */
  readonly input: FeedingInput;
  readonly fed: FeedingResult;
  readonly unfed: FeedingResult;
}

/** The pot with its plan, and without any for comparison. */
export function fedAndUnfed(pot: Omit<FeedingInput, 'feeds' | 'days'>, feed: Feed): FedAndUnfed {
  const ahead = { ...pot, days: HORIZON_D };
  const input = { ...ahead, feeds: [feed] };
  return { input, fed: feeding(input), unfed: feeding({ ...ahead, feeds: [] }) };
}

/** The next feeds as work with a date. */
export function feedJobs(
  feed: Feed,
  fed: FeedingResult,
  blend: string,
  now: number,
  { hours, zone }: Place,
): NewPlannedJob[] {
  const dose =
    feed.kind === 'liquid'
      ? `Feed ${String(feed.volume_mL)} mL a pot at ${String(feed.n_mgL)} mg/L N`
      : `Give ${String(feed.g)} g a pot of ${String(feed.n_percent)} % N, ${feed.kind === 'coated' ? 'mixed in' : 'on top'}`;
  return (fed.doses[0]?.due_d ?? []).slice(0, PLANNED).map((day) => ({
    id: uuidv7(),
    at: new Date(workedAfter(now + day * DAY_MS, hours, zone)).toISOString(),
    what: dose,
    where: blend,
  }));
}
