import { computed, ref } from 'vue';
import { hourOf, timeOf, type DialTime } from '../../core/clock/index.ts';
import { TIMES_OF_GROUP, TIME_GROUPS, groupOfTime, type TimeGroup } from '../../core/sets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

/** Groups that have a ring: twelve bricks each. Five-minute times are too many for one. */
export const RINGED_GROUPS: readonly TimeGroup[] = ['oclock', 'half-past', 'quarter-past', 'quarter-to'];
/** Rings that are looked at together. */
const AT_ONCE = 2;
/** A time of each kind, as an example of the page. */
const EXAMPLE = timeOf(3);

/**
 * Rings of a wheel of times, two at once.
 * @param times that have a brick @param current the time that stands there now: its rings are shown until others are chosen
 */
export const useRingPages = (
  times: () => readonly DialTime[],
  current: () => DialTime | undefined = () => undefined,
) => {
  const store = useClassroomStore();
  const clock = useClockWords(() => store.classroom!.settings);
  const pages = computed(() => {
    const groups = TIME_GROUPS.filter((group) => times().some((time) => groupOfTime(time) === group));
    return Array.from({ length: Math.ceil(groups.length / AT_ONCE) }, (_, i) =>
      groups.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
    );
  });
  const turned = ref<number>();
  const page = computed(() => {
    const now = current();
    const own = now === undefined ? 0 : pages.value.findIndex((some) => some.includes(groupOfTime(now)));
    return Math.min(turned.value ?? own, pages.value.length - 1);
  });
  return {
    page,
    turn: (to: number): void => {
      turned.value = to;
    },
    /** What each page is called: a time of each of its rings. */
    names: computed(() =>
      pages.value.map((some) =>
        some
          .map((group) => TIMES_OF_GROUP[group].find((time) => hourOf(time) === hourOf(EXAMPLE))!)
          .map((time) => clock.written(time))
          .join(' · '),
      ),
    ),
    /** The rings that are looked at, the outermost first. */
    rings: computed((): readonly TimeGroup[] => pages.value[page.value] ?? []),
  };
};
