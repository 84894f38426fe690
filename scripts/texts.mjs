// The catalogues of `texts/`, one for each language: every text that the product says, with where it is said. English is
// gathered from the source; the others keep what they say, gain what is new and lose what is said no more. `--check`
// fails where a catalogue is not what would be written.
import fs from 'node:fs';
import path from 'node:path';
import { catalogueFile, languages, readCatalogue, SOURCE, writtenCatalogue } from './texts/catalogue.mjs';
import { rewrittenTable } from './texts/data.mjs';
import { messagesIn } from './texts/messages.mjs';
import { sources } from './texts/sources.mjs';
import { ROOT } from './root.mjs';

function messagesOf(file) {
  const code = fs.readFileSync(path.join(ROOT, file), 'utf8');
  if (!file.endsWith('.json')) return messagesIn(file, code);
  const found = [];
  rewrittenTable(JSON.parse(code), (text) => {
    found.push({ text, gaps: [] });
    return text;
  });
  return found;
}

const texts = new Map();
for (const file of sources())
  for (const { text, gaps } of messagesOf(file)) {
    const known = texts.get(text) ?? { text, gaps, places: [] };
    if (!known.places.includes(file)) known.places.push(file);
    texts.set(text, known);
  }

const asked = process.argv[2];
for (const language of new Set([SOURCE, ...languages(), ...(/^[a-z]/.test(asked ?? '') ? [asked] : [])])) {
  const file = catalogueFile(language);
  const known = language !== SOURCE && fs.existsSync(file) ? readCatalogue(language) : new Map();
  const said = writtenCatalogue(language, [...texts.values()], (text) =>
    language === SOURCE ? text : known.get(text),
  );
  if (asked !== '--check') {
    fs.mkdirSync(path.dirname(file), { recursive: true });
    fs.writeFileSync(file, said);
  } else if (!fs.readFileSync(file).equals(said)) {
    process.stdout.write(`texts/${language}.po is not what the product says; run npm run texts\n`);
    process.exitCode = 1;
  }
}
