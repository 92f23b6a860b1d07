<!-- A mark in a few pixels: a tick, or what was seen instead. -->
<script setup lang="ts">
import { computed } from 'vue';
import { asGiven } from '../../core/answers/index.ts';
import { mdiCheck } from '@mdi/js';
import type { PileMark } from '../../contract/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Item } from '../../core/items/index.ts';
import AnswerLook from '../clock/AnswerLook.vue';

const { mark, item, conventions, px } = defineProps<{
  mark: PileMark | undefined;
  item: Item;
  conventions: Conventions;
  px: number;
}>();
/** None where nobody could read it. */
const answer = computed(() => mark && asGiven(mark.read));
</script>

<template>
  <span v-if="mark" class="sign" aria-hidden="true">
    <v-icon v-if="mark.verdict === 'right'" :icon="mdiCheck" :size="Math.min(18, px)" class="tick" />
    <template v-else-if="mark.read.kind === 'no-answer'">{{ mark.read.why === 'empty' ? '–' : '?' }}</template>
    <template v-else-if="mark.read.kind === 'observed'">{{ '≠' }}</template>
    <template v-else-if="answer === undefined">?</template>
    <AnswerLook v-else :item="item" :answer="answer" :conventions="conventions" :px="px" />
  </span>
</template>

<style scoped>
.sign {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  font-weight: 700;
  min-width: 0;
}
.tick {
  border-radius: 50%;
  background: var(--moss-7);
  color: #fff;
}
</style>
