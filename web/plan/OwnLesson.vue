<!-- A lesson as a teacher writes it: its title, its I-can sentence, its parts with minutes, times and tasks. -->
<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiPlus, mdiTrashCanOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFocusBack } from '../shell/focusBack.ts';
import type { DialTime } from '../../core/clock/index.ts';
import {
  PART_TASKS,
  SEGMENT_KINDS,
  SEGMENT_MINUTES,
  suitsPart,
  type OwnLesson,
  type OwnPart,
} from '../../core/planning/index.ts';
import AnyTime from '../clock/AnyTime.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { start, title, done, usual } = defineProps<{
  /** What it begins with. */
  start: OwnLesson;
  title: string;
  /** Title and sentence it has where none is written. */
  usual: { readonly title: string; readonly iCan: string };
  /** What the button that ends it says. */
  done: string;
}>();
const emit = defineEmits<{ answer: [lesson: OwnLesson]; cancel: [] }>();
const { t } = useI18n();
useFocusBack();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const words = usePlanWords();

const own = ref({ title: start.title, iCan: start.iCan });
const parts = ref<OwnPart[]>([...start.parts]);
/** The most parts a lesson has, and times a part. */
const MOST = { parts: 20, times: 24 } as const;
const NEW_PART: OwnPart = { kind: 'together', minutes: 5, task: 'read', times: [] };
const change = (at: number, more: Partial<OwnPart>): void => {
  parts.value = parts.value.map((part, i) => (i === at ? { ...part, ...more } : part));
};
const moveTo = (at: number, to: number): void => {
  const [part] = parts.value.splice(at, 1);
  parts.value.splice(to, 0, part!);
};
const addTime = (at: number, time: DialTime): void => {
  const { times } = parts.value[at]!;
  if (!times.includes(time) && times.length < MOST.times) change(at, { times: [...times, time] });
};
const setMinutes = (at: number, text: string): void => {
  const minutes = Math.round(Number(text));
  if (Number.isFinite(minutes))
    change(at, { minutes: Math.min(SEGMENT_MINUTES.most, Math.max(SEGMENT_MINUTES.least, minutes)) });
};
const minutes = computed(() => parts.value.reduce((sum, part) => sum + part.minutes, 0));
const isReady = computed(() => parts.value.length > 0);
/** Times that the task of their part cannot be about. */
const odd = computed(() =>
  parts.value.flatMap((part) => part.times.filter((time) => !suitsPart(part, time)).map((time) => clock.written(time))),
);
</script>

<template>
  <v-dialog :model-value="true" max-width="880" :aria-label="title" scrollable @update:model-value="emit('cancel')">
    <section class="sheet own">
      <h2 class="title-column">{{ title }}</h2>
      <div class="heads">
        <v-text-field
          v-model="own.title"
          :label="t('plan.title')"
          :placeholder="usual.title"
          persistent-placeholder
          maxlength="80"
          autofocus
          hide-details
        />
        <v-text-field
          v-model="own.iCan"
          :label="t('own.iCan')"
          :placeholder="usual.iCan"
          persistent-placeholder
          maxlength="160"
          hide-details
        />
      </div>
      <ol>
        <li v-for="(part, at) in parts" :key="at" :data-part="at">
          <div class="line">
            <select
              class="sand-field"
              :aria-label="t('own.kind', { number: at + 1 })"
              :value="part.kind"
              @change="change(at, { kind: ($event.target as HTMLSelectElement).value as OwnPart['kind'] })"
            >
              <option v-for="kind in SEGMENT_KINDS" :key="kind" :value="kind">{{ words.segment(kind) }}</option>
            </select>
            <input
              class="sand-field minutes"
              type="number"
              :min="SEGMENT_MINUTES.least"
              :max="SEGMENT_MINUTES.most"
              :aria-label="t('own.minutes', { number: at + 1 })"
              :value="part.minutes"
              @change="setMinutes(at, ($event.target as HTMLInputElement).value)"
            />
            <span class="quiet">{{ t('own.min') }}</span>
            <select
              class="sand-field"
              :aria-label="t('own.task', { number: at + 1 })"
              :value="part.task"
              @change="change(at, { task: ($event.target as HTMLSelectElement).value as OwnPart['task'] })"
            >
              <option value="none">{{ t('own.noTask') }}</option>
              <option v-if="part.was !== undefined && start.parts[part.was]?.task === 'as-is'" value="as-is">
                {{ t('own.asIs') }}
              </option>
              <option v-for="task in PART_TASKS" :key="task" :value="task">{{ t(`own.tasks.${task}`) }}</option>
            </select>
            <span class="moves">
              <v-btn
                variant="text"
                size="44"
                :icon="mdiArrowUp"
                :disabled="at === 0"
                :aria-label="t('own.earlier', { number: at + 1 })"
                @click="moveTo(at, at - 1)"
              />
              <v-btn
                variant="text"
                size="44"
                :icon="mdiArrowDown"
                :disabled="at === parts.length - 1"
                :aria-label="t('own.later', { number: at + 1 })"
                @click="moveTo(at, at + 1)"
              />
              <v-btn
                variant="text"
                size="44"
                :icon="mdiTrashCanOutline"
                :aria-label="t('own.dropPart', { number: at + 1 })"
                @click="parts = parts.filter((_, i) => i !== at)"
              />
            </span>
          </div>
          <div v-if="part.task !== 'as-is'" class="times">
            <button
              v-for="time in part.times"
              :key="time"
              type="button"
              class="chip time-type"
              :aria-label="t('own.dropTime', { time: clock.written(time) })"
              @click="change(at, { times: part.times.filter((other) => other !== time) })"
            >
              {{ clock.written(time) }} <v-icon :icon="mdiClose" size="14" />
            </button>
            <AnyTime
              v-if="part.times.length < MOST.times"
              class="any"
              :act="t('anyTime.add')"
              @pick="(time) => addTime(at, time)"
            />
          </div>
        </li>
      </ol>
      <div class="acts">
        <v-btn
          variant="tonal"
          :height="44"
          :prepend-icon="mdiPlus"
          :disabled="parts.length >= MOST.parts"
          @click="parts.push({ ...NEW_PART })"
          >{{ t('own.addPart') }}</v-btn
        >
        <span class="quiet" role="status">{{ t('own.sum', { count: minutes }) }}</span>
      </div>
      <p v-if="odd.length > 0" class="problem" role="alert">{{ t('own.odd', { times: odd.join(', ') }) }}</p>
      <div class="acts">
        <v-btn :disabled="!isReady" data-done @click="emit('answer', { ...own, parts })">{{ done }}</v-btn>
        <v-btn variant="text" @click="emit('cancel')">{{ t('app.cancel') }}</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
.own {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
  max-height: calc(100vh - 48px);
  overflow: auto;
  align-content: start;
}
.heads {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 12px;
}
ol {
  display: grid;
  gap: 10px;
}
li {
  padding: 8px 12px;
  display: grid;
  gap: 6px;
  border-radius: var(--corner);
  background: var(--sand-light);
}
.line,
.times,
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
select,
input {
  min-height: 44px;
}
.minutes {
  width: 4.5em;
}
.moves {
  margin-left: auto;
}
.chip {
  min-height: 40px;
  padding: 0 10px 0 12px;
  border-radius: 999px;
  background: var(--plum-chosen);
}
.any {
  flex: 1 1 300px;
}
</style>
