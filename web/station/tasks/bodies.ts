import type { Component } from 'vue';
import type { ItemKind } from '../../../core/items/index.ts';
import ClocksTask from './ClocksTask.vue';
import DirectionTask from './DirectionTask.vue';
import DrawTask from './DrawTask.vue';
import FreeTask from './FreeTask.vue';
import HourTask from './HourTask.vue';
import JudgeTask from './JudgeTask.vue';
import LongTask from './LongTask.vue';
import OrderTask from './OrderTask.vue';
import PairTask from './PairTask.vue';
import PartTask from './PartTask.vue';
import SetTask from './SetTask.vue';
import TilesTask from './TilesTask.vue';
import TextsTask from './TextsTask.vue';
import WriteTask from './WriteTask.vue';
import YetTask from './YetTask.vue';

/** How each kind of task is answered on a tablet. All of it is loaded at once: a network may be gone by the next task. */
export const BODIES: Readonly<Record<ItemKind, Component>> = {
  'name-part': PartTask,
  direction: DirectionTask,
  'hour-hand': HourTask,
  'set-hour-hand': FreeTask,
  read: TilesTask,
  'choose-words': TextsTask,
  'write-digital': WriteTask,
  'write-words': TilesTask,
  'words-to-digits': WriteTask,
  'digits-to-words': TextsTask,
  set: SetTask,
  'set-free': FreeTask,
  draw: DrawTask,
  'choose-clock': ClocksTask,
  'which-of': ClocksTask,
  'choose-writings': TextsTask,
  pair: PairTask,
  yet: YetTask,
  'judge-clock': JudgeTask,
  'mend-clock': FreeTask,
  'how-long': LongTask,
  'day-order': OrderTask,
};
