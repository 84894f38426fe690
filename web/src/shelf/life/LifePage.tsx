import type { LifeKind, LifeNode, LotLife } from '@bent-pail/contract';
import { queryOptions, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { counted, day } from '../../kit/format';
import { api } from '../../shared/api';
import { Await } from '../../shared/Await';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession } from '../../shared/useSession';
import { LeftOut } from './LeftOut';

const lifeQuery = (id: string) =>
  queryOptions({ queryKey: ['life', id], queryFn: () => api.get<LotLife>(`/lots/${id}/life`) });

/** What a thing is to the lot. */
const LIFE_WORDS: Readonly<Record<LifeKind, string>> = {
  run: 'run',
  blend: 'in the blend',
  batch: 'in the batch',
  prepared: 'prepared into',
  card: 'scored as',
  pot: 'fills the pot',
  trial: 'grown in the trial',
  claims: 'held against its label',
};

/** Where a thing is; what goes on from there has a life of its own. */
function placeOf({ kind, id }: LifeNode): string {
  switch (kind) {
    case 'run':
      return `/bench/runs/${id}`;
    case 'blend':
      return `/blend/${id}`;
    case 'batch':
    case 'prepared':
      return `/shelf/lots/${id}/life`;
    case 'card':
      return `/score/cards/${id}`;
    case 'pot':
      return `/pot/diary/${id}`;
    case 'trial':
      return `/grow/${id}`;
    case 'claims':
      return `/score/claims/${id}`;
  }
}

/** Where the figures of a lot come from and where they go, drawn as a small graph that can be walked. */
export function LifePage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(lifeQuery(id));
  return <Await query={query}>{(life) => <Life life={life} />}</Await>;
}

function Life({ life: { lot, restsOn, goesInto } }: { readonly life: LotLife }): ReactElement {
  const name = `${lot.name}, ${lot.code}`;
  return (
    <main>
      <TitleBlock
        title={`The life of ${name}`}
        line="What its figures rest on, and what rests on them. Press anything to go there."
      >
        <ButtonLink to={`/record?lot=${lot.id}`}>What was changed</ButtonLink>
        <ButtonLink to={`/shelf/lots/${lot.id}`}>Its card</ButtonLink>
      </TitleBlock>
      <div className="grid grid-cols-[minmax(0,1fr)] items-center gap-y-4 px-5 py-5 min-[900px]:grid-cols-[minmax(0,5fr)_minmax(0,3fr)_minmax(0,5fr)]">
        <Side
          label="Rests on"
          nodes={restsOn}
          nothing="No run of it is finished: its figures are those of its class."
          side="left"
        />
        <div className="flex items-center justify-center">
          <i aria-hidden className="hidden h-[2px] flex-1 bg-ink min-[900px]:block" />
          <p className="border-[3px] border-ink bg-paper px-5 py-4 text-center text-head font-bold">
            {name}
            <small className="block font-normal text-ink2">its card</small>
          </p>
          <i aria-hidden className="hidden h-[2px] flex-1 bg-ink min-[900px]:block" />
        </div>
        <Side label="Goes into" nodes={goesInto} nothing="Nothing rests on it yet." side="right" />
      </div>
      {restsOn.length > 0 && <LeftOut lotId={lot.id} runs={restsOn} />}
    </main>
  );
}

interface SideProps {
  readonly label: string;
  readonly nodes: readonly LifeNode[];
  readonly nothing: string;
  readonly side: 'left' | 'right';
}

/** One side of the graph: each thing on a line that leads to the lot or from it. */
function Side({ label, nodes, nothing, side }: SideProps): ReactElement {
  const { notebook } = useSession();
  const isLeft = side === 'left';
  return (
    <section aria-label={label}>
      <h2 className={isLeft ? '' : 'min-[900px]:pl-8'}>{label}</h2>
      {nodes.length === 0 ? (
        <p className={`py-2 text-ink2 ${isLeft ? '' : 'min-[900px]:pl-8'}`}>{nothing}</p>
      ) : (
        <ul
          className={
            isLeft
              ? 'min-[900px]:border-r-[2px] min-[900px]:border-ink'
              : 'min-[900px]:border-l-[2px] min-[900px]:border-ink'
          }
        >
          {nodes.map((node) => (
            <li
              key={`${node.kind} ${node.id}`}
              className={`flex items-center ${isLeft ? 'min-[900px]:after:h-[2px] min-[900px]:after:w-8 min-[900px]:after:bg-ink' : 'min-[900px]:before:h-[2px] min-[900px]:before:w-8 min-[900px]:before:bg-ink'}`}
            >
              <Link
                to={placeOf(node)}
                className="my-1 block min-h-11 min-w-0 flex-1 border-[1.5px] border-zinc4 bg-paper px-3 py-1.5 no-underline"
              >
                <small className="text-ink2">{LIFE_WORDS[node.kind]}</small>{' '}
                <b className="font-semibold underline underline-offset-3">
                  {node.kind === 'run' ? `${String(node.number)}, ${node.title}` : node.title}
                </b>
                <small className="block text-ink2">
                  {day(node.at, notebook.zone)}
                  {node.kind === 'blend' && `, version ${String(node.number)}`}
                  {node.readings !== undefined && `, ${counted(node.readings, 'reading', 'readings')}`}
                  {node.leftOut !== undefined &&
                    node.leftOut > 0 &&
                    `, ${counted(node.leftOut, 'replicate left out', 'replicates left out')}`}
                </small>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
