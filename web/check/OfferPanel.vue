<!-- What a child most likely gave to the task that is looked at, ready to be marked by one key or one tap. -->
<script setup lang="ts">
import { mdiArrowRight, mdiCheckAll, mdiSwapHorizontal, mdiUndoVariant } from '@mdi/js';
import { asGiven } from '../../core/answers/index.ts';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { describeItem, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import { FORM_LETTERS } from '../../core/sheets/index.ts';
import type { Offer } from '../../core/checking/index.ts';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import AnswerLook from '../clock/AnswerLook.vue';
import OtherAnswer from './OtherAnswer.vue';
import { useCellWords } from './useCellWords.ts';
import { CHECK_KEYS } from './checkKeys.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const { t } = useI18n();
const store = useClassroomStore();
const words = useCellWords();

const { child, item, marked, offers, isElse, isHere } = marking;
const person = computed(() => child.value && store.childById.get(child.value.childId));
const conventions = desk.conventions;
const task = computed(() => (item.value ? describeItem(item.value, conventions.value) : ''));
const forms = computed(() => desk.pile.value!.forms.length);
const letter = computed(() => (forms.value === FORM_LETTERS.length ? FORM_LETTERS[child.value?.form ?? 0]! : ''));

const reasonOf = ({ rules, isRight }: Offer): string => {
  if (isRight) return t('check.right');
  return rules.length === 0
    ? t('check.noRule')
    : rules
        .slice(0, 3)
        .map((rule) => teacherSentence(ruleText(rule, 'name'), conventions.value))
        .join(' · ');
};
const nameOf = (offer: Offer, at: number): string => `${at + 1}: ${marking.echo(offer.answer)}. ${reasonOf(offer)}`;
/** The offer that is pointed at, or has the keys. */
const looked = ref<number>();
watch([() => marking.place.value, isElse], () => (looked.value = undefined));
const isMarked = ({ answer }: Offer): boolean =>
  marked.value !== undefined && JSON.stringify(asGiven(marked.value.read)) === JSON.stringify(answer);
/** Only that it was not right is known. */
const isTap = computed(() => marked.value?.read.kind === 'observed' && !marked.value.read.got);
const line = computed(() => {
  const offer = looked.value === undefined ? undefined : offers.value[looked.value];
  if (offer !== undefined) return reasonOf(offer);
  if (isTap.value) return t('check.tapLoses', { name: person.value?.name ?? '' });
  return item.value && marked.value ? words.markWords(item.value, marked.value, conventions.value) : t('check.hint');
});
</script>

<template>
  <section v-if="child && item" class="panel" :aria-label="t('check.panel')">
    <header>
      <ChildPicture :picture="person?.picture ?? 'leaf'" :px="44" />
      <div class="who">
        <h2 class="title-column">{{ person?.name }}</h2>
        <p class="quiet">
          {{ t('check.taskOf', { number: marking.place.value.task + 1, count: marking.items.value.length }) }}
          <template v-if="letter"> · {{ t('check.form', { letter }) }}</template>
        </p>
      </div>
      <button
        v-if="forms > 1"
        type="button"
        class="small"
        :title="t('check.otherFormKey')"
        :aria-label="t('check.otherForm')"
        @mousedown.prevent
        @click="marking.otherForm"
      >
        <v-icon :icon="mdiSwapHorizontal" size="20" />
      </button>
      <button type="button" class="small" :title="t('check.awayKey')" @mousedown.prevent @click="marking.toggleAway">
        {{ t(child.away ? 'check.isHere' : 'check.isAway') }} <kbd>{{ CHECK_KEYS.away }}</kbd>
      </button>
    </header>
    <p v-if="!isHere" class="quiet">{{ t('check.late') }}</p>
    <template v-else>
      <p class="task child-type" role="status">{{ task }}</p>
      <OtherAnswer v-if="isElse" :key="`${marking.place.value.row} ${marking.place.value.task}`" :marking="marking" />
      <template v-else>
        <ul class="offers">
          <li v-for="(offer, i) in offers" :key="i">
            <button
              type="button"
              class="offer"
              :class="{ right: offer.isRight, on: isMarked(offer) }"
              :aria-label="nameOf(offer, i)"
              :aria-keyshortcuts="i === 0 ? '1 Space' : String(i + 1)"
              :aria-pressed="isMarked(offer)"
              :data-offer="i + 1"
              :title="reasonOf(offer)"
              @mousedown.prevent
              @mouseenter="looked = i"
              @mouseleave="looked = undefined"
              @focus="looked = i"
              @blur="looked = undefined"
              @click="marking.offer(i)"
            >
              <kbd>{{ i + 1 }}</kbd>
              <AnswerLook :item="item" :answer="offer.answer" :conventions="conventions" :px="58" />
            </button>
          </li>
        </ul>
        <p class="line" aria-live="polite">{{ line }}</p>
        <div class="others">
          <button type="button" @mousedown.prevent @click="marking.showElse(true)">
            {{ t('check.else') }} <kbd>{{ CHECK_KEYS.else }}</kbd>
          </button>
          <button type="button" @mousedown.prevent @click="marking.markHere({ kind: 'no-answer', why: 'empty' })">
            {{ t('check.empty') }} <kbd>{{ CHECK_KEYS.empty }}</kbd>
          </button>
          <button type="button" @mousedown.prevent @click="marking.markHere({ kind: 'no-answer', why: 'illegible' })">
            {{ t('check.illegible') }} <kbd>{{ CHECK_KEYS.illegible }}</kbd>
          </button>
          <button type="button" @mousedown.prevent @click="marking.markHere({ kind: 'observed', got: false }, true)">
            {{ t('check.onlyWrong') }} <kbd>{{ CHECK_KEYS.wrong }}</kbd>
          </button>
        </div>
      </template>
    </template>
    <footer>
      <v-btn
        variant="tonal"
        :height="48"
        :disabled="!isHere"
        :prepend-icon="mdiCheckAll"
        @mousedown.prevent
        @click="marking.restRight"
        >{{ t('check.allRight') }} <kbd>{{ CHECK_KEYS.rest }}</kbd></v-btn
      >
      <v-btn :height="48" :append-icon="mdiArrowRight" @mousedown.prevent @click="marking.next"
        >{{ t('check.next') }} <kbd>{{ CHECK_KEYS.next }}</kbd></v-btn
      >
      <button
        type="button"
        class="small undo"
        :aria-label="t('check.undo')"
        :title="t('check.undoKey')"
        @mousedown.prevent
        @click="marking.undo"
      >
        <v-icon :icon="mdiUndoVariant" size="22" />
      </button>
    </footer>
  </section>
</template>

<style scoped>
.panel {
  position: sticky;
  top: 4px;
  display: grid;
  gap: 10px;
  align-content: start;
}
header {
  display: flex;
  align-items: center;
  gap: 10px;
}
.who {
  flex: 1;
  min-width: 0;
}
.who h2 {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.task {
  font-size: 21px;
  line-height: 27px;
  font-weight: 700;
}
.offers {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px;
}
.offer {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  height: 92px;
  padding: 14px 4px 4px;
  border-radius: var(--corner);
  background: var(--sand-light);
  font-size: 20px;
  line-height: 24px;
}
.offer :deep(.long) {
  font-size: 15px;
  line-height: 18px;
}
.offer:hover {
  background: var(--raised);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.offer.right {
  background: var(--moss-1);
  box-shadow: inset 0 0 0 1.5px var(--moss-5);
}
.offer.on {
  box-shadow: inset 0 0 0 3px var(--plum);
}
.offer kbd {
  position: absolute;
  left: 7px;
  top: 5px;
}
kbd {
  font:
    600 13px/16px 'Atkinson Hyperlegible Next',
    sans-serif;
  color: var(--quiet);
}
.v-btn kbd {
  color: inherit;
  margin-left: 8px;
}
.line {
  min-height: 40px;
  line-height: 20px;
}
.others {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.others button,
.small {
  min-height: 48px;
  min-width: 48px;
  padding: 0 12px;
  border-radius: 24px;
  background: var(--sand);
  font-weight: 600;
}
.small {
  background: none;
  color: var(--plum);
}
.small:hover {
  background: var(--plum-tint);
}
footer {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
