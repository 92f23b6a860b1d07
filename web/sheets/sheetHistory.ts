import { computed, shallowRef } from 'vue';

/** Steps that can be gone back: more than anybody remembers. */
const MOST = 100;

/** A value with its past and what was undone, for Ctrl-Z. */
export const useHistory = <T>(first: T) => {
  const past = shallowRef<readonly T[]>([]);
  const now = shallowRef(first);
  const undone = shallowRef<readonly T[]>([]);
  return {
    now,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
    /** A step that can be undone. */
    change: (next: T): void => {
      past.value = [...past.value, now.value].slice(-MOST);
      undone.value = [];
      now.value = next;
    },
    /** Begins anew: nothing before can be gone back to. */
    begin: (value: T): void => {
      past.value = [];
      undone.value = [];
      now.value = value;
    },
    undo: (): void => {
      const before = past.value.at(-1);
      if (past.value.length === 0) return;
      undone.value = [...undone.value, now.value];
      past.value = past.value.slice(0, -1);
      now.value = before as T;
    },
    redo: (): void => {
      const next = undone.value.at(-1);
      if (undone.value.length === 0) return;
      past.value = [...past.value, now.value];
      undone.value = undone.value.slice(0, -1);
      now.value = next as T;
    },
  };
};
