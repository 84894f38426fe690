import type { BoardPack } from '@bent-pail/contract';
import { PRICE_WORDS, UNITS, type BoardLine } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { day, fixed } from '../../kit/format';
import { INK } from '../../kit/ink';
import { Rows } from '../../kit/Rows';
import { litres } from '../../shared/units/litres';
import { amount } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';
import { PriceStrip } from './PriceStrip';

const CUBIC_FOOT_L = UNITS.find(({ sign }) => sign === 'cu ft')?.factor ?? NaN;

interface PriceTableProps {
  readonly packs: readonly BoardPack[];
  readonly lines: readonly BoardLine[];
  readonly currency: string;
  /** Whether something is wanted, so that packs are counted. */
  readonly isWanted: boolean;
}

/** Every pack by the price of a real litre, cheapest first; the same per cubic foot, and what is wanted of it. */
export function PriceTable({ packs, lines, currency, isWanted }: PriceTableProps): ReactElement {
  const most = Math.max(...lines.map(({ band }) => band[1]));
  return (
    <Rows className="text-body">
      <thead>
        <tr>
          <th scope="col" className="text-left">
            Pack
          </th>
          <th scope="col">in one, loose</th>
          <th scope="col">{currency} per L</th>
          <th scope="col" className="pl-4 text-left max-[900px]:hidden">
            0 to {currency}
            {fixed(most, 2)}, 90 % band
          </th>
          <th scope="col">{currency} per cu ft</th>
          {isWanted && (
            <>
              <th scope="col">packs</th>
              <th scope="col">left over</th>
              <th scope="col">costs</th>
              <th scope="col" className="max-[900px]:hidden">
                to carry
              </th>
            </>
          )}
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <Line
            key={line.name}
            line={line}
            pack={packs.find(({ name }) => name === line.name)}
            most={most}
            currency={currency}
            isWanted={isWanted}
          />
        ))}
      </tbody>
    </Rows>
  );
}

interface LineProps extends Pick<PriceTableProps, 'currency' | 'isWanted'> {
  readonly line: BoardLine;
  readonly pack: BoardPack | undefined;
  readonly most: number;
}

function Line({ line, pack, most, currency, isWanted }: LineProps): ReactElement {
  const { notebook } = useSession();
  const made = pack?.kind === 'made';
  const ink = INK[made ? 'worked-out' : line.isMeasured ? 'measured' : 'label'];
  const [lo, hi] = line.band;
  const to = pack?.lotId === undefined ? `/blend/${pack?.blendId ?? ''}` : `/score/prices/${pack.lotId}`;
  return (
    <tr>
      <th scope="row">
        <Link to={to} className="font-semibold">
          {line.name}
        </Link>
        <small className="block">
          {[
            made ? 'a litre of it, by its parts' : PRICE_WORDS[pack?.kind ?? 'paid'],
            pack?.on === undefined ? undefined : day(pack.on, notebook.zone),
            pack?.place,
            made ? undefined : line.isMeasured ? 'poured out' : 'by the label',
          ]
            .filter((one) => one !== undefined)
            .join(', ')}
        </small>
      </th>
      <td className="figure">{made ? '' : litres(line.litres)}</td>
      <td>
        <span className={`${ink} text-lead`}>{fixed(line.pricePerL, 3)}</span>
        {lo < hi && (
          <small className="figure block">
            {fixed(lo, 3)}–{fixed(hi, 3)}
          </small>
        )}
      </td>
      <td className="w-[200px] pl-4 text-left max-[900px]:hidden">
        <PriceStrip
          value={line.pricePerL}
          band={line.band}
          most={most}
          isMeasured={line.isMeasured}
          says={`${line.name}: ${currency}${fixed(line.pricePerL, 3)} a litre, ${fixed(lo, 3)} to ${fixed(hi, 3)}`}
        />
      </td>
      <td className="figure">{fixed(line.pricePerL * CUBIC_FOOT_L, 2)}</td>
      {isWanted && (
        <>
          <td className="figure">{made ? '' : fixed(line.packs ?? 0, 0)}</td>
          <td className="figure">{made ? '' : litres(line.left_L ?? 0)}</td>
          <td className="figure font-semibold">
            {currency}
            {fixed(line.cost ?? 0, 2)}
          </td>
          <td className="figure max-[900px]:hidden">
            {line.weight_kg === undefined ? '' : amount(line.weight_kg, 'kg', 0)}
          </td>
        </>
      )}
    </tr>
  );
}
