import type { LotCurve } from '@bent-pail/core';
import { fixed } from '../kit/format';
import { useMemo, type ReactElement } from 'react';
import { amount, mySign } from '../shared/units/mine';
import { Chart } from '../shared/chart/Chart';
import type { Pot } from '../shared/pot/pots';
import { curveChart } from './curveChart';
import { byDepth, depthChart } from './depthChart';

/** Water by suction, and the same medium in pots of every depth. */
interface LotChartsProps {
  readonly curve: LotCurve;
  readonly pot: Pot;
}

export function LotCharts({ curve, pot }: LotChartsProps): ReactElement {
  const curveOptions = useMemo(() => curveChart(curve), [curve]);
  const points = useMemo(() => byDepth(curve.retention), [curve]);
  const vessel = curve.kind === 'inferred' ? curve.vessel?.height_cm : undefined;
  const depthOptions = useMemo(
    () => depthChart(points, [...(vessel === undefined ? [] : [vessel]), pot.shape.height_cm]),
    [points, vessel, pot.shape.height_cm],
  );
  const shallow = points.find((point) => point.depth_cm === 10);
  const deep = points.find((point) => point.depth_cm === 30);
  return (
    <>
      <div className="mt-3 grid gap-4 md:grid-cols-2">
        <Chart
          title={
            <>
              <b>Water held</b>{' '}
              <span className="text-ink2">
                part of volume, by suction in cm of water; grey: 95 %
                {curve.kind === 'class' ? '' : '; bars: means over their heights'}
              </span>
            </>
          }
          says={`Water held by suction. ${curve.note}`}
          height={170}
          options={curveOptions}
        />
        <Chart
          title={
            <>
              <b>Air and water</b> <span className="text-ink2">by depth of a straight pot, {mySign('cm')}</span>
            </>
          }
          says={`Air and water by depth of a straight pot: at ${amount(10, 'cm', 0)} air ${airSaid(shallow)}, at ${amount(30, 'cm', 0)} air ${airSaid(deep)}.`}
          height={170}
          options={depthOptions}
        />
      </div>
      <p className="text-ink2 mt-1 text-small">
        {curve.note} Draining values: a mat, or weak watering of a dry pot, leaves less.
      </p>
    </>
  );
}

const airSaid = (at: { readonly air: number } | undefined): string => (at === undefined ? '' : fixed(at.air, 2));
