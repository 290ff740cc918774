import { afterEach } from 'vitest';
import { unmountAll } from './mounted';

// Set up anew for each file: a hook that a shared module sets is set for the file alone that reads it first.
afterEach(unmountAll);
