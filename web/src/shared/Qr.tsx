import qrcode from 'qrcode';
import type { ReactElement } from 'react';

/** White modules around a code, so that a reader finds it. */
const QUIET = 4;

/** A QR code of an address, drawn as one path. */
export function Qr({ address, size }: { readonly address: string; readonly size: number }): ReactElement {
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
      aria-label={`Code for ${address}`}
      shapeRendering="crispEdges"
    >
      <rect x={-QUIET} y={-QUIET} width={n + 2 * QUIET} height={n + 2 * QUIET} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
