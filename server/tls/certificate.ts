import { X509Certificate, createPrivateKey } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';

/** What https is spoken with, both PEM. */
export interface Certificate {
  readonly cert: string;
  readonly key: string;
}

const DAY_MS = 24 * 60 * 60 * 1000;
/** Days one of this computer's own holds: browsers take none that hold longer than 825, Apple's not. */
const HOLDS_DAYS = 365;
/** Days before its end at which another is made. */
const RENEWED_DAYS = 30;

/**
 * Reads a certificate somebody gave this computer.
 * @throws Error in a sentence: a file cannot be read, is none, is over, or the two do not belong together
 */
export const readCertificate = (certFile: string, keyFile: string, now: Date): Certificate => {
  const cert = readFileSync(certFile, 'utf8');
  const key = readFileSync(keyFile, 'utf8');
  const parsed = new X509Certificate(cert);
  if (!parsed.checkPrivateKey(createPrivateKey(key))) throw new Error('the key does not belong to the certificate');
  if (new Date(parsed.validTo) <= now) throw new Error(`the certificate is over since ${parsed.validTo}`);
  return { cert, key };
};

const saidFor = (name: string): string => (isIP(name) === 0 ? `DNS:${name}` : `IP Address:${name}`);
/** Does a certificate hold for a while yet, for all these names and addresses? */
const stillFits = ({ cert, key }: Certificate, names: readonly string[], now: Date): boolean => {
  const parsed = new X509Certificate(cert);
  const said = new Set((parsed.subjectAltName ?? '').split(', '));
  const left = new Date(parsed.validTo).getTime() - now.getTime();
  return (
    left > RENEWED_DAYS * DAY_MS &&
    parsed.checkPrivateKey(createPrivateKey(key)) &&
    names.every((one) => said.has(saidFor(one)))
  );
};

/**
 * This computer's own certificate for the names and addresses it goes by, kept in a folder and made anew where one is missing or its end
 * is near. Nobody has vouched for it: a tablet warns, until it was told to trust the file.
 * @returns it, and the file to give to tablets
 */
export const ownCertificate = async (
  folder: string,
  names: readonly string[],
  now: Date,
): Promise<Certificate & { readonly file: string }> => {
  const [file, keyFile] = [join(folder, 'hoppel.crt'), join(folder, 'hoppel.key')];
  if (existsSync(file) && existsSync(keyFile)) {
    const kept = { cert: readFileSync(file, 'utf8'), key: readFileSync(keyFile, 'utf8') };
    if (stillFits(kept, names, now)) return { ...kept, file };
  }
  // A tenth of a start, which only a computer without a certificate pays.
  const { generate } = await import('selfsigned');
  const { cert, private: key } = await generate([{ name: 'commonName', value: 'Hoppel on this computer' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    // An hour's leave for tablets whose clock is a little behind.
    notBeforeDate: new Date(now.getTime() - 60 * 60 * 1000),
    notAfterDate: new Date(now.getTime() + HOLDS_DAYS * DAY_MS),
    extensions: [
      // A tablet takes only such a one among those it trusts.
      { name: 'basicConstraints', cA: true, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((one) => (isIP(one) === 0 ? { type: 2, value: one } : { type: 7, ip: one })),
      },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(keyFile, key, { mode: 0o600 });
  writeFileSync(file, cert, { mode: 0o644 });
  return { cert, key, file };
};
