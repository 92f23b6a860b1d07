<!-- A class in a file: what it has, how it is to come in, and who its children are where it joins a class that is here. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ArrivedClass, ClassHere } from '../../contract/index.ts';
import { takenBy, unsaid, wishInto, type ClassWish, type Who } from './wishes.ts';

const props = defineProps<{ one: ArrivedClass; here: readonly ClassHere[]; wish: ClassWish; mayLeave: boolean }>();
const emit = defineEmits<{ wish: [wish: ClassWish] }>();
const { t, d } = useI18n();

const day = (text: string): string => d(new Date(`${text}T00:00:00Z`), 'long');
const into = computed(() =>
  props.one.here === null ? props.here.length > 0 : props.here.some(({ id }) => id === props.one.here?.classId),
);
const ways = computed(() => [
  ...(props.one.here === null ? (['own'] as const) : []),
  ...(into.value ? (['into'] as const) : []),
  ...(props.mayLeave || props.one.here !== null ? (['leave'] as const) : []),
]);
const target = computed(() => props.here.find(({ id }) => id === props.wish.classId));
const choose = (as: ClassWish['as']): void => {
  if (as === 'into') emit('wish', wishInto(props.one, target.value ?? props.here[0]));
  else emit('wish', { ...props.wish, as });
};
const turnTo = (id: string): void =>
  emit(
    'wish',
    wishInto(
      props.one,
      props.here.find((one) => one.id === Number(id)),
    ),
  );
const open = computed(() => new Set(unsaid(props.wish)));
const NEW = 'new';
const valueOf = (who: Who): string => (who === undefined ? '' : who === null ? NEW : String(who));
const say = (number: number, value: string): void => {
  const who = value === NEW ? null : Number(value);
  emit('wish', { ...props.wish, who: new Map([...props.wish.who, [number, who]]) });
};
const choices = (number: number) => {
  const taken = takenBy(props.wish, number);
  return target.value?.children.filter(({ id }) => !taken.has(id)) ?? [];
};
</script>

<template>
  <section class="sheet card" :data-arrived="one.name">
    <h2 class="title-item">{{ one.name }}</h2>
    <p class="quiet">
      {{ t('moving.children', { count: one.children.length }, one.children.length) }}
      {{ t('moving.answers', { count: one.answers }, one.answers) }}
      <template v-if="one.days">{{ t('moving.days', { first: day(one.days[0]), last: day(one.days[1]) }) }}</template>
      {{ t('moving.lessons', { count: one.lessons }, one.lessons) }}
      {{ t('moving.sheets', { count: one.sheets }, one.sheets) }}
    </p>
    <p v-if="one.here" class="here">{{ t('moving.isHere', { name: one.here.name }) }}</p>
    <fieldset>
      <legend class="only-heard">{{ t('moving.how', { name: one.name }) }}</legend>
      <label v-for="way in ways" :key="way">
        <input type="radio" :name="`how-${one.number}`" :value="way" :checked="wish.as === way" @change="choose(way)" />
        {{ t(`moving.way.${way}`) }}
        <select
          v-if="way === 'into' && wish.as === 'into'"
          class="sand-field"
          :value="wish.classId"
          :aria-label="t('moving.intoWhich', { name: one.name })"
          :disabled="one.here !== null"
          @change="turnTo(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="a in here" :key="a.id" :value="a.id">{{ a.name }}</option>
        </select>
      </label>
    </fieldset>
    <template v-if="wish.as === 'into'">
      <p class="quiet">{{ t('moving.intoText') }}</p>
      <ul class="children" :aria-label="t('moving.who')">
        <li v-for="child in one.children" :key="child.number" :class="{ open: open.has(child.number) }">
          <label>
            <span class="name">{{ child.name }}</span>
            <select
              class="sand-field"
              :data-child="child.name"
              :value="valueOf(wish.who.get(child.number))"
              :disabled="child.here !== null"
              @change="say(child.number, ($event.target as HTMLSelectElement).value)"
            >
              <option v-if="open.has(child.number)" value="" disabled>{{ t('moving.same') }}</option>
              <option :value="NEW">{{ t('moving.new') }}</option>
              <option v-for="a in choices(child.number)" :key="a.id" :value="a.id">
                {{ t('moving.is', { name: a.name }) }}
              </option>
            </select>
          </label>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 8px;
  padding: 16px 20px;
}
fieldset {
  display: grid;
  gap: 2px;
  padding: 0;
  border: 0;
}
fieldset label {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  min-height: 44px;
}
input[type='radio'] {
  width: 20px;
  height: 20px;
  accent-color: var(--plum);
}
.here {
  font-weight: 600;
}
.children {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 2px 24px;
}
.children label {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
.name {
  overflow-wrap: anywhere;
}
.open .name {
  color: var(--berry);
  font-weight: 600;
}
</style>
