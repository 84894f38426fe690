import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { Await } from '../shared/Await';
import { Choice } from '../kit/Choice';
import { day } from '../kit/format';
import { OnPaper } from '../shared/OnPaper';
import { Qr } from '../shared/Qr';
import { lotQuery } from '../shared/resources/lots';
import { useSession } from '../shared/useSession';

const COUNTS = ['1', '3', '6', '12', '24'] as const;

/** Labels for jars, pots and bags of a lot; the code opens its card. */
export function LabelsPage(): ReactElement {
  const { id = '' } = useParams();
  const { notebook } = useSession();
  const [count, setCount] = useState<(typeof COUNTS)[number]>('6');
  const query = useQuery(lotQuery(id));
  return (
    <Await query={query}>
      {({ lot }) => (
        <OnPaper
          back={`/shelf/lots/${id}`}
          backWords="Back to the card"
          label="Labels"
          className="labels"
          choices={
            <>
              <h1 className="text-lead">
                Labels of {lot.name}, {lot.code}
              </h1>
              <Choice
                label="How many"
                look="beside"
                value={count}
                options={COUNTS.map((key) => ({ key, words: key }))}
                onChange={setCount}
              />
            </>
          }
        >
          {Array.from({ length: Number(count) }, (_, i) => (
            <div key={i} className="label">
              <Qr page={`/shelf/lots/${id}`} size={84} />
              <div>
                <b>{lot.name}</b>
                <span className="figure">{lot.code}</span>
                <small className="block">
                  {lot.grade} {lot.boughtOn === undefined ? '' : `bought ${day(lot.boughtOn, notebook.zone)}`}
                </small>
                <small className="block">{notebook.place}</small>
              </div>
            </div>
          ))}
        </OnPaper>
      )}
    </Await>
  );
}
