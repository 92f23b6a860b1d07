<!-- Days off: typed one by one, or read from a calendar file. -->
<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { CalendarFileReply, type DayOff } from '../../contract/index.ts';
import { addDays, sortedDaysOff } from '../../core/planning/index.ts';
import { Refused, post } from '../api/client.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { from } = defineProps<{
  /** Days off before this day do not matter. */
  from: string;
}>();
const daysOff = defineModel<readonly DayOff[]>({ required: true });
const { t } = useI18n();
const words = usePlanWords();

/** Days a school's calendar is looked through: a school year and a little. */
const LOOK_AHEAD = 400;
const fresh = ref({ from: '', to: '', name: '' });
const said = ref<string>();
const failed = ref<string>();

const add = (): void => {
  const first = fresh.value.from;
  if (first === '') return;
  const last = fresh.value.to === '' || fresh.value.to < first ? first : fresh.value.to;
  daysOff.value = sortedDaysOff([...daysOff.value, { from: first, to: last, name: fresh.value.name.trim() }]);
  fresh.value = { from: '', to: '', name: '' };
};
const remove = (gone: DayOff): void => {
  daysOff.value = daysOff.value.filter((one) => one !== gone);
};
const read = async (event: Event): Promise<void> => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file === undefined) return;
  said.value = failed.value = undefined;
  try {
    const text = await file.text();
    const reply = await post(CalendarFileReply, '/plan/days-off', { text, from, to: addDays(from, LOOK_AHEAD) });
    daysOff.value = sortedDaysOff([...daysOff.value, ...reply.daysOff]);
    said.value = t('plan.calendarRead', { count: reply.daysOff.length, passed: reply.passedOver });
  } catch (error) {
    failed.value = error instanceof Refused ? `${t('problem.bad-file')} ${error.detail}` : t('problem.unreachable');
  }
  input.value = '';
};
const span = ({ from: first, to: last }: DayOff): string =>
  first === last ? words.longDay(first) : t('plan.span', { from: words.longDay(first), to: words.longDay(last) });
</script>

<template>
  <fieldset class="days-off">
    <legend class="title-item">{{ t('plan.daysOff') }}</legend>
    <ul v-if="daysOff.length > 0">
      <li v-for="(one, i) in daysOff" :key="i">
        <span>{{ span(one) }}</span>
        <span class="quiet">{{ one.name }}</span>
        <button type="button" :aria-label="t('plan.removeDayOff', { day: span(one) })" @click="remove(one)">
          <v-icon :icon="mdiClose" size="18" />
        </button>
      </li>
    </ul>
    <div class="add">
      <input v-model="fresh.from" class="sand-field" type="date" :aria-label="t('plan.offFrom')" />
      <span class="quiet">{{ t('plan.offTo') }}</span>
      <input v-model="fresh.to" class="sand-field" type="date" :aria-label="t('plan.offTo')" />
      <input
        v-model="fresh.name"
        class="sand-field name"
        maxlength="80"
        :placeholder="t('plan.offName')"
        :aria-label="t('plan.offName')"
        @keydown.enter.prevent="add"
      />
      <v-btn variant="text" :disabled="fresh.from === ''" @click="add">{{ t('plan.addDayOff') }}</v-btn>
    </div>
    <label class="file">
      <input type="file" accept=".ics,text/calendar" @change="read" />
      <span>{{ t('plan.fromCalendar') }}</span>
    </label>
    <p v-if="said" class="quiet" role="status">{{ said }}</p>
    <p v-if="failed" class="problem" role="alert">{{ failed }}</p>
  </fieldset>
</template>

<style scoped>
.days-off {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  padding: 0;
  margin-bottom: 4px;
}
ul {
  max-height: 132px;
  overflow: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 36px;
}
li button {
  margin-left: auto;
  width: 36px;
  height: 36px;
  color: var(--plum);
}
.add {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.name {
  flex: 1;
  min-width: 100px;
}
.file {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--plum);
  font-weight: 700;
  cursor: pointer;
}
.file input {
  position: absolute;
  opacity: 0;
  width: 1px;
}
.file:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
  border-radius: 8px;
}
</style>
