import type { ProtocolRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const protocolsQuery = queryOptions({
  queryKey: ['protocols'],
  queryFn: () => api.get<ProtocolRow[]>('/protocols'),
});
