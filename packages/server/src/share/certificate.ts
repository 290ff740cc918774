import { createPrivateKey, X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DAY_MS } from '@hornblende/core/lib';
import { StartProblem } from '../lib/start-problem.js';

/** What the workshop shows phones that it is itself. */
export interface Certificate {
  /** As PEM. */
  key: string;
  certificate: string;
  /** Of the certificate, SHA-256: pairs of hexadecimal figures with colons between them. */
  fingerprint: string;
}

/** Files of a certificate that somebody made elsewhere. */
export interface OwnCertificate {
  certificate: string;
  key: string;
}

const KEY_FILE = 'share-key.pem';
const CERTIFICATE_FILE = 'share-certificate.pem';
/** How long a certificate holds, and from when before its end another one is made, days. */
const HOLDS_DAYS = 365;
const RENEWED_DAYS = 30;
/** Only whoever serves the workshop reads its key. */
const OWNER_ONLY = 0o600;

/**
 * The workshop's certificate for an address: made on first use, kept in its folder, and made anew a month before it
 * ends or where the address is another.
 */
export async function workshopCertificate(dataDir: string, host: string, now: Date): Promise<Certificate> {
  const kept = keptIn(dataDir);
  return kept && holdsFor(kept.certificate, host, now) ? kept : await made(dataDir, host, now);
}

function keptIn(dataDir: string): Certificate | null {
  const keyFile = join(dataDir, KEY_FILE);
  const file = join(dataDir, CERTIFICATE_FILE);
  if (!existsSync(keyFile) || !existsSync(file)) return null;
  const certificate = readFileSync(file, 'utf8');
  const key = readFileSync(keyFile, 'utf8');
  try {
    return { key, certificate, fingerprint: new X509Certificate(certificate).fingerprint256 };
  } catch {
    // What cannot be read is made anew.
    return null;
  }
}

function holdsFor(certificate: string, host: string, now: Date): boolean {
  const read = new X509Certificate(certificate);
  const end = new Date(read.validTo).getTime() - RENEWED_DAYS * DAY_MS;
  return read.checkIP(host) !== undefined && now.getTime() < end;
}

async function made(dataDir: string, host: string, now: Date): Promise<Certificate> {
  // Read only where something is shared: it is large.
  const { generate } = await import('selfsigned');
  const { private: key, cert: certificate } = await generate(
    [{ name: 'commonName', value: 'Hornblende workshop' }],
    {
      keyType: 'ec',
      curve: 'P-256',
      algorithm: 'sha256',
      // A phone whose clock is a little behind takes it as well.
      notBeforeDate: new Date(now.getTime() - DAY_MS),
      notAfterDate: new Date(now.getTime() + HOLDS_DAYS * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: false, critical: true },
        { name: 'keyUsage', digitalSignature: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        { name: 'subjectAltName', altNames: [{ type: 7, ip: host }] },
      ],
    },
  );
  writeFileSync(join(dataDir, KEY_FILE), key, { mode: OWNER_ONLY });
  writeFileSync(join(dataDir, CERTIFICATE_FILE), certificate, { mode: OWNER_ONLY });
  return { key, certificate, fingerprint: new X509Certificate(certificate).fingerprint256 };
}

/** A certificate that somebody made elsewhere. @throws StartProblem where it cannot be read, or its key is another's */
export function ownCertificate({ certificate: file, key: keyFile }: OwnCertificate): Certificate {
  const certificate = textOf('--certificate', file);
  const key = textOf('--key', keyFile);
  const read = readOr(
    () => new X509Certificate(certificate),
    new StartProblem(`--certificate ${file}`, 'is no certificate', 'Give one as PEM'),
  );
  const itsKey = readOr(
    () => createPrivateKey(key),
    new StartProblem(`--key ${keyFile}`, 'is no key', 'Give one as PEM, without a pass phrase'),
  );
  if (!read.checkPrivateKey(itsKey))
    throw new StartProblem(
      `--key ${keyFile}`,
      'is not the key of that certificate',
      'Give the one that it was made with',
    );
  return { key, certificate, fingerprint: read.fingerprint256 };
}

function readOr<T>(read: () => T, problem: StartProblem): T {
  try {
    return read();
  } catch {
    throw problem;
  }
}

function textOf(option: string, file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    throw new StartProblem(`${option} ${file}`, 'cannot be read', 'Say a file that is there');
  }
}
