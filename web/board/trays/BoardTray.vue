<!-- The tray that is open, whichever it is. -->
<script setup lang="ts">
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import ClockTray from './ClockTray.vue';
import ShowTray from './ShowTray.vue';
import LensTray from '../lenses/LensTray.vue';
import RemoteTray from '../remote/RemoteTray.vue';
import JoinTray from '../wall/JoinTray.vue';
import RoundTray from '../rounds/RoundTray.vue';

const {
  settings,
  lesson,
  pair = false,
} = defineProps<{
  settings: Settings;
  lesson?: Lesson | undefined;
  /** Is this the free clock: may there be two, and may it be unhooked? */
  pair?: boolean;
}>();
const emit = defineEmits<{ round: [source: RoundSource]; snap: [minutes: Settings['snap']]; cover: []; twelve: [] }>();
const stage = useStageStore();
</script>

<template>
  <LensTray v-if="stage.tray === 'lenses'" :settings="settings" :pair="pair" />
  <ShowTray v-else-if="stage.tray === 'show'" />
  <ClockTray
    v-else-if="stage.tray === 'clock'"
    :settings="settings"
    :gears="pair"
    @snap="(snap) => emit('snap', snap)"
    @cover="emit('cover')"
    @twelve="emit('twelve')"
  />
  <RoundTray v-else-if="stage.tray === 'round' && lesson" :lesson="lesson" @begin="(source) => emit('round', source)" />
  <RemoteTray v-else-if="stage.tray === 'remote'" />
  <JoinTray v-else-if="stage.tray === 'tablets'" />
</template>
