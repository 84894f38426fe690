import type { RunPhoto } from '@bent-pail/contract';
import { queryOptions, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { api } from '../api';
import { queryClient } from '../resources/client';
import { useWorks } from '../useSession';
import { AddPhoto } from './AddPhoto';
import { Photos } from './Photos';

interface AlbumProps {
  readonly of: 'lots' | 'pots' | 'trials';
  readonly id: string;
  /** What a caption says. */
  readonly label: string;
}

/** Photos of a lot (its label, its bag, its grain), of a filled pot (its plant, its roots) or of a trial. */
export function Album({ of, id, label }: AlbumProps): ReactElement | null {
  const works = useWorks();
  const address = `/${of}/${id}/photos`;
  const query = queryOptions({ queryKey: ['album', of, id], queryFn: () => api.get<RunPhoto[]>(address) });
  const { data: photos = [] } = useQuery(query);
  if (!works && photos.length === 0) return null;
  return (
    <section aria-label="Photos" className="mt-3">
      <Photos photos={photos} address="/api/album-photos" />
      {works && (
        <AddPhoto
          address={address}
          label={label}
          onKept={() => queryClient.invalidateQueries({ queryKey: query.queryKey })}
        />
      )}
    </section>
  );
}
