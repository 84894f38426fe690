/**
 * Lessons for a class without an oven: what a group does step by step, what its readings give, how the class's values lie
 * beside one another and beside the bench's, and what to ask a group first whose value lies apart.
 * A lesson's sheet is data; nothing here knows of phones, pupils or codes.
 */
export { benchSays, type BenchValue, type PotOfClass } from './benchSays';
export { classResult, STANDS_APART, type ClassResult, type GroupInClass, type GroupValues } from './classResult';
export { groupSheetOf, stepsFor, timesOf, valuesByTime, valuesOf, type SheetReading } from './groupSheet';
export {
  HAND_KIND_FACES,
  handKindFace,
  handRecord,
  measuredForHand,
  type HandKindFace,
  type HandRecord,
  type TrainedKind,
} from './handKinds';
export {
  type BenchSheet,
  type Handling,
  type Lesson,
  type PupilFigure,
  type PupilSheet,
  type Question,
  type Readings,
} from './lesson';
export { lessonCalled, LESSONS } from './lessons';
export { PUPIL_SHEETS, pupilSheetCalled } from './pupilSheets';
export { figureOf, sheetResult, stepsOf, type FoundFigure } from './sheetResult';
export { whyDiffers, type GroupSheet, type HandlingAsked } from './whyDiffers';
