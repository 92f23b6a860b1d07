import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v4 as newId } from 'uuid';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';
import { fontRuns, isUsual } from './fonts.ts';

/** Made-up names in the scripts of class lists. */
const NAMES = {
  latin: 'Łucja Đặng',
  cyrillic: 'Ольга',
  greek: 'Θάλεια',
  arabic: 'محمد علي',
  hebrew: 'נועה',
  devanagari: 'आरव',
  bengali: 'অরুণ',
  tamil: 'அருள்',
  thai: 'ปริม',
  chinese: '李明',
  japanese: 'さくら',
  korean: '지우',
  georgian: 'ნინო',
  amharic: 'ሰላም',
  emoji: '🐇🌻',
} as const;

describe('a name in another script', () => {
  it.each(Object.entries(NAMES))('is set whole: %s, %s', (_, name) => {
    for (const weight of ['regular', 'bold'] as const) {
      const runs = fontRuns(name, weight);
      expect(runs.map(({ text }) => text).join('')).not.toContain('?');
      expect([...runs.map(({ text }) => text).join('')].sort()).toEqual([...name].sort());
    }
  });
  it('in the usual letters is set in the usual font', () => {
    expect(isUsual(fontRuns('Zoë Łukasz', 'regular'))).toBe(true);
    expect(isUsual(fontRuns('李明', 'regular'))).toBe(false);
  });
  it('written from right to left begins at its right', () => {
    expect(fontRuns('محمد علي', 'regular').map(({ text }) => text)).toEqual(['علي', ' ', 'محمد']);
    expect(
      fontRuns('نور B', 'regular')
        .map(({ text }) => text.trim())
        .filter(Boolean),
    ).toEqual(['B', 'نور']);
  });
  it('no font has is said to be unknown, and nothing else is', () => {
    expect(
      fontRuns('A𞤀B', 'regular')
        .map(({ text }) => text)
        .join(''),
    ).toBe('A?B');
  });
});

describe('pages with names in twelve scripts and more', () => {
  let school: School;
  let folder: string;
  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-scripts-'));
    school = await openSchool();
    await Promise.all(Object.values(NAMES).map((name, i) => school.put(`/children/${i + 1}`, { name }).expect(200)));
    const lessons = (await school.get('/classroom')).body.lessons as { id: number; kind: string; day: string }[];
    const check = lessons.filter(({ kind, day }) => kind === 'check' && day <= '2026-11-24').at(-1)!;
    await school.post('/groups/again', { checkId: check.id }).expect(200);
    await school.put(`/lessons/8/decision`, { id: newId(), decision: 'go-on-with-group' });
  });
  afterAll(async () => {
    await school.close();
    rmSync(folder, { recursive: true });
  });
  it.each(['/exchange/overview.pdf', '/exchange/families.pdf', '/groups/cards.pdf'])(
    '%s has every name in it, in a font that has its letters',
    async (path) => {
      const { bytes } = await bytesOf(school.get(path));
      const file = join(folder, 'page.pdf');
      writeFileSync(file, bytes);
      // What another program reads out of it: a letter that is an empty box is none.
      const text = execFileSync('/usr/bin/pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).normalize('NFKC');
      expect(text).not.toContain('�');
      const named = path === '/groups/cards.pdf' ? [] : ['Ольга', 'Θάλεια', '李明', '지우', 'さくら', 'ნინო', 'ሰላም'];
      for (const name of named) expect([name, text.includes(name)]).toEqual([name, true]);
      const fonts = execFileSync('/usr/bin/pdffonts', [file], { encoding: 'utf8' });
      // Embedded, so that it prints anywhere.
      for (const line of fonts.split('\n').slice(2).filter(Boolean)) expect(line).toMatch(/\byes yes yes\b/);
    },
  );
});
