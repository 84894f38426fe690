import { po } from 'gettext-parser';
import { describe, expect, it } from 'vitest';
import { PSEUDO, SOURCE, translator, writtenCatalogue } from './catalogue.mjs';

const TEXTS = [{ text: 'Weigh {0}.', places: ['web/src/a.tsx', 'core/src/b.ts'], gaps: ['name'] }];

const entry = (file: Buffer): unknown => po.parse(file).translations['']?.['Weigh {0}.'];

describe('the catalogue of a language', () => {
  it('says where a text stands and what goes into its gaps', () => {
    expect(entry(writtenCatalogue('de', TEXTS, () => '{0} wiegen.'))).toMatchObject({
      msgstr: ['{0} wiegen.'],
      comments: { reference: 'web/src/a.tsx\ncore/src/b.ts', extracted: '{0}: name' },
    });
  });

  it('leaves open what nobody has translated yet', () => {
    expect(entry(writtenCatalogue('de', TEXTS, () => undefined))).toMatchObject({ msgstr: [''] });
  });

  it('is none for the language of the source, and refused by name where there is none', () => {
    expect(translator(SOURCE)).toBeUndefined();
    expect(() => translator('xx')).toThrow(/no catalogue texts\/xx\.po; there are en/);
  });

  it('changes every letter and no gap in the language that nobody speaks', () => {
    expect(translator(PSEUDO)?.('Weigh {0} mL.')).toBe('Ŵéíĝĥ {0} ɱĻ.');
  });
});
