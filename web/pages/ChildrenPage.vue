<!-- The class list: names by typing or pasting, order, pictures, who is absent today, who moved away. -->
<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { ListedChild } from '../../contract/index.ts';
import { PICTURES } from '../../core/pictures/index.ts';
import ChildLine from '../children/ChildLine.vue';
import ClassListField from '../children/ClassListField.vue';
import EraseDialog from '../privacy/EraseDialog.vue';
import ChildPicture from '../look/ChildPicture.vue';
import SettingsTabs from '../settings/SettingsTabs.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const router = useRouter();
const problem = ref<string>();
const attempt = async (work: () => Promise<void>): Promise<boolean> => {
  try {
    await work();
    problem.value = undefined;
    return true;
  } catch (error) {
    problem.value = problemKey(error);
    await store.refresh();
    return false;
  }
};

const children = computed({
  get: () => store.classroom!.children,
  set: (list: ListedChild[]) => void attempt(() => store.orderChildren(list.map(({ id }) => id))),
});
const list = useTemplateRef('list');
const shift = async (at: number, steps: number): Promise<void> => {
  const ids = children.value.map(({ id }) => id);
  if (ids[at + steps] === undefined) return;
  ids.splice(at + steps, 0, ...ids.splice(at, 1));
  await attempt(() => store.orderChildren(ids));
  await nextTick();
  (list.value as { $el: HTMLElement } | null)?.$el.querySelectorAll<HTMLElement>('.grip')[at + steps]?.focus();
};

/** Screen pixels a line takes: forty children fit the screen. */
const rowPx = computed(() => Math.max(36, Math.min(42, Math.floor(540 / Math.ceil(children.value.length / 2)))));
const free = computed(() => {
  const taken = new Set(children.value.map(({ picture }) => picture));
  return PICTURES.filter((picture) => !taken.has(picture));
});

const typed = ref('');
const names = ref<readonly string[]>([]);
const known = computed(() => children.value.map(({ name }) => name));
const add = async (): Promise<void> => {
  if (names.value.length > 0 && (await attempt(() => store.addChildren([...names.value])))) typed.value = '';
};
const erasing = ref(false);
/** The class, all its children with it; the next one opens, or the first start. */
const erase = async (): Promise<void> => {
  const name = store.classroom!.class!.name;
  erasing.value = false;
  if (!(await attempt(() => store.eraseClass(name)))) return;
  await router.push({ name: store.classroom?.class === null ? 'welcome' : 'desk' });
};
const title = ref(store.classroom!.class!.name);
const rename = (): void => {
  if (title.value.trim() === '') title.value = store.classroom!.class!.name;
  else void attempt(() => store.changeClass({ name: title.value.trim() }));
};
</script>

<template>
  <div class="page">
    <section>
      <SettingsTabs />
      <div class="head">
        <h1 class="title-page">{{ t('children.title') }}</h1>
        <span class="quiet">{{ t('welcome.count', { count: children.length }, children.length) }}</span>
      </div>
      <p v-if="children.length === 0" class="quiet">{{ t('children.empty') }}</p>
      <VueDraggable
        ref="list"
        v-model="children"
        tag="ol"
        handle=".grip"
        :animation="180"
        class="sheet list"
        :style="{ gridTemplateRows: `repeat(${Math.ceil(children.length / 2)}, ${rowPx}px)` }"
      >
        <ChildLine
          v-for="(child, i) in children"
          :key="child.id"
          :child="child"
          :free="free"
          @change="(change) => attempt(() => store.changeChild(child.id, change))"
          @shift="(steps) => shift(i, steps)"
        />
      </VueDraggable>
    </section>
    <aside>
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <label class="title-item" for="class-name">{{ t('welcome.name') }}</label>
      <input id="class-name" v-model="title" class="field" maxlength="60" @change="rename" />
      <form @submit.prevent="add">
        <ClassListField v-model:text="typed" v-model:names="names" :rows="5" :existing="known" />
        <v-btn type="submit" :disabled="names.length === 0">{{ t('children.add') }}</v-btn>
      </form>
      <template v-if="store.classroom!.movedAway.length > 0">
        <h2 class="title-item">{{ t('children.movedAwayTitle') }}</h2>
        <ul>
          <li v-for="child in store.classroom!.movedAway" :key="child.id" class="gone">
            <ChildPicture :picture="child.picture" :px="30" />
            {{ child.name }}
            <button
              type="button"
              class="back"
              :aria-label="t('children.takeBackName', { name: child.name })"
              @click="attempt(() => store.changeChild(child.id, { movedAway: false }))"
            >
              {{ t('children.takeBack') }}
            </button>
            <router-link
              :to="{ name: 'stored', params: { childId: child.id } }"
              :aria-label="t('stored.openOf', { name: child.name })"
              >{{ t('stored.open') }}</router-link
            >
          </li>
        </ul>
      </template>
      <p class="quiet">
        <template v-if="store.classroom!.demo">{{ t('app.demo') }}</template>
        {{ t('settings.privacy') }}
      </p>
      <v-btn variant="text" :prepend-icon="mdiDeleteOutline" class="erase" @click="erasing = true">{{
        t('stored.eraseClass')
      }}</v-btn>
      <EraseDialog
        v-if="erasing"
        :title="t('stored.sureClass', { name: store.classroom!.class!.name })"
        :lines="[t('stored.sureClassText')]"
        :name="store.classroom!.class!.name"
        :act="t('stored.eraseClass')"
        @erase="erase"
        @close="erasing = false"
      />
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: 40px;
  padding: 12px 32px;
  max-width: 1280px;
  margin: 0 auto;
  align-items: start;
}
.head {
  display: flex;
  align-items: baseline;
  gap: 16px;
  margin-bottom: 10px;
}
.list {
  padding: 8px;
  display: grid;
  grid-auto-flow: column;
  grid-template-columns: 1fr 1fr;
  column-gap: 16px;
}
aside {
  display: grid;
  gap: 12px;
  padding-top: 58px;
}
.field {
  height: 48px;
  padding: 0 16px;
  border: 0;
  border-radius: 12px;
  background: var(--sand);
  color: var(--ink);
  font: inherit;
}
form {
  display: grid;
  gap: 10px;
  justify-items: start;
}
form > :first-child {
  width: 100%;
}
.erase {
  justify-self: start;
  color: var(--berry);
}
.gone {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
.back {
  margin-left: auto;
  min-height: 44px;
  color: var(--plum);
  font-weight: 600;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
  }
}
</style>
