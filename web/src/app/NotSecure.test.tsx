import { fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { queryClient, sessionQuery } from '../shared/resources/client';
import { openPage } from '../testing/page';
import { NotSecure } from './NotSecure';

afterEach(() => {
  vi.unstubAllGlobals();
});

describe('an address that is not served securely', () => {
  beforeEach(() => {
    vi.stubGlobal('isSecureContext', false);
  });

  it('is named with what is missing, until it was read', () => {
    openPage(<NotSecure />);
    expect(screen.getByText(/a reload while the bench computer is away loses the open sheet/)).toBeTruthy();
    expect(screen.queryByRole('link')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Go on here' }));
    expect(screen.queryByText(/not secure/)).toBeNull();
  });

  it('points to the one that is, where there is one', async () => {
    openPage(<NotSecure />);
    queryClient.setQueryData(sessionQuery.queryKey, (was) =>
      was === undefined ? was : { ...was, networkAddress: 'https://bench.test:4410' },
    );
    expect((await screen.findByRole('link')).getAttribute('href')).toBe('https://bench.test:4410');
  });
});

it('says nothing where the address is secure', () => {
  vi.stubGlobal('isSecureContext', true);
  openPage(<NotSecure />);
  expect(screen.queryByText(/not secure/)).toBeNull();
});
