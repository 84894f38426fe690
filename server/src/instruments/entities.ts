import type { CalibrationPoint, InstrumentKind } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('instruments')
export class InstrumentEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: InstrumentKind;
  @Column('boolean', { name: 'shows_mv' })
  showsMv!: boolean;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
}

@Entity('calibrations')
export class CalibrationEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'instrument_id' })
  instrumentId!: string;
  @Column('timestamptz')
  at!: Date;
  @Column('double precision', { name: 'temp_c' })
  temp_C!: number;
  @Column('jsonb')
  points!: CalibrationPoint[];
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
