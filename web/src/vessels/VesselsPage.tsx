import type { VesselRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { amount, inMine } from '../shared/units/mine';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { vesselsQuery } from '../shared/resources/vessels';
import { TitleBlock } from '../shared/TitleBlock';
import { FillingLog } from './FillingLog';
import { Button } from '../kit/Button';

/** Vessels and pots that the whole bench shares, each with the fillings that say how much it holds. */
export function VesselsPage(): ReactElement {
  const query = useQuery(vesselsQuery);
  return (
    <main>
      <TitleBlock
        title="Vessels"
        line="A vessel holds what the water in it weighs. A finished run stands on what its vessels held then, until somebody takes newer fillings up."
      />
      <Await query={query}>
        {(vessels) =>
          vessels.length === 0 ? (
            <EmptyPail question="There is no vessel yet. The first run makes them, and asks how much they hold." />
          ) : (
            <ul className="gap-x-10 px-5 py-2 xl:columns-2">
              {vessels.map((vessel) => (
                <Vessel key={vessel.id} vessel={vessel} />
              ))}
            </ul>
          )
        }
      </Await>
    </main>
  );
}

function sizeOf({ height_cm, topDiameter_cm, baseDiameter_cm }: VesselRow): string {
  if (height_cm === undefined) return 'depth not told yet';
  const deep = `${amount(height_cm, 'cm', 1)} deep`;
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) return deep;
  return `${deep}, ${inMine(baseDiameter_cm, 'cm', 1)} to ${amount(topDiameter_cm, 'cm', 1)} wide`;
}

function Vessel({ vessel }: { readonly vessel: VesselRow }): ReactElement {
  const [open, setOpen] = useState(false);
  const { name, kind, volume_mL, fillings } = vessel;
  const basis =
    fillings === 0 ? 'by its inner sizes' : fillings === 1 ? 'by one filling' : `mean of ${String(fillings)}`;
  return (
    <li className="break-inside-avoid border-b border-zinc2 py-2">
      <div className="flex min-h-11 flex-wrap items-baseline gap-x-4">
        <h2 className="min-w-24 text-head">{name}</h2>
        <span className="figure text-lead">{volume_mL === undefined ? '?' : amount(volume_mL, 'mL', 0)}</span>
        <span className="text-ink2 text-small">
          {volume_mL === undefined ? 'not measured yet' : basis} · {kind === 'pot' ? 'pot' : 'test vessel'},{' '}
          {sizeOf(vessel)}
        </span>
        <Button
          look="tie"
          className="ml-auto min-h-11"
          aria-expanded={open}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? 'Close' : 'Fillings'}
        </Button>
      </div>
      {open && <FillingLog vessel={vessel} />}
    </li>
  );
}
