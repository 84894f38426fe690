import { describe, expect, it } from 'vitest';
import { METRIC, sentenceIn, type UnitChoice } from '.';

const AMERICAN: UnitChoice = {
  volume: 'gal',
  mass: 'oz',
  length: 'in',
  temperature: '°F',
  conductivity: 'µS/cm',
  price: 'per cu ft',
};

describe('a sentence in the units of whoever reads it', () => {
  it.each([
    ['Soak 3.2 kg of coir in 12 L of water.', 'Soak 7.1 lb of coir in 3.2 gal of water.'],
    ['Dried at 103–105 °C', 'Dried at 217–221 °F'],
    ['water given up from 10 to 50 cm', 'water given up from 3.9 to 20 in'],
    ['12 cm vessel, tapped, drained 60 min', '4.7 in vessel, tapped, drained 60 min'],
    ['A class says 0.022 to 0.44 dS/m', 'A class says 22 to 440 µS/cm'],
    ['Take 0.5 L, and 250 mL more', 'Take 2.1 cup, and 1.06 cup more'],
    ['label says 40 L', 'label says 11 gal'],
    ['a bed of 3 m', 'a bed of 9.8 ft'],
  ])('%s', (metric, said) => {
    expect(sentenceIn(metric, AMERICAN)).toBe(said);
  });

  it.each([
    'Bark, fine 0–10 mm',
    'Give 2 g/L of it, or 150 mg/L N',
    'run 74, 2, 1',
    'pH 5.5 in water, 1:5',
    'EC 3 mS/cm',
    'kg/m² wet: 40 kg/m²',
    'Lot L2 Large',
  ])('%s stays as it is', (text) => {
    expect(sentenceIn(text, AMERICAN)).toBe(text);
  });

  it('stays letter by letter for whoever reads metric', () => {
    expect(sentenceIn('Soak 3.20 kg in 12.0 L at 020 °C', METRIC)).toBe('Soak 3.20 kg in 12.0 L at 020 °C');
  });

  it('changes only what the choice changes', () => {
    expect(sentenceIn('12 L and 3 kg', { ...METRIC, mass: 'oz' })).toBe('12 L and 6.6 lb');
  });
});
