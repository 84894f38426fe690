import { expose } from 'comlink';
import { thinker } from './thinks';

/** Long thinking in a thread of its own. Whoever asks ends the worker to stop it. */
expose(thinker);
