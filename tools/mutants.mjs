// npm run mutants: breaks the judgement in one place at a time, in a copy, and says which breaks no test notices.
// A tolerance is made larger and smaller by three tenths; a rule is taken out of each of its tables.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './ensure.mjs';

ensureNode();
ensurePackages();
const copy = mkdtempSync(join(tmpdir(), 'hoppel-mutants-'));
for (const part of ['core', 'tools', 'package.json', 'jest.config.mjs'])
  cpSync(join(ROOT, part), join(copy, part), { recursive: true });
symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));

const source = (file) => readFileSync(join(ROOT, file), 'utf8');

/** @returns {{ name: string, file: string, text: string }[]} */
const toleranceMutants = () => {
  const file = 'core/items/tolerances.ts';
  const text = source(file);
  return [...text.matchAll(/^ {2}(\w+): ([\d.]+),$/gm)].flatMap(([line, name, value]) =>
    [0.7, 1.3].map((factor) => ({
      name: `${name} ${value} -> ${(value * factor).toFixed(2)}`,
      file,
      text: text.replace(line, `  ${name}: ${value * factor},`),
    })),
  );
};
/** Limits of the reader of drawings, each on a line of its own. */
const readerMutants = () =>
  [
    ['core/strokes/confidence.ts', ['DOUBTFUL']],
    ['core/strokes/hands.ts', ['SHORTEST', 'THIRD']],
    ['core/strokes/readDrawing.ts', ['OFF_CENTRE', 'UNTOLD']],
  ].flatMap(([file, names]) =>
    names.flatMap((name) => {
      const text = source(file);
      const [line, before, value] = new RegExp(`^((?:export )?const ${name} = )([\\d.]+);$`, 'm').exec(text);
      return [0.7, 1.3].map((factor) => ({
        name: `${name} ${value} -> ${(value * factor).toFixed(2)}`,
        file,
        text: text.replace(line, `${before}${value * factor};`),
      }));
    }),
  );
/** Constants of the judgement, each on a line of its own or a property of a table. */
const judgementMutants = () =>
  [
    ['core/diagnosis/over.ts', /^const HALF_LIFE = ([\d.]+);$/m],
    ['core/diagnosis/over.ts', /^const TAUGHT = ([\d.]+);$/m],
    ['core/diagnosis/naming.ts', /share: ([\d.]+), fitting/],
    ['core/diagnosis/naming.ts', /fitting: ([\d.]+) }/],
    ['core/diagnosis/beside.ts', /^export const BESIDE = ([\d.]+);$/m],
    ['core/diagnosis/mastery.ts', /cut: (0\.68)/],
    ['core/diagnosis/mastery.ts', /cut: (0\.5),/],
    ['core/diagnosis/mastery.ts', /^const FADES_AFTER = ([\d.]+);$/m],
    ['core/diagnosis/slip.ts', /SLIP = ([\d.]+)/],
  ].flatMap(([file, at]) => {
    const text = source(file);
    const [line, value] = at.exec(text);
    // What is counted stays a whole number.
    const places = value.includes('.') ? 100 : 1;
    return [0.6, 1.4].map((factor) => ({
      name: `${file}: ${line.trim()} times ${factor}`,
      file,
      text: text.replace(line, line.replace(value, String(Math.round(value * factor * places) / places))),
    }));
  });
const ruleMutants = () =>
  [
    ['core/misconceptions/reading.ts', ['READ', 'READ_HOUR', 'SET']],
    ['core/misconceptions/drawing.ts', ['DRAW']],
    ['core/misconceptions/writing.ts', ['WRITE']],
  ].flatMap(([file, tables]) =>
    tables.flatMap((table) => {
      const text = source(file);
      const from = text.indexOf(`export const ${table}:`);
      const body = text.slice(from, text.indexOf('\n};', from));
      return [...body.matchAll(/^ {2}'?([a-z0-9-]+)'?: /gm)].map(([, rule]) => ({
        name: `${table} without ${rule}`,
        file,
        text: `${text}\ndelete (${table} as Record<string, unknown>)['${rule}'];\n`,
      }));
    }),
  );

const tests = 'core/(marking|misconceptions|items|making|diagnosis|strokes/(limits|strokes))';
const passes = () =>
  spawnSync(
    process.execPath,
    [
      '--experimental-vm-modules',
      '--disable-warning=ExperimentalWarning',
      join(copy, 'node_modules/jest/bin/jest.js'),
      '--selectProjects=unit',
      '--bail',
      '--testPathPatterns',
      tests,
    ],
    { cwd: copy, stdio: 'ignore' },
  ).status === 0;

if (!passes()) throw new Error('the tests fail without any break');
// A part of a path takes those of these files alone: npm run mutants -- core/strokes
const wanted = process.argv[2] ?? '';
const mutants = [...toleranceMutants(), ...readerMutants(), ...judgementMutants(), ...ruleMutants()].filter(
  ({ file }) => file.includes(wanted),
);
const survived = mutants.filter(({ name, file, text }) => {
  writeFileSync(join(copy, file), text);
  const alive = passes();
  writeFileSync(join(copy, file), source(file));
  if (alive) console.log(`NOT NOTICED: ${name}`);
  return alive;
});
rmSync(copy, { recursive: true, force: true });
console.log(`${mutants.length} breaks, ${mutants.length - survived.length} noticed`);
process.exit(survived.length === 0 ? 0 : 1);
