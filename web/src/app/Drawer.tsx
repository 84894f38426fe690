import type { ReactElement } from 'react';
import { later } from '../kit/later';
import { useWorking } from '../shared/workingStore';
import { useBackCloses } from './useBackCloses';

/** The drawer knows every method's words: it comes with the first number that is asked for its working. */
const WorkingDrawer = later(async () => (await import('../shared/WorkingDrawer')).WorkingDrawer, null);

/** The working of the number that was pressed, where one was. */
export function Drawer(): ReactElement | null {
  const isOpen = useWorking((state) => state.stack.length > 0);
  const close = useWorking((state) => state.close);
  useBackCloses(isOpen, close);
  if (!isOpen) return null;
  return <WorkingDrawer />;
}
