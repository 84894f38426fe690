/** Asked of a thread before its first task: it answers once it has loaded all that it needs. */
export const READY = 'ready';
