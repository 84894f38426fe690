import { afterEach } from 'vitest';
