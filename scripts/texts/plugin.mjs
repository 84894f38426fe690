// Builds the interface and the server in a language: every text of the source is what its catalogue says for it.
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from '../root.mjs';
import { translator } from './catalogue.mjs';
import { rewrittenTable } from './data.mjs';
import { rewritten } from './messages.mjs';
import { isSource } from './sources.mjs';

/** The language that is asked for. */
export const language = () => process.env.BENT_PAIL_LANGUAGE ?? 'en';

/** Plugins for rolldown and Vite; none for the language of the source. */
export function inLanguage() {
  const translate = translator(language());
  if (translate === undefined) return [];
  return [
    {
      name: 'texts-of-a-language',
      enforce: 'pre',
      load(id) {
        const file = path.relative(ROOT, id.split('?')[0]);
        if (!isSource(file)) return null;
        const code = fs.readFileSync(path.join(ROOT, file), 'utf8');
        return file.endsWith('.json')
          ? JSON.stringify(rewrittenTable(JSON.parse(code), translate))
          : { code: rewritten(file, code, translate), map: null };
      },
      transformIndexHtml: (html) => html.replace(/lang="[^"]*"/, `lang="${language()}"`),
    },
  ];
}
