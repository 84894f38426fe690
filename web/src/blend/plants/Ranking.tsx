import type { DeskBlend, DeskLot, PlantRow, ProfileRow } from '@bent-pail/contract';
import type { Suited } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { perVolume, priceAlone } from '../../shared/units/ofProperty';
import { fixed } from '../../kit/format';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import type { Pot } from '../../shared/pot/pots';
import { learningQuery } from '../../shared/resources/learning';
import { useSession } from '../../shared/useSession';
import { comparedOf } from '../../shared/larder/compared';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { Rows } from '../../kit/Rows';

interface RankingProps {
  readonly plant: PlantRow;
  readonly profile: ProfileRow;
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly pot: Pot;
}

/** The own blends, best first for a plant's use in my pot, with the days between waterings where it stands. */
export function Ranking({ plant, profile, lots, blends, pot }: RankingProps): ReactElement {
  const learnt = useQuery(learningQuery).data?.learning.use;
  const all = useMemo(
    () => blends.flatMap(({ id }) => comparedOf(`blend:${id}`, lots, blends, pot, learnt) ?? []),
    [blends, lots, pot, learnt],
  );
  const ask = useMemo((): Question<Suited[]> => {
    const inputs = all.map(({ input }) => input);
    return (thinker) => thinker.suits(inputs, profile, plant.climate);
  }, [all, profile, plant.climate]);
  const thought = useThought(ask);
  const ranked = thought.answer;
  const { notebook } = useSession();
  const shape = shapeOf(pot.shape, 'pot');
  if (ranked === undefined) return <Thinking thought={thought} className="mt-3" />;
  if (ranked.length === 0) return <p className="text-ink2 mt-3">No kept blend can be told for this use yet.</p>;
  return (
    <Rows className="mt-3">
      <thead>
        <tr>
          <th scope="col" colSpan={2}>
            Blend, best first
          </th>
          <th scope="col">miss</th>
          <th scope="col">air</th>
          <th scope="col">water</th>
          <th scope="col">days between waterings</th>
          <th scope="col">{perVolume()}</th>
        </tr>
      </thead>
      <tbody>
        {ranked.map(({ place, loss, air, water, totalPorosity, days, pricePerL }) => (
          <tr key={place}>
            <td className="w-14">
              <PailMark
                shape={shape}
                fill={{ kind: 'parted', solid: 1 - totalPorosity, water, air }}
                state="predicted"
                tier="tiny"
                k={28 / Math.max(shape.height_cm, shape.topDiameter_cm)}
              />
            </td>
            <th scope="row" className="text-left">
              <Link className="inline-flex min-h-11 items-center" to={all[place]?.to ?? '/blend'}>
                {all[place]?.name}
              </Link>
            </th>
            <td className="figure">{fixed(loss, 2)}</td>
            <td className="figure">{fixed(air, 2)}</td>
            <td className="figure">{fixed(water, 2)}</td>
            <td className="figure">{fixed(days, 1)} d</td>
            <td className="figure">{pricePerL === undefined ? '' : priceAlone(pricePerL, notebook.currency)}</td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}
