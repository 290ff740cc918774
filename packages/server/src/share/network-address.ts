import { isIPv4 } from 'node:net';
import { networkInterfaces } from 'node:os';

/** The addresses by which this machine is found on its local network: IPv4, those of home networks first. */
export function networkAddresses(): string[] {
  const all = Object.values(networkInterfaces())
    .flatMap(list => list ?? [])
    .filter(a => a.family === 'IPv4' && !a.internal)
    .map(a => a.address);
  return all.sort((a, b) => Number(isPrivate(b)) - Number(isPrivate(a)));
}

/** Whether an address is of a private network (RFC 1918). */
export function isPrivate(address: string): boolean {
  return isIPv4(address) && /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.)/.test(address);
}
