import type { LabRequestRow, OpenRunRow, PlannedJobRow, PotJobRow, TrialToday } from '@bent-pail/contract';
import { giveOrTake, POT_ACT_WORDS } from '@bent-pail/core';
import ical, { ICalAlarmType } from 'ical-generator';

const MINUTES = 15;
/** A day's readings are taken at some time of it; a calendar wants an hour. */
const READINGS_AT = '08:00:00';

/** What a calendar is made of. */
export interface Waiting {
  readonly place: string;
  readonly runs: readonly OpenRunRow[];
  readonly reports: readonly LabRequestRow[];
  readonly planned: readonly PlannedJobRow[];
  readonly pots: readonly PotJobRow[];
  readonly trials: readonly TrialToday[];
  /** Where phones find the notebook, if they may: each entry then leads to its page. */
  readonly networkAddress?: string;
}

interface Entry {
  readonly id: string;
  readonly at: number;
  readonly summary: string;
  readonly description: string;
  /** Page that belongs to it. */
  readonly page: string;
}

function entriesOf({ runs, reports, planned, pots, trials }: Waiting): Entry[] {
  const onSheets = runs.flatMap(({ id, number, lotName, lotCode, protocolLabel, waits }) =>
    waits.due.flatMap(({ what, at }): Entry[] =>
      at === undefined
        ? []
        : [
            {
              id: `${id}-${what.replaceAll(/\W+/g, '-')}`,
              at,
              summary: `${what}: ${lotName} ${lotCode}`,
              description: `Run ${String(number)}, ${protocolLabel}`,
              page: `/bench/runs/${id}`,
            },
          ],
    ),
  );
  const fromLaboratory = reports.map(({ id, lot, readyAt }): Entry => ({
    id,
    at: Date.parse(readyAt),
    summary: `Report of the laboratory: ${lot.name} ${lot.code}`,
    description: 'Import it from the laboratory page',
    page: '/bench/laboratory',
  }));
  const ofPlans = planned.map(({ id, at, what, where, to }): Entry => ({
    id,
    at: Date.parse(at),
    summary: `${what}: ${where}`,
    description: 'Planned at the blend desk',
    page: to ?? '/',
  }));
  const ofPots = pots.flatMap(({ potId, pot, place, act, at, band, why }): Entry[] =>
    at === undefined
      ? []
      : [
          {
            id: `${potId}-${act}`,
            at: Date.parse(at),
            summary: `${POT_ACT_WORDS[act]}: ${pot}`,
            description: [band && giveOrTake(Date.parse(band.from), Date.parse(band.to)), place, why]
              .filter((one) => one !== undefined)
              .join('. '),
            page: `/pot/diary/${potId}`,
          },
        ],
  );
  const ofTrials = trials.map(({ id, name, on, planned }): Entry => ({
    id: `${id}-${on}`,
    at: Date.parse(`${on}T${READINGS_AT}Z`),
    summary: `Readings of the day: ${name}`,
    description: `${String(planned)} readings`,
    page: `/grow/${id}/day?on=${on}`,
  }));
  return [...onSheets, ...fromLaboratory, ...ofPlans, ...ofPots, ...ofTrials];
}

/** What waits on the bench as a calendar: every deadline that lies ahead or is over, a quarter of an hour each. */
export function benchCalendar(waiting: Waiting, now: number): string {
  const calendar = ical({
    name: `Bench at ${waiting.place}`,
    prodId: { company: 'Bent Pail', product: 'Bench', language: 'EN' },
  });
  const { networkAddress } = waiting;
  for (const { id, at, summary, description, page } of entriesOf(waiting)) {
    const event = calendar.createEvent({
      id: `${id}@bent-pail`,
      start: new Date(at),
      end: new Date(at + MINUTES * 60000),
      stamp: new Date(now),
      summary,
      description,
      ...(networkAddress === undefined ? {} : { url: `${networkAddress}${page}` }),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 5 * 60 });
  }
  return calendar.toString();
}
