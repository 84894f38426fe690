import {
  CoreError,
  decide,
  PROPERTIES,
  property,
  spoken,
  testPlan,
  type PropertyKey,
  type TestPlanResult,
} from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { fixed } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { TitleBlock } from '../../shared/TitleBlock';
import { inMine, mySign, readTyped } from '../../shared/units/mine';
import { PlanChart } from './PlanChart';
import { useBuying, type Buying } from './buyingStore';

/** What a delivery is sensibly tested for: figures that a bag can miss. */
const FIGURES = [
  'bagVolume_L',
  'airSpace',
  'containerCapacity',
  'pH',
  'ec_dSm',
  'ec1to5',
  'asReceivedMoisture',
  'foreignPerL',
  'weedsPerL',
  'bulkDensity_gcc',
] as const satisfies readonly PropertyKey[];

interface Read {
  readonly good: number;
  readonly bad: number;
  readonly sd: number;
  readonly risk: number;
  readonly most: number;
  readonly values: readonly number[];
}

/** What was typed in numbers as they are kept, or the first sentence of what cannot be read. */
function readAll({ figure, good, bad, sd, risk, most, values }: Buying): Read | string {
  const { unit } = PROPERTIES[figure];
  const numbers: number[] = [];
  const fields: readonly (readonly [string, string, string])[] = [
    ['A good delivery', good, unit],
    ['A bad one', bad, unit],
    ['From bag to bag', sd, unit],
    ['The risk', risk, ''],
    ['Bags at most', most, ''],
    ...values
      .split(/[;\n]|,(?=\s)|\s+/)
      .map((one) => one.trim())
      .filter((one) => one !== '')
      .map((one, i): readonly [string, string, string] => [`Bag ${String(i + 1)}`, one, unit]),
  ];
  for (const [label, text, kept] of fields) {
    const { number } = readTyped(text, kept);
    if (number.kind !== 'number')
      return `${label}: ${number.kind === 'ask' ? `${text} could be two numbers` : number.sentence}`;
    numbers.push(number.value);
  }
  const [goodMean = 0, badMean = 0, spread = 0, percent = 0, bags = 1, ...found] = numbers;
  return { good: goodMean, bad: badMean, sd: spread, risk: percent / 100, most: Math.round(bags), values: found };
}

function planOf(typed: Buying): { readonly read: Read; readonly plan: TestPlanResult } | string {
  const read = readAll(typed);
  if (typeof read === 'string') return read;
  const { good, bad, sd, risk, most } = read;
  if (!(most >= 1 && most <= 200)) return 'Bags at most: between 1 and 200.';
  try {
    return { read, plan: testPlan({ good, bad, sd, riskGood: risk, riskBad: risk, most }) };
  } catch (error) {
    if (error instanceof CoreError) return spoken(error);
    throw error;
  }
}

/** A delivery of many bags: test one after the other, until it is taken or sent back. */
export function BuyingPage(): ReactElement {
  const typed = useBuying();
  const { figure, good, bad, sd, risk, most, values, set } = typed;
  const found = useMemo(
    () => planOf({ figure, good, bad, sd, risk, most, values }),
    [figure, good, bad, sd, risk, most, values],
  );
  const face = property(figure);
  const sign = face.unit === '' ? '' : `, ${mySign(face.unit)}`;
  return (
    <main>
      <TitleBlock
        title="A delivery"
        line="Test one bag after the other, until it is clear that the delivery is taken or sent back."
      />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-4 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)]">
        <section aria-label="What is wanted" className="flex flex-col gap-3">
          <Choice
            label="Tested for"
            value={figure}
            options={FIGURES.map((key) => ({ key, words: property(key).label }))}
            onChange={(next) => {
              set({ figure: next, values: '' });
            }}
          />
          <span className="flex flex-wrap gap-3">
            <Field
              label={`A good delivery has, on the mean${sign}`}
              mode="decimal"
              value={good}
              onChange={(next) => {
                set({ good: next });
              }}
              className="w-56"
            />
            <Field
              label={`A bad one${sign}`}
              mode="decimal"
              value={bad}
              onChange={(next) => {
                set({ bad: next });
              }}
              className="w-40"
            />
          </span>
          <span className="flex flex-wrap gap-3">
            <Field
              label={`Spread from bag to bag, SD${sign}`}
              mode="decimal"
              value={sd}
              onChange={(next) => {
                set({ sd: next });
              }}
              className="w-56"
            />
            <Field
              label="Risk of a mistake, %"
              mode="decimal"
              value={risk}
              onChange={(next) => {
                set({ risk: next });
              }}
              className="w-40"
            />
            <Field
              label="Bags at most"
              mode="numeric"
              value={most}
              onChange={(next) => {
                set({ most: next });
              }}
              className="w-32"
            />
          </span>
          <p className="text-small text-ink2">
            The spread is known from deliveries before: the card of a lot shows how much lots of one material differ. A
            guess of it that is too small makes the risks larger than they say.
          </p>
          <Field
            label={`Bags so far, in their order${sign}`}
            value={values}
            placeholder="48.5  51.2  49"
            onChange={(next) => {
              set({ values: next });
            }}
          />
          <p className="text-small text-ink2">
            Draw the bags by lot from the whole of the delivery, not from the near corner of the pallet.
          </p>
        </section>
        <section aria-label="What to do">
          {typeof found === 'string' ? <Sorry>{found}</Sorry> : <Says {...found} figure={figure} />}
        </section>
      </div>
    </main>
  );
}

