import { describe, expect, it } from 'vitest';
import { messagesIn, rewritten } from './messages.mjs';

const texts = (code: string, file = 'a.tsx'): string[] => messagesIn(file, code).map(({ text }) => text);
const loud = (text: string): string => text.toUpperCase().replace(/\{(\d+)\}/g, '{$1}');

describe('what a source file says', () => {
  it('is the text of an element as a whole, with numbered gaps', () => {
    const [one] = messagesIn('a.tsx', 'const a = <p>Weigh {n} of <b>{name}</b>.</p>;');
    expect(one).toEqual({ text: 'Weigh {0} of {1}.', gaps: ['n', '<b>{name}</b>'] });
  });

  it('joins lines as the page does', () => {
    expect(texts("const a = <p>\n  Keep it\n  dry.{' '}\n  {more}\n</p>;")).toEqual(['Keep it dry. {0}']);
  });

  it('is a sentence wherever it stands, and a word only where it is read', () => {
    expect(texts('refuse("a.b", `${x} is over 1`);')).toEqual(['{0} is over 1']);
    expect(texts('const a = { key: "sand", label: "Sand" };')).toEqual(['Sand']);
    expect(texts('const KIND_WORDS = { sand: "sand" };')).toEqual(['sand']);
    expect(texts('const a = <Field label="depth" name="depth" className="flex items-end" />;')).toEqual(['depth']);
  });

  it('leaves keys, comparisons, imports, types and styles alone', () => {
    expect(texts('import a from "Some thing";')).toEqual([]);
    expect(texts('type A = "Some thing.";')).toEqual([]);
    expect(texts('if (a === "Some thing.") b();')).toEqual([]);
    expect(texts('const a = { "Some thing.": 1 };')).toEqual([]);
    expect(texts('const KINDS = ["dust dry", "just moist"] as const;')).toEqual([]);
    expect(texts('const a = <p className={`flex ${on ? "font-bold" : ""} gap-2`} />;')).toEqual([]);
  });

  it('finds one of several words in a gap', () => {
    expect(texts('const a = `${x} too ${y ? "airy" : "close"}`;')).toEqual(['{0} too {1}', 'airy', 'close']);
  });
});

describe('a file in another language', () => {
  it('has every text in its place, also inside gaps', () => {
    const code = 'const a = <p title="Keep">Weigh {n > 1 ? "lots" : "one lot"} <b>dry</b></p>;';
    expect(rewritten('a.tsx', code, loud)).toBe(
      'const a = <p title={"KEEP"}>{"WEIGH "}{n > 1 ? "LOTS" : "ONE LOT"}{" "}<b>{"DRY"}</b></p>;',
    );
  });

  it('may put gaps in another order', () => {
    const turned = (): string => '{1} hat {0}';
    expect(rewritten('a.ts', 'const a = `${who} has ${what} of it.`;', turned)).toBe('const a = `${what} hat ${who}`;');
  });

  it('keeps the blanks at its ends', () => {
    expect(rewritten('a.ts', 'const SAID_WORDS = `, until ${day} `;', loud)).toBe('const SAID_WORDS = `, UNTIL ${day} `;');
  });

  it('is refused where a translation loses a value', () => {
    expect(() => rewritten('a.ts', 'refuse("a", `${x} is over 1.`);', () => 'ist zu viel')).toThrow(/not all kept once/);
  });

  it('says the same in the language of the source', () => {
    const code = 'const a = <p>It`s {n} {"of"} ${x}\\n</p>; const b = `a \\`b\\` ${n} is here.`;';
    const again = rewritten('a.tsx', code, (text) => text);
    expect(messagesIn('a.tsx', again)).toEqual(messagesIn('a.tsx', code));
  });
});
