import type { RubricCriterion } from '@bent-pail/core';
import { StandingSlider as Slider } from '../../kit/Slider';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';

interface RateScaleProps {
  readonly criterion: RubricCriterion;
  readonly value: number | undefined;
  readonly onValue: (value: number) => void;
}

const MARK = 'absolute translate-y-1/2 whitespace-nowrap';

/** Where the mark rests before anything is said; it counts as nothing until it is moved. */
const RESTS_AT = 5;

/** A standing rule from 0 to 10 in halves, with the criterion's words beside it. */
export function RateScale({ criterion, value, onValue }: RateScaleProps): ReactElement {
  return (
    <Slider.Root
      className="relative my-5.5 ml-[60px] h-[400px] touch-none"
      orientation="vertical"
      min={0}
      max={10}
      step={0.5}
      value={[value ?? RESTS_AT]}
      onValueChange={([next]) => {
        onValue(next ?? RESTS_AT);
      }}
    >
      <Slider.Track className="absolute inset-y-0 left-0 w-0.5 bg-ink">
        <Slider.Range className="absolute left-0 w-[7px] bg-ink" />
      </Slider.Track>
      <div className="pointer-events-none absolute inset-0" aria-hidden="true">
        {Array.from({ length: 11 }, (_, score) => (
          <span
            key={score}
            className={`${MARK} figure right-[calc(100%+10px)]`}
            style={{ bottom: `${String(10 * score)}%` }}
          >
            {score}
          </span>
        ))}
        {(criterion.words ?? []).map(({ at, word }) => (
          <span key={word} className={`${MARK} left-7 text-small text-ink2`} style={{ bottom: `${String(10 * at)}%` }}>
            {word}
          </span>
        ))}
      </div>
      <Slider.Thumb
        className={`figure ml-2.5 block h-11 w-24 cursor-grab text-center text-title leading-[44px] font-medium [clip-path:polygon(0_50%,18%_0,100%_0,100%_100%,18%_100%)] ${value === undefined ? 'bg-zinc2 text-ink' : 'bg-slab text-inverse'}`}
        aria-label={`${criterion.label}, 0 to 10`}
        aria-valuetext={value === undefined ? 'not scored yet' : String(value)}
      >
        {value === undefined ? '?' : fixed(value, 1)}
      </Slider.Thumb>
    </Slider.Root>
  );
}
