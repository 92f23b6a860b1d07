<!-- The devices that are in, each to be sent out; and where another one of the teacher's comes in. -->
<script setup lang="ts">
import { onMounted, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { TeacherDevices as Listed, type TeacherDevice } from '../../contract/index.ts';
import { get, remove } from '../api/client.ts';
import { useEntryStore } from '../stores/entry.ts';

const { t, d } = useI18n();
const entry = useEntryStore();
const listed = shallowRef<Listed>();
const failed = shallowRef(false);
const load = async (): Promise<void> => {
  try {
    listed.value = await get(Listed, '/entry/devices');
    failed.value = false;
  } catch {
    failed.value = true;
  }
};
const sendOut = async ({ id, isThis }: TeacherDevice): Promise<void> => {
  if (isThis) return entry.leave();
  try {
    listed.value = await remove(Listed, `/entry/devices/${id}`);
  } catch {
    failed.value = true;
  }
};
const nameOf = ({ device, own, isThis }: TeacherDevice): string =>
  [t(isThis ? 'entry.thisDevice' : own ? 'entry.ownComputer' : 'entry.otherDevice'), device]
    .filter((part) => part !== '')
    .join(', ');
const until = ({ endsAt }: TeacherDevice): string => d(new Date(endsAt), { timeStyle: 'short' });
defineExpose({ load });
onMounted(load);
</script>

<template>
  <section>
    <h2 class="title-column">{{ t('entry.devices') }}</h2>
    <p v-if="failed" class="problem" role="alert">{{ t('problem.unreachable') }}</p>
    <ul v-if="listed" class="list">
      <li v-for="one in listed.devices" :key="one.id" :data-device="one.isThis ? 'this' : 'other'">
        <div>
          <strong>{{ nameOf(one) }}</strong>
          <p class="quiet">{{ t('entry.until', { time: until(one) }) }}</p>
        </div>
        <v-btn
          variant="text"
          :height="44"
          :aria-label="t('entry.outThis', { name: nameOf(one) })"
          @click="sendOut(one)"
          >{{ t('entry.out') }}</v-btn
        >
      </li>
    </ul>
    <template v-if="listed">
      <h3 class="title-item">{{ t('entry.second') }}</h3>
      <p v-if="listed.addresses.length === 0">{{ t('entry.secondShut') }}</p>
      <template v-else>
        <p>{{ t('entry.secondOpen') }}</p>
        <p v-for="address in listed.addresses" :key="address" class="address">{{ address }}</p>
      </template>
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 6px 0;
}
li + li {
  border-top: 1px solid var(--line);
}
.address {
  font-weight: 700;
  overflow-wrap: anywhere;
}
</style>
