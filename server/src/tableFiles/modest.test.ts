import { buffer } from 'node:stream/consumers';
import { expect, it } from 'vitest';
import { ZipFile } from 'yazl';
import { requireModest } from './modest';

/** A workbook's ZIP of zeros, as large as is said. */
async function workbookOf(bytes: number): Promise<Buffer> {
  const zip = new ZipFile();
  zip.addBuffer(Buffer.alloc(bytes), 'xl/worksheets/sheet1.xml');
  zip.end();
  return buffer(zip.outputStream);
}

/** The same with a head that says it is small. */
function lying(workbook: Buffer): Buffer {
  const copy = Buffer.from(workbook);
  const central = copy.indexOf(Buffer.from([0x50, 0x4b, 0x01, 0x02]));
  copy.writeUInt32LE(100, central + 24);
  return copy;
}

it('lets a workbook through that grows as workbooks do', async () => {
  await expect(requireModest(await workbookOf(200_000))).resolves.toBeUndefined();
});

it('refuses one that grows beyond all measure, and one whose head denies it', async () => {
  const bomb = await workbookOf(2_000_000);
  expect(bomb.length).toBeLessThan(20_000);
  await expect(requireModest(bomb, 1_000_000)).rejects.toThrow('beyond all measure');
  await expect(requireModest(lying(bomb), 1_000_000)).rejects.toThrow(/too many bytes|size/);
  await expect(requireModest(Buffer.from('PK\u0003\u0004 cut'))).rejects.toThrow();
});
