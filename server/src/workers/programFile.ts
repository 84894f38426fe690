import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

/** A file of ours that runs apart from the server, and what Node needs to run it. */
export interface Program {
  readonly file: string;
  readonly execArgv: string[];
  /** How the source is to be read, where it is no built file. */
  readonly env: NodeJS.ProcessEnv;
}

/** Whether this runs from its source, as in tests and while working on it, rather than built. */
const IS_SOURCE = import.meta.url.endsWith('.ts');

/** Where programs are built, as an address of files that end in a slash; none where only their source is there. */
function builtPrograms(): string | undefined {
  if (!IS_SOURCE) return import.meta.url;
  // Tests run the source, and build the programs before: each would be read anew from its source with every start.
  const { BENT_PAIL_PROGRAMS: folder } = process.env;
  return folder === undefined ? undefined : pathToFileURL(path.join(folder, '/')).href;
}

/** A program that stands beside this file in the source, and beside the server once built. */
export function programFile(name: string): Program {
  const built = builtPrograms();
  if (built !== undefined) return { file: fileURLToPath(new URL(`./${name}.js`, built)), execArgv: [], env: {} };
  return {
    file: fileURLToPath(new URL(`./${name}.ts`, import.meta.url)),
    execArgv: ['--import', 'tsx'],
    env: { TSX_TSCONFIG_PATH: fileURLToPath(new URL('../../../tsconfig.tsx.json', import.meta.url)) },
  };
}
