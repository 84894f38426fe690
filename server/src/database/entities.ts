import type { BlendInput, BlendResult, Protocol, Rubric } from '@bent-pail/core';
import type { MaterialKind, Recipe, Role, VesselKind } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** PostgreSQL gives numeric as text so that nothing is lost; money here fits a double. */
const money = {
  to: (value: number | null) => value,
  from: (value: string | null) => (value === null ? null : Number(value)),
};

@Entity('notebook')
export class NotebookRow {
  @PrimaryColumn('smallint')
  id!: number;
  @Column('text')
  place!: string;
  @Column('text')
  currency!: string;
  @Column('text')
  zone!: string;
  @Column('boolean')
  demo!: boolean;
  /** The demo notebook is whole; a load that was cut off is begun again. */
  @Column('boolean', { name: 'demo_loaded' })
  demoLoaded!: boolean;
  @Column('text', { name: 'session_secret' })
  sessionSecret!: string;
}

@Entity('users')
export class UserEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  role!: Role;
  @Column('text', { name: 'password_hash' })
  passwordHash!: string;
  @Column('boolean', { name: 'single_keys' })
  singleKeys!: boolean;
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}

@Entity('materials')
export class MaterialEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: MaterialKind;
  @Column('text', { name: 'class_id', nullable: true })
  classId!: string | null;
  @Column('text', { array: true })
  aliases!: string[];
  @Column('integer')
  version!: number;
}

@Entity('lots')
export class LotEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'material_id' })
  materialId!: string;
  @Column('text')
  code!: string;
  @Column('text', { nullable: true })
  source!: string | null;
  @Column('text', { nullable: true })
  grade!: string | null;
  @Column('date', { name: 'bought_on', nullable: true })
  boughtOn!: string | null;
  @Column('numeric', { nullable: true, transformer: money })
  price!: number | null;
  @Column('double precision', { name: 'pack_volume_l', nullable: true })
  packVolume_L!: number | null;
  @Column('text', { nullable: true })
  state!: string | null;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
  @Column('integer')
  version!: number;
}

@Entity('vessels')
export class VesselEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: VesselKind;
  @Column('double precision', { name: 'height_cm', nullable: true })
  height_cm!: number | null;
  @Column('double precision', { name: 'top_diameter_cm', nullable: true })
  topDiameter_cm!: number | null;
  @Column('double precision', { name: 'base_diameter_cm', nullable: true })
  baseDiameter_cm!: number | null;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
}

@Entity('vessel_fillings')
export class FillingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'vessel_id' })
  vesselId!: string;
  @Column('double precision')
  empty_g!: number;
  @Column('double precision')
  full_g!: number;
  @Column('double precision', { name: 'water_temp_c' })
  waterTemp_C!: number;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('protocols')
export class ProtocolEntity {
  @PrimaryColumn('text')
  key!: string;
  @PrimaryColumn('integer')
  version!: number;
  @Column('text')
  hash!: string;
  @Column('jsonb')
  body!: Protocol;
}

@Entity('runs')
export class RunEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column({ type: 'integer', insert: false, update: false })
  number!: number;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('text', { name: 'protocol_key' })
  protocolKey!: string;
  @Column('integer', { name: 'protocol_version' })
  protocolVersion!: number;
  @Column('smallint', { name: 'replicate_count' })
  replicateCount!: number;
  @Column('uuid', { name: 'vessel_ids', array: true })
  vesselIds!: string[];
  @Column('text', { name: 'packing_habit' })
  packingHabit!: 'loose' | 'tapped' | 'firmed';
  @Column('double precision', { name: 'soak_min' })
  soak_min!: number;
  @Column('double precision', { name: 'drain_min' })
  drain_min!: number;
  @Column('double precision', { name: 'oven_temp_c' })
  ovenTemp_C!: number;
  @Column('uuid', { name: 'student_id', nullable: true })
  studentId!: string | null;
  @Column('uuid', { name: 'started_by' })
  startedBy!: string;
  @Column('timestamptz', { name: 'started_at' })
  startedAt!: Date;
  @Column('timestamptz', { name: 'finished_at', nullable: true })
  finishedAt!: Date | null;
  @Column('integer', { name: 'reading_seq' })
  readingSeq!: number;
  @Column('integer')
  version!: number;
}

@Entity('readings')
export class ReadingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('integer')
  seq!: number;
  @Column('smallint')
  replicate!: number;
  @Column('text')
  step!: string;
  @Column('double precision')
  value!: number;
  @Column('text')
  unit!: string;
  @Column('timestamptz', { name: 'taken_at' })
  takenAt!: Date;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('uuid', { nullable: true })
  corrects!: string | null;
  @Column('text', { nullable: true })
  reason!: string | null;
}

@Entity('exclusions')
export class ExclusionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('smallint')
  replicate!: number;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('blends')
export class BlendEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
}

@Entity('blend_versions')
export class BlendVersionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'blend_id' })
  blendId!: string;
  @Column('integer')
  n!: number;
  @Column('jsonb')
  recipe!: Recipe;
  @Column('jsonb')
  input!: BlendInput;
  @Column('jsonb')
  result!: BlendResult;
  @Column('text', { name: 'method' })
  method!: string;
  @Column('text', { nullable: true })
  reason!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('rubrics')
export class RubricEntity {
  @PrimaryColumn('text')
  key!: string;
  @PrimaryColumn('integer')
  version!: number;
  @Column('text')
  hash!: string;
  @Column('jsonb')
  body!: Rubric;
}

@Entity('scorecards')
export class ScorecardEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('text', { name: 'rubric_key' })
  rubricKey!: string;
  @Column('integer', { name: 'rubric_version' })
  rubricVersion!: number;
  @Column('text', { name: 'sample_code' })
  sampleCode!: string;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
}

@Entity('scorecard_raters')
export class RaterEntity {
  @PrimaryColumn('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @PrimaryColumn('uuid', { name: 'user_id' })
  userId!: string;
  @Column('timestamptz', { name: 'handed_in_at', nullable: true })
  handedInAt!: Date | null;
}

@Entity('ratings')
export class RatingEntity {
  @PrimaryColumn('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @PrimaryColumn('uuid', { name: 'user_id' })
  userId!: string;
  @PrimaryColumn('text')
  criterion!: string;
  @Column('double precision')
  value!: number;
  @Column('text', { array: true })
  tags!: string[];
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

export const ENTITIES = [
  NotebookRow,
  UserEntity,
  MaterialEntity,
  LotEntity,
  VesselEntity,
  FillingEntity,
  ProtocolEntity,
  RunEntity,
  ReadingEntity,
  ExclusionEntity,
  BlendEntity,
  BlendVersionEntity,
  RubricEntity,
  ScorecardEntity,
  RaterEntity,
  RatingEntity,
];
