import { describe, expect, it } from 'vitest';
import { whatToKeep } from './whatToKeep';

const id = '01a2101b-5e0e-7499-aa67-8cef9376e8ca';

describe('what is kept for a reload while the server is away', () => {
  it.each([
    [{ method: 'GET', mode: 'navigate', pathname: `/bench/runs/${id}` }, 'page'],
    [{ method: 'GET', mode: 'cors', pathname: '/' }, 'page'],
    [{ method: 'GET', mode: 'cors', pathname: '/assets/index-a1.js' }, 'asset'],
    [{ method: 'GET', mode: 'cors', pathname: `/api/runs/${id}` }, 'open-run'],
    [{ method: 'GET', mode: 'cors', pathname: `/api/sheets/${id}` }, 'open-run'],
    [{ method: 'GET', mode: 'cors', pathname: `/api/pots/${id}` }, 'open-run'],
    [{ method: 'POST', mode: 'cors', pathname: `/api/pots/${id}/diary` }, 'pass'],
    [{ method: 'GET', mode: 'cors', pathname: '/api/session' }, 'open-run'],
    [{ method: 'GET', mode: 'cors', pathname: '/api/group' }, 'open-run'],
    [{ method: 'POST', mode: 'cors', pathname: '/api/group/readings' }, 'pass'],
    [{ method: 'PUT', mode: 'cors', pathname: `/api/sheets/${id}/ratings/smell` }, 'pass'],
    [{ method: 'POST', mode: 'cors', pathname: `/api/runs/${id}/readings` }, 'pass'],
    [{ method: 'DELETE', mode: 'cors', pathname: '/api/session' }, 'pass'],
    [{ method: 'GET', mode: 'cors', pathname: '/api/sheets' }, 'pass'],
    [{ method: 'GET', mode: 'cors', pathname: '/api/time' }, 'pass'],
  ] as const)('%j: %s', (request, keeping) => {
    expect(whatToKeep(request)).toBe(keeping);
  });
});
