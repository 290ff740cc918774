import { afterEach, vi } from 'vitest';
import { askedJobs } from '../fake-computer';
import { unmountAll } from './mounted';

// What is set up here is set up for each file: files share their modules, so that what one of them mocks or hooks by
// itself holds for those alone that have not been read before.
vi.mock('../../src/workers/compute', async () => (await import('../fake-computer')).fakeCompute());
afterEach(() => {
  unmountAll();
  askedJobs.length = 0;
});
