import type { TokenScope } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('access_tokens')
export class AccessTokenEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  /** SHA-256 of the key: 256 bits of chance need no slow hash. */
  @Column('text')
  hash!: string;
  @Column('text')
  may!: TokenScope;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'made_at' })
  madeAt!: Date;
  @Column('timestamptz', { name: 'used_at', nullable: true })
  usedAt!: Date | null;
  @Column('timestamptz', { name: 'revoked_at', nullable: true })
  revokedAt!: Date | null;
}
