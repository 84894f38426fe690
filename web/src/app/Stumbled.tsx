import type { ReactElement } from 'react';
import { useRouteError } from 'react-router';
import { sentenceOf } from '../shared/api';
import { EmptyPail } from '../shared/EmptyPail';
import { Patterns } from '../shared/pail/Patterns';
import { BUTTON } from '../kit/Button';

/** A page that broke: what happened, that nothing is lost, and two ways on. */
export function Stumbled(): ReactElement {
  const error = useRouteError();
  return (
    <main>
      <Patterns />
      <EmptyPail question="This page stumbled.">
        <p className="mb-3 max-w-[520px]">
          What was shown as kept is kept, and recipes and readings that wait are still here. Whoever looks after the
          program will want to know: {sentenceOf(error)}
        </p>
        <a className={BUTTON.alt} href={window.location.pathname}>
          Open it again
        </a>{' '}
        <a className={BUTTON.alt} href="/">
          Back to the door
        </a>
      </EmptyPail>
    </main>
  );
}
