import type { LessonPlan } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A lesson of somebody's own. */
@Entity('lessons')
export class LessonEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('jsonb')
  plan!: LessonPlan;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('classes')
export class ClassEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  /** Its lesson as it was when the class began. */
  @Column('jsonb')
  plan!: LessonPlan;
  /** What stands on the wall; none once it is over. */
  @Column('text', { nullable: true })
  code!: string | null;
  @Column('uuid', { name: 'vessel_id', nullable: true })
  vesselId!: string | null;
  @Column('timestamptz', { name: 'began_at' })
  beganAt!: Date;
  @Column('timestamptz', { name: 'ends_at' })
  endsAt!: Date;
  @Column('timestamptz', { name: 'revealed_at', nullable: true })
  revealedAt!: Date | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
}

@Entity('class_groups')
export class ClassGroupEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'class_id' })
  classId!: string;
  @Column('smallint')
  number!: number;
}

@Entity('class_samples')
export class ClassSampleEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'class_id' })
  classId!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('smallint')
  place!: number;
  @Column('text')
  code!: string;
}

/** A phone that joined: nothing is known of it but its group. */
@Entity('class_phones')
export class ClassPhoneEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'group_id' })
  groupId!: string;
  @Column('timestamptz', { name: 'joined_at' })
  joinedAt!: Date;
  @Column('timestamptz', { name: 'ended_at', nullable: true })
  endedAt!: Date | null;
}

@Entity('class_guesses')
export class ClassGuessEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'group_id' })
  groupId!: string;
  @Column('uuid', { name: 'sample_id' })
  sampleId!: string;
  @Column('text')
  figure!: string;
  @Column('double precision')
  value!: number;
  @Column('double precision')
  margin!: number;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('class_readings')
export class ClassReadingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column({ type: 'integer', insert: false, update: false })
  seq!: number;
  @Column('uuid', { name: 'group_id' })
  groupId!: string;
  @Column('uuid', { name: 'sample_id' })
  sampleId!: string;
  @Column('smallint')
  repeat!: number;
  @Column('text')
  step!: string;
  @Column('double precision')
  value!: number;
  @Column('timestamptz', { name: 'taken_at' })
  takenAt!: Date;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A group's results on a sample left out of the class's figures, or taken in again. */
@Entity('class_exclusions')
export class ClassExclusionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'group_id' })
  groupId!: string;
  @Column('uuid', { name: 'sample_id' })
  sampleId!: string;
  @Column('boolean', { name: 'is_out' })
  isOut!: boolean;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A group's results that count in predictions, as a run of their lot. */
@Entity('class_runs')
export class ClassRunEntity {
  @PrimaryColumn('uuid', { name: 'run_id' })
  runId!: string;
  @Column('uuid', { name: 'group_id' })
  groupId!: string;
  @Column('uuid', { name: 'sample_id' })
  sampleId!: string;
}

/** That there was a class, and how much of it; nothing that it found. */
@Entity('class_wipes')
export class ClassWipeEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('smallint')
  groups!: number;
  @Column('integer')
  guesses!: number;
  @Column('integer')
  readings!: number;
  @Column('integer', { name: 'runs_kept' })
  runsKept!: number;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'wiped_at' })
  wipedAt!: Date;
}
