/**
 * A run as it goes: what comes next and when, what is due, what a reading may not be, its results as they stand.
 * Readings are only added; corrections and exclusions stay in sight with their reasons.
 * A result is computed from the readings each time and carries the working of every number.
 */
export { reduceRun } from './reduceRun';
export { parseNumber, type TypedNumber } from './parseNumber';
export { dueJobs, type DueJob } from './dueJobs';
export { runProgress, type Hold, type NextStep, type RunProgress } from './progress';
export { readingRefusal } from './readingRefusal';
export { defaultSettings } from './runDefaults';
export { runWaits, type RunWaits, type WaitingHold } from './runWaits';
export { drained_min } from './waited';
export { contradicts } from './contradicts';
