import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import type { DeviceView } from './useDevice';

const IN_WORDS = 'text-body leading-tight font-semibold';

/** What stands still is blue; what is wrong is told in words. */
const LOOK: Readonly<Partial<Record<DeviceView['state'], string>>> = {
  steady: 'figure text-lead font-medium text-waterink',
  unknown: IN_WORDS,
  gone: IN_WORDS,
  overload: IN_WORDS,
};

function said(view: DeviceView): string {
  switch (view.state) {
    case 'moving':
      return `${fixed(view.value, 2)} ${view.unit ?? ''} …`;
    case 'steady':
      return `${fixed(view.value, 2)} ${view.unit ?? ''} stands still`;
    case 'overload':
      return 'overload';
    case 'unknown':
      return 'lines that its pattern does not know';
    case 'gone':
      return view.why;
    case 'quiet':
    case 'none':
      return 'waiting for it';
  }
}

/** What a device shows, and whether it stands still. */
export const DeviceSays = ({ view }: { readonly view: DeviceView }): ReactElement => (
  <output className={`min-w-[250px] ${LOOK[view.state] ?? 'figure text-lead font-medium'}`}>{said(view)}</output>
);
