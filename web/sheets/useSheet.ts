import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import {
  OwnForms,
  Printing,
  Sheet,
  SheetList,
  type Lesson,
  type PostPrinting,
  type SheetContent,
  type SheetPart,
  type SheetRecipe,
} from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import type { Item } from '../../core/items/index.ts';
import { groupsOf, timesMet } from '../../core/planning/index.ts';
import {
  composeForms,
  contentOf,
  sheetOfLesson,
  sheetOfTasks,
  sourceOf,
  swapSuggestions,
  withTaskMoved,
  withTimeAt,
  withTimeOff,
  withTimeOn,
  type PaperItem,
  type RecipeProblem,
} from '../../core/sheets/index.ts';
import { get, post, put } from '../api/client.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { useHistory } from './sheetHistory.ts';

/** For whom a sheet is printed. */
export type Whom =
  | { readonly kind: 'each' }
  | { readonly kind: 'some'; readonly childIds: readonly number[] }
  | { readonly kind: 'copies'; readonly count: number };

/** A sheet on the table: what was wanted, what came of it, and for whom it is. */
export interface Draft {
  readonly recipe: SheetRecipe;
  readonly content: SheetContent;
  readonly whom: Whom;
  /** Whose own each form is; empty where forms are nobody's own. */
  readonly childIds: readonly number[];
}
const mutable = (
  content: { readonly forms: readonly (readonly PaperItem[])[] } & Omit<SheetContent, 'forms'>,
): SheetContent => ({
  ...content,
  forms: content.forms.map((form) => [...form]),
});

