// The catalogue of a language, `texts/<language>.po`: every text that the product says beside what is said instead.
import fs from 'node:fs';
import path from 'node:path';
import { po } from 'gettext-parser';
import { ROOT } from '../root.mjs';
import { pseudo } from './pseudo.mjs';

const FOLDER = path.join(ROOT, 'texts');
/** Language of the source. */
export const SOURCE = 'en';
/** The language of the test that looks for what escaped. */
export const PSEUDO = 'pseudo';

export const catalogueFile = (language) => path.join(FOLDER, `${language}.po`);

/** What a language says for each text; a text that it lacks. */
export function readCatalogue(language) {
  const { translations } = po.parse(fs.readFileSync(catalogueFile(language)));
  return new Map(
    Object.values(translations[''] ?? {})
      .filter(({ msgid, msgstr, comments }) => msgid !== '' && msgstr[0] !== '' && comments?.flag !== 'fuzzy')
      .map(({ msgid, msgstr }) => [msgid, msgstr[0]]),
  );
}

/** Languages that there is a catalogue of. */
export const languages = () =>
  fs
    .readdirSync(FOLDER)
    .filter((name) => name.endsWith('.po'))
    .map((name) => name.slice(0, -'.po'.length));

/** How a language says a text of the source; what it does not know stays English. Undefined for the source's own. */
export function translator(language) {
  if (language === SOURCE) return undefined;
  if (language === PSEUDO) return pseudo;
  if (!fs.existsSync(catalogueFile(language)))
    throw new Error(`There is no catalogue texts/${language}.po; there are ${languages().join(', ')}.`);
  const known = readCatalogue(language);
  return (text) => known.get(text) ?? text;
}

/**
 * The catalogue as it is written: texts in the order in which they are found, each with where it is said and what goes
 * into its gaps, and what the language says for it.
 */
export function writtenCatalogue(language, texts, saidFor) {
  const translations = Object.fromEntries(
    texts.map(({ text, places, gaps }) => [
      text,
      {
        msgid: text,
        msgstr: [saidFor(text) ?? ''],
        comments: {
          reference: places.join('\n'),
          ...(gaps.length > 0 && { extracted: gaps.map((gap, i) => `{${String(i)}}: ${gap}`).join('\n') }),
        },
      },
    ]),
  );
  const headers = { 'Content-Type': 'text/plain; charset=utf-8', Language: language };
  return po.compile({ charset: 'utf-8', headers, translations: { '': translations } }, { foldLength: 118 });
}
