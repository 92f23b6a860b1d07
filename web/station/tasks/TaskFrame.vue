<!-- One task fills the screen: who, what, the task itself, Done; the stones show how far. -->
<script setup lang="ts">
import { mdiEyeOffOutline, mdiUndo } from '@mdi/js';
import { computed, nextTick, onMounted, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Settings } from '../../../contract/index.ts';
import type { Answer, Item } from '../../../core/items/index.ts';
import { askPhrase, heardPhrase, type Light, type Prompt } from '../../../core/asking/index.ts';
import StoneRow from '../../look/StoneRow.vue';
import { useClockWords } from '../../words/useClockWords.ts';
import EarButton from '../EarButton.vue';
import MdiIcon from '../MdiIcon.vue';
import MyPicture from '../MyPicture.vue';
import { usesKeys } from '../useSwitchKeys.ts';
import AskCard from './AskCard.vue';
import { BODIES } from './bodies.ts';
import DoneButton from './DoneButton.vue';
import TaskState from './TaskState.vue';
import { canHandIn, type TaskStatus } from './task.ts';
import { useUnderstood } from './useUnderstood.ts';

const {
  child,
  settings,
  item,
  status,
  count,
  index,
  light = {},
  question = '',
  message = '',
  shown,
  prompt = 'both',
} = defineProps<{
  child: Child;
  settings: Settings;
  item: Item;
  status: TaskStatus;
  /** Stones of the path and the one of now. */
  count: number;
  index: number;
  light?: Light;
  /** What to ask oneself; nothing where no clock is read. */
  question?: string;
  /** A sentence for those who read or listen; pictures say the same. */
  message?: string;
  /** The right answer, while it is shown. */
  shown?: Answer | undefined;
  /** How the time is asked for. */
  prompt?: Prompt;
}>();
const answer = defineModel<Answer | undefined>({ required: true });
const emit = defineEmits<{ done: [] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
const body = useTemplateRef<{ undo: () => void }>('body');
const frame = useTemplateRef('frame');

const open = computed(() => status === 'open' || status === 'hint');
/** What is heard names the time in words, however it is written. */
const ask = computed(() => words.phrase(askPhrase(item, settings)));
const heard = computed(() => words.phrase(heardPhrase(item, settings)));
/** All of it that is said aloud; a drawing that is asked for once more comes first. */
const toHear = computed(() =>
  [asksAgain.value ? t('station.drawAgain') : '', heard.value, question, message]
    .filter((part) => part !== '')
    .join(' '),
);
const written = computed(() => words.phrase(askPhrase(item, settings, prompt)));
const isReady = computed(() => canHandIn(item, answer.value));
const { hands, asksAgain, handIn } = useUnderstood({
  answer,
  settings: () => settings,
  open: () => open.value,
  done: () => emit('done'),
});
const done = (): void => {
  if (isReady.value) handIn();
};
// Keys and switches begin at the task itself.
onMounted(
  () =>
    usesKeys.value &&
    nextTick(() =>
      frame.value?.querySelector<HTMLElement>('.body :is(button, [tabindex="0"])')?.focus({ preventScroll: true }),
    ),
);
</script>

<template>
  <section ref="frame" class="task" :data-status="status" :data-kind="item.kind">
    <h1 class="only-heard">{{ ask }}</h1>
    <div class="left">
      <MyPicture :child="child" asks />
      <AskCard :item="item" :settings="settings" :ask="prompt === 'both' ? ask : written" :prompt="prompt" />
      <EarButton :locale="settings.locale" :text="toHear" />
    </div>

    <div class="body">
      <component
        :is="BODIES[item.kind]"
        ref="body"
        v-model="answer"
        :item="item"
        :settings="settings"
        :open="open"
        :light="light"
        :shown="shown"
        :understood="hands"
      />
    </div>

    <div class="right">
      <template v-if="open">
        <DoneButton :is-ready="isReady" @click="done" />
        <button type="button" class="undo" :aria-label="t('station.undo')" @click="body?.undo()">
          <MdiIcon :path="mdiUndo" :px="42" />
        </button>
      </template>
      <TaskState v-else :status="status" />
      <p v-if="asksAgain" class="message again" role="status">
        <MdiIcon :path="mdiEyeOffOutline" :px="48" />
        <span>{{ t('station.drawAgain') }}</span>
      </p>
      <p v-else-if="status === 'hint'" class="message" role="status">
        <strong v-if="question" class="question">{{ question }}</strong>
        <span>{{ message }}</span>
      </p>
    </div>

    <StoneRow
      class="stones"
      :count="count"
      :index="index"
      :done="status === 'right' && index === count - 1"
      :label="t('station.item', { number: index + 1, count })"
    />
  </section>
</template>

<style scoped>
/* Sizes that all kinds of task go by. A finger of five needs 72 px; on a telephone lent for practice there is room for 48. */
.task {
  --tap: 74px;
  --tap-gap: 8px;
  --gap: 14px;
  --type: 30px;
  --say-type: 22px;
  --picture: 1;
  --ear: 112px;
  --done: min(208px, 17vw);
  --digits: clamp(52px, 6.6vw, 86px);
  --clock-share: 50%;
  --laid: 76px;
  height: 100%;
  display: grid;
  grid-template: minmax(0, 1fr) auto / clamp(190px, 22vw, 290px) minmax(0, 1fr) clamp(160px, 19vw, 250px);
  grid-template-areas: 'left body right' 'stones stones stones';
  gap: 0 min(24px, 1.6vw);
  padding: 24px min(32px, 2.4vw) 16px;
}
.left {
  grid-area: left;
  display: flex;
  flex-direction: column;
  gap: 26px;
  min-width: 0;
}
.undo {
  flex: none;
  align-self: center;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--raised);
  width: calc(var(--tap) + 6px);
  height: calc(var(--tap) + 6px);
}
.body {
  grid-area: body;
  min-width: 0;
  min-height: 0;
  container-type: size;
  display: grid;
  place-items: center;
}
.right {
  grid-area: right;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 28px;
}
.message {
  text-align: center;
  font-size: var(--say-type);
  line-height: 1.3;
}
.again {
  display: grid;
  justify-items: center;
  gap: 6px;
}
.question {
  display: block;
  margin-bottom: 0.3em;
}
.stones {
  grid-area: stones;
  justify-self: center;
  height: var(--path, 118px);
  max-width: 100%;
}
@media (orientation: portrait) {
  .task {
    grid-template: auto minmax(0, 1fr) auto auto / 1fr;
    grid-template-areas: 'left' 'body' 'right' 'stones';
    gap: 12px;
  }
  .left,
  .right {
    flex-direction: row;
    align-items: center;
    justify-content: space-between;
    flex-wrap: wrap;
  }
  /* Who, what and the ear stay in one row: what is asked takes a second line. */
  .left {
    flex-wrap: nowrap;
    gap: 16px;
  }
  .left > .card {
    max-width: 46%;
  }
  .right {
    justify-content: center;
  }
}
/* A small tablet that lies: less beside the task, and the path is a narrow one. */
@media (orientation: landscape) and (max-height: 700px) {
  .task {
    --path: 64px;
    --gap: 8px;
    --type: 25px;
    --say-type: 18px;
    --picture: 0.76;
    --ear: 84px;
    --done: 124px;
    --done-least: 0;
    --done-type: 22px;
    --digits: 46px;
    --laid: 60px;
    grid-template-columns: 164px minmax(0, 1fr) 128px;
    gap: 0 14px;
    padding: 12px 16px 8px;
  }
  .left,
  .right {
    gap: 14px;
  }
}
/* A tablet that stands: less above and below the task, which needs the height. */
@media (orientation: portrait) and (max-width: 800px) {
  .task {
    --type: 26px;
    --laid: 66px;
    --path: 84px;
    --done: 124px;
    --done-least: 0;
    --done-type: 22px;
    --picture: 0.76;
    --ear: 84px;
    --say-type: 18px;
    --digits: 52px;
    padding: 12px;
  }
}
/* A telephone. */
@media (max-width: 520px), (max-height: 520px) {
  .task {
    --tap: 48px;
    --tap-gap: 6px;
    --gap: 6px;
    --type: 20px;
    --say-type: 15px;
    --picture: 0.6;
    --ear: 56px;
    --done: 84px;
    --done-least: 0;
    --done-type: 16px;
    --digits: 34px;
    --laid: 46px;
    --clock-share: 40%;
    --path: 44px;
    gap: 6px;
    padding: 8px;
  }
  .left,
  .right {
    gap: 8px;
  }
  .right {
    flex-wrap: nowrap;
  }
  /* There is room for the question or its answer: the sentence is read, both are heard. */
  .question {
    display: none;
  }
}
@media (max-height: 520px) and (orientation: landscape) {
  .task {
    --path: 0;
    --type: 16px;
    --laid: 38px;
    --clock-share: 38%;
    --digits: 26px;
    --done: 80px;
    grid-template-columns: 88px minmax(0, 1fr) 82px;
  }
  .stones {
    display: none;
  }
}
</style>
