import type { WorkingText } from './workingText';

const GEOMETRY = 'Geometry and mass balance.';
const FOOD = 'Mass balance; ranges, drawdown and uptake are our own guidance.';
const MIXING = 'Packing after de Larrard, 1999; loss of coarse pores is our own rule.';

/** Words for what is worked out of blends: what they are in a pot, what they feed, what a filled pot weighs. */
export const BLEND_TEXTS: Readonly<Record<string, WorkingText>> = {
  'blend.water': {
    sentence: 'Mean water of the blend over the height of this pot, after draining.',
    formula: 'Σ volume × (mean θ − λ × mean of coarse-pore water) / volume made',
    source: MIXING,
    method: 'blend@1',
  },
  'blend.air': {
    sentence: 'Pores of the blend that hold no water once the pot stops dripping.',
    formula: 'total porosity − water',
    source: MIXING,
    method: 'blend@1',
  },
  'blend.totalPorosity': {
    sentence: 'All pores that came along, less those that closed on mixing.',
    formula: '(Σ volume × porosity − volume lost) / volume made',
    source: MIXING,
    method: 'blend@1',
  },
  'blend.easilyAvailable': {
    sentence: 'Water that the blend gives up between 10 and 50 cm of suction.',
    formula: 'θ(10 cm) − θ(50 cm)',
    source: 'De Boodt and Verdonck, 1972.',
    method: 'blend@1',
  },
  'blend.bulkDensity_gcc': {
    sentence: 'All the dry matter, in the volume that is left after mixing.',
    formula: 'Σ volume × bulk density / volume made',
    source: MIXING,
    method: 'blend@1',
  },
  'blend.pH': {
    sentence: 'Where the components’ titration slopes balance each other and the lime.',
    formula: '(Σ volume × buffer × pH + lime × volume made) / Σ volume × buffer',
    source: 'Charge balance of linear titration curves.',
    method: 'blend@1',
  },
  'blend.ec_dSm': {
    sentence: 'All the salts, in the volume that is left after mixing.',
    formula: 'Σ volume × EC / volume made',
    source: 'Salts are kept; one extraction, 1:2 in water at 25 °C.',
    method: 'blend@1',
  },
  'blend.pricePerL': {
    sentence: 'What goes in costs this much for each litre that comes out.',
    formula: 'Σ volume × price / volume made',
    source: 'Prices per real litre of the lots.',
    method: 'blend@1',
  },
  'blend.shrink': {
    sentence: 'Small grains settle between large ones, so the volumes do not add.',
    formula: 'κ × (1 − Σ volume × packing / packing of the mix / Σ volume)',
    source: MIXING,
    method: 'blend@1',
  },
  'pot.dry_kg': {
    sentence: 'The pot and its fill, without a drop of water.',
    formula: 'volume × filled part × dry bulk density + pot',
    source: GEOMETRY,
    method: 'pot-outlook@1',
  },
  'pot.wet_kg': {
    sentence: 'The same after draining, with all the water that it holds.',
    formula: 'dry weight + volume × filled part × water held',
    source: GEOMETRY,
    method: 'pot-outlook@1',
  },
  'pot.easy_mL': {
    sentence: 'Water that the plant takes without effort, from drained down to 50 cm of suction.',
    formula: '(water drained − water at 50 cm) × volume × filled part',
    source: GEOMETRY,
    method: 'pot-outlook@1',
  },
  'pot.days': {
    sentence: 'Until the easily available water is used up, with no rain and at a steady use.',
    formula: 'easily available water / (use × area of the pot’s top)',
    source: GEOMETRY,
    method: 'pot-outlook@1',
  },
  'pot.price': {
    sentence: 'Price of the medium in one pot; the pot itself is not in it.',
    formula: 'price per litre made × volume × filled part',
    source: GEOMETRY,
    method: 'pot-outlook@1',
  },
  'throughflow.k20_cms': {
    sentence: 'Water through the soaked blend: rough, true within about a factor of three either way.',
    formula: 'e^(Σ share of solids × ln(K / f)) × f(blend), f(ε) = ε³/(1 − ε)², ε drained by 10 cm',
    source: 'form of Kozeny (1927) and Carman (1937); mean of logarithms, our guidance',
    method: 'throughflow@1',
  },
  'nutrients.days': {
    sentence: 'Until the nitrogen that is there has been taken up, by decay and by the plant.',
    formula: 'nitrogen − drawdown × (1 − e^(−days/14)) − uptake × days = 0',
    source: FOOD,
    method: 'nutrients@1',
  },
  'nutrients.drawdown_mgL': {
    sentence: 'Nitrogen that the decay of its parts takes up in the first weeks.',
    formula: 'sum of volume × drawdown of each class / volume made',
    source: FOOD,
    method: 'nutrients@1',
  },
  'nutrients.mgL': {
    sentence: 'What a water extract of the blend would hold, from the reports of its parts.',
    formula: 'sum of volume × content / volume made',
    source: FOOD,
    method: 'nutrients@1',
  },
  'feeding.sum': {
    sentence: 'Nitrogen of one pot over the days ahead, summed from day to day.',
    formula: 'there + given − decay’s share − taken up − drained off',
    source: FOOD,
    method: 'feeding@1',
  },
};
