import { describe, expect, it } from 'vitest';
import type { LotCard, LotFigure } from '../lots';
import type { PropertyKey } from '../properties';
import {
  claimsShare,
  findingsFor,
  kindOfClaim,
  MOST_CLAIMS,
  PRODUCT_KINDS,
  productKind,
  proposeVerdict,
  readClaims,
  silences,
  whyUntestable,
  type Claim,
  type ClaimKind,
  type ProductKind,
} from '.';

describe('the claims of a label', () => {
  it('are read line by line, each with the footnote that its sign leads to and what it is compared with', () => {
    const read = readClaims(
      [
        'Grows plants twice as big*',
        '• Holds more water than ordinary potting mix',
        'Certified for organic growing by Fieldmark, no. 4711',
        'Composted bark, coir. Feeds for up to 6 months†',
        '* compared with plants that were not fed',
        '† at 18 °C',
      ].join('\n'),
    );
    expect(read).toEqual([
      {
        text: 'Grows plants twice as big',
        kind: 'performance',
        footnote: 'compared with plants that were not fed',
        comparedWith: 'plants that were not fed',
      },
      { text: 'Holds more water than ordinary potting mix', kind: 'performance', comparedWith: 'ordinary potting mix' },
      { text: 'Certified for organic growing by Fieldmark, no. 4711', kind: 'certified' },
      { text: 'Composted bark, coir.', kind: 'process' },
      { text: 'Feeds for up to 6 months', kind: 'performance', footnote: 'at 18 °C' },
    ]);
  });

  it.each<[string, ClaimKind]>([
    ['100 % organic', 'uncertified'],
    ['Rich in organic matter', 'ingredient'],
    ['50 L', 'volume'],
    ['Makes up to 60 litres', 'volume'],
    ['pH 5.5-6.5', 'analysis'],
    ['N-P-K 14-16-18', 'analysis'],
    ['Screened to 10 mm', 'process'],
    ['Pine bark, perlite and coir', 'ingredient'],
    ['Improves drainage', 'performance'],
    ['Approved by the Guild of Growers', 'certified'],
  ])('%s: %s', (text, kind) => {
    expect(kindOfClaim(text)).toBe(kind);
  });

  it('of a whole catalogue are not all taken, and of nothing are none', () => {
    expect(readClaims('Holds water.\n'.repeat(60))).toHaveLength(MOST_CLAIMS);
    expect(readClaims(' \n- \n')).toEqual([]);
  });
});

describe('what cannot be tested', () => {
  it.each(['With living mycorrhiza', 'Keeps gnats away', 'Rock dust feeds for years', 'Twice as many flowers'])(
    '%s, and why',
    (text) => {
      expect(whyUntestable(text)).toMatch(/trial/);
      expect(proposeVerdict({ text, kind: 'performance' }, [])?.verdict).toBe('cannotTest');
    },
  );

  it('is not what a bench measures', () => {
    for (const text of ['Holds 60 % water', 'pH 6', '50 litres', 'Free of weeds'])
      expect(whyUntestable(text)).toBeUndefined();
  });

  it('a certificate stands as what the supplier says', () => {
    expect(proposeVerdict({ text: 'Certified by Fieldmark', kind: 'certified' }, [])).toMatchObject({
      verdict: 'cannotTest',
      evidence: 'supplier',
    });
  });
});

const figure = (property: PropertyKey, mean: number, more: Partial<LotFigure> = {}): LotFigure => ({
  property,
  summary: { mean, n: 3 },
  origin: 'measured',
  method: 'by hand',
  methodKey: 'by hand',
  runs: [{ id: 'r', number: 1, finishedAt: '2026-11-24T08:00:00Z' }],
  working: { method: 'ratio', version: 1, output: 'value', inputs: {} } as unknown as LotFigure['working'],
  ...more,
});
const cardOf = (...figures: readonly LotFigure[]): LotCard => ({ figures, missing: [] });
const claim = (text: string, kind: ClaimKind = kindOfClaim(text)): Claim => ({ text, kind });

