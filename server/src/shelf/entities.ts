import type { MaterialKind, PreparationRecord } from '@bent-pail/contract';
import type { Foreseen } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';
import { exact } from '../database/exact';

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
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
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
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
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
  @Column('double precision', { name: 'pack_weight_kg', nullable: true })
  packWeight_kg!: number | null;
  @Column('double precision', { name: 'opens_to', nullable: true })
  opensTo!: number | null;
  @Column('text', { name: 'opens_to_by', nullable: true })
  opensToBy!: string | null;
  @Column('text', { nullable: true })
  state!: string | null;
  @Column('text', { name: 'label_ingredients', nullable: true })
  labelIngredients!: string | null;
  @Column('text', { name: 'label_analysis', nullable: true })
  labelAnalysis!: string | null;
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
  /** Whether it is of a class of its own, or of its material's. */
  @Column('boolean', { name: 'own_class' })
  ownClass!: boolean;
  @Column('text', { name: 'class_id', nullable: true })
  classId!: string | null;
  /** What a preparation took out: never what its material is known for. */
  @Column('boolean', { name: 'parted_off' })
  partedOff!: boolean;
  @Column('uuid', { name: 'blend_version_id', nullable: true })
  blendVersionId!: string | null;
  /** Of a batch: what was known of it when it was mixed. */
  @Column('jsonb', { nullable: true })
  foreseen!: Foreseen | null;
}
