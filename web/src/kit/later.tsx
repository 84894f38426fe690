import { lazy, Suspense, type ComponentType, type ReactElement, type ReactNode } from 'react';
import { DidNotCome } from './DidNotCome';
import { Moment } from './Moment';
import { scriptOrAnew } from './version';

interface Later<P> {
  (props: P): ReactElement;
  /** Asks for its script before it is needed; what does not come then is asked for again with its first use. */
  readonly fetch: () => void;
}

/** A part of a page that comes in a script of its own with its first use; `meanwhile` stands in its place. */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = <Moment />,
): Later<P> {
  const Part = lazy(async (): Promise<{ default: ComponentType<P> }> => {
    try {
      return { default: await scriptOrAnew(load) };
    } catch {
      return { default: DidNotCome };
    }
  });
  const onItsWay = (
    <>
      {meanwhile}
      <span data-moment hidden />
    </>
  );
  const Later = (props: P): ReactElement => (
    <Suspense fallback={onItsWay}>
      <Part {...props} />
    </Suspense>
  );
  return Object.assign(Later, {
    fetch: () => {
      load().catch(() => undefined);
    },
  });
}
