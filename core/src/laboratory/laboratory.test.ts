import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { LAB_REPORT } from '../protocols';
import { practiceReport, readLabReport } from '.';

const one = (line: string) => readLabReport(line);
const taken = (line: string): readonly [string, number] | undefined => {
  const [read] = one(line).read;
  return read === undefined ? undefined : [read.step.key, read.value];
};

describe('a report that is none', () => {
  it.each([' ', 'a ', '1 ', '< ', 'a , ', '.,', 'K 1 x'])(
    'of 100,000 letters of %j is refused in a sentence',
    (part) => {
      const { read, unread } = readLabReport(`Potassium ${part.repeat(100_000 / part.length)}x1x`);
      expect(read).toEqual([]);
      expect(unread[0]?.why).toMatch(/over 20,000 letters/);
    },
  );

  it('has lines that are no lines of a report, and others that are', () => {
    const { read, unread } = readLabReport(`Potassium ${' '.repeat(15_000)} 3 x\nK 180 mg/L`);
    expect(read.map(({ value }) => value)).toEqual([180]);
    expect(unread.map(({ why }) => why)).toEqual(['is longer than a line of a report']);
  });
});

describe('a line of a report', () => {
  it.each([
    ['Nitrate N;62;mg/L', 'nitrate', 62],
    ['NO3-N\t62,5\tmg/l', 'nitrate', 62.5],
    ['Potassium: 180 mg/L', 'potassium', 180],
    ['K 180.4 mg / l', 'potassium', 180.4],
    ['Loss on ignition  82 %', 'organic', 82],
    ['  Sulfur;40;mg per litre ', 'sulphur', 40],
  ])('%s', (line, key, value) => {
    expect(taken(line)).toEqual([key, value]);
  });

  it.each([
    ['Nitrate;62;mg/L', /counted as N or NO3: say which/],
    ['Molybdenum;0.1;mg/L', /not on the sheet/],
    ['Zinc;>5;mg/L', /a limit, not a value/],
    ['Zinc;n.d.;mg/L', /below detection, and the limit is not given/],
    ['Zinc;0.2;lb/acre', /no unit that is known here/],
    ['Zinc;0.2;ppm', /of a water extract, or of the weight/],
    ['Zinc;1,234;mg/L', /could be two numbers/],
    ['Zinc;0.2;', /no unit is given/],
    ['Zinc;0.2;mg/kg', /is in mg\/kg: .* takes the lot’s dry bulk density/],
    ['Organic matter;140;%', /lies outside 0 to 100 %/],
  ])('%s is not taken, and says why', (line, why) => {
    const { read, unread } = one(line);
    expect(read).toEqual([]);
    expect(unread).toHaveLength(1);
    expect(unread[0]?.why).toMatch(why);
  });

  it('without a number is passed over, and one that comes twice is asked about', () => {
    expect(one('Method;water extract\nSample;Pumice 3-8 mm, PM-3\n\nRegards')).toMatchObject({ read: [], unread: [] });
    const { read, unread } = one('K;180;mg/L\nPotassium;190;mg/L');
    expect(read.map((line) => line.value)).toEqual([180]);
    expect(unread[0]?.why).toBe('Potassium stands in the report twice');
  });
});

describe('the practice laboratory', () => {
  it('reports every step of the sheet, within its bounds, for every class and for none', () => {
    for (const classId of [undefined, ...MEDIA_CLASSES.map((each) => each.id)]) {
      for (const seed of [1, 77, 4294967295]) {
        const { read, unread } = readLabReport(practiceReport('Sample', classId, seed));
        expect(unread).toEqual([]);
        expect(read.map((line) => line.step.key)).toEqual(LAB_REPORT.steps.map((step) => step.key));
      }
    }
  });

  it('says the same when it is asked again, and something else of another sample', () => {
    expect(practiceReport('A', 'coir-pith', 5)).toBe(practiceReport('A', 'coir-pith', 5));
    expect(practiceReport('A', 'coir-pith', 5)).not.toBe(practiceReport('A', 'coir-pith', 6));
  });

  it('finds little to burn in sand, and more salt where the class has more', () => {
    const value = (classId: string, key: string): number =>
      readLabReport(practiceReport('A', classId, 9)).read.find((line) => line.step.key === key)?.value as number;
    expect(value('sand-coarse', 'organic')).toBeLessThan(5);
    expect(value('peat-light-fine', 'organic')).toBeGreaterThan(50);
    expect(value('compost-green', 'potassium')).toBeGreaterThan(value('sand-coarse', 'potassium'));
  });
});

describe('what somebody says of a report', () => {
  it('settles as what a salt is counted', () => {
    const text = 'Nitrate;62;mg/L';
    expect(readLabReport(text).unread[0]?.either).toEqual(['N', 'NO3']);
    expect(readLabReport(text, { forms: { [text]: 'N' } }).read[0]).toMatchObject({ value: 62 });
    const [ion] = readLabReport(text, { forms: { [text]: 'NO3' } }).read;
    expect(ion?.value).toBeCloseTo((62 * 14.007) / 62.004, 3);
    expect(ion?.formula).toMatch(/0\.2259\d* \(Nitrate N in NO3\)/);
  });

  it('takes a conversion back', () => {
    const text = 'K2O;217;mg/L';
    expect(readLabReport(text).read).toHaveLength(1);
    const { read, unread } = readLabReport(text, { unconverted: [text] });
    expect(read).toEqual([]);
    expect(unread[0]?.why).toMatch(/not to be converted/);
  });

  it('takes a kilogram for a litre only by a density', () => {
    expect(readLabReport('K;900;mg/kg', { density_kgL: 0.2 }).read[0]).toMatchObject({
      value: 180,
      formula: '900 mg/kg × 0.2 kg/L',
    });
  });
});
