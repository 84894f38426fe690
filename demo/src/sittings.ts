import { AgreedValue, NewSitting, RatingBody, WarmUpBody } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { agree } from '@bent-pail/server/scores/service';
import { openSitting } from '@bent-pail/server/sittings/opening';
import { handIn, rate, rateWarmUp } from '@bent-pail/server/sittings/sheets';
import { v7 as uuidv7 } from 'uuid';
import type { SittingFile } from './files';
import { daysBefore, named, type Happening, type Loading } from './loading';
import { tagged } from './tagWords';

/** Products judged by a panel: one sitting is through, one still waits for a rater. */
export function sittingHappenings(loading: Loading): Happening[] {
  return loading.files.sittings.map((sitting) => ({
    at: daysBefore(loading, sitting.daysAgo, '15:00'),
    happen: () => sit(loading, sitting),
  }));
}

async function sit({ context, lots, people }: Loading, sitting: SittingFile): Promise<void> {
  const cards = new Map(sitting.samples.map(({ code }) => [code, uuidv7()]));
  const who = (name: string) => named(people, name, 'person');
  const { label, rubric, warmUp } = sitting;
  await openSitting(
    context,
    who(sitting.openedBy),
    readBody(NewSitting, {
      id: uuidv7(),
      label,
      rubric,
      samples: sitting.samples.map(({ lot, code }) => ({
        id: cards.get(code),
        lotId: named(lots, lot, 'lot'),
        sampleCode: code,
      })),
      raterIds: sitting.raters.map(({ name }) => who(name).id),
      ...(warmUp === undefined ? {} : { warmUp }),
    }),
  );
  for (const rater of sitting.raters) {
    const me = who(rater.name);
    const [anyCard = ''] = cards.values();
    for (const [criterion, value] of Object.entries(rater.warmUp ?? {}))
      await rateWarmUp(context, me, anyCard, criterion, readBody(WarmUpBody, { value }));
    for (const [code, marks] of Object.entries(rater.marks)) {
      const card = named(cards, code, 'sample');
      for (const [criterion, rating] of Object.entries(marks))
        await rate(context, me, card, criterion, readBody(RatingBody, tagged(rating)));
      if (rater.handedIn.includes(code)) await handIn(context, me, card);
    }
  }
  for (const { code, by, ...agreed } of sitting.agreed)
    await agree(context, who(by), named(cards, code, 'sample'), readBody(AgreedValue, { id: uuidv7(), ...agreed }));
}
