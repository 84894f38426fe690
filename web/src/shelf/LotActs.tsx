import type { LotRow } from '@bent-pail/contract';
import { isLikeness } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { EditLot } from './EditLot';
import { Likeness } from './Likeness';
import { LotStock } from './LotStock';
import { Names } from './Names';
import { PutLotAway } from './PutLotAway';

/** What whoever works here may change of a lot. */
export function LotActs({ lot }: { readonly lot: LotRow }): ReactElement {
  return (
    <>
      <LotStock lot={lot} />
      <p className="mt-3 flex flex-wrap gap-3">
        <EditLot lot={lot} />
        <Names lot={lot} />
        <PutLotAway lot={lot} />
        {(lot.classId === undefined || isLikeness(lot.classId)) && <Likeness lot={lot} />}
      </p>
    </>
  );
}
