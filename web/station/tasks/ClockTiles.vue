<!-- A clock to be read, and tiles that say something of it. -->
<script setup lang="ts" generic="T extends string | number">
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import type { DialTime, Hand } from '../../../core/clock/index.ts';
import type { Light } from '../../../core/asking/index.ts';
import AnswerTiles from './AnswerTiles.vue';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';

const {
  time,
  settings,
  only,
  light,
  options,
  chosen,
  right,
  open,
  several = false,
} = defineProps<{
  /** What the clock shows; no clock where there is none to be read. */
  time?: DialTime | undefined;
  settings: Settings;
  /** The one hand it has. */
  only?: Hand | undefined;
  light: Light;
  options: readonly { readonly key: T; readonly label: string }[];
  chosen: readonly T[];
  right: readonly T[];
  open: boolean;
  /** May more than one tile be right? */
  several?: boolean;
  /** Tiles to be looked at again. */
  again?: readonly T[];
}>();
const emit = defineEmits<{ choose: [chosen: T[]] }>();
const { t } = useI18n();
</script>

<template>
  <TaskPanes>
    <template v-if="time !== undefined" #clock
      ><ShownClock :time="time" :settings="settings" :only="only" :light="light"
    /></template>
    <AnswerTiles
      v-slot="{ option }"
      :options="options"
      :chosen="chosen"
      :several="several"
      :open="open"
      :again="again ?? []"
      :right="right"
      :label="t(several ? 'station.tapAll' : 'station.tapOne')"
      @choose="emit('choose', $event)"
    >
      <slot :option="option">{{ option.label }}</slot>
    </AnswerTiles>
  </TaskPanes>
</template>
