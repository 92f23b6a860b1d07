<!-- A moment of the day: the real time on a clock, and the question what it says. -->
<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { RoutineEntry, Settings } from '../../../contract/index.ts';
import { onDial } from '../../../core/clock/index.ts';
import SmallClock from '../../clock/SmallClock.vue';
import ChildPicture from '../../look/ChildPicture.vue';
import { useClockWords } from '../../words/useClockWords.ts';

const { entry, settings } = defineProps<{ entry: RoutineEntry; settings: Settings }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const clock = useClockWords(() => settings);
const time = computed(() => onDial(entry.at));
const open = ref(false);
const cover = useTemplateRef('cover');
onMounted(() => cover.value?.focus());
/** Keys belong to the moment while it is there, not to the board behind it. */
const key = (event: KeyboardEvent): void => {
  event.stopPropagation();
  if (event.key === 'Escape') emit('close');
};
</script>

<template>
  <section class="moment" role="dialog" :aria-label="t('board.momentNow')" @keydown="key">
    <SmallClock :time="time" :px="420" size="full" :label="t('board.momentClock')" class="clock" />
    <div>
      <p class="event child-type"><ChildPicture :picture="entry.picture" :px="72" />{{ entry.name }}</p>
      <p class="question child-type">{{ t('board.momentNow') }}</p>
      <button v-if="!open" ref="cover" type="button" class="cover child-type" @click="open = true">
        {{ t('board.momentOpen') }}
      </button>
      <p v-else class="answer child-type" role="status">{{ clock.said(time) }}</p>
      <v-btn variant="text" @click="emit('close')">{{ t('board.momentClose') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.moment {
  position: fixed;
  inset: 0;
  z-index: 20;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 5vw;
  padding: 32px;
  background: linear-gradient(110deg, var(--dawn-left), var(--dawn-middle) 55%, var(--dawn-right));
}
.clock {
  width: min(84vh, 50vw);
  height: auto;
}
.moment > div {
  display: grid;
  gap: 22px;
  justify-items: start;
}
.event {
  display: flex;
  align-items: center;
  gap: 18px;
  font-size: 40px;
  line-height: 52px;
  font-weight: 700;
}
.question {
  font-size: 44px;
  line-height: 56px;
  text-wrap: balance;
}
.cover {
  min-height: 72px;
  padding: 0 36px;
  border-radius: 20px;
  background: var(--plum);
  color: #fff;
  font-size: 30px;
}
.answer {
  font-size: 60px;
  line-height: 72px;
  font-weight: 700;
}
</style>
