<!-- One clock for a teacher's own papers: at any time or empty, as a file or on the clipboard. -->
<script setup lang="ts">
import { mdiContentCopy, mdiDownload } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOf, type DialTime } from '../../core/clock/index.ts';
import { HELPS, lookOf, singleFace, svgFile } from '../../core/sheets/index.ts';
import AnyTime from '../clock/AnyTime.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import ChoiceWord from './ChoiceWord.vue';
import PageDrawing from './PageDrawing.vue';
import { pngOf, save } from './pictureFile.ts';

const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
/** Half of its height on paper, millimetres. */
const RADIUS = 24;

const time = ref<DialTime | undefined>(timeOf(4, 30));
const help = ref<(typeof HELPS)[number]>('some');
const said = ref('');
const face = computed(() => singleFace(time.value, lookOf(help.value, store.classroom!.settings), RADIUS));
const name = computed(() =>
  time.value === undefined ? t('sheets.face.emptyName') : clock.written(time.value).replace(/[:.]/, '-'),
);
const svg = (): Blob => new Blob([svgFile(face.value)], { type: 'image/svg+xml' });
const copy = async (): Promise<void> => {
  try {
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': await pngOf(face.value) })]);
    said.value = t('sheets.face.copied');
  } catch {
    // Browsers refuse it on some connections and to some pages; a file does the same.
    said.value = t('sheets.face.notCopied');
  }
};
const savePng = async (): Promise<void> => save(await pngOf(face.value), `${name.value}.png`);
</script>

<template>
  <section class="sheet one-face">
    <h2 class="title-column">{{ t('sheets.face.title') }}</h2>
    <PageDrawing
      :page="face"
      class="drawing"
      role="img"
      :aria-label="time === undefined ? t('sheets.face.emptyName') : clock.said(time)"
    />
    <p>
      <ChoiceWord
        :text="t(`sheets.choice.help.${help}`)"
        :label="t('sheets.label.help')"
        :choices="HELPS.map((value) => ({ value, text: t(`sheets.choice.help.${value}`) }))"
        :chosen="[help]"
        @choose="([chosen]) => (help = chosen!)"
      />
    </p>
    <AnyTime :act="t('sheets.face.show')" @pick="(picked) => (time = picked)" />
    <v-btn variant="text" :height="44" @click="time = undefined">{{ t('sheets.face.empty') }}</v-btn>
    <div class="acts">
      <v-btn variant="tonal" :height="44" :prepend-icon="mdiDownload" @click="save(svg(), `${name}.svg`)">{{
        t('sheets.face.svg')
      }}</v-btn>
      <v-btn variant="tonal" :height="44" :prepend-icon="mdiDownload" @click="savePng">{{
        t('sheets.face.png')
      }}</v-btn>
      <v-btn variant="tonal" :height="44" :prepend-icon="mdiContentCopy" @click="copy">{{
        t('sheets.face.copy')
      }}</v-btn>
    </div>
    <p role="status" class="quiet">{{ said }}</p>
  </section>
</template>

<style scoped>
.one-face {
  padding: 18px 20px;
}
.drawing {
  height: 220px;
  margin: 8px 0;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
