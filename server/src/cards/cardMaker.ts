import { EventEmitter, once } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import type { LotCard, LotRecord } from '@bent-pail/core';
import type { DataSource, EntityManager } from 'typeorm';
import type { Cards } from '../context';
import { unlessAnother } from '../database/onlyOne';
import { runsLackingFigures, writeFigures } from '../bench/rowRepository';
import { keepMissingWaits } from '../bench/runRows';
import { measuredBatches } from '../learning/repository';
import { loadLotRecord } from './lotRecord';
import {
  unfollowed,
  wantedCards,
  wantedLearning,
  wantedOf,
  wantOldMethods,
  writeCard,
  writeLearning,
  type Wanted,
} from './repository';
import type { Workshop } from './workshop';

/** Cards asked for at a time, and how long to wait where the database is away. */
const AT_ONCE = 20;
const AGAIN_MS = 1000;
const FOLLOW_MS = 2000;
/** How soon to look again where another server of the same notebook is at it. */
const OTHER_MS = 100;

/**
 * Lets cards follow what they rest on: one lot at a time, what was asked for meanwhile once more, then what the batches
 * teach, then what pots ask for. Whoever reads sees the card of before until the new one is whole. Of several servers on
 * one notebook, one works at a time; where it is killed, the next one goes on.
 */
export class CardMaker implements Cards {
  private readonly told = new EventEmitter().setMaxListeners(0);
  /** Lots that somebody waits for. */
  private readonly first = new Set<string>();
  private running: Promise<void> | undefined;
  private isAsked = false;
  private readonly stopped = new AbortController();
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly db: DataSource,
    private readonly workshop: Workshop,
    private readonly warn: (error: unknown) => void,
    /** What else follows, once cards do. */
    private readonly also: (stopped: AbortSignal) => Promise<void>,
  ) {}

  /** Begins with all that waits, also what other methods had worked out. */
  async start(): Promise<void> {
    try {
      await wantOldMethods(this.db.manager);
      await keepMissingWaits(this.db);
    } catch (error) {
      this.warn(error);
    }
    this.wake();
  }

  /** Something may wait. */
  wake(): void {
    if (this.stopped.signal.aborted) return;
    this.isAsked = true;
    this.running ??= this.run();
  }

  /** Waits until the cards of some lots follow, those first; goes on without them after two seconds. */
  async follow(lotIds: readonly string[]): Promise<void> {
    const until = AbortSignal.any([AbortSignal.timeout(FOLLOW_MS), this.stopped.signal]);
    while (!until.aborted) {
      const waiting = await unfollowed(this.db.manager, lotIds);
      if (waiting.length === 0) return;
      for (const id of waiting) this.first.add(id);
      this.wake();
      // Another server may have made it, of which nobody here is told.
      const soon = AbortSignal.any([AbortSignal.timeout(OTHER_MS), until]);
      await once(this.told, 'made', { signal: soon }).catch((error: unknown) => {
        if (!soon.aborted) throw error;
      });
    }
  }

  /** A card as it would be; nothing of it is kept. */
  async tryOut(record: LotRecord): Promise<LotCard> {
    return (await this.workshop.card(record, [])).card;
  }

  /** Makes a lot's card in a transaction that is still open; says why where there can be none. */
  async makeWithin(manager: EntityManager, lotId: string): Promise<string | undefined> {
    const { wanted } = await wantedOf(manager, lotId);
    const worked = await this.workshop.card(await loadLotRecord(manager, lotId), []);
    await writeCard(manager, { lotId, wanted }, worked);
    return worked.trouble ?? undefined;
  }

  /** Resolves when nothing waits any more. */
  async settled(): Promise<void> {
    this.wake();
    while (this.running !== undefined) await this.running;
  }

  async close(): Promise<void> {
    this.stopped.abort();
    clearTimeout(this.timer);
    await this.workshop.close();
    await this.running;
  }

  private async run(): Promise<void> {
    try {
      while (this.isAsked)
        if (!(await unlessAnother(this.db, 'cards', () => this.makeAll())))
          await pause(OTHER_MS, undefined, { signal: this.stopped.signal });
    } catch (error) {
      if (!this.stopped.signal.aborted) {
        this.warn(error);
        this.timer = setTimeout(() => {
          this.wake();
        }, AGAIN_MS);
        this.timer.unref();
      }
    } finally {
      this.running = undefined;
    }
  }

  private async makeAll(): Promise<void> {
    while (this.isAsked) {
      this.isAsked = false;
      await this.makeCards();
      await this.makeLearning();
      await this.also(this.stopped.signal);
    }
  }

  private async makeCards(): Promise<void> {
    for (;;) {
      const wanted = await wantedCards(this.db.manager, [...this.first], AT_ONCE);
      if (wanted.length === 0) return;
      for (const one of wanted) {
        if (this.stopped.signal.aborted) return;
        const isFirst = this.first.delete(one.lotId);
        await this.makeCard(one);
        this.told.emit('made');
        // Somebody waits for others.
        if (this.first.size > 0 && !isFirst) break;
      }
    }
  }

  private async makeCard(wanted: Wanted): Promise<void> {
    // One moment of the database: a reading that comes in meanwhile asks again.
    const record = await this.db.transaction('REPEATABLE READ', (manager) => loadLotRecord(manager, wanted.lotId));
    const lacking = await runsLackingFigures(this.db.manager, wanted.lotId);
    const worked = await this.workshop.card(record, lacking);
    await this.db.transaction(async (manager) => {
      // A run that was corrected meanwhile has newer figures of its own; those are not replaced.
      for (const { runId, figures } of worked.runs) await writeFigures(manager, runId, figures);
      await writeCard(manager, wanted, worked);
    });
  }

  private async makeLearning(): Promise<void> {
    const wanted = await wantedLearning(this.db.manager);
    if (wanted === undefined) return;
    const found = await measuredBatches(this.db.manager);
    const taught = await this.workshop.learn(found);
    await writeLearning(this.db.manager, wanted, { ...taught, batches: found.map(({ batch }) => batch) });
  }
}
