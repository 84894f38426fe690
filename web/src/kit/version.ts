import { create } from 'zustand';

/** By which the server says which build of the pages it has; the page carries its own in its head. */
export const BUILD_HEADER = 'bent-pail-build';
/** For which build this tab has loaded itself again: once is enough. */
const LOADED_FOR = 'bent-pail-loaded-for';

const ownBuild = (): string | undefined =>
  document.querySelector<HTMLMetaElement>(`meta[name="${BUILD_HEADER}"]`)?.content;

interface Version {
  /** Whether the server has other pages by now than this one. */
  readonly isOld: boolean;
}

export const useVersion = create<Version>(() => ({ isOld: false }));

const isOther = (said: string | null): said is string => {
  const own = ownBuild();
  return said !== null && own !== undefined && said !== own;
};

/** Hears from any answer which build the server has. */
export function noticeBuild(said: string | null): void {
  if (isOther(said) && !useVersion.getState().isOld) useVersion.setState({ isOld: true });
}

/** Loads the page again where the server has another build; says whether it does. Never twice for the same one. */
async function loadsAgain(): Promise<boolean> {
  const said = await fetch('/api/health', { cache: 'no-store' }).then(
    ({ headers }) => headers.get(BUILD_HEADER),
    () => null,
  );
  if (!isOther(said) || sessionStorage.getItem(LOADED_FOR) === said) return false;
  sessionStorage.setItem(LOADED_FOR, said);
  window.location.reload();
  return true;
}

/**
 * A script of the page. Where it does not come because the product was brought up to date, the page is loaded again by
 * itself: what was typed is kept, and whoever waits for the script waits until then.
 */
export async function scriptOrAnew<T>(load: () => Promise<T>): Promise<T> {
  try {
    return await load();
  } catch (error) {
    if (await loadsAgain()) return new Promise(() => undefined);
    throw error;
  }
}
