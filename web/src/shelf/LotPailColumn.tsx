import { useMedia } from '../kit/useMedia';
import type { LotCardPage } from '@bent-pail/contract';
import { lotInPot, type Band, type LotCard, type LotInPot, type MissingFigure } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { amount, told } from '../shared/units/mine';
import { Figure } from '../shared/Figure';
import { LotPail, STATE } from '../shared/pail/LotPail';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { ReadPail, type PailReading } from '../shared/pail/ReadPail';
import { PotPicker } from '../shared/pot/PotPicker';
import type { Pot } from '../shared/pot/pots';
import { useWorks } from '../shared/useSession';
import { LotLeft } from './LotGrid';
import { airSentence, isMeasured, pailSource } from './pailWords';
import { fixed } from '../kit/format';
import { PART_WORDS } from '../shared/pail/partWords';

interface ColumnProps {
  readonly page: LotCardPage;
  readonly pot: Pot;
  readonly onPot: (pot: Pot) => void;
}

/** Height of the large pail without its bail, px. */
const LARGE = 168;
/** On the smallest phones its figures need their room too. */
const SMALL = 134;

/** Left of the card: the pail large, one plain sentence, the same stuff in my pot, what is not known yet. */
export function LotPailColumn({ page, pot, onPot }: ColumnProps): ReactElement {
  const { card, lot } = page;
  const there = useMemo(
    () =>
      card.curve === undefined || card.component === undefined
        ? undefined
        : lotInPot(card.component, card.curve, pot.shape),
    [card.curve, card.component, pot.shape],
  );
  return (
    <LotLeft label="The pail">
      {card.pail === undefined ? (
        <div className="flex items-end gap-4">
          <LotPail pail={undefined} size={LARGE} tier="large" />
          <p className="max-w-[18ch] pb-2 text-head font-semibold">
            Nobody has weighed this yet, and what it is, is not named. Say below what it is like, and it can be mixed.
          </p>
        </div>
      ) : (
        <Measured card={card} />
      )}
      {there !== undefined && card.pail !== undefined && (
        <>
          <p className="mt-3 text-head leading-tight font-semibold">
            {airSentence(card)} In {pot.name.toLowerCase()} it would hold {fixed(there.water.p50, 2)} water and{' '}
            {fixed(there.air.p50, 2)} air.
          </p>
          <TwoPails card={card} there={there} pot={pot} onPot={onPot} />
        </>
      )}
      <Missing missing={card.missing} lotId={lot.id} />
    </LotLeft>
  );
}

function Measured({ card }: { readonly card: LotCard }): ReactElement {
  const isNarrow = useMedia('(max-width: 359px)');
  const pail = card.pail as NonNullable<LotCard['pail']>;
  const shape = shapeOf({ height_cm: pail.height_cm }, 'vessel');
  const find = (key: 'airSpace' | 'containerCapacity' | 'totalPorosity') =>
    card.figures.find((one) => one.property === key);
  const reading = (part: 'air' | 'water', key: 'airSpace' | 'containerCapacity'): PailReading => {
    const measured = isMeasured(pail, part);
    const figure = measured ? find(key) : undefined;
    return {
      part,
      figure: (
        <Figure
          label={PART_WORDS[part]}
          value={pail[part]}
          digits={measured ? 3 : 2}
          sd={figure?.summary.sd}
          origin={measured ? 'measured' : 'label'}
          working={figure?.working}
          className="text-title"
          bare
        />
      ),
    };
  };
  const porosity = find('totalPorosity');
  const measured = isMeasured(pail, 'solid');
  const readings: PailReading[] = [
    reading('air', 'airSpace'),
    reading('water', 'containerCapacity'),
    {
      part: 'solid',
      figure: (
        <Figure
          label={PART_WORDS.solid}
          value={pail.solid}
          digits={measured ? 3 : 2}
          origin={measured ? 'measured' : 'label'}
          working={measured ? porosity?.working : undefined}
          {...(porosity === undefined
            ? {}
            : { lessThan1By: { label: 'Total porosity', value: porosity.summary.mean } })}
          className="text-title"
          bare
        />
      ),
    },
  ];
  return (
    <>
      <ReadPail
        shape={shape}
        fill={{ kind: 'parted', solid: pail.solid, water: pail.water, air: pail.air }}
        state={STATE[pail.kind]}
        k={(isNarrow ? SMALL : LARGE) / pail.height_cm}
        readings={readings}
      />
      <p className="text-ink2 mt-2 text-small">{pailSource(card)}</p>
    </>
  );
}

const between = ({ p5, p95 }: Band): string => `${fixed(p5, 2)}–${fixed(p95, 2)}`;

/** The test vessel and my pot on one scale: the same stuff, another depth. */
function TwoPails({
  card,
  there,
  pot,
  onPot,
}: { readonly card: LotCard; readonly there: LotInPot } & Pick<ColumnProps, 'pot' | 'onPot'>): ReactElement {
  const pail = card.pail as NonNullable<LotCard['pail']>;
  const k = 104 / Math.max(pail.height_cm, pot.shape.height_cm);
  const { solid, water, air } = there;
  return (
    <div className="mt-3 flex items-end gap-5 border-b-[1.5px] pb-2">
      <figure className="m-0">
        <LotPail pail={pail} size={pail.height_cm * k} tier="medium" />
        <figcaption className="text-ink2 text-small">{amount(pail.height_cm, 'cm', 0)} vessel</figcaption>
      </figure>
      <figure className="m-0">
        <PailMark
          shape={shapeOf(pot.shape, 'pot')}
          fill={{ kind: 'parted', solid, water: water.p50, air: air.p50 }}
          state="predicted"
          tier="medium"
          k={k}
        />
        <figcaption className="text-small">
          <PotPicker pot={pot} onChange={onPot} />
          <span className="mt-1.5 flex gap-4">
            <Figure
              label="Air in my pot"
              value={air.p50}
              digits={2}
              unit={PART_WORDS.air}
              origin="worked-out"
              working={there.workings.air}
            />
            <Figure
              label="Water in my pot"
              value={water.p50}
              digits={2}
              unit={PART_WORDS.water}
              origin="worked-out"
              working={there.workings.water}
            />
          </span>
          <span className="figure text-ink2 text-note mt-1 flex gap-4">
            <span>{between(air)}</span>
            <span>{between(water)}</span>
            <span>5–95 %</span>
          </span>
        </figcaption>
      </figure>
    </div>
  );
}

function Missing({
  missing,
  lotId,
}: {
  readonly missing: readonly MissingFigure[];
  readonly lotId: string;
}): ReactElement | null {
  const works = useWorks();
  if (missing.length === 0) return null;
  return (
    <>
      <h2 className="mt-3">Not known yet</h2>
      <ul>
        {missing.map((one) => (
          <li key={one.what} className="flex min-h-9 items-baseline justify-between gap-3 border-b border-zinc2 py-1">
            <span>
              {told(one.what)} <small>{told(one.classSays ?? '')}</small>
            </span>
            {works && (
              <Link className="text-small whitespace-nowrap" to={`/bench?lot=${lotId}&protocol=${one.protocol}`}>
                measure it
              </Link>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
