import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import * as React from 'react';
import { createElement, type ReactElement, type ReactNode } from 'react';
import { format } from 'node:util';
import { afterEach, beforeAll, beforeEach, expect, vi } from 'vitest';
import type * as Zustand from 'zustand';
import { readClock } from '../kit/format';
import { queryClient } from '../shared/resources/client';

type Making<T> = Zustand.StateCreator<T>;
type Store<T> = Zustand.UseBoundStore<Zustand.StoreApi<T>>;
// One for all files of a worker, which share the stores but each read this one anew.
const forgetStore = vi.hoisted(() => {
  const shared = globalThis as typeof globalThis & { forgetStore?: Set<() => void> };
  return (shared.forgetStore ??= new Set());
});

// A year is this one in every year that tests run in.
readClock(() => Date.parse('2026-11-24T12:00:00Z'));
// Dates as the notebook's own country writes them, wherever the tests run.
if (typeof navigator !== 'undefined')
  Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });

// A busy machine takes its time.
configure({ asyncUtilTimeout: 15_000 });

// Where each element was made is kept for warnings that would fail a test anyway; that took a sixth of all tests of pages.
const { __CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE: internals } = React as unknown as Partial<
  Record<string, object>
>;
if (internals !== undefined)
  Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', {
    get: () => Infinity,
    // It is set back to none every second.
    set(none: number) {
      void none;
    },
  });

// Stores are shared by all files of a worker: each test finds them as they begin.
vi.mock('zustand', async (original) => {
  const zustand = await original<typeof Zustand>();
  const noted = <T>(making: Making<T>): Store<T> => {
    const store = zustand.create(making);
    forgetStore.add(() => {
      store.setState(store.getInitialState(), true);
    });
    return store;
  };
  return {
    ...zustand,
    create: <T>(making?: Making<T>): Store<T> | typeof noted => (making === undefined ? noted : noted(making)),
  };
});

// There is no canvas here: a chart stands as its title and what it says. The options have tests of their own.
vi.mock('../shared/chart/Chart', () => ({
  Chart: ({ title, says }: { title: ReactNode; says: string }): ReactElement =>
    createElement('figure', null, title, createElement('div', { role: 'img', 'aria-label': says })),
}));

// A choice holds the pointer and brings what is chosen into sight; nothing is laid out here.
Object.assign(Element.prototype, {
  hasPointerCapture: () => false,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
  scrollIntoView: () => undefined,
});

/** Nothing has a size here: a table draws what fits a window in which its rows have the height that is guessed. */
class NoResize {
  observe(): void {
    return undefined;
  }
  unobserve(): void {
    return undefined;
  }
  disconnect(): void {
    return undefined;
  }
}
Object.assign(globalThis, { ResizeObserver: NoResize });
if (typeof window !== 'undefined')
  Object.assign(window, {
    matchMedia: (query: string) => Object.assign(new EventTarget(), { matches: false, media: query }),
  });

// There is no server: a page that asks after its own is gone finds nobody.
globalThis.fetch = () => Promise.reject(new TypeError('There is no server in this test.'));

// What is said on the console is a fault in a page, or a test that gives it what no server does.
const said: string[] = [];
beforeEach(() => {
  for (const how of ['error', 'warn'] as const)
    vi.spyOn(console, how).mockImplementation((...words: unknown[]) => {
      said.push(format(...words));
    });
});
afterEach(() => {
  expect(said.splice(0)).toEqual([]);
});

// The contract's classes are there when a form asks for them: a test does not wait for a module.
beforeAll(async () => {
  await import('../shared/forms/check');
});

// Here and not beside what opens a page: files share its module, and only the first would get its ends.
afterEach(() => {
  // The page goes before its server does, so that nothing asks a real one.
  cleanup();
  vi.unstubAllGlobals();
  queryClient.clear();
  // What a page keeps in its browser is not there for the next.
  for (const forget of forgetStore) forget();
  localStorage.clear();
});
