import { AsyncLocalStorage } from 'node:async_hooks';
import { EventSubscriber, type EntitySubscriberInterface, type TransactionStartEvent } from 'typeorm';

/** Who a request is from, and when. */
interface Author {
  readonly id: string;
  readonly at: string;
}

const authors = new AsyncLocalStorage<Author>();

/** Does something in somebody's name: the database keeps what it edits under that. */
export const inTheNameOf = <T>(author: Author, act: () => T): T => authors.run(author, act);

/** Tells the database at the start of each transaction who it is for; see the trigger `keep_edit`. */
@EventSubscriber()
export class AuthorSubscriber implements EntitySubscriberInterface {
  async afterTransactionStart({ queryRunner }: TransactionStartEvent): Promise<void> {
    const author = authors.getStore();
    if (author === undefined) return;
    await queryRunner.query(
      `select set_config('bent_pail.author', $1, true), set_config('bent_pail.edited_at', $2, true)`,
      [author.id, author.at],
    );
  }
}
