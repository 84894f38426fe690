import { execFile } from 'node:child_process';
import { readFile, rm } from 'node:fs/promises';
import { promisify } from 'node:util';
import { Gate } from '../http/gate';
import { programFile } from '../workers/programFile';
import { PICTURE } from './pictureLimits';
import { notAPhoto, type SentPhoto } from './spool';

export interface Picture {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

const run = promisify(execFile);

/** One photo is decoded at a time; a class that sends at once waits its turn. */
const gate = new Gate({ atOnce: 1, waiting: 60 });

/**
 * A photo made anew from its pixels: whatever else was in the file (place, camera, anything hidden) is gone, and it is
 * no larger than it has to be. Refused with a sentence where it is no picture, has too many pixels or takes too long.
 */
export function reencode({ file, mostPixels }: SentPhoto, within_ms: number = PICTURE.within_ms): Promise<Picture> {
  const made = `${file}.jpeg`;
  const { file: program, execArgv } = programFile('decodePicture');
  return gate.through(async () => {
    try {
      const { stdout } = await run(process.execPath, [...execArgv, program, file, made, String(mostPixels)], {
        timeout: within_ms,
        killSignal: 'SIGKILL',
        env: { ...process.env, MALLOC_ARENA_MAX: '2' },
      }).catch(() => {
        throw notAPhoto();
      });
      const size = JSON.parse(stdout) as Omit<Picture, 'jpeg'>;
      return { jpeg: await readFile(made), ...size };
    } finally {
      await rm(made, { force: true });
    }
  });
}
