import { useI18n } from 'vue-i18n';
import type { PileChild, PileMark } from '../../contract/index.ts';
import { asGiven } from '../../core/answers/index.ts';
import { echoOf } from '../../core/checking/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Item } from '../../core/items/index.ts';
import { describeAnswer, describeItem } from '../../core/reporting/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';

/** What a place of a pile is called to somebody who hears it: "Ada, task 2, Draw 4:30: Drew 5:30, fits with: the coming hour". */
export const useCellWords = () => {
  const { t } = useI18n();
  const store = useClassroomStore();
  const nameOf = (childId: number): string => store.childById.get(childId)?.name ?? '';
  const markWords = (item: Item, mark: PileMark | undefined, conventions: Conventions): string => {
    if (mark === undefined) return t('check.openPlace');
    const answer = asGiven(mark.read);
    if (answer === undefined) return t('child.verdict.unreadable');
    return mark.verdict === 'right'
      ? t('check.wasRight', { answer: describeAnswer(item, mark.read, conventions) })
      : echoOf(item, answer, conventions);
  };
  return {
    nameOf,
    markWords,
    cell: (child: PileChild, task: number, item: Item, mark: PileMark | undefined, conventions: Conventions): string =>
      t(child.away ? 'check.cellAway' : 'check.cell', {
        name: nameOf(child.childId),
        number: task + 1,
        task: describeItem(item, conventions),
        mark: markWords(item, mark, conventions),
      }),
  };
};
