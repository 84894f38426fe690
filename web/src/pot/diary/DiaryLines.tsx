import type { PotEntryLine } from '@bent-pail/contract';
import { standOf } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { clockTime, day, decimalsOf, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { outboxOf, sendAgain } from '../../shared/outbox/store';
import { useWaitingLines, type WaitingLine } from '../../shared/outbox/useOutbox';
import { amount } from '../../shared/units/mine';
import { potFor } from '../../shared/pot/pots';
import { useMe, useSession } from '../../shared/useSession';
import { seenWords } from './TouchOrNot';
import { ENTRY_WORDS } from './words';

interface DiaryLinesProps {
  readonly potId: string;
  readonly diary: readonly PotEntryLine[];
}

/** The diary, newest first; above it what waits in this browser for the server. */
export function DiaryLines({ potId, diary }: DiaryLinesProps): ReactElement {
  const { notebook } = useSession();
  const waiting = useWaitingLines(potId).filter(({ line }) => !diary.some(({ id }) => id === line.id));
  if (diary.length + waiting.length === 0)
    return <p className="text-ink2">Nothing yet. Water it until it runs, and weigh it when it has dripped off.</p>;
  return (
    <Rows className="mt-1">
      <tbody>
        {[...waiting].reverse().map((entry) => (
          <Line key={entry.line.id} line={entry.line} zone={notebook.zone} by={<Waits entry={entry} />} />
        ))}
        {[...diary].reverse().map((line) => (
          <Line key={line.id} line={line} zone={notebook.zone} by={line.by} />
        ))}
      </tbody>
    </Rows>
  );
}

/** A line that the server has not kept yet; one that it refused waits for a person. */
function Waits({ entry }: { readonly entry: WaitingLine }): ReactElement {
  const { id } = useMe();
  const { problem, place } = entry;
  if (problem === undefined) return <>waits for the server</>;
  return (
    <span className="flex flex-wrap items-center gap-2">
      <Sorry>{problem}</Sorry>
      <Button
        look="small"
        onClick={() => {
          void outboxOf(id).entries.where('place').equals(place).modify(sendAgain);
        }}
      >
        Send again
      </Button>
      <Button
        look="small"
        onClick={() => {
          void outboxOf(id).entries.delete(place);
        }}
      >
        Let it go
      </Button>
    </span>
  );
}

type Told = Omit<PotEntryLine, 'by'>;

/** What was measured, in its units. */
function measuredOf({ kind, volume_mL, mass_g, depth_cm, feed, pour, signs, stand, ...more }: Told): string[] {
  const { medium, shape } = more;
  return [
    volume_mL === undefined ? undefined : amount(volume_mL, 'mL', 0),
    mass_g === undefined ? undefined : amount(mass_g, 'g', 0),
    depth_cm === undefined ? undefined : amount(depth_cm, 'cm', decimalsOf(depth_cm)),
    kind === 'watered' && volume_mL === undefined ? 'until it ran' : undefined,
    feed?.n_mgL === undefined ? undefined : `${amount(feed.n_mgL, 'mg/L', 0)} N`,
    feed?.g === undefined ? undefined : amount(feed.g, 'g', decimalsOf(feed.g)),
    feed?.n_percent === undefined ? undefined : `${fixed(feed.n_percent, decimalsOf(feed.n_percent))} % N`,
    pour?.firstDrip_s === undefined ? undefined : `first drip ${fixed(pour.firstDrip_s, 0)} s`,
    pour?.lastDrip_s === undefined ? undefined : `last ${fixed(pour.lastDrip_s, 0)} s`,
    signs === undefined ? undefined : seenWords({ signs }),
    stand === undefined ? undefined : standOf(stand).words,
    medium === undefined ? undefined : `into ${medium}`,
    shape === undefined ? undefined : potFor(shape).name,
  ].filter((one) => one !== undefined);
}

interface LineProps {
  readonly line: Told;
  readonly zone: string;
  readonly by: ReactElement | string;
}

function Line({ line, zone, by }: LineProps): ReactElement {
  const { at, kind, words } = line;
  return (
    <tr>
      <th scope="row" className="pr-3 whitespace-nowrap">
        {day(at, zone)} <span className="figure">{clockTime(Date.parse(at), zone)}</span>
      </th>
      <td className="text-left">
        {ENTRY_WORDS[kind]} <span className="figure">{measuredOf(line).join(', ')}</span>
        {words !== undefined && <span className="block text-ink2">{words}</span>}
      </td>
      <td className="pl-3 text-small text-ink2 min-[560px]:whitespace-nowrap">{by}</td>
    </tr>
  );
}
