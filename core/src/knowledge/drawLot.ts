import { normalDraw, type Random } from '../scoring';
import { bodyOf } from './body';
import { valueOf, type KnownValue } from './chemistryOf';
import type { LotReadings } from './lotReadings';
import type { Sampler } from './sampler';
import { CHEMISTRY, type Chemistry } from './scales';
import { baseOf, sourceCalled, streamOf, widerOf } from './streams';

/** A part of a value's doubt, with the draws that the next one may mirror. */
class DrawnValue {
  private move = 0;
  private readonly sources: readonly number[];
  constructor(
    private readonly known: KnownValue,
    key: Chemistry,
  ) {
    this.sources = known.parts.map((_, i) => sourceCalled(`${key} ${String(i)}`));
  }

  draw(base: number, mirrored: boolean): number {
    if (mirrored) this.move = -this.move;
    else {
      this.move = 0;
      this.known.parts.forEach(({ columns, freedom }, i) => {
        const source = this.sources[i] as number;
        const wider = widerOf(source ^ 1, base, freedom);
        const stream = streamOf(source, base);
        for (const [by = 0] of columns) this.move += wider * by * normalDraw(stream);
      });
    }
    return this.known.x + this.move;
  }
}

/** A lot as it may be: draws of its body, and of each value of its chemistry that is known, all on their scales. */
export class LotDraws {
  private readonly body: Sampler;
  private readonly values: readonly { readonly key: Chemistry; readonly drawn: DrawnValue }[];

  constructor(readings: LotReadings) {
    this.body = bodyOf(readings).sampler();
    this.values = CHEMISTRY.flatMap((key) => {
      const known = valueOf(key, readings);
      return known === undefined ? [] : [{ key, drawn: new DrawnValue(known, key) }];
    });
  }

  get chemistry(): readonly Chemistry[] {
    return this.values.map(({ key }) => key);
  }

  /** One draw of the body, in an array that the next writes anew; chemistry goes to `told`. */
  draw(random: Random, mirrored: boolean, told: (key: Chemistry, x: number) => void): readonly number[] {
    const base = mirrored ? 0 : baseOf(random);
    for (const { key, drawn } of this.values) told(key, drawn.draw(base, mirrored));
    return this.body.draw(random, mirrored);
  }
}
