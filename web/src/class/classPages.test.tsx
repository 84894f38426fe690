import type { ClassRow, OwnLesson } from '@bent-pail/contract';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { classPageOf, groupId, SAMPLE } from '../testing/classes';
import { openPage } from '../testing/page';
import { ClassListPage } from './ClassListPage';
import { ClassPage } from './ClassPage';
import { LessonPage } from './lessons/LessonPage';
import { ReportPage } from './report/ReportPage';
import { SlipsPage } from './report/SlipsPage';

const ROW: ClassRow = {
  id: 'c1',
  name: 'Potting',
  lesson: 'Air and water with a jug',
  groups: 6,
  readings: 40,
  lots: ['Bark, BK-7'],
  beganAt: '2026-11-24T10:00:00Z',
  endsAt: '2026-11-24T13:00:00Z',
  isOpen: true,
  by: 'Tam Oswin',
};
const OWN: OwnLesson = {
  key: 'own',
  sheet: 'heights',
  title: 'Pots for leeks',
  aim: 'Deep or low?',
  minutes: 40,
  repeats: 1,
  questions: [{ ask: 'Which is wetter?', answer: 'The lower one.' }],
  by: 'Tam Oswin',
  keptAt: '2026-11-20T10:00:00Z',
};

describe('the list of classes', () => {
  it('has what is on, the lessons that ship and one’s own, and what was wiped by its size alone', async () => {
    const wiped = { id: 'w', groups: 3, guesses: 6, readings: 24, runsKept: 1, by: 'Isla', at: '2026-11-22T10:00:00Z' };
    openPage(<ClassListPage />, { answers: { '/classes': [ROW], '/lessons': [OWN], '/class-wipes': [wiped] } });
    expect(await screen.findByRole('link', { name: 'Potting' })).toBeTruthy();
    expect(screen.getByText(/^on until/)).toBeTruthy();
    expect(screen.getAllByRole('link', { name: /^Begin: / })).toHaveLength(9);
    expect(await screen.findByText(/3 groups, 6 guesses, 24 readings; 1 run let in before stay/)).toBeTruthy();
  });

  it('lets a reader look, and begin nothing', async () => {
    openPage(<ClassListPage />, { role: 'reader', answers: { '/classes': [ROW], '/lessons': [], '/class-wipes': [] } });
    await screen.findByRole('link', { name: 'Potting' });
    expect(screen.queryByRole('link', { name: /^Begin: / })).toBeNull();
  });
});

describe('a class as its teacher handles it', () => {
  const open = (more = {}, role: 'lead' | 'tester' = 'tester') =>
    openPage(<ClassPage />, {
      role,
      at: '/class/c1',
      path: '/class/:id',
      answers: Object.fromEntries(
        ['', '/runs', '/time', '/end', `/groups/${groupId(3)}/away`].map((act) => [
          `/classes/c1${act}`,
          classPageOf(more),
        ]),
      ),
    });

  it('says who is how far and what is behind the codes, and lets results in one by one', async () => {
    const told = open({ letIn: [{ groupId: groupId(1), sampleId: SAMPLE, runId: 'r1' }] });
    expect(await screen.findByText('Bark, BK-7')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'a run of the lot' }).getAttribute('href')).toBe('/bench/runs/r1');
    await userEvent.click(screen.getByRole('button', { name: 'Let group 2, D5 in' }));
    expect(told).toMatchObject([{ address: '/classes/c1/runs', body: { groupId: groupId(2), sampleId: SAMPLE } }]);
    expect(screen.queryByRole('button', { name: 'Wipe this class' })).toBeNull();
  });

  it('sends the phones of a group away, gives more time, ends after asking twice', async () => {
    const told = open();
    await userEvent.click(await screen.findByRole('button', { name: 'Send the phones of group 3 away' }));
    await userEvent.click(screen.getByRole('button', { name: 'Ten minutes more' }));
    await userEvent.click(screen.getByRole('button', { name: 'End it now' }));
    await userEvent.click(screen.getByRole('button', { name: 'End it' }));
    expect(told.map(({ address }) => address)).toEqual([
      `/classes/c1/groups/${groupId(3)}/away`,
      '/classes/c1/time',
      '/classes/c1/end',
    ]);
  });

  it('is wiped by a lead, after asking twice', async () => {
    const told = open({ isOpen: false }, 'lead');
    await userEvent.click(await screen.findByRole('button', { name: 'Wipe this class' }));
    expect(screen.getByText(/6 groups and 40 readings are gone for good/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Wipe it' }));
    expect(told).toMatchObject([{ method: 'DELETE', address: '/classes/c1' }]);
  });

  it('says why results cannot be let in', async () => {
    const { pot: _, ...noPot } = classPageOf();
    openPage(<ClassPage />, { at: '/class/c1', path: '/class/:id', answers: { '/classes/c1': noPot } });
    expect(await screen.findByText(/No measured pot was named/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Let group/ })).toBeNull();
  });
});

