import { NewFilling, NewLot, NewMaterial, NewVessel, StockCount } from '@bent-pail/contract';
import type { Principal } from '@bent-pail/server/http/principal';
import { readBody } from '@bent-pail/server/http/body';
import { addLot, addMaterial } from '@bent-pail/server/shelf/service';
import { countStock } from '@bent-pail/server/stock/service';
import { addFilling, addVessel } from '@bent-pail/server/vessels/service';
import { v7 as uuidv7 } from 'uuid';
import type { LotFile, ShelfFile } from './files';
import { daysBefore, type Happening, type Loading } from './loading';

/** Vessels were measured before anything was weighed in them. */
const VESSELS_DAYS_AGO = 120;

/** Materials, products and their lots, each put on the shelf on the day that it came. */
export function shelfHappenings(loading: Loading): Happening[] {
  return loading.files.shelf.flatMap((material) => {
    const id = uuidv7();
    const first = Math.max(...material.lots.map((lot) => lot.boughtDaysAgo));
    return [
      { at: daysBefore(loading, first, '08:00'), happen: () => putMaterial(loading, id, material) },
      ...material.lots.map((lot) => ({
        at: daysBefore(loading, lot.boughtDaysAgo, '08:30'),
        happen: () => putLot(loading, id, lot),
      })),
    ];
  });
}

async function putMaterial(
  { context }: Loading,
  id: string,
  { name, kind, classId, aliases }: ShelfFile,
): Promise<void> {
  const body = { id, name, kind, aliases, ...(classId === undefined ? {} : { classId }) };
  await addMaterial(context, readBody(NewMaterial, body));
}

async function putLot(loading: Loading, materialId: string, lot: LotFile): Promise<void> {
  const id = uuidv7();
  const { boughtDaysAgo, onHand_L, ...fields } = lot;
  const boughtOn = new Date(daysBefore(loading, boughtDaysAgo)).toISOString().slice(0, 10);
  await addLot(loading.context, readBody(NewLot, { id, materialId, ...fields, boughtOn }));
  loading.lots.set(lot.code, id);
  if (onHand_L === undefined) return;
  await countStock(loading.context, whoever(loading), id, readBody(StockCount, { id: uuidv7(), stock_L: onHand_L }));
}

/** The files do not say who counted and who filled. */
const whoever = ({ people }: Loading): Principal => [...people.values()][0] as Principal;

/** Vessels, measured by the water that fills them. */
export function vesselHappenings(loading: Loading): Happening[] {
  return loading.files.vessels.map((vessel, i) => ({
    at: daysBefore(loading, VESSELS_DAYS_AGO, '09:00') + i * 60000,
    happen: async () => {
      const id = uuidv7();
      const { name, height_cm, ...filling } = vessel;
      await addVessel(loading.context, readBody(NewVessel, { id, name, kind: 'vessel', shape: { height_cm } }));
      await addFilling(loading.context, whoever(loading), id, readBody(NewFilling, { id: uuidv7(), ...filling }));
      loading.vessels.set(name, id);
    },
  }));
}
