<!-- Children by skills: a dial a cell. Rows are in the order of names, never of results. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSkillWords } from '../words/useSkillWords.ts';
import type { Child, ClassView } from '../../contract/index.ts';
import { LEVELS } from '../../core/diagnosis/index.ts';
import { needText, teacherSentence } from '../../core/reporting/index.ts';
import { CLASS_SKILLS, SKILL_GROUPS, groupOfSkill, type Skill } from '../../core/skills/index.ts';
import DialGlyph from '../clock/DialGlyph.vue';
import ChildPicture from '../look/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';

const { children, rows } = defineProps<{ children: readonly Child[]; rows: ClassView['children'] }>();
const { t } = useI18n();
const skillWords = useSkillWords();
const store = useClassroomStore();

const LEGEND = [...LEVELS].reverse();
/** A third, two thirds, full: what the legend's dials show. */
const LEGEND_SHARE = { secure: 1, 'getting-there': 0.67, beginning: 0.33, 'not-seen': 0 } as const;
const groups = SKILL_GROUPS.map((group) => ({
  group,
  skills: CLASS_SKILLS.filter((skill) => groupOfSkill(skill) === group),
})).filter(({ skills }) => skills.length > 0);
const startsGroup = (skill: Skill): boolean => groups.some(({ skills }) => skills[0] === skill);
/** More children than rows of the usual height fit: narrower ones. */
const crowded = computed(() => children.length > 24);
const byChild = computed(() => new Map(rows.map((row) => [row.childId, row])));
const cell = (child: Child, skill: Skill) => {
  const mastery = byChild.value.get(child.id)?.skills[skill];
  const words = { name: child.name, skill: t(`skills.long.${skill}`) };
  if (mastery === undefined) return { level: 'not-seen', share: 0, label: t('class.cellNotSeen', words) } as const;
  const { level, share, right, answers } = mastery;
  return { level, share, label: t('class.cell', { ...words, level: skillWords.level(level), right, answers }) };
};
const reason = (child: Child): string => {
  const need = byChild.value.get(child.id)?.reason?.need;
  return need === undefined ? '' : teacherSentence(needText(need, 'short'), store.classroom!.settings);
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
        <col v-for="skill in CLASS_SKILLS" :key="skill" :class="startsGroup(skill) ? 'of-first' : 'of-skill'" />
        <col />
      </colgroup>
      <thead>
        <tr>
          <td />
          <th v-for="{ group, skills } in groups" :key="group" :colspan="skills.length" scope="colgroup" class="group">
            {{ skillWords.group(group) }}
          </th>
          <td />
        </tr>
        <tr>
          <td />
          <th
            v-for="skill in CLASS_SKILLS"
            :key="skill"
            scope="col"
            class="skill"
            :class="{ first: startsGroup(skill) }"
          >
            {{ skillWords.short(skill) }}
          </th>
          <th scope="col" class="skill reason">{{ t('class.reason') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="child in children" :key="child.id">
          <th scope="row">
            <router-link
              :to="{ name: 'child', params: { childId: child.id } }"
              :aria-label="t('class.open', { name: child.name })"
            >
              <span class="disc"><ChildPicture :picture="child.picture" :px="crowded ? 17 : 23" /></span>
              <span class="name">{{ child.name }}</span>
            </router-link>
            <span v-if="reason(child)" class="below">{{ reason(child) }}</span>
          </th>
          <td v-for="skill in CLASS_SKILLS" :key="skill" :class="{ first: startsGroup(skill) }">
            <DialGlyph v-bind="cell(child, skill)" class="dial" />
          </td>
          <td class="reason">{{ reason(child) }}</td>
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
th.reason {
  overflow: hidden;
  text-overflow: ellipsis;
  text-align: left;
  padding-left: 10px;
  font-size: 14px;
  white-space: nowrap;
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
.crowded tbody tr {
  height: 18.6px;
}
.crowded .dial {
  width: 17px;
  height: 17px;
}
.crowded tbody a,
.crowded tbody .reason {
  line-height: 17px;
}
</style>
