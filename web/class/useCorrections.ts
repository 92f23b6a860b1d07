import { ref } from 'vue';
import { v4 as newId } from 'uuid';
import { CorrectionReply, type PostCorrection } from '../../contract/index.ts';
import type { OutWhy } from '../../core/marking/index.ts';
import { post } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

/** What a teacher says of answers afterwards. */
export const useCorrections = () => {
  /** Message key of what went wrong last, if anything. */
  const problem = ref<string>();
  /** A send that failed is made again with its id, so that nothing is kept twice. */
  let last: PostCorrection | undefined;
  const say = async (answerId: string, says: PostCorrection['says'], why?: OutWhy): Promise<void> => {
    const isAgain = last?.answerId === answerId && last.says === says && last.why === why;
    last = isAgain ? last! : { id: newId(), answerId, says, ...(why && { why }) };
    try {
      await post(CorrectionReply, '/record/corrections', last);
      last = undefined;
      problem.value = undefined;
    } catch (error) {
      problem.value = problemKey(error);
    }
  };
  return { say, problem };
};
