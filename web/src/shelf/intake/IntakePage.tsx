import type { LotCardPage } from '@bent-pail/contract';
import { property, type LotFigure } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { unitOf } from '../../shared/units/ofProperty';
import { Await } from '../../shared/Await';
import { Figure } from '../../shared/Figure';
import { day } from '../../kit/format';
import { lotQuery } from '../../shared/resources/lots';
import { TitleBlock, type TitleCell } from '../../shared/TitleBlock';
import { Trouble } from '../../shared/Trouble';
import { useSession, useWorks } from '../../shared/useSession';
import { HowMany } from './HowMany';
import { answersOf, INTAKE_CHECKS, intakeSentence, type IntakeCheck } from './intakeChecks';
import { Kin } from './Kin';
import { LabelText } from './LabelText';
import { LabelPicture } from './LabelPicture';
import { ButtonLink, BUTTON } from '../../kit/Button';
import { LotGrid, LotLeft, LotMain } from '../LotGrid';
import { told } from '../../shared/units/mine';

/** A bag as it comes: label against truth, what the hands and eyes find, bag against bag. */
export function IntakePage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(lotQuery(id));
  return <Await query={query}>{(page) => <Intake page={page} />}</Await>;
}

function Intake({ page }: { readonly page: LotCardPage }): ReactElement {
  const { lot, card, kin, currency } = page;
  const { notebook } = useSession();
  const done = INTAKE_CHECKS.filter((check) => answersOf(check, card.figures).length > 0).length;
  const next = INTAKE_CHECKS.find((check) => answersOf(check, card.figures).length === 0);
  const works = useWorks();
  const price = card.figures.find((figure) => figure.property === 'pricePerL');
  const cells: TitleCell[] = [
    ...(lot.boughtOn === undefined ? [] : [{ term: 'Arrived', value: day(lot.boughtOn, notebook.zone) }]),
    { term: 'Checked', value: `${String(done)} of ${String(INTAKE_CHECKS.length)}` },
  ];
  return (
    <main>
      <TitleBlock
        title={`Intake of ${lot.name}, ${lot.code}`}
        line={<Link to={`/shelf/lots/${lot.id}`}>Its card</Link>}
        cells={cells}
      >
        {works && next !== undefined && (
          <ButtonLink look="act" to={`/bench?lot=${lot.id}&protocol=${next.protocol}`}>
            Next check
          </ButtonLink>
        )}
      </TitleBlock>
      <LotGrid>
        <LotLeft label="Against the label">
          {lot.packVolume_L !== undefined && (
            <LabelPicture
              label_L={lot.packVolume_L}
              poured_L={card.figures.find((figure) => figure.property === 'bagVolume_L')?.summary.mean}
            />
          )}
          <p className="text-head leading-tight font-semibold">{intakeSentence(lot.packVolume_L, card)}</p>
          <LabelText lot={lot} works={works} />
          {price !== undefined && (
            <p className="mt-3">
              <Figure
                label="Price of one real litre"
                value={price.summary.mean}
                digits={property('pricePerL').digits}
                {...unitOf('pricePerL', currency)}
                origin={price.origin}
                working={price.working}
              />{' '}
              <span className="text-ink2">by {told(price.method)}</span>
            </p>
          )}
        </LotLeft>
        <LotMain label="Checks">
          <h2>What the bag is asked</h2>
          <ul>
            {INTAKE_CHECKS.map((check) => (
              <CheckRow
                key={check.protocol}
                check={check}
                found={answersOf(check, card.figures)}
                lotId={lot.id}
                works={works}
              />
            ))}
          </ul>
          <h2 className="mt-4">Bag against bag</h2>
          {kin.length === 0 ? (
            <p className="text-ink2">
              One bag alone says nothing of the next. Measure another lot of {lot.name} by the same method, and how much
              they differ stands here.
            </p>
          ) : (
            <>
              <HowMany kin={kin} />
              <Kin kin={kin} lotId={lot.id} />
            </>
          )}
        </LotMain>
      </LotGrid>
    </main>
  );
}

interface CheckRowProps {
  readonly check: IntakeCheck;
  readonly found: readonly LotFigure[];
  readonly lotId: string;
  readonly works: boolean;
}

function CheckRow({ check, found, lotId, works }: CheckRowProps): ReactElement {
  return (
    <li className="grid min-h-[52px] grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 border-b border-zinc2 max-[900px]:py-1.5 min-[901px]:grid-cols-[240px_minmax(0,1fr)_auto]">
      <span className="font-semibold">{check.asks}</span>
      <span className="flex flex-wrap gap-x-6.5 gap-y-0.5 max-[900px]:col-span-full max-[900px]:row-start-2">
        {found.map((one) => (
          <Found key={one.property} one={one} />
        ))}
        {found.length === 0 && <span className="text-ink2">not checked</span>}
      </span>
      {works && (
        <Link
          className={found.length === 0 ? BUTTON.alt : 'inline-flex min-h-11 items-center'}
          to={`/bench?lot=${lotId}&protocol=${check.protocol}`}
        >
          {found.length === 0 ? 'Check it' : 'again'}
        </Link>
      )}
    </li>
  );
}

function Found({ one }: { readonly one: LotFigure }): ReactElement {
  const { label, digits, unit } = property(one.property);
  return (
    <span>
      <small className="block leading-tight">{label}</small>
      <Figure
        label={label}
        value={one.summary.mean}
        digits={digits}
        sd={one.summary.sd}
        unit={unit}
        origin={one.origin}
        working={one.working}
        words={one.words}
      />
      <Trouble trouble={one.trouble} />
    </span>
  );
}
