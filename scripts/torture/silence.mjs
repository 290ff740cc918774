// Asks for /api/health without a pause, in a thread of its own: the longest time between two answers is what everyone
// else would have felt of a heavy request.
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/** Begins to ask. @returns what ends it and says the longest silence, ms */
async function silence(url) {
  const worker = new Worker(new URL('./pinger.mjs', import.meta.url), { workerData: url });
  await once(worker, 'message');
  return async () => {
    worker.postMessage('stop');
    const [longest] = await once(worker, 'message');
    await worker.terminate();
    return longest;
  };
}

/** Does some work beside a pinger. @returns its answer's status, how long it took and the longest silence, ms */
export async function besidePinger(url, work) {
  const end = await silence(url);
  const began = performance.now();
  const answer = await work();
  const tookMs = performance.now() - began;
  return { status: answer?.status ?? 200, tookMs, longestMs: await end() };
}
