import type { ReactElement } from 'react';
import { NotThere } from '../shared/NotThere';
import { usePageTitle } from '../shared/titleStore';

export function NothingHere(): ReactElement {
  usePageTitle('Nothing here');
  return <NotThere says="There is nothing at this address." />;
}
