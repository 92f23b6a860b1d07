import { onDial } from '../../clock/index.ts';
import { digital } from '../../wording/index.ts';
import { clockAt } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import type { Mark } from '../page/mark.ts';
import { CAP_HEIGHT, fitted } from '../page/type.ts';
import { onlyMarks, together, type Drawn, type Page } from '../page/zone.ts';
import { CUT, ownLook, pageOf, roomOn, told, type DayEntry, type ThingSetting } from './thing.ts';

/** Cards on pages, two beside each other, cut apart along dashed lines. @param draw a card in its box */
const cards = <T>(
  setting: ThingSetting,
  name: string,
  all: readonly T[],
  rows: number,
  draw: (one: T, box: { x: number; y: number; width: number; height: number }) => Drawn,
): Page[] => {
  const { conventions } = setting;
  const room = roomOn(conventions);
  const columns = 2;
  const card = { width: room.width / columns, height: room.height / rows };
  const onPage = rows * columns;
  return Array.from({ length: Math.ceil(all.length / onPage) }, (_, page) => {
    const some = all.slice(page * onPage, (page + 1) * onPage);
    return pageOf(
      conventions,
      name,
      together(
        ...some.map((one, i) => {
          const box = {
            x: room.x + (i % columns) * card.width,
            y: room.y + Math.floor(i / columns) * card.height,
            ...card,
          };
          const edge: Mark = { kind: 'box', box, line: CUT };
          return together(onlyMarks(edge), draw(one, box));
        }),
      ),
    );
  });
};

/** Words of a lesson, one a card, large enough to be read from the carpet. */
export const wordCards = (setting: ThingSetting): Page[] =>
  cards(setting, told('wordCards', setting.conventions), setting.words, 5, (word, box) => {
    const { text, size } = fitted(word, box.width - 12, { most: 16, least: 6, weight: 'bold' });
    return onlyMarks({
      kind: 'text',
      text,
      at: { x: box.x + box.width / 2, y: box.y + box.height / 2 + (CAP_HEIGHT * size) / 2 },
      size,
      weight: 'bold',
      anchor: 'middle',
      as: 'heading',
    });
  });

/** The class's day: each entry with its picture, its clock and its time, in the order of the day. */
export const dayPictures = (setting: ThingSetting): Page[] => {
  const { conventions } = setting;
  const look = ownLook(conventions);
  const ordered = [...setting.day].sort((a, b) => a.at - b.at);
  return cards(setting, told('dayPictures', conventions), ordered, 3, (entry: DayEntry, box) => {
    const size = 30;
    const time = onDial(entry.at);
    const radius = Math.min(20, (box.width / 4 - 2) / roomOfFace(1, look).x);
    const name = fitted(entry.name, box.width - 10, { most: 8, least: 4, weight: 'bold' });
    const middle = box.y + 14 + radius + 2;
    return together(
      onlyMarks(
        {
          kind: 'text',
          text: name.text,
          at: { x: box.x + box.width / 2, y: box.y + 11 },
          size: name.size,
          weight: 'bold',
          anchor: 'middle',
          as: 'heading',
        },
        {
          kind: 'picture',
          name: entry.picture,
          at: { x: box.x + box.width / 4 - size / 2, y: middle - size / 2 },
          size,
        },
        {
          kind: 'text',
          text: digital(time, conventions),
          at: { x: box.x + box.width / 2, y: middle + radius + 15 },
          size: 11,
          weight: 'bold',
          anchor: 'middle',
        },
      ),
      clockAt(time, { at: { x: box.x + (box.width * 3) / 4, y: middle }, radius, look, item: 0 }),
    );
  });
};
