import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { tellOfEnd, useBell } from '../shared/bellStore';
import { openPage } from '../testing/page';
import { Bell } from './Bell';

const shown: string[] = [];
let strokes = 0;

/** What a browser has that can ring and tell; the answer to whether it may. */
function browser(permission: 'default' | 'granted' | 'denied', answer = permission): void {
  class Told {
    static permission = permission;
    static requestPermission(): Promise<string> {
      Told.permission = answer;
      return Promise.resolve(answer);
    }
    constructor(title: string, { body }: { readonly body: string }) {
      shown.push(`${title}: ${body}`);
    }
  }
  const node = { connect: () => node, start: () => (strokes += 1), stop: () => undefined, frequency: { value: 0 } };
  class Sound {
    currentTime = 0;
    destination = {};
    createOscillator = () => ({ ...node });
    createGain = () => ({
      ...node,
      gain: { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined },
    });
  }
  vi.stubGlobal('Notification', Told);
  vi.stubGlobal('AudioContext', Sound);
}

beforeEach(() => {
  shown.length = 0;
  strokes = 0;
});
afterEach(() => {
  useBell.setState({ sound: false, notice: false });
});

describe('a timer that ends', () => {
  it('is silent until somebody wishes otherwise', () => {
    browser('granted');
    tellOfEnd('Soaking is over', 'Pumice, PM-4');
    expect([shown, strokes]).toEqual([[], 0]);
  });

  it('rings where that is wished, and at once, so that one knows it again', async () => {
    browser('granted');
    openPage(<Bell />);
    await userEvent.setup().click(screen.getByRole('switch', { name: /^Ring twice/ }));
    expect(strokes).toBe(2);
    tellOfEnd('Soaking is over', 'Pumice, PM-4');
    expect(strokes).toBe(4);
    expect(shown).toEqual([]);
  });

  it('is told by the computer once the browser allows it', async () => {
    browser('default', 'granted');
    openPage(<Bell />);
    await userEvent.setup().click(screen.getByRole('switch', { name: /^Let the computer tell/ }));
    await waitFor(() => {
      expect(useBell.getState().notice).toBe(true);
    });
    tellOfEnd('Soaking is over', 'Pumice, PM-4');
    expect(shown).toEqual(['Soaking is over: Pumice, PM-4']);
  });

  it('says so where the browser does not', async () => {
    browser('default', 'denied');
    openPage(<Bell />);
    await userEvent.setup().click(screen.getByRole('switch', { name: /^Let the computer tell/ }));
    expect(await screen.findByText(/^This browser does not allow it/)).toBeTruthy();
    expect(useBell.getState().notice).toBe(false);
  });
});
