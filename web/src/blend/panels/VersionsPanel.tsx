import type { BlendPage } from '@bent-pail/contract';
import { property, type LearnedBlend } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { ofProperty } from '../../shared/units/ofProperty';
import { day, fixed } from '../../kit/format';
import { PutAway } from '../../shared/putAway/PutAway';
import { blendsKey } from '../../shared/resources/blends';
import { learningQuery } from '../../shared/resources/learning';
import { useSession } from '../../shared/useSession';
import { recipeText } from '../list/recipeText';
import { ButtonLink } from '../../kit/Button';
import { Rows } from '../../kit/Rows';

/** Every version with its reason, what was predicted, and what was found when a batch of it was measured. */
export function VersionsPanel({ page }: { readonly page: BlendPage }): ReactElement {
  const { notebook } = useSession();
  const learning = useQuery(learningQuery).data;
  const found = (n: number): { readonly lotId: string; readonly code: string; readonly blend: LearnedBlend }[] =>
    (learning?.batches ?? []).flatMap((batch, i) => {
      const blend = learning?.learning.blends[i];
      return batch.blendId === page.id && batch.n === n && blend !== undefined
        ? [{ lotId: batch.lotId, code: batch.lotCode, blend }]
        : [];
    });
  const away = {
    address: `/blends/${page.id}`,
    queryKey: blendsKey,
    name: page.name,
    archived: page.archived === true,
  };
  return (
    <section className="px-5 py-3" aria-label="Versions">
      <h2 className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          Versions <small>a kept version never changes</small>
        </span>
        <span className="flex flex-wrap gap-3">
          <ButtonLink to={`/blend/${page.id}/print`}>On paper</ButtonLink>
          <PutAway {...away} />
        </span>
      </h2>
      <Rows className="mt-1">
        <thead>
          <tr>
            <th scope="col">Version</th>
            <th scope="col" className="text-left">
              recipe and reason
            </th>
            <th scope="col">air</th>
            <th scope="col">water</th>
            <th scope="col" className="text-left pl-4">
              what was found
            </th>
          </tr>
        </thead>
        <tbody>
          {page.versions.map((version) => (
            <tr key={version.id}>
              <th scope="row">
                <Link to={`/blend/${page.id}/versions/${String(version.n)}`}>{version.n}</Link>
                <small className="block">
                  {day(version.keptAt, notebook.zone)}, {version.keptBy}
                </small>
              </th>
              <td className="text-left">
                {recipeText(version)}
                {version.reason !== undefined && <small className="block">because {version.reason}</small>}
              </td>
              <td className="figure">{fixed(version.result.air, 2)}</td>
              <td className="figure">{fixed(version.result.water, 2)}</td>
              <td className="text-left pl-4">
                {found(version.n).map(({ lotId, code, blend }) => (
                  <span key={lotId} className="block">
                    <Link to={`/shelf/lots/${lotId}`}>{code}</Link>: {foundSaid(blend)}
                  </span>
                ))}
                {found(version.n).length === 0 && <span className="text-ink2">not measured</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}

/** Measured beside predicted, for air and water. */
function foundSaid({ properties }: LearnedBlend): string {
  return properties
    .filter((one) => one.property === 'air' || one.property === 'water')
    .map(
      (one) =>
        `${property(one.property).label.toLowerCase()} ${ofProperty(one.property, one.measured, 2)}, predicted ${ofProperty(one.property, one.predicted, 2)}`,
    )
    .join('; ');
}
