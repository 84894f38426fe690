import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('pot_results')
export class PotResultEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  address!: string;
  @Column('jsonb')
  media!: string[];
  @Column('jsonb')
  said!: string[];
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}
