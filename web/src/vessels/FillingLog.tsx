import type { FillingRow, VesselRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { inMine, mySign } from '../shared/units/mine';
import { Await } from '../shared/Await';
import { clockTime, day } from '../kit/format';
import { fillingsQuery } from '../shared/resources/vessels';
import { useSession, useWorks } from '../shared/useSession';
import { FillAgain } from './FillAgain';
import { LeaveOutFilling } from './LeaveOutFilling';
import { Rows } from '../kit/Rows';
import { Button } from '../kit/Button';

/** What is done with one filling at a time. */
type Doing = { readonly what: 'again' } | { readonly what: 'correct' | 'leave out'; readonly filling: FillingRow };

/** Every filling of a vessel, newest first: what counts, and what does not any more and why. */
export function FillingLog({ vessel }: { readonly vessel: VesselRow }): ReactElement {
  const works = useWorks();
  const query = useQuery(fillingsQuery(vessel.id));
  const [doing, setDoing] = useState<Doing>();
  const done = (): void => {
    setDoing(undefined);
  };
  return (
    <Await query={query}>
      {(fillings) => (
        <div className="pb-3">
          {fillings.length > 0 && (
            <Rows>
              <thead>
                <tr>
                  <th scope="col">Filled</th>
                  <th scope="col">empty {mySign('g')}</th>
                  <th scope="col">full {mySign('g')}</th>
                  <th scope="col">{mySign('°C')}</th>
                  <th scope="col">{mySign('mL')}</th>
                  <td />
                </tr>
              </thead>
              <tbody>
                {fillings.map((filling) => (
                  <Line
                    key={filling.id}
                    filling={filling}
                    works={works}
                    onDo={(what) => {
                      setDoing({ what, filling });
                    }}
                  />
                ))}
              </tbody>
            </Rows>
          )}
          {works && doing === undefined && (
            <Button
              className="mt-3"
              onClick={() => {
                setDoing({ what: 'again' });
              }}
            >
              {fillings.length === 0 ? 'Measure it' : 'Measure it again'}
            </Button>
          )}
          {doing?.what === 'leave out' && (
            <LeaveOutFilling vesselId={vessel.id} filling={doing.filling} onDone={done} />
          )}
          {doing?.what === 'correct' && <FillAgain vessel={vessel} corrected={doing.filling} onDone={done} />}
          {doing?.what === 'again' && <FillAgain vessel={vessel} onDone={done} />}
        </div>
      )}
    </Await>
  );
}

interface LineProps {
  readonly filling: FillingRow;
  readonly works: boolean;
  readonly onDo: (what: 'correct' | 'leave out') => void;
}

function Line({ filling, works, onDo }: LineProps): ReactElement {
  const { notebook } = useSession();
  const { keptAt, by, scale, volume_mL, out } = filling;
  const figure = (value: number | undefined, kept: string): ReactElement => {
    const said = value === undefined ? 'jug' : inMine(value, kept, 1);
    return <td className="figure">{out === undefined ? said : <s>{said}</s>}</td>;
  };
  return (
    <tr>
      <th scope="row">
        {day(keptAt, notebook.zone)}, <span className="figure">{clockTime(Date.parse(keptAt), notebook.zone)}</span>
        <small className="text-ink2 block">
          {by}
          {out === undefined ? '' : ` · counts no more, ${out}`}
        </small>
      </th>
      {figure(scale?.empty_g, 'g')}
      {figure(scale?.full_g, 'g')}
      {figure(scale?.waterTemp_C, '°C')}
      {figure(volume_mL, 'mL')}
      <td>
        {works && out === undefined && (
          <span className="flex justify-end gap-4">
            {(['correct', 'leave out'] as const).map((what) => (
              <Button
                key={what}

                look="tie"
                className="min-h-11"
                onClick={() => {
                  onDo(what);
                }}
              >
                {what}
              </Button>
            ))}
          </span>
        )}
      </td>
    </tr>
  );
}
