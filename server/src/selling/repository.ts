import type { EntityManager } from 'typeorm';
import { ComplaintEntity, SaleEntity, SellingTermsEntity } from './entities';

/** Lines that are shown: the newest. */
const MOST = 200;

export const termsOf = (manager: EntityManager, blendId: string): Promise<SellingTermsEntity | null> =>
  manager.findOne(SellingTermsEntity, { where: { blendId }, order: { keptAt: 'DESC', id: 'DESC' } });

export const salesOf = (manager: EntityManager, blendId: string): Promise<SaleEntity[]> =>
  manager.find(SaleEntity, { where: { blendId }, order: { on: 'DESC', keptAt: 'DESC' }, take: MOST });

export const complaintsOf = (manager: EntityManager, blendId: string): Promise<ComplaintEntity[]> =>
  manager.find(ComplaintEntity, { where: { blendId }, order: { on: 'DESC', keptAt: 'DESC' }, take: MOST });

export async function insertTerms(manager: EntityManager, terms: SellingTermsEntity): Promise<void> {
  await manager.insert(SellingTermsEntity, terms);
}

export async function insertSale(manager: EntityManager, sale: SaleEntity): Promise<void> {
  await manager.insert(SaleEntity, sale);
}

export async function insertComplaint(manager: EntityManager, complaint: ComplaintEntity): Promise<void> {
  await manager.insert(ComplaintEntity, complaint);
}

export interface BatchRow {
  readonly lotId: string;
  readonly code: string;
  readonly n: number;
  readonly sold: number;
  readonly madeOn: string | null;
}

/** Batches of a blend that stand on the shelf, with the packs sold of each; the newest first. */
export const batchesOf = (manager: EntityManager, blendId: string): Promise<BatchRow[]> =>
  manager.query<BatchRow[]>(
    `select l.id as "lotId", l.code, v.n, l.bought_on::text as "madeOn",
       coalesce((select sum(s.packs)::int from sales s where s.lot_id = l.id), 0) as sold
     from lots l join blend_versions v on v.id = l.blend_version_id
     where v.blend_id = $1 order by l.created_at desc limit ${String(MOST)}`,
    [blendId],
  );
