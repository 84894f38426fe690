import type { EntityManager } from 'typeorm';
import { conflict } from '../http/problems';
import { contentHash } from './contentHash';

/** Something that a browser sends with an id of its own, so that it may send it again where nobody answered. */
export interface Sent {
  readonly id: string;
  /** What it is, in a sentence: "material". */
  readonly what: string;
  /** All that was said of it, the place that it was sent to included. */
  readonly said: object;
}

/**
 * Keeps what was sent once. The first time it is made; the same again changes nothing; the same id with other content
 * is a conflict. Of two that come at once, the second waits for the first.
 *
 * Must stand first in its transaction: where `make` refuses, the id is free again. The id is kept also where `make`
 * changes nothing, so that a late second try cannot undo what happened since.
 */
export async function keepOnce(manager: EntityManager, sent: Sent, make: () => Promise<void>): Promise<void> {
  const { id, what, said } = sent;
  const hash = contentHash({ what, said });
  const begun = await manager.query<unknown[]>(
    'insert into kept_once (id, hash) values ($1, $2) on conflict (id) do nothing returning id',
    [id, hash],
  );
  if (begun.length > 0) {
    await make();
    return;
  }
  const [known] = await manager.query<{ hash: string }[]>('select hash from kept_once where id = $1', [id]);
  if (known?.hash !== hash) throw conflict(`A ${what} with this id is kept with other content.`);
}
