import { describe, expect, it } from 'vitest';
import { readSampleRow } from '.';

const values = (further: Record<string, string>, more: Parameters<typeof readSampleRow>[1] = {}) => {
  const { read, below, others, refused } = readSampleRow(further, more);
  return {
    read: Object.fromEntries(read.map(({ step, value }) => [step.key, value])),
    below: Object.fromEntries(below.map(({ step, value }) => [step.key, value])),
    others: others.map(({ heading, text }) => `${heading} ${text}`),
    refused: refused.map(({ heading, why }) => `${heading}: ${why}`),
  };
};

describe('a sample in a row of a laboratory’s table', () => {
  it('is read by the headings, with their units and forms', () => {
    expect(
      values({ 'Nitrate-N (mg/L)': '62', 'K2O, mg/L': '217', 'Ca mmol/L': '2', 'Organic matter (%)': '81' }).read,
    ).toEqual({ nitrate: 62, potassium: 180.14, calcium: 80.156, organic: 81 });
  });

  it('keeps below detection apart, and tells of what the sheet has no line for', () => {
    expect(values({ 'Zn (mg/L)': '<0,05', pH: '5.8', Lab: 'Northfield', 'Fe (mg/L)': '0,9' })).toEqual({
      read: { iron: 0.9 },
      below: { zinc: 0.05 },
      others: ['pH 5.8', 'Lab Northfield'],
      refused: [],
    });
  });

  it('refuses what has no unit, could be two things or stands there twice', () => {
    expect(values({ K: '180', 'Nitrate (mg/L)': '60', 'Mg (mg/L)': '24', 'Magnesium (mg/L)': '25' }).refused).toEqual([
      'K: no unit is given; the sheet takes mg/L',
      'Nitrate (mg/L): Nitrate is counted as N or NO3: say which',
      'Magnesium (mg/L): Magnesium stands in the report twice',
    ]);
  });

  it('takes what is to a kilogram by the lot’s density, and ppm where it is an extract', () => {
    expect(values({ 'P (mg/kg)': '100' }).refused[0]).toMatch(/dry bulk density, which is not measured/);
    expect(values({ 'P (mg/kg)': '100' }, { density_kgL: 0.2 }).read).toEqual({ phosphorus: 20 });
    expect(values({ 'K (ppm)': '150' }).refused[0]).toMatch(/of a water extract, or of the weight/);
    expect(values({ 'K (ppm)': '150' }, { extract: '1:1.5 water' }).read).toEqual({ potassium: 150 });
  });

  it('is not parted by marks in its cells', () => {
    expect(values({ 'Remark; by hand': 'dry | dusty', 'Na (mg/L)': '31' })).toMatchObject({
      read: { sodium: 31 },
      others: ['Remark; by hand dry | dusty'],
    });
  });
});
