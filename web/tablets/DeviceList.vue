<!-- Devices that were let in, folded away, each with a way to shut it out. -->
<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js';
import { useI18n } from 'vue-i18n';

/** One that was let in. */
interface Device {
  readonly id: string;
  readonly name: string;
  /** ISO 8601. */
  readonly letInAt: string;
  readonly listens: boolean;
}
const { devices, title, icon, busy } = defineProps<{
  devices: readonly Device[];
  title: string;
  icon: string;
  busy: boolean;
}>();
const emit = defineEmits<{ withdraw: [id: string] }>();
const { t, d } = useI18n();
</script>

<template>
  <details v-if="devices.length > 0" class="passes">
    <summary>
      {{ title }}
      <v-icon class="fold" :icon="mdiChevronDown" size="20" aria-hidden="true" />
    </summary>
    <ul>
      <li v-for="{ id, name, letInAt, listens } in devices" :key="id" :class="{ listens }">
        <v-icon :icon="icon" size="20" aria-hidden="true" />
        <span class="who">
          <strong>{{ name }}</strong>
          <span class="quiet">{{
            t(listens ? 'tablets.passHere' : 'tablets.passSince', {
              when: d(new Date(letInAt), { weekday: 'short', hour: 'numeric', minute: '2-digit' }),
            })
          }}</span>
        </span>
        <button
          type="button"
          :disabled="busy"
          :aria-label="t('tablets.withdrawLabel', { name })"
          @click="emit('withdraw', id)"
        >
          {{ t('tablets.withdraw') }}
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.passes {
  width: 100%;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  justify-content: center;
  cursor: pointer;
  color: var(--plum);
  font-weight: 600;
}
summary::-webkit-details-marker {
  display: none;
}
.fold {
  transition: transform 180ms;
}
.passes[open] .fold {
  transform: rotate(180deg);
}
ul {
  max-height: 240px;
  overflow: auto;
  display: grid;
  gap: 4px;
}
li {
  min-height: 52px;
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--quiet);
}
li.listens {
  color: var(--ink);
}
.who {
  flex: 1;
  min-width: 0;
  display: grid;
  line-height: 1.25;
}
.who > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button {
  min-height: 48px;
  padding: 0 10px;
  border-radius: 24px;
  color: var(--plum);
  font-weight: 600;
}
button:hover {
  background: var(--plum-tint);
}
</style>
