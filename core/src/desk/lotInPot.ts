import { bands, bandsMethod, type Band, type BandsInput } from '../bands';
import { inPot, type LotComponent, type LotCurve } from '../lots';
import type { Working } from '../method';
import type { Container } from '../vessel';

/** A lot's water and air in another container: the middle of what it may be, its band, and the working of each. */
export interface LotInPot {
  readonly solid: number;
  readonly water: Band;
  readonly air: Band;
  readonly workings: { readonly water: Working; readonly air: Working };
}

/** Draws for a picture that follows the hand. */
const DRAWS = 400;

/** What a lot will be in any pot, as far as it is known: one component by itself, drawn as the desk draws it. */
export function lotInPot({ component, errors }: LotComponent, curve: LotCurve, container: Container): LotInPot {
  const input: BandsInput = {
    components: [{ ...component, ...errors, volume: 1, volume_se: 0 }],
    container,
    model: 'average',
    draws: DRAWS,
  };
  const found = bands(input);
  const likeliest = inPot(curve, container);
  const [water, air] = [found.water as Band, found.air as Band];
  const working = (key: 'water' | 'air'): Working =>
    bandsMethod.working(key, input, {
      from: [
        {
          label: 'with everything at its likeliest',
          value: likeliest[key],
          unit: '',
          working: likeliest.workings[key],
        },
      ],
    });
  return {
    solid: 1 - water.p50 - air.p50,
    water,
    air,
    workings: { water: working('water'), air: working('air') },
  };
}
