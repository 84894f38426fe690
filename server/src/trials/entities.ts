import type { TrialEventKind } from '@bent-pail/contract';
import type { Circumstance, SettledHow, TraitKey, TrialPlan, TrialSign } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('trials')
export class TrialEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('jsonb')
  plan!: TrialPlan;
  /** The trial whose pots it is sown in again. */
  @Column('uuid', { name: 'second_of', nullable: true })
  secondOf!: string | null;
  /** What its layout was drawn with. */
  @Column('integer', { nullable: true })
  seed!: number | null;
  @Column('timestamptz', { name: 'laid_out_at', nullable: true })
  laidOutAt!: Date | null;
  @Column('timestamptz', { name: 'finished_at', nullable: true })
  finishedAt!: Date | null;
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('trial_plots')
export class TrialPlotEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'trial_id' })
  trialId!: string;
  @Column('smallint')
  number!: number;
  @Column('text')
  arm!: string;
  @Column('text')
  species!: string;
  @Column('smallint')
  block!: number;
  @Column('smallint')
  place!: number;
}

/** What was read of a plot, or of one of its plants, on a day. Only ever added: the last of a day stands. */
@Entity('trial_readings')
export class TrialReadingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column({ type: 'integer', insert: false, update: false })
  seq!: number;
  @Column('uuid', { name: 'trial_id' })
  trialId!: string;
  @Column('uuid', { name: 'plot_id' })
  plotId!: string;
  @Column('smallint')
  plant!: number;
  @Column('text')
  trait!: TraitKey | 'signs';
  @Column('date', { name: 'read_on' })
  readOn!: string;
  @Column('double precision', { nullable: true })
  value!: number | null;
  @Column('text', { nullable: true })
  state!: 'dead' | 'missing' | null;
  @Column('text', { array: true, nullable: true })
  signs!: TrialSign[] | null;
  @Column('timestamptz', { name: 'taken_at' })
  takenAt!: Date;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** Whatever is said of a trial: by whom and when. */
abstract class Said {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'trial_id' })
  trialId!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('trial_events')
export class TrialEventEntity extends Said {
  @Column('date', { name: 'happened_on' })
  happenedOn!: string;
  @Column('text')
  kind!: TrialEventKind;
  @Column('text', { nullable: true })
  words!: string | null;
  @Column('text', { nullable: true })
  arm!: string | null;
  @Column('double precision', { name: 'water_ml', nullable: true })
  water_mL!: number | null;
  @Column('boolean', { name: 'kept_up', nullable: true })
  keptUp!: boolean | null;
}

@Entity('trial_exclusions')
export class TrialExclusionEntity extends Said {
  @Column('uuid', { name: 'plot_id' })
  plotId!: string;
  @Column('boolean', { name: 'is_out' })
  isOut!: boolean;
  @Column('text')
  reason!: string;
}

@Entity('trial_moves')
export class TrialMoveEntity extends Said {
  @Column('uuid', { name: 'plot_id' })
  plotId!: string;
  @Column('uuid', { name: 'with_id' })
  withId!: string;
  @Column('date', { name: 'moved_on' })
  movedOn!: string;
  @Column('text')
  reason!: string;
}

@Entity('trial_settled')
export class TrialSettledEntity extends Said {
  @Column('text')
  circumstance!: Circumstance;
  @Column('text')
  how!: SettledHow;
  @Column('text')
  words!: string;
}

@Entity('trial_reopenings')
export class TrialReopeningEntity extends Said {
  @Column('text')
  reason!: string;
}
