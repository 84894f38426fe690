import {
  compareGroupsMethod,
  pairBeside,
  TRAITS,
  type ComparedTrait,
  type TraitKey,
  type TrialPlan,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { Sideways } from '../../kit/Sideways';
import { Figure } from '../../shared/Figure';
import { inMine, mySign, told } from '../../shared/units/mine';
import { UNIT_WORDS } from '../words';
import { armName } from './armInk';
import { chanceSaid } from './chanceSaid';

interface ComparedTableProps {
  readonly plan: TrialPlan;
  readonly trait: TraitKey;
  readonly compared: ComparedTrait;
}

/** Means, and how far each lies from the reference with its interval: sizes first, letters after, chances behind. */
export function ComparedTable({
  plan,
  trait,
  compared: { result, sentence, ofAll, reason, age_d, groups },
}: ComparedTableProps): ReactElement {
  const { unit, digits } = TRAITS[trait];
  const reference = armName(plan, plan.reference);
  const sign = mySign(unit);
  const shown = (value: number): string => inMine(value, unit, digits + 1);
  return (
    <div className="mt-3">
      {/* What the plan asks for stands at the head of the page already. */}
      {trait !== plan.asks.trait && (
        <p className="text-body" role="status">
          <b>At {age_d} days</b> {told(sentence)}
        </p>
      )}
      <Sideways label="Means and differences" className="mt-2">
        <Rows className="min-w-[560px] text-body">
          <thead>
            <tr>
              <th scope="col">Medium</th>
              <th scope="col">{UNIT_WORDS[plan.unit].many}</th>
              <th scope="col">mean{sign === '' ? '' : `, ${sign}`}</th>
              <th scope="col">sd of {UNIT_WORDS[plan.unit].many}</th>
              <th scope="col">less {reference}</th>
              <th scope="col">95 % interval</th>
              {result.letters !== undefined && <th scope="col">letters</th>}
            </tr>
          </thead>
          <tbody>
            {result.groups.map(({ name, n, mean, sd }) => {
              const pair = pairBeside(result.pairs, name, reference);
              return (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td className="figure">{n}</td>
                  <td>
                    <Figure
                      label={`Mean of ${name}`}
                      value={mean}
                      digits={digits + 1}
                      sd={sd}
                      unit={unit}
                      origin="worked-out"
                      bare
                    />
                  </td>
                  <td className="figure">{sd === undefined ? '' : shown(sd)}</td>
                  <td className="figure">
                    {pair === undefined
                      ? ''
                      : `${pair.difference > 0 ? '+' : pair.difference < 0 ? '−' : ''}${shown(Math.abs(pair.difference))}`}
                  </td>
                  <td className="figure">
                    {pair?.ci95 === undefined ? '' : `${shown(pair.ci95[0])} to ${shown(pair.ci95[1])}`}
                  </td>
                  {result.letters !== undefined && (
                    <td className="figure">{result.letters.find((one) => one.name === name)?.letters}</td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </Rows>
      </Sideways>
      <details className="mt-1 text-small">
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">How it was compared</summary>
        <p>{told(ofAll)}</p>
        <p>{reason}</p>
        {result.checks.map(({ code, message }) => (
          <p key={code}>{message}</p>
        ))}
        <Tests result={result} />
        <Figure
          label="First pair, worked out"
          value={result.pairs[0]?.difference ?? 0}
          digits={digits + 1}
          unit={unit}
          origin="worked-out"
          working={compareGroupsMethod.working('difference', { groups: groups.map((group) => ({ ...group })) })}
        />
      </details>
    </div>
  );
}

function Tests({ result }: Pick<ComparedTrait, 'result'>): ReactElement | null {
  const test = result.welch ?? result.blocks ?? result.incompleteBlocks;
  if (test === undefined) return null;
  return (
    <>
      <p className="figure">
        F({test.df1}, {inMine(test.df2, '', 1)}) = {inMine(test.f, '', 2)}, p {chanceSaid(test.p)}
        {result.friedman !== undefined &&
          `; Friedman χ² = ${inMine(result.friedman.chi2, '', 2)}, p ${chanceSaid(result.friedman.p)}`}
      </p>
      <Rows className="mt-1">
        <thead>
          <tr>
            <th scope="col">Pair</th>
            <th scope="col">difference</th>
            <th scope="col">p</th>
            {result.pairs.some(({ pRanks }) => pRanks !== undefined) && <th scope="col">p by ranks</th>}
          </tr>
        </thead>
        <tbody>
          {result.pairs.map(({ a, b, difference, p, pRanks }) => (
            <tr key={`${a} ${b}`}>
              <th scope="row">
                {a} less {b}
              </th>
              <td className="figure">{inMine(difference, '', 2)}</td>
              <td className="figure">{p === undefined ? '' : chanceSaid(p)}</td>
              {pRanks !== undefined && <td className="figure">{chanceSaid(pRanks)}</td>}
            </tr>
          ))}
        </tbody>
      </Rows>
    </>
  );
}
