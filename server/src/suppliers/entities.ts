import type { GateBody, SupplierKind } from '@bent-pail/contract';
import type { GateDecision } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('suppliers')
export class SupplierEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: SupplierKind;
  @Column('text', { nullable: true })
  permission!: string | null;
  @Column('date', { name: 'permission_until', nullable: true })
  permissionUntil!: string | null;
  @Column('text', { nullable: true })
  note!: string | null;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** Something that came or did not. Only ever added. */
@Entity('deliveries')
export class DeliveryEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'supplier_id' })
  supplierId!: string;
  @Column('date', { name: 'came_on' })
  on!: string;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('text', { name: 'out_of_stock', nullable: true })
  outOfStock!: string | null;
  @Column('jsonb', { nullable: true })
  gate!: GateBody | null;
  @Column('text', { nullable: true })
  decision!: GateDecision | null;
  @Column('text', { nullable: true })
  words!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
