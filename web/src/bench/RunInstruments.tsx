import type { InstrumentRow, RunSheet } from '@bent-pail/contract';
import { KIND_OF_STEP, stampOf, type InstrumentKind } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { instrumentsQuery } from '../shared/resources/instruments';
import { runQuery } from '../shared/resources/runs';
import { useServerNow } from '../shared/serverClock';
import { useWorks } from '../shared/useSession';
import { AddInstrument, CalibrateHere } from './AddInstrument';
import { Choice } from '../kit/Choice';
import { Sorry } from '../kit/Sorry';
import { INSTRUMENT_HEADS } from '../shared/instruments/instrumentWords';

const NOW_EVERY_MS = 60000;

/** Kinds of instrument that a sheet is read with. */
function kindsOf({ protocol }: RunSheet): InstrumentKind[] {
  return [...new Set(protocol.steps.flatMap((step) => KIND_OF_STEP[step.kind] ?? []))];
}

/** What this sheet is read with from now on, and whether it can be trusted, before the reading is taken. */
export function RunInstruments({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const kinds = kindsOf(sheet);
  const works = useWorks();
  const all = useQuery({ ...instrumentsQuery, enabled: kinds.length > 0 });
  const choose = useMutation({
    mutationFn: (instrumentIds: readonly string[]) =>
      api.put<RunSheet>(`/runs/${sheet.id}/instruments`, { instrumentIds }),
    onSuccess: (next) => {
      queryClient.setQueryData(runQuery(sheet.id).queryKey, next);
    },
  });
  if (kinds.length === 0 || all.data === undefined) return null;
  const rows = all.data;
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-1.5 border-b-[1.5px] border-zinc2 px-5 py-1.5">
      {kinds.map((kind) => {
        const chosen = sheet.instruments.find((one) => one.kind === kind);
        return (
          <div key={kind} className="flex flex-wrap items-center gap-3">
            <Choice
              label={INSTRUMENT_HEADS[kind]}
              look="beside"
              value={chosen?.id ?? ''}
              disabled={choose.isPending}
              options={[
                { key: '', words: 'none on record' },
                ...rows.filter((row) => row.kind === kind).map(({ id, name }) => ({ key: id, words: name })),
              ]}
              onChange={(id) => {
                const others = sheet.instruments.filter((one) => one.kind !== kind).map((one) => one.id);
                choose.mutate(id === '' ? others : [...others, id]);
              }}
            />
            {chosen === undefined ? (
              works && (
                <AddInstrument
                  kind={kind}
                  onAdded={({ id }) => {
                    choose.mutate([...sheet.instruments.filter((one) => one.kind !== kind).map((one) => one.id), id]);
                  }}
                />
              )
            ) : (
              <Worth row={rows.find((row) => row.id === chosen.id) ?? chosen} />
            )}
          </div>
        );
      })}
      {choose.error !== null && <Sorry>{sentenceOf(choose.error)}</Sorry>}
    </div>
  );
}

function Worth({ row }: { readonly row: InstrumentRow }): ReactElement {
  const works = useWorks();
  const now = useServerNow(NOW_EVERY_MS);
  const takenAt = new Date(now).toISOString();
  const { state, sentence } = stampOf({
    instrument: row,
    calibration: row.calibrations[0],
    takenAt,
    readings: row.readings + 1,
  });
  if (state === 'good') return <small className="text-ink2">calibration good</small>;
  return (
    <small>
      {sentence} {works && <CalibrateHere row={row} />}
    </small>
  );
}
