import type { MaterialKind, PreparationRecord, VesselKind } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** PostgreSQL gives numeric as text so that nothing is lost; money and litres here fit a double. */
const exact = {
  to: (value: number | null) => value,
  from: (value: string | null) => (value === null ? null : Number(value)),
};

@Entity('materials')
export class MaterialEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: MaterialKind;
  @Column('text', { name: 'class_id', nullable: true })
  classId!: string | null;
  @Column('text', { array: true })
  aliases!: string[];
  @Column('integer')
  version!: number;
}

@Entity('lots')
export class LotEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'material_id' })
  materialId!: string;
  @Column('text')
  code!: string;
  @Column('text', { nullable: true })
  source!: string | null;
  @Column('text', { nullable: true })
  grade!: string | null;
  @Column('date', { name: 'bought_on', nullable: true })
  boughtOn!: string | null;
  @Column('numeric', { nullable: true, transformer: exact })
  price!: number | null;
  @Column('double precision', { name: 'pack_volume_l', nullable: true })
  packVolume_L!: number | null;
  @Column('text', { nullable: true })
  state!: string | null;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
  @Column('integer')
  version!: number;
  @Column('uuid', { name: 'prepared_from', nullable: true })
  preparedFrom!: string | null;
  @Column('text', { name: 'prepared_how', nullable: true })
  preparedHow!: string | null;
  @Column('jsonb', { name: 'preparation', nullable: true })
  preparation!: PreparationRecord | null;
  @Column('uuid', { name: 'blend_version_id', nullable: true })
  blendVersionId!: string | null;
}

/** Where a lot comes from that was bought or simply is there. */
export const BOUGHT = Object.freeze({ preparedFrom: null, preparedHow: null, preparation: null, blendVersionId: null });

export type MovementReason = 'came' | 'counted' | 'used' | 'prepared' | 'batch';

@Entity('stock_movements')
export class MovementEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('numeric', { name: 'change_l', transformer: exact })
  change_L!: number;
  @Column('text')
  reason!: MovementReason;
  /** The lot that it was taken for. */
  @Column('uuid', { name: 'for_lot', nullable: true })
  forLot!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('vessels')
export class VesselEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: VesselKind;
  @Column('double precision', { name: 'height_cm', nullable: true })
  height_cm!: number | null;
  @Column('double precision', { name: 'top_diameter_cm', nullable: true })
  topDiameter_cm!: number | null;
  @Column('double precision', { name: 'base_diameter_cm', nullable: true })
  baseDiameter_cm!: number | null;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
}

@Entity('vessel_fillings')
export class FillingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'vessel_id' })
  vesselId!: string;
  @Column('double precision')
  empty_g!: number;
  @Column('double precision')
  full_g!: number;
  @Column('double precision', { name: 'water_temp_c' })
  waterTemp_C!: number;
  /** Nobody knows for fillings of before authors were kept. */
  @Column('uuid', { name: 'by_user', nullable: true })
  byUser!: string | null;
  @Column('uuid', { nullable: true })
  corrects!: string | null;
  @Column('text', { nullable: true })
  reason!: string | null;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A filling that counts no more, with the reason. */
@Entity('filling_exclusions')
export class FillingExclusionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'filling_id' })
  fillingId!: string;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
