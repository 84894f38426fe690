import { NotebookRow, UserEntity } from './notebook';
import {
  MaterialEntity,
  LotEntity,
  MovementEntity,
  VesselEntity,
  FillingEntity,
  FillingExclusionEntity,
} from './shelf';
import { ProtocolEntity, RunEntity, ReadingEntity, ExclusionEntity, ReopeningEntity, RunStampEntity } from './bench';
import { InstrumentEntity, CalibrationEntity } from './instruments';
import { GuideEntity, PlannedJobEntity } from './guides';
import { LabRequestEntity } from './laboratory';
import { NoteEntity, PhotoEntity } from './notes';
import { BlendEntity, BlendVersionEntity } from './blends';
import { RubricEntity, ScorecardEntity, RaterEntity, RatingEntity } from './scores';

/** Every table, for the data source. */
export const ENTITIES = [
  NotebookRow,
  UserEntity,
  MaterialEntity,
  LotEntity,
  MovementEntity,
  VesselEntity,
  FillingEntity,
  FillingExclusionEntity,
  ProtocolEntity,
  RunEntity,
  ReadingEntity,
  ExclusionEntity,
  RunStampEntity,
  ReopeningEntity,
  InstrumentEntity,
  CalibrationEntity,
  GuideEntity,
  PlannedJobEntity,
  LabRequestEntity,
  NoteEntity,
  PhotoEntity,
  BlendEntity,
  BlendVersionEntity,
  RubricEntity,
  ScorecardEntity,
  RaterEntity,
  RatingEntity,
];

export {
  NotebookRow,
  UserEntity,
  MaterialEntity,
  LotEntity,
  MovementEntity,
  VesselEntity,
  FillingEntity,
  FillingExclusionEntity,
  ProtocolEntity,
  RunEntity,
  ReadingEntity,
  ExclusionEntity,
  RunStampEntity,
  ReopeningEntity,
  InstrumentEntity,
  CalibrationEntity,
  GuideEntity,
  PlannedJobEntity,
  LabRequestEntity,
  NoteEntity,
  PhotoEntity,
  BlendEntity,
  BlendVersionEntity,
  RubricEntity,
  ScorecardEntity,
  RaterEntity,
  RatingEntity,
};

export { BOUGHT, type MovementReason } from './shelf';
export { NOTEBOOK_ID } from './notebook';
export { type GuideContent, type GuideKind } from './guides';
