import { useEffect, useRef, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { useVersion } from '../kit/version';

/**
 * Says that the bench computer was brought up to date under an open page. The next page that is gone to is the new one;
 * who wants to stay on this one may: what is typed here is kept as ever.
 */
export function NewVersion({ pathname }: { readonly pathname: string }): ReactElement | null {
  const isOld = useVersion((state) => state.isOld);
  const openedAt = useRef(pathname);
  useEffect(() => {
    if (isOld && pathname !== openedAt.current) window.location.reload();
    openedAt.current = pathname;
  }, [isOld, pathname]);
  if (!isOld) return null;
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-zinc3 bg-zinc1 px-5 py-2" role="status">
      <p>The bench computer has a newer version of this page. What you typed is kept.</p>
      <Button
        onClick={() => {
          window.location.reload();
        }}
      >
        Load it
      </Button>
    </div>
  );
}
