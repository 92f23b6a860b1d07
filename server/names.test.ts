import { hostname, networkInterfaces } from 'node:os';
import { describe, expect, it } from '@jest/globals';
import { createOwnNames } from './names.ts';

describe('the names of this computer', () => {
  const isOwn = createOwnNames(['Hoppel.school.example']);
  const addresses = Object.values(networkInterfaces())
    .flat()
    .map((net) => net!.address);

  it.each([
    'localhost',
    'LOCALHOST',
    hostname(),
    `${hostname().split('.')[0]}.local`,
    'hoppel.school.example',
    ...addresses,
  ])('%s is one', (name) => expect(isOwn(name)).toBe(true));
  it.each(['', 'garden.example', 'school.example', 'localhost.garden.example', '10.255.255.254', 'local', '[::2]'])(
    '%s is none',
    (name) => expect(isOwn(name)).toBe(false),
  );
  it('are known in the brackets an address of many digits is written in', () => {
    if (addresses.includes('::1')) expect(isOwn('[::1]')).toBe(true);
    expect(createOwnNames(['fe80::7'])('[FE80::7]')).toBe(true);
  });
});
