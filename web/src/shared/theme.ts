import { useEffect, useState } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type Theme = 'device' | 'light' | 'dark';

interface ThemeState {
  readonly theme: Theme;
  choose: (theme: Theme) => void;
}

export const useTheme = create<ThemeState>()(
  persist(
    (set) => ({
      theme: 'device',
      choose: (theme) => {
        set({ theme });
      },
    }),
    { name: 'bent-pail-theme', version: 1, migrate: () => ({ theme: 'device' as const }) },
  ),
);

/** Sets the page's colours as chosen; `device` leaves it to the tablet. */
export function useThemeOnPage(): void {
  const theme = useTheme((state) => state.theme);
  useEffect(() => {
    if (theme === 'device') delete document.documentElement.dataset.theme;
    else document.documentElement.dataset.theme = theme;
  }, [theme]);
}

const deviceIsDark = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');

/** Whether the page is dark now; drawings on a canvas need to know, for styles do not reach them. */
export function useIsDark(): boolean {
  const theme = useTheme((state) => state.theme);
  const [device, setDevice] = useState(() => deviceIsDark().matches);
  useEffect(() => {
    const query = deviceIsDark();
    const onChange = (): void => {
      setDevice(query.matches);
    };
    query.addEventListener('change', onChange);
    return () => {
      query.removeEventListener('change', onChange);
    };
  }, []);
  return theme === 'device' ? device : theme === 'dark';
}
