import type { ClassPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { ClassCode } from '../ClassCode';

interface ComingInProps {
  readonly page: ClassPage;
  readonly line: string;
  /** Shows what is there all the same, where something is held back. */
  readonly onShow?: () => void;
}

/** The code, as large as the room needs it, while there is nothing to show yet. */
export function ComingIn({ page, line, onShow }: ComingInProps): ReactElement {
  return (
    <div className="flex flex-1 flex-wrap items-center gap-10 p-4">
      <ClassCode page={page} size={320} />
      <div className="flex max-w-[26rem] flex-col items-start gap-4">
        <h2 className="text-key leading-tight font-semibold">{line}</h2>
        <p className="text-lead text-ink2">
          Dots appear once every group that came in has guessed: until then they would tell.
        </p>
        {onShow !== undefined && <Button onClick={onShow}>Show them anyway</Button>}
      </div>
    </div>
  );
}
