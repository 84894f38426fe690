import { waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { noticeBuild, scriptOrAnew, useVersion } from './version';

const reload = vi.fn();
beforeEach(() => {
  document.head.innerHTML = '<meta name="bent-pail-build" content="one">';
  vi.stubGlobal('location', { ...window.location, reload });
});
afterEach(() => {
  vi.unstubAllGlobals();
  reload.mockReset();
  sessionStorage.clear();
  document.head.innerHTML = '';
  useVersion.setState({ isOld: false });
});

const serverHas = (build: string | null): void => {
  const headers = new Headers(build === null ? {} : { 'bent-pail-build': build });
  vi.stubGlobal('fetch', () => Promise.resolve(new Response('{}', { headers })));
};
const lost = (): Promise<never> => Promise.reject(new TypeError('Failed to fetch dynamically imported module'));

it('knows by any answer that the server has other pages', () => {
  noticeBuild(null);
  noticeBuild('one');
  expect(useVersion.getState().isOld).toBe(false);
  noticeBuild('two');
  expect(useVersion.getState().isOld).toBe(true);
});

it('loads the page again where a script of before is gone, once for each build', async () => {
  serverHas('two');
  let isSettled = false;
  void scriptOrAnew(lost).finally(() => {
    isSettled = true;
  });
  await waitFor(() => {
    expect(reload).toHaveBeenCalledTimes(1);
  });
  expect(isSettled).toBe(false);
  await expect(scriptOrAnew(lost)).rejects.toThrow('Failed to fetch');
  expect(reload).toHaveBeenCalledTimes(1);
});

it.each([
  ['the same pages', 'one'],
  ['no word of them', null],
])('does not where the server has %s', async (_, build) => {
  serverHas(build);
  await expect(scriptOrAnew(lost)).rejects.toThrow('Failed to fetch');
  expect(reload).not.toHaveBeenCalled();
  await expect(scriptOrAnew(() => Promise.resolve(7))).resolves.toBe(7);
});

it('does not where nobody answers: the page stays as it is', async () => {
  vi.stubGlobal('fetch', lost);
  await expect(scriptOrAnew(lost)).rejects.toThrow('Failed to fetch');
  expect(reload).not.toHaveBeenCalled();
});
