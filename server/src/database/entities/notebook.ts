import type { Role } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('notebook')
export class NotebookRow {
  @PrimaryColumn('smallint')
  id!: number;
  @Column('text')
  place!: string;
  @Column('text')
  currency!: string;
  @Column('text')
  zone!: string;
  @Column('boolean')
  demo!: boolean;
  /** The demo notebook is whole; a load that was cut off is begun again. */
  @Column('boolean', { name: 'demo_loaded' })
  demoLoaded!: boolean;
  @Column('text', { name: 'session_secret' })
  sessionSecret!: string;
}

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
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}
