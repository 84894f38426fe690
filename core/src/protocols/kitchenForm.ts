import { kitchenMethod } from '../kitchen';
import { read } from './steps';
import { byMethod, volumeOfReplicate_mL, type Protocol, type Shipped } from '../sheets';

const PROTOCOL: Protocol = {
  key: 'kitchen-form',
  version: 3,
  label: 'Kitchen form',
  plain: 'Water in, water out: the air exactly, the water as a lower bound; with a dried cup, as an estimate.',
  takes: 'a vessel of known volume and a jug, an afternoon',
  reduction: 'kitchen',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  steps: [
    {
      key: 'added',
      kind: 'volume',
      unit: 'mL',
      label: 'Water added until it stands level',
      say: 'Pour slowly until the water is level with the surface. Note how much went in.',
      why: 'It fills the pores that were not wet before.',
      bounds: [0, 50000],
      picture: 'jug',
      caution: 'germs',
    },
    {
      key: 'soak',
      kind: 'time',
      unit: 's',
      label: 'Let it stand full',
      say: 'Keep the water level with the surface. What you pour after it counts: top up under the sheet.',
      why: 'Dry media take their time.',
      bounds: [0, 1e11],
      picture: 'soak',
      hold: { name: 'soaking', setting: 'soak_min' },
      topsUp: 'added',
    },
    {
      key: 'drain',
      kind: 'time',
      unit: 's',
      label: 'Open the holes, drain freely',
      say: 'Open the holes over the empty jug. Do not tilt it.',
      why: 'What runs out leaves air behind.',
      bounds: [0, 1e11],
      picture: 'drain',
      hold: { name: 'draining', setting: 'drain_min' },
    },
    {
      key: 'collected',
      kind: 'volume',
      unit: 'mL',
      label: 'Collected in the jug',
      say: 'Read what drained.',
      why: 'Its volume is the air’s volume.',
      bounds: [0, 50000],
      picture: 'jug',
    },
    read('volume', {
      key: 'cup',
      label: 'A cup of it as it went in',
      say: 'If there is a kitchen scale: fill a small cup of known volume as you filled the vessel, before any water.',
      why: 'It tells how much water the medium brought along.',
      picture: 'jug',
      bounds: [20, 2000],
      optional: true,
    }),
    read('weigh', {
      key: 'cupWet',
      label: 'The cup’s medium, as it was',
      say: 'Weigh what was in the cup, without the cup.',
      why: 'Water and solids together.',
      picture: 'scale-full',
      optional: true,
    }),
    read('weigh', {
      key: 'cupDry',
      label: 'The same, dry',
      say: 'Spread it out: two sunny days, or an oven that is not used for food again without cleaning; then weigh.',
      why: 'What is missing was water; the bound becomes an estimate.',
      picture: 'oven',
      optional: true,
      caution: 'heat',
    }),
  ],
};

/** A sample that is dried, of those who have a scale. */
const CUP = ['cup', 'cupWet', 'cupDry'] as const;

/** No oven, no scale: a marked bucket and a jug. */
export const KITCHEN_FORM: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(kitchenMethod, {
    inputOf: (run, sheet, replicate) => {
      const vesselVolume_mL = volumeOfReplicate_mL(run, replicate);
      const waterAdded_mL = sheet.value(replicate, 'added');
      const drained_mL = sheet.value(replicate, 'collected');
      if (vesselVolume_mL === undefined || waterAdded_mL === undefined || drained_mL === undefined) return undefined;
      const [cup_mL, cupWet_g, cupDry_g] = CUP.map((key) => sheet.value(replicate, key));
      const cup =
        cup_mL === undefined || cupWet_g === undefined || cupDry_g === undefined ? {} : { cup_mL, cupWet_g, cupDry_g };
      return { vesselVolume_mL, waterAdded_mL, drained_mL, ...cup };
    },
  }),
};
