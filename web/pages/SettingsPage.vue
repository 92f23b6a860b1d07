<!-- Conventions of the class. A change shows in the preview first and holds everywhere once it is kept. -->
<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import { SNAPS, timeOf, type DialTime } from '../../core/clock/index.ts';
import { CHOICES, CONVENTION_GROUPS, choicesOf, type ConventionGroup } from '../../core/conventions/index.ts';
import { paperOf } from '../../core/locales/index.ts';
import ChoiceRow from '../settings/ChoiceRow.vue';
import ConventionsPreview from '../settings/ConventionsPreview.vue';
import LeaveOrKeep from '../settings/LeaveOrKeep.vue';
import HandColours from '../settings/HandColours.vue';
import SettingsTabs from '../settings/SettingsTabs.vue';
import { Refused } from '../api/client.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const kept = computed(() => store.classroom!.settings);
/** What differs from what is kept. */
const draft = shallowRef<Partial<Settings>>({});
const shown = computed<Settings>(() => ({ ...kept.value, ...draft.value }));
const changed = computed(() => JSON.stringify(shown.value) !== JSON.stringify(kept.value));
const problem = ref<string>();
const saved = ref(false);

const group = ref<ConventionGroup>('words');
/** Rows of choices of a group; a row's words stand under its own name. What the board's hands settle on is no convention, but stands there too. */
const rows = computed((): [keyof Settings, readonly (string | number)[]][] => [
  ...choicesOf(group.value).map((name): [keyof Settings, readonly string[]] => [name, CHOICES[name].choices]),
  ...(group.value === 'reading' ? [['snap', SNAPS] as [keyof Settings, readonly number[]]] : []),
]);
/** The size in use where the class's language is spoken. */
const usualPaper = computed(() => {
  const size = paperOf({ ...shown.value, paper: 'usual' });
  return t(`settings.choice.paper.${size}`);
});
const label = (row: keyof Settings, choice: string | number): string => {
  if (row === 'digitalForm') return String(choice);
  if (row === 'snap') return t('settings.snapMinutes', { count: Number(choice) }, Number(choice));
  return t(`settings.choice.${row}.${choice}`, { paper: usualPaper.value });
};

/** How a choice stands on the page; colours have no word. */
const worded = (row: keyof Settings, choice: unknown): string =>
  typeof choice === 'string' || typeof choice === 'number' ? label(row, choice) : t('settings.anotherChoice');
const chosenIn = (row: keyof Settings): string | number => shown.value[row] as string | number;

const example = ref<DialTime>(timeOf(4, 30));
const choose = (change: Partial<Settings>): void => {
  for (const row of Object.keys(change) as (keyof Settings)[])
    if (!(row in draft.value)) before.value = { ...before.value, [row]: kept.value[row] };
  draft.value = { ...draft.value, ...change };
  saved.value = false;
  // The one time at which "the smaller number" is wrong is shown at once.
  if (change.hourFinding === 'smaller') example.value = timeOf(12, 30);
};
/** What was kept when each was changed here. */
const before = shallowRef<Partial<Settings>>({});
/** Rows that another window has changed meanwhile, otherwise than here. */
const disputed = computed(() =>
  (Object.keys(draft.value) as (keyof Settings)[]).filter(
    (row) => row in before.value && before.value[row] !== kept.value[row] && draft.value[row] !== kept.value[row],
  ),
);
const save = async (): Promise<void> => {
  try {
    await store.saveSettings(shown.value, kept.value);
  } catch (error) {
    if (!(error instanceof Refused) || error.code !== 'changed-elsewhere') throw error;
    // What others changed is taken in. Where it is something else than here, both are saved; where not, both are shown.
    await store.refresh();
    if (disputed.value.length > 0) throw error;
    await store.saveSettings(shown.value, kept.value);
  }
};
const keep = async (): Promise<void> => {
  try {
    await save();
    draft.value = before.value = {};
    saved.value = true;
    problem.value = undefined;
  } catch (error) {
    problem.value = problemKey(error);
  }
};
/** Whoever has seen both and saves means what stands here. */
const settle = (): void => {
  before.value = Object.fromEntries(disputed.value.map((row) => [row, kept.value[row]]));
};
</script>

<template>
  <div class="settings">
    <LeaveOrKeep :changed="changed" :keep="keep" :let-go="() => (draft = {})" />
    <section>
      <SettingsTabs />
      <h1 class="title-page">{{ t('settings.title') }}</h1>
      <p class="quiet lead">{{ t('settings.lead') }}</p>
      <div class="groups" role="group" :aria-label="t('settings.groups')">
        <button
          v-for="name in CONVENTION_GROUPS"
          :key="name"
          type="button"
          :class="{ chosen: name === group }"
          :aria-pressed="name === group"
          @click="group = name"
        >
          {{ t(`settings.group.${name}`) }}
        </button>
      </div>
      <ChoiceRow
        v-for="[row, choices] in rows"
        :key="row"
        :title="t(`settings.row.${row}`)"
        :choices="choices"
        :chosen="chosenIn(row)"
        :label="(choice) => label(row, choice)"
        @choose="(choice) => choose({ [row]: choice })"
      />
      <HandColours v-if="group === 'wall'" :conventions="shown" @choose="(handColours) => choose({ handColours })" />
    </section>
    <ConventionsPreview v-model="example" :conventions="shown" class="aside">
      <div class="keep">
        <div v-if="disputed.length > 0" role="alert" data-disputed>
          <p v-for="row in disputed" :key="row">
            {{
              t('settings.disputed', {
                row: t(`settings.row.${row}`),
                theirs: worded(row, kept[row]),
                mine: worded(row, shown[row]),
              })
            }}
          </p>
          <v-btn variant="text" :height="44" @click="settle">{{ t('settings.keepMine') }}</v-btn>
        </div>
        <p v-if="problem && disputed.length === 0" class="problem" role="alert">{{ t(problem) }}</p>
        <p v-else-if="changed" class="quiet" role="status">{{ t('settings.notKept') }}</p>
        <p v-else-if="saved" class="quiet" role="status">{{ t('settings.saved') }}</p>
        <div v-if="changed" class="acts">
          <v-btn @click="keep">{{ t('settings.keep') }}</v-btn>
          <v-btn variant="text" @click="draft = {}">{{ t('settings.putBack') }}</v-btn>
        </div>
      </div>
    </ConventionsPreview>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 420px;
  gap: 48px;
  padding: 8px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 2px 0 6px;
}
.groups {
  display: flex;
  gap: 20px;
  margin-bottom: 10px;
  border-bottom: 1px solid var(--line);
}
.groups button {
  min-height: 44px;
  border-bottom: 3px solid transparent;
  font-weight: 600;
}
.groups button.chosen {
  color: var(--plum);
  border-color: var(--plum);
}
.aside {
  position: sticky;
  top: 12px;
}
.keep {
  display: grid;
  justify-items: center;
  gap: 8px;
  min-height: 80px;
}
.acts {
  display: flex;
  gap: 8px;
}
@media (max-width: 900px) {
  .settings {
    grid-template-columns: 1fr;
  }
  .aside {
    position: static;
  }
}
</style>
