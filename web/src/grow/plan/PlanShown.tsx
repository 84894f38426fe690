import type { TrialPage } from '@bent-pail/contract';
import {
  CIRCUMSTANCES,
  circumstanceOf,
  differencesOf,
  planSays,
  TRAITS,
  type ArmDifference,
  type TrialPlan,
  SETTLED_WORDS,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { counted, day, decimalsOf, listed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { amount, told } from '../../shared/units/mine';
import { useSession, useWorks } from '../../shared/useSession';
import { traitSaid } from '../../shared/trials/traitSaid';
import { CIRCUMSTANCE_LABELS, UNIT_WORDS } from '../words';
import { writeAges } from './ages';
import { SettleForm } from './SettleForm';

/** The plan as it stands: what is asked, of which media, how, with what it could tell. */
export function PlanShown({ page }: { readonly page: TrialPage }): ReactElement {
  const { plan } = page;
  const says = planSays(plan);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 px-5 py-4 min-[1000px]:grid-cols-2">
      <section aria-label="Media">
        <h2 className="text-head">Media</h2>
        <Media plan={plan} />
        {page.secondOf !== undefined && (
          <p className="mt-2 text-small">
            A second crop, in the pots of <Link to={`/grow/${page.secondOf.id}`}>{page.secondOf.name}</Link>.
          </p>
        )}
        <Differences page={page} />
      </section>
      <section aria-label="How it is kept">
        <h2 className="text-head">How it is kept</h2>
        <p className="mt-1">{says === undefined ? '' : told(says.sentence)}</p>
        <ul className="mt-2 list-disc pl-5">
          {plan.species.map(({ key, name, variety, seeds, plants }) => (
            <li key={key}>
              <b>{name}</b>
              {variety === undefined ? '' : `, ${variety}`}: {counted(seeds, 'seed', 'seeds')} in each,{' '}
              {counted(plants, 'plant', 'plants')} read one by one
            </li>
          ))}
          <li>
            {UNIT_WORDS[plan.unit].many} drawn by lot in {counted(plan.blocks, 'block', 'blocks')}, each a{' '}
            {plan.blockIs}
            {page.seed === undefined ? '' : <>, with the seed {<span className="figure">{page.seed}</span>}</>}
          </li>
          {plan.observe.map(({ trait, ages }) => (
            <li key={trait}>
              {traitSaid(trait)} at <span className="figure">{writeAges(ages)}</span> days
            </li>
          ))}
          {plan.culling !== undefined && (
            <li>
              Dropped with fewer than {plan.culling.under} up at {plan.culling.age_d} days
            </li>
          )}
          {plan.pull !== undefined && (
            <li>
              {counted(plan.pull.each, 'plant', 'plants')} of each pulled for the roots at {plan.pull.age_d} days, drawn
              by lot
            </li>
          )}
          <li>
            The answer rests on {TRAITS[plan.asks.trait].label.toLowerCase()};{' '}
            {amount(plan.asks.difference, TRAITS[plan.asks.trait].unit, decimalsOf(plan.asks.difference))} matter
          </li>
        </ul>
      </section>
    </div>
  );
}

function Media({ plan }: { readonly plan: TrialPlan }): ReactElement {
  const { notebook } = useSession();
  return (
    <Rows className="mt-1 text-body">
      <tbody>
        {plan.arms.map(({ key, name, mediumKind, mediumId, mediumN, own }) => (
          <tr key={key}>
            <th scope="row" className="text-left">
              {mediumId === undefined ? (
                name
              ) : (
                <Link
                  className="inline-flex min-h-11 items-center font-semibold"
                  to={mediumKind === 'lot' ? `/shelf/lots/${mediumId}` : `/blend/${mediumId}`}
                >
                  {name}
                </Link>
              )}
              {key === plan.reference && ', the reference'}
            </th>
            <td className="text-left">
              {mediumKind === 'none' ? 'no medium' : mediumN === undefined ? '' : `version ${String(mediumN)}`}
            </td>
            <td className="text-left text-small">
              {CIRCUMSTANCES.flatMap((one) =>
                own[one] === undefined
                  ? []
                  : [
                      `${CIRCUMSTANCE_LABELS[one].toLowerCase()}: ${one === 'sownOn' ? day(own[one], notebook.zone) : own[one]}`,
                    ],
              ).join('; ')}
            </td>
          </tr>
        ))}
        {CIRCUMSTANCES.filter((one) => one !== 'sownOn' && circumstanceOf(plan, { own: {} }, one) !== '').map((one) => (
          <tr key={one}>
            <th scope="row" className="text-left text-small text-ink2">
              {CIRCUMSTANCE_LABELS[one]}, for all
            </th>
            <td className="text-left text-small" colSpan={2}>
              {circumstanceOf(plan, { own: {} }, one)}
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

/** What differs besides the medium, and what was said of it. */
function Differences({ page }: { readonly page: TrialPage }): ReactElement | null {
  const works = useWorks();
  const all = differencesOf(page.plan);
  if (all.length === 0) return <p className="mt-3 text-small">Nothing differs besides the medium.</p>;
  return (
    <div className="mt-4">
      <h3 className="text-body font-semibold">What differs besides</h3>
      {all.map((one) => (
        <div key={one.circumstance} className="mt-2 border-l-4 border-ink bg-paper py-2 pl-3">
          <p>{differenceSaid(one)}</p>
          {one.settled === undefined && works && <SettleForm trialId={page.id} circumstance={one.circumstance} />}
        </div>
      ))}
    </div>
  );
}

function differenceSaid({ circumstance, ways, settled }: ArmDifference): string {
  const told = ways.map(({ is, arms }) => `${listed(arms)}: ${is === '' ? 'not said' : is}`).join('; ');
  const end =
    settled === undefined ? 'Nobody said what of it.' : `Settled, ${SETTLED_WORDS[settled.how]}: ${settled.words}`;
  return `${CIRCUMSTANCE_LABELS[circumstance]}. ${told}. ${end}`;
}
