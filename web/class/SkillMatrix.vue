<!-- Children by skills: a dial a cell; what each needs and what to ask it next. A column's head opens its skill. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSkillWords } from '../words/useSkillWords.ts';
import type { Child, ClassChild } from '../../contract/index.ts';
import { LEVELS } from '../../core/diagnosis/index.ts';
import { needText, teacherSentence } from '../../core/reporting/index.ts';
import { timeOfItem } from '../../core/items/index.ts';
import { CLASS_SKILLS, SKILL_GROUPS, groupOfSkill, skillOfItem, type Skill } from '../../core/skills/index.ts';
import DialGlyph from '../clock/DialGlyph.vue';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { sureness } from './sureness.ts';

const { children, rows, skill } = defineProps<{
  children: readonly Child[];
  /** Those that are looked at, in the order they stand in. */
  rows: readonly ClassChild[];
  /** The skill that is opened. */
  skill: Skill | undefined;
}>();
const emit = defineEmits<{ open: [skill: Skill] }>();
const { t, n } = useI18n();
const skillWords = useSkillWords();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const LEGEND = [...LEVELS].reverse();
/** A third, two thirds, full: what the legend's dials show. */
const LEGEND_SHARE = { secure: 1, 'getting-there': 0.67, beginning: 0.33, 'not-seen': 0 } as const;
const groups = SKILL_GROUPS.map((group) => ({
  group,
  skills: CLASS_SKILLS.filter((skill) => groupOfSkill(skill) === group),
})).filter(({ skills }) => skills.length > 0);
const startsGroup = (skill: Skill): boolean => groups.some(({ skills }) => skills[0] === skill);
/** More children than rows of the usual height fit: narrower ones. */
const crowded = computed(() => rows.length > 24);
const byId = computed(() => new Map(children.map((child) => [child.id, child])));
const shown = computed(() =>
  rows.flatMap((row) => {
    const child = byId.value.get(row.childId);
    return child === undefined ? [] : [{ child, row, needs: needs(row), next: next(row) }];
  }),
);
const cell = (child: Child, row: ClassChild, of: Skill) => {
  const mastery = row.skills[of];
  const words = { name: child.name, skill: t(`skills.long.${of}`) };
  if (mastery === undefined)
    return { level: 'not-seen', share: 0, again: false, label: t('class.cellNotSeen', words) } as const;
  const { level, share, right, answers } = mastery;
  const again = row.again.includes(of);
  const label = t('class.cell', { ...words, level: skillWords.level(level), right, answers });
  return { level, share, again, label: again ? `${label}, ${t('class.again')}` : label };
};
const needs = ({ reason, noPattern, failed }: ClassChild): { said: string; sure: string } => {
  if (failed) return { said: t('class.failed'), sure: '' };
  if (reason === null) return { said: noPattern ? t('class.noPattern') : '', sure: '' };
  return {
    said: teacherSentence(needText(reason.need, 'short'), store.classroom!.settings),
    sure: n(sureness(reason.share), { style: 'percent', maximumFractionDigits: 0 }),
  };
};
/** The task that would tell most, as the heads name it. */
const next = ({ next: item }: ClassChild): string => {
  const time = item === null ? undefined : timeOfItem(item);
  return item === null || time === undefined ? '' : `${skillWords.short(skillOfItem(item))} ${clock.written(time)}`;
};
</script>

