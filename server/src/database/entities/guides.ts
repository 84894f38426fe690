import type { OwnPlant, OwnProfile } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a guide says, without its id and version, which stand in columns. */
export type GuideContent = Omit<OwnProfile, 'id' | 'version'> | Omit<OwnPlant, 'id' | 'version'>;
export type GuideKind = 'profile' | 'plant';

/** A use or a plant of the notebook's own. */
@Entity('guides')
export class GuideEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  kind!: GuideKind;
  @Column('jsonb')
  content!: GuideContent;
  @Column('integer')
  version!: number;
  /** Nobody for what the notebook began with. */
  @Column('uuid', { name: 'by_user', nullable: true })
  byUser!: string | null;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** Work with a date that is on no run sheet. */
@Entity('planned_jobs')
export class PlannedJobEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('timestamptz')
  at!: Date;
  @Column('text')
  what!: string;
  @Column('text', { name: 'place' })
  where!: string;
  @Column('text', { name: 'page', nullable: true })
  to!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'planned_at' })
  plannedAt!: Date;
  @Column('uuid', { name: 'done_by', nullable: true })
  doneBy!: string | null;
  @Column('timestamptz', { name: 'done_at', nullable: true })
  doneAt!: Date | null;
}
