import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { ruleTable } from './ruleTable.ts';

describe('docs/wrong-rules.md', () => {
  const written = readFileSync(new URL('../docs/wrong-rules.md', import.meta.url), 'utf8');
  it('is what the rules say today', () => expect(written).toBe(ruleTable()));
  it('shows that 5:30 cannot tell six reasons apart, and that 12:30 shows the smaller number', () => {
    const reading = written.slice(written.indexOf('## Reading'), written.indexOf('## Writing'));
    const at = (time: string): string => reading.split('\n').find((line) => line.startsWith(`| ${time} |`))!;
    expect(at('5:30')).toContain(
      '6:30: hands-swapped = coming-hour = larger-number = anticlockwise = long-hand-only = long-hand-names-hour',
    );
    expect(at('12:30').split('|')[2]).not.toContain('smaller-number');
    expect(at('6:30').split('|')[2]).toContain('hands-swapped');
  });
});
