import {
  deskCec,
  deskDoses,
  deskNutrientsInput,
  FEEDERS,
  feedSalt,
  feedSaltMethod,
  nutrients,
  nutrientsMethod,
  plainNitrogen,
  type Feeder,
  type NutrientsInput,
  type NutrientsResult,
  type Working,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { amount, told } from '../../shared/units/mine';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Figure } from '../../shared/Figure';
import { fixed } from '../../kit/format';
import type { DeskView } from '../desk/deskView';
import { Feeding } from './Feeding';
import { typedNumber, useStand } from '../../shared/pot/standStore';
import { Rows } from '../../kit/Rows';
import { elementName, NutrientRows } from '../../shared/food/NutrientRows';
import { TWO_COLUMNS } from './columns';

/** What the blend feeds, how long its nitrogen lasts, what would make it up, and a plan to feed by. */
export function FoodPanel({ view }: { readonly view: DeskView }): ReactElement {
  const { stand, set } = useStand();
  const fed = plainNitrogen(view.recipe);
  const dosed = deskDoses(view.recipe, view.profile);
  const nitrogen = fed + dosed.nitrogen_mgL;
  const product = typedNumber(stand.productN_percent);
  const input = deskNutrientsInput(view.input, view.result, {
    feeder: stand.feeder,
    dosed,
    ...(nitrogen === 0 ? {} : { fed_mgL: nitrogen }),
    ...(product === undefined || product > 100 ? {} : { productN_percent: product }),
  });
  const found = nutrients(input);
  return (
    <div className={`${TWO_COLUMNS} px-5`}>
      <section aria-label="Nutrients">
        <h2>
          What it feeds <small>mg to a litre made, water extract</small>
        </h2>
        <div className="mt-1 flex flex-wrap items-end gap-3">
          <Choice<Feeder>
            label="The plant is"
            value={stand.feeder}
            options={FEEDERS.map((key) => ({ key, words: `a ${key} feeder` }))}
            onChange={(feeder) => {
              set({ feeder });
            }}
          />
          <Field
            label="Nitrogen of my feed, %"
            mode="decimal"
            value={stand.productN_percent}
            onChange={(productN_percent) => {
              set({ productN_percent });
            }}
            className="w-40"
          />
        </div>
        <Verdict found={found} />
        <NutrientRows judged={found.judged} input={input} />
        {dosed.nitrogen_mgL > 0 && (
          <p className="text-ink2 mt-1 text-small">
            What meals and other slow stuffs hold is counted whole; they free it over months.
          </p>
        )}
        {found.checks.map((check) => (
          <p key={check.code} className="text-ink2 mt-1 text-small">
            {told(check.message)}
          </p>
        ))}
      </section>
      <section aria-label="Nitrogen">
        <Nitrogen
          found={found}
          input={input}
          fed={nitrogen}
          ec={fed === 0 ? undefined : <EcWithPowders view={view} fed={fed} />}
          cec={deskCec(view.input, view.result.result.volume)}
        />
        <Feeding view={view} found={found} />
      </section>
    </div>
  );
}

function Verdict({ found }: { readonly found: NutrientsResult }): ReactElement {
  const { limiting, judged } = found;
  const sentence =
    judged.length === 0
      ? 'No part has a laboratory report, so nobody knows what it feeds. A lab report on one of its lots is a start.'
      : limiting === undefined
        ? 'Nothing that was reported falls short.'
        : `${elementName(limiting)} runs short first.`;
  return <p className="mt-3 text-head leading-tight font-semibold">{sentence}</p>;
}

/** EC of the blend with what its powders add, against what the use bears. */
function EcWithPowders({
  view: { result, profile },
  fed,
}: {
  readonly view: DeskView;
  readonly fed: number;
}): ReactElement {
  const own = result.result.ec_dSm;
  const input = { fed_mgL: fed, ...(own === undefined ? {} : { own_dSm: own }) };
  const { feed_dSm, ec_dSm } = feedSalt(input);
  const limit = profile?.targets.find((target) => target.property === 'ec_dSm')?.limits[1] ?? undefined;
  return (
    <>
      <Figure
        label={ec_dSm === undefined ? 'EC that the powders bring' : 'EC with the powders'}
        value={ec_dSm ?? feed_dSm}
        digits={2}
        unit="dS/m"
        origin="worked-out"
        working={feedSaltMethod.working(ec_dSm === undefined ? 'feed_dSm' : 'ec_dSm', input)}
      />
      <small className="block">
        {ec_dSm === undefined ? 'above its own, which is not known' : `${amount(feed_dSm, 'dS/m', 2)} of it theirs`}
        {limit === undefined ? '' : `; ${profile?.label ?? ''} bear ${amount(limit, 'dS/m', 2)}`}
      </small>
    </>
  );
}

interface NitrogenProps {
  readonly found: NutrientsResult;
  readonly input: NutrientsInput;
  readonly fed: number;
  readonly cec: number | undefined;
  /** Where powders are in. */
  readonly ec: ReactElement | undefined;
}

function Nitrogen({ found, input, fed, cec, ec }: NitrogenProps): ReactElement {
  const { available_mgL, drawdown_mgL, uptake_mgLd, days, toAdd_mgL, product_gPerL } = found;
  const working = (output: 'drawdown_mgL' | 'days'): Working => nutrientsMethod.working(output, input);
  return (
    <>
      <h2>Nitrogen</h2>
      <Rows className="mt-1">
        <tbody>
          <tr>
            <th scope="row">There{fed > 0 ? ', powders in' : ''}</th>
            <td className="figure">{available_mgL === undefined ? 'not known' : `${fixed(available_mgL, 0)} mg/L`}</td>
          </tr>
          <tr>
            <th scope="row">Decay takes up, in the first weeks</th>
            <td>
              <Figure
                label="Decay takes up"
                value={drawdown_mgL}
                digits={0}
                unit="mg/L"
                origin="worked-out"
                working={working('drawdown_mgL')}
              />
            </td>
          </tr>
          <tr>
            <th scope="row">The plant takes a day</th>
            <td className="figure">{fixed(uptake_mgLd, 1)} mg/L</td>
          </tr>
          <tr>
            <th scope="row">It lasts</th>
            <td>
              {days === undefined ? (
                <span className="text-ink2">{available_mgL === undefined ? 'not known' : 'over a year'}</span>
              ) : (
                <Figure
                  label="It lasts"
                  value={days}
                  digits={0}
                  unit="d"
                  origin="worked-out"
                  working={working('days')}
                />
              )}
            </td>
          </tr>
          {toAdd_mgL !== undefined && toAdd_mgL > 0 && (
            <tr>
              <th scope="row">To bring it to enough</th>
              <td className="figure">
                {fixed(toAdd_mgL, 0)} mg/L
                {product_gPerL === undefined ? '' : `, ${fixed(product_gPerL, 2)} g/L of my feed`}
              </td>
            </tr>
          )}
          {ec !== undefined && (
            <tr>
              <th scope="row">EC with the powders, 1:2</th>
              <td>{ec}</td>
            </tr>
          )}
          {cec !== undefined && (
            <tr>
              <th scope="row">It can hold on to, exchange capacity</th>
              <td className="figure">{fixed(cec, 0)} meq/L</td>
            </tr>
          )}
        </tbody>
      </Rows>
    </>
  );
}
