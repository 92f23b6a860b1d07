<!-- What I can do, in a picture: a clock of this session, and what I did with it. -->
<script setup lang="ts">
import {
  mdiCalendarClock,
  mdiChatOutline,
  mdiClockAlertOutline,
  mdiGestureTap,
  mdiHandPointingUp,
  mdiNumeric,
  mdiPencil,
  mdiRotateRight,
  mdiTimerSandEmpty,
  mdiVectorLink,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import { onlyHandOf, timeOfItem, type ItemKind } from '../../core/items/index.ts';
import { skillOfItem, type Skill } from '../../core/skills/index.ts';
import type { Practised } from '../../core/practice/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClockWords } from '../words/useClockWords.ts';
import MdiIcon from './MdiIcon.vue';

const { skill, done, settings } = defineProps<{ skill: Skill; done: readonly Practised[]; settings: Settings }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
/** What a child did with a clock. */
const DOING: Readonly<Record<ItemKind, readonly [doing: string, icon: string]>> = {
  'name-part': ['parts', mdiGestureTap],
  direction: ['way', mdiRotateRight],
  'hour-hand': ['read', mdiChatOutline],
  'set-hour-hand': ['set', mdiHandPointingUp],
  read: ['read', mdiChatOutline],
  'choose-words': ['read', mdiChatOutline],
  yet: ['read', mdiChatOutline],
  'write-digital': ['write', mdiNumeric],
  'write-words': ['write', mdiNumeric],
  'words-to-digits': ['write', mdiNumeric],
  'digits-to-words': ['read', mdiChatOutline],
  set: ['set', mdiHandPointingUp],
  'set-free': ['set', mdiHandPointingUp],
  draw: ['draw', mdiPencil],
  'choose-clock': ['match', mdiVectorLink],
  'which-of': ['match', mdiVectorLink],
  'choose-writings': ['match', mdiVectorLink],
  pair: ['match', mdiVectorLink],
  'judge-clock': ['judge', mdiClockAlertOutline],
  'mend-clock': ['judge', mdiClockAlertOutline],
  'how-long': ['long', mdiTimerSandEmpty],
  'day-order': ['day', mdiCalendarClock],
};
const one = computed(() => done.find(({ item, verdict }) => verdict === 'right' && skillOfItem(item) === skill)!.item);
const time = computed(() => timeOfItem(one.value));
const doing = computed(() => DOING[one.value.kind]);
const said = computed(() => t(`station.can.${doing.value[0]}`));
</script>

<template>
  <figure class="can" :data-skill="skill">
    <SmallClock
      v-if="time !== undefined"
      :time="time"
      :px="110"
      size="full"
      :label="words.said(time)"
      :only="onlyHandOf(one)"
    />
    <MdiIcon
      :path="doing[1]"
      :px="time === undefined ? 110 : 44"
      class="doing"
      :class="{ beside: time !== undefined }"
    />
    <figcaption>{{ said }}</figcaption>
  </figure>
</template>

<style scoped>
.can {
  position: relative;
  display: grid;
  justify-items: center;
  gap: 4px;
  font-size: 22px;
}
.doing {
  color: var(--plum);
}
.doing.beside {
  position: absolute;
  right: -14px;
  top: 66px;
  padding: 6px;
  border-radius: 50%;
  background: var(--raised);
  box-shadow: var(--shadow);
}
</style>
