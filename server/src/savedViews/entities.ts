import type { SavedPage } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('saved_views')
export class SavedViewEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  page!: SavedPage;
  @Column('text')
  name!: string;
  @Column('text')
  query!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
