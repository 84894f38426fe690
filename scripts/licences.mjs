// What the product is shipped with and under which licences, written down: npm run licences (-- --check)
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from './root.mjs';

const PLACE = path.join(ROOT, 'docs/licences.md');
/** Licences under which something may be shipped beside our own. */
const FREE =
  /^(MIT|MIT-0|ISC|BSD-2-Clause|BSD-3-Clause|0BSD|Apache-2\.0|Unlicense|CC0-1\.0|BlueOak-1\.0\.0|Zlib|OFL-1\.1|MPL-2\.0|PostgreSQL|Python-2\.0|LGPL-3\.0-or-later)$/;
/** Of a choice the first that is free; of several that all hold each has to be. */
const isFree = (licence) =>
  licence
    .replace(/[()]/g, '')
    .split(' AND ')
    .every((part) => part.split(' OR ').some((one) => FREE.test(one.trim())));

const { packages } = JSON.parse(fs.readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8'));
/** Packages that are there when the product runs; those of other systems and our own are left out. */
const shipped = Object.entries(packages)
  .filter(([place, { dev, link, os }]) => place.startsWith('node_modules/') && !dev && !link && os === undefined)
  .map(([place, { version, license }]) => {
    const manifest = path.join(ROOT, place, 'package.json');
    const said = fs.existsSync(manifest) ? JSON.parse(fs.readFileSync(manifest, 'utf8')) : {};
    const own = said.license ?? said.licenses?.[0]?.type;
    return { name: place.replace(/^.*node_modules\//, ''), version, licence: license ?? own ?? 'unknown' };
  });

const unfree = shipped.filter(({ licence }) => !isFree(licence));
for (const { name, licence } of unfree) console.error(`${name} is under ${licence}: look whether it may be shipped.`);

const byLicence = new Map();
for (const { name, licence } of shipped) byLicence.set(licence, new Set([...(byLicence.get(licence) ?? []), name]));
const rows = [...byLicence]
  .sort(([, a], [, b]) => b.size - a.size)
  .map(
    ([licence, names]) =>
      `| ${licence} | ${names.size} | ${[...names].sort((a, b) => a.localeCompare(b)).join(', ')} |`,
  );
const text = `# Licences

What the product is shipped with, by licence; written by \`npm run licences\` from the packages that run with it (not those that only build or test it, nor those of one system alone). PostgreSQL is Debian's own. Bent Pail itself is under the MIT licence.

| licence | packages | which |
| --- | --- | --- |
${rows.join('\n')}
`;

if (process.argv.includes('--check')) {
  if (!fs.existsSync(PLACE) || fs.readFileSync(PLACE, 'utf8') !== text) {
    console.error('docs/licences.md is not what the packages say; run npm run licences.');
    process.exitCode = 1;
  }
} else fs.writeFileSync(PLACE, text);
if (unfree.length > 0) process.exitCode = 1;
