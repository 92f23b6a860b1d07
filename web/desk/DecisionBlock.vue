<!-- What the check speaks for, with its reason; the teacher accepts or decides otherwise. -->
<script setup lang="ts">
import { mdiTuneVariant } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { DECISIONS, type Decision } from '../../core/planning/index.ts';
import type { Desk, Thresholds } from '../../contract/index.ts';
import ThresholdsDialog from './ThresholdsDialog.vue';

const { suggestion, decided, secure, seen, thresholds, need, again } = defineProps<{
  suggestion: Decision;
  decided: Decision | null;
  secure: number;
  seen: number;
  thresholds: Thresholds;
  /** What teaching it again would cost; none where it cannot be put in. */
  again: Desk['again'];
  /** What most of the others need, and how many; none where no reason was found. */
  need: { readonly name: string; readonly count: number } | undefined;
}>();
const emit = defineEmits<{ decide: [decision: Decision]; thresholds: [thresholds: Thresholds] }>();
const { t, d } = useI18n();
const percent = computed(() => Math.round((100 * secure) / seen));
const asking = ref(false);
/** Put off: it is out of the way on this screen, and stays open. */
const putOff = ref(false);
const isLater = computed(() => putOff.value && !decided);
const keep = (kept: Thresholds): void => {
  asking.value = false;
  emit('thresholds', kept);
};
/** What a decision costs, in a sentence; none where it costs nothing, or was made already. */
const costOf = (decision: Decision): string | undefined =>
  decision !== 'teach-again' || decided === 'teach-again' || again === null
    ? undefined
    : t('desk.cost', { count: again.pushed, day: d(new Date(`${again.ends}T00:00:00Z`), 'long') }, again.pushed);
const others = computed(() => DECISIONS.filter((decision) => decision !== (decided ?? suggestion)));
</script>

<template>
  <section class="decision">
    <p v-if="decided && !$slots['default']" class="quiet">{{ t('desk.decided') }}</p>
    <h3>
      {{ t(`desk.decision.${decided ?? suggestion}`) }}
      <span v-if="decided && $slots['default']" class="quiet">{{ t('desk.decided') }}</span>
    </h3>
    <p v-if="isLater" class="quiet" role="status">{{ t('desk.leftOpen') }}</p>
    <p v-else-if="(!decided || decided === suggestion) && !$slots['default']">
      {{ t(`desk.because.${suggestion}`, { secure, seen, percent, ...thresholds }) }}
      <template v-if="need">{{ t('desk.becauseNeed', { need: need.name, count: need.count }, need.count) }}</template>
      <template v-if="costOf(suggestion)">{{ costOf(suggestion) }}</template>
    </p>
    <slot />
    <div class="acts">
      <v-btn v-if="isLater" variant="text" data-now @click="putOff = false">{{ t('desk.decideNow') }}</v-btn>
      <v-btn v-else-if="!decided" @click="emit('decide', suggestion)">{{ t('desk.accept') }}</v-btn>
      <v-menu v-if="!isLater">
        <template #activator="{ props: activator }">
          <v-btn variant="text" v-bind="activator" data-decide>{{
            decided ? t('desk.change') : t('desk.otherwise')
          }}</v-btn>
        </template>
        <v-list>
          <v-list-item
            v-for="decision in others"
            :key="decision"
            :title="t(`desk.decision.${decision}`)"
            :subtitle="costOf(decision) ?? ''"
            @click="emit('decide', decision)"
          />
          <v-list-item
            v-if="!decided"
            :title="t('desk.later')"
            :subtitle="t('desk.laterText')"
            data-later
            @click="putOff = true"
          />
        </v-list>
      </v-menu>
      <v-btn
        :icon="mdiTuneVariant"
        variant="text"
        size="48"
        class="set"
        :aria-label="t('desk.thresholds')"
        @click="asking = true"
      />
    </div>
    <ThresholdsDialog v-if="asking" :thresholds="thresholds" @keep="keep" @close="asking = false" />
  </section>
</template>

<style scoped>
.decision {
  background: var(--plum-tint);
  border-radius: var(--corner);
  padding: 10px 20px 4px;
}
h3 {
  font:
    700 18px/23px 'Atkinson Hyperlegible Next',
    sans-serif;
  margin-bottom: 4px;
}
h3 .quiet {
  float: right;
  font-size: 14px;
  font-weight: 400;
}
.set {
  margin-left: auto;
}
.acts {
  display: flex;
  gap: 8px;
  margin-top: 2px;
}
</style>
