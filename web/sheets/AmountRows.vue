<!-- How many tasks of each kind: amounts first, then what they are; a kind that is not there yet from a list. -->
<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { MOST_TASKS, SHEET_ORDER, type PaperKind, type SheetRecipe } from '../../core/sheets/index.ts';

const { counts } = defineProps<{ counts: SheetRecipe['counts'] }>();
const emit = defineEmits<{ change: [counts: Record<string, number>] }>();
const { t } = useI18n();

/** Kinds that are always offered, as most sheets have them. */
const USUAL: readonly PaperKind[] = ['choose-clock', 'write-digital', 'draw'];
const countOf = (kind: PaperKind): number => counts[kind] ?? 0;
const shown = computed(() => SHEET_ORDER.filter((kind) => USUAL.includes(kind) || kind in counts));
const others = computed(() => SHEET_ORDER.filter((kind) => !shown.value.includes(kind)));
const total = computed(() => SHEET_ORDER.reduce((sum, kind) => sum + countOf(kind), 0));
const set = (kind: PaperKind, count: number): void => {
  emit('change', { ...counts, [kind]: Math.max(0, count) });
};
</script>

<template>
  <ul class="amounts" :aria-label="t('sheets.amounts')">
    <li v-for="kind in shown" :key="kind" :class="{ none: countOf(kind) === 0 }">
      <button
        type="button"
        class="step"
        :disabled="countOf(kind) === 0"
        :aria-label="t('sheets.fewer', { kind: t(`sheets.kinds.${kind}`) })"
        @click="set(kind, countOf(kind) - 1)"
      >
        <v-icon :icon="mdiMinus" size="20" />
      </button>
      <span class="count time-type">{{ countOf(kind) }}</span>
      <button
        type="button"
        class="step"
        :disabled="total >= MOST_TASKS"
        :aria-label="t('sheets.more', { kind: t(`sheets.kinds.${kind}`) })"
        @click="set(kind, countOf(kind) + 1)"
      >
        <v-icon :icon="mdiPlus" size="20" />
      </button>
      <span class="kind">{{ t(`sheets.kinds.${kind}`) }}</span>
    </li>
    <li v-if="others.length > 0">
      <v-menu>
        <template #activator="{ props }">
          <v-btn v-bind="props" variant="text" :prepend-icon="mdiPlus" :height="44" class="other">{{
            t('sheets.otherKind')
          }}</v-btn>
        </template>
        <v-list>
          <v-list-item v-for="kind in others" :key="kind" :title="t(`sheets.kinds.${kind}`)" @click="set(kind, 1)" />
        </v-list>
      </v-menu>
    </li>
  </ul>
</template>

<style scoped>
.amounts li {
  display: flex;
  align-items: center;
  min-height: 42px;
}
.step {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  border-radius: 50%;
  background: var(--plum-tint);
  color: var(--plum);
  position: relative;
}
/* The finger's target is larger than what is seen. */
.step::after {
  content: '';
  position: absolute;
  inset: -5px;
}
.step:disabled {
  background: none;
  color: var(--quiet);
}
.count {
  width: 36px;
  text-align: center;
  font-size: 20px;
  font-weight: 700;
}
.kind {
  margin-left: 14px;
  font-weight: 600;
}
.none .count,
.none .kind {
  color: var(--quiet);
  font-weight: 400;
}
.other {
  margin-left: -8px;
}
</style>
