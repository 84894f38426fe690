import type { BlendPage, SellingPage } from '@bent-pail/contract';
import { labelText, type LabelFacts } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { day } from '../../kit/format';
import { told } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';

interface LabelToPrintProps {
  readonly page: BlendPage;
  readonly selling: SellingPage;
}

/** What its label can say: by the newest measured batch, else by what the newest version is worked out to be. */
export function LabelToPrint({ page, selling: { terms, batches } }: LabelToPrintProps): ReactElement | null {
  const { notebook } = useSession();
  const [newest] = page.versions;
  if (newest === undefined || terms === undefined) return null;
  const batch = batches.find(({ air }) => air !== undefined);
  const parts = newest.names.map((name, i) => ({ name, parts: newest.recipe.lines[i]?.parts ?? 0 }));
  const { air, water, pH } = newest.result;
  const facts: LabelFacts = {
    name: page.name,
    pack_L: terms.pack_L,
    parts,
    ...(batch === undefined
      ? {
          isMeasured: false,
          height_cm: newest.recipe.pot.height_cm,
          air,
          water,
          ...(pH === undefined ? {} : { pH }),
        }
      : {
          isMeasured: true,
          height_cm: batch.height_cm ?? newest.recipe.pot.height_cm,
          batch: batch.code,
          ...(batch.madeOn === undefined ? {} : { madeOn: day(batch.madeOn, notebook.zone) }),
          ...(batch.air === undefined ? {} : { air: batch.air }),
          ...(batch.water === undefined ? {} : { water: batch.water }),
          ...(batch.pH === undefined ? {} : { pH: batch.pH }),
        }),
  };
  const [title, ...lines] = labelText(facts);
  return (
    <figure aria-label="Its label" className="max-w-[420px] border-2 border-ink bg-paper p-3">
      <figcaption className="text-note text-ink2">
        what its label can say{facts.isMeasured ? '' : '; measure a batch first, then it need not say “worked out”'}
      </figcaption>
      <b className="block text-lead">{title}</b>
      {lines.map((line) => (
        <p key={line} className="text-small">
          {told(line)}
        </p>
      ))}
    </figure>
  );
}
