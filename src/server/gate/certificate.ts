import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';
import { generate } from 'selfsigned';
import { certificateFile, shareFolder } from '../ways-in/certificate-file';

/** What the gate proves itself by. */
export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256 over the certificate, in pairs: what a browser shows of it. */
  readonly fingerprint: string;
}

/** Browsers take no certificate that holds for longer than this, days. */
const HOLDS_DAYS = 397;
const DAY_MS = 24 * 3_600_000;
/** Made anew so many days before it ends. */
const BEFORE_END_DAYS = 14;

/**
 * The certificate of a data folder: the one that is there where it holds for all the names and is not about to end, else one
 * made now. Kept to its owner alone.
 * @param names host names and addresses that it is to hold for
 */
export async function certificateFor(
  folder: string,
  names: readonly string[],
  nowMs: number,
): Promise<Certificate> {
  const known = readKnown(folder);
  if (known !== null && holdsFor(known.cert, names, nowMs)) return known;
  const made = await generate([{ name: 'commonName', value: 'Olvik' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notBeforeDate: new Date(nowMs - DAY_MS),
    notAfterDate: new Date(nowMs + HOLDS_DAYS * DAY_MS),
    extensions: [
      { name: 'basicConstraints', cA: false },
      { name: 'subjectAltName', altNames: names.map(altName) },
    ],
  });
  const inside = shareFolder(folder);
  mkdirSync(inside, { recursive: true, mode: 0o700 });
  written(path.join(inside, 'key.pem'), made.private);
  written(certificateFile(folder), made.cert);
  return { key: made.private, cert: made.cert, fingerprint: fingerprintOf(made.cert) };
}

const altName = (name: string) =>
  isIP(name) === 0 ? { type: 2 as const, value: name } : { type: 7 as const, ip: name };

function readKnown(folder: string): Certificate | null {
  const keyFile = path.join(shareFolder(folder), 'key.pem');
  const file = certificateFile(folder);
  if (!existsSync(keyFile) || !existsSync(file)) return null;
  const cert = readFileSync(file, 'utf8');
  try {
    return { key: readFileSync(keyFile, 'utf8'), cert, fingerprint: fingerprintOf(cert) };
  } catch {
    // Not a certificate any more: another is made.
    return null;
  }
}

const fingerprintOf = (cert: string) => new X509Certificate(cert).fingerprint256;

function holdsFor(text: string, names: readonly string[], nowMs: number): boolean {
  const cert = new X509Certificate(text);
  const ends = Date.parse(cert.validTo) - BEFORE_END_DAYS * DAY_MS;
  return (
    nowMs < ends &&
    names.every((name) =>
      isIP(name) === 0 ? cert.checkHost(name) !== undefined : cert.checkIP(name) !== undefined,
    )
  );
}

function written(file: string, text: string): void {
  writeFileSync(`${file}.part`, text, { mode: 0o600 });
  renameSync(`${file}.part`, file);
}
