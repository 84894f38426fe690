import type { ClassPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button';
import { Rows } from '../kit/Rows';
import { sheetOfClass, whyOut } from './classView';
import type { ClassActs } from './useClassActs';

interface LetInProps {
  readonly page: ClassPage;
  readonly acts: ClassActs;
  readonly mayAct: boolean;
}

/** A class's results count in no prediction, until somebody lets them in as runs of their lot. */
export function LetIn({ page, acts, mayAct }: LetInProps): ReactElement {
  const sheet = sheetOfClass(page);
  const lines = page.samples.flatMap((sample) =>
    page.groups
      .filter(({ readings }) => readings.some(({ sampleId }) => sampleId === sample.id))
      .map((group) => ({ sample, group })),
  );
  const cannot =
    sheet.bench === undefined
      ? 'The bench has no sheet of this kind: the figures stay with the class.'
      : sheet.potStep !== undefined && page.pot === undefined
        ? 'No measured pot was named when the class began, so its results cannot become runs.'
        : undefined;
  return (
    <section aria-labelledby="let-in">
      <h2 id="let-in">Into the notebook</h2>
      <p className="max-w-[64ch] text-small text-ink2">
        What a class measures is kept with the class and counts in no card and no prediction, until you let a group’s
        results in as a run of the lot. {cannot}
      </p>
      {cannot === undefined && lines.length > 0 && (
        <Rows className="mt-2 text-body">
          <tbody>
            {lines.map(({ sample, group }) => {
              const run = page.letIn.find(({ groupId, sampleId }) => groupId === group.id && sampleId === sample.id);
              const out = whyOut(page, group.id, sample.id);
              return (
                <tr key={`${sample.id} ${group.id}`}>
                  <th scope="row">
                    Group {group.number}, {sample.code}
                    {out !== undefined && <small className="block">left out: {out}</small>}
                  </th>
                  <td>
                    {run === undefined ? (
                      mayAct && (
                        <Button
                          look="small"
                          aria-label={`Let group ${String(group.number)}, ${sample.code} in`}
                          disabled={acts.isBusy}
                          onClick={() => {
                            acts.letIn(group.id, sample.id);
                          }}
                        >
                          Let it in
                        </Button>
                      )
                    ) : (
                      <Link to={`/bench/runs/${run.runId}`}>a run of the lot</Link>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Rows>
      )}
    </section>
  );
}
