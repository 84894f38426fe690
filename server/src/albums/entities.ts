import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A photo of a lot, of a filled pot or of a trial: of one of them. */
@Entity('album_photos')
export class AlbumPhotoEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('uuid', { name: 'pot_id', nullable: true })
  potId!: string | null;
  @Column('uuid', { name: 'trial_id', nullable: true })
  trialId!: string | null;
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
