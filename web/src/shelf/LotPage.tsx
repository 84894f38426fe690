import type { LotCardPage } from '@bent-pail/contract';
import { foundOnCard, mediaClassLabel } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { Kin } from './intake/Kin';
import { Await } from '../shared/Await';
import { day } from '../kit/format';
import { useHand } from '../shared/handStore';
import { usePot } from '../shared/pot/usePot';
import { lotQuery } from '../shared/resources/lots';
import { TitleBlock, type TitleCell } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { IntoBlend } from './IntoBlend';
import { LotWasPutAway } from './PutLotAway';
import { FirmingLine } from './FirmingLine';
import { LotFood } from './LotFood';
import { GrownIn } from '../shared/trials/GrownIn';
import { LotClasses } from './LotClasses';
import { LotPailColumn } from './LotPailColumn';
import { OriginLine } from './OriginLine';
import { PropertyTable } from './PropertyTable';
import { Sorry } from '../kit/Sorry';
import { ButtonLink } from '../kit/Button';
import { Notice } from '../kit/Notice';
import { LotGrid, LotMain } from './LotGrid';
import { later } from '../kit/later';

// The figures stand first; what is drawn and said of them follows.
const VerdictPanel = later(async () => (await import('../shared/verdicts/VerdictPanel')).VerdictPanel);
const LotCharts = later(async () => (await import('./LotCharts')).LotCharts);
const LotActs = later(async () => (await import('./LotActs')).LotActs, null);

/** The property card of one lot: its pail, its numbers with spread and runs, its curve. */
export function LotPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(lotQuery(id));
  return <Await query={query}>{(page) => <Card key={page.lot.id} page={page} />}</Await>;
}

function Card({ page }: { readonly page: LotCardPage }): ReactElement {
  const { lot, card, kin, currency } = page;
  const { notebook } = useSession();
  const works = useWorks();
  const take = useHand((state) => state.take);
  const [pot, setPot] = usePot();
  const { id, name, code, pail } = lot;
  useEffect(() => {
    take({ kind: 'lot', id, name: `${name}, ${code}`, ...(pail === undefined ? {} : { pail }) });
  }, [take, id, name, code, pail]);
  const cells: TitleCell[] = [
    { term: 'Class', value: mediaClassLabel(lot.classId ?? '') ?? 'not named yet' },
    ...(lot.boughtOn === undefined ? [] : [{ term: 'Arrived', value: day(lot.boughtOn, notebook.zone) }]),
    {
      term: 'Runs',
      value: `${String(lot.finishedRuns)} finished${lot.openRuns === 0 ? '' : `, ${String(lot.openRuns)} open`}`,
    },
  ];
  const about = [
    lot.aliases.length === 0 ? undefined : `Also called: ${lot.aliases.join(', ')}`,
    [lot.grade, lot.source, lot.state].filter((part) => part !== undefined).join(', ') || undefined,
  ].filter((part) => part !== undefined);
  return (
    <main>
      <TitleBlock
        title={`${lot.name}, lot ${lot.code}`}
        tab={`${lot.name} ${lot.code}`}
        line={
          <>
            <OriginLine lot={lot} />
            {about.join('. ')}
            {about.length > 0 ? '.' : lot.origin.kind === 'bought' ? 'Source and grade are not noted yet.' : ''}
          </>
        }
        cells={cells}
      >
        {card.component !== undefined && (
          <>
            <ButtonLink to={`/pot?with=lot:${lot.id}`}>Its days in a pot</ButtonLink>
            <ButtonLink to={`/blend/desk?alone=${lot.id}&ask=batch`}>How much for my bed</ButtonLink>
          </>
        )}
        {works && <NextAct page={page} />}
      </TitleBlock>
      <LotWasPutAway lot={lot} />
      {lot.following === true && (
        <Notice className="mx-5 mt-4 p-2" role="status">
          Something that this card rests on has changed: it is being worked out again, and shows the figures of before.
        </Notice>
      )}
      {lot.trouble !== undefined && (
        <Sorry className="mx-5 mt-4">
          This card cannot be worked out: {lot.trouble} Nothing is lost; change what is wrong below.
        </Sorry>
      )}
      <LotGrid>
        <LotPailColumn page={page} pot={pot} onPot={setPot} />
        <LotMain label="Properties">
          <PropertyTable figures={card.figures} currency={currency} />
          <VerdictPanel found={foundOnCard(card.figures)} materialClass={lot.classId} />
          <LotFood name={lot.name} figures={card.figures} />
          {card.firming !== undefined && <FirmingLine firming={card.firming} />}
          {card.curve !== undefined && <LotCharts curve={card.curve} pot={pot} />}
          {kin.length > 0 && (
            <details className="mt-3">
              <summary>How much lots of {lot.name} differ</summary>
              <Kin kin={kin} lotId={lot.id} />
            </details>
          )}
          <LotClasses lotId={lot.id} />
          <GrownIn of={{ lot: lot.id }} />
          {works && <LotActs lot={lot} />}
          <p className="mt-3 flex flex-wrap gap-x-6 text-small">
            <Link to={`/shelf/lots/${lot.id}/intake`}>Intake: label, faults, bag against bag</Link>
            <Link to={`/shelf/lots/${lot.id}/life`}>Where its figures come from and go</Link>
            <Link to={`/shelf/lots/${lot.id}/print`}>On paper</Link>
            {works && <Link to={`/class?begin=air-and-water&lot=${lot.id}`}>Blind, for a class</Link>}
            <Link to={`/shelf/lots/${lot.id}/labels`}>Labels to print</Link>
            <a href={`/api/exports/cards.csv?lot=${lot.id}`} download>
              These figures as a table
            </a>
            <a href={`/api/exports/readings.csv?lot=${lot.id}`} download>
              Every reading behind them
            </a>
          </p>
        </LotMain>
      </LotGrid>
    </main>
  );
}

/** What one does next with this lot: judge a product, blend a known material, measure an unknown one. */
function NextAct({ page }: { readonly page: LotCardPage }): ReactElement {
  const { lot, card } = page;
  if (lot.kind === 'product') {
    const isPoured = card.figures.some(({ property }) => property === 'bagVolume_L');
    return (
      <>
        {!isPoured && <ButtonLink to={`/bench?lot=${lot.id}&protocol=bag-volume`}>What it really holds</ButtonLink>}
        <ButtonLink look="act" to={`/score?lot=${lot.id}`}>
          Judge it
        </ButtonLink>
      </>
    );
  }
  if (card.component === undefined) {
    return (
      <ButtonLink look="act" to={`/bench?lot=${lot.id}`}>
        Measure it
      </ButtonLink>
    );
  }
  return <IntoBlend lot={lot} />;
}
