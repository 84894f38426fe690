import type { BlendPage, BlendVersion } from '@bent-pail/contract';
import type { PropertyKey } from '@bent-pail/core';
import { useEffect, useRef, type ReactElement } from 'react';
import { useSearchParams } from 'react-router';
import type { DeskView } from './deskView';
import { TWO_COLUMNS } from '../panels/columns';
import { later } from '../../kit/later';
import { Tabs } from '../../kit/Tabs';

// One question is open at a time: each comes with its first use.
const BatchPanel = later(async () => (await import('../panels/BatchPanel')).BatchPanel);
const FoodPanel = later(async () => (await import('../panels/FoodPanel')).FoodPanel);
const LinesPanel = later(async () => (await import('../panels/LinesPanel')).LinesPanel);
const OpenChoices = later(async () => (await import('../panels/OpenChoices')).OpenChoices);
const PotPanel = later(async () => (await import('../panels/PotPanel')).PotPanel);
const SchoolsPanel = later(async () => (await import('../panels/SchoolsPanel')).SchoolsPanel);
const SearchPanel = later(async () => (await import('../panels/SearchPanel')).SearchPanel);
const Sweep = later(async () => (await import('../panels/Sweep')).Sweep);
const Triangle = later(async () => (await import('../panels/Triangle')).Triangle);
const VerdictsPanel = later(async () => (await import('../panels/VerdictsPanel')).VerdictsPanel);
const SellingPanel = later(async () => (await import('../selling/SellingPanel')).SellingPanel);
const VersionsPanel = later(async () => (await import('../panels/VersionsPanel')).VersionsPanel);

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
