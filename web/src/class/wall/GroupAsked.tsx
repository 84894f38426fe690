import type { ClassPage } from '@bent-pail/contract';
import { STANDS_APART, whyDiffers, type HandlingAsked } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Drawer } from '../../kit/Drawer';
import { Figure } from '../../shared/Figure';
import { classWorkings, sheetOfClass, sheetsOf, workingsOf, type FigureSeen, type GroupSeen } from '../classView';
import { OutOrIn } from './OutOrIn';

interface GroupAskedProps {
  readonly page: ClassPage;
  readonly seen: FigureSeen;
  readonly groupId: string;
  readonly mayAct: boolean;
  readonly onClose: () => void;
}

const FITS_WORDS: Readonly<Record<HandlingAsked['fits'], string>> = {
  yes: 'The readings speak for it',
  open: 'The readings do not tell',
  no: 'The readings speak against it',
};

/** One group: its results with their workings, how far they lie off, what to ask it first, out and in again. */
export function GroupAsked({ page, seen, groupId, mayAct, onClose }: GroupAskedProps): ReactElement | null {
  const group = seen.groups.find(({ id }) => id === groupId);
  if (group === undefined) return null;
  const { number, robustZ, out } = group;
  return (
    <Drawer label={`Group ${String(number)}`}>
      <h2 className="flex items-baseline justify-between text-title">
        <span>Group {number}</span>
        <Button look="tie" onClick={onClose}>
          Close
        </Button>
      </h2>
      <Results page={page} seen={seen} group={group} />
      {robustZ !== undefined && (
        <p className="mt-2 text-body">
          Robust z{' '}
          <Figure
            label={`Group ${String(number)}, robust z`}
            value={robustZ}
            digits={1}
            origin="measured"
            working={classWorkings(seen).z(groupId)}
          />
          : {apartWords(robustZ)}
        </p>
      )}
      {out !== undefined && <p className="mt-2 border-l-4 border-ink pl-2 text-body">Left out: {out}</p>}
      <WhyDiffers page={page} seen={seen} groupId={groupId} />
      {mayAct && group.values.length > 0 && (
        <OutOrIn key={String(out === undefined)} page={page} seen={seen} group={group} />
      )}
    </Drawer>
  );
}

function apartWords(robustZ: number): string {
  const off = Math.abs(robustZ);
  if (off > STANDS_APART.out) return 'far from the others.';
  return off > STANDS_APART.ask ? 'a little apart from the others.' : 'among the others.';
}

interface ResultsProps {
  readonly page: ClassPage;
  readonly seen: FigureSeen;
  readonly group: GroupSeen;
}

function Results({ page, seen, group }: ResultsProps): ReactElement {
  const { figure } = seen;
  const workings = workingsOf(page, group.id, seen);
  if (group.values.length === 0) return <p className="mt-2 text-body text-ink2">It has no result here yet.</p>;
  return (
    <ul className="mt-2 text-lead">
      {group.values.map((value, i) => (
        <li key={i}>
          {page.plan.repeats > 1 && <small className="text-ink2">time {i + 1}: </small>}
          <Figure
            label={`${figure.label}, group ${String(group.number)}, time ${String(i + 1)}`}
            value={value / (figure.times ?? 1)}
            digits={figure.digits}
            {...(figure.times === undefined ? { unit: figure.unit } : { percent: true as const })}
            origin="measured"
            working={workings[i]}
            {...(figure.classes === undefined ? {} : { words: figure.classes[value] ?? '' })}
          />
        </li>
      ))}
    </ul>
  );
}

/** What may have been done differently, shortened by the figures. */
function WhyDiffers({
  page,
  seen,
  groupId,
}: Omit<ResultsProps, 'group'> & { readonly groupId: string }): ReactElement | null {
  const sheets = sheetsOf(page, seen.sample.id);
  const own = sheets.find(({ id }) => id === groupId);
  if (own === undefined) return null;
  const asked = whyDiffers(
    sheetOfClass(page),
    own,
    sheets.filter(({ id }) => id !== groupId),
  );
  return (
    <section className="mt-4" aria-labelledby="why">
      <h3 id="why" className="border-b-[1.5px] pb-1 text-head">
        Why did ours differ? Perhaps we…
      </h3>
      <ul>
        {asked.map(({ key, words, fits, why }) => (
          <li
            key={key}
            data-fits={fits}
            className={`border-b border-zinc2 py-1.5 text-body ${fits === 'no' ? 'text-ink2' : ''}`}
          >
            <span className={fits === 'yes' ? 'font-semibold' : fits === 'no' ? 'line-through' : ''}>{words}</span>
            <small className="block">
              {FITS_WORDS[fits]}. {why}
            </small>
          </li>
        ))}
      </ul>
    </section>
  );
}
