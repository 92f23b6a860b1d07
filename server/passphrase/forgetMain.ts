// Takes the passphrase out of a data file: the next start asks for none. Only while Hoppel does not run.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { lockOrGiveUp } from '../holdFile.ts';
import { whyNot } from '../db/faults.ts';
import { openDatabase } from '../db/open.ts';
import { giveUp } from '../giveUp.ts';
import { createPassphraseRepository } from './passphraseRepository.ts';

const file = resolve(process.argv[2]!);
if (!existsSync(file)) giveUp(`there is no data file ${file}.`);
const lock = lockOrGiveUp(file, null);
try {
  const db = openDatabase(file);
  const kept = createPassphraseRepository(db);
  const was = kept.state();
  db.transaction(() => {
    kept.forget();
    for (const table of ['teacher_session', 'wrong_try']) db.prepare(`DELETE FROM ${table}`).run();
  })();
  db.close();
  console.log(
    was === 'set'
      ? 'The passphrase is forgotten and every device is out. Start Hoppel and choose another.'
      : 'There was no passphrase.',
  );
} catch (error) {
  console.error(`Nothing was changed: the data file ${file} cannot be opened or written (${whyNot(error)}).`);
  process.exitCode = 1;
} finally {
  lock.free();
}
