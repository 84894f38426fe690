import type { DeskBlend, DeskLot, PlaceRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { useSearchParams } from 'react-router';
import { Button, ButtonLink } from '../kit/Button';
import { EmptyPail } from '../shared/EmptyPail';
import { useHand } from '../shared/handStore';
import { AwaitLarder } from '../shared/larder/AwaitLarder';
import { comparedOf, keysOf } from '../shared/larder/compared';
import { PotPicker } from '../shared/pot/PotPicker';
import { potText, type Pot } from '../shared/pot/pots';
import { usePot } from '../shared/pot/usePot';
import { learningQuery } from '../shared/resources/learning';
import { placesQuery } from '../shared/resources/places';
import { TitleBlock } from '../shared/TitleBlock';
import { askOf, writeAsk, type PotAsk } from './ask';
import { SetUp } from './SetUp';
import { thereOf } from './stands';
import { mediumOf, MOST_POTS, variantsOf } from './variants';
import { later } from '../kit/later';

// The pots stand first; their days follow.
const PotsInTime = later(async () => (await import('./PotsInTime')).PotsInTime);
const KeptResults = later(async () => (await import('./KeptResults')).KeptResults, null);
const FindAmong = later(
  async () => (await import('../kit/FindAmong')).FindAmong,
  <span className="inline-block h-11" />,
);

/** Where the water sits in a pot, how it dries, and what to do next. */
export function PotPage(): ReactElement {
  const [pot, setPot] = usePot();
  const [params] = useSearchParams();
  const hand = useHand((state) => state.hand);
  const named = keysOf(params);
  const keys = named.length > 0 || hand === undefined ? named : [`${hand.kind}:${hand.id}`];
  const idsOf = (kind: string): string[] =>
    keys.flatMap((key) => (key.startsWith(`${kind}:`) ? key.slice(kind.length + 1) : []));
  return (
    <main>
      <TitleBlock
        title="Pot"
        line="Where the water sits, how it dries, what to do next."
        cells={[{ term: 'My pot', value: <PotPicker pot={pot} onChange={setPot} /> }]}
      >
        <ButtonLink to="/pot/diary">Filled pots</ButtonLink>
      </TitleBlock>
      <AwaitLarder named={{ lotIds: idsOf('lot'), blendIds: idsOf('blend') }}>
        {({ lots, blends }) => <Station lots={lots} blends={blends} pot={pot} keys={keys} />}
      </AwaitLarder>
    </main>
  );
}

interface StationProps {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly pot: Pot;
  readonly keys: readonly string[];
}

/** The address that asks the same in any browser: with what is in hand, and the pot that was last used. */
function addressOf(params: URLSearchParams, keys: readonly string[], pot: Pot): string {
  const whole = new URLSearchParams(params);
  whole.set('with', keys.join(','));
  whole.set('pot', potText(pot.shape));
  return `/pot?${whole.toString()}`;
}

const NO_PLACES: readonly PlaceRow[] = [];

function Station({ lots, blends, pot, keys }: StationProps): ReactElement {
  const [params, setParams] = useSearchParams();
  const learnt = useQuery(learningQuery).data?.learning.use;
  const wanted = keys.join(',');
  const media = useMemo(
    () =>
      wanted
        .split(',')
        .filter((key) => key !== '')
        .flatMap((key) => comparedOf(key, lots, blends, pot, learnt) ?? [])
        .slice(0, MOST_POTS)
        .map(mediumOf),
    [wanted, lots, blends, pot, learnt],
  );
  const asked = params.toString();
  const ask = useMemo(() => askOf(new URLSearchParams(asked)), [asked]);
  const places = useQuery(placesQuery).data ?? NO_PLACES;
  const variants = useMemo(
    () => variantsOf(ask, media, { pot, there: thereOf(ask.at, places), lots }),
    [ask, media, pot, places, lots],
  );
  const change = (by: Partial<PotAsk>): void => {
    setParams((before) => writeAsk(before, { ...askOf(before), ...by }), { replace: true });
  };
  const hold = (next: readonly string[]): void => {
    setParams(
      (before) => {
        before.set('with', next.join(','));
        return before;
      },
      { replace: true },
    );
  };
  const options = [
    ...blends.map(({ id, name }) => ({ key: `blend:${id}`, words: name, group: 'Blends' })),
    ...lots
      .filter(({ component }) => component !== undefined)
      .map(({ id, name, code }) => ({ key: `lot:${id}`, words: `${name}, ${code}`, group: 'Lots and products' })),
  ].filter(({ key }) => !keys.includes(key));
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-zinc3 px-5 py-2">
        <span className="font-semibold">In it</span>
        {media.map(({ key, name, small }) => (
          <span key={key} className="inline-flex items-center gap-2">
            {name} <small className="text-ink2">{small}</small>
            <Button
              look="small"
              className="print:hidden"
              aria-label={`take out ${name}`}
              onClick={() => {
                hold(keys.filter((one) => one !== key));
              }}
            >
              take out
            </Button>
          </span>
        ))}
        {keys.length < MOST_POTS && (
          <span className="print:hidden">
            <FindAmong
              label={media.length === 0 ? 'Which medium' : 'Put another one beside'}
              look="unseen"
              value=""
              unchosen={media.length === 0 ? 'choose a blend or a lot' : 'put another one beside'}
              placeholder="name, code"
              options={options}
              onChange={(key) => {
                hold([...keys, key]);
              }}
            />
          </span>
        )}
      </div>
      {variants.length === 0 ? (
        <EmptyPail question="Which blend or lot is in your pot?" />
      ) : (
        <>
          <SetUp ask={ask} pot={pot} places={places} second={media[1]?.name} onChange={change} />
          <PotsInTime ask={ask} variants={variants} address={addressOf(params, keys, pot)} onChange={change} />
        </>
      )}
      <KeptResults />
    </>
  );
}
