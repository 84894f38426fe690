import { shopQuestions, type ShopVerdict } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { counted, fixed } from '../kit/format';
import { INK } from '../kit/ink';
import { Rows } from '../kit/Rows';
import { litres } from '../shared/units/litres';
import { inMine } from '../shared/units/mine';
import { perVolume } from '../shared/units/ofProperty';
import type { ShopNotes } from './shopStore';
import { OWN } from './shopView';

const percent = (share: number): string => `${fixed(100 * share, 0)} %`;

/** One sentence: which to take, how sure that is. */
export function shopSentence({ take, cheaperBy, isLevel, lines }: ShopVerdict): string {
  const bags =
    take.packs === undefined
      ? ''
      : ` ${counted(take.packs, 'pack', 'packs')}, ${(take.left_L ?? 0) < 0.05 ? 'nothing' : litres(take.left_L ?? 0)} left over.`;
  if (cheaperBy === undefined) return `${take.name} is ${litres(take.litres)} by its label.${bags}`;
  const next = lines[1]?.name ?? '';
  if (take.name === OWN)
    return `Make it yourself: ${percent(cheaperBy)} cheaper than ${next} by the litre, your time not counted.`;
  return isLevel
    ? `${take.name} and ${next} may cost the same: their labels are not sure enough.${bags}`
    : `Take ${take.name}: ${percent(cheaperBy)} cheaper than ${next} by the litre.${bags}`;
}

interface ShopSaysProps {
  readonly verdict: ShopVerdict;
  readonly notes: ShopNotes;
}

/** What the labels come to, what would change it, and the two questions that tell most. */
export function ShopSays({ verdict, notes }: ShopSaysProps): ReactElement {
  const { turnsAt, lines } = verdict;
  const questions = shopQuestions(
    notes.packs.map(({ claims }) => claims),
    notes.use,
  );
  return (
    <section aria-label="What the labels come to">
      <p className="text-head leading-tight font-semibold" role="status">
        {shopSentence(verdict)}
      </p>
      {turnsAt !== undefined && verdict.take.name !== OWN && (
        <p className="mt-1 text-small">
          That turns if {verdict.take.name} holds {percent(turnsAt)} less than it says, and the other is full.
        </p>
      )}
      <Rows className="mt-3 text-body">
        <thead>
          <tr>
            <th scope="col" className="text-left">
              By the label
            </th>
            <th scope="col">{perVolume()}</th>
            <th scope="col">it may be</th>
            <th scope="col">for all</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.name}>
              <th scope="row">{line.name}</th>
              <td>
                <span className={INK.label}>{inMine(line.pricePerL, 'per L', 2)}</span>
              </td>
              <td className="figure text-ink2">
                {inMine(line.band[0], 'per L', 2)}–{inMine(line.band[1], 'per L', 2)}
              </td>
              <td className="figure">{line.cost === undefined ? '' : fixed(line.cost, 2)}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
      <h2 className="mt-4">Ask two things</h2>
      <ol className="mt-1">
        {questions.map(({ ask, because }) => (
          <li key={ask} className="border-t border-zinc2 py-1.5">
            <b>{ask}</b> <small className="block">{because}</small>
          </li>
        ))}
      </ol>
    </section>
  );
}
