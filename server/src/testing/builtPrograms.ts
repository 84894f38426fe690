import { inject } from 'vitest';

// What runs apart from the server runs as it was built for the tests, also where no server is started.
process.env.BENT_PAIL_PROGRAMS = inject('programs');
