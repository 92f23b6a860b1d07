// Writes how wide the letters of the printed font are into core, from the font files that ship.
import { writeFileSync } from 'node:fs';
import { fontTable } from './fontTable.ts';

const file = new URL('../core/sheets/page/andika.json', import.meta.url);
writeFileSync(file, `${JSON.stringify(fontTable(), null, 2)}\n`);
