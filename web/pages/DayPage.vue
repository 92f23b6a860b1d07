<!-- The class's day: what happens when, and the moments at which the board asks what the clock says. -->
<script setup lang="ts">
import { mdiBellOutline, mdiClose, mdiPlus } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { RoutineEntry } from '../../contract/index.ts';
import { dayTime, isTaught, onDial } from '../../core/clock/index.ts';
import { PICTURES, type Picture } from '../../core/pictures/index.ts';
import { ringChime } from '../board/moments/chime.ts';
import SmallClock from '../clock/SmallClock.vue';
import PictureMenu from '../people/PictureMenu.vue';
import SettingsTabs from '../settings/SettingsTabs.vue';
import { Refused } from '../api/client.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const problem = ref<string>();
const attempt = async (work: () => Promise<void>): Promise<void> => {
  try {
    await work();
    problem.value = undefined;
  } catch (error) {
    problem.value = problemKey(error);
  }
};

type Line = Omit<RoutineEntry, 'id'>;
const day = computed(() => store.classroom!.day);
const lines = ref<Line[]>([]);
watch(
  () => day.value.routine,
  (routine) => (lines.value = routine.map(({ name, picture, at }) => ({ name, picture, at }))),
  { immediate: true },
);
/** The day as it was when the lines below were changed last. */
const seen = computed(() => theirs.value ?? day.value.routine);
/** The day of another window, which was changed meanwhile: the lines here stay as they are until they are saved. */
const theirs = ref<RoutineEntry[]>();
const save = (): Promise<void> =>
  attempt(async () => {
    try {
      await store.saveRoutine(
        lines.value.filter(({ name }) => name.trim() !== ''),
        seen.value,
      );
      theirs.value = undefined;
    } catch (error) {
      if (!(error instanceof Refused) || error.code !== 'changed-elsewhere') throw error;
      const mine = lines.value;
      await store.refresh();
      theirs.value = [...day.value.routine];
      lines.value = mine;
    }
  });
/** HH:MM, as a field for a time of day has it. */
const asField = (at: number): string =>
  `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
const setTime = (line: Line, field: string): void => {
  const [hours, minutes] = field.split(':').map(Number);
  if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return;
  line.at = dayTime(hours * 60 + minutes);
  void save();
};
const setPicture = (line: Line, picture: Picture): void => {
  line.picture = picture;
  void save();
};
const remove = (i: number): void => {
  lines.value.splice(i, 1);
  void save();
};
const add = (): void => {
  const used = new Set(lines.value.map(({ picture }) => picture));
  const picture = PICTURES.find((one) => !used.has(one)) ?? PICTURES[0];
  lines.value.push({ name: t('day.newEntry'), picture, at: dayTime(10 * 60) });
  void save();
};
const isMoment = (at: Line['at']): boolean => isTaught(onDial(at));
const isChosen = (id: number): boolean => day.value.moments.includes(id);
const choose = (id: number, chosen: boolean): Promise<void> =>
  attempt(() =>
    store.chooseMoments(chosen ? [...day.value.moments, id] : day.value.moments.filter((one) => one !== id)),
  );
const entryOf = (i: number): RoutineEntry | undefined => day.value.routine[i];
const numberTime = (field: string): Promise<void> => attempt(() => store.changeClass({ numberTime: field }));
</script>

<template>
  <div class="page">
    <section>
      <SettingsTabs />
      <h1 class="title-page">{{ t('day.title') }}</h1>
      <p class="quiet lead">{{ t('day.lead') }}</p>
      <p v-if="theirs" class="problem" role="alert" data-disputed>
        {{
          t('day.disputed', {
            theirs: theirs.map(({ name, at }) => `${clock.written(onDial(at))} ${name}`).join(', '),
          })
        }}
        <v-btn variant="text" :height="44" @click="save">{{ t('settings.keepMine') }}</v-btn>
      </p>
      <ol class="sheet list">
        <li v-for="(line, i) in lines" :key="i">
          <SmallClock :time="onDial(line.at)" :px="38" :label="clock.said(onDial(line.at))" />
          <input
            type="time"
            class="sand-field time-type"
            :value="asField(line.at)"
            :aria-label="t('day.timeOf', { name: line.name })"
            @change="setTime(line, ($event.target as HTMLInputElement).value)"
          />
          <PictureMenu
            :picture="line.picture"
            :choices="PICTURES"
            :label="t('day.pictureOf', { name: line.name })"
            @choose="(picture) => setPicture(line, picture)"
          />
          <input
            v-model="line.name"
            class="bare-field name"
            maxlength="40"
            :aria-label="t('day.nameOf', { name: line.name })"
            @change="save"
          />
          <label v-if="isMoment(line.at) && entryOf(i)" class="moment" :class="{ chosen: isChosen(entryOf(i)!.id) }">
            <input
              type="checkbox"
              :checked="isChosen(entryOf(i)!.id)"
              :aria-label="t('day.momentOf', { name: line.name })"
              @change="choose(entryOf(i)!.id, ($event.target as HTMLInputElement).checked)"
            />
            <v-icon :icon="mdiBellOutline" size="18" />
            {{ t('day.moment') }}
          </label>
          <span v-else class="quiet">{{ t('day.noMoment') }}</span>
          <button type="button" class="drop" :aria-label="t('day.remove', { name: line.name })" @click="remove(i)">
            <v-icon :icon="mdiClose" size="18" />
          </button>
        </li>
      </ol>
      <v-btn variant="text" :prepend-icon="mdiPlus" @click="add">{{ t('day.add') }}</v-btn>
    </section>
    <aside>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <h2 class="title-item">{{ t('day.numberTime') }}</h2>
      <input
        type="time"
        class="sand-field field time-type"
        :value="store.classroom!.class!.numberTime"
        :aria-label="t('day.numberTime')"
        @change="numberTime(($event.target as HTMLInputElement).value)"
      />
      <h2 class="title-item">{{ t('day.moments') }}</h2>
      <p>{{ t('day.momentsText') }}</p>
      <h2 class="title-item">{{ t('day.chime') }}</h2>
      <v-slider
        :model-value="day.chime"
        min="0"
        max="100"
        step="10"
        :aria-label="t('day.chime')"
        hide-details
        color="primary"
        @end="(value: number) => attempt(() => store.setChime(value))"
      />
      <p class="quiet">{{ day.chime === 0 ? t('day.chimeOff') : t('day.chimeAt', { count: day.chime }) }}</p>
      <v-btn variant="text" class="hear" :disabled="day.chime === 0" @click="ringChime(day.chime)">{{
        t('day.hear')
      }}</v-btn>
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 40px;
  padding: 8px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 4px 0 12px;
}
.list {
  padding: 6px 10px;
}
.list li {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 46px;
}
input[type='time'] {
  font-size: 16px;
}
.moment {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 40px;
  padding: 0 14px 0 10px;
  border-radius: 999px;
  background: var(--sand);
  cursor: pointer;
}
.moment.chosen {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  font-weight: 700;
}
.moment input {
  position: absolute;
  opacity: 0;
}
.moment:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
.drop {
  width: 40px;
  height: 40px;
  color: var(--plum);
}
aside {
  display: grid;
  gap: 10px;
  padding-top: 58px;
}
.field {
  justify-self: start;
}
.hear {
  justify-self: start;
  margin-left: -16px;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 16px;
  }
  .list li {
    flex-wrap: wrap;
    gap: 4px 10px;
    padding: 4px 0;
  }
  aside {
    padding-top: 0;
  }
}
</style>
