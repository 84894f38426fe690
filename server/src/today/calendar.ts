import type { RunSheet } from '@bent-pail/contract';
import { dueJobs } from '@bent-pail/core';
import ical, { ICalAlarmType } from 'ical-generator';
import { toRunRecord } from '../bench/records';

const MINUTES = 15;

/** What waits on the bench as a calendar: every deadline that lies ahead or is over, a quarter of an hour each. */
export function benchCalendar(place: string, sheets: readonly RunSheet[], now: number): string {
  const calendar = ical({
    name: `Bench at ${place}`,
    prodId: { company: 'Bent Pail', product: 'Bench', language: 'EN' },
  });
  for (const sheet of sheets) {
    for (const job of dueJobs(toRunRecord(sheet))) {
      if (job.at === undefined) continue;
      const event = calendar.createEvent({
        id: `${sheet.id}-${job.what.replaceAll(/\W+/g, '-')}@bent-pail`,
        start: new Date(job.at),
        end: new Date(job.at + MINUTES * 60000),
        stamp: new Date(now),
        summary: `${job.what}: ${sheet.lot.name} ${sheet.lot.code}`,
        description: `Run ${String(sheet.number)}, ${sheet.protocol.label}`,
      });
      event.createAlarm({ type: ICalAlarmType.display, trigger: 5 * 60 });
    }
  }
  return calendar.toString();
}
