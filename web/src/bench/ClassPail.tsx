import type { RunSheet } from '@bent-pail/contract';
import { findMediaClass, pailOfClass } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { amount } from '../shared/units/mine';
import { ReadPail } from '../shared/pail/ReadPail';
import { shapeOf } from '../shared/pail/pailGeometry';
import { fixed } from '../kit/format';

/** Protocols whose first result is a pail of air and water. */
const SPLITS_THE_PAIL: readonly string[] = ['saturate-drain-dry', 'kitchen-form'];

/** Before the first result: the pail that this class usually makes, in dots, so that a slip stands out at once. */
export function ClassPail({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const { classId } = sheet.lot;
  if (classId === undefined || !SPLITS_THE_PAIL.includes(sheet.protocol.key)) return null;
  const pail = pailOfClass(classId);
  const mediaClass = findMediaClass(classId);
  if (pail === undefined || mediaClass === undefined) return null;
  const { air, water } = mediaClass.inVessel10cm;
  const usual = ([lo, hi]: readonly [number, number]): ReactElement => (
    <span className="figure text-body">
      {fixed(lo, 2)}–{fixed(hi, 2)}
    </span>
  );
  return (
    <figure className="m-0 mt-5">
      <figcaption className="mb-2 text-body font-semibold">Typical for this material</figcaption>
      <ReadPail
        shape={shapeOf({ height_cm: pail.height_cm }, 'vessel')}
        fill={{ ...pail, kind: 'parted' }}
        state="class"
        k={13}
        readings={[
          { part: 'air', figure: usual(air.range) },
          { part: 'water', figure: usual(water.range) },
        ]}
      />
      <p className="text-ink2 mt-2 text-small">
        {mediaClass.label}, drained, in {amount(10, 'cm', 0)}.
      </p>
    </figure>
  );
}
