<!-- What the hands settle on when they are let go. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { SNAPS, type SnapMinutes } from '../../core/clock/index.ts';

const { snap } = defineProps<{ snap: SnapMinutes }>();
const emit = defineEmits<{ choose: [snap: SnapMinutes] }>();
const { t } = useI18n();
</script>

<template>
  <v-menu location="top">
    <template #activator="{ props: activator }">
      <button
        v-bind="activator"
        type="button"
        class="snap time-type"
        :aria-label="t('board.snap', { count: snap }, snap)"
        :title="t('board.snap', { count: snap }, snap)"
      >
        <span>{{ snap }}</span>
      </button>
    </template>
    <v-list>
      <v-list-item
        v-for="choice in SNAPS"
        :key="choice"
        :active="choice === snap"
        :title="t('board.snap', { count: choice }, choice)"
        @click="emit('choose', choice)"
      />
    </v-list>
  </v-menu>
</template>

<style scoped>
.snap {
  order: -1;
  width: 48px;
  height: 48px;
  display: grid;
  place-items: center;
  border-radius: 50%;
}
.snap span {
  width: 26px;
  height: 26px;
  border: 2px solid var(--ink);
  border-radius: 50%;
  font-size: 12px;
  line-height: 22px;
  text-align: center;
}
.snap:hover {
  background: var(--plum-tint);
}
</style>
