import { BLEND_TEXTS } from './blendTexts';
import type { WorkingText } from './workingText';

const BENCH = 'Usual bench method; water density after Kell, 1975.';

/** Words for every kind of working; a key that is missing here fails a test. */
export const WORKING_TEXTS: Readonly<Record<string, WorkingText>> = {
  ...BLEND_TEXTS,
  'porosity.mediumVolume_mL': {
    sentence: 'Volume that the medium fills at the depth where it stands after draining.',
    formula: 'vessel volume × share of the vessel below the settled depth',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.totalPorosity': {
    sentence: 'All the water it held when soaked, over the volume that it fills.',
    formula: '(saturated − tare − dry medium) / water density / volume',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.containerCapacity': {
    sentence: 'Water still held after draining, over the volume that the medium then fills.',
    formula: '(drained − tare − dry medium) / water density / volume',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.airSpace': {
    sentence: 'What ran out is air now, over the volume that the medium fills.',
    formula: '(saturated − drained) / water density / volume',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.bulkDensity_gcc': {
    sentence: 'Dry medium in each millilitre of the settled volume.',
    formula: 'dry medium / volume',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.particleDensity_gcc': {
    sentence: 'Density of the grains as water sees them: closed pores count as grain.',
    formula: 'bulk density / (1 − total porosity)',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.gravimetricWater_gg': {
    sentence: 'Water after draining to each gram of dry medium.',
    formula: '(drained − tare − dry medium) / dry medium',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.asReceivedMoisture': {
    sentence: 'Water that it brought along, of its weight as it came.',
    formula: '(filled − tare − dry medium) / (filled − tare)',
    source: BENCH,
    method: 'porosity@1',
  },
  'porosity.shrinkage': {
    sentence: 'Volume that it lost when first wetted and drained.',
    formula: '1 − volume / vessel volume',
    source: BENCH,
    method: 'porosity@1',
  },
  'kitchen.airSpace': {
    sentence: 'What ran out left as much air behind.',
    formula: 'drained / vessel volume',
    source: 'Volume balance; exact.',
    method: 'kitchen@1',
  },
  'kitchen.capacityAtLeast': {
    sentence: 'Water that went in and stayed; what was in it before is not counted.',
    formula: '(added − drained) / vessel volume',
    source: 'Volume balance; a lower bound.',
    method: 'kitchen@1',
  },
  'replicates.mean': {
    sentence: 'Mean of the replicates that count.',
    formula: 'sum of values / number of values',
    source: 'Interval by Student’s t; outliers by Grubbs, 1950, never removed silently.',
    method: 'replicates@1',
  },
  'replicates.runs': {
    sentence: 'Mean of the runs made by the same method at the same depth.',
    formula: 'sum of run means / number of runs',
    source: 'Interval by Student’s t; spread is between runs.',
    method: 'replicates@1',
  },
  'replicates.price': {
    sentence: 'What was paid for the pack, over what it really holds, poured loose.',
    formula: 'price / true volume',
    source: 'True volume by pouring through a hoop; the label’s volume until that is done.',
    method: 'replicates@1',
  },
  'sieve.d50_mm': {
    sentence: 'Half of the recovered mass is finer than this.',
    formula: 'passing = 0.5, read on log size between two sieves',
    source: 'Usual bench method; never read outside the stack.',
    method: 'sieve@1',
  },
  'sieve.spread': {
    sentence: 'How uneven the sizes are: 1 would be all alike.',
    formula: '√(d84 / d16)',
    source: 'Usual bench method; never read outside the stack.',
    method: 'sieve@1',
  },
  'sieve.fines': {
    sentence: 'Share of the recovered mass that passes half a millimetre.',
    formula: 'passing at 0.5 mm',
    source: 'Usual bench method; never read outside the stack.',
    method: 'sieve@1',
  },
  'drainage.t50_s': {
    sentence: 'By now half of all that will drain has drained.',
    formula: 'τ (ln 2)^(1/β), from V∞ (1 − exp(−(t/τ)^β)) fitted to the readings',
    source: 'Least squares through the readings.',
    method: 'drainage@1',
  },
  'drainage.t90_s': {
    sentence: 'By now nine tenths of all that will drain have drained.',
    formula: 'τ (ln 10)^(1/β), from V∞ (1 − exp(−(t/τ)^β)) fitted to the readings',
    source: 'Least squares through the readings.',
    method: 'drainage@1',
  },
  'rinse.ecInf_dSm': {
    sentence: 'Where rinsing levels out, however often it is repeated.',
    formula: 'EC∞ of EC∞ + (EC₀ − EC∞) r^k, fitted to the drains',
    source: 'Least squares through the drains; free salts only.',
    method: 'rinse@1',
  },
  'rinse.rinsesToTarget': {
    sentence: 'Rinses after the first drain until the drain is at the target.',
    formula: 'first k with EC∞ + (EC₀ − EC∞) r^k at or under the target',
    source: 'Least squares through the drains; free salts only.',
    method: 'rinse@1',
  },
  'ratio.share': {
    sentence: 'The part that was found, over the whole that it was found in.',
    formula: '(sum of the parts − what is taken off) / whole',
    source: 'Readings of the sheet, as named below.',
    method: 'ratio@1',
  },
  'ratio.difference': {
    sentence: 'What was read, less what is taken off.',
    formula: 'reading − what is taken off',
    source: 'Readings of the sheet, as named below.',
    method: 'ratio@1',
  },
  'conductivity.k20_cms': {
    sentence: 'Flow through the soaked column for each unit of head spent over its length, at 20 °C.',
    formula: 'K = Q L / (A Δh), or (a L / (A t)) ln(h₁/h₂); × viscosity at T / at 20 °C',
    source: 'Darcy’s law; viscosity by Kestin, Sokolov and Wakeham, 1978.',
    method: 'conductivity@1',
  },
  'wetting.dropTime': {
    sentence: 'Half of the drops had gone in by now.',
    formula: 'median of the drops',
    source: 'Dekker and Jungerius, 1990.',
    method: 'drop-time@1',
  },
  'wetting.firstPass': {
    sentence: 'What the first watering left in it, of all that it can hold.',
    formula: 'held after the first watering / water at container capacity',
    source: 'Usual bench method.',
    method: 'hydration@1',
  },
  'wetting.passesTo95': {
    sentence: 'Waterings until the curve through the weighings is at 95 % of what it can hold.',
    formula: 'first k with h_max − (h_max − h₁) r^(k−1) at 0.95 × capacity',
    source: 'Least squares through the weighings.',
    method: 'hydration@1',
  },
  'titration.buffer_meqPerLpH': {
    sentence: 'Lime that moves a litre of the medium by one pH.',
    formula: '1 / slope of pH against lime',
    source: 'Straight line by least squares through the jars.',
    method: 'titration@1',
  },
  'titration.pH': {
    sentence: 'Where the line through the jars stands without lime.',
    formula: 'pH at dose 0 of the line',
    source: 'Straight line by least squares through the jars.',
    method: 'titration@1',
  },
  'lots.betweenSd': {
    sentence: 'How much one lot of this material differs from the next, the scatter within lots taken out.',
    formula: '√((MS between − MS within) / values per lot), not under 0',
    source: 'One-way random effects; Searle, Casella and McCulloch, 1992.',
    method: 'lot-spread@1',
  },
  'lots.needed': {
    sentence: 'Lots to test in all, so that the mean of the material is known as closely as asked.',
    formula: 'smallest n with t × √((between² + within² / values per lot) / n) within the half width',
    source: 'Student’s t at 95 %, n − 1 degrees of freedom.',
    method: 'lot-spread@1',
  },
  'pen.millivolts': {
    sentence: 'The pH that the calibration in force makes of what the pen showed in mV.',
    formula: '7 + (E0 − E) / (S × T / Tcal), temperatures in kelvin',
    source: 'Nernst’s equation; slope and offset of the calibration.',
    method: 'ph-reading@1',
  },
  'pen.corrected': {
    sentence: 'What the pen showed, brought back by the line through what it showed in its buffers.',
    formula: '(shown − a) / b, from shown = a + b pH through the buffers',
    source: 'Straight line by least squares through the buffers.',
    method: 'pen-reading@1',
  },
  'calibration.penSlope': {
    sentence: 'How far the pen shows a step of one pH.',
    formula: '100 × b, from shown = a + b pH through the buffers',
    source: 'Straight line by least squares through the buffers.',
    method: 'pen-reading@1',
  },
  'calibration.slopePercent': {
    sentence: 'The slope of the electrode, of what theory gives at this temperature.',
    formula: '100 × S / (0.198416 T), from E = E₀ − S (pH − 7) through the buffers',
    source: 'Nernst’s equation.',
    method: 'ph-calibration@1',
  },
  'retention.airAt10': {
    sentence: 'Pores that are empty at 10 cm of suction.',
    formula: 'θs − θ(10 cm)',
    source: 'Curve of van Genuchten, 1980, fitted to the weighings.',
    method: 'retention-fit@1',
  },
  'retention.easilyAvailable': {
    sentence: 'Water that it gives up between 10 and 50 cm of suction.',
    formula: 'θ(10 cm) − θ(50 cm)',
    source: 'De Boodt and Verdonck, 1972; curve of van Genuchten, 1980.',
    method: 'retention-fit@1',
  },
  'retention.buffering': {
    sentence: 'Water that it gives up between 50 and 100 cm of suction.',
    formula: 'θ(50 cm) − θ(100 cm)',
    source: 'De Boodt and Verdonck, 1972; curve of van Genuchten, 1980.',
    method: 'retention-fit@1',
  },
  'retention.lessAvailable': {
    sentence: 'Water that it still holds at 100 cm of suction.',
    formula: 'θ(100 cm)',
    source: 'De Boodt and Verdonck, 1972; curve of van Genuchten, 1980.',
    method: 'retention-fit@1',
  },
  'curve.fittedAlpha': {
    sentence: 'The scale of the curve that fits all that was measured of it best.',
    formula: 'least squares of θ(h; θr, θs, α, n) through points and columns',
    source: 'van Genuchten, 1980.',
    method: 'retention-fit@1',
  },
  'capacity.water': {
    sentence: 'Mean water over the height of the pot: each height hangs on the base by its own suction.',
    formula: 'mean over the pot of θ(height above base)',
    source: 'van Genuchten, 1980; integrated over the pot’s own shape.',
    method: 'container-capacity@1',
  },
  'capacity.air': {
    sentence: 'Pores that hold no water once it stops dripping.',
    formula: 'total porosity − mean water over the pot',
    source: 'van Genuchten, 1980; integrated over the pot’s own shape.',
    method: 'container-capacity@1',
  },
  'curve.alpha': {
    sentence: 'The scale of the curve that makes its mean over the vessel the measured capacity.',
    formula: 'mean over the vessel of θ(height; α) = capacity, solved for α',
    source: 'van Genuchten, 1980; shape from the class.',
    method: 'retention-infer@1',
  },
  'curve.easilyAvailable': {
    sentence: 'Water that the curve gives up between 10 and 50 cm of suction.',
    formula: 'θ(10 cm) − θ(50 cm)',
    source: 'De Boodt and Verdonck, 1972; the curve is inferred from one depth.',
    method: 'blend@1',
  },
  'score.criterion': {
    sentence: 'What was found, turned into 0 to 10 by the rubric’s own function.',
    formula: 'function of the value, or mean of the raters',
    source: 'The rubric, at the version that the card keeps.',
    method: 'score@1',
  },
  'score.overall': {
    sentence: 'Weighted mean of the criteria that are in; a missing one is never a zero.',
    formula: 'Σ weight × score / Σ weight, then the caps',
    source: 'The rubric, at the version that the card keeps.',
    method: 'score@1',
  },
};

/** Every method with its version, each once, in order: whoever keeps results keeps this beside them. */
export const METHODS: readonly string[] = [...new Set(Object.values(WORKING_TEXTS).map(({ method }) => method))].sort();
