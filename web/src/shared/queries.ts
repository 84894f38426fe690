import type {
  BlendPage,
  BlendRow,
  BlendsAsked,
  Counts,
  DeskBlend,
  DeskLots,
  FillingRow,
  InstrumentRow,
  LabRequestRow,
  LabRequestsAsked,
  LotCardPage,
  LearningPage,
  ListAsked,
  LotRow,
  LotsAsked,
  Page,
  PlantRow,
  ProfileRow,
  ProtocolRow,
  RaterSheet,
  RunRow,
  RunsAsked,
  RunSheet,
  ScorecardPage,
  ScorecardRow,
  ScorecardsAsked,
  SheetRow,
  SheetsAsked,
  SessionState,
  TodayPage,
  UserRow,
  VesselRow,
} from '@bent-pail/contract';
import type { CalibrationRecord } from '@bent-pail/core';
import {
  infiniteQueryOptions,
  keepPreviousData,
  MutationCache,
  QueryCache,
  QueryClient,
  queryOptions,
} from '@tanstack/react-query';
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
/** While a card follows what it rests on, it is looked at again this often. */
const FOLLOWING_MS = 700;

const asks = (asked: object): string => {
  const params = new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]: [string, unknown]) =>
      typeof value === 'string' || typeof value === 'number' ? [[key, String(value)]] : [],
    ),
  ).toString();
  return params === '' ? '' : `?${params}`;
};

/** A list, page after page as far as somebody has looked. */
const pages = <T>(key: readonly string[], address: string, asked: object) =>
  infiniteQueryOptions({
    queryKey: [...key, 'pages', asked],
    queryFn: ({ pageParam }) =>
      api.get<Page<T>>(`${address}${asks(pageParam === '' ? asked : { ...asked, after: pageParam })}`),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    placeholderData: keepPreviousData,
  });

export type Asked<T extends ListAsked> = Partial<Omit<T, 'after'>>;

export const labRequestPagesQuery = (asked: Asked<LabRequestsAsked>) => ({
  ...pages<LabRequestRow>(['laboratory'], '/laboratory', asked),
  refetchInterval: 30000,
});
export const lotPagesQuery = (asked: Asked<LotsAsked>) => ({
  ...pages<LotRow>(['lots'], '/lots', asked),
  refetchInterval: ({
    state,
  }: {
    readonly state: { readonly data?: { readonly pages: readonly Page<LotRow>[] } | undefined };
  }) =>
    state.data?.pages.some(({ rows }) => rows.some(({ following }) => following === true)) === true
      ? FOLLOWING_MS
      : (false as const),
});
/** The first page of lots that answer to a question. */
export const lotsQuery = (asked: Asked<LotsAsked>) =>
  queryOptions({
    queryKey: ['lots', 'first', asked],
    queryFn: () => api.get<Page<LotRow>>(`/lots${asks(asked)}`),
    placeholderData: keepPreviousData,
  });
/** Lots as predictions take them: those named, and what else is at hand. */
export const deskLotsQuery = (ids: readonly string[]) =>
  queryOptions({
    queryKey: ['lots', 'desk', [...ids].sort()],
    queryFn: () => api.get<DeskLots>(`/lots/desk${asks({ ids: ids.join(',') })}`),
    placeholderData: keepPreviousData,
  });
export const lotQuery = (id: string) =>
  queryOptions({
    queryKey: ['lots', id],
    queryFn: () => api.get<LotCardPage>(`/lots/${id}`),
    refetchInterval: ({ state }) => (state.data?.lot.following === true ? FOLLOWING_MS : false),
  });
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
export const calibrationPagesQuery = (instrumentId: string) =>
  pages<CalibrationRecord>(['instruments', instrumentId], `/instruments/${instrumentId}/calibrations`, {});
export const protocolsQuery = queryOptions({
  queryKey: ['protocols'],
  queryFn: () => api.get<ProtocolRow[]>('/protocols'),
});
export const learningQuery = queryOptions({
  queryKey: ['learning'],
  queryFn: () => api.get<LearningPage>('/learning'),
});
export const runPagesQuery = (asked: Asked<RunsAsked>) => pages<RunRow>(['run list'], '/runs', asked);
export const runQuery = (id: string) =>
  queryOptions({
    queryKey: ['runs', id],
    queryFn: () => api.get<RunSheet>(`/runs/${id}`),
    refetchInterval: () => (useLive.getState().connected ? SHEET_EVERY_MS.told : SHEET_EVERY_MS.asking),
  });
export const blendPagesQuery = (asked: Asked<BlendsAsked>) => pages<BlendRow>(['blends'], '/blends', asked);
/** Blends as recipes take them up: those named, and the newest. */
export const deskBlendsQuery = (ids: readonly string[]) =>
  queryOptions({
    queryKey: ['blends', 'desk', [...ids].sort()],
    queryFn: () => api.get<DeskBlend[]>(`/blends/desk${asks({ ids: ids.join(',') })}`),
    placeholderData: keepPreviousData,
  });
export const blendQuery = (id: string) =>
  queryOptions({ queryKey: ['blends', id], queryFn: () => api.get<BlendPage>(`/blends/${id}`) });
export const scorecardPagesQuery = (asked: Asked<ScorecardsAsked>) =>
  pages<ScorecardRow>(['scorecards'], '/scorecards', asked);
export const scorecardQuery = (id: string) =>
  queryOptions({ queryKey: ['scorecards', id], queryFn: () => api.get<ScorecardPage>(`/scorecards/${id}`) });
export const sheetPagesQuery = (asked: Asked<SheetsAsked>) => pages<SheetRow>(['sheets'], '/sheets', asked);
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
