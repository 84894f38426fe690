import type { InstrumentRow } from '@bent-pail/contract';
import { stampOf, type InstrumentKind } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { instrumentsQuery } from '../shared/resources/instruments';
import { useServerNow } from '../shared/serverClock';
import { TitleBlock } from '../shared/TitleBlock';
import { useWorks } from '../shared/useSession';
import { Calibrate } from '../shared/instruments/Calibrate';
import { CalibrationLog } from './CalibrationLog';
import { NewInstrument } from '../shared/instruments/NewInstrument';
import { ButtonLink, Button } from '../kit/Button';
import { INSTRUMENT_WORDS } from '../shared/instruments/instrumentWords';

const NOW_EVERY_MS = 60000;

/** The pens first: they age by the day, the others by the month. */
const ORDER: readonly InstrumentKind[] = ['pH', 'ec', 'scale'];
const inOrder = (rows: readonly InstrumentRow[]): InstrumentRow[] =>
  [...rows].sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind));

/** Pens, meters and scales: what each is worth today, and calibrating one. */
export function InstrumentsPage(): ReactElement {
  const works = useWorks();
  const query = useQuery(instrumentsQuery);
  const [adding, setAdding] = useState(false);
  return (
    <main>
      <TitleBlock
        title="Instruments"
        line="Every reading keeps the calibration that was in force when it was taken. A new one changes nothing behind it."
      >
        <ButtonLink to="/bench/devices">What is plugged in</ButtonLink>
        {works && !adding ? (
          <Button
            onClick={() => {
              setAdding(true);
            }}
          >
            Another instrument
          </Button>
        ) : undefined}
      </TitleBlock>
      {adding && (
        <NewInstrument
          className="border-b-[3px] border-ink bg-paper px-5 py-4"
          onDone={() => {
            setAdding(false);
          }}
        />
      )}
      <Await query={query}>
        {(rows) =>
          rows.length === 0 ? (
            <EmptyPail question="What do you read pH and salts with?">
              <p className="text-ink2">Name your pen, meter and scale; calibrate the pen before the first reading.</p>
            </EmptyPail>
          ) : (
            <div className="grid grid-cols-[repeat(auto-fill,minmax(min(380px,100%),1fr))]">
              {inOrder(rows).map((row) => (
                <InstrumentCard key={row.id} row={row} works={works} />
              ))}
            </div>
          )
        }
      </Await>
    </main>
  );
}

const STATE_LOOK = {
  good: '',
  caution: 'bg-caution text-(--caution-ink)',
  stale: 'bg-caution text-(--caution-ink)',
  failed: 'bg-ink text-paper',
  missing: 'bg-ink text-paper',
} as const;
const STATE_WORD = { good: 'Good', caution: 'So so', stale: 'Stale', failed: 'Failed', missing: 'Never' } as const;

function InstrumentCard({ row, works }: { readonly row: InstrumentRow; readonly works: boolean }): ReactElement {
  const now = useServerNow(NOW_EVERY_MS);
  const [open, setOpen] = useState(false);
  const stamp = stampOf({
    instrument: row,
    calibration: row.calibrations[0],
    takenAt: new Date(now).toISOString(),
    // What the next reading would be stamped with.
    readings: row.readings + 1,
  });
  return (
    <section
      aria-label={row.name}
      className="flex flex-col items-start gap-2.5 border-r-[1.5px] border-b-[3px] border-r-zinc2 border-b-ink px-5 pt-4 pb-5"
    >
      <header className="grid w-full grid-cols-[1fr_auto] gap-x-3">
        <h2>{row.name}</h2>
        <span className="col-start-1 text-small text-ink2">
          {INSTRUMENT_WORDS[row.kind]}
          {row.kind === 'pH' && !row.showsMv ? ', shows no mV: readings are corrected' : ''}
        </span>
        <strong
          className={`col-start-2 row-span-2 row-start-1 self-start border-2 border-ink px-2.5 py-1 text-head ${STATE_LOOK[stamp.state]}`}
        >
          {STATE_WORD[stamp.state]}
        </strong>
      </header>
      <p className="min-h-[2.6em] text-small">
        {stamp.sentence === '' ? 'New readings use this.' : `${stamp.sentence} New readings will be flagged.`}
      </p>
      <CalibrationLog row={row} />
      {works &&
        (open ? (
          <Calibrate
            row={row}
            onDone={() => {
              setOpen(false);
            }}
          />
        ) : (
          <Button
            onClick={() => {
              setOpen(true);
            }}
          >
            {row.kind === 'pH' ? 'Calibrate' : 'Check'} {row.name}
          </Button>
        ))}
    </section>
  );
}