<template>
  <header>
    <h1 class="title-column">{{ t('class.title') }}</h1>
    <slot name="acts" />
    <ul class="legend">
      <li v-for="level in LEGEND" :key="level">
        <DialGlyph :level="level" :share="LEGEND_SHARE[level]" label="" aria-hidden="true" />{{
          skillWords.level(level)
        }}
      </li>
    </ul>
  </header>
  <div class="scroll" :class="{ crowded }">
    <table>
      <colgroup>
        <col class="of-name" />
        <col v-for="one in CLASS_SKILLS" :key="one" :class="startsGroup(one) ? 'of-first' : 'of-skill'" />
        <col />
        <col class="of-next" />
      </colgroup>
      <thead>
        <tr>
          <td />
          <th v-for="{ group, skills } in groups" :key="group" :colspan="skills.length" scope="colgroup" class="group">
            {{ skillWords.group(group) }}
          </th>
          <td />
          <td />
        </tr>
        <tr>
          <td />
          <th
            v-for="one in CLASS_SKILLS"
            :key="one"
            scope="col"
            class="skill"
            :class="{ first: startsGroup(one), opened: one === skill }"
          >
            <button
              type="button"
              :aria-pressed="one === skill"
              :aria-label="t('class.openSkill', { skill: t(`skills.long.${one}`) })"
              :data-skill="one"
              @click="emit('open', one)"
            >
              {{ skillWords.short(one) }}
            </button>
          </th>
          <th scope="col" class="skill reason">{{ t('class.reason') }}</th>
          <th scope="col" class="skill next">{{ t('class.next') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ child, row, needs: need, next: task } in shown" :key="child.id">
          <th scope="row">
            <router-link
              :to="{ name: 'child', params: { childId: child.id } }"
              :aria-label="t('class.open', { name: child.name })"
            >
              <span class="disc"><ChildPicture :picture="child.picture" :px="crowded ? 17 : 23" /></span>
              <span class="name">{{ child.name }}</span>
            </router-link>
            <span v-if="need.said" class="below">{{ need.said }} {{ need.sure }}</span>
          </th>
          <td v-for="one in CLASS_SKILLS" :key="one" :class="{ first: startsGroup(one), opened: one === skill }">
            <DialGlyph v-bind="cell(child, row, one)" class="dial" />
          </td>
          <td class="reason" :class="{ open: row.reason === null }">
            {{ need.said }} <span v-if="need.sure" class="quiet">{{ need.sure }}</span>
          </td>
          <td class="next">{{ task }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 18px;
  margin-bottom: 4px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
}
.legend li {
  display: flex;
  align-items: center;
  gap: 7px;
  font-size: 14px;
}
table {
  width: 100%;
  border-collapse: separate;
  border-spacing: 0;
  table-layout: fixed;
}
.of-name {
  width: 104px;
}
.of-skill {
  width: 33.5px;
}
.of-first {
  width: 45px;
}
th.group {
  text-align: left;
  font-size: 14px;
  font-weight: 700;
  line-height: 18px;
  padding-left: 16px;
  white-space: nowrap;
}
.skill {
  font-size: 13px;
  line-height: 16px;
  font-weight: 400;
  color: var(--quiet);
  padding: 0 0 4px;
}
td.reason,
th.reason,
td.next,
th.next {
  overflow: hidden;
  text-overflow: ellipsis;
  text-align: left;
  padding-left: 10px;
  font-size: 14px;
  white-space: nowrap;
}
td.next,
th.next {
  padding-left: 4px;
  color: var(--quiet);
}
td.reason.open {
  color: var(--quiet);
}
.of-next {
  width: 82px;
}
.skill button {
  width: 100%;
  min-height: 24px;
  border-radius: 8px;
  color: inherit;
}
.skill button:hover,
.opened button {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
td.opened {
  background: var(--plum-tint) !important;
}
tbody tr {
  height: 25.3px;
}
tbody tr:nth-child(even) > * {
  background: #fcfaf5;
}
tbody tr > :first-child {
  border-radius: 10px 0 0 10px;
}
tbody tr > :last-child {
  border-radius: 0 10px 10px 0;
}
tbody tr:hover > *,
tbody tr:focus-within > * {
  background: var(--plum-tint);
}
tbody td,
tbody th {
  padding: 0;
}
.disc {
  display: flex;
}
.first {
  padding-left: 12px !important;
}
.dial {
  margin: 0 auto;
}
tbody a {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  font-weight: 600;
  font-size: 15px;
  line-height: 24px;
  padding-left: 4px;
  text-align: left;
}
.disc :deep(.disc) {
  background: var(--sand);
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.below {
  display: none;
}
/* Where there is no room beside the dials, the reason stands under the name. */
@media (max-width: 720px) {
  .of-next,
  th.next,
  td.next {
    display: none;
  }
  td.reason .quiet {
    display: none;
  }
  th.reason,
  td.reason {
    visibility: hidden;
  }
  tbody td {
    vertical-align: top;
  }
  .dial {
    margin-top: 2px;
  }
  .below {
    display: block;
    position: relative;
    z-index: 1;
    width: max-content;
    padding-left: 36px;
    font-size: 14px;
    font-weight: 400;
  }
}
.crowded {
  max-height: calc(100vh - 196px);
  overflow: auto;
}
.crowded thead {
  position: sticky;
  top: 0;
  background: var(--raised);
  z-index: 1;
}
.crowded .skill button {
  min-height: 18px;
}
.crowded tbody tr {
  height: 18.3px;
}
.crowded .dial {
  width: 17px;
  height: 17px;
}
.crowded tbody a,
.crowded tbody .reason .quiet,
.crowded tbody .reason,
.crowded tbody .next {
  line-height: 17px;
}
</style>
