<!-- The path: a stone a lesson, joined by hops. Done ones are mossy, the hare sits on today's, a check is ticket-shaped. Stones
     can be dragged, or moved with Alt and an arrow key; the far ends of a long unit are folded. -->
<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import type { Classroom, Lesson } from '../../contract/index.ts';
import { isHeld } from '../../core/planning/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { FOLDED, TODAY_MORE, isShown, stretchOf } from './pathFold.ts';
import PathStone from './PathStone.vue';

const { classroom } = defineProps<{ classroom: Classroom }>();
const { t } = useI18n();
const store = useClassroomStore();
const plan = usePlanStore();
const words = usePlanWords();
const route = useRoute();
const router = useRouter();

const nav = useTemplateRef('nav');
const { width } = useElementSize(nav);

/** Place of the lesson of now, and of the stone looked at. */
const nowAt = computed(() => classroom.lessons.findIndex(({ id }) => id === store.lesson?.id));
const centre = ref(0);
watch(nowAt, (place) => (centre.value = Math.max(0, place)), { immediate: true });
const stretch = computed(() => stretchOf(classroom.lessons.length, centre.value, width.value || 700));
const isFolded = computed(() => stretch.value.count < classroom.lessons.length);

/** Height above the ground of the stones' middle, wavering a little, as stepping stones do. */
const WAVER = [1, 0, 3, 0, 4, 2, 0, 4, 2, 0];
const held = computed(() => new Set(classroom.taught));
const stones = computed(() => {
  let x = 0;
  return classroom.lessons.map((lesson, place) => {
    const isNow = place === nowAt.value;
    const shown = isShown(stretch.value, place);
    const wide = shown ? stretch.value.wide + (isNow ? TODAY_MORE : 0) : FOLDED;
    const middle = x + wide / 2;
    x += wide;
    const state = isNow
      ? lesson.day === classroom.today
        ? ('today' as const)
        : ('next' as const)
      : lesson.day >= classroom.today
        ? ('ahead' as const)
        : isHeld(lesson, held.value)
          ? ('done' as const)
          : lesson.outcome === 'left-out'
            ? ('left-out' as const)
            : ('open' as const);
    const day = words.shortDay(lesson.day);
    const label = t(`stone.${lesson.kind}`, { number: lesson.number, title: words.title(lesson), day });
    return { lesson, isNow, shown, wide, middle, state, day, label, y: 70 + WAVER[place % WAVER.length]! };
  });
});
const total = computed(() => stones.value.reduce((sum, { wide }) => sum + wide, 0));
const hops = computed(() =>
  stones.value.slice(1).flatMap((stone, i) => {
    const before = stones.value[i]!;
    if (!stone.shown && !before.shown) return [];
    const from = before.middle + (before.isNow ? 16 : 6);
    const to = stone.middle - (stone.isNow ? 22 : 6);
    // A hop ends on the back of the hare, not on the stone it sits on.
    const [y0, y1] = [before.isNow ? 44 : before.y - 14, stone.isNow ? 40 : stone.y - 14];
    const behind = stone.lesson.day < classroom.today || stone.isNow;
    return [{ d: `M${from} ${y0}Q${(from + to) / 2} ${Math.min(y0, y1) - 28} ${to} ${y1}`, behind }];
  }),
);

const place = computed({
  get: () => stones.value,
  set: (moved) => {
    const to = moved.findIndex(({ lesson }, i) => lesson.id !== classroom.lessons[i]?.id);
    if (to === -1) return;
    // The lesson that went the farthest is the one that was dragged.
    const went = moved.map(({ lesson }, i) => ({ lesson, to: i + 1, by: Math.abs(lesson.number - 1 - i) }));
    const dragged = went.reduce((most, one) => (one.by > most.by ? one : most));
    void plan.change({ kind: 'move', lessonId: dragged.lesson.id, to: dragged.to });
  },
});
const isFixed = (lesson: Lesson): boolean => classroom.fixed.includes(lesson.id);
/** Nothing is dropped among stones that are past. */
const mayDrop = (event: { related?: HTMLElement }): boolean => !event.related?.classList.contains('fixed');

