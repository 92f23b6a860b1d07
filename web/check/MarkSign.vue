<!-- A mark in a few pixels: a tick, or what was seen instead. -->
<script setup lang="ts">
import { mdiCheck } from '@mdi/js';
import type { PileMark } from '../../contract/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Item } from '../../core/items/index.ts';
import AnswerLook from './AnswerLook.vue';

const { mark, item, conventions, px } = defineProps<{
  mark: PileMark | undefined;
  item: Item;
  conventions: Conventions;
  px: number;
}>();
</script>

<template>
  <span v-if="mark" class="sign" aria-hidden="true">
    <v-icon v-if="mark.verdict === 'right'" :icon="mdiCheck" :size="Math.min(18, px)" class="tick" />
    <template v-else-if="mark.answer?.kind === 'no-answer'">{{ mark.answer.why === 'empty' ? '–' : '?' }}</template>
    <template v-else-if="mark.answer === null">?</template>
    <template v-else-if="mark.answer.kind === 'observed'">{{ '≠' }}</template>
    <AnswerLook v-else :item="item" :answer="mark.answer" :conventions="conventions" :px="px" />
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
