import type { FileReport } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { counted } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Sorry } from '../../kit/Sorry';
import { sentenceOf } from '../../shared/api';
import { Conflicts } from './Conflicts';
import { Refusals } from './Refusals';
import { ReportTable } from './ReportTable';
import { addedIn, type Takes } from './useTakeIn';

interface LookedProps {
  readonly report: FileReport;
  readonly takes: Takes;
  readonly isBusy: boolean;
  readonly onTake: () => void;
  /** What came of it, where that was nothing. */
  readonly refused: FileReport | undefined;
  readonly error: Error | null;
}

/** What a file would change: its counts, what is refused, what differs; and the way in. */
export function Looked({ report, takes, isBusy, onTake, refused, error }: LookedProps): ReactElement {
  return (
    <div aria-live="polite">
      <ReportTable kinds={report.kinds} />
      {report.refusals.length > 0 && <Refusals rows={report.refusals} />}
      {report.conflicts.length > 0 && <Conflicts rows={report.conflicts} takes={takes} />}
      <p className="my-3">
        <Button look="act" disabled={isBusy} onClick={onTake}>
          {isBusy ? 'Taking it in' : 'Take it in'}
        </Button>
      </p>
      {error !== null && <Sorry>{sentenceOf(error)}</Sorry>}
      {refused !== undefined && (
        <>
          <Sorry>Nothing was kept: some rows are refused. Mend them in the file, and choose it again.</Sorry>
          <Refusals rows={refused.refusals} />
        </>
      )}
    </div>
  );
}

/** That all of a file is in. */
export const Done = ({ report }: { readonly report: FileReport }): ReactElement => (
  <Notice className="p-2" role="status">
    It is in: {counted(addedIn(report), 'row was added', 'rows were added')}. Cards follow in a moment.
  </Notice>
);
