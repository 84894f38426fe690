import type { BlendPage, BlendVersion } from '@bent-pail/contract';
import { property, type PropertyKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { day, fixed } from '../../kit/format';
import { potFor } from '../../shared/pot/pots';
import { Qr } from '../../shared/Qr';
import { amount } from '../../shared/units/mine';
import { priceSaid } from '../../shared/units/ofProperty';
import { useSession } from '../../shared/useSession';
import { recipeText } from '../list/recipeText';

/** What is told of a prediction: its field, and the property that it is. */
const TOLD = [
  ['air', 'airSpace'],
  ['water', 'containerCapacity'],
  ['easilyAvailable', 'easilyAvailable'],
  ['totalPorosity', 'totalPorosity'],
  ['bulkDensity_gcc', 'bulkDensity_gcc'],
  ['pH', 'pH'],
  ['ec_dSm', 'ec_dSm'],
] as const satisfies readonly (readonly [keyof BlendVersion['result'], PropertyKey])[];

/** A blend as it lies on paper: its newest recipe, what was predicted of it, and how it came to be. */
export function BlendPaper({ page }: { readonly page: BlendPage }): ReactElement {
  const { notebook } = useSession();
  const [newest, ...older] = page.versions;
  if (newest === undefined) return <p>Nothing is kept of {page.name}.</p>;
  const { recipe, names, result } = newest;
  const whole = recipe.lines.reduce((sum, { parts }) => sum + parts, 0);
  return (
    <>
      <header>
        <div>
          <h1>
            {page.name}, version {newest.n}
          </h1>
          <p>
            Kept {day(newest.keptAt, notebook.zone)} by {newest.keptBy}
            {newest.reason === undefined ? '' : `: ${newest.reason}`}. {notebook.place}
          </p>
        </div>
        <Qr page={`/blend/${page.id}`} size={96} />
      </header>
      <table>
        <thead>
          <tr>
            <th scope="col">What goes in</th>
            <th scope="col">parts</th>
            <th scope="col">of the whole</th>
          </tr>
        </thead>
        <tbody>
          {recipe.lines.map(({ parts }, i) => (
            <tr key={names[i] ?? i}>
              <th scope="row">{names[i]}</th>
              <td className="figure">{String(Number(parts.toFixed(2)))}</td>
              <td className="figure">{fixed((100 * parts) / whole, 0)} %</td>
            </tr>
          ))}
          {recipe.additives?.map(({ name, gPerL }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td className="figure" colSpan={2}>
                {amount(gPerL, 'g/L', 2)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>Predicted in {potFor(recipe.pot).name}, when it was kept:</p>
      <table>
        <tbody>
          {TOLD.map(([field, key]) => {
            const value = result[field];
            const { label, unit, digits } = property(key);
            return value === undefined ? null : (
              <tr key={key}>
                <th scope="row">{label}</th>
                <td className="figure">{unit === '' ? fixed(value, digits) : amount(value, unit, digits)}</td>
              </tr>
            );
          })}
          <tr>
            <th scope="row">Shrinks as it is mixed</th>
            <td className="figure">{fixed(100 * result.shrink, 1)} %</td>
          </tr>
          {result.pricePerL !== undefined && (
            <tr>
              <th scope="row">Costs</th>
              <td className="figure">{priceSaid(result.pricePerL, notebook.currency)}</td>
            </tr>
          )}
        </tbody>
      </table>
      {older.length > 0 && (
        <>
          <p>Before it:</p>
          <ul>
            {older.map((version) => (
              <li key={version.id}>
                Version {version.n}, {day(version.keptAt, notebook.zone)}: {recipeText(version)}
                {version.reason === undefined ? '' : `; ${version.reason}`}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