/** A sheet that is made, changed, kept and printed. */
export const useSheet = () => {
  const store = useClassroomStore();
  const history = useHistory<Draft | undefined>(undefined);
  const draft = history.now;
  /** The lesson it belongs to, and which part's paper it is. */
  const lesson = shallowRef<Lesson>();
  const part = ref<SheetPart | null>(null);
  /** Why a recipe cannot be kept; what it asked for stays to be changed. */
  const impossible = shallowRef<{ readonly problem: RecipeProblem; readonly recipe: SheetRecipe }>();
  /** Message key of why it was not kept or printed. */
  const problem = ref<string>();
  const busy = ref(false);
  /** The last printing of this visit. */
  const printed = shallowRef<Printing>();
  let id = newId();
  let version = 0;
  let kept = '';

  const before = computed(() => {
    const all = store.classroom!.lessons;
    const place = lesson.value === undefined ? all.length : all.findIndex((one) => one.id === lesson.value!.id);
    return all.slice(0, Math.max(0, place));
  });
  /** Groups of times the class has met by then: choices of a recipe begin with them. */
  const met = computed(() => groupsOf([...before.value, ...(lesson.value === undefined ? [] : [lesson.value])]));

  /** Begins with the sheet a part of a lesson needs. */
  const beginWith = (from: Lesson, wanted: SheetPart): void => {
    lesson.value = from;
    part.value = wanted;
    [id, version, kept] = [newId(), 0, ''];
    printed.value = undefined;
    problem.value = undefined;
    const made = sheetOfLesson({ lesson: from, before: before.value }, wanted, store.classroom!.settings);
    impossible.value = undefined;
    if ('problem' in made) return history.begin(undefined);
    const { recipe } = made;
    history.begin({
      recipe: { ...recipe, counts: { ...recipe.counts }, groups: [...recipe.groups], fixed: [], banned: [] },
      content: mutable(made.content),
      whom: { kind: 'each' },
      childIds: [],
    });
    kept = JSON.stringify(draft.value!.content);
  };
  /** Begins with some tasks for one child. */
  const beginWithTasks = (items: readonly Item[], title: string, childId: number): void => {
    lesson.value = undefined;
    part.value = null;
    [id, version, kept] = [newId(), 0, ''];
    printed.value = undefined;
    problem.value = undefined;
    impossible.value = undefined;
    const { recipe, content } = sheetOfTasks(items, { title, iCan: '' }, store.classroom!.settings);
    history.begin({
      recipe: { ...recipe, counts: { ...recipe.counts }, groups: [...recipe.groups], fixed: [], banned: [] },
      content: mutable(content),
      whom: { kind: 'some', childIds: [childId] },
      childIds: [],
    });
    kept = JSON.stringify(draft.value!.content);
  };
  /** Takes up a sheet that was made before. */
  const open = async (sheetId: string): Promise<void> => {
    const sheet = await get(Sheet, `/sheets/${sheetId}`);
    lesson.value = store.classroom!.lessons.find((one) => one.id === sheet.lessonId);
    part.value = lesson.value === undefined ? null : sheet.part;
    [id, version] = [sheet.id, sheet.version];
    printed.value = undefined;
    impossible.value = undefined;
    history.begin({
      recipe: sheet.recipe,
      content: sheet.content,
      whom: { kind: 'each' },
      childIds: sheet.childIds,
    });
    kept = JSON.stringify(sheet.content);
  };
  /** The sheet of a part of a lesson: the one made before, unless the lesson's own tasks were changed since; otherwise a new one. */
  const beginOrOpen = async (from: Lesson, wanted: SheetPart): Promise<void> => {
    const made = (await get(SheetList, '/sheets')).find(
      (one) => one.lessonId === from.id && one.part === wanted && one.source === sourceOf(from, wanted),
    );
    if (made === undefined) beginWith(from, wanted);
    else await open(made.id);
  };

  const childrenFor = (whom: Whom): readonly number[] =>
    whom.kind === 'some' ? whom.childIds : store.classroom!.children.map((child) => child.id);

  /** Makes the sheet anew from a recipe; its times are chosen again. */
  const compose = async (recipe: SheetRecipe, whom: Whom = draft.value!.whom): Promise<void> => {
    problem.value = undefined;
    const words = { title: draft.value!.content.title, iCan: draft.value!.content.iCan };
    const composed = composeForms({ ...recipe, forms: recipe.forms === 'own' ? 'one' : recipe.forms }, before.value);
    if ('problem' in composed) {
      impossible.value = { problem: composed, recipe };
      return;
    }
    impossible.value = undefined;
    let { forms } = composed;
    const childIds = recipe.forms === 'own' ? childrenFor(whom) : [];
    if (childIds.length > 0) {
      busy.value = true;
      try {
        ({ forms } = await post(OwnForms, '/sheets/own-forms', { recipe, childIds }));
      } catch (error) {
        problem.value = problemKey(error);
        return;
      } finally {
        busy.value = false;
      }
    }
    history.change({ recipe, content: mutable(contentOf(recipe, words, forms)), whom, childIds });
  };
  /** A recipe with something else in it. What does not touch the tasks leaves them as they are. */
  const change = (over: Partial<SheetRecipe>): Promise<void> => {
    const recipe = { ...(impossible.value?.recipe ?? draft.value!.recipe), ...over };
    const looksOnly = ['size', 'help', 'outline', 'numerals', 'prompt', 'writing', 'fixed', 'banned'];
    if (impossible.value === undefined && Object.keys(over).every((name) => looksOnly.includes(name))) {
      const { content, whom, childIds } = draft.value!;
      history.change({ recipe, whom, childIds, content: mutable(contentOf(recipe, content, content.forms)) });
      return Promise.resolve();
    }
    return compose(recipe);
  };
  const changeWords = (over: Partial<Pick<SheetContent, 'title' | 'iCan'>>): void =>
    history.change({ ...draft.value!, content: { ...draft.value!.content, ...over } });
  const changeWhom = (whom: Whom): void => {
    if (draft.value!.recipe.forms === 'own') void compose(draft.value!.recipe, whom);
    else history.change({ ...draft.value!, whom });
  };

  const withForm = (form: number, items: readonly PaperItem[], recipe = draft.value!.recipe): void => {
    const { content, whom, childIds } = draft.value!;
    history.change({
      recipe,
      whom,
      childIds,
      content: { ...content, forms: content.forms.map((one, i) => (i === form ? [...items] : one)) },
    });
  };
  const swapped = (form: number, place: number, time: DialTime): PaperItem[] => {
    const { content, recipe } = draft.value!;
    return withTimeAt(content.forms[form]!, place, time, timesMet(met.value), recipe, recipe.seed);
  };
  const suggestions = (form: number, place: number) =>
    swapSuggestions(draft.value!.recipe.type, draft.value!.content.forms[form]!, before.value, place);

  /** A time is put on the form, or left out of it; where that cannot be, nothing happens. */
  const wish = (how: typeof withTimeOn | typeof withTimeOff, form: number, time: DialTime): void => {
    const { recipe, content } = draft.value!;
    const found = how(content.forms[form]!, time, recipe, before.value, timesMet(met.value));
    if (found === undefined) return;
    withForm(form, found.items, { ...recipe, fixed: [...found.fixed], banned: [...found.banned] });
  };

  /** Keeps the sheet as it is now. @returns its id and version */
  const keep = async (): Promise<{ id: string; version: number }> => {
    const { recipe, content, childIds } = draft.value!;
    const text = JSON.stringify(content);
    if (version > 0 && kept === text) return { id, version };
    const sheet = await put(Sheet, `/sheets/${id}`, {
      version: version + 1,
      lessonId: lesson.value?.id ?? null,
      part: part.value,
      source: lesson.value === undefined || part.value === null ? null : sourceOf(lesson.value, part.value),
      childIds,
      recipe,
      content,
    });
    version = sheet.version;
    kept = text;
    return { id, version };
  };
  /** Was anything changed that is not kept yet? */
  const isEdited = (): boolean => draft.value !== undefined && kept !== JSON.stringify(draft.value.content);

  /** Copies as they come out of the printer. */
  const copies = computed((): PostPrinting['copies'] => {
    if (draft.value === undefined) return [];
    const { whom, content, childIds } = draft.value;
    const forms = content.forms.length;
    if (whom.kind === 'copies')
      return Array.from({ length: whom.count }, (_, i) => ({ childId: null, form: i % forms }));
    const wanted = childrenFor(whom);
    // A set of one's own goes to its child, whatever the order of the list is by now.
    if (childIds.length > 0)
      return wanted.flatMap((childId) =>
        childIds.includes(childId) ? [{ childId, form: childIds.indexOf(childId) }] : [],
      );
    return wanted.map((childId, i) => ({ childId, form: i % forms }));
  });
  /** Children who came into the list since own sets were made: they have none. */
  const without = computed(() => {
    const { childIds, whom } = draft.value ?? { childIds: [], whom: undefined };
    if (childIds.length === 0 || whom === undefined || whom.kind === 'copies') return [];
    return childrenFor(whom).filter((childId) => !childIds.includes(childId));
  });
  /** Keeps and prints. @returns the printing; nothing where it was refused, and why is said */
  const print = async (): Promise<Printing | undefined> => {
    busy.value = true;
    problem.value = undefined;
    try {
      const at = await keep();
      const job: PostPrinting = { id: newId(), version: at.version, copies: copies.value };
      printed.value = await post(Printing, `/sheets/${at.id}/printings`, job);
      return printed.value;
    } catch (error) {
      problem.value = problemKey(error);
      return undefined;
    } finally {
      busy.value = false;
    }
  };

  return {
    draft,
    lesson,
    part,
    before,
    met,
    impossible,
    problem,
    busy,
    printed,
    copies,
    without,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undo: history.undo,
    redo: history.redo,
    beginWith,
    beginWithTasks,
    beginOrOpen,
    open,
    change,
    compose,
    changeWords,
    changeWhom,
    suggestions,
    swap: (form: number, place: number, time: DialTime): void => withForm(form, swapped(form, place, time)),
    /** All forms with other times on them. */
    takeForms: (forms: readonly (readonly PaperItem[])[]): void =>
      history.change({
        ...draft.value!,
        content: { ...draft.value!.content, forms: forms.map((form) => [...form]) },
      }),
    /** Times the class has met by then. */
    taught: computed(() => timesMet(met.value)),
    move: (form: number, from: number, to: number): void =>
      withForm(form, withTaskMoved(draft.value!.content.forms[form]!, from, to)),
    fix: (form: number, time: DialTime): void => wish(withTimeOn, form, time),
    ban: (form: number, time: DialTime): void => wish(withTimeOff, form, time),
    keep,
    keepQuietly: async (): Promise<string | undefined> => {
      problem.value = undefined;
      try {
        return (await keep()).id;
      } catch (error) {
        problem.value = problemKey(error);
        return undefined;
      }
    },
    isEdited,
    print,
  };
};
export type SheetMaking = ReturnType<typeof useSheet>;
