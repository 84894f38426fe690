import type { DeskBlend, DeskLot } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { useSearchParams } from 'react-router';
import { EmptyPail } from '../../shared/EmptyPail';
import { PotPicker } from '../../shared/pot/PotPicker';
import { usePot } from '../../shared/pot/usePot';
import type { Pot } from '../../shared/pot/pots';
import { learningQuery } from '../../shared/resources/learning';
import { TitleBlock } from '../../shared/TitleBlock';
import type { ComparedAnswer } from '../../shared/thinking/thinks';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { AwaitLarder } from '../../shared/larder/AwaitLarder';
import { comparedOf, keysOf, MOST_COMPARED } from '../../shared/larder/compared';
import { CompareTable } from './CompareTable';
import { FindAmong } from '../../kit/FindAmong';
import { ButtonLink } from '../../kit/Button';
import { listed } from '../../kit/format';

/** Up to six blends and lots as pails at one pot, with what differs beyond its bands. */
export function ComparePage(): ReactElement {
  const [pot, setPot] = usePot();
  const [params] = useSearchParams();
  const keys = keysOf(params);
  const idsOf = (kind: string): string[] =>
    keys.flatMap((key) => (key.startsWith(`${kind}:`) ? key.slice(kind.length + 1) : []));
  return (
    <main>
      <TitleBlock
        title="Side by side"
        line="Blends and lots in the same pot. ≠ B: differs from B by more than both bands."
        cells={[{ term: 'My pot', value: <PotPicker pot={pot} onChange={setPot} /> }]}
      >
        <ButtonLink to="/blend">All blends</ButtonLink>
      </TitleBlock>
      <AwaitLarder named={{ lotIds: idsOf('lot'), blendIds: idsOf('blend') }}>
        {({ lots, blends }) => <Compare lots={lots} blends={blends} pot={pot} />}
      </AwaitLarder>
    </main>
  );
}

interface CompareProps {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly pot: Pot;
}

function Compare({ lots, blends, pot }: CompareProps): ReactElement {
  const [params, setParams] = useSearchParams();
  const learnt = useQuery(learningQuery).data?.learning.use;
  const keys = keysOf(params);
  const wanted = keys.join(',');
  const all = useMemo(
    () =>
      wanted
        .split(',')
        .filter((key) => key !== '')
        .flatMap((key) => comparedOf(key, lots, blends, pot, learnt) ?? []),
    [wanted, lots, blends, pot, learnt],
  );
  const ask = useMemo((): Question<ComparedAnswer[]> | undefined => {
    if (all.length === 0) return undefined;
    const inputs = all.map(({ input }) => input);
    return (thinker) => thinker.compare(inputs);
  }, [all]);
  const thought = useThought(ask);
  const answers = thought.answer;
  const set = (next: readonly string[]): void => {
    setParams(
      (before) => {
        before.set('with', next.join(','));
        return before;
      },
      { replace: true },
    );
  };
  return (
    <>
      {keys.length < MOST_COMPARED && (
        <AddCompared
          lots={lots}
          blends={blends}
          keys={keys}
          onAdd={(key) => {
            set([...keys, key]);
          }}
        />
      )}
      <LeftOut lots={lots} keys={keys} shown={all.map(({ key }) => key)} />
      {all.length === 0 ? (
        <EmptyPail question="Which two would you compare?" />
      ) : (
        <>
          <Thinking thought={thought} quiet className="mt-2 px-5" />
          <CompareTable
            all={all}
            answers={answers}
            pot={pot}
            onRemove={(key) => {
              set(keys.filter((one) => one !== key));
            }}
          />
        </>
      )}
    </>
  );
}

interface LeftOutProps {
  readonly lots: readonly DeskLot[];
  readonly keys: readonly string[];
  readonly shown: readonly string[];
}

/** Lots that were named, and of which nothing can be shown yet. */
function LeftOut({ lots, keys, shown }: LeftOutProps): ReactElement | null {
  const unknown = lots.filter(({ id }) => keys.includes(`lot:${id}`) && !shown.includes(`lot:${id}`));
  if (unknown.length === 0) return null;
  return (
    <p className="px-5 pt-3">
      Left out, for nothing is known of it yet: {listed(unknown.map(({ name, code }) => `${name}, ${code}`))}.
    </p>
  );
}

interface AddComparedProps {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly keys: readonly string[];
  readonly onAdd: (key: string) => void;
}

function AddCompared({ lots, blends, keys, onAdd }: AddComparedProps): ReactElement {
  const options = [
    ...blends.map(({ id, name }) => ({ key: `blend:${id}`, words: name, group: 'Blends' })),
    ...lots
      .filter(({ component }) => component !== undefined)
      .map(({ id, name, code }) => ({ key: `lot:${id}`, words: `${name}, ${code}`, group: 'Lots and products' })),
  ];
  return (
    <div className="max-w-md px-5 pt-3">
      <FindAmong
        label="Put another one beside"
        look="unseen"
        value=""
        unchosen="put another one beside"
        placeholder="name, code"
        options={options.filter(({ key }) => !keys.includes(key))}
        onChange={onAdd}
      />
    </div>
  );
}
