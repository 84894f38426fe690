import type { LabRequestRow, NewRun, RunSheet } from '@bent-pail/contract';
import { defaultSettings, LAB_REPORT, type ReadReport } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { serverNow } from '../shared/serverClock';

interface KeepInput {
  readonly lotId: string;
  readonly read: ReadReport['read'];
  /** The request that it answers, where it came from the practice laboratory. */
  readonly request?: LabRequestRow | undefined;
}

/**
 * Keeps a report as a finished run: every line a reading. Where not all that the sheet needs was in it, the run stays
 * open, so that what is missing can be typed.
 */
export async function keepReport({ lotId, read, request }: KeepInput): Promise<RunSheet> {
  const body: NewRun = {
    id: uuidv7(),
    lotId,
    protocol: LAB_REPORT.key,
    replicates: 1,
    vesselIds: [],
    settings: defaultSettings(undefined, LAB_REPORT),
  };
  const run = await api.post<RunSheet>('/runs', body);
  const takenAt = new Date(serverNow()).toISOString();
  for (const { step, value } of read) {
    await api.post(`/runs/${run.id}/readings`, { id: uuidv7(), replicate: 0, step: step.key, value, takenAt });
  }
  if (request !== undefined) await api.post(`/laboratory/${request.id}/imported`, { runId: run.id });
  const got = new Set(read.map(({ step }) => step.key));
  const full = LAB_REPORT.steps.every((step) => step.optional === true || got.has(step.key));
  return full ? api.post<RunSheet>(`/runs/${run.id}/finish`) : run;
}
