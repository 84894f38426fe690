import { CoreError, shopDesk, spoken, type PricedPack, type ShopVerdict } from '@bent-pail/core';
import { typedAmount } from '../shared/units/mine';
import type { ShopNotes, ShopPack } from './shopStore';

/** What a pack is called before anybody names it. */
export const packName = ({ name }: ShopPack, place: number): string =>
  name.trim() === '' ? `Pack ${String(place + 1)}` : name.trim();

/** How a pack lies by its name, where that says it: a block is no loose litre. */
export function formNamed(name: string): ShopPack['form'] | undefined {
  if (/\b(?:blocks?|bricks?|discs?)\b/i.test(name)) return 'block';
  return /\b(?:bales?|compressed)\b/i.test(name) ? 'compressed' : undefined;
}

/** A pack that has a price and a volume; two of one name are told apart. */
function priced(pack: ShopPack, place: number, all: readonly ShopPack[]): PricedPack[] {
  const price = typedAmount(pack.price, '');
  const pack_L = typedAmount(pack.pack, 'L');
  if (price === undefined || pack_L === undefined) return [];
  const name = packName(pack, place);
  const isTwice = all.some((other, i) => i !== place && packName(other, i) === name);
  return [{ name: isTwice ? `${name}, ${String(place + 1)}` : name, price, pack_L, form: pack.form, kind: pack.kind }];
}

/** What one makes oneself, as it stands among the packs. */
export const OWN = 'What you make';

function ownMix(made: string): PricedPack[] {
  const price = typedAmount(made, 'per L');
  return price === undefined ? [] : [{ name: OWN, kind: 'made', price }];
}

/** What the labels come to; a sentence where they cannot be worked out; nothing while no pack is full. */
export function shopVerdict({ packs, need, made }: ShopNotes): ShopVerdict | string | undefined {
  const full = packs.flatMap(priced);
  if (full.length === 0) return undefined;
  const need_L = typedAmount(need, 'L');
  try {
    return shopDesk({ packs: [...full, ...ownMix(made)], ...(need_L === undefined ? {} : { need_L }) });
  } catch (error) {
    if (error instanceof CoreError) return spoken(error);
    throw error;
  }
}
