import type { DataSource } from 'typeorm';
import { expect, it } from 'vitest';
import { DiskWatch } from './diskWatch';

const full = Object.assign(new Error('No space left on device'), { code: '53100' });

/** A database whose writes fail as long as there is no room. */
function databaseWith(room: { left: boolean; asked: number }): DataSource {
  const transaction = (): Promise<void> => {
    room.asked += 1;
    return room.left ? Promise.resolve() : Promise.reject(full);
  };
  return { transaction } as unknown as DataSource;
}

it('asks for room only once a write has failed, and until there is some again', async () => {
  const room = { left: false, asked: 0 };
  const disk = new DiskWatch(databaseWith(room));
  await disk.requireRoom();
  disk.saw(new Error('something else'));
  await disk.requireRoom();
  expect(room.asked).toBe(0);
  disk.saw(full);
  await expect(disk.requireRoom()).rejects.toMatchObject({ status: 507 });
  room.left = true;
  await disk.requireRoom();
  await disk.requireRoom();
  expect(room.asked).toBe(2);
});

it('passes on other trouble as it is', async () => {
  const away = Object.assign(new Error('terminating connection'), { code: '57P01' });
  const disk = new DiskWatch({ transaction: () => Promise.reject(away) } as unknown as DataSource);
  disk.saw(full);
  await expect(disk.requireRoom()).rejects.toBe(away);
});
