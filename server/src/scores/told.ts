import type { Told } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { newestSheets } from '../claims/repository';
import { shareOf } from '../claims/service';
import { optional } from '../database/optional';
import { ratiosOfLots, type RatioOfLot } from '../trials/resultRepository';
import { saidOn } from './repository';

/** What is known of a product on a card besides its lot and its panel. */
export type SaidOfCard = Omit<Told, 'ratings' | 'agreed' | 'assumed'>;

/** What grew in a lot beside its trial's reference. */
function trialOf(grown: readonly RatioOfLot[], lotId: string): SaidOfCard['trial'] {
  const found = grown.find((one) => one.lotId === lotId);
  if (found === undefined) return undefined;
  const { ratio, se, trial, reference } = found;
  return { ratio, trial, reference, ...optional('se', se) };
}

/** What people say on some cards and of their products, by card: as many questions for many as for one. */
export async function saidOfCards(
  manager: EntityManager,
  cards: readonly { readonly id: string; readonly lotId: string }[],
): Promise<ReadonlyMap<string, SaidOfCard>> {
  const { musts, overrides, growth } = await saidOn(
    manager,
    cards.map(({ id }) => id),
  );
  const sheets = await newestSheets(
    manager,
    cards.map(({ lotId }) => lotId),
  );
  const grown = await ratiosOfLots(
    manager,
    cards.map(({ lotId }) => lotId),
  );
  const people = [...musts, ...overrides].map(({ byUser }) => byUser);
  const names = await namesOf(manager, [...people, ...growth.map(({ userId }) => userId)]);
  const nameOf = (id: string): string => names.get(id) ?? '';
  return new Map(
    cards.map(({ id, lotId }) => {
      const isOf = (one: { readonly scorecardId: string }): boolean => one.scorecardId === id;
      const sheet = sheets.get(lotId);
      return [
        id,
        {
          ...optional('trial', trialOf(grown, lotId)),
          ...optional('claims', sheet === undefined ? undefined : shareOf(sheet)),
          musts: musts.filter(isOf).map(({ criterion, holds, byUser }) => ({ criterion, holds, by: nameOf(byUser) })),
          overrides: overrides.filter(isOf).flatMap(({ criterion, value, reason, byUser }) =>
            // Without a value it was taken back.
            value === null ? [] : [{ ...optional('criterion', criterion), value, reason, by: nameOf(byUser) }],
          ),
          growth: growth.filter(isOf).map(({ userId, species, week, value, tags }) => ({
            raterId: userId,
            rater: nameOf(userId),
            species,
            week,
            value,
            tags,
          })),
        },
      ];
    }),
  );
}
