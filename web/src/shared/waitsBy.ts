import type { Protocol } from '@bent-pail/core';

/** Whether a protocol has a step that waits by this setting of the run. */
export const waitsBy = ({ steps }: Protocol, setting: 'soak_min' | 'drain_min'): boolean =>
  steps.some(({ hold }) => hold !== undefined && 'setting' in hold && hold.setting === setting);
