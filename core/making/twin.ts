import { shuffled, type Rng } from '../common/index.ts';
import { pictureAt, type Item } from '../items/index.ts';

/**
 * The same task with its right clock standing there twice, so that every clock has to be looked at; any task but circling clocks
 * stays as it is.
 */
export const withTwin = (rng: Rng, item: Item): Item =>
  item.kind === 'choose-clock' ? { ...item, options: shuffled(rng, [...item.options, pictureAt(item.shown)]) } : item;
