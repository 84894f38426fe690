import type { RunPhoto } from '@bent-pail/contract';
import { queryOptions, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { api } from '../api';
import { queryClient } from '../resources/client';
import { useWorks } from '../useSession';
import { AddPhoto } from './AddPhoto';
import { Photos } from './Photos';

const photosQuery = (lotId: string) =>
  queryOptions({ queryKey: ['lot-photos', lotId], queryFn: () => api.get<RunPhoto[]>(`/lots/${lotId}/photos`) });

/** Photos of a lot: its label, its bag, its grain. */
export function LotPhotos({ lotId }: { readonly lotId: string }): ReactElement | null {
  const works = useWorks();
  const { data: photos = [] } = useQuery(photosQuery(lotId));
  if (!works && photos.length === 0) return null;
  return (
    <section aria-label="Photos">
      <Photos photos={photos} address="/api/lot-photos" />
      {works && (
        <AddPhoto
          address={`/lots/${lotId}/photos`}
          label="A photo of its label or bag; it shows"
          onKept={() => queryClient.invalidateQueries(photosQuery(lotId))}
        />
      )}
    </section>
  );
}
