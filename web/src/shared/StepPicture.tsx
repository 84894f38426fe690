import type { StepPicture as Picture } from '@bent-pail/core';
import type { ReactElement } from 'react';

const LINE = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.8, strokeLinejoin: 'round' as const };

/** The bent vessel of every picture, standing on y = 92. */
const VESSEL = 'M34 34 L38 92 H80 L86 62 L82 54 L86 48 L88 34';

function Vessel({ fill, level = 34 }: { readonly fill?: string; readonly level?: number }): ReactElement {
  return (
    <>
      {fill !== undefined && (
        <path
          d={`M${String(34 + (level - 34) * 0.07)} ${String(level)} L38 92 H80 L86 62 L82 54 L86 48 L88 ${String(level)} Z`}
          fill={fill}
        />
      )}
      <path d={VESSEL} {...LINE} />
      <path d="M31 34 L91 35" {...LINE} strokeWidth={2.6} strokeLinecap="round" />
    </>
  );
}

function Scale(): ReactElement {
  return (
    <>
      <path d="M24 95 H96 M30 95 L26 110 H94 L90 95" {...LINE} />
      <rect x="48" y="99" width="24" height="7" fill="var(--ink)" />
    </>
  );
}

function Basin(): ReactElement {
  return (
    <>
      <rect x="12" y="62" width="96" height="46" fill="url(#water)" opacity="0.9" />
      <path d="M10 52 L14 108 H106 L110 52" {...LINE} />
    </>
  );
}

