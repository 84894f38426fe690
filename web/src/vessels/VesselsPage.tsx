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
import { useWorks } from '../shared/useSession';
import { NewVesselForm } from './NewVesselForm';
import { VesselName } from './VesselName';

/** Vessels and pots that the whole bench shares, each with the fillings that say how much it holds. */
export function VesselsPage(): ReactElement {
  const works = useWorks();
  const query = useQuery(vesselsQuery);
  const [adding, setAdding] = useState(false);
  const [away, setAway] = useState(false);
  return (
    <main>
      <TitleBlock
        title="Vessels"
        line="A vessel holds what the water in it weighs. A finished run stands on what its vessels held then, until somebody takes newer fillings up."
      >
        {works && !adding && (
          <Button
            onClick={() => {
              setAdding(true);
            }}
          >
            Another vessel
          </Button>
        )}
      </TitleBlock>
      {adding && (
        <NewVesselForm
          onDone={() => {
            setAdding(false);
          }}
        />
      )}
      <Await query={query}>
        {(vessels) =>
          vessels.length === 0 ? (
            <EmptyPail question="There is no vessel yet. The first run makes them, and asks how much they hold." />
          ) : (
            <>
              <ul className="gap-x-10 px-5 py-2 xl:columns-2">
                {vessels
                  .filter(({ archived }) => away || archived !== true)
                  .map((vessel) => (
                    <Vessel key={vessel.id} vessel={vessel} />
                  ))}
              </ul>
              {vessels.some(({ archived }) => archived === true) && (
                <Button
                  look="tie"
                  className="mx-5 min-h-11"
                  onClick={() => {
                    setAway(!away);
                  }}
                >
                  {away ? 'Without those that are put away' : 'With those that are put away'}
                </Button>
              )}
            </>
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
  const works = useWorks();
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
          {vessel.archived === true ? ' · put away' : ''}
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
      {open && works && <VesselName vessel={vessel} />}
      {open && <FillingLog vessel={vessel} />}
    </li>
  );
}
