import type { WatchedPot } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Slider } from '../kit/Slider';
import { Chart } from '../shared/chart/Chart';
import { Thinking } from '../shared/thinking/Thinking';
import { useThought, type Question } from '../shared/thinking/useThought';
import { COMPARES, COMPARE_WORDS, type PotAsk } from './ask';
import { AIR_STEPS, fieldChart, PLOT, stripsOf } from './charts';
import { KeepResult } from './KeepResult';
import { bandsOf, bandsSaid, PotBandsLine, usePotBands } from './PotBandsLine';
import { PotsNow } from './PotsNow';
import { bestSaid, Rhythm, triedOf, useRhythm } from './Rhythm';
import { SavePictures } from './SavePictures';
import { StonesLine } from './StonesLine';
import { momentSaid, potSentence } from './told';
import { mySign } from '../shared/units/mine';
import type { Variant } from './variants';

interface PotsInTimeProps {
  readonly ask: PotAsk;
  readonly variants: readonly Variant[];
  /** That asks all of it again. */
  readonly address: string;
  readonly onChange: (change: Partial<PotAsk>) => void;
}

/** The pots as they go through their days, moved by a hand on the time line. */
export function PotsInTime({ ask, variants, address, onChange }: PotsInTimeProps): ReactElement {
  const question = useMemo((): Question<WatchedPot[]> => {
    const setups = variants.map(({ setup }) => setup);
    return (thinker) => thinker.watch(setups);
  }, [variants]);
  const thought = useThought(question);
  const pots = thought.answer;
  return (
    <>
      <div
        className="flex flex-wrap items-center gap-2 px-5 pt-3 print:hidden"
        role="group"
        aria-label="Set beside each other"
      >
        {COMPARES.map((key) => (
          <Button
            key={key}
            look={ask.compare === key ? 'slab' : 'low'}
            aria-pressed={ask.compare === key}
            onClick={() => {
              onChange({ compare: ask.compare === key ? undefined : key });
            }}
          >
            {COMPARE_WORDS[key]}
          </Button>
        ))}
      </div>
      <Thinking thought={thought} className="px-5 py-4" />
      {pots !== undefined && pots.length === variants.length && (
        <Watched key={variants.map(({ key }) => key).join()} variants={variants} pots={pots} address={address} />
      )}
    </>
  );
}

interface WatchedProps {
  readonly variants: readonly Variant[];
  readonly pots: readonly WatchedPot[];
  readonly address: string;
}

function Watched({ variants, pots, address }: WatchedProps): ReactElement {
  const last = Math.min(...pots.map(({ t_d }) => t_d.length)) - 1;
  const [wished, setAt] = useState(Math.min(last, 24));
  const [wanted, setChosen] = useState(0);
  const at = Math.min(wished, last);
  const chosen = Math.min(wanted, pots.length - 1);
  const pot = pots[chosen] as WatchedPot;
  const variant = variants[chosen] as Variant;
  const bands = usePotBands();
  const field = useMemo(() => fieldChart(pot, variant.setup), [pot, variant]);
  const rhythm = useRhythm();
  const drawn = bandsOf(variant, bands.state);
  const tried = triedOf(variant, rhythm.state);
  const strips = useMemo(() => stripsOf(pots, chosen, drawn), [pots, chosen, drawn]);
  const t_d = pot.t_d[at] as number;
  const share = last === 0 ? 0 : at / last;
  /** What was worked out at a press of the pot that is looked at. */
  const besides = [
    ...(drawn === undefined ? [] : [bandsSaid(drawn)]),
    ...(tried === undefined ? [] : [bestSaid(tried)]),
  ];
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 px-5 py-3 min-[1100px]:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div>
          <PotsNow variants={variants} pots={pots} at={at} chosen={chosen} onChoose={setChosen} />
          <div className="mt-3 flex flex-col gap-1.5" aria-live="polite">
            {variants.map(({ key, label, setup }, i) => (
              <p key={key}>
                {variants.length > 1 && <b>{label}: </b>}
                {potSentence(setup, pots[i] as WatchedPot)}
              </p>
            ))}
          </div>
          <StonesLine variants={variants} pots={pots} />
          <PotBandsLine variant={variant} bands={bands} />
          <Rhythm variant={variant} tried={rhythm} />
        </div>
        <section aria-label="Through the days" className="relative min-w-0">
          <h2 className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span>
              {variant.label} <small className="text-ink2">air by height, {mySign('cm')}, through its days</small>
            </span>
            <b className="figure text-head font-medium">{momentSaid(t_d)}</b>
          </h2>
          <Slider
            label="The time that is looked at"
            value={at}
            most={last}
            step={1}
            says={momentSaid(t_d)}
            onChange={setAt}
            className="my-1"
            inset={PLOT}
          />
          <div className="relative">
            <Chart
              title=""
              says={`Air by height and time: ${potSentence(variant.setup, pot)}`}
              height={170}
              options={field}
              isStrip
            />
            <Legend />
            {strips.map(({ key, title, draw }, i) => (
              <Chart
                key={key}
                title={title}
                says={title}
                height={i === strips.length - 1 ? 92 : 76}
                options={draw}
                isStrip
              />
            ))}
            <i
              aria-hidden="true"
              className="pointer-events-none absolute inset-y-0 w-0 border-l-[1.5px] border-ink"
              style={{
                left: `calc(${String(PLOT.left)}px + (100% - ${String(PLOT.left + PLOT.right)}px) * ${String(share)})`,
              }}
            />
          </div>
          <div className="flex items-baseline justify-between text-note text-ink2">
            <SavePictures
              name={variant.label}
              pot={pot}
              parts={[
                { title: `${variant.label}: air by height, ${mySign('cm')}`, draw: field, height: 170 },
                ...strips.map(({ title, draw }) => ({ title, draw, height: 92 })),
              ]}
            />
            days
          </div>
        </section>
      </div>
      <KeepResult
        variants={variants}
        pots={pots}
        besides={besides.map((said) => `${variant.label}: ${said}`)}
        address={address}
      />
    </>
  );
}

/** The steps of air, palest to darkest, in words. */
function Legend(): ReactElement {
  return (
    <ul className="mb-1 flex flex-wrap gap-x-4 pl-[46px] text-note">
      {AIR_STEPS.map(({ words, mix }) => (
        <li key={words} className="inline-flex items-center gap-1.5">
          <i
            aria-hidden="true"
            className="inline-block size-3 border border-zinc4"
            style={{ background: `color-mix(in srgb, var(--water-ink) ${String(100 * mix)}%, var(--paper))` }}
          />
          {words}
        </li>
      ))}
    </ul>
  );
}
