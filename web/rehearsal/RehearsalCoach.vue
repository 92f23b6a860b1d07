<!-- After a task that many missed: what would you say or show next? Then what Hoppel would. What is typed is kept nowhere. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Item } from '../../core/items/index.ts';
import { NEED_OF_RULE } from '../../core/diagnosis/index.ts';
import type { Suggestion } from '../../core/rehearsal/index.ts';
import { describeAnswer, describeItem, needText, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import AskedAndGiven from '../clock/AskedAndGiven.vue';
import SmallClock from '../clock/SmallClock.vue';
import PillRow from '../look/PillRow.vue';
import { useFocusBack } from '../shell/focusBack.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { item, suggestion } = defineProps<{ item: Item; suggestion: Suggestion }>();
const emit = defineEmits<{ on: []; quiet: [] }>();
const { t } = useI18n();
useFocusBack();
const store = useClassroomStore();
const settings = computed(() => store.classroom!.settings);
const clock = useClockWords(() => settings.value);

const CHOICES = ['pair', 'lens', 'again', 'on'] as const;
const chosen = ref<(typeof CHOICES)[number]>();
const said = ref('');
const shown = ref(false);
const what = computed(() => {
  const { missed, answered, same } = suggestion;
  const values = { missed, answered, task: describeItem(item, settings.value) };
  const most =
    same && t('rehearsal.most', { count: same.count, answer: describeAnswer(item, same.read, settings.value) });
  return most === undefined ? t('rehearsal.missed', values) : `${t('rehearsal.missed', values)} ${most}`;
});
/** What Hoppel would do, the thing and its reason. */
const would = computed(() => {
  const { rule, lens, contrast } = suggestion;
  if (contrast === undefined) return undefined;
  const [one, other] = contrast.map((time) => clock.written(time));
  return {
    why:
      rule === undefined
        ? t('rehearsal.alike')
        : t('rehearsal.fits', {
            need: teacherSentence(needText(NEED_OF_RULE[rule], 'name'), settings.value),
            rule: teacherSentence(ruleText(rule, 'short'), settings.value),
          }),
    show: t('desk.show', { one, other }),
    lens: lens === undefined ? '' : t('smallGroup.show', { lens: t(`lens.${lens}`, clock.hands.value) }),
    contrast,
  };
});
</script>

<template>
  <v-dialog :model-value="true" width="620" :aria-label="t('rehearsal.coach')" @update:model-value="emit('on')">
    <section class="sheet coach">
      <h2 class="title-column">{{ t('rehearsal.coach') }}</h2>
      <p>{{ what }}</p>
      <AskedAndGiven v-if="suggestion.same" :item="item" :read="suggestion.same.read" :conventions="settings" />
      <PillRow
        name="next"
        :label="t('rehearsal.coach')"
        :choices="CHOICES.map((key) => ({ key, label: t(`rehearsal.choice.${key}`) }))"
        :on="chosen === undefined ? [] : [chosen]"
        @choose="(choice) => (chosen = choice)"
      />
      <v-textarea
        v-model="said"
        :label="t('rehearsal.say')"
        :hint="t('rehearsal.sayHint')"
        persistent-hint
        rows="2"
        auto-grow
        maxlength="300"
      />
      <section v-if="shown" class="would" role="status">
        <h3 class="title-item">{{ t('rehearsal.would') }}</h3>
        <template v-if="would">
          <p>{{ would.why }}</p>
          <p class="show">
            <SmallClock v-for="time in would.contrast" :key="time" :time="time" :px="48" :label="clock.said(time)" />
            <span
              ><strong>{{ would.show }}</strong> {{ would.lens }}</span
            >
          </p>
        </template>
        <p v-else>{{ t('rehearsal.noPattern') }}</p>
      </section>
      <footer>
        <v-btn v-if="!shown" data-would @click="shown = true">{{ t('rehearsal.showWould') }}</v-btn>
        <v-btn v-else data-on @click="emit('on')">{{ t('rehearsal.goOn') }}</v-btn>
        <v-btn variant="text" @click="emit('quiet')">{{ t('rehearsal.quiet') }}</v-btn>
      </footer>
    </section>
  </v-dialog>
</template>

<style scoped>
.coach {
  padding: 22px 24px 14px;
  display: grid;
  gap: 12px;
}
.coach :deep(.pills button:not([aria-pressed='true'])) {
  background: var(--sand-light);
}
.would {
  padding: 12px 16px;
  border-radius: var(--corner);
  background: var(--plum-tint);
}
.show {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-top: 8px;
}
footer {
  display: flex;
  gap: 8px;
}
</style>
