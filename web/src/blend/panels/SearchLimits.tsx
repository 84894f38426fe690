import type { DeskLot } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import type { Limits } from './partLimits';
import { Button } from '../../kit/Button';
import { Rows } from '../../kit/Rows';
import { LOW_BOX } from '../../kit/box';

interface SearchLimitsProps {
  readonly lots: readonly DeskLot[];
  readonly parts: number;
  readonly limits: Limits;
  readonly onLimits: (limits: Limits) => void;
}

/** Fewest and most parts of each lot that a search may take; folded away until somebody wants it. */
export function SearchLimits({ lots, parts, limits, onLimits }: SearchLimitsProps): ReactElement {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button
        look="small"
        className="mt-1"
        onClick={() => {
          setOpen(true);
        }}
      >
        Limit the lots
      </Button>
    );
  return (
    <Rows className="mt-2 max-w-[520px]">
      <thead>
        <tr>
          <th scope="col">Of {parts} parts</th>
          <th scope="col">at least</th>
          <th scope="col">at most</th>
        </tr>
      </thead>
      <tbody>
        {lots.map((lot) => {
          const own = limits[lot.id] ?? { least: '', most: '' };
          return (
            <tr key={lot.id}>
              <th scope="row">{lot.name}</th>
              {(['least', 'most'] as const).map((key) => (
                <td key={key}>
                  <input
                    className={`${LOW_BOX} figure w-16`}
                    inputMode="numeric"
                    aria-label={`${key === 'least' ? 'Fewest' : 'Most'} parts of ${lot.name}`}
                    value={own[key]}
                    placeholder={key === 'least' ? '0' : String(parts)}
                    onChange={(event) => {
                      onLimits({ ...limits, [lot.id]: { ...own, [key]: event.target.value } });
                    }}
                  />
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </Rows>
  );
}
