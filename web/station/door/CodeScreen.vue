<!-- The class's pictures, tapped in order: the way in for a tablet. Nothing to type and nothing to read. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ClassCode } from '../../../contract/index.ts';
import { CODE_LENGTH, CODE_PICTURES, type CodePicture } from '../../../core/pictures/index.ts';
import ChildPicture from '../../look/ChildPicture.vue';
import { useStationStore } from '../stationStore.ts';

const { t } = useI18n();
const store = useStationStore();
const tapped = ref<CodePicture[]>([]);
const said = ref<'none' | 'wrong' | 'wait' | 'lost'>('none');
/** Milliseconds wrong pictures stay to be looked at. */
const LOOK_MS = 900;
const places = computed(() => Array.from({ length: CODE_LENGTH }, (_, i) => tapped.value[i]));
const tap = async (picture: CodePicture): Promise<void> => {
  if (tapped.value.length >= CODE_LENGTH || tapped.value.includes(picture)) return;
  tapped.value = [...tapped.value, picture];
  said.value = 'none';
  if (tapped.value.length < CODE_LENGTH) return;
  const outcome = await store.enter(tapped.value as ClassCode).catch(() => 'lost' as const);
  if (outcome === 'in') return;
  said.value = outcome;
  setTimeout(() => (tapped.value = []), LOOK_MS);
};
const undo = (): void => {
  tapped.value = tapped.value.slice(0, -1);
};
</script>

<template>
  <section class="door">
    <h1>{{ t('door.ask') }}</h1>
    <button type="button" class="code" :class="said" :aria-label="t('door.undo')" @click="undo">
      <span v-for="(picture, i) in places" :key="i" class="place">
        <ChildPicture v-if="picture" :picture="picture" :px="84" />
      </span>
    </button>
    <p class="said" role="status">
      {{ said === 'none' ? '' : t(`door.${said}`) }}
    </p>
    <ul>
      <li v-for="picture in CODE_PICTURES" :key="picture">
        <button
          type="button"
          :aria-label="t(`door.pictures.${picture}`)"
          :aria-disabled="tapped.includes(picture)"
          :data-picture="picture"
          @click="tap(picture)"
        >
          <ChildPicture :picture="picture" :px="112" />
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.door {
  height: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: safe center;
  gap: 14px;
  padding: 20px;
  overflow: auto;
  text-align: center;
}
h1 {
  font-size: 30px;
  line-height: 1.3;
}
.code {
  display: flex;
  gap: 16px;
  padding: 6px;
  border-radius: 60px;
}
.place {
  width: 92px;
  height: 92px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  box-shadow: inset 0 0 0 3px var(--pebble);
}
.code.wrong,
.code.wait {
  animation: shake 0.4s ease-in-out 2;
}
.said {
  min-height: 1.4em;
}
ul {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 128px));
  gap: 10px;
}
li button {
  width: 100%;
  height: 120px;
  display: grid;
  place-items: center;
  border-radius: 24px;
}
li button:hover {
  background: rgba(255, 255, 255, 0.55);
}
li button[aria-disabled='true'] {
  opacity: 0.3;
}
/* On a telephone, or at twice the size, all pictures are seen at once too. */
@media (max-height: 520px), (max-width: 520px) {
  .door {
    gap: 6px;
    padding: 8px;
  }
  h1 {
    font-size: 24px;
  }
  .place {
    width: 64px;
    height: 64px;
  }
  .place :deep(.disc) {
    max-width: 58px;
    max-height: 58px;
  }
  li :deep(.disc) {
    max-width: 80px;
    max-height: 80px;
  }
  :deep(.disc img) {
    max-width: 68%;
    max-height: 68%;
  }
  li button {
    height: 88px;
  }
}
@media (max-height: 520px) {
  ul {
    grid-template-columns: repeat(5, 96px);
    gap: 4px;
  }
}
@keyframes shake {
  25% {
    transform: translateX(-8px);
  }
  75% {
    transform: translateX(8px);
  }
}
</style>
