import type { SellingPage } from '@bent-pail/contract';
import { queryClient } from '../../shared/resources/client';
import { sellingQuery } from '../../shared/resources/selling';

/** What every form of this panel is told. */
export interface SellingFormProps {
  readonly blendId: string;
  readonly selling: SellingPage;
  readonly onDone: () => void;
}

/** The panel as the server answered it. */
export const keptSelling = (blendId: string, page: SellingPage): void => {
  queryClient.setQueryData(sellingQuery(blendId).queryKey, page);
};

/** Batches that packs can be of, none among them. */
export const batchOptions = ({ batches }: SellingPage) => [
  { key: '', words: 'not said' },
  ...batches.map(({ lotId, code, n }) => ({ key: lotId, words: `${code}, version ${String(n)}` })),
];
