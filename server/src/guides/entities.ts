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
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}
