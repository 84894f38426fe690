import type { BlendPage, DeskBlend, BlendVersion, DeskLot } from '@bent-pail/contract';
import { CoreError, predictDesk, type DeskBatch, spoken } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { litres } from '../../shared/units/litres';
import { amount, mySign, readTyped, told } from '../../shared/units/mine';
import { Await } from '../../shared/Await';
import { CAUTIONS } from '../../shared/cautions';
import { NotThere } from '../../shared/NotThere';
import { fixed } from '../../kit/format';
import { OnPaper } from '../../shared/OnPaper';
import { Qr } from '../../shared/Qr';
import { blendQuery } from '../../shared/resources/blends';
import { learningQuery } from '../../shared/resources/learning';
import { useMeasures, useSession } from '../../shared/useSession';
import { AwaitLarder } from '../../shared/larder/AwaitLarder';
import { meaningOf } from '../desk/deskView';
import { batchOf, wantFrom, type Mixed, type Want } from '../panels/want';
import { recipeText } from '../list/recipeText';

/** A batch on paper: what to take, what to do and in which order, with boxes to tick and a place for what was really taken. */
export function BatchSheetPage(): ReactElement {
  const { id = '', n } = useParams();
  const page = useQuery(blendQuery(id));
  return (
    <Await query={page}>
      {(blend) => {
        const version = blend.versions.find((one) => String(one.n) === n);
        return version === undefined ? (
          <NotThere says="This blend has no such version." on={{ to: `/blend/${id}`, name: 'The newest' }} />
        ) : (
          <AwaitLarder named={{ lines: version.recipe.lines }}>
            {({ lots, blends }) => <Sheet page={blend} version={version} lots={lots} blends={blends} />}
          </AwaitLarder>
        );
      }}
    </Await>
  );
}

interface SheetProps {
  readonly page: BlendPage;
  readonly version: BlendVersion;
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
}

type Worked = { readonly mixed: Mixed; readonly batch: DeskBatch } | { readonly problem: string };

const NOTHING = 'Fill in how much on the desk, then come back.';

function Sheet({ page, version, lots, blends }: SheetProps): ReactElement {
  const { notebook } = useSession();
  const [params] = useSearchParams();
  const learnt = useQuery(learningQuery).data?.learning.use;
  const want = wantFrom(params);
  const asked = params.toString();
  const worked = useMemo((): Worked => {
    const { used, input, problem } = meaningOf(version.recipe, lots, blends, learnt);
    if (input === undefined) return { problem: problem ?? NOTHING };
    try {
      const mixed: Mixed = { used, recipe: version.recipe, result: predictDesk(input) };
      const batch = batchOf(mixed, wantFrom(new URLSearchParams(asked)));
      return batch === undefined ? { problem: NOTHING } : { mixed, batch };
    } catch (error) {
      if (error instanceof CoreError) return { problem: spoken(error) };
      throw error;
    }
  }, [version, lots, blends, learnt, asked]);
  const back = `/blend/${page.id}?ask=batch`;
  if ('problem' in worked)
    return (
      <OnPaper back={back} backWords="Back to the desk" label="Batch sheet">
        <p>{worked.problem}</p>
      </OnPaper>
    );
  const { batch, mixed } = worked;
  return (
    <OnPaper back={back} backWords="Back to the desk" label={`Batch sheet of ${page.name}`}>
      <header>
        <div>
          <h1>
            {page.name}, version {version.n}
          </h1>
          <p>{recipeText(version)}</p>
          <p className="sentence">
            {wantSaid(want, batch)}: {amount(batch.quantity.loose_L, 'L', 0)} loose make{' '}
            {amount(batch.quantity.finished_L, 'L', 0)}.
          </p>
          <p>{notebook.place}</p>
        </div>
        <Qr page={`/blend/${page.id}/versions/${String(version.n)}`} size={96} />
      </header>
      <Take batch={batch} mixed={mixed} />
      <Work batch={batch} />
    </OnPaper>
  );
}

function wantSaid(want: Want, { reach }: DeskBatch): string {
  switch (want.kind) {
    case 'pots':
      return `${want.pots} pots of ${said(want.potVolume_L, 'L')}`;
    case 'bed':
    case 'top-dressing':
      return `${said(want.length_m, 'm')} by ${said(want.width_m, 'm')}, ${said(want.depth_cm, 'cm')} deep`;
    case 'volume':
      return said(want.volume_L, 'L');
    case 'stock':
      return reach?.pots === undefined ? 'All that is there' : `All that is there, ${String(reach.pots)} pots`;
  }
}

/** What was typed, with its unit behind it where it was left to the field. */
const said = (text: string, kept: string): string =>
  readTyped(text, kept).unit === undefined ? `${text} ${mySign(kept)}` : text;

function Take({ batch, mixed }: { readonly batch: DeskBatch; readonly mixed: Mixed }): ReactElement {
  const { scoop } = useMeasures();
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Lot</th>
          <th scope="col">take</th>
          <th scope="col">goes in</th>
          <th scope="col">scoops of {litres(scoop)}</th>
          <th scope="col">really taken</th>
        </tr>
      </thead>
      <tbody>
        {batch.quantity.lines.map((line, i) => (
          <tr key={line.name}>
            <th scope="row">
              {line.name}, {mixed.used[i]?.lot.code}
            </th>
            <td>{litres(line.take_L)}</td>
            <td>{litres(line.loose_L)}</td>
            <td>{fixed(line.loose_L / scoop, 1)}</td>
            <td />
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Work({ batch: { plan } }: { readonly batch: DeskBatch }): ReactElement {
  return (
    <>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">when</th>
            <th scope="col">done</th>
          </tr>
        </thead>
        <tbody>
          {plan.tasks.map(({ what, why, hoursBefore }) => (
            <tr key={what}>
              <th scope="row">
                {told(what)} <small>{told(why)}</small>
              </th>
              <td>{whenSaid(hoursBefore)}</td>
              <td />
            </tr>
          ))}
        </tbody>
      </table>
      <p>Into the mixer: {plan.order.join(', then ')}.</p>
      <p>
        Water while mixing: {litres(plan.water_L)}, until a fistful holds and crumbles at a touch.
        {plan.takenAsDry.length > 0 && ` Counted as dry: ${plan.takenAsDry.join(', ')}; begin with half.`}
      </p>
      {(['dust', 'lifting'] as const).map((key) => (
        <p key={key} className="paper-caution">
          <b>{CAUTIONS[key].title}.</b> {told(CAUTIONS[key].short)}
        </p>
      ))}
    </>
  );
}

/** Hours before or after the mixing, in words. */
function whenSaid(hoursBefore: number): string {
  if (hoursBefore === 0) return 'mixing';
  const hours = Math.abs(hoursBefore);
  const long = hours < 48 ? `${String(hours)} h` : `${String(Math.round(hours / 24))} days`;
  return `${long} ${hoursBefore > 0 ? 'before' : 'after'}`;
}
