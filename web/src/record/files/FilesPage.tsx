import type { ReactElement } from 'react';
import { ButtonLink } from '../../kit/Button';
import { TitleBlock } from '../../shared/TitleBlock';
import { useMe, useWorks } from '../../shared/useSession';
import { Backups } from './Backups';
import { TakeAway } from './TakeAway';
import { TakeIn } from './TakeIn';
import { TakeTable } from './TakeTable';
import { Years } from './Years';

/** The ways out of the notebook and into it: open files, tables, backups. */
export function FilesPage(): ReactElement {
  const isLead = useMe().role === 'lead';
  const works = useWorks();
  return (
    <main>
      <TitleBlock
        title="Files and backups"
        line="What is in this notebook is yours: out and in, in formats that others can read."
      >
        <ButtonLink to="/record">Record</ButtonLink>
      </TitleBlock>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 px-5 py-4 min-[1000px]:grid-cols-2">
        <TakeAway isLead={isLead} />
        <div className="flex flex-col gap-8">
          {works && <TakeTable />}
          {isLead && <TakeIn />}
          {isLead && <Backups />}
          <Years />
        </div>
      </div>
    </main>
  );
}
