import type { WatchedPot } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../kit/format';
import { Rows } from '../kit/Rows';
import { amount } from '../shared/units/mine';
import { boxOf, PotDrawing, RULE } from './PotDrawing';
import { carriedOffWeek, volume, weekOf } from './told';
import type { Variant } from './variants';

interface PotsNowProps {
  readonly variants: readonly Variant[];
  readonly pots: readonly WatchedPot[];
  readonly at: number;
  readonly chosen: number;
  readonly onChoose: (place: number) => void;
}

/** The pots side by side at one hour, and what they came to in the end. */
export function PotsNow({ variants, pots, at, chosen, onChoose }: PotsNowProps): ReactElement {
  const depths = variants.map(({ setup }) => setup.container.height_cm + (setup.soil?.table_cm ?? 0));
  const { limits } = pots[chosen] as WatchedPot;
  const deepest = Math.max(...depths);
  const carried = variants.map(({ medium, setup }, i) => carriedOffWeek(medium, setup, pots[i] as WatchedPot));
  const row = (head: string, of: (pot: WatchedPot, i: number) => string): ReactElement => (
    <tr key={head}>
      <th scope="row">{head}</th>
      {pots.map((pot, i) => (
        <td key={(variants[i] as Variant).key} className="figure">
          {of(pot, i)}
        </td>
      ))}
    </tr>
  );
  return (
    <section aria-label="The pots at this hour">
      <ul className="flex flex-wrap items-end gap-x-3 gap-y-2">
        {variants.map(({ key, label, setup }, i) => (
          <li key={key} style={{ width: boxOf(variants.length, 1).width + RULE }}>
            <button
              type="button"
              aria-pressed={i === chosen}
              className={`min-h-8 w-full text-left leading-tight ${i === chosen ? 'font-bold underline decoration-[3px] underline-offset-4' : ''}`}
              onClick={() => {
                onChoose(i);
              }}
            >
              {label}
            </button>
            <PotDrawing
              setup={setup}
              pot={pots[i] as WatchedPot}
              at={at}
              label={label}
              count={variants.length}
              part={(depths[i] as number) / deepest}
            />
          </li>
        ))}
      </ul>
      <div className="overflow-x-auto">
        <Rows className="mt-2">
          {variants.length > 1 && (
            <thead>
              <tr>
                <td />
                {variants.map(({ key, label }) => (
                  <th key={key} scope="col">
                    {label}
                  </th>
                ))}
              </tr>
            </thead>
          )}
          <tbody>
            {row('Air among its roots, now', (pot) => fixed(pot.air[at] as number, 2))}
            {row('Suction, now', (pot) => amount(pot.suction_cm[at] as number, 'cm', 0))}
            {row('Water it holds, now', (pot) => volume(pot.stored_mL[at] as number))}
            {row(`Too wet, under ${fixed(limits.air, 2)} air`, (pot) => amount(pot.wetHours, 'h', 0))}
            {row(`Dry, over ${amount(limits.suction_cm, 'cm', 0)}`, (pot) => amount(pot.dryHours, 'h', 0))}
            {row('Given in a week', (pot) => volume(weekOf(pot, pot.added_mL)))}
            {row('Of it drained', (pot) => volume(weekOf(pot, pot.drained_mL)))}
            {carried.some((mg) => mg !== undefined) &&
              row('Nitrogen carried off in its first week', (_pot, i) => {
                const mg = carried[i];
                return mg === undefined ? 'not known' : amount(mg, 'mg', 0);
              })}
          </tbody>
        </Rows>
      </div>
    </section>
  );
}
