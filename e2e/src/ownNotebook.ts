import { expect } from '@playwright/test';

const PASSWORD = 'a pail of grey water';

/** Somebody opens the empty notebook; what is kept can be asked for again by signing in. */
export async function beginNotebook(address: string): Promise<void> {
  const answer = await fetch(`${address}/api/first-lead`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ name: 'Ann', password: PASSWORD, place: 'Shed' }),
  });
  expect(answer.status).toBe(201);
}
/** Whether the notebook still knows who opened it. */
export async function remembers(address: string): Promise<boolean> {
  const answer = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ name: 'Ann', password: PASSWORD }),
  });
  return answer.status === 200;
}
