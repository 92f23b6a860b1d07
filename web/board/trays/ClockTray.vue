<!-- How the board's clock stands: its face, what it settles on, second hand, gears; words on the board; full screen; the remote. -->
<script setup lang="ts">
import {
  mdiCellphoneLink,
  mdiClockTimeTwelveOutline,
  mdiCogOffOutline,
  mdiEyeOffOutline,
  mdiFormatListNumbered,
  mdiFullscreen,
  mdiHelpCircleOutline,
  mdiMessageTextOutline,
  mdiTabletCellphone,
  mdiTimerOutline,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { SNAPS } from '../../../core/clock/index.ts';
import { NUMERAL_STYLES, OUTLINES, outlinePath, type NumeralStyle, type Outline } from '../../../core/face/index.ts';
import { useHelpStore } from '../../stores/help.ts';
import { useStageStore } from '../../stores/stage.ts';
import TrayTiles, { type Tile } from './TrayTiles.vue';
import { toggleFullscreen } from '../stage/fullscreen.ts';

const { settings, gears = false } = defineProps<{
  settings: Settings;
  /** May the hands be taken off their gears here? */
  gears?: boolean;
}>();
const emit = defineEmits<{ snap: [minutes: Settings['snap']]; cover: []; twelve: [] }>();
const { t } = useI18n();
const stage = useStageStore();
const help = useHelpStore();

type Act = 'unhook' | 'second' | 'twelve' | 'cover' | 'say' | 'questions' | 'full' | 'remote' | 'tablets' | 'help';
const ICONS: Record<Act, string> = {
  unhook: mdiCogOffOutline,
  second: mdiTimerOutline,
  twelve: mdiClockTimeTwelveOutline,
  cover: mdiEyeOffOutline,
  say: mdiMessageTextOutline,
  questions: mdiFormatListNumbered,
  full: mdiFullscreen,
  remote: mdiCellphoneLink,
  tablets: mdiTabletCellphone,
  help: mdiHelpCircleOutline,
};
const tiles = computed((): Tile<Act>[] => [
  ...(gears
    ? [
        { id: 'twelve' as const, name: t('board.toTwelve'), key: '0' },
        { id: 'cover' as const, name: t('board.coverAll'), key: 'c' },
        { id: 'unhook' as const, name: t('board.unhook'), key: 'u', on: stage.free.angles !== undefined },
      ]
    : []),
  { id: 'second', name: t('board.secondHand'), key: 'x', on: stage.secondHand },
  { id: 'say', name: t('board.sayTile'), key: 'y', on: stage.sayOnBoard },
  { id: 'questions', name: t('board.questions'), ...(gears && { key: 'a' }), on: stage.hasQuestions },
  { id: 'full', name: t('board.fullscreen'), key: 'f' },
  { id: 'remote', name: t('board.remote') },
  { id: 'tablets', name: t('board.tablets') },
  { id: 'help', name: t('help.open'), key: '?' },
]);
const ACTS: Record<Act, () => void> = {
  unhook: stage.unhook,
  second: () => (stage.secondHand = !stage.secondHand),
  twelve: () => emit('twelve'),
  cover: () => emit('cover'),
  say: () => (stage.sayOnBoard = !stage.sayOnBoard),
  questions: () => (stage.hasQuestions = !stage.hasQuestions),
  full: toggleFullscreen,
  remote: () => (stage.tray = 'remote'),
  tablets: () => (stage.tray = 'tablets'),
  help: () => (help.isOpen = true),
};
const shape = computed(() => stage.outline ?? settings.outline);
const numerals = computed(() => (stage.lenses.includes('other-face') ? stage.otherNumerals : settings.numerals));
const chooseShape = (outline: Outline): void => {
  stage.outline = outline === settings.outline ? undefined : outline;
};
/** The class's own numerals are what is seen without the lens. */
const chooseNumerals = (style: NumeralStyle): void => {
  const on = stage.lenses.includes('other-face');
  if (style !== settings.numerals) stage.otherNumerals = style;
  if ((style === settings.numerals) === on) stage.toggle('other-face');
};
</script>

<template>
  <TrayTiles :title="t('board.clockTray')" :tiles="tiles" :columns="5" @choose="(act: Act) => ACTS[act]()">
    <template #picture="{ tile }"><v-icon :icon="ICONS[tile.id]" size="22" /></template>
    <fieldset>
      <legend>{{ t('board.shape') }}</legend>
      <button
        v-for="outline in OUTLINES"
        :key="outline"
        type="button"
        class="choice"
        :class="{ on: outline === shape }"
        :aria-pressed="outline === shape"
        :aria-label="t(`settings.choice.outline.${outline}`)"
        :title="t(`settings.choice.outline.${outline}`)"
        @click="chooseShape(outline)"
      >
        <svg viewBox="-130 -104 260 208"><path :d="outlinePath(outline)" /></svg>
      </button>
    </fieldset>
    <fieldset>
      <legend>{{ t('board.numerals') }}</legend>
      <button
        v-for="style in NUMERAL_STYLES"
        :key="style"
        type="button"
        class="choice"
        :class="{ on: style === numerals }"
        :aria-pressed="style === numerals"
        @click="chooseNumerals(style)"
      >
        {{ t(`settings.choice.numerals.${style}`) }}
      </button>
    </fieldset>
    <fieldset>
      <legend>{{ t('board.settles') }}</legend>
      <button
        v-for="snap in SNAPS"
        :key="snap"
        type="button"
        class="choice time-type"
        :class="{ on: snap === settings.snap }"
        :aria-pressed="snap === settings.snap"
        :aria-label="t('board.snap', { count: snap }, snap)"
        @click="emit('snap', snap)"
      >
        {{ snap }}
      </button>
    </fieldset>
  </TrayTiles>
</template>

<style scoped>
fieldset {
  border: 0;
  margin-top: calc(var(--u) * 3);
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
legend {
  font-weight: 600;
  font-size: 15px;
}
.choice {
  min-width: 48px;
  min-height: 44px;
  padding: 0 9px;
  border-radius: var(--corner);
}
.choice:hover {
  background: var(--plum-tint);
}
.choice.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.choice svg {
  display: block;
  height: 32px;
}
path {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 10;
}
</style>
