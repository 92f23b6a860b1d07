<!-- The unit: the questions and what they make; once laid out, its weeks, its teaching days, and its files. -->
<script setup lang="ts">
import { mdiRedo, mdiUndo } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { UnitChoices } from '../../contract/index.ts';
import { defaultChoices, relaidPlan, type PlanLesson } from '../../core/planning/index.ts';
import DaysOff from '../plan/DaysOff.vue';
import UnitFiles from '../plan/UnitFiles.vue';
import UnitForm from '../plan/UnitForm.vue';
import UnitOutline from '../plan/UnitOutline.vue';
import WeekdayRow from '../plan/WeekdayRow.vue';
import SettingsTabs from '../settings/SettingsTabs.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { problemKey } from '../words/problemWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { t } = useI18n();
const router = useRouter();
const store = useClassroomStore();
const plan = usePlanStore();
const words = usePlanWords();

const room = computed(() => store.classroom!);
/** Answering the questions: for a class without a unit, or to lay the rest out anew. */
const asking = ref(room.value.plan === null);
const fresh = (): UnitChoices => {
  const { class: own, today, settings } = room.value;
  const start = defaultChoices(today, own!.name) as UnitChoices;
  return { ...start, order: settings.teachingOrder };
};
const choices = ref<UnitChoices>(room.value.plan?.choices ?? fresh());
const problem = ref<string>();
/** Another class: its own unit, or its own questions. */
watch(
  () => room.value.class?.id,
  () => {
    asking.value = room.value.plan === null;
    choices.value = room.value.plan?.choices ?? fresh();
  },
);

const kept = computed(() => room.value.lessons.filter(({ id }) => room.value.fixed.includes(id)) as PlanLesson[]);
/** What the answers make; none when the calendar leaves too few days. */
const preview = computed(() => {
  try {
    return relaidPlan(choices.value, kept.value, room.value.plan?.skipped ?? [], 0).lessons;
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
});
const again = (): void => {
  choices.value = { ...room.value.plan!.choices, firstDay: room.value.today };
  asking.value = true;
};
const make = async (): Promise<void> => {
  problem.value = undefined;
  try {
    await plan.make(choices.value);
    asking.value = false;
    await router.push({ name: 'desk' });
  } catch (error) {
    problem.value = problemKey(error);
  }
};
const calendarChanged = computed(
  () =>
    room.value.plan !== null &&
    JSON.stringify([choices.value.weekdays, choices.value.daysOff]) !==
      JSON.stringify([room.value.plan.choices.weekdays, room.value.plan.choices.daysOff]),
);
const readIn = (): void => {
  asking.value = false;
  choices.value = room.value.plan!.choices;
};
const facts = computed(() => {
  const { level, order, handFirst, media, minutes } = room.value.plan!.choices;
  return [
    t(`plan.levels.${level}`),
    t(`settings.choice.teachingOrder.${order}`),
    t(`plan.handFirsts.${handFirst ? 'yes' : 'no'}`),
    t(`plan.medium.${media}`),
    t('plan.minutes', { count: minutes }),
  ];
});
</script>

<template>
  <div class="page">
    <section>
      <SettingsTabs />
      <template v-if="asking">
        <h1 class="title-page">{{ t(room.plan === null ? 'plan.newTitle' : 'plan.againTitle') }}</h1>
        <p class="quiet lead">{{ t(kept.length > 0 ? 'plan.againLead' : 'plan.newLead') }}</p>
        <UnitForm v-model="choices" />
      </template>
      <template v-else>
        <h1 class="title-page">{{ t('plan.unitOf', { name: room.class!.name }) }}</h1>
        <ul class="facts">
          <li v-for="fact in facts" :key="fact">{{ fact }}</li>
        </ul>
        <div class="acts">
          <v-btn :disabled="!room.plan?.undo" variant="text" :prepend-icon="mdiUndo" @click="plan.undo">
            {{ room.plan?.undo ? t('plan.undoDeed', { deed: words.deed(room.plan.undo) }) : t('plan.undo') }}
          </v-btn>
          <v-btn :disabled="!room.plan?.redo" variant="text" :prepend-icon="mdiRedo" @click="plan.redo">
            {{ room.plan?.redo ? t('plan.redoDeed', { deed: words.deed(room.plan.redo) }) : t('plan.redo') }}
          </v-btn>
          <v-btn variant="text" @click="again">{{ t('plan.layAgain') }}</v-btn>
        </div>
        <h2 class="title-column">{{ t('plan.files') }}</h2>
        <UnitFiles :out="true" @read="readIn" />
        <template v-if="room.plan!.skipped.length > 0">
          <h2 class="title-column">{{ t('plan.skipped') }}</h2>
          <ul>
            <li v-for="one in room.plan!.skipped" :key="one.from" class="skipped">
              {{ words.longDay(one.from) }} <span class="quiet">{{ one.name }}</span>
              <button
                v-if="one.from >= room.today"
                type="button"
                @click="plan.change({ kind: 'unskip', day: one.from })"
              >
                {{ t('plan.unskip') }}
              </button>
            </li>
          </ul>
        </template>
        <p class="quiet rule">{{ t('plan.calendarLead') }}</p>
        <WeekdayRow
          :model-value="choices.weekdays"
          @update:model-value="(weekdays) => (choices = { ...choices, weekdays: [...weekdays] })"
        />
        <DaysOff
          :from="room.today"
          :model-value="choices.daysOff"
          @update:model-value="(daysOff) => (choices = { ...choices, daysOff: [...daysOff] })"
        />
        <v-btn
          v-if="calendarChanged"
          @click="plan.change({ kind: 'calendar', weekdays: [...choices.weekdays], daysOff: [...choices.daysOff] })"
        >
          {{ t('plan.keepCalendar') }}
        </v-btn>
      </template>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    </section>
    <section class="sheet weeks" :aria-label="t('plan.outline')">
      <header>
        <h2 class="title-column">{{ t('plan.lessons', { count: (asking ? preview : room.lessons)?.length ?? 0 }) }}</h2>
        <v-btn v-if="asking" :disabled="preview === undefined" @click="make">{{
          t(room.plan === null ? 'plan.make' : 'plan.makeAgain')
        }}</v-btn>
      </header>
      <p v-if="asking && preview === undefined" class="problem" role="alert">{{ t('problem.no-days-left') }}</p>
      <UnitOutline v-else :lessons="asking ? preview! : room.lessons" :links="!asking" />
      <footer v-if="asking">
        <v-btn v-if="room.plan !== null" variant="text" @click="asking = false">{{ t('app.cancel') }}</v-btn>
        <UnitFiles v-if="kept.length === 0" :out="false" @read="readIn" />
      </footer>
    </section>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 440px;
  gap: 40px;
  padding: 12px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 4px 0 12px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 12px 0 8px;
}
.facts li {
  background: var(--sand);
  border-radius: 999px;
  padding: 4px 14px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  margin: 0 0 10px -16px;
}
.skipped {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 40px;
}
.skipped button {
  min-height: 40px;
  color: var(--plum);
  font-weight: 600;
}
.rule {
  margin: 14px 0 8px;
}
.weeks {
  padding: 18px 22px;
}
.weeks header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 48px;
  margin-bottom: 8px;
}
.weeks footer {
  margin-top: 12px;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
  }
}
</style>
