import type { Me, NewSitting, WarmUp } from '@bent-pail/contract';
import { blindCodes, tastingOrder, type Rubric } from '@bent-pail/core';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import type { ScorecardEntity } from '../scores/entities';
import { rubricToJudgeBy } from '../scores/rubrics';
import { lotOf } from '../shelf/lotRepository';
import { insertPlaces, insertSitting } from './repository';
import { OPENED_IT, panelNames, requireRaters } from './whoRates';

function requireWarmUp({ known }: WarmUp, rubric: Rubric): void {
  const names = panelNames(rubric);
  known.forEach(({ criterion, value }, i) => {
    const at = `warmUp.known[${String(i)}]`;
    if (!names.includes(criterion)) throw refused(`${at}.criterion`, 'The panel marks no such criterion.');
    if (value * 2 !== Math.round(value * 2)) throw refused(`${at}.value`, 'Score in halves, from 0 to 10.');
  });
}

/** The codes of the cups: those that were said, and drawn ones for the others; none twice. */
function codesFor({ samples, warmUp }: NewSitting, seed: number): string[] {
  const said = samples.flatMap(({ sampleCode }) => sampleCode ?? []);
  const taken = [...said, ...(warmUp === undefined ? [] : [warmUp.sampleCode])];
  const twice = taken.find((code, i) => taken.indexOf(code) !== i);
  if (twice !== undefined) throw refused('samples', `Two samples have the code ${twice}.`);
  const drawn = blindCodes(samples.length, seed, taken);
  return samples.map(({ sampleCode }) => sampleCode ?? (drawn.shift() as string));
}

/** A seed that an id always gives, so that the same sitting sent twice has the same codes. */
const seedFrom = (id: string): number => Number.parseInt(id.slice(-7), 16);

/** Opens a sitting: a card for each sample, and a sheet of each for every rater in the rater's own order. */
export async function openSitting({ db, clock }: Context, me: Me, body: NewSitting): Promise<{ id: string }> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'sitting', said: body }, async () => {
      const rubric = await rubricToJudgeBy(manager, body.rubric);
      const now = new Date(clock.now());
      const seed = seedFrom(body.id);
      const codes = codesFor(body, seed);
      if (body.warmUp !== undefined) requireWarmUp(body.warmUp, rubric);
      for (const [i, { lotId }] of body.samples.entries())
        if ((await lotOf(manager, lotId)) === null)
          throw refused(`samples[${String(i)}].lotId`, 'There is no such lot.');
      const raterIds = [...new Set(body.raterIds)];
      await requireRaters(manager, raterIds, 'raterIds');
      const cards = body.samples.map(({ id, lotId }, i): ScorecardEntity => ({
        id,
        sittingId: body.id,
        lotId,
        rubricKey: rubric.key,
        rubricVersion: rubric.version,
        sampleCode: codes[i] as string,
        createdAt: now,
        archivedAt: null,
      }));
      const label = body.label ?? `${rubric.label}, ${codes.join(' ')}`.slice(0, 60);
      const warmUp = body.warmUp ?? null;
      await insertSitting(manager, { id: body.id, label, seed, warmUp, openedBy: me.id, openedAt: now }, cards);
      for (const userId of raterIds)
        await insertPlaces(manager, userId, tastingOrder(cards, seed, userId), userId === me.id ? OPENED_IT : null);
    }),
  );
  return { id: body.id };
}
