import type { GrowthTag, Rubric } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

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
  /** Null for what ships. */
  @Column('uuid', { name: 'by_user', nullable: true })
  byUser!: string | null;
  @Column('timestamptz', { name: 'kept_at', nullable: true })
  keptAt!: Date | null;
}

@Entity('scorecards')
export class ScorecardEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'sitting_id' })
  sittingId!: string;
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
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}

@Entity('scorecard_raters')
export class RaterEntity {
  @PrimaryColumn('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @PrimaryColumn('uuid', { name: 'user_id' })
  userId!: string;
  /** Which of the sitting's samples this is for the rater, from 1. */
  @Column('integer')
  place!: number;
  @Column('timestamptz', { name: 'handed_in_at', nullable: true })
  handedInAt!: Date | null;
  @Column('timestamptz', { name: 'excused_at', nullable: true })
  excusedAt!: Date | null;
  @Column('uuid', { name: 'excused_by', nullable: true })
  excusedBy!: string | null;
  @Column('text', { name: 'excused_because', nullable: true })
  excusedBecause!: string | null;
  /** How the rater came to know what is behind the code. */
  @Column('text', { nullable: true })
  knows!: string | null;
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
  @Column('text')
  words!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A value that a panel agreed on. Only ever added. */
@Entity('agreed_marks')
export class AgreedMarkEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @Column('text')
  criterion!: string;
  @Column('double precision')
  value!: number;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** That a must holds or does not. Only ever added. */
@Entity('musts_said')
export class MustEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @Column('text')
  criterion!: string;
  @Column('boolean')
  holds!: boolean;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A score given instead of the one worked out; null takes it back. Only ever added. */
@Entity('score_overrides')
export class OverrideEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  /** Null for the overall. */
  @Column('text', { nullable: true })
  criterion!: string | null;
  @Column('double precision', { nullable: true })
  value!: number | null;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** What one rater saw of one species at one age. */
@Entity('growth_marks')
export class GrowthMarkEntity {
  @PrimaryColumn('uuid', { name: 'scorecard_id' })
  scorecardId!: string;
  @PrimaryColumn('uuid', { name: 'user_id' })
  userId!: string;
  @PrimaryColumn('text')
  species!: string;
  @PrimaryColumn('integer')
  week!: number;
  @Column('double precision')
  value!: number;
  @Column('text', { array: true })
  tags!: GrowthTag[];
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
