import { useState, type ReactElement } from 'react';
import { day } from '../../kit/format';
import { HowMany, Labels, type LabelCount } from '../../shared/Labels';
import { ManyOnPaper, useAskedIds } from '../../shared/ManyOnPaper';
import { filledPotQuery } from '../../shared/resources/filledPots';
import { useSession } from '../../shared/useSession';

/** Labels to stick in pots: a phone opens the diary. */
export function PotLabelsPage(): ReactElement {
  const { notebook } = useSession();
  const [count, setCount] = useState<LabelCount>('1');
  return (
    <ManyOnPaper
      ids={useAskedIds('pots')}
      query={filledPotQuery}
      back="/pot/diary"
      backWords="Back to the pots"
      label={() => 'Labels of pots'}
      className="labels"
      choices={<HowMany title="Labels of pots" value={count} onChange={setCount} />}
      each={({ id, name, plant, medium, filledOn }) => (
        <Labels
          key={id}
          count={count}
          page={`/pot/diary/${id}`}
          name={name}
          lines={[...(plant === undefined ? [] : [plant]), medium, `filled ${day(filledOn, notebook.zone)}`]}
        />
      )}
    />
  );
}
