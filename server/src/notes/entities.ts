import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('run_notes')
export class NoteEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('text')
  text!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('run_photos')
export class PhotoEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('text')
  caption!: string;
  @Column('integer')
  width!: number;
  @Column('integer')
  height!: number;
  /** Read only where the picture itself is asked for. */
  @Column('bytea', { select: false })
  jpeg!: Buffer;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
