import type { BlendPage, BlendVersion } from '@bent-pail/contract';
import type { PropertyKey } from '@bent-pail/core';
import { useEffect, useRef, type ReactElement } from 'react';
import { useSearchParams } from 'react-router';
import type { DeskView } from './deskView';
import { BatchPanel } from '../panels/BatchPanel';
import { FoodPanel } from '../panels/FoodPanel';
import { LinesPanel } from '../panels/LinesPanel';
import { OpenChoices } from '../panels/OpenChoices';
import { PotPanel } from '../panels/PotPanel';
import { SchoolsPanel } from '../panels/SchoolsPanel';
import { SearchPanel } from '../panels/SearchPanel';
import { Sweep } from '../panels/Sweep';
import { Triangle } from '../panels/Triangle';
import { VerdictsPanel } from '../panels/VerdictsPanel';
import { SellingPanel } from '../selling/SellingPanel';
import { VersionsPanel } from '../panels/VersionsPanel';
import { TWO_COLUMNS } from '../panels/columns';
import { Tabs } from '../../kit/Tabs';

interface DeskTabsProps {
  readonly view: DeskView;
  readonly asked: PropertyKey;
  readonly blendId: string;
  readonly page: BlendPage | undefined;
  readonly version: BlendVersion | undefined;
}

/** What one asks of a blend once it is composed, a question at a time; the address says which. */
export function DeskTabs({ view, asked, blendId, page, version }: DeskTabsProps): ReactElement {
  const [params, setParams] = useSearchParams();
  const panels: readonly { readonly key: string; readonly words: string; readonly content: ReactElement }[] = [
    { key: 'search', words: 'Nearest recipe', content: <SearchPanel view={view} asked={asked} /> },
    {
      key: 'sweep',
      words: 'More or less of it',
      content: (
        <div className="px-5 py-3">
          <Sweep view={view} />
          <div className={TWO_COLUMNS}>
            <Triangle view={view} />
            <OpenChoices view={view} />
          </div>
        </div>
      ),
    },
    {
      key: 'lines',
      words: 'Each line',
      content: (
        <div className="px-5 py-3">
          <LinesPanel view={view} />
        </div>
      ),
    },
    { key: 'verdicts', words: 'Fit for its use', content: <VerdictsPanel view={view} /> },
    { key: 'pot', words: 'Weight and water', content: <PotPanel view={view} /> },
    { key: 'food', words: 'Food', content: <FoodPanel view={view} /> },
    {
      key: 'schools',
      words: 'Schools',
      content: (
        <div className="px-5 py-3">
          <SchoolsPanel view={view} />
        </div>
      ),
    },
    {
      key: 'batch',
      words: 'Mix a batch',
      content: <BatchPanel view={view} blendId={blendId} version={version} />,
    },
    ...(page === undefined
      ? []
      : [
          { key: 'versions', words: 'Versions', content: <VersionsPanel page={page} /> },
          { key: 'selling', words: 'Sell it', content: <SellingPanel page={page} /> },
        ]),
  ];
  const asking = params.get('ask');
  const open = panels.some(({ key }) => key === asking) ? (asking ?? 'search') : 'search';
  // Whoever asks how much of one lot fills a bed came for that, not for its recipe.
  const isAlone = params.has('alone');
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isAlone) here.current?.scrollIntoView({ block: 'start' });
  }, [isAlone]);
  return (
    <div ref={here}>
      <Tabs
        label="Ask of this blend"
        tabs={panels}
        open={open}
        onOpen={(key) => {
          setParams(
            (before) => {
              before.set('ask', key);
              return before;
            },
            { replace: true, preventScrollReset: true },
          );
        }}
      />
    </div>
  );
}
