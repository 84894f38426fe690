import type { RubricCriterion } from '@bent-pail/core';
import { Slider } from 'radix-ui';
import type { ReactElement } from 'react';

interface RateScaleProps {
  readonly criterion: RubricCriterion;
  readonly value: number | undefined;
  readonly onValue: (value: number) => void;
}

/** Where the mark rests before anything is said; it counts as nothing until it is moved. */
const RESTS_AT = 5;

/** A standing rule from 0 to 10 in halves, with the criterion's words beside it. */
export function RateScale({ criterion, value, onValue }: RateScaleProps): ReactElement {
  return (
    <Slider.Root
      className="rate-scale"
      orientation="vertical"
      min={0}
      max={10}
      step={0.5}
      value={[value ?? RESTS_AT]}
      onValueChange={([next]) => {
        onValue(next ?? RESTS_AT);
      }}
    >
      <Slider.Track className="track">
        <Slider.Range className="range" />
      </Slider.Track>
      <div className="rate-marks" aria-hidden="true">
        {Array.from({ length: 11 }, (_, score) => (
          <span key={score} className="n figure" style={{ bottom: `${String(10 * score)}%` }}>
            {score}
          </span>
        ))}
        {(criterion.words ?? []).map(({ at, word }) => (
          <span key={word} className="word" style={{ bottom: `${String(10 * at)}%` }}>
            {word}
          </span>
        ))}
      </div>
      <Slider.Thumb
        className={`thumb ${value === undefined ? 'unset' : ''}`}
        aria-label={`${criterion.label}, 0 to 10`}
        aria-valuetext={value === undefined ? 'not scored yet' : String(value)}
      >
        {value === undefined ? '?' : value.toFixed(1)}
      </Slider.Thumb>
    </Slider.Root>
  );
}
