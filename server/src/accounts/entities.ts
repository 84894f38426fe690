import type { Role } from '@bent-pail/contract';
import type { UnitChoice } from '@bent-pail/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('users')
export class UserEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  role!: Role;
  @Column('text', { name: 'password_hash' })
  passwordHash!: string;
  @Column('boolean', { name: 'single_keys' })
  singleKeys!: boolean;
  /** Null is metric. */
  @Column('jsonb', { nullable: true })
  units!: UnitChoice | null;
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
  /** Sessions that began before are over. */
  @Column('timestamptz', { name: 'sessions_from', nullable: true })
  sessionsFrom!: Date | null;
}
