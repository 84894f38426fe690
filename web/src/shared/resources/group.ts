import type { GroupPage } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { queryClient } from './client';

/** A class as this phone's group sees it. */
export const groupQuery = queryOptions({
  queryKey: ['group'],
  queryFn: () => api.get<GroupPage>('/group'),
  retry: false,
});

/** The server's last word on the group's sheet. */
export function showGroup(page: GroupPage): void {
  queryClient.setQueryData(groupQuery.queryKey, page);
}
