import { property, type MaterialSpread } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Figure } from '../../shared/Figure';
import { figure } from '../../kit/format';
import './intake.css';
import { KinStrip } from './KinStrip';

interface KinProps {
  readonly kin: readonly MaterialSpread[];
  readonly lotId: string;
}

/** How much lots of one material differ, property by property. */
export function Kin({ kin, lotId }: KinProps): ReactElement {
  return (
    <table className="kin">
      <thead>
        <tr>
          <th scope="col">Property</th>
          <th scope="col">lots</th>
          <th scope="col">this one filled; grey: one SD from lot to lot</th>
          <th scope="col" className="n">
            mean
          </th>
          <th scope="col" className="n">
            ± SD, lot to lot
          </th>
        </tr>
      </thead>
      <tbody>
        {kin.map((one) => {
          const { label, digits, unit } = property(one.property);
          const { mean, betweenSd } = one.spread;
          return (
            <tr key={`${one.property}${one.method}`}>
              <th scope="row">
                {label}
                <small>{one.method}</small>
              </th>
              <td className="figure">{one.lots.length}</td>
              <td>
                <KinStrip kin={one} lotId={lotId} />
              </td>
              <td className="n figure">
                {figure(mean, digits, betweenSd > 0 ? betweenSd : undefined).value} {unit}
              </td>
              <td className="n">
                <Figure
                  label={`${label}, from lot to lot`}
                  value={betweenSd}
                  digits={digits + 1}
                  unit={unit}
                  origin="worked-out"
                  working={one.working}
                  words={betweenSd === 0 ? 'none beyond the scatter within' : undefined}
                />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
