import type { ReactElement } from 'react';
import { usePageTitle } from '../shared/titleStore';
import { EmptyPail } from '../shared/EmptyPail';
import { ButtonLink } from '../kit/Button';

export function NothingHere(): ReactElement {
  usePageTitle('Nothing here');
  return (
    <main>
      <EmptyPail whole question="There is nothing at this address.">
        <ButtonLink look="act" to="/">
          Back to Today
        </ButtonLink>
      </EmptyPail>
    </main>
  );
}
