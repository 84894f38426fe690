import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, type ReactElement } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { keptPotName } from '../../shared/pot/pots';
import { sentenceOf } from '../../shared/api';
import { Await } from '../../shared/Await';
import { NotThere } from '../../shared/NotThere';
import { useHand } from '../../shared/handStore';
import { useLastPot } from '../../shared/pot/usePot';
import { blendQuery } from '../../shared/resources/blends';
import { profilesQuery } from '../../shared/resources/guides';
import { learningQuery } from '../../shared/resources/learning';
import { aloneKey, NEW, useDrafts, type BlendDraft } from '../../shared/blends/draftStore';
import { useLarder, type Larder } from '../../shared/larder/useLarder';
import { Desk } from './Desk';
import { Moment } from '../../kit/Moment';

/** The blend desk: a new recipe, a kept blend, or one kept version of it. */
export function BlendDeskPage(): ReactElement {
  const { id, n } = useParams();
  const [params] = useSearchParams();
  const hand = useHand((state) => state.hand);
  const alone = params.get('alone') ?? undefined;
  const draft = useDrafts((state) => state.drafts[id ?? (alone === undefined ? NEW : aloneKey(alone))]);
  const page = useQuery({ ...blendQuery(id ?? ''), enabled: id !== undefined });
  const learning = useQuery(learningQuery);
  const profiles = useQuery(profilesQuery);
  const lines = [...(draft?.recipe.lines ?? []), ...(page.data?.versions.flatMap(({ recipe }) => recipe.lines) ?? [])];
  const lotIds = [
    ...lotsAsked(params),
    ...(alone === undefined ? [] : [alone]),
    ...(hand?.kind === 'lot' ? [hand.id] : []),
  ];
  const { larder, error } = useLarder({ lines, lotIds });
  if (error !== null && larder === undefined)
    return (
      <p className="p-5 text-head font-semibold" role="alert">
        {sentenceOf(error)}
      </p>
    );
  // A figure that jumps as the bench's teaching, a lot or the use's windows arrive would be read too early.
  if (learning.isPending || profiles.isPending || larder === undefined) return <Moment />;
  if (id === undefined && alone !== undefined) return <LotAlone key={alone} lotId={alone} larder={larder} />;
  return id === undefined ? (
    <NewDesk larder={larder} />
  ) : (
    <KeptDesk key={`${id}:${n ?? ''}`} id={id} n={n} larder={larder} />
  );
}

/** The lots that an address puts on the desk. */
const lotsAsked = (params: URLSearchParams): readonly string[] =>
  (params.get('lot') ?? '').split(',').filter((id) => id !== '');

/** "Put into a blend" adds the lots to what is being composed, once: taken out again, they stay out. */
function useAddAsked(draftKey: string, draft: BlendDraft | undefined): void {
  const [params, setParams] = useSearchParams();
  const change = useDrafts((state) => state.change);
  const done = useRef<URLSearchParams>(undefined);
  useEffect(() => {
    const asked = lotsAsked(params);
    // The address follows when the page has time for it; what it asked for is added only once.
    if (draft === undefined || asked.length === 0 || done.current === params) return;
    done.current = params;
    const { recipe } = draft;
    const added = asked
      .filter((id) => !recipe.lines.some(({ lotId }) => lotId === id))
      .map((lotId) => ({ lotId, parts: 1 }));
    if (added.length > 0) change(draftKey, { ...draft, recipe: { ...recipe, lines: [...recipe.lines, ...added] } });
    setParams(
      (before) => {
        before.delete('lot');
        return before;
      },
      { replace: true },
    );
  }, [params, change, draft, draftKey, setParams]);
}

function NewDesk({ larder }: { readonly larder: Larder }): ReactElement {
  const { lots } = larder;
  const [params] = useSearchParams();
  const shape = useLastPot((state) => state.shape);
  const hand = useHand((state) => state.hand);
  const started = useMemo((): BlendDraft => {
    const inHand = hand?.kind === 'lot' ? [hand.id] : [];
    const asked = lotsAsked(params);
    const first = (asked.length > 0 ? asked : inHand).filter((id) =>
      lots.some((lot) => lot.id === id && lot.component !== undefined && lot.kind === 'material'),
    );
    const lines = first.map((lotId) => ({ lotId, parts: first.length === 1 ? 3 : 1 }));
    return {
      name: '',
      recipe: { lines, potName: keptPotName(shape), pot: { ...shape }, model: 'packing', lime_meqPerL: 0 },
    };
  }, [params, hand, lots, shape]);
  useAddAsked(
    NEW,
    useDrafts((state) => state.drafts[NEW]),
  );
  return <Desk draftKey={NEW} start={started} larder={larder} page={undefined} />;
}

/** One lot by itself, as it is: how much of it fills a bed or so many pots. */
function LotAlone({ lotId, larder }: { readonly lotId: string; readonly larder: Larder }): ReactElement {
  const shape = useLastPot((state) => state.shape);
  const start = useMemo((): BlendDraft => {
    const lines = [{ lotId, parts: 1 }];
    return {
      name: '',
      recipe: { lines, potName: keptPotName(shape), pot: { ...shape }, model: 'packing', lime_meqPerL: 0 },
    };
  }, [lotId, shape]);
  return <Desk draftKey={aloneKey(lotId)} start={start} larder={larder} page={undefined} />;
}

function KeptDesk({
  id,
  n,
  larder,
}: {
  readonly id: string;
  readonly n: string | undefined;
  readonly larder: Larder;
}): ReactElement {
  const query = useQuery(blendQuery(id));
  useAddAsked(
    id,
    useDrafts((state) => state.drafts[id]),
  );
  return (
    <Await query={query}>
      {(page) => {
        const version = n === undefined ? page.versions[0] : page.versions.find((one) => String(one.n) === n);
        if (version === undefined)
          return <NotThere says="This blend has no such version." on={{ to: `/blend/${id}`, name: 'The newest' }} />;
        return (
          <Desk
            draftKey={id}
            start={{ name: page.name, recipe: version.recipe }}
            larder={larder}
            page={page}
            shown={n === undefined ? undefined : version.n}
          />
        );
      }}
    </Await>
  );
}
