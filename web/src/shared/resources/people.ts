import type { SessionRow, UserRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const usersQuery = queryOptions({ queryKey: ['users'], queryFn: () => api.get<UserRow[]>('/users') });
/** Where one is signed in oneself. */
export const sessionsQuery = queryOptions({
  queryKey: ['my-sessions'],
  queryFn: () => api.get<SessionRow[]>('/me/sessions'),
});
/** Those who may be given work. */
export const activeUsersQuery = queryOptions({
  ...usersQuery,
  select: (users) => users.filter(({ active }) => active),
});
