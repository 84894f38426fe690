import type { LotRow } from '@bent-pail/contract';
import type { Found } from '../../kit/FoundLine';
import { day } from '../../kit/format';
import { LotPail } from '../pail/LotPail';

/** A lot as it is found: its pail, its code, and what tells it from its like. */
export function foundLot(lot: LotRow, zone: string): Found {
  const lacks = lot.usable ? (lot.finishedRuns === 0 ? 'not measured yet' : undefined) : 'nothing known of it yet';
  const came = lot.boughtOn === undefined ? undefined : `came ${day(lot.boughtOn, zone)}`;
  return {
    key: lot.id,
    words: `${lot.name}, ${lot.code}`,
    note: [lot.partedOff === true ? 'parted off' : undefined, lot.grade, lot.state, came, lacks]
      .filter((part) => part !== undefined && part !== '')
      .join(' · '),
    sign: <LotPail pail={lot.pail} size={26} />,
  };
}
