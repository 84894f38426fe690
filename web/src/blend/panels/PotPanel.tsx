import {
  deskThroughflow,
  geometricVolume_mL,
  potOutlook,
  potOutlookMethod,
  throughflowMethod,
  throughflow,
  USES,
  type UseKey,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { perVolume } from '../../shared/units/ofProperty';
import { MeasureField } from '../../shared/units/MeasureField';
import { amount, inMine, told } from '../../shared/units/mine';
import { CautionStrip } from '../../shared/CautionStrip';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Figure } from '../../shared/Figure';
import { decimalsOf, fixed } from '../../kit/format';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { Origins } from './Origins';
import { potQuestion } from './potQuestion';
import { useStand } from '../../shared/pot/standStore';
import { Rows } from '../../kit/Rows';
import { ButtonLink } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { TWO_COLUMNS } from './columns';

/** What a filled pot weighs, costs and holds, how long that lasts where it stands, and where its parts are from. */
export function PotPanel({ view }: { readonly view: DeskView }): ReactElement {
  const { id } = useParams();
  const { stand, set } = useStand();
  const { notebook } = useSession();
  const input = potQuestion(view.input, view.result, stand);
  const pot = potOutlook(input);
  const straight = geometricVolume_mL(view.input.container) === undefined;
  const figure = (
    label: string,
    key: 'dry_kg' | 'wet_kg' | 'easy_mL' | 'days' | 'price',
    digits: number,
    unit: string,
  ) => {
    const value = pot[key];
    return (
      <tr key={key}>
        <th scope="row">{label}</th>
        <td>
          {value === undefined ? (
            <span className="text-ink2">not known for all parts</span>
          ) : (
            <Figure
              label={label}
              value={value}
              digits={digits}
              unit={unit}
              origin="worked-out"
              working={potOutlookMethod.working(key, input)}
            />
          )}
        </td>
      </tr>
    );
  };
  return (
    <div className={`${TWO_COLUMNS} px-5`}>
      <section aria-label="A filled pot">
        <h2>
          One {view.pot.name}, filled <small className="figure">{amount(pot.medium_L, 'L', 1)} of it</small>
        </h2>
        <div className="mt-1 flex flex-wrap items-end gap-3">
          <Choice
            label="Where it stands"
            value={stand.use}
            options={USES.map(({ key, words, mmPerD }) => ({
              key: key as UseKey,
              words: `${words}, ${amount(mmPerD, 'mm', decimalsOf(mmPerD))} a day`,
            }))}
            onChange={(use) => {
              set({ use });
            }}
          />
          {straight && (
            <MeasureField
              label="Volume of the pot"
              kept="L"
              value={stand.volume_L}
              onChange={(volume_L) => {
                set({ volume_L });
              }}
              className="w-32"
            />
          )}
          <MeasureField
            label="Pot itself"
            kept="kg"
            value={stand.pot_kg}
            onChange={(pot_kg) => {
              set({ pot_kg });
            }}
            className="w-28"
          />
        </div>
        <Rows className="mt-2">
          <tbody>
            {figure('Dry', 'dry_kg', 1, 'kg')}
            {figure('Drained, all water in', 'wet_kg', 1, 'kg')}
            {figure('Easily available water', 'easy_mL', 0, 'mL')}
            {figure('Days between waterings', 'days', 1, 'd')}
            {figure('Medium in it', 'price', 2, notebook.currency)}
            <Through view={view} />
            <tr>
              <th scope="row">Price {perVolume()}: loose as bought, and made</th>
              <td className="figure">{litrePrices(view, notebook.currency)}</td>
            </tr>
          </tbody>
        </Rows>
        {pot.checks.map((check) => (
          <Notice key={check.code} className="mt-2 p-2">
            {told(check.message)}
          </Notice>
        ))}
        {pot.checks.length > 0 && <CautionStrip caution="lifting" />}
        <p className="text-ink2 mt-2 text-small">
          With no rain, from drained down to 50 cm of suction. A plant that is small, or large, uses less or more.
        </p>
        {id !== undefined && (
          <p className="mt-2">
            <ButtonLink look="low" to={`/pot?with=blend:${id}`}>
              Its days in a pot
            </ButtonLink>
          </p>
        )}
      </section>
      <section aria-label="Load and origin">
        <Load load={pot.load_kgPerM2} />
        <Origins view={view} />
      </section>
    </div>
  );
}

/** How fast water runs through it when soaked: rough, and only where it ran through every part. */
function Through({ view }: { readonly view: DeskView }): ReactElement {
  const asked = deskThroughflow(view.input, view.result);
  const first = view.used.find(({ lot }) => lot.component?.facts.k20_cms === undefined)?.lot;
  if (asked.kind === 'known') {
    const { k20_cms, lo, hi } = throughflow(asked.input);
    return (
      <tr>
        <th scope="row">
          Saturated conductivity <small>rough: {`${significant(lo)} to ${significant(hi)}`}</small>
        </th>
        <td>
          <Figure
            label="Saturated conductivity"
            value={k20_cms}
            digits={k20_cms < 0.01 ? 4 : 2}
            unit="cm/s"
            origin="worked-out"
            working={throughflowMethod.working('k20_cms', asked.input)}
          />
        </td>
      </tr>
    );
  }
  return (
    <tr>
      <th scope="row">Saturated conductivity</th>
      <td>
        <span className="text-ink2">never run through {asked.lots.join(', ')}</span>{' '}
        {first !== undefined && (
          <ButtonLink look="small" className="whitespace-nowrap" to={`/bench?lot=${first.id}&protocol=constant-head`}>
            run it through {first.code}
          </ButtonLink>
        )}
      </td>
    </tr>
  );
}

/** Two figures that say something; a third would be made up. */
const significant = (value: number): string => String(Number(value.toPrecision(value < 0.001 ? 1 : 2)));

/** Price of a loose litre of the parts, and of a litre made, which is dearer by what mixing takes. */
function litrePrices({ used, result }: DeskView, currency: string): string {
  const whole = used.reduce((sum, { parts }) => sum + parts, 0);
  const loose = used.reduce((sum, { parts, lot }) => {
    const own = lot.component;
    return sum + parts * (own?.component.pricePerL ?? 0) * (own?.settledPerLoose ?? 1);
  }, 0);
  const made = result.result.pricePerL;
  if (made === undefined) return 'not known for all parts';
  return `${currency}${inMine(loose / whole, 'per L', 3)}, ${currency}${inMine(made, 'per L', 3)}`;
}

function Load({ load }: { readonly load: number | undefined }): ReactElement {
  const { stand, set } = useStand();
  return (
    <>
      <h2>
        Load on the floor <small>for roofs and balconies a structural engineer decides</small>
      </h2>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <Field
          label="Pots to a square metre"
          mode="decimal"
          value={stand.potsPerM2}
          onChange={(potsPerM2) => {
            set({ potsPerM2 });
          }}
          className="w-36"
        />
        <Field
          label="It may carry, kg/m²"
          mode="decimal"
          value={stand.limit_kgPerM2}
          onChange={(limit_kgPerM2) => {
            set({ limit_kgPerM2 });
          }}
          className="w-36"
        />
        {load !== undefined && (
          <p className="pb-2">
            <span className="figure text-lead">{fixed(load, 0)}</span>{' '}
            <span className="figure text-ink2">kg/m² wet</span>
          </p>
        )}
      </div>
    </>
  );
}