const WORDS = {
  take: 'Take it.',
  sendBack: 'Send it back.',
  testMore: 'Test one more.',
} as const;

interface SaysProps {
  readonly read: Read;
  readonly plan: TestPlanResult;
  readonly figure: PropertyKey;
}

function Says({ read, plan, figure }: SaysProps): ReactElement {
  const said = decide(plan, read, read.values);
  const { digits, unit } = property(figure);
  const shown = (value: number): string => `${inMine(value, unit, Math.max(1, digits))} ${mySign(unit)}`.trim();
  const percent = (share: number): string => `${fixed(100 * share, 1)} %`;
  const next = plan.steps[said.bags];
  return (
    <>
      <h2 className="text-title leading-tight font-semibold">
        {said.bags === 0 ? 'Test the first bag.' : WORDS[said.decision]}
      </h2>
      {said.mean !== undefined && (
        <p className="text-small">
          The mean of {said.bags === 1 ? 'one bag' : `${String(said.bags)} bags`} is {shown(said.mean)}.
        </p>
      )}
      {said.decision === 'testMore' && next?.takeAt !== undefined && next.sendBackAt !== undefined && (
        <p className="text-small">
          With {next.bags === 1 ? 'one bag' : `${String(next.bags)} bags`} it is taken from a mean of{' '}
          {shown(next.takeAt)} {read.good > read.bad ? 'up' : 'down'}, and sent back from {shown(next.sendBackAt)}{' '}
          {read.good > read.bad ? 'down' : 'up'}.
        </p>
      )}
      {plan.checks.map(({ code, message }) => (
        <Notice key={code} className="mt-2 p-2">
          {message}
        </Notice>
      ))}
      <PlanChart plan={plan} values={read.values} shown={shown} isUp={read.good > read.bad} />
      <Rows className="mt-4 max-w-[560px] text-body">
        <tbody>
          <tr>
            <th scope="row">Chance to send a good delivery back</th>
            <td className="figure">{percent(plan.riskGood)}</td>
          </tr>
          <tr>
            <th scope="row">Chance to take a bad one</th>
            <td className="figure">{percent(plan.riskBad)}</td>
          </tr>
          <tr>
            <th scope="row">Bags on the average, of a good one</th>
            <td className="figure">{fixed(plan.expected.good, 1)}</td>
          </tr>
          <tr>
            <th scope="row">of a bad one</th>
            <td className="figure">{fixed(plan.expected.bad, 1)}</td>
          </tr>
          <tr>
            <th scope="row">of one half way between</th>
            <td className="figure">{fixed(plan.expected.between, 1)}</td>
          </tr>
          <tr>
            <th scope="row">Bags if all were tested at once, for such risks</th>
            <td className="figure">{plan.fixed}</td>
          </tr>
        </tbody>
      </Rows>
    </>
  );
}
