import type { FileReport, TableReport } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../testing/choose';
import { openPage } from '../testing/page';
import { fieldsOf, linesOf, typeSaid, type ApiDocument } from './api/apiDocument';
import { ApiPage } from './api/ApiPage';
import { FilesPage } from './files/FilesPage';
import { KeysPage } from './keys/KeysPage';

const REPORT: FileReport = {
  id: 'f1',
  isDone: false,
  kinds: [
    { kind: 'lots', added: 2, same: 1, different: 0, refused: 0 },
    { kind: 'vessels', added: 0, same: 3, different: 2, refused: 0 },
    { kind: 'runs', added: 0, same: 7, different: 0, refused: 0 },
  ],
  conflicts: [
    { kind: 'vessels', key: 'v1', row: 1, columns: ['name'], stands: false },
    { kind: 'readings', key: 'a1', row: 4, columns: ['value'], stands: true },
  ],
  refusals: [],
};

describe('the files page', () => {
  it('offers each what they may', async () => {
    openPage(<FilesPage />, { role: 'reader' });
    expect(await screen.findByRole('link', { name: 'Readings, each with its corrections, XLSX' })).toBeTruthy();
    for (const name of ['Backups', 'Take a table in', 'Take a notebook in'])
      expect(screen.queryByRole('region', { name })).toBeNull();
    openPage(<FilesPage />, { role: 'tester' });
    expect((await screen.findAllByRole('region', { name: 'Take a table in' })).length).toBe(1);
    expect(screen.queryByRole('link', { name: /^The whole notebook/ })).toBeNull();
  });
});

describe('a file that comes in', () => {
  const open = (report: FileReport = REPORT, done: FileReport = { ...report, isDone: true }) => {
    const answers = {
      '/backups': [{ name: 'daily-1.tar', kind: 'daily', bytes: 12_345_678, madeAt: '2026-11-24T03:00:00Z' }],
      'POST /backups': [],
      'POST /notebook-file/incoming/f1': done,
    };
    const told = openPage(<FilesPage />, {
      answers: new Proxy<Record<string, unknown>>(answers, {
        get: (target, key) => (String(key).startsWith('PUT /notebook-file') ? report : target[String(key)]),
      }),
    });
    return { told, user: userEvent.setup() };
  };
  const file = () => new File(['{}'], 'notebook.json', { type: 'application/json' });

  it('is looked at first; what differs is chosen one by one or all alike; then it is taken in', async () => {
    const { told, user } = open();
    await user.upload(screen.getByLabelText('File of a notebook'), file());
    const table = within(
      (await screen.findByRole('columnheader', { name: 'different' })).closest('table') as HTMLElement,
    );
    expect(table.getByRole('row', { name: 'lots 2 1 0 0' })).toBeTruthy();
    expect(screen.getByText('Besides, 7 rows are the same as here.')).toBeTruthy();
    expect(screen.getByText(/kept rows of this kind never change/)).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: 'what the file says' }));
    await choose(screen.getByRole('combobox', { name: 'Of vessels, row 1, stands' }), 'what is here', user);
    await user.click(screen.getByRole('button', { name: 'Take it in' }));
    expect(await screen.findByText(/^It is in: 2 rows were added/)).toBeTruthy();
    expect(told.at(-1)?.body).toEqual({ others: 'theirs', chosen: [{ kind: 'vessels', key: 'v1', take: 'ours' }] });
  });

  it('names what is refused, with what was read and why, and that nothing was kept', async () => {
    const refusals = [{ kind: 'readings', row: 2, column: 'value', read: 'much', why: 'It must be number.' }];
    const refused = { ...REPORT, conflicts: [], refusals };
    const { user } = open(refused, refused);
    await user.upload(screen.getByLabelText('File of a notebook'), file());
    expect(await screen.findByText('It must be number.')).toBeTruthy();
    expect(screen.getByText('much')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take it in' }));
    expect(await screen.findByText(/^Nothing was kept/)).toBeTruthy();
  });

  it('stands beside backups, of which one more is taken at a press', async () => {
    const { told, user } = open();
    expect(await screen.findByText('12 MB')).toBeTruthy();
    const fetch = screen.getByRole('link', { name: /^Fetch the backup of/ });
    expect(fetch.getAttribute('href')).toBe('/api/backups/daily-1.tar');
    await user.click(screen.getByRole('button', { name: 'Back up now' }));
    expect(told.at(-1)).toMatchObject({ method: 'POST', address: '/backups' });
  });
});

const TABLE: TableReport = {
  ...REPORT,
  id: 't1',
  table: 'lots',
  headings: ['what', 'Code', 'Price'],
  mapping: { code: 1, price: 2 },
  sample: [['Bark', 'B-1', '9,50']],
  named: [],
  kinds: [{ kind: 'lots', added: 0, same: 0, different: 0, refused: 1 }],
  conflicts: [],
  refusals: [{ kind: 'lots', row: 2, column: 'material or product', read: '', why: 'This must be said.' }],
};

