import { afterEach, expect, it, vi } from 'vitest';
import { api, ApiProblem, sentenceAt, sentenceOf, Unreachable } from './api';

afterEach(() => {
  vi.unstubAllGlobals();
});

/** A server that answers everything alike, or not at all. */
function answering(status: number, body: string): ReturnType<typeof vi.fn> {
  const fetched = vi.fn(() => Promise.resolve(new Response(status === 204 ? null : body, { status })));
  vi.stubGlobal('fetch', fetched);
  return fetched;
}

const caught = async (call: Promise<unknown>): Promise<unknown> => call.then(() => undefined).catch((e: unknown) => e);

it('sends JSON to its address and gives what came back', async () => {
  const fetched = answering(200, '{"ok":1}');
  await expect(api.put('/pots/1', { depth: 25 })).resolves.toEqual({ ok: 1 });
  expect(fetched).toHaveBeenCalledWith(
    '/api/pots/1',
    expect.objectContaining({ method: 'PUT', body: '{"depth":25}', headers: { 'content-type': 'application/json' } }),
  );
  answering(204, '');
  await expect(api.remove('/session')).resolves.toBeUndefined();
});

it('brings the server’s sentence, and to which field it belongs', async () => {
  answering(422, '{"error":{"code":"invalid","message":"Type a name.","path":"name"}}');
  const error = await caught(api.post('/users'));
  expect(error).toBeInstanceOf(ApiProblem);
  expect(sentenceOf(error)).toBe('Type a name.');
  expect(sentenceAt(error, 'name')).toBe('Type a name.');
  expect(sentenceAt(error, 'password')).toBeUndefined();
});

it.each([502, 503, 504])('takes %i as no answer at all', async (status) => {
  answering(status, 'away');
  expect(await caught(api.get('/lots'))).toBeInstanceOf(Unreachable);
});

it('says that nobody answers where the network is gone', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
  expect(sentenceOf(await caught(api.get('/lots')))).toMatch(/does not answer. What you typed is kept/);
});

it.each([
  [500, '<html>oops</html>'],
  [200, '<!doctype html>'],
  [500, '{"odd":true}'],
  [500, ''],
])('has a sentence for an answer that it does not understand: %i %j', async (status, body) => {
  answering(status, body);
  const error = await caught(api.get('/lots'));
  expect(error).toBeInstanceOf(ApiProblem);
  expect(sentenceOf(error)).toMatch(/does not understand/);
});

it('has a sentence for what is no error', () => {
  expect(sentenceOf('what')).toBe('Something went wrong.');
});
