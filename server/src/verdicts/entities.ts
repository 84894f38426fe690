import type { Grade } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A change of a line of the table of verdicts; the newest of a line counts. Only ever added. */
@Entity('verdict_changes')
export class VerdictChangeEntity {
  @PrimaryColumn('text', { name: 'line_id' })
  lineId!: string;
  @PrimaryColumn('integer')
  version!: number;
  /** Null where the line goes back to what ships. */
  @Column('text', { nullable: true })
  says!: Grade | null;
  @Column('text', { nullable: true })
  because!: string | null;
  @Column('double precision', { name: 'begins_at', nullable: true })
  beginsAt!: number | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
