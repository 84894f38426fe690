// Debian's packages: found where they are, installed where that is allowed.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import { Advice } from './advice.mjs';

const isRoot = process.getuid?.() === 0;

/** Installs Debian packages where that is allowed; otherwise says what to type. */
export function installDebian(packages, what) {
  const command = `apt-get update && apt-get install -y ${packages.join(' ')}`;
  const sudo = isRoot ? [] : ['sudo', '-n'];
  if (!fs.existsSync('/usr/bin/apt-get') || (!isRoot && spawnSync('sudo', ['-n', 'true']).status !== 0)) {
    throw new Advice(`${what} is missing and cannot be installed from here. Ask an administrator to run: ${command}`);
  }
  console.log(`${what} is missing: installing ${packages.join(' ')} from Debian’s packages.`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', ...packages],
  ]) {
    const [program, ...rest] = [...sudo, 'apt-get', ...args];
    const done = spawnSync(program, rest, { stdio: ['ignore', 'ignore', 'inherit'], env });
    if (done.status !== 0)
      throw new Advice(`${what} could not be installed. Run this by hand and start again: ${command}`);
  }
}

function findBinaries() {
  const base = '/usr/lib/postgresql';
  if (!fs.existsSync(base)) return undefined;
  const versions = fs.readdirSync(base).filter((version) => fs.existsSync(`${base}/${version}/bin/initdb`));
  versions.sort((a, b) => Number(b) - Number(a));
  return versions[0] === undefined ? undefined : `${base}/${versions[0]}/bin`;
}

/** Folder of PostgreSQL's programs; installs them if they are missing. */
export function postgresPrograms() {
  const found = findBinaries();
  if (found !== undefined) return found;
  installDebian(['postgresql'], 'PostgreSQL');
  const installed = findBinaries();
  if (installed === undefined)
    throw new Advice('PostgreSQL was installed, but its programs are not where Debian puts them.');
  return installed;
}
