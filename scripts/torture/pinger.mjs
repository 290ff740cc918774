// Asks a server's /api/health again and again until it is told to stop; then says the longest time between two answers.
import { parentPort, workerData } from 'node:worker_threads';

let going = true;
parentPort.on('message', () => (going = false));
let longest = 0;
let last = null;
while (going) {
  await (await fetch(`${workerData}/api/health`)).text();
  const now = performance.now();
  if (last === null) parentPort.postMessage('begun');
  else longest = Math.max(longest, now - last);
  last = now;
}
parentPort.postMessage(longest);
