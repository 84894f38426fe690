import type { RunSheet } from '@bent-pail/contract';
import { property, reduceRun, replicateName, sampleWords } from '@bent-pail/core';
import { toRunRecord } from '../bench/records';
import type { LoadedLot } from '../shelf/lotCards';

/** One row of a tidy table; a missing value is an empty cell. */
export type Row = Readonly<Record<string, string | number | undefined>>;

/** Every reading of some runs, corrected ones too: one row each. */
export function readingRows(sheets: readonly RunSheet[]): Row[] {
  return sheets.flatMap((sheet) =>
    sheet.readings.map((reading): Row => {
      const step = sheet.protocol.steps.find((one) => one.key === reading.step);
      return {
        run: sheet.number,
        protocol: `${sheet.protocol.key}@${String(sheet.protocol.version)}`,
        material: sheet.lot.name,
        lot: sheet.lot.code,
        replicate: replicateName(reading.replicate),
        step: step?.label ?? reading.step,
        value: step?.classes?.[reading.value] ?? reading.value,
        unit: reading.mVTemp_C === undefined ? step?.unit : 'mV',
        mv_read_at_c: reading.mVTemp_C,
        taken_at: reading.takenAt,
        kept_at: reading.keptAt,
        by: reading.by,
        replaced: sheet.readings.some((other) => other.corrects === reading.id) ? 'yes' : undefined,
        reason: reading.reason,
        left_out: sheet.exclusions.find((one) => one.replicate === reading.replicate)?.reason,
        instrument: reading.stamp?.instrument,
        calibration: reading.stamp?.state,
        calibration_note: reading.stamp?.sentence,
      };
    }),
  );
}

/** What some finished runs came to: one row a property. */
export function resultRows(sheets: readonly RunSheet[]): Row[] {
  return sheets
    .filter((sheet) => sheet.finishedAt !== undefined)
    .flatMap((sheet) =>
      reduceRun(toRunRecord(sheet)).properties.flatMap((one): Row[] => {
        if (one.summary === undefined) return [];
        const { mean, sd, se, n } = one.summary;
        return [
          {
            run: sheet.number,
            finished_at: sheet.finishedAt,
            protocol: `${sheet.protocol.key}@${String(sheet.protocol.version)}`,
            material: sheet.lot.name,
            lot: sheet.lot.code,
            property: property(one.property).label,
            unit: property(one.property).unit,
            mean,
            sd,
            se,
            n,
            words: one.words,
            sample: sheet.sample === undefined ? undefined : sampleWords(sheet.sample),
            calibration: one.trouble?.state,
            calibration_note: one.trouble?.sentence,
          },
        ];
      }),
    );
}

/** Every figure of some lots' cards: one row each. */
export function cardRows(lots: readonly LoadedLot[]): Row[] {
  return lots.flatMap(({ row, card }) =>
    card.figures.map((figure): Row => ({
      material: row.name,
      lot: row.code,
      property: property(figure.property).label,
      unit: property(figure.property).unit,
      mean: figure.summary.mean,
      sd: figure.summary.sd,
      se: figure.summary.se,
      n: figure.summary.n,
      words: figure.words,
      method: figure.method,
      origin: figure.origin,
      runs: figure.runs.map((run) => run.number).join(' '),
      newest: figure.runs[0]?.finishedAt,
      calibration: figure.trouble?.state,
      calibration_note: figure.trouble?.sentence,
    })),
  );
}