describe('what the bench found', () => {
  it.each<[string, LotFigure, number | undefined, string | undefined, RegExp]>([
    ['50 L', figure('bagVolume_L', 43), 50, 'notSupported', /^Short by 14 %: it gave 43\.0 L of 50 L/],
    ['50 L', figure('bagVolume_L', 48.5), 50, 'supported', /gave 48\.5 L of 50 L/],
    ['50 L', figure('bagVolume_L', 47.5), 50, 'supported', /gave/],
    ['Makes 60 litres', figure('bagVolume_L', 43), undefined, undefined, /gave 43\.0 L/],
    ['pH 5.5-6.5', figure('pH', 7.2), undefined, 'notSupported', /0\.7 above what it says/],
    ['pH 5.5 – 6.5', figure('pH', 6.7), undefined, 'supported', /as it says/],
    ['pH 6', figure('pH', 5.2), undefined, 'notSupported', /0\.8 under/],
    ['Ideal pH', figure('pH', 5.2), undefined, undefined, /^pH 5\.2/],
    ['EC 0.5', figure('ec1to5', 0.6), undefined, 'supported', /0\.60 dS\/m/],
    ['EC 0.5', figure('ec1to5', 2), undefined, undefined, /compare the extract/],
    ['Free of weeds', figure('weedsPerL', 3), undefined, 'notSupported', /3\.0 weed seedlings/],
    ['Free of weeds', figure('weedsPerL', 0), undefined, 'supported', /No weed/],
    ['Fully matured', figure('heating_C', 21), undefined, 'notSupported', /21 °C above the room/],
    ['Fully matured', figure('heating_C', 2), undefined, 'supported', /hardly/],
    ['Screened and clean', figure('foreignPerL', 2), undefined, 'notSupported', /2\.0 foreign bits/],
    ['Rich compost', figure('floating', 0.42), undefined, undefined, /42 % .* floated/],
    ['Loam', figure('palmGrit', 2, { words: 'a quarter grit' }), undefined, undefined, /a quarter grit/],
  ])('%s', (text, found, pack_L, verdict, sentence) => {
    const findings = findingsFor(claim(text), cardOf(found), pack_L);
    expect(findings).toHaveLength(1);
    expect(findings[0]?.sentence).toMatch(sentence);
    expect(findings[0]?.verdict).toBe(verdict);
    expect(proposeVerdict(claim(text), findings)?.verdict).toBe(verdict);
  });

  it('is no label, and bears on no other claim', () => {
    expect(findingsFor(claim('50 L'), cardOf(figure('bagVolume_L', 40, { origin: 'label' })), 50)).toEqual([]);
    expect(findingsFor(claim('Pine bark'), cardOf(figure('bagVolume_L', 40), figure('pH', 5)), 50)).toEqual([]);
  });

  it('says what it rests on', () => {
    const evidence = (more: Partial<LotFigure>) =>
      findingsFor(claim('pH 6'), cardOf(figure('pH', 6, more)))[0]?.evidence;
    expect(evidence({})).toBe('measured');
    expect(evidence({ oneGrab: true })).toBe('once');
    expect(evidence({ method: 'by a laboratory' })).toBe('lab');
  });
});

describe.each(PRODUCT_KINDS)('a $label', ({ key, shouldSay }) => {
  it('should say things of its own, each with a question and a reason', () => {
    expect(shouldSay.length).toBeGreaterThan(4);
    expect(new Set(shouldSay.map((one) => one.key)).size).toBe(shouldSay.length);
    for (const { ask, because, what } of shouldSay) {
      expect(ask).toMatch(/\?$/);
      expect(because).toMatch(/\.$/);
      expect(what.length).toBeGreaterThan(4);
    }
    expect(productKind(key)?.key).toBe(key);
  });
});

describe('what is not said', () => {
  const compost = productKind('compost') as ProductKind;

  it('is what the kind should say and neither label nor answer does', () => {
    const found = silences(compost, 'Heated to 60 °C, turned five times. Screened to 10 mm. 50 L', new Set(['weeds']));
    expect(found.filter(({ saidBy }) => saidBy === undefined).map(({ should }) => should.key)).toEqual([
      'origin',
      'ripe',
      'salt',
      'foreign',
      'certificate',
    ]);
    expect(found.find(({ should }) => should.key === 'weeds')?.saidBy).toBe('answer');
    expect(found.find(({ should }) => should.key === 'heat')?.saidBy).toBe('label');
  });
});

describe('how far a product’s words can be relied on', () => {
  const said = (verdict?: 'supported' | 'notSupported' | 'cannotTest' | 'misleading') => ({
    ...claim('50 L'),
    ...(verdict === undefined ? {} : { verdict }),
  });
  const [one] = (productKind('mix') as ProductKind).shouldSay;
  const should = one as ProductKind['shouldSay'][number];

  it('is half claims that stand and half what is said; what cannot be tested counts for neither', () => {
    const silent = [{ should, saidBy: 'label' as const }, { should }, { should }, { should }];
    expect(claimsShare([said('supported'), said('notSupported'), said('cannotTest'), said()], silent)).toEqual({
      borneOut: 0.5,
      said: 0.25,
      share: 0.375,
      judged: 2,
    });
    expect(claimsShare([said('misleading')], silent).borneOut).toBe(0);
    expect(claimsShare([said('cannotTest')], silent)).toEqual({ said: 0.25, share: 0.25, judged: 0 });
  });
});
