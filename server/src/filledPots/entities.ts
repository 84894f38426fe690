import type { PotEntryKind, PotFeed, PotMediumKind, PotShape, PourSeen } from '@bent-pail/contract';
import type { Feeder, PotSign, StandKey } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('filled_pots')
export class FilledPotEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('int')
  count!: number;
  @Column('text', { name: 'medium_kind' })
  mediumKind!: PotMediumKind;
  @Column('uuid', { name: 'blend_id', nullable: true })
  blendId!: string | null;
  /** The version of that blend. */
  @Column('int', { name: 'blend_n', nullable: true })
  blendN!: number | null;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('jsonb')
  shape!: PotShape;
  @Column('text', { nullable: true })
  plant!: string | null;
  @Column('date', { name: 'filled_on' })
  filledOn!: string;
  @Column('double precision', { name: 'fill_cm', nullable: true })
  fill_cm!: number | null;
  @Column('text')
  stand!: StandKey;
  @Column('text', { nullable: true })
  place!: string | null;
  @Column('uuid', { name: 'place_id', nullable: true })
  placeId!: string | null;
  @Column('text', { nullable: true })
  feeder!: Feeder | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A line of a pot's diary. Only ever added. */
@Entity('pot_entries')
export class PotEntryEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'pot_id' })
  potId!: string;
  @Column('timestamptz')
  at!: Date;
  @Column('text')
  kind!: PotEntryKind;
  @Column('double precision', { name: 'volume_ml', nullable: true })
  volume_mL!: number | null;
  @Column('double precision', { name: 'mass_g', nullable: true })
  mass_g!: number | null;
  @Column('double precision', { name: 'depth_cm', nullable: true })
  depth_cm!: number | null;
  @Column('jsonb', { nullable: true })
  feed!: PotFeed | null;
  @Column('jsonb', { nullable: true })
  pour!: PourSeen | null;
  @Column('text', { array: true, nullable: true })
  signs!: PotSign[] | null;
  @Column('text', { nullable: true })
  stand!: StandKey | null;
  /** What it was repotted into: a blend in a version of it, or a lot; and the pot, where that is another. */
  @Column('uuid', { name: 'blend_id', nullable: true })
  blendId!: string | null;
  @Column('int', { name: 'blend_n', nullable: true })
  blendN!: number | null;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('jsonb', { nullable: true })
  shape!: PotShape | null;
  @Column('text', { nullable: true })
  words!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
