import type {
  BlendPage,
  BlendRow,
  Counts,
  FillingRow,
  InstrumentRow,
  LabRequestRow,
  LotCardPage,
  LearningPage,
  LotRow,
  PlantRow,
  ProfileRow,
  ProtocolRow,
  RaterSheet,
  RunRow,
  RunSheet,
  ScorecardPage,
  ScorecardRow,
  SessionState,
  TodayPage,
  UserRow,
  VesselRow,
} from '@bent-pail/contract';
import { MutationCache, QueryCache, QueryClient, queryOptions } from '@tanstack/react-query';
import { api, ApiProblem, Unreachable } from './api';
import { useLive } from './liveStore';
import { setServerNow } from './serverClock';

/** How often an open sheet is asked for again while the bench computer tells of changes, and while it does not. */
const SHEET_EVERY_MS = Object.freeze({ told: 30000, asking: 2000 });

/** Who was signed out meanwhile is shown the door; what was typed stays in this browser. */
export function noticeSignedOut(error: unknown): void {
  if (error instanceof ApiProblem && error.problem.code === 'signed-out')
    void queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
}

export const queryClient = new QueryClient({
  queryCache: new QueryCache({ onError: noticeSignedOut }),
  mutationCache: new MutationCache({ onError: noticeSignedOut }),
  defaultOptions: {
    queries: {
      staleTime: 5000,
      retry: (count, error) => error instanceof Unreachable && count < 3,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const sentAt = Date.now();
    const state = await api.get<SessionState>('/session');
    setServerNow(state.now, sentAt, Date.now());
    return state;
  },
  staleTime: Infinity,
});

/** Forgets what the person before saw; the session itself stays, for the shell is watching it. */
export function forgetAllButSession(): void {
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== sessionQuery.queryKey[0] });
}

export const laboratoryQuery = queryOptions({
  queryKey: ['laboratory'],
  queryFn: () => api.get<LabRequestRow[]>('/laboratory'),
  refetchInterval: 30000,
});
export const todayQuery = queryOptions({
  queryKey: ['today'],
  queryFn: () => api.get<TodayPage>('/today'),
  refetchInterval: 15000,
});
/** Numbers of the bench edge; the stream says when they change, and other stations are asked now and then. */
export const countsQuery = queryOptions({
  queryKey: ['counts'],
  queryFn: () => api.get<Counts>('/counts'),
  refetchInterval: 30000,
});
export const lotsQuery = queryOptions({ queryKey: ['lots'], queryFn: () => api.get<LotRow[]>('/lots') });
export const lotQuery = (id: string) =>
  queryOptions({ queryKey: ['lots', id], queryFn: () => api.get<LotCardPage>(`/lots/${id}`) });
export const fillingsQuery = (vesselId: string) =>
  queryOptions({
    queryKey: ['vessels', vesselId],
    queryFn: () => api.get<FillingRow[]>(`/vessels/${vesselId}/fillings`),
  });
export const vesselsQuery = queryOptions({ queryKey: ['vessels'], queryFn: () => api.get<VesselRow[]>('/vessels') });
export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => api.get<InstrumentRow[]>('/instruments'),
});
export const protocolsQuery = queryOptions({
  queryKey: ['protocols'],
  queryFn: () => api.get<ProtocolRow[]>('/protocols'),
});
export const learningQuery = queryOptions({
  queryKey: ['learning'],
  queryFn: () => api.get<LearningPage>('/learning'),
});
export const runsQuery = queryOptions({ queryKey: ['runs'], queryFn: () => api.get<RunRow[]>('/runs') });
export const runQuery = (id: string) =>
  queryOptions({
    queryKey: ['runs', id],
    queryFn: () => api.get<RunSheet>(`/runs/${id}`),
    refetchInterval: () => (useLive.getState().connected ? SHEET_EVERY_MS.told : SHEET_EVERY_MS.asking),
  });
export const blendsQuery = queryOptions({ queryKey: ['blends'], queryFn: () => api.get<BlendRow[]>('/blends') });
export const blendQuery = (id: string) =>
  queryOptions({ queryKey: ['blends', id], queryFn: () => api.get<BlendPage>(`/blends/${id}`) });
export const scorecardsQuery = queryOptions({
  queryKey: ['scorecards'],
  queryFn: () => api.get<ScorecardRow[]>('/scorecards'),
});
export const scorecardQuery = (id: string) =>
  queryOptions({ queryKey: ['scorecards', id], queryFn: () => api.get<ScorecardPage>(`/scorecards/${id}`) });
export const sheetsQuery = queryOptions({ queryKey: ['sheets'], queryFn: () => api.get<RaterSheet[]>('/sheets') });
export const sheetQuery = (id: string) =>
  queryOptions({ queryKey: ['sheets', id], queryFn: () => api.get<RaterSheet>(`/sheets/${id}`) });
export const usersQuery = queryOptions({ queryKey: ['users'], queryFn: () => api.get<UserRow[]>('/users') });
/** Those who may be given work. */
export const activeUsersQuery = queryOptions({
  ...usersQuery,
  select: (users) => users.filter(({ active }) => active),
});
export const profilesQuery = queryOptions({
  queryKey: ['profiles'],
  queryFn: () => api.get<ProfileRow[]>('/profiles'),
});
export const plantsQuery = queryOptions({ queryKey: ['plants'], queryFn: () => api.get<PlantRow[]>('/plants') });
