import { bandsMethod, type BandProperty, type BandsInput, type BandsResult } from '../bands';
import type { BlendScalars } from '../blend';
import type { DeskFigure, DeskResult } from './predict';

/** A middle that lies this part of the band off what the likeliest values give is worth a sentence. */
const WORTH_SAYING = 1 / 5;

/** What the likeliest values give, beside the middle that is shown: why the two are not one number. */
function likeliest(off: number): string {
  return Math.abs(off) <= WORTH_SAYING
    ? 'with everything at its likeliest'
    : `with everything at its likeliest; the middle lies ${off > 0 ? 'higher' : 'lower'}, for what is not known could move it farther ${off > 0 ? 'up' : 'down'}`;
}

/**
 * A prediction with every figure at the middle of its band: the number shown is the one that its band is around.
 *
 * The figure with everything at its likeliest stands in the working; where it is off by more than a fifth of the band, the
 * working says why. Figures without a band stay as they are.
 */
export function atMiddle(desk: DeskResult, input: BandsInput, bands: BandsResult): DeskResult {
  const figures = desk.figures.map((figure): DeskFigure => {
    const band = bands[figure.property as BandProperty];
    if (band === undefined || !isOutput(figure.property)) return figure;
    const width = band.p95 - band.p5;
    const off = width > 0 ? (band.p50 - figure.value) / width : 0;
    const from = [{ label: likeliest(off), value: figure.value, unit: '', working: figure.working }];
    return { ...figure, value: band.p50, working: bandsMethod.working(figure.property, input, { from }) };
  });
  const middles = Object.fromEntries(
    Object.keys(bandsMethod.outputs).flatMap((key): [string, number][] => {
      const band = bands[key as BandProperty];
      return band === undefined ? [] : [[key, band.p50]];
    }),
  ) as Partial<BlendScalars>;
  const made = bands.volume?.p50 ?? desk.volumes.made;
  return { ...desk, figures, result: { ...desk.result, ...middles, volume: made }, volumes: { ...desk.volumes, made } };
}

const isOutput = (key: string): key is keyof typeof bandsMethod.outputs => key in bandsMethod.outputs;
