import { ref } from 'vue';
import { v4 as newId } from 'uuid';
import { Tablets, type PostSet, type SetSource } from '../../contract/index.ts';
import { post } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

/** Hands a child practice by what it needs, or some tasks. */
export const useHandPractice = (childId: () => number, source: () => SetSource) => {
  const handed = ref(false);
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  /** Kept over tries, so that a set is handed once. */
  const id = newId();
  const hand = async (): Promise<void> => {
    try {
      await post(Tablets, '/tablets/sets', { id, childIds: [childId()], source: source() } satisfies PostSet);
      handed.value = true;
      problem.value = undefined;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  return { handed, problem, hand };
};
