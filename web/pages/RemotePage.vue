<!-- The teacher's phone or tablet as a remote of the board: what to say, on and back, lenses, demonstrations, who missed it. -->
<script setup lang="ts">
import { mdiArrowLeft, mdiArrowRight, mdiPause, mdiPlay } from '@mdi/js';
import { useIntervalFn } from '@vueuse/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { wrapToDial } from '../../core/clock/index.ts';
import { DEMONSTRATIONS } from '../../core/demonstrations/index.ts';
import { LENSES } from '../../core/face/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import MissedGrid from '../remote/MissedGrid.vue';
import RemoteGroup from '../remote/RemoteGroup.vue';
import { useRemote } from '../remote/useRemote.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { t } = useI18n();
const board = useBoardStore();
const classroom = useClassroomStore();
const words = useClockWords(() => classroom.classroom!.settings);
const { silent, ask } = useRemote();
// After a restart Hoppel knows no remote any more: the device is asked for a code again.
const LOOK_MS = 2000;
useIntervalFn(() => !board.connected && void classroom.refresh(), LOOK_MS);
const view = computed(() => board.view);
const time = computed(() => wrapToDial(Math.round(view.value?.minutes ?? 0)));
const lenses = computed(() =>
  LENSES.filter((lens) => lens !== 'two-clocks' || view.value?.mode === 'clock').map((lens) => ({
    id: lens,
    name: t(`lens.${lens}`, words.hands.value),
    on: view.value?.lenses.includes(lens) ?? false,
  })),
);
const shows = computed(() =>
  DEMONSTRATIONS.map((kind) => ({ id: kind, name: t(`show.${kind}`), on: view.value?.demonstration?.kind === kind })),
);
const hasLenses = computed(() => ['clock', 'demonstration', 'round'].includes(view.value?.mode ?? ''));
</script>

<template>
  <main class="remote">
    <h1 class="only-heard">{{ t('remote.title') }}</h1>
    <p v-if="view === null" class="none title-column" role="status">{{ t('remote.noBoard') }}</p>
    <template v-else>
      <header>
        <SmallClock :time="time" :px="56" :label="t('board.clock')" />
        <div>
          <p class="title-item" data-what="title">{{ view.title }}</p>
          <p v-if="view.place" class="quiet" data-what="place">
            {{
              t('remote.place', { number: Math.min(view.place.index + 1, view.place.count), count: view.place.count })
            }}
            <span v-if="view.phase">· {{ t(`remote.phase.${view.phase}`) }}</span>
          </p>
        </div>
      </header>
      <p class="say child-type" data-what="say" aria-live="polite">{{ view.say }}</p>
      <label class="check">
        <input
          type="checkbox"
          :checked="view.sayOnBoard"
          @change="ask({ do: 'say-on-board', on: ($event.target as HTMLInputElement).checked })"
        />
        {{ t('board.say') }}
      </label>
      <div class="main-acts">
        <v-btn variant="tonal" :height="72" data-do="back" :aria-label="t('remote.back')" @click="ask({ do: 'back' })">
          <v-icon :icon="mdiArrowLeft" size="32" />
        </v-btn>
        <v-btn
          v-if="view.demonstration"
          variant="tonal"
          :height="72"
          data-do="play"
          :aria-label="t(view.demonstration.playing ? 'player.pause' : 'player.play')"
          @click="ask({ do: 'play' })"
        >
          <v-icon :icon="view.demonstration.playing ? mdiPause : mdiPlay" size="32" />
        </v-btn>
        <v-btn :height="72" class="next" data-do="next" :aria-label="t('remote.next')" @click="ask({ do: 'next' })">
          <v-icon :icon="mdiArrowRight" size="32" />
        </v-btn>
      </div>
      <p v-if="silent" class="silent" role="alert">{{ t('remote.silent') }}</p>
      <MissedGrid
        v-if="view.phase === 'missed'"
        :children="classroom.classroom!.children"
        :states="view.children"
        @missed="(childId) => ask({ do: 'missed', childId })"
        @all-right="ask({ do: 'all-right' })"
      />
      <RemoteGroup
        v-if="hasLenses"
        :title="t('board.lenses')"
        :choices="lenses"
        @choose="(lens) => ask({ do: 'lens', lens })"
      />
      <RemoteGroup
        v-if="view.mode !== 'round'"
        :title="t('board.showTray')"
        :choices="shows"
        @choose="(kind) => ask({ do: 'demonstrate', kind })"
      />
      <div class="others">
        <v-btn v-if="view.mode === 'clock'" variant="text" :height="48" @click="ask({ do: 'cover' })">{{
          t('remote.cover')
        }}</v-btn>
        <v-btn v-if="view.mode === 'clock'" variant="text" :height="48" @click="ask({ do: 'to-twelve' })">{{
          t('remote.toTwelve')
        }}</v-btn>
        <v-btn v-if="view.mode === 'round'" variant="text" :height="48" @click="ask({ do: 'replay' })">{{
          t('remote.replay')
        }}</v-btn>
        <v-btn
          v-if="view.mode !== 'clock' && view.mode !== 'round'"
          variant="text"
          :height="48"
          data-do="stop"
          @click="ask({ do: 'stop' })"
          >{{ t('remote.stop') }}</v-btn
        >
      </div>
    </template>
  </main>
</template>

<style scoped>
.remote {
  width: 100%;
  max-width: 640px;
  min-height: 100vh;
  margin: auto;
  padding: 16px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.none {
  margin: auto;
  text-align: center;
}
header {
  display: flex;
  align-items: center;
  gap: 14px;
}
.say {
  min-height: 3.9em;
  font-size: 24px;
  line-height: 1.3;
  text-wrap: balance;
}
.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--plum);
}
.main-acts {
  display: grid;
  grid-auto-flow: column;
  grid-template-columns: 1fr;
  grid-auto-columns: 1fr;
  gap: 12px;
}
.silent {
  color: var(--berry);
  font-weight: 600;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
