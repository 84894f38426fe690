import type { ComponentProps, ReactElement } from 'react';

const BARS = 'w-3.5 shrink-0 bg-[repeating-linear-gradient(135deg,var(--caution)_0_7px,var(--caution-ink)_7px_14px)]';

/** Signal yellow with a barred edge and words: what can hurt somebody, or lose something. */
export function Caution({ className = '', children, ...more }: ComponentProps<'div'>): ReactElement {
  return (
    <div className={`flex items-stretch border-t-[1.5px] border-ink bg-caution-wash ${className}`} {...more}>
      <span className={BARS} aria-hidden />
      <div className="px-3 pt-2 pb-2 text-small leading-[1.28]">{children}</div>
    </div>
  );
}
