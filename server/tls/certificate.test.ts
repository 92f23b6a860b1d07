import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { createDoors } from '../doors.ts';
import { ownCertificate, readCertificate } from './certificate.ts';

const NOW = new Date('2026-11-24T09:00:00Z');
const later = (days: number): Date => new Date(NOW.getTime() + days * 86_400_000);
const NAMES = ['localhost', 'clover-laptop.local', '192.168.1.20'];

describe('https', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-tls-'));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('has a certificate of this computer’s own, for all its names, which nobody else can read the key of', async () => {
    const { cert, file } = await ownCertificate(join(folder, 'tls'), NAMES, NOW);
    const parsed = new X509Certificate(cert);
    expect(parsed.subjectAltName).toBe('DNS:localhost, DNS:clover-laptop.local, IP Address:192.168.1.20');
    expect(parsed.checkHost('clover-laptop.local')).toBe('clover-laptop.local');
    expect(parsed.checkIP('192.168.1.20')).toBe('192.168.1.20');
    expect(readFileSync(file, 'utf8')).toBe(cert);
    expect(statSync(join(folder, 'tls/hoppel.key')).mode & 0o077).toBe(0);
  });
  it('keeps it, until its end is near or the computer goes by another name', async () => {
    const first = await ownCertificate(folder, NAMES, NOW);
    expect((await ownCertificate(folder, NAMES, later(300))).cert).toBe(first.cert);
    expect((await ownCertificate(folder, NAMES.slice(0, 2), later(1))).cert).toBe(first.cert);
    const more = await ownCertificate(folder, [...NAMES, '10.0.0.7'], later(1));
    expect(more.cert).not.toBe(first.cert);
    expect((await ownCertificate(folder, NAMES, later(340))).cert).not.toBe(more.cert);
  });
  it('takes one it is given, and says what is wrong with it', async () => {
    const { cert, key } = await ownCertificate(folder, NAMES, NOW);
    const other = await ownCertificate(join(folder, 'other'), NAMES, NOW);
    const [certFile, keyFile, otherKey] = ['a.crt', 'a.key', 'b.key'].map((name) => join(folder, name)) as [
      string,
      string,
      string,
    ];
    writeFileSync(certFile, cert);
    writeFileSync(keyFile, key);
    writeFileSync(otherKey, other.key);
    expect(readCertificate(certFile, keyFile, NOW)).toEqual({ cert, key });
    expect(() => readCertificate(certFile, otherKey, NOW)).toThrow('does not belong');
    expect(() => readCertificate(certFile, keyFile, later(400))).toThrow('over since');
    expect(() => readCertificate(keyFile, keyFile, NOW)).toThrow();
    expect(() => readCertificate(join(folder, 'none'), keyFile, NOW)).toThrow('ENOENT');
  });
  it('is spoken to the network alone, and shut there again; this computer goes on by http', async () => {
    const { cert, key } = await ownCertificate(folder, ['localhost', '127.0.0.2'], new Date());
    const doors = createDoors((_req, res) => res.end('here'), { cert, key, port: 0 });
    await doors.open(0, false);
    /** What is said at an address of this machine at which only the network's door is. */
    const asked = (): Promise<string> =>
      new Promise((done) => {
        const sent = request({ host: '127.0.0.2', port: doors.outsidePort(), agent: false, ca: cert }, (res) => {
          let text = '';
          res.setEncoding('utf8').on('data', (more: string) => (text += more));
          res.on('end', () => done(text));
        });
        sent.on('error', (error: NodeJS.ErrnoException) => done(error.code ?? 'failed'));
        sent.end();
      });
    const own = async (): Promise<string> => (await fetch(`http://127.0.0.1:${doors.port()}/`)).text();
    expect(await own()).toBe('here');
    await doors.change(true);
    expect([doors.lan(), await asked(), await own()]).toEqual([true, 'here', 'here']);
    const outside = doors.outsidePort();
    await doors.change(false);
    expect([doors.lan(), await asked(), await own()]).toEqual([false, 'ECONNREFUSED', 'here']);
    // Let in again it is the same address.
    await doors.change(true);
    expect([doors.outsidePort(), await asked()]).toEqual([outside, 'here']);
    await doors.end();
  });
});
