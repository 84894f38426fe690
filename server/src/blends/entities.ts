import type { BlendInput, BlendResult, FlatLine } from '@bent-pail/core';
import type { Recipe } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('blends')
export class BlendEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}

@Entity('blend_versions')
export class BlendVersionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'blend_id' })
  blendId!: string;
  @Column('integer')
  n!: number;
  @Column('jsonb')
  recipe!: Recipe;
  /** The lots that it comes down to, blends inside it taken apart; loose parts. */
  @Column('jsonb')
  flat!: FlatLine[];
  @Column('jsonb')
  input!: BlendInput;
  @Column('jsonb')
  result!: BlendResult;
  @Column('text', { name: 'method' })
  method!: string;
  @Column('text', { nullable: true })
  reason!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
