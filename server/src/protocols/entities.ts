import type { Protocol } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('protocols')
export class ProtocolEntity {
  @PrimaryColumn('text')
  key!: string;
  @PrimaryColumn('integer')
  version!: number;
  @Column('text')
  hash!: string;
  @Column('jsonb')
  body!: Protocol;
  /** Who made it; nobody for a shipped one. */
  @Column('uuid', { name: 'by_user', nullable: true })
  byUser!: string | null;
  @Column('timestamptz', { name: 'kept_at', nullable: true })
  keptAt!: Date | null;
}
