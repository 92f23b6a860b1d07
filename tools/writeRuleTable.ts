// npm run rule-table: writes docs/wrong-rules.md.
import { writeFileSync } from 'node:fs';
import { ruleTable } from './ruleTable.ts';

writeFileSync(new URL('../docs/wrong-rules.md', import.meta.url), ruleTable());
