import { rmSync } from 'node:fs';
import { sownDemo, TestServer } from './server';

/** Sows the demo workshop once, as a first start does; each test then begins with a copy of it. */
export default async function sowDemo(): Promise<void> {
  rmSync(sownDemo, { recursive: true, force: true });
  const server = new TestServer(sownDemo);
  await server.start();
  const parts = await fetch(`${server.url}/api/parts`);
  if (!parts.ok) throw new Error(`the demo could not be sown: ${parts.status}`);
  await server.stop();
}
