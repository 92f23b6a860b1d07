// Writes the pictures of children and of things to do into web/public/pictures/ from an icon package; those it lacks are drawn by hand and left alone.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

/** Our names that differ from the package's. */
const OTHER_NAMES = {
  bean: 'beans',
  wren: 'bird',
  ladybird: 'lady-beetle',
  bee: 'honeybee',
  boot: 'hiking-boot',
  leaf: 'leaf-fluttering-in-wind',
  corn: 'ear-of-corn',
  clover: 'four-leaf-clover',
  clap: 'clapping-hands',
  hop: 'kangaroo',
  sneeze: 'sneezing-face',
  'wash-hands': 'soap',
  'bake-bread': 'bread',
  'long-walk': 'footprints',
  'school-concert': 'musical-notes',
};
/** A wren is brown; the package's bird is red. */
const OTHER_COLOURS = { wren: { '#ca0b4a': '#8a5a34' } };
const DRAWN_BY_HAND = new Set(['radish', 'watering-can', 'pumpkin', 'trowel']);

const icons = JSON.parse(
  readFileSync(join(ROOT, 'node_modules/@iconify-json/fluent-emoji-flat/icons.json'), 'utf8'),
).icons;
const list = ['pictures', 'deeds']
  .map((file) => readFileSync(join(ROOT, `core/pictures/${file}.ts`), 'utf8'))
  .join('\n');
for (const [, name] of list.matchAll(/^ {2}.*'([a-z-]+)',$/gm)) {
  if (DRAWN_BY_HAND.has(name)) continue;
  const icon = icons[OTHER_NAMES[name] ?? name];
  if (icon === undefined) throw new Error(`no picture for ${name}`);
  const body = Object.entries(OTHER_COLOURS[name] ?? {}).reduce(
    (text, [from, to]) => text.replaceAll(from, to),
    icon.body,
  );
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32">${body}</svg>\n`;
  writeFileSync(join(ROOT, `web/public/pictures/${name}.svg`), svg);
}
