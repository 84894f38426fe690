import {
  property,
  type Band,
  type BandProperty,
  type BandsResult,
  type DeskFigure,
  type Target,
  type TargetProfile,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { ofProperty, unitOf } from '../../shared/units/ofProperty';
import { Figure } from '../../shared/Figure';
import { Trouble } from '../../shared/Trouble';
import { useSession } from '../../shared/useSession';
import { WindowBar } from './WindowBar';
import { Tooltip } from '../../kit/Tooltip';

interface DeskFiguresProps {
  readonly figures: readonly DeskFigure[];
  readonly bands: BandsResult | undefined;
  readonly profile: TargetProfile | undefined;
  /** Whose spread is explained beside the table. */
  readonly asked: string;
  readonly onAsk: (property: string) => void;
}

/** A chance under this stands inverse: it deserves a look. */
const POOR_CHANCE = 0.75;

/** Every predicted figure with its working, its band, the use's window, the chance to meet it, the plain average. */
export function DeskFigures({ figures, bands, profile, asked, onAsk }: DeskFiguresProps): ReactElement {
  return (
    <table className="mt-3 w-full border-collapse text-right text-small [&_td]:border-b [&_td]:border-zinc2 [&_td]:py-0.5 [&_td]:pl-[9px] [&_td]:whitespace-nowrap [&_tbody_th]:border-b [&_tbody_th]:border-zinc2">
      <thead className="border-b-[1.5px] border-ink text-note text-ink2 [&_th]:py-0.5 [&_th]:font-normal">
        <tr>
          <th scope="col" className="text-left">
            In this pot
          </th>
          <th scope="col">predicted</th>
          <th scope="col">5–95 %</th>
          <th scope="col" className="w-[150px] pl-3 text-left max-[760px]:hidden">
            {profile === undefined ? 'no target' : '[ window ]'}
          </th>
          {profile === undefined ? <td /> : <th scope="col">chance</th>}
          <th scope="col" className="max-[760px]:hidden">
            plain
          </th>
        </tr>
      </thead>
      <tbody>
        {figures
          .filter((figure) => figure.property !== 'shrink')
          .map((figure) => (
            <FigureRow
              key={figure.property}
              figure={figure}
              band={bands?.[figure.property as BandProperty]}
              target={profile?.targets.find((target) => target.property === figure.property)}
              chance={bands?.chance.find((one) => one.property === figure.property)?.chance}
              asked={asked === figure.property}
              onAsk={() => {
                onAsk(figure.property);
              }}
            />
          ))}
      </tbody>
    </table>
  );
}

interface FigureRowProps {
  readonly figure: DeskFigure;
  readonly band: Band | undefined;
  readonly target: Target | undefined;
  readonly chance: number | undefined;
  readonly asked: boolean;
  readonly onAsk: () => void;
}

const shownChance = (chance: number): string =>
  chance > 0.99 ? '>99 %' : chance < 0.01 ? '<1 %' : `${String(Math.round(100 * chance))} %`;

function FigureRow({ figure, band, target, chance, asked, onAsk }: FigureRowProps): ReactElement {
  const { notebook } = useSession();
  const { label, digits } = property(figure.property);
  const { unit, sign } = unitOf(figure.property, notebook.currency);
  const places = Math.min(digits, 2);
  const shown = (value: number): string => ofProperty(figure.property, value, places);
  return (
    <tr>
      <th scope="row" className="py-0.5 text-left text-body font-semibold">
        <Tooltip says="What to measure next for this?">
          <button
            type="button"
            className="-mt-[3px] py-[3px] text-left font-semibold decoration-[2.5px] underline-offset-4 aria-pressed:underline"
            aria-pressed={asked}
            onClick={onAsk}
          >
            {label}
          </button>
        </Tooltip>{' '}
        <small className="figure">{figure.property === 'pricePerL' ? `${sign} made` : sign}</small>
        <Trouble trouble={figure.trouble} />
        <Taught figure={figure} shown={shown} />
      </th>
      <td>
        <Figure
          label={label}
          value={figure.value}
          digits={places}
          unit={unit}
          sign={sign}
          origin="worked-out"
          working={figure.working}
          className="text-head"
          bare
        />
      </td>
      <td className="figure text-ink2 whitespace-nowrap">
        {band === undefined ? '…' : `${shown(band.p5)}–${shown(band.p95)}`}
      </td>
      <td className="w-[150px] max-[760px]:hidden">
        {target !== undefined && (
          <WindowBar
            value={figure.value}
            band={band}
            ideal={target.ideal}
            limits={target.limits}
            says={windowSays(target, shown)}
          />
        )}
      </td>
      <td>
        {target !== undefined && chance !== undefined && (
          <span className={`figure ${chance < POOR_CHANCE ? 'bg-slab px-[5px] py-0.5 text-inverse' : ''}`}>
            {shownChance(chance)}
          </span>
        )}
      </td>
      <td className="figure text-ink2 max-[760px]:hidden">
        {figure.plainAverage === undefined ? '' : shown(figure.plainAverage)}
      </td>
    </tr>
  );
}

/** What measured blends have changed, so that the uncorrected value stays in sight. */
interface TaughtProps {
  readonly figure: DeskFigure;
  readonly shown: (value: number) => string;
}

function Taught({ figure, shown }: TaughtProps): ReactElement | null {
  const { untaught, bias, value } = figure;
  const moved = untaught === undefined || shown(untaught) === shown(value) ? undefined : shown(untaught);
  if (moved === undefined && bias === undefined) return null;
  return (
    <Link className="block py-[5px] text-note leading-tight text-waterink" to="/blend/bench">
      {moved === undefined ? '' : `uncorrected ${moved} `}
      {bias === undefined ? '' : `measured batches say ${shown(value + bias)}`}
    </Link>
  );
}

function windowSays({ ideal: [lo, hi] }: Target, shown: (value: number) => string): string {
  if (lo === null) return `Window: up to ${shown(hi ?? 0)}.`;
  return hi === null ? `Window: from ${shown(lo)}.` : `Window: ${shown(lo)} to ${shown(hi)}.`;
}
