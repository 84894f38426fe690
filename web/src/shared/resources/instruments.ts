import type { InstrumentRow } from '@bent-pail/contract';
import type { CalibrationRecord } from '@bent-pail/core';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages } from './paged';

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => api.get<InstrumentRow[]>('/instruments'),
});
export const calibrationPagesQuery = (instrumentId: string) =>
  pages<CalibrationRecord>(['instruments', instrumentId], `/instruments/${instrumentId}/calibrations`, {});