const PICTURES: Readonly<Record<Picture, () => ReactElement>> = {
  'scale-empty': () => (
    <>
      <Vessel />
      <Scale />
    </>
  ),
  'scale-full': () => (
    <>
      <Vessel fill="url(#unsplit)" />
      <Scale />
    </>
  ),
  soak: () => (
    <>
      <Basin />
      <Vessel fill="url(#unsplit)" level={44} />
      <path d="M48 102 V96 M60 102 V96 M72 102 V96" {...LINE} strokeWidth={1.4} />
    </>
  ),
  level: () => (
    <>
      <Basin />
      <Vessel fill="url(#unsplit)" level={40} />
      <path d="M4 40 H30 M92 40 H116" {...LINE} stroke="var(--water-ink)" strokeDasharray="4 3" />
    </>
  ),
  ruler: () => (
    <>
      <Vessel fill="url(#unsplit)" level={42} />
      <path
        d="M98 30 V92 H106 V30 Z M98 42 H103 M98 52 H101 M98 62 H103 M98 72 H101 M98 82 H103"
        {...LINE}
        strokeWidth={1.4}
      />
      <path d="M30 42 H98" {...LINE} strokeDasharray="3 3" strokeWidth={1.2} />
    </>
  ),
  drain: () => (
    <>
      <g transform="translate(0 -18)">
        <Vessel fill="url(#unsplit)" level={40} />
        <path d="M46 95 V101 M59 95 V104 M72 95 V100" {...LINE} stroke="var(--water-ink)" strokeWidth={2.4} />
      </g>
      <path d="M30 90 L34 112 H86 L90 90" {...LINE} />
      <path d="M32 103 L34 111 H86 L88 103 Z" fill="url(#water)" />
    </>
  ),
  jug: () => (
    <>
      <path d="M40 58 L42 106 H82 L86 58 Z" fill="url(#water)" />
      <path d="M38 34 L42 106 H82 L88 34 M88 42 C104 40 104 78 84 78 M38 34 L30 40" {...LINE} />
      <path d="M42 50 H52 M42 66 H50 M43 82 H53" {...LINE} strokeWidth={1.3} />
    </>
  ),
  oven: () => (
    <>
      <rect x="20" y="26" width="80" height="80" {...LINE} />
      <rect x="30" y="46" width="60" height="50" {...LINE} />
      <path d="M36 82 H84 M40 82 L42 74 H78 L80 82" {...LINE} />
      <rect x="43" y="75" width="34" height="6" fill="url(#solid)" />
      <circle cx="34" cy="36" r="3.4" {...LINE} />
      <path d="M48 36 H90" {...LINE} strokeWidth={1.3} />
    </>
  ),
  thermometer: () => (
    <>
      <Basin />
      <path d="M58 14 H64 V84 A7 7 0 1 1 58 84 Z" {...LINE} fill="var(--paper)" />
      <path d="M61 44 V88" stroke="var(--ink)" strokeWidth={3} />
    </>
  ),
  pen: () => (
    <>
      <path d="M34 62 L38 106 H82 L86 62 Z" fill="url(#water)" />
      <path d="M32 50 L38 106 H82 L88 50" {...LINE} />
      <path d="M52 12 H68 V62 L60 78 L52 62 Z M55 18 H65 V28 H55 Z" {...LINE} fill="var(--paper)" />
    </>
  ),
  sieve: () => (
    <>
      <path d="M26 24 H94 M28 24 V42 H92 V24 M28 42 V60 H92 V42 M28 60 V78 H92 V60 M28 78 V98 H92 V78" {...LINE} />
      <path d="M30 42 H90 M30 60 H90 M30 78 H90" {...LINE} strokeDasharray="3 2" />
      <rect x="32" y="34" width="56" height="8" fill="url(#solid)" />
      <rect x="38" y="54" width="44" height="6" fill="url(#solid)" />
      <rect x="46" y="74" width="28" height="4" fill="url(#solid)" />
    </>
  ),
  suction: () => (
    <>
      <path d="M40 22 V44 H80 V22" {...LINE} />
      <path d="M42 26 H78 V44 H42 Z" fill="url(#unsplit)" />
      <rect x="24" y="44" width="72" height="10" fill="url(#water)" />
      <path d="M24 44 V56 H96 V44 M60 56 V98 H84" {...LINE} />
      <path d="M78 90 V104 H104 V90" {...LINE} />
      <path d="M80 96 H102" {...LINE} stroke="var(--water-ink)" />
      <path d="M16 34 V96 M12 34 H20 M12 96 H20" {...LINE} strokeWidth={1.4} />
    </>
  ),
  hand: () => (
    <>
      <path d="M22 74 C20 60 30 52 42 54 L80 56 C92 56 100 64 98 76 L92 96 C80 108 46 108 34 98 Z" {...LINE} />
      <path d="M44 54 V34 M56 54 V28 M68 55 V30 M80 56 V38" {...LINE} strokeWidth={7} strokeLinecap="round" />
      <ellipse cx="62" cy="72" rx="22" ry="13" fill="url(#unsplit)" stroke="var(--ink)" strokeWidth="1.8" />
    </>
  ),
  eye: () => (
    <>
      <path d="M12 84 L22 106 H98 L108 84 Z" {...LINE} />
      <path d="M30 92 h4 M44 96 h3 M58 91 h5 M70 98 h3 M84 93 h4 M52 101 h3" {...LINE} strokeWidth={3} />
      <circle cx="58" cy="44" r="22" {...LINE} fill="var(--paper)" />
      <path d="M74 60 L92 78" {...LINE} strokeWidth={4} strokeLinecap="round" />
      <path d="M50 42 h6 M60 48 h4" {...LINE} strokeWidth={3} />
    </>
  ),
  nose: () => (
    <>
      <path d="M30 74 L34 106 H70 L76 74 Z" fill="url(#unsplit)" />
      <path d="M28 66 L34 106 H70 L78 66" {...LINE} />
      <path d="M44 62 C40 54 50 50 46 40 M58 62 C54 54 64 48 60 38" {...LINE} strokeDasharray="4 3" />
      <path d="M92 14 C90 28 108 34 104 44 C100 50 92 46 90 50" {...LINE} />
      <path d="M88 72 C80 66 72 60 68 48" {...LINE} />
    </>
  ),
  jar: () => (
    <>
      <path d="M38 34 H82 V106 H38 Z" fill="url(#water)" opacity="0.7" />
      <rect x="38" y="92" width="44" height="14" fill="url(#solid)" />
      <rect x="38" y="80" width="44" height="12" fill="url(#unsplit)" />
      <path d="M36 24 H84 V32 H36 Z M38 32 V106 H82 V32" {...LINE} />
      <path d="M90 34 V106 M88 80 H94 M88 92 H94" {...LINE} strokeWidth={1.4} />
    </>
  ),
  drop: () => (
    <>
      <rect x="16" y="78" width="88" height="26" fill="url(#solid)" />
      <path d="M14 78 H106" {...LINE} />
      <path d="M48 78 C48 64 72 64 72 78 Z" fill="url(#water)" stroke="var(--water-ink)" strokeWidth="1.8" />
      <path d="M56 12 H64 V34 L60 42 L56 34 Z" {...LINE} />
      <path d="M60 48 C56 54 57 58 60 58 C63 58 64 54 60 48" fill="url(#water)" />
    </>
  ),
  tube: () => (
    <>
      <rect x="46" y="44" width="28" height="44" fill="url(#solid)" />
      <rect x="46" y="18" width="28" height="26" fill="url(#water)" />
      <path d="M46 10 V90 H74 V10 M46 88 H74" {...LINE} />
      <path d="M60 90 V98 H96 V104" {...LINE} />
      <path d="M30 18 V98 M26 18 H34 M26 98 H34" {...LINE} strokeWidth={1.4} />
    </>
  ),
  tray: () => (
    <>
      <path d="M12 82 L20 104 H100 L108 82 Z" fill="url(#unsplit)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M34 82 V68 M34 70 C28 68 28 62 30 60 M34 70 C40 68 40 62 38 60" {...LINE} />
      <path d="M62 82 V62 M62 66 C54 64 54 56 57 54 M62 66 C70 64 70 56 67 54" {...LINE} />
      <path d="M86 82 V72 M86 74 C81 72 81 67 83 65 M86 74 C91 72 91 67 89 65" {...LINE} />
    </>
  ),
  report: () => (
    <>
      <path d="M30 14 H78 L92 28 V106 H30 Z M78 14 V28 H92" {...LINE} fill="var(--paper)" />
      <path d="M40 42 H64 M40 54 H58 M40 66 H66 M40 78 H60 M40 90 H62" {...LINE} strokeWidth={1.6} />
      <path d="M74 42 H82 M74 54 H82 M74 66 H82 M74 78 H82 M74 90 H82" {...LINE} strokeWidth={3} />
    </>
  ),
  block: () => (
    <>
      <path d="M26 54 L58 40 L98 52 L66 68 Z" {...LINE} fill="var(--paper)" />
      <path d="M26 54 V88 L66 104 V68 Z" fill="url(#solid)" stroke="var(--ink)" strokeWidth="1.8" />
      <path d="M66 68 L98 52 V86 L66 104" {...LINE} />
    </>
  ),
  hoop: () => (
    <>
      <path d="M32 58 L36 106 H84 L88 58 Z" fill="url(#solid)" />
      <path d="M32 58 L36 106 H84 L88 58" {...LINE} />
      <ellipse cx="60" cy="46" rx="30" ry="6" {...LINE} />
      <path d="M36 20 L62 12 L84 26 L64 40 Z" {...LINE} />
    </>
  ),
};

/** The set-up of a step, drawn: what stands on what. */
export function StepPicture({
  picture,
  width = 112,
}: {
  readonly picture: Picture;
  readonly width?: number;
}): ReactElement {
  const Drawn = PICTURES[picture];
  return (
    <svg viewBox="0 0 120 116" width={width} height={(width * 116) / 120} aria-hidden="true" className="flex-none">
      <Drawn />
    </svg>
  );
}
