import type { LotRow } from '@bent-pail/contract';
import { MEDIA_CLASSES, parseNumber, type MediaClass, type Typical } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { amount, inMine, mySign, readTyped } from '../shared/units/mine';
import { priceSaid } from '../shared/units/ofProperty';
import { LotPail } from '../shared/pail/LotPail';
import { useSession } from '../shared/useSession';
import { Rows } from '../kit/Rows';
import { INK } from '../kit/ink';

interface NewLotSideProps {
  readonly classId: string;
  /** A lot that is on the shelf under that name. */
  readonly known: LotRow | undefined;
  readonly pack_L: string;
  readonly price: string;
}

/** The vessel that class figures are told for, cm. */
const DEPTH_cm = 10;

/** What follows from what is typed of a new lot, until the bench knows better. */
export function NewLotSide({ classId, known, pack_L, price }: NewLotSideProps): ReactElement {
  const found = MEDIA_CLASSES.find(({ id }) => id === classId);
  return (
    <aside aria-label="What follows from it" className="border-ink px-5 py-5 max-lg:border-t-[3px] lg:border-l-[3px]">
      {known !== undefined && (
        <p className="mb-4">
          It is on the shelf already, as <Link to={`/shelf/lots/${known.id}`}>{known.code}</Link>. This becomes another
          lot of it.
        </p>
      )}
      {found === undefined ? (
        <div className="flex items-end gap-5">
          <LotPail pail={undefined} size={120} tier="medium" />
          <p className="max-w-[34ch] pb-2 text-ink2">
            Until somebody says what kind of stuff it is, nothing is drawn: no class lends it figures. Measuring tells
            more than any class.
          </p>
        </div>
      ) : (
        <Usual of={found} />
      )}
      <PerLitre pack_L={pack_L} price={price} />
    </aside>
  );
}

function Usual({ of }: { readonly of: MediaClass }): ReactElement {
  const { air, water } = of.inVessel10cm;
  const pail = {
    solid: Math.max(0, 1 - air.typical - water.typical),
    water: water.typical,
    air: air.typical,
    height_cm: DEPTH_cm,
    kind: 'class' as const,
  };
  const rows: readonly (readonly [string, Typical, number, string?])[] = [
    [`Air, ${amount(DEPTH_cm, 'cm', 0)} vessel`, air, 2],
    [`Water, ${amount(DEPTH_cm, 'cm', 0)} vessel`, water, 2],
    ['Dry bulk density, g/mL', of.dryBulkDensity_gcc, 2],
    ['pH, 1:5 in water', of.pH_1to5_water, 1],
    [`EC, 1:2, ${mySign('dS/m')}`, of.ec_1to2_dSm, 2, 'dS/m'],
  ];
  return (
    <div className="flex flex-wrap items-end gap-6">
      <LotPail pail={pail} size={120} tier="medium" />
      <div className="min-w-0 flex-1">
        <h2 className="mb-1">What {of.label.toLowerCase()} usually is</h2>
        <Rows>
          <thead>
            <tr>
              <th scope="col">Class figure</th>
              <th scope="col">typical</th>
              <th scope="col">from, to</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(([words, { typical, range }, digits, kept = '']) => (
              <tr key={words}>
                <th scope="row">{words}</th>
                <td>
                  <span className={INK.label}>{inMine(typical, kept, digits)}</span>
                </td>
                <td className="figure text-ink2">
                  {inMine(range[0], kept, digits)}–{inMine(range[1], kept, digits)}
                </td>
              </tr>
            ))}
          </tbody>
        </Rows>
        <p className="mt-2 text-small text-ink2">
          Dots are the class’s figures: the card shows them so until a run replaces them. Water repellence:{' '}
          {of.wettability}.
        </p>
      </div>
    </div>
  );
}

/** What a litre costs by the label; what is really in the pack is measured at its intake. */
function PerLitre({ pack_L, price }: Pick<NewLotSideProps, 'pack_L' | 'price'>): ReactElement | null {
  const { notebook } = useSession();
  const [litres, paid] = [readTyped(pack_L, 'L').number, parseNumber(price)];
  if (litres.kind !== 'number' || paid.kind !== 'number' || litres.value <= 0) return null;
  return (
    <p className="mt-4">
      By the label <span className={INK.label}>{priceSaid(paid.value / litres.value, notebook.currency)}</span>.
    </p>
  );
}
