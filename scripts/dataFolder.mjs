// Where a database lives, written down beside it: found again after a move, never begun anew over an old one.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { Advice } from './advice.mjs';

const isRoot = process.getuid?.() === 0;
/** PostgreSQL refuses root, and its own user may not enter every folder: such data goes here. */
const SYSTEM_FOLDER = '/var/lib/bent-pail';
/** Where it went before, when that was not written down. */
const FORMER_FOLDER = '/var/tmp';
/** A copy of the state, inside the database's own folder. */
const INNER = 'bent-pail.json';

export const SYSTEM_USER = 'postgres';

export function systemUserIds() {
  const entries = fs.readFileSync('/etc/passwd', 'utf8').split('\n');
  const line = entries.find((entry) => entry.startsWith(`${SYSTEM_USER}:`));
  if (line === undefined) throw new Advice(`There is no user ${SYSTEM_USER}, which Debian’s PostgreSQL brings along.`);
  const [, , uid, gid] = line.split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

/** Hands a file to the user that PostgreSQL runs as. */
export function hand(place, mode) {
  fs.chmodSync(place, mode);
  if (!isRoot) return;
  const { uid, gid } = systemUserIds();
  fs.chownSync(place, uid, gid);
}

/** Writes a file whole or not at all, also where the power fails. */
export function writeWhole(file, text) {
  const draft = `${file}.${process.pid}.new`;
  const handle = fs.openSync(draft, 'w', 0o600);
  fs.writeSync(handle, text);
  fs.fsyncSync(handle);
  fs.closeSync(handle);
  fs.renameSync(draft, file);
}

function readState(file) {
  if (!fs.existsSync(file)) return undefined;
  try {
    const state = JSON.parse(fs.readFileSync(file, 'utf8'));
    if (typeof state.password === 'string' && Number.isInteger(state.port)) return state;
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
  }
  throw new Advice(
    `${file} cannot be read; it says where the notebook lives and how it is opened. Nothing was changed. Put a copy of it back, or move it aside: where the database is whole, it is found again.`,
  );
}

const entriesOf = (folder) => {
  try {
    return fs.readdirSync(folder);
  } catch (error) {
    if (error.code === 'ENOENT') return [];
    throw error;
  }
};

/**
 * The place of the database `name` of a folder: `{ folder, data, state, stateFile, keep }`. `state` is undefined where
 * there is none yet. Refuses what is neither whole nor empty, in a sentence, and changes nothing then.
 */
export function placeOf(folder, name) {
  fs.mkdirSync(folder, { recursive: true });
  const real = fs.realpathSync(folder);
  const hash = createHash('sha256').update(`${real}:${name}`).digest('hex').slice(0, 10);
  const stateFile = path.join(real, `pg-${name}.json`);
  const mayEnter =
    !isRoot || spawnSync('setpriv', ['--reuid', SYSTEM_USER, '--clear-groups', 'test', '-x', real]).status === 0;
  const usual = path.join(mayEnter ? real : path.join(SYSTEM_FOLDER, hash), `pg-${name}`);
  const former = path.join(FORMER_FOLDER, `bent-pail-${hash}`, `pg-${name}`);

  const outer = readState(stateFile);
  const data = dataOf(outer);
  const state = outer ?? readState(path.join(data, INNER));
  refuse();
  return { folder: real, data, state, stateFile, socketName: `bent-pail-${hash}`, keep };

  function dataOf(known) {
    if (known?.data !== undefined) return path.resolve(real, known.data);
    // Before places were written down there were two.
    return known !== undefined && !fs.existsSync(usual) && fs.existsSync(former) ? former : usual;
  }

  function refuse() {
    const entries = entriesOf(data);
    if (entries.includes('PG_VERSION')) {
      if (state === undefined)
        throw new Advice(
          `${data} holds a database, but ${stateFile}, which says how it is opened, is missing. Nothing was changed. Put it back, or move ${data} aside to begin anew.`,
        );
      refuseForeign();
      return;
    }
    if (entries.length > 0)
      throw new Advice(
        `${data} is no whole database: it holds ${entries.length} files, and PG_VERSION is not among them. Perhaps it was copied in part. Nothing was changed. Put the rest back, or move it aside and restore a backup (npm run restore -- FILE).`,
      );
    if (state !== undefined)
      throw new Advice(
        `The notebook of this folder lived in ${data}, where there is nothing now. Nothing was begun anew. Put it back there; or move ${stateFile} aside, and restore a backup (npm run restore -- FILE) or begin a new one.`,
      );
  }

  function refuseForeign() {
    const owner = fs.statSync(data).uid;
    const mine = isRoot ? systemUserIds().uid : process.getuid?.();
    if (owner !== mine)
      throw new Advice(
        `The database in ${data} belongs to another user (number ${owner}). Start as that user; nothing was changed.`,
      );
  }

  /** Writes down where the database lives and how it is opened: inside it first, so that it is never without. */
  function keep(next, { inside = data } = {}) {
    const within = path.relative(real, data);
    const text = JSON.stringify({ ...next, data: within.startsWith('..') ? data : within });
    writeWhole(path.join(inside, INNER), text);
    hand(path.join(inside, INNER), 0o600);
    if (inside === data) writeWhole(stateFile, text);
  }
}
