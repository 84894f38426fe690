import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('closed_years')
export class ClosedYearEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  label!: string;
  @Column('timestamptz', { name: 'closed_at' })
  closedAt!: Date;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('text')
  backup!: string;
  @Column('timestamptz', { name: 'opened_at', nullable: true })
  openedAt!: Date | null;
  @Column('uuid', { name: 'opened_by', nullable: true })
  openedBy!: string | null;
  @Column('text', { name: 'opened_because', nullable: true })
  openedBecause!: string | null;
}
