import { classResult, timesOf, valuesByTime } from '@bent-pail/core';
import { byPages, type Row, type Table } from '../exports/table';
import { namesOf } from '../accounts/repository';
import { classPage, sheetOf } from './classPage';
import { classesAfter } from './repository';

/** What each group of some classes found, a figure and a time a row; no more is known of a group than its number. */
export const classResults: Table = {
  name: 'class-results',
  columns: [
    'class',
    'began_at',
    'lesson',
    'group',
    'sample',
    'lot',
    'time',
    'figure',
    'value',
    'unit',
    'robust_z',
    'left_out',
    'by',
  ],
  rows: async function* ({ db }, wanted) {
    // What belongs to a run, a pot or a blend is no class's.
    if (wanted.class === undefined && Object.keys(wanted).length > 0) return;
    for await (const classes of byPages((after) => classesAfter(db.manager, after, wanted.class))) {
      const names = await namesOf(
        db.manager,
        classes.map(({ byUser }) => byUser),
      );
      for (const row of classes) {
        const page = await classPage(db.manager, row.id, row.endsAt.getTime());
        const sheet = sheetOf(row);
        yield page.samples.flatMap((sample) =>
          sheet.figures.flatMap((figure): Row[] => {
            const said = (groupId: string) =>
              page.exclusions.findLast((one) => one.groupId === groupId && one.sampleId === sample.id);
            const found = page.groups.map(({ id, readings }) => {
              const own = readings.filter(({ sampleId }) => sampleId === sample.id);
              const times = timesOf(sheet, own, page.plan.repeats, page.pot?.volume_mL);
              const byTime = valuesByTime(sheet, figure, times);
              const values = byTime.filter((value) => value !== undefined);
              return { id, byTime, values, isOut: said(id)?.isOut === true };
            });
            const { groups } = classResult(found);
            return found.flatMap(({ id, byTime, isOut }) =>
              byTime.flatMap((value, time): Row[] =>
                value === undefined
                  ? []
                  : [
                      {
                        class: row.name,
                        began_at: page.beganAt,
                        lesson: page.plan.title,
                        group: page.groups.find((group) => group.id === id)?.number,
                        sample: sample.code,
                        lot: sample.lot,
                        time: time + 1,
                        figure: figure.label,
                        value: figure.classes?.[value] ?? value,
                        unit: figure.unit,
                        robust_z: groups.find((group) => group.id === id)?.robustZ,
                        left_out: isOut ? said(id)?.reason : undefined,
                        by: names.get(row.byUser),
                      },
                    ],
              ),
            );
          }),
        );
      }
    }
  },
};
