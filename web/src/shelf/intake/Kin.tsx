import { property, type MaterialSpread } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Figure } from '../../shared/Figure';
import { figureInMine, mySign, told } from '../../shared/units/mine';
import { KinStrip } from './KinStrip';

interface KinProps {
  readonly kin: readonly MaterialSpread[];
  readonly lotId: string;
}

/** How much lots of one material differ, property by property. */
export function Kin({ kin, lotId }: KinProps): ReactElement {
  return (
    <table className="w-full border-collapse text-left [&_td]:border-b [&_td]:border-zinc2 [&_td]:py-[3px] [&_td]:pr-2 [&_th]:border-b [&_th]:border-zinc2 [&_th]:py-[3px] [&_th]:pr-2">
      <thead className="text-note text-ink2 [&_th]:font-normal">
        <tr>
          <th scope="col">Property</th>
          <th scope="col" className="max-[560px]:hidden">
            lots
          </th>
          <th scope="col">this one filled; grey: one SD from lot to lot</th>
          <th scope="col" className="text-right max-[560px]:hidden">
            mean
          </th>
          <th scope="col" className="text-right">
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
              <th scope="row" className="leading-[1.15] font-semibold">
                {label}
                <small className="block font-normal max-[900px]:hidden">{told(one.method)}</small>
              </th>
              <td className="figure max-[560px]:hidden">{one.lots.length}</td>
              <td>
                <KinStrip kin={one} lotId={lotId} />
              </td>
              <td className="figure text-right whitespace-nowrap max-[560px]:hidden">
                {figureInMine(mean, unit, digits, betweenSd > 0 ? betweenSd : undefined).value} {mySign(unit)}
              </td>
              <td className="text-right min-[561px]:whitespace-nowrap">
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
