import type { Measures, WorkHours } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** There is one notebook. */
export const NOTEBOOK_ID = 1;

@Entity('notebook')
export class NotebookRow {
  @PrimaryColumn('smallint')
  id!: number;
  @Column('integer')
  version!: number;
  @Column('text')
  place!: string;
  @Column('text')
  currency!: string;
  @Column('text')
  zone!: string;
  /** The bench's own measures, L, as far as they were taken. */
  @Column('jsonb')
  measures!: Partial<Measures>;
  /** When somebody is at the bench, where that was said. */
  @Column('jsonb')
  hours!: Partial<WorkHours>;
  /** What a handful of each weighs here, g, by the class of what is dosed. */
  @Column('jsonb')
  handfuls!: Readonly<Record<string, number>>;
  @Column('boolean')
  demo!: boolean;
  /** The demo notebook is whole; a load that was cut off is begun again. */
  @Column('boolean', { name: 'demo_loaded' })
  demoLoaded!: boolean;
  @Column('text', { name: 'session_secret' })
  sessionSecret!: string;
}