describe('on paper', () => {
  it('a report has every figure, the spread, a sentence, the answers from what was measured', async () => {
    openPage(<ReportPage />, {
      at: '/class/c1/report',
      path: '/class/:id/report',
      answers: { '/classes/c1': classPageOf() },
    });
    const paper = await screen.findByRole('article', { name: 'Report of Potting' });
    expect(within(paper).getAllByRole('table')).toHaveLength(2);
    expect(paper.textContent).toMatch(/\(ISO 5725-2\): r 1\.0, R \d+\.\d/);
    expect(paper.textContent).toMatch(/Here: D5 16\.\d %, the bench 18\.3 %\./);
  });

  it('a slip for each group has its code, its guesses, its steps with their cautions, its questions', async () => {
    openPage(<SlipsPage />, {
      at: '/class/c1/slips',
      path: '/class/:id/slips',
      answers: { '/classes/c1': classPageOf() },
    });
    const paper = await screen.findByRole('article', { name: 'Slips for Potting' });
    expect(within(paper).getAllByRole('heading', { level: 1 })).toHaveLength(6);
    expect(within(paper).getAllByText('Guess first: Air, %, give or take')).toHaveLength(6);
    expect(paper.textContent).toMatch(/With pupils\. An adult is responsible/);
    // The pot is known: nobody measures it.
    expect(paper.textContent).not.toMatch(/How much the empty pot holds/);
  });

  it('of a class that is gone are a page with a heading and a way on', async () => {
    openPage(<SlipsPage />, { at: '/class/c1/slips', path: '/class/:id/slips' });
    expect(await screen.findByRole('heading', { level: 1, name: 'There is none.' })).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Back to Today' }).getAttribute('href')).toBe('/');
    expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();
  });
});

describe('a lesson', () => {
  const open = (key: string) =>
    openPage(<LessonPage />, {
      at: `/class/lessons/${key}`,
      path: '/class/lessons/:key',
      answers: { '/lessons': [OWN] },
    });

  it('is read with its cautions before it is held', async () => {
    open('gravel');
    expect(await screen.findByRole('heading', { name: 'Does gravel help?' })).toBeTruthy();
    expect(screen.getByText('With pupils.')).toBeTruthy();
    expect(screen.getByText('washed stones of 1 to 2 cm')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Begin a class' }).getAttribute('href')).toBe('/class?begin=gravel');
  });

  it('of one’s own is made from another, its questions a line each', async () => {
    const told = open('own');
    await userEvent.click(await screen.findByRole('button', { name: 'Make your own of it' }));
    const questions = screen.getByLabelText(/^Questions/);
    expect(questions).toHaveProperty('value', 'Which is wetter? The lower one.');
    await userEvent.clear(questions);
    await userEvent.type(questions, 'No answer?');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the lesson' }));
    expect(await screen.findByText(/then what a good answer says/)).toBeTruthy();
    await userEvent.type(questions, ' None.');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the lesson' }));
    await waitFor(() => {
      expect(told).toMatchObject([
        { address: '/lessons', body: { from: 'own', questions: [{ ask: 'No answer?', answer: 'None.' }] } },
      ]);
    });
  });

  it('that is none is said so', async () => {
    open('nothing');
    expect(await within(await screen.findByRole('main')).findByText('There is no such lesson.')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'All lessons' }).getAttribute('href')).toBe('/class');
  });
});
