import { singleReading, type Shipped } from '../sheets';

/** pH in five parts of water. */
export const PH_1_TO_5: Shipped = {
  reduce: singleReading('pH', 'pH'),
  protocol: {
    key: 'ph-1to5',
    version: 1,
    label: 'pH, 1:5 in water',
    plain: 'One part medium, five parts water, one hour, pen in.',
    takes: 'a pH pen, 20 minutes of work',
    reduction: 'pH',
    usesVessel: false,
    replicates: { usual: 3, most: 12 },
    steps: [
      {
        key: 'pH',
        kind: 'pH',
        unit: 'pH',
        label: 'pH of the extract',
        say: 'One part of medium by volume in five of water, shaken, stood one hour. Wait until the pen stands still.',
        why: 'Another ratio gives another pH.',
        bounds: [0, 14],
        picture: 'pen',
        caution: 'chemicals',
      },
    ],
  },
};

/** Electrical conductivity in two parts of water. */
export const EC_1_TO_2: Shipped = {
  reduce: singleReading('ec_dSm', 'ec'),
  protocol: {
    key: 'ec-1to2',
    version: 1,
    label: 'EC, 1:2 in water',
    plain: 'One part medium, two parts water: the salts that dissolve.',
    takes: 'an EC meter, 20 minutes of work',
    reduction: 'ec_dSm',
    usesVessel: false,
    replicates: { usual: 3, most: 12 },
    steps: [
      {
        key: 'ec',
        kind: 'ec',
        unit: 'dS/m',
        label: 'EC as the meter corrects it to 25 °C',
        say: 'One part of medium by volume in two of water, stirred, stood half an hour, strained.',
        why: 'The ratio is part of the value.',
        bounds: [0, 60],
        picture: 'pen',
        caution: 'electric',
      },
    ],
  },
};

/** What a bag really holds, poured loose. */
export const BAG_VOLUME: Shipped = {
  reduce: singleReading('bagVolume_L', 'volume'),
  protocol: {
    key: 'bag-volume',
    version: 1,
    label: 'True volume of a bag',
    plain: 'Pour it through the hoop, strike off, count the litres.',
    takes: 'a measuring drum, 15 minutes',
    reduction: 'bagVolume_L',
    usesVessel: false,
    replicates: { usual: 1, most: 12 },
    steps: [
      {
        key: 'volume',
        kind: 'volume',
        unit: 'L',
        label: 'Volume of the whole bag, loose',
        say: 'Fluff it, pour it through the hoop into the drum, strike off level. Count full drums and read the last.',
        why: 'The price is for litres, and the label counts them its own way.',
        bounds: [0.1, 5000],
        picture: 'hoop',
        caution: 'germs',
      },
    ],
  },
};