describe('a table that comes in', () => {
  it('shows what its columns are taken for; put right, it is looked at again and taken in', async () => {
    const right = {
      ...TABLE,
      mapping: { name: 0, code: 1, price: 2 },
      refusals: [],
      kinds: [{ kind: 'lots', added: 1, same: 0, different: 0, refused: 0 }],
      named: [
        { name: 'Coco peat', classId: 'coir-pith' },
        { name: 'Perlite', question: 'How large are its grains?' },
      ],
    };
    const answers: Record<string, unknown> = {
      '/backups': [],
      'POST /table-files/incoming/t1/mapping': right,
      'POST /table-files/incoming/t1': { ...right, isDone: true },
    };
    const told = openPage(<FilesPage />, {
      answers: new Proxy(answers, {
        get: (target, key) => (String(key).startsWith('PUT /table-files') ? TABLE : target[String(key)]),
      }),
    });
    const user = userEvent.setup();
    const file = new File(['what;Code;Price'], 'shelf.csv', { type: 'text/csv' });
    await user.upload(screen.getByLabelText('File of a table'), file);
    expect(await screen.findByText('This must be said.')).toBeTruthy();
    expect(screen.getByText('9,50')).toBeTruthy();
    expect(screen.getByRole('combobox', { name: 'Column 3, Price, is' }).textContent).toBe('price of the pack');
    await choose(screen.getByRole('combobox', { name: 'Column 1, what, is' }), 'material or product', user);
    await waitFor(() => {
      expect(screen.queryByText('This must be said.')).toBeNull();
    });
    expect(told.at(-1)?.body).toEqual({ kind: 'lots', mapping: { code: 1, price: 2, name: 0 } });
    await user.click(screen.getByRole('button', { name: 'Take it in' }));
    expect(await screen.findByText(/^It is in: 1 row was added/)).toBeTruthy();
    expect(told.at(-1)?.body).toMatchObject({ kind: 'lots', mapping: right.mapping, others: 'ours', chosen: [] });
  });
});

describe('keys for scripts', () => {
  it('are made, shown once, and ended after a second thought', async () => {
    const row = { id: 'k1', name: 'the shed', may: 'read', by: 'Tam Oswin', madeAt: '2026-11-24T09:00:00Z' };
    const told = openPage(<KeysPage />, {
      answers: {
        '/access-tokens': [],
        'POST /access-tokens': { token: 'bentpail_secret', rows: [row] },
        'DELETE /access-tokens/k1': [{ ...row, revokedAt: '2026-11-24T10:00:00Z' }],
      },
    });
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText('What it is for'), 'the shed');
    await user.click(screen.getByRole('button', { name: 'Make a key' }));
    expect(await screen.findByText('bentpail_secret')).toBeTruthy();
    expect(told[0]?.body).toMatchObject({ name: 'the shed', may: 'read' });
    await user.click(await screen.findByRole('button', { name: 'end it' }));
    await user.click(await screen.findByRole('button', { name: 'End it' }));
    expect(await screen.findByText('ended')).toBeTruthy();
  });
});

const DOCUMENT: ApiDocument = {
  paths: {
    '/runs/{id}/readings': {
      post: {
        tags: ['runs'],
        'x-for': ['lead', 'tester'],
        parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
        requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/NewReading' } } } },
      },
    },
    '/lots': { get: { tags: ['lots'], 'x-for': 'public', parameters: [] } },
  },
  components: {
    schemas: {
      NewReading: {
        required: ['value'],
        properties: {
          value: { type: 'number', minimum: 0 },
          parts: { type: 'array', items: { $ref: '#/components/schemas/Part' } },
          unit: { enum: ['g', 'mL'] },
        },
      },
      Part: { properties: { at: { type: 'string', format: 'date-time' } } },
    },
  },
};

describe('what scripts may ask', () => {
  it('stands by address, with the fields of a body when it is opened', async () => {
    openPage(<ApiPage />, { answers: { '/openapi.json': DOCUMENT } });
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: /^POST \/runs/ }));
    const row = within(screen.getByText('value').closest('tr') as HTMLElement);
    expect(row.getByText('number, from 0')).toBeTruthy();
    expect(row.getByText('needed')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^GET \/lots/ })).toBeNull();
  });

  it('is told in few words, to the innermost field', () => {
    expect(linesOf(DOCUMENT).map(({ key }) => key)).toEqual(['get /lots', 'post /runs/{id}/readings']);
    expect(
      fieldsOf({ $ref: '#/components/schemas/NewReading' }, DOCUMENT.components.schemas).map(({ name }) => name),
    ).toEqual(['value', 'parts[]', 'parts[].at', 'unit']);
    expect(typeSaid({ enum: ['g', 'mL'] })).toBe('g | mL');
    expect(typeSaid({})).toBe('any');
  });
});
