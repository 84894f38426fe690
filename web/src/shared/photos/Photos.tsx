import type { RunPhoto } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { clockTime, day } from '../../kit/format';
import { useSession } from '../useSession';

interface PhotosProps {
  readonly photos: readonly RunPhoto[];
  /** Where the pictures are, without their ids. */
  readonly address: string;
}

/** Photos in a row, each with what it shows and who took it; pressed, one is seen whole. */
export function Photos({ photos, address }: PhotosProps): ReactElement | null {
  const { notebook } = useSession();
  const when = (iso: string): string => `${day(iso, notebook.zone)}, ${clockTime(Date.parse(iso), notebook.zone)}`;
  if (photos.length === 0) return null;
  return (
    <div className="my-2 flex flex-wrap gap-3.5">
      {photos.map((photo) => (
        <figure key={photo.id} className="w-45 text-small">
          <a href={`${address}/${photo.id}`} target="_blank" rel="noreferrer">
            <img
              src={`${address}/${photo.id}`}
              alt={photo.caption === '' ? 'Photo' : photo.caption}
              loading="lazy"
              className="h-30 w-45 border-[1.5px] border-ink object-cover"
            />
          </a>
          <figcaption>
            {photo.caption}{' '}
            <small className="text-ink2">
              {photo.by}, {when(photo.keptAt)}
            </small>
          </figcaption>
        </figure>
      ))}
    </div>
  );
}
