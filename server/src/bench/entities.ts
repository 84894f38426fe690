import type { PackingHabit, SamplePlan } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

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
  packingHabit!: PackingHabit;
  @Column('double precision', { name: 'press_gcm2', nullable: true })
  press_gcm2!: number | null;
  @Column('double precision', { name: 'soak_min' })
  soak_min!: number;
  @Column('double precision', { name: 'drain_min' })
  drain_min!: number;
  @Column('double precision', { name: 'oven_temp_c' })
  ovenTemp_C!: number;
  @Column('jsonb', { nullable: true })
  sample!: SamplePlan | null;
  /** For whom it is, where several measure the same. */
  @Column('text', { name: 'group_name', nullable: true })
  groupName!: string | null;
  @Column('uuid', { name: 'started_by' })
  startedBy!: string;
  @Column('timestamptz', { name: 'started_at' })
  startedAt!: Date;
  @Column('timestamptz', { name: 'finished_at', nullable: true })
  finishedAt!: Date | null;
  /** Put away as a mistake: it counts nowhere, and is not finished. */
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
  /** One instrument of a kind at most. */
  @Column('uuid', { name: 'instrument_ids', array: true })
  instrumentIds!: string[];
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
  /** Where the value is in mV: the temperature of what was read. */
  @Column('double precision', { name: 'mv_temp_c', nullable: true })
  mVTemp_C!: number | null;
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
  /** What it was read with, the calibration in force then, and how many readings that had served. */
  @Column('uuid', { name: 'instrument_id', nullable: true })
  instrumentId!: string | null;
  @Column('uuid', { name: 'calibration_id', nullable: true })
  calibrationId!: string | null;
  @Column('integer', { name: 'calibration_readings', nullable: true })
  calibrationReadings!: number | null;
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

/** A run that was finished and is open again: why. */
@Entity('run_reopenings')
export class ReopeningEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A run that was put away as a mistake, or came back. */
@Entity('run_archivings')
export class ArchivingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('boolean')
  archived!: boolean;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A reading or an exclusion that is as if it had not been. */
@Entity('taken_back')
export class TakenBackEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('uuid', { name: 'reading_id', nullable: true })
  readingId!: string | null;
  @Column('uuid', { name: 'exclusion_id', nullable: true })
  exclusionId!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
