import { screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CAUTIONS } from '../shared/cautions';
import { NOW, openPage } from '../testing/page';
import { PLAN, trialPageOf } from '../testing/trials';
import { cautionsAt, TRIAL_STEPS, type TrialStep } from './cautionsAt';
import { DayPage } from './keep/DayPage';
import { PlanPage } from './plan/PlanPage';
import { TrialPage } from './TrialPage';

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
});
afterEach(() => {
  vi.useRealTimers();
});

const LARDER = { '/lots/desk': { lots: [] }, '/blends/desk': [], '/learning': { learning: {} } };
const openTrial = (part: string): void => {
  openPage(<TrialPage />, {
    role: 'tester',
    at: `/grow/t1?part=${part}`,
    path: '/grow/:id',
    answers: { ...LARDER, '/trials/t1': trialPageOf(), '/trials/t1/readings': [], '/trials/t1/photos': [] },
  });
};

describe('cautions stand at their step', () => {
  const HARVEST = {
    ...PLAN,
    observe: [{ trait: 'fresh' as const, ages: [14] }],
    asks: { ...PLAN.asks, trait: 'fresh' as const },
  };
  const onDay = (plan = PLAN) => {
    openPage(<DayPage />, {
      role: 'tester',
      at: '/grow/t1/day?on=2026-11-24',
      path: '/grow/:id/day',
      answers: { '/trials/t1': trialPageOf({ plan }), '/trials/t1/readings': [] },
    });
  };
  const AT: Readonly<Record<TrialStep, () => void>> = {
    plan: () => {
      openPage(<PlanPage />, { at: '/grow/new', path: '/grow/new', answers: LARDER });
    },
    sow: () => {
      openTrial('map');
    },
    read: () => {
      onDay();
    },
    water: () => {
      openTrial('diary');
    },
    harvest: () => {
      onDay(HARVEST);
    },
    end: () => {
      openTrial('diary');
    },
  };

  it.each(TRIAL_STEPS)('%s', async (step) => {
    AT[step]();
    for (const caution of cautionsAt(step)) {
      const { title, short } = CAUTIONS[caution];
      expect((await screen.findByText(`${title}.`)).closest('[role=note]')?.textContent).toContain(short.slice(0, 20));
    }
  });
});
