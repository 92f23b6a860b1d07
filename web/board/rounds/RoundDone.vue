<!-- After a round: each time with how many had it, and where to go from here. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Round, RoundCount } from '../../../contract/index.ts';
import { askedAs, hasMore, type RoundItem } from '../../../core/rounds/index.ts';
import AskedPicture from '../asking/AskedPicture.vue';

const { round, counts, nameOf } = defineProps<{
  round: Round;
  /** Of each task, in asking order. */
  counts: readonly RoundCount[];
  nameOf: (item: RoundItem) => string;
}>();
const emit = defineEmits<{ again: []; leave: []; more: []; look: [index: number] }>();
const { t } = useI18n();
const how = (index: number): string => {
  const { given, missed } = counts[index] ?? { given: 0, missed: 0 };
  if (index > round.index) return t('round.notAsked');
  return given === 0 ? t('round.nobody') : t('round.doneItem', { right: given - missed, count: given });
};
const items = computed(() =>
  round.entries.map(({ item, origin }, index) => ({
    item,
    name: nameOf(item),
    origin,
    task: askedAs(item),
    how: how(index),
  })),
);
/** Which task it was needs saying only where they differ. */
const mixed = computed(() => new Set(items.value.map(({ task }) => task)).size > 1);
const isMany = computed(() => items.value.length > 6);
</script>

<template>
  <section class="done">
    <h2 class="title-page">{{ t('round.done') }}</h2>
    <ul :class="{ many: isMany }">
      <li v-for="(item, i) in items" :key="i" :data-origin="item.origin">
        <component
          :is="i > round.index ? 'div' : 'button'"
          class="task"
          :type="i > round.index ? undefined : 'button'"
          :aria-label="i > round.index ? undefined : t('round.lookBack', { task: item.name, how: item.how })"
          @click="i <= round.index && emit('look', i)"
        >
          <AskedPicture :item="item.item" :px="isMany ? 48 : 64" :label="item.name" />
          <strong class="time-type">{{ item.name }}</strong>
          <span class="quiet">{{ item.how }}</span>
          <span v-if="mixed" class="quiet">{{ t(`roundTray.tasks.${item.task}`) }}</span>
          <span v-if="item.origin !== 'planned'" class="quiet origin">{{ t(`round.origin.${item.origin}`) }}</span>
        </component>
      </li>
    </ul>
    <div class="acts">
      <v-btn v-if="hasMore(round)" variant="tonal" @click="emit('more')">{{ t('round.more') }}</v-btn>
      <v-btn :to="{ name: 'class' }">{{ t('round.toClass') }}</v-btn>
      <v-btn variant="text" @click="emit('leave')">{{ t('round.toDesk') }}</v-btn>
      <v-btn variant="text" @click="emit('again')">{{ t('round.again') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.done {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: calc(var(--u) * 20);
  min-height: 0;
}
ul {
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: calc(var(--u) * 22) 8px;
}
.task {
  width: 100%;
  display: grid;
  justify-items: center;
  border-radius: var(--corner);
}
button.task:hover {
  background: rgba(255, 255, 255, 0.7);
}
strong {
  font-size: 20px;
  line-height: 28px;
}
ul.many {
  grid-template-columns: repeat(4, 1fr);
  gap: 8px 4px;
}
.origin {
  font-weight: 600;
}
.acts {
  flex: none;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
