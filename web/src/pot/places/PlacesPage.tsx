import type { PlaceRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button, ButtonLink } from '../../kit/Button';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { placesQuery } from '../../shared/resources/places';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import { PlaceCard } from './PlaceCard';
import { PlaceForm } from './PlaceForm';

/** Where pots and beds stand: the year there, what lies well on top, what they take. */
export function PlacesPage(): ReactElement {
  const works = useWorks();
  const query = useQuery(placesQuery);
  /** Whether a new one is written, or which one is corrected. */
  const [writing, setWriting] = useState<'new' | PlaceRow>();
  const leave = (): void => {
    setWriting(undefined);
  };
  return (
    <main>
      <TitleBlock title="Places" line="Where pots and beds stand: rain and thirst by month, wind, soil, water.">
        <ButtonLink to="/pot/diary">Filled pots</ButtonLink>
        {works && writing === undefined && (
          <Button
            look="act"
            onClick={() => {
              setWriting('new');
            }}
          >
            A place
          </Button>
        )}
      </TitleBlock>
      {writing !== undefined && (
        <PlaceForm
          key={writing === 'new' ? 'new' : writing.id}
          {...(writing === 'new' ? {} : { place: writing })}
          onKept={leave}
          onLeave={leave}
        />
      )}
      <Await query={query}>
        {(places) =>
          places.length === 0 && writing === undefined ? (
            <EmptyPail question="Where do your pots stand?">
              A place told by month says how thirsty a pot is before it was weighed, and what lies well on top of it.
            </EmptyPail>
          ) : (
            <>
              {places.map((place) => (
                <PlaceCard
                  key={place.id}
                  place={place}
                  {...(works
                    ? {
                        onCorrect: () => {
                          setWriting(place);
                        },
                      }
                    : {})}
                />
              ))}
            </>
          )
        }
      </Await>
    </main>
  );
}
