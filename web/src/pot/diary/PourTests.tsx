import type { FilledPotPage, PotEntryLine, PourSeen } from '@bent-pail/contract';
import type { FilledMedium, PourSays } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { day, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Thinking } from '../../shared/thinking/Thinking';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { amount } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';

/** Pours that are followed again, the newest. */
const MOST = 4;

type Poured = PotEntryLine & { readonly pour: PourSeen; readonly volume_mL: number };
const isPoured = (line: PotEntryLine): line is Poured => line.pour !== undefined && line.volume_mL !== undefined;

/** Jugs that were poured on it, beside what its column says of the same pour. */
export function PourTests({
  page,
  medium,
}: {
  readonly page: FilledPotPage;
  readonly medium: FilledMedium;
}): ReactElement | null {
  const { notebook } = useSession();
  const { shape, diary } = page;
  const pours = useMemo(() => diary.filter(isPoured).slice(-MOST), [diary]);
  const ask = useMemo((): Question<PourSays[]> | undefined => {
    if (pours.length === 0) return undefined;
    const asked = pours.map(({ volume_mL, depth_cm, pour: { moisture } }) => ({
      shape,
      medium: { retention: medium.retention, ks_cms: medium.ks_cms },
      volume_mL,
      moisture,
      ...(depth_cm === undefined ? {} : { depth_cm }),
    }));
    return (thinker) => thinker.pours(asked);
  }, [pours, shape, medium]);
  const thought = useThought(ask);
  if (pours.length === 0) return null;
  return (
    <section aria-label="Poured on it" className="mt-5">
      <h2>Poured on it</h2>
      <Thinking thought={thought} />
      {thought.answer?.map((says, i) => {
        const line = pours[i] as Poured;
        return (
          <div key={line.id} className="mb-3">
            <p className="text-small">
              {day(line.at, notebook.zone)}, <span className="figure">{amount(line.volume_mL, 'mL', 0)}</span>
            </p>
            <Beside seen={line.pour} says={says} />
            <p className="text-small text-ink2">{verdictOf(line.pour, says)}</p>
          </div>
        );
      })}
    </section>
  );
}

const seconds = (value: number | undefined): string => (value === undefined ? '–' : `${fixed(value, 0)} s`);
const volume = (value: number | undefined): string => (value === undefined ? '–' : amount(value, 'mL', 0));

const Beside = ({ seen, says }: { readonly seen: PourSeen; readonly says: PourSays }): ReactElement => (
  <Rows>
    <thead>
      <tr>
        <th scope="col">
          <span className="sr-only">what</span>
        </th>
        <th scope="col">seen</th>
        <th scope="col">by its column</th>
      </tr>
    </thead>
    <tbody>
      <tr>
        <th scope="row">First drip</th>
        <td>{seconds(seen.firstDrip_s)}</td>
        <td>{says.firstDrip_s === undefined ? 'none' : seconds(says.firstDrip_s)}</td>
      </tr>
      <tr>
        <th scope="row">Last drip</th>
        <td>{seconds(seen.lastDrip_s)}</td>
        <td>
          {says.firstDrip_s !== undefined && says.lastDrip_s === undefined ? 'beyond 40 min' : seconds(says.lastDrip_s)}
        </td>
      </tr>
      <tr>
        <th scope="row">Ran over the rim</th>
        <td>{volume(seen.runoff_mL)}</td>
        <td>{volume(says.runoff_mL)}</td>
      </tr>
    </tbody>
  </Rows>
);

/** Earlier by so much means a way past the medium; later, or more over the rim, one that is closed. */
const EARLY = 0.4;
const LATE = 2.5;
const OVER_mL = 20;

/** What the difference between the pour and its column tells. */
export function verdictOf(seen: PourSeen, says: PourSays): string {
  const { firstDrip_s, runoff_mL = 0 } = seen;
  if (runoff_mL > says.runoff_mL + OVER_mL)
    return 'More ran over than its column says: its top sheds water, or is worked to a crust.';
  if (firstDrip_s === undefined) return 'The first drip was not timed.';
  if (says.firstDrip_s === undefined)
    return 'By its column nothing should drip: water ran past the medium, down its sides or through cracks.';
  if (firstDrip_s < EARLY * says.firstDrip_s)
    return 'It dripped much earlier than its column says: water ran past the medium, down its sides or through cracks.';
  if (firstDrip_s > LATE * Math.max(10, says.firstDrip_s))
    return 'It dripped much later than its column says: look whether its holes are free; or it was drier than it felt.';
  return 'About as its column says.';
}
