<!-- What is asked, in a picture: a time to show in digits and words, or what to do. -->
<script setup lang="ts">
import {
  mdiChatQuestionOutline,
  mdiCheckAll,
  mdiClockAlertOutline,
  mdiClockOutline,
  mdiGestureTap,
  mdiHammerWrench,
  mdiHelp,
  mdiNumeric,
  mdiOrderNumericAscending,
  mdiPencil,
  mdiRotateRight,
  mdiTimerSandEmpty,
  mdiVectorLink,
} from '@mdi/js';
import { computed } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import type { Item, ItemKind } from '../../../core/items/index.ts';
import { isSeveral, partName, promptFor, timeNamed, type Prompt } from '../../../core/asking/index.ts';
import { digits } from '../../../core/wording/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import MdiIcon from '../MdiIcon.vue';

const {
  item,
  settings,
  ask,
  prompt: wished = 'both',
} = defineProps<{
  item: Item;
  settings: Settings;
  ask: string;
  /** How the time is asked for. */
  prompt?: Prompt;
}>();
const words = useClockWords(() => settings);
const ICONS: Partial<Record<ItemKind, string>> = {
  'name-part': mdiGestureTap,
  direction: mdiRotateRight,
  'hour-hand': mdiHelp,
  'set-hour-hand': mdiClockOutline,
  read: mdiChatQuestionOutline,
  'choose-words': mdiChatQuestionOutline,
  'write-digital': mdiNumeric,
  'write-words': mdiChatQuestionOutline,
  'words-to-digits': mdiNumeric,
  'digits-to-words': mdiChatQuestionOutline,
  set: mdiClockOutline,
  'set-free': mdiClockOutline,
  draw: mdiPencil,
  'choose-clock': mdiGestureTap,
  'which-of': mdiGestureTap,
  'choose-writings': mdiCheckAll,
  pair: mdiVectorLink,
  yet: mdiHelp,
  'judge-clock': mdiClockAlertOutline,
  'mend-clock': mdiHammerWrench,
  'how-long': mdiTimerSandEmpty,
  'day-order': mdiOrderNumericAscending,
};
const prompt = computed(() => promptFor(item, wished));
/** A time that is heard only is not written here. */
const asked = computed(() => (prompt.value === 'spoken' ? undefined : timeNamed(item)));
const shown = computed(() => (asked.value === undefined ? undefined : digits(asked.value, settings)));
/** Two or three words beside the picture, for those who read. */
const words2 = computed(() => (item.kind === 'name-part' ? partName(item.part, settings) : ask));
</script>

<template>
  <div class="card" role="status" :aria-label="ask">
    <MdiIcon
      :path="isSeveral(item) ? mdiCheckAll : ICONS[item.kind]!"
      :px="asked === undefined ? 84 : 52"
      class="icon"
    />
    <template v-if="shown && asked !== undefined">
      <strong v-if="prompt !== 'words'" class="digits" aria-hidden="true"
        ><span class="of-hour">{{ shown.hour }}</span
        >{{ shown.separator }}<span class="of-minute">{{ shown.minutes }}</span
        ><span v-if="item.kind === 'yet'">?</span></strong
      >
      <span v-if="prompt !== 'digits'" class="said" :class="{ large: prompt === 'words' }" aria-hidden="true">{{
        words.said(asked)
      }}</span>
    </template>
    <span v-else class="said" :class="{ large: item.kind === 'name-part' }" aria-hidden="true">{{ words2 }}</span>
  </div>
</template>

<style scoped>
.card {
  padding: min(16px, var(--gap)) 8px;
  display: grid;
  justify-items: center;
  gap: 4px;
  background: var(--raised);
  border-radius: var(--corner-board);
  box-shadow: var(--shadow);
  text-align: center;
}
.icon {
  max-width: calc(var(--tap) * 1.15);
  height: auto;
  color: var(--plum);
  animation: nudge 1.6s ease-in-out 2;
}
.digits {
  font-size: var(--digits);
  line-height: 1.1;
}
.of-hour {
  color: var(--hour-text);
}
.of-minute {
  color: var(--minute-text);
}
.said {
  font-size: var(--say-type);
  line-height: 1.3;
  text-wrap: balance;
}
.said.large {
  font-size: calc(var(--say-type) * 1.5);
  font-weight: 700;
}
@keyframes nudge {
  40% {
    transform: translateY(-7px) rotate(-6deg);
  }
}
</style>
