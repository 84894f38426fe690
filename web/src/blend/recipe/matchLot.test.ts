import type { LotRow } from '@bent-pail/contract';
import { describe, expect, it } from 'vitest';
import { matchLot } from './matchLot';

const lot = (code: string, name: string, aliases: readonly string[] = []): LotRow =>
  ({ id: code, materialId: name, code, name, aliases, usable: true, origin: { kind: 'bought' } }) as unknown as LotRow;
const LOTS = [
  lot('BN-2', 'Bark nuggets 9–18 mm'),
  lot('BK-7', 'Bark, fine 0–10 mm', ['composted bark fines']),
  lot('PM-3', 'Pumice 3–8 mm', ['the grey stuff']),
  lot('CO-2', 'Coir pith, rinsed'),
];

describe('a written name on the shelf', () => {
  it.each([
    ['pumice', 'PM-3'],
    ['the grey stuff', 'PM-3'],
    ['fine bark', 'BK-7'],
    ['bark nuggets', 'BN-2'],
    ['composted bark fines', 'BK-7'],
    ['coir', 'CO-2'],
    ['PM-3', 'PM-3'],
    ['unicorn hair', undefined],
  ])('%s is %s', (name, code) => {
    expect(matchLot([name], LOTS)?.code).toBe(code);
  });

  it('is its material rather than a batch that is called after its parts', () => {
    const batch = { ...lot('BP-1', 'Bark and pumice'), origin: { kind: 'batch' } } as LotRow;
    expect(matchLot(['pumice'], [batch, ...LOTS])?.code).toBe('PM-3');
    expect(matchLot(['bark and pumice'], [batch, ...LOTS])?.code).toBe('BP-1');
  });

  it('that two materials answer to is asked about; of two lots of one it is the newer', () => {
    expect(matchLot(['bark'], LOTS)).toBeUndefined();
    expect(matchLot(['pumice'], [lot('PM-4', 'Pumice 3–8 mm'), ...LOTS])?.code).toBe('PM-4');
  });

  it('is never what was parted off it', () => {
    const rejects = { ...lot('CO-2x', 'Coir pith, rinsed'), partedOff: true } as LotRow;
    expect(matchLot(['coir'], [rejects])).toBeUndefined();
    expect(matchLot(['coir'], [rejects, ...LOTS])?.code).toBe('CO-2');
  });

  it('takes the first alternative that is there', () => {
    expect(matchLot(['peat', 'coir'], LOTS)?.code).toBe('CO-2');
  });

  it('offers nothing of which neither run nor class says how it holds water', () => {
    const bare = { ...(LOTS[3] as LotRow), usable: false };
    expect(matchLot(['coir'], [bare])).toBeUndefined();
  });
});
