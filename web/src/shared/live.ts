import { useLive } from './liveStore';
import { queryClient } from './queries';

/** Listens to what others change and asks for it again; returns how to stop. */
export function startLive(): () => void {
  const source = new EventSource('/api/live');
  source.addEventListener('open', () => {
    useLive.setState({ connected: true });
  });
  source.addEventListener('error', () => {
    useLive.setState({ connected: false });
  });
  source.addEventListener('run', ({ data }: MessageEvent<string>) => {
    const queryKey = data === 'all' ? ['runs'] : ['runs', data];
    void queryClient.invalidateQueries({ queryKey });
    void queryClient.invalidateQueries({ queryKey: ['today'] });
  });
  return () => {
    source.close();
    useLive.setState({ connected: false });
  };
}
