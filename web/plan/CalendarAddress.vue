<!-- A private address at which calendars of phones and other computers follow the unit; the teacher can withdraw it. -->
<script setup lang="ts">
import { mdiCalendarSync } from '@mdi/js';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { CalendarAddress } from '../../contract/index.ts';
import { get, post, remove } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

const PATH = '/plan/calendar';
const { t } = useI18n();
const known = shallowRef<CalendarAddress>();
/** Message key of what went wrong. */
const problem = ref<string>();
const ask = async (work: () => Promise<CalendarAddress>): Promise<void> => {
  problem.value = undefined;
  try {
    known.value = await work();
  } catch (error) {
    problem.value = problemKey(error);
  }
};
/** Is the classroom network not let in? Then the address is good for this computer alone. */
const isHereOnly = computed(() => {
  const address = known.value?.address ?? null;
  return address !== null && new URL(address, window.location.href).hostname === 'localhost';
});
onMounted(() => ask(() => get(CalendarAddress, PATH)));
</script>

<template>
  <section v-if="known || problem" class="calendar" :aria-label="t('plan.calendar.title')">
    <template v-if="known?.address">
      <p>
        {{ t(isHereOnly ? 'plan.calendar.hereOnly' : 'plan.calendar.lead') }}
        <code>{{ known.address }}</code>
      </p>
      <button type="button" class="act" @click="ask(() => remove(CalendarAddress, PATH))">
        {{ t('plan.calendar.withdraw') }}
      </button>
    </template>
    <button v-else-if="known" type="button" class="act" @click="ask(() => post(CalendarAddress, PATH, {}))">
      <v-icon :icon="mdiCalendarSync" size="20" />{{ t('plan.calendar.make') }}
    </button>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  </section>
</template>

<style scoped>
.calendar {
  width: 100%;
}
.act {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  color: var(--plum);
  font-weight: 700;
}
code {
  display: block;
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
