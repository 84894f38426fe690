import { useLive } from './liveStore';
import { askAgain, queryClient } from './resources/client';
import { countsQuery, todayQuery } from './resources/today';
import { classesKey } from './resources/classes';
import { trialsKey } from './resources/trials';
import { inOneTab } from './tabs/oneTab';
import { runListsKey, runsKey } from './resources/runs';
import { sittingsKey } from './resources/sittings';

/** What one tab hears and tells the others. */
type Told =
  | { readonly kind: 'run'; readonly id: string }
  | { readonly kind: 'sitting'; readonly id: string }
  | { readonly kind: 'class'; readonly id: string }
  | { readonly kind: 'trial'; readonly id: string }
  | { readonly kind: 'counts' }
  | { readonly kind: 'connected'; readonly connected: boolean }
  /** A tab that has just come asks whether anybody listens. */
  | { readonly kind: 'anybody?' };

/** Lists and numbers are asked for again at most so often, ms, however much happens. */
const CALM_MS = 1500;

let calm: ReturnType<typeof setTimeout> | undefined;

/** What stands on lists and on the bench edge is asked for again, a moment later and one reading for all that happened. */
function soonAgain(): void {
  calm ??= setTimeout(() => {
    calm = undefined;
    void queryClient.invalidateQueries({ queryKey: countsQuery.queryKey });
    void queryClient.invalidateQueries({ queryKey: runListsKey });
    // Only where the page of today is open: nobody else has it loaded.
    void queryClient.invalidateQueries({ queryKey: todayQuery.queryKey });
  }, CALM_MS);
}

/** Trials of which something was read; a day's readings come one after the other, and are asked for together. */
const restless = new Set<string>();
let calmTrials: ReturnType<typeof setTimeout> | undefined;

function trialAgain(id: string): void {
  restless.add(id);
  calmTrials ??= setTimeout(() => {
    calmTrials = undefined;
    const ids = [...restless];
    restless.clear();
    for (const one of ids) void askAgain(one === 'all' ? trialsKey : [...trialsKey, one]);
  }, CALM_MS);
}

function takeIn(told: Told): void {
  switch (told.kind) {
    case 'run':
      void askAgain(told.id === 'all' ? runsKey : [...runsKey, told.id]);
      if (told.id === 'all') soonAgain();
      else if (queryClient.getQueryCache().find({ queryKey: todayQuery.queryKey })?.isActive() === true) soonAgain();
      return;
    case 'sitting':
      void askAgain([...sittingsKey, told.id]);
      return;
    case 'class':
      void askAgain(told.id === 'all' ? classesKey : [...classesKey, told.id]);
      return;
    case 'trial':
      trialAgain(told.id);
      return;
    case 'counts':
      soonAgain();
      return;
    case 'connected':
      useLive.setState({ connected: told.connected });
      return;
    case 'anybody?':
  }
}

/** Listens to the stream for all tabs of this browser. Returns how to stop. */
function listenForAll(channel: BroadcastChannel): () => void {
  const tell = (told: Told): void => {
    takeIn(told);
    channel.postMessage(told);
  };
  const source = new EventSource('/api/live');
  source.addEventListener('open', () => {
    tell({ kind: 'connected', connected: true });
  });
  source.addEventListener('error', () => {
    tell({ kind: 'connected', connected: false });
  });
  source.addEventListener('run', ({ data }: MessageEvent<string>) => {
    tell({ kind: 'run', id: data });
  });
  source.addEventListener('sitting', ({ data }: MessageEvent<string>) => {
    tell({ kind: 'sitting', id: data });
  });
  source.addEventListener('class', ({ data }: MessageEvent<string>) => {
    tell({ kind: 'class', id: data });
  });
  source.addEventListener('trial', ({ data }: MessageEvent<string>) => {
    tell({ kind: 'trial', id: data });
  });
  source.addEventListener('counts', () => {
    tell({ kind: 'counts' });
  });
  const answer = ({ data }: MessageEvent<Told>): void => {
    if (data.kind === 'anybody?')
      channel.postMessage({ kind: 'connected', connected: source.readyState === EventSource.OPEN } satisfies Told);
  };
  channel.addEventListener('message', answer);
  return () => {
    channel.removeEventListener('message', answer);
    source.close();
    tell({ kind: 'connected', connected: false });
  };
}

/**
 * Hears what others change and asks for it again. One stream a browser: a browser opens six connections to a server, and
 * a stream in each of six tabs would leave none for readings. Returns how to stop.
 */
export function startLive(userId: string): () => void {
  const name = `bent-pail-live-${userId}`;
  const channel = new BroadcastChannel(name);
  channel.addEventListener('message', ({ data }: MessageEvent<Told>) => {
    takeIn(data);
  });
  channel.postMessage({ kind: 'anybody?' } satisfies Told);
  const stopLeading = inOneTab(name, () => listenForAll(channel));
  return () => {
    stopLeading();
    clearTimeout(calm);
    clearTimeout(calmTrials);
    calm = calmTrials = undefined;
    channel.close();
    useLive.setState({ connected: false });
  };
}
