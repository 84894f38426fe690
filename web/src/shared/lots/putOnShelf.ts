import type { LotRow } from '@bent-pail/contract';
import { api } from '../api';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { lotsKey } from '../resources/lots';

/** A lot of which only the name is known yet; everything else can wait. */
export async function putOnShelf(name: string, kind: LotRow['kind']): Promise<LotRow> {
  const lot = await once(['on the shelf', name, kind], async (id) => {
    const materialId = id();
    await api.post('/materials', { id: materialId, name, kind });
    return api.post<LotRow>('/lots', { id: id(), materialId, code: '1' });
  });
  await queryClient.invalidateQueries({ queryKey: lotsKey });
  return lot;
}
