import { describe, expect, it } from 'vitest';
import { seenText, seenTexts } from './seenText';

describe('a text without what nobody can see', () => {
  it.each([
    ['\u202egnirts', 'gnirts'],
    ['Bark\u2066 5\u2069', 'Bark 5'],
    ['zero\u200bwidth', 'zerowidth'],
    ['\ufeffCoir', 'Coir'],
    ['pine\u00adbark', 'pinebark'],
    ['Per\u200dlite\u200f', 'Perlite'],
    ['\u200eLoam \u061c2', 'Loam 2'],
    ['a\u0008b\u009fc', 'abc'],
    ['Grit\u{e0041}', 'Grit'],
    ['\u3164', ''],
  ])('%j is kept as %j', (typed, kept) => {
    expect(seenText(typed)).toBe(kept);
  });

  it.each([
    ['lines and tabs', 'one\n\ttwo\r\n'],
    ['accents, put together or not', 'Rindenh\u00fcmus e\u0301'],
    ['thin and hard spaces', '1\u2009541.6\u00a0mL'],
    ['Persian with its joiners', '\u0645\u06cc\u200c\u062e\u0648\u0627\u0647\u0645'],
    ['Hindi with its joiners', '\u0915\u094d\u200d\u0937'],
    ['a picture of several', '\u{1f469}\u200d\u{1f33e}'],
    ['a flag of Wales', '\u{1f3f4}\u{e0067}\u{e0062}\u{e0077}\u{e006c}\u{e0073}\u{e007f}'],
    ['NUL, which is refused elsewhere', 'a\u0000b'],
  ])('keeps %s', (_, text) => {
    expect(seenText(text)).toBe(text);
  });

  it('goes through lists and bodies, and leaves what is no text', () => {
    const at = new Date(0);
    const typed = { name: 'Ba\u200brk', aliases: ['\u202ex'], pH: 5.2, is: true, none: null, inner: { at } };
    expect(seenTexts(typed)).toEqual({ name: 'Bark', aliases: ['x'], pH: 5.2, is: true, none: null, inner: { at } });
    expect(Object.getPrototypeOf(seenTexts(JSON.parse('{"__proto__": {"a": 1}}')))).toBe(Object.prototype);
  });
});
