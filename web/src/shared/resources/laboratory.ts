import type { LabRequestRow, LabRequestsAsked } from '@bent-pail/contract';
import { pages, type Asked } from './paged';

export const laboratoryKey = ['laboratory'];

export const labRequestPagesQuery = (asked: Asked<LabRequestsAsked>) => ({
  ...pages<LabRequestRow>(laboratoryKey, '/laboratory', asked),
  refetchInterval: 30000,
});
