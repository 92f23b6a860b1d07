import { ref } from 'vue';
import { v4 as newId } from 'uuid';
import { Tablets, type PostSet, type SmallGroup } from '../../contract/index.ts';
import { post } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

/** Times that go to the tablets of some children, once each. */
export const useHandTimes = (
  what: () => Pick<SmallGroup, 'task' | 'times'> & { readonly childIds: readonly number[] },
) => {
  const handed = ref(false);
  const problem = ref<string>();
  /** Kept over tries, so that a set is handed once. */
  let setId = newId();
  return {
    handed,
    problem,
    hand: async (): Promise<void> => {
      const { childIds, task, times } = what();
      const set: PostSet = {
        id: setId,
        childIds: [...childIds],
        source: { what: 'times', kinds: [task], times: [...times] },
      };
      try {
        await post(Tablets, '/tablets/sets', set);
        [setId, handed.value, problem.value] = [newId(), true, undefined];
      } catch (error) {
        problem.value = problemKey(error);
      }
    },
  };
};
