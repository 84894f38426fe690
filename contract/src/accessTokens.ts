import { IsIn, IsUUID } from 'class-validator';
import { TOKEN_SCOPES } from './choices';
import { IsWords } from './decorators';

export type TokenScope = (typeof TOKEN_SCOPES)[number];

/** A key for a script, in the name of whoever makes it. */
export class NewAccessToken {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Say what it is for in 1 to 80 letters.')
  name!: string;

  @IsIn(TOKEN_SCOPES, { message: 'It may read, or read and write.' })
  may!: TokenScope;
}

export interface AccessTokenRow {
  readonly id: string;
  readonly name: string;
  readonly may: TokenScope;
  readonly by: string;
  readonly madeAt: string;
  readonly usedAt?: string;
  readonly revokedAt?: string;
}

/** A key that was just made: the only time that it is shown. */
export interface MadeAccessToken {
  readonly token: string;
  readonly rows: readonly AccessTokenRow[];
}
