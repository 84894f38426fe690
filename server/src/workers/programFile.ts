import { fileURLToPath } from 'node:url';

/** A file of ours that runs apart from the server, and what Node needs to run it. */
export interface Program {
  readonly file: string;
  readonly execArgv: string[];
  /** How the source is to be read, where it is no built file. */
  readonly env: NodeJS.ProcessEnv;
}

/** Whether this runs from its source, as in tests and while working on it, rather than built. */
const IS_SOURCE = import.meta.url.endsWith('.ts');

/** A program that stands beside this file in the source, and beside the server once built. */
export const programFile = (name: string): Program => ({
  file: fileURLToPath(new URL(IS_SOURCE ? `./${name}.ts` : `./${name}.js`, import.meta.url)),
  execArgv: IS_SOURCE ? ['--import', 'tsx'] : [],
  env: IS_SOURCE ? { TSX_TSCONFIG_PATH: fileURLToPath(new URL('../../../tsconfig.tsx.json', import.meta.url)) } : {},
});
