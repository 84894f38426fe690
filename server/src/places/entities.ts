import type { PlaceMonthSaid } from '@bent-pail/contract';
import type { PlaceKind, SoilKey } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('places')
export class PlaceEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('jsonb')
  months!: PlaceMonthSaid[];
  @Column('boolean')
  windy!: boolean;
  @Column('text', { name: 'stands_on' })
  on!: PlaceKind;
  @Column('text', { nullable: true })
  soil!: SoilKey | null;
  @Column('double precision', { name: 'hardness', nullable: true })
  hardness_mgL!: number | null;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
