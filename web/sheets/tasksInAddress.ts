import { isDialTime, type DialTime } from '../../core/clock/index.ts';
import { timeOfItem, type Item } from '../../core/items/index.ts';

/** Kinds to which nothing but a time belongs: such a task fits into an address. */
const PLAIN = ['read', 'write-digital', 'draw', 'set'] as const;

/** Tasks as they stand in the address of the page that lays them out on paper; those that do not fit are left out. */
export const addressOfTasks = (items: readonly Item[]): string =>
  items
    .filter(({ kind }) => (PLAIN as readonly string[]).includes(kind))
    .map((item) => `${item.kind}.${timeOfItem(item)}`)
    .join('_');

/** @returns none where the address has something else */
export const tasksIn = (address: unknown): Item[] =>
  typeof address !== 'string'
    ? []
    : address.split('_').flatMap((one): Item[] => {
        const [, name, text] = /^([a-z-]+)\.(\d+)$/.exec(one) ?? [];
        const kind = PLAIN.find((plain) => plain === name);
        const time = Number(text);
        return kind === undefined || !isDialTime(time) ? [] : [{ kind, shown: time satisfies DialTime }];
      });
