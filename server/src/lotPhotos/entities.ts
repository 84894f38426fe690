import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A photo of a lot. */
@Entity('lot_photos')
export class LotPhotoEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
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
