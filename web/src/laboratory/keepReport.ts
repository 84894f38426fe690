import type { LabRequestRow, NewRun, RunSheet } from '@bent-pail/contract';
import { defaultSettings, LAB_REPORT, type ReadReport } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { reportFigure } from './reportFigure';
import { serverNow } from '../shared/serverClock';

interface KeepInput {
  readonly lotId: string;
  readonly report: Pick<ReadReport, 'read' | 'below'>;
  /** The request that it answers, where it came from the practice laboratory. */
  readonly request?: LabRequestRow | undefined;
}

/** What a number alone does not say: limits of detection, and how it was converted. */
export function noteOf({ read, below }: KeepInput['report']): string {
  const limits = below.map(({ step, value }) => `${step.label} is below ${String(value)} ${step.unit}.`);
  const formulas = read.flatMap(({ step, value, formula }) =>
    formula === undefined ? [] : [`${step.label} ${reportFigure({ value, formula })} ${step.unit} = ${formula}.`],
  );
  return [...limits, ...formulas].join(' ').slice(0, 2000);
}

/**
 * Keeps a report as a finished run: every line a reading; what was below detection, and how numbers were converted, as
 * a note beside them. Where not all that the sheet needs was in it, the run stays
 * open, so that what is missing can be typed.
 */
export async function keepReport({ lotId, report, request }: KeepInput): Promise<RunSheet> {
  const body: NewRun = {
    id: uuidv7(),
    lotId,
    protocol: LAB_REPORT.key,
    replicates: 1,
    vesselIds: [],
    settings: defaultSettings(undefined, LAB_REPORT),
  };
  const { read } = report;
  const run = await api.post<RunSheet>('/runs', body);
  const takenAt = new Date(serverNow()).toISOString();
  for (const { step, value } of read) {
    await api.post(`/runs/${run.id}/readings`, { id: uuidv7(), replicate: 0, step: step.key, value, takenAt });
  }
  const note = noteOf(report);
  if (note !== '') await api.post(`/runs/${run.id}/notes`, { id: uuidv7(), text: note });
  if (request !== undefined) await api.post(`/laboratory/${request.id}/imported`, { runId: run.id });
  const got = new Set(read.map(({ step }) => step.key));
  const full = LAB_REPORT.steps.every((step) => step.optional === true || got.has(step.key));
  return full ? api.post<RunSheet>(`/runs/${run.id}/finish`) : run;
}
