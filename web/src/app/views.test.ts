import { expect, it } from 'vitest';
import { STATION_WORDS, placeOf } from '../shared/view';
import { STATIONS, VIEWS } from './views';

const PAGES = Object.values(VIEWS).flatMap(({ pages }) => pages);

it('stations stand in the order of the work, each with a number and an address of its own', () => {
  expect(STATIONS.map(({ word }) => word)).toEqual(
    STATION_WORDS.filter((word) => STATIONS.some((one) => one.word === word)),
  );
  expect(STATIONS.map(({ word }) => placeOf(word))).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  for (const { path } of STATIONS) expect(PAGES.map((page) => page.path)).toContain(path);
});

it('no two views have one address', () => {
  const paths = PAGES.map(({ path }) => path);
  expect(new Set(paths).size).toBe(paths.length);
});

it('is looked at only where there is a page', async () => {
  const demo = {
    '/lots': ['PM-3', 'CT-1', 'PM-4', 'TW-1'].map((code) => ({
      id: code,
      code,
      kind: code === 'TW-1' ? 'product' : 'material',
    })),
    '/runs': [{ id: 'open' }, { id: 'finished', finishedAt: '2026-11-24T08:00:00Z' }],
    '/blends': [{ id: 'blend', name: 'Camellia tub' }],
    '/pots': [{ id: 'pot', name: 'Camellia by the gate' }],
    '/scorecards': [{ id: 'card' }],
    '/suppliers': [{ id: 'supplier' }],
    '/classes': [
      { id: 'on', isOpen: true },
      { id: 'over', isOpen: false },
    ],
    '/trials': [
      { id: 'grown', state: 'finished', ratios: [] },
      { id: 'growing', state: 'running' },
    ],
    '/plants': [{ id: 'orchid', name: 'Orchid on bark' }],
  } as Readonly<Record<string, readonly unknown[]>>;
  const list = <T>(address: string) => Promise.resolve((demo[address] ?? []) as readonly T[]);
  const ask = { list, all: list };
  const addresses = (await Promise.all(Object.values(VIEWS).map(({ looks }) => looks(ask)))).flat();
  const patterns = PAGES.map(({ path }) => new RegExp(`^${path.replaceAll(/:[a-z]+/g, '[^/]+')}$`));
  const known = (address: string): boolean => patterns.some((one) => one.test(address.split('?')[0] ?? ''));
  expect(addresses.filter((address) => !known(address))).toEqual(['/nowhere']);
  expect(addresses.length).toBeGreaterThan(25);
});
