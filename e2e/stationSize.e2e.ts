import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { describe, expect, it } from '@jest/globals';

const WEB = resolve(import.meta.dirname, '../dist/web');
/** Bytes on the way: page, script and style, each packed as the server packs it. An old tablet in a full room waits for every one. */
const MOST = 200_000;

describe('the station’s first load', () => {
  it('stays under 200 kB packed', () => {
    const page = readFileSync(join(WEB, 'station.html'), 'utf8');
    const named = [...page.matchAll(/(?:src|href)="(\/[^"]+\.(?:js|css))"/g)].map(([, file]) => file!);
    expect(named.filter((file) => file.endsWith('.js')).length).toBeGreaterThan(3);
    const files = [...new Set(['station.html', ...named])];
    const bytes = files.reduce((sum, file) => sum + gzipSync(readFileSync(join(WEB, file))).length, 0);
    expect(bytes).toBeLessThan(MOST);
  });
});
