<!-- Colours of the hands as on the real clock: a few to tap, any other to mix, and a sentence where they would be hard to see. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { HANDS, type Hand } from '../../core/clock/index.ts';
import { handColourProblems } from '../../core/colours/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { conventions } = defineProps<{ conventions: Conventions }>();
const emit = defineEmits<{ choose: [colours: Conventions['handColours']] }>();
const { t } = useI18n();
const words = useClockWords(() => conventions);

/** Colours hands of bought clocks have, and the house's own first. */
const SWATCHES = ['#c8521b', '#17604f', '#22303c', '#c81e1e', '#1e3cc8', '#2e7d32', '#6b3fa0', '#8a5a34'];
const problems = computed(() => handColourProblems(conventions.handColours));
const choose = (hand: Hand, colour: string): void =>
  emit('choose', { ...conventions.handColours, [hand]: colour.toLowerCase() });
</script>

<template>
  <div>
    <fieldset v-for="hand in HANDS" :key="hand">
      <legend class="title-item">{{ t('settings.colourOf', { hand: words.hand(hand) }) }}</legend>
      <label
        v-for="colour in SWATCHES"
        :key="colour"
        class="swatch"
        :class="{ chosen: conventions.handColours[hand] === colour }"
      >
        <input
          type="radio"
          :name="hand"
          :value="colour"
          :checked="conventions.handColours[hand] === colour"
          :aria-label="t(`settings.colours.${colour.slice(1)}`)"
          @change="choose(hand, colour)"
        />
        <span :style="{ background: colour }" />
      </label>
      <label class="mix">
        <input
          type="color"
          :value="conventions.handColours[hand]"
          @input="choose(hand, ($event.target as HTMLInputElement).value)"
        />
        {{ t('settings.otherColour') }}
      </label>
    </fieldset>
    <ul v-if="problems.length > 0" class="problems" role="status">
      <li v-for="(problem, i) in problems" :key="i">
        {{
          problem.kind === 'pale'
            ? t('settings.pale', { hand: words.hand(problem.hand) })
            : t(`settings.alike.${problem.vision}`)
        }}
      </li>
    </ul>
    <p v-else class="quiet">{{ t('settings.coloursFine') }}</p>
  </div>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0 0 16px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
legend {
  margin-bottom: 6px;
  padding: 0;
}
.swatch {
  position: relative;
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  cursor: pointer;
}
.swatch span {
  width: 30px;
  height: 30px;
  border-radius: 50%;
}
.swatch.chosen {
  box-shadow: 0 0 0 3px var(--plum);
}
.swatch input {
  position: absolute;
  inset: 0;
  opacity: 0;
  margin: 0;
  cursor: pointer;
}
.swatch:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 4px;
}
.mix {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 12px;
  cursor: pointer;
}
.mix input {
  width: 40px;
  height: 32px;
  padding: 0;
  border: 0;
  background: none;
}
.problems {
  color: var(--carrot-text);
  font-weight: 600;
}
</style>
