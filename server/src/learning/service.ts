import type { LearningPage } from '@bent-pail/contract';
import { learn, proofOf, type LearningUse } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { learntBody } from './repository';

/** What the batches taught when it was last worked out; nothing yet in a notebook without any. */
export async function learningPage(manager: EntityManager): Promise<LearningPage> {
  return (await learntBody(manager)) ?? { learning: learn([]), proof: proofOf([]), batches: [] };
}

export async function learntUse(manager: EntityManager): Promise<LearningUse> {
  return (await learningPage(manager)).learning.use;
}
