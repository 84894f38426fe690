import { NewScorecard, RatingBody } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { addScorecard, handIn, rate } from '@bent-pail/server/scores/service';
import { v7 as uuidv7 } from 'uuid';
import type { ScorecardFile } from './files';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Products judged by a panel; one of them still waits for a rater. */
export function scorecardHappenings(loading: Loading): Happening[] {
  return loading.files.scorecards.map((card) => ({
    at: daysBefore(loading, card.daysAgo, '15:00'),
    happen: () => judge(loading, card),
  }));
}

async function judge({ context, lots, people }: Loading, card: ScorecardFile): Promise<void> {
  const id = uuidv7();
  const raterIds = card.raters.map((rater) => named(people, rater.name, 'person').id);
  const { rubric, sampleCode } = card;
  await addScorecard(
    context,
    readBody(NewScorecard, { id, lotId: named(lots, card.lot, 'lot'), rubric, sampleCode, raterIds }),
  );
  for (const rater of card.raters) {
    const me = named(people, rater.name, 'person');
    for (const [criterion, rating] of Object.entries(rater.ratings)) {
      await rate(context, me, id, criterion, readBody(RatingBody, rating));
    }
    if (rater.handedIn) await handIn(context, me, id);
  }
}
