import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { day } from '../kit/format';
import { HowMany, Labels, type LabelCount } from '../shared/Labels';
import { ManyOnPaper, useAskedIds } from '../shared/ManyOnPaper';
import { lotQuery } from '../shared/resources/lots';
import { useSession } from '../shared/useSession';

/** Labels for jars, pots and bags of a lot, or of several; the code opens its card. */
export function LabelsPage(): ReactElement {
  const { id } = useParams();
  const asked = useAskedIds('lots');
  const { notebook } = useSession();
  const [count, setCount] = useState<LabelCount>(id === undefined ? '1' : '6');
  return (
    <ManyOnPaper
      ids={id === undefined ? asked : [id]}
      query={lotQuery}
      back={id === undefined ? '/shelf' : `/shelf/lots/${id}`}
      backWords={id === undefined ? 'Back to the shelf' : 'Back to the card'}
      label={() => 'Labels'}
      className="labels"
      choices={<HowMany title="Labels" value={count} onChange={setCount} />}
      each={({ lot }) => (
        <Labels
          key={lot.id}
          count={count}
          page={`/shelf/lots/${lot.id}`}
          name={lot.name}
          code={lot.code}
          lines={[
            <>
              {lot.grade} {lot.boughtOn === undefined ? '' : `bought ${day(lot.boughtOn, notebook.zone)}`}
            </>,
            notebook.place,
          ]}
        />
      )}
    />
  );
}
