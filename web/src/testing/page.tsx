import { METRIC, USUAL_MEASURES_L, type UnitChoice } from '@bent-pail/core';
import type { Me, Role, SessionState } from '@bent-pail/contract';
import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { vi } from 'vitest';
import { queryClient, sessionQuery } from '../shared/resources/client';
import type { Answering } from './lists';

/** What a page told the server. */
export interface Told {
  readonly method: string;
  readonly address: string;
  readonly body: Record<string, unknown>;
}

interface PageOptions {
  readonly role?: Role;
  /** Address that is open, and the pattern that it matches. */
  readonly at?: string;
  readonly path?: string;
  /** Answers by address, without /api, or by what is asked of it; what is not in it is not found. */
  readonly answers?: Readonly<Record<string, unknown>>;
  /** What they read and type in, where that is not metric. */
  readonly units?: UnitChoice;
}

export const NOW = Date.parse('2026-11-24T12:00:00Z');

export const me = (role: Role, units = METRIC): Me => ({
  id: `the-${role}`,
  name: 'Tam Oswin',
  role,
  singleKeys: true,
  units,
});

/** Somebody who reads and types US customary units. */
export const AMERICAN: UnitChoice = {
  volume: 'cu ft',
  mass: 'oz',
  length: 'in',
  temperature: '°F',
  conductivity: 'µS/cm',
  price: 'per cu ft',
};

/**
 * Opens a page as somebody, with a server that answers what it is told to and takes whatever is sent; what was sent is
 * collected in order.
 */
export function openPage(
  page: ReactElement,
  { role = 'lead', at = '/', path = '*', answers = {}, units = METRIC }: PageOptions = {},
): readonly Told[] {
  const told: Told[] = [];
  vi.stubGlobal('fetch', (url: string, init: { method: string; body?: string | Blob }) => {
    const address = url.replace('/api', '');
    const { method } = init;
    if (method !== 'GET') {
      // A file is sent as it is; that it was sent is what is told of it.
      const text = typeof init.body === 'string' ? init.body : '{}';
      told.push({ method, address, body: JSON.parse(text) as Record<string, unknown> });
    }
    const [path = '', query = ''] = address.split('?');
    const found = answers[`${method} ${path}`] ?? answers[address] ?? answers[path];
    // A list answers to what is asked of it; what is sent to its address is only taken.
    const answer =
      typeof found !== 'function'
        ? found
        : method === 'GET'
          ? (found as Answering)(new URLSearchParams(query))
          : undefined;
    const status = answer === undefined ? (method === 'GET' ? 404 : 201) : 200;
    const body = answer ?? (status === 404 ? { error: { code: 'missing', message: 'There is none.' } } : {});
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  });
  queryClient.clear();
  const session: SessionState = {
    me: me(role, units),
    notebook: {
      place: 'Tollgarth',
      currency: '£',
      zone: 'UTC',
      measures: USUAL_MEASURES_L,
      hours: { from_h: 7, to_h: 17 },
      handfuls: {},
      version: 1,
    },
    demo: true,
    needsFirstLead: false,
    now: NOW,
  };
  queryClient.setQueryData(sessionQuery.queryKey, session);
  render(
    <QueryClientProvider client={queryClient}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={path} element={page} />
          <Route path="*" element={<p>another page</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return told;
}
