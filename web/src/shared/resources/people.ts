import type { UserRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const usersQuery = queryOptions({ queryKey: ['users'], queryFn: () => api.get<UserRow[]>('/users') });
/** Those who may be given work. */
export const activeUsersQuery = queryOptions({
  ...usersQuery,
  select: (users) => users.filter(({ active }) => active),
});