const focusOn = async (id: number | undefined): Promise<void> => {
  await nextTick();
  nav.value?.querySelector<HTMLElement>(`[data-lesson="${id}"] a`)?.focus();
};
const lookAt = (at: number): void => {
  const within = Math.min(Math.max(0, at), classroom.lessons.length - 1);
  centre.value = within;
  void focusOn(classroom.lessons[within]?.id);
};
const toNow = (): void => lookAt(nowAt.value);
const key = (event: KeyboardEvent, lesson: Lesson): void => {
  const at = lesson.number - 1;
  const steps = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (steps !== undefined) {
    event.preventDefault();
    if (!event.altKey) return lookAt(at + steps);
    if (classroom.lessons[at + steps] !== undefined)
      void plan.change({ kind: 'move', lessonId: lesson.id, to: at + 1 + steps });
    void focusOn(lesson.id);
    return;
  }
  const jump = { Home: 0, End: classroom.lessons.length - 1, t: nowAt.value }[event.key];
  if (jump === undefined) return;
  event.preventDefault();
  lookAt(jump);
};
const wheel = (event: WheelEvent): void => {
  if (!isFolded.value) return;
  event.preventDefault();
  const way = Math.sign(event.deltaX || event.deltaY);
  centre.value = Math.min(Math.max(0, centre.value + way), classroom.lessons.length - 1);
};
/** Dragging the ground moves the stretch along the path. */
let heldAt: { readonly x: number; readonly centre: number } | undefined;
const down = (event: PointerEvent): void => {
  if (!isFolded.value || (event.target as Element).closest('.shown') !== null) return;
  heldAt = { x: event.clientX, centre: centre.value };
};
/** Screen pixels after which it is a drag: a folded stone that is only tapped is looked at. */
const DRAG_PX = 5;
const moved = (event: PointerEvent): void => {
  // Let go somewhere else.
  if (event.buttons === 0) heldAt = undefined;
  if (heldAt === undefined || Math.abs(heldAt.x - event.clientX) < DRAG_PX) return;
  const path = event.currentTarget as Element;
  if (!path.hasPointerCapture(event.pointerId)) path.setPointerCapture(event.pointerId);
  const by = Math.round((heldAt.x - event.clientX) / 16);
  centre.value = Math.min(Math.max(0, heldAt.centre + by), classroom.lessons.length - 1);
};
const up = (): void => {
  heldAt = undefined;
};
const here = computed(() => Number(route.params['lesson']) || undefined);
const open = (lesson: Lesson): void => {
  void router.push(
    lesson.id === store.lesson?.id ? { name: 'desk' } : { name: 'lesson', params: { lesson: lesson.id } },
  );
};
/** One stone is reached by Tab, the others from it by arrow keys. */
const tabStop = computed(() => classroom.lessons[Math.round(centre.value)]?.id);
</script>

<template>
  <nav ref="nav" class="path" :aria-label="t('app.path')">
    <router-link v-if="classroom.plan === null" :to="{ name: 'unit' }" class="none">
      <svg width="46" height="36" viewBox="-23 -18 46 36" aria-hidden="true">
        <path d="M-20 2C-20-10-12-15 1-15S20-9 20 2 11 14-1 14-20 11-20 2Z" class="dotted" />
      </svg>
      {{ t('plan.none') }}
    </router-link>
    <template v-else>
      <button v-if="isFolded && centre !== nowAt" type="button" class="to-now" @click="toNow">
        {{ t('stone.toToday') }}
      </button>
      <div
        class="ground"
        :style="{ width: `${total}px` }"
        @wheel="wheel"
        @pointerdown="down"
        @pointermove="moved"
        @pointerup="up"
        @pointercancel="up"
      >
        <svg class="hops" :width="total" height="108" aria-hidden="true">
          <path v-for="(hop, i) in hops" :key="i" :d="hop.d" class="hop" :class="{ behind: hop.behind }" />
        </svg>
        <VueDraggable
          v-model="place"
          tag="ol"
          filter=".fixed, .folded"
          :prevent-on-filter="false"
          :animation="180"
          :delay="250"
          :delay-on-touch-only="true"
          :force-fallback="true"
          :on-move="mayDrop"
          class="stones"
        >
          <li
            v-for="stone in stones"
            :key="stone.lesson.id"
            :data-lesson="stone.lesson.id"
            :class="{ fixed: isFixed(stone.lesson), folded: !stone.shown, shown: stone.shown }"
            :style="{ width: `${stone.wide}px` }"
          >
            <PathStone
              :number="stone.lesson.number"
              :kind="stone.lesson.kind"
              :state="stone.state"
              :is-now="stone.isNow"
              :shown="stone.shown"
              :wide="stone.wide"
              :y="stone.y"
              :day="stone.day"
              :label="`${stone.label}, ${t(`stone.${stone.state}`)}`"
              :here="stone.lesson.id === here"
              :tab-stop="stone.lesson.id === tabStop"
              :href="
                router.resolve(stone.isNow ? { name: 'desk' } : { name: 'lesson', params: { lesson: stone.lesson.id } })
                  .href
              "
              @open="open(stone.lesson)"
              @look="centre = stone.lesson.number - 1"
              @key="(event) => key(event, stone.lesson)"
            />
          </li>
        </VueDraggable>
      </div>
    </template>
  </nav>
</template>

<style scoped>
.path {
  position: relative;
  display: flex;
  align-items: flex-end;
  justify-content: center;
  overflow: hidden;
}
.ground {
  position: relative;
  flex: none;
  height: 108px;
}
.hops {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.stones {
  position: relative;
  display: flex;
  height: 108px;
}
.stones > li {
  flex: none;
  transition: width 0.18s;
}
.hop {
  fill: none;
  stroke: var(--pebble);
  stroke-width: 1.8;
  stroke-dasharray: 0.1 5;
  stroke-linecap: round;
}
.hop.behind {
  stroke: var(--moss-6);
  stroke-width: 2.2;
  stroke-dasharray: none;
}
.to-now {
  position: absolute;
  left: 0;
  top: 8px;
  z-index: 1;
  min-height: 32px;
  padding: 0 12px;
  border-radius: 999px;
  background: rgba(255, 255, 255, 0.7);
  color: var(--plum);
  font-weight: 700;
}
.none {
  display: flex;
  align-items: center;
  gap: 12px;
  align-self: center;
  margin: 0 auto;
  min-height: 48px;
}
.dotted {
  fill: none;
  stroke: var(--pebble);
  stroke-width: 2;
  stroke-dasharray: 4 4;
}
</style>
