<!-- What was done about a need since it was seen, and what came of it. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ChildReason } from '../../contract/index.ts';

const { tried } = defineProps<{ tried: ChildReason['tried'] }>();
const { t, d } = useI18n();
/** The latest few tell enough. */
const SHOWN = 3;
const lines = computed(() =>
  tried.slice(0, SHOWN).map(({ what, day, before, since, result }) => ({
    key: `${what} ${day}`,
    what: t(`child.tried.${what}`, { day: d(new Date(`${day}T00:00:00Z`), 'day') }),
    came:
      result === 'too-early'
        ? t('child.tried.too-early')
        : t(`child.tried.${result}`, {
            since: since.shown,
            sinceOf: since.of,
            before: before.shown,
            beforeOf: before.of,
          }),
  })),
);
</script>

<template>
  <ul>
    <li v-for="line in lines" :key="line.key">
      {{ line.what }} <span class="quiet">{{ line.came }}</span>
    </li>
  </ul>
</template>
