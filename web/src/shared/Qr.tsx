import qrcode from 'qrcode';
import type { ReactElement } from 'react';
import { useSession } from './useSession';

/** White modules around a code, so that a reader finds it. */
const QUIET = 4;

interface QrProps {
  /** Of a page in this notebook, from the first stroke on. */
  readonly page: string;
  readonly size: number;
}

/** A QR code of a page, drawn as one path; where the notebook is on the house’s network, a phone finds it there. */
export function Qr({ page, size }: QrProps): ReactElement {
  const { networkAddress } = useSession();
  const address = `${networkAddress ?? window.location.origin}${page}`;
  const { modules } = qrcode.create(address, { errorCorrectionLevel: 'M' });
  const n = modules.size;
  const path = Array.from({ length: n * n }, (_, i) => i)
    .filter((i) => modules.data[i] === 1)
    .map((i) => `M${String(i % n)} ${String(Math.floor(i / n))}h1v1h-1z`)
    .join('');
  const box = `${String(-QUIET)} ${String(-QUIET)} ${String(n + 2 * QUIET)} ${String(n + 2 * QUIET)}`;
  return (
    <svg
      width={size}
      height={size}
      viewBox={box}
      role="img"
      className="h-auto max-w-full"
      aria-label={`Code for ${address}`}
      shapeRendering="crispEdges"
    >
      <rect x={-QUIET} y={-QUIET} width={n + 2 * QUIET} height={n + 2 * QUIET} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
