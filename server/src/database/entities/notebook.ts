import type { Measures, Role } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** There is one notebook. */
export const NOTEBOOK_ID = 1;

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
  /** The bench's own measures, L, as far as they were taken. */
  @Column('jsonb')
  measures!: Partial<Measures>;
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
  /** Sessions that began before are over. */
  @Column('timestamptz', { name: 'sessions_from', nullable: true })
  sessionsFrom!: Date | null;
}
