import type { GroupsView, KeptGroups, Lesson, PutGroups, PutPair, SmallGroup } from '../../contract/index.ts';
import { skillsOf, type Check } from '../../core/diagnosis/index.ts';
import {
  benefitOf,
  groupsAfter,
  ownWork,
  planOf,
  withOrdinals,
  topicFor,
  type Kept,
  type Pair,
  type StoodAtCheck,
  type Topic,
} from '../../core/grouping/index.ts';
import { groupsOf, lessonsMet } from '../../core/planning/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import { askedBy, type Standing } from '../lessons/standing.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import type { GroupRepository } from './groupRepository.ts';
import type { PairRepository } from './pairRepository.ts';

interface Parts {
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly standing: Standing;
  readonly groups: GroupRepository;
  readonly pairs: PairRepository;
  readonly now: Now;
}

/** Who sits with whom after a check: made, made again around what is locked, and as the teacher puts it. */
export const createGrouping = ({ lessons, children, judged, standing, groups, pairs, now }: Parts) => {
  /** @throws HoppelError unknown-lesson; not-found where it is no check that can be answered */
  const checkOf = (id: number): { readonly lesson: Lesson; readonly asked: Check } => {
    const lesson = lessons.one(id);
    const asked = lesson.kind === 'check' ? askedBy(lesson) : undefined;
    if (asked === undefined) throw new HoppelError('not-found', 'this lesson is no check');
    return { lesson, asked };
  };
  /** How everybody stood, in class order. */
  const stoodAt = (asked: Check): (StoodAtCheck & { readonly wasAway: boolean })[] =>
    children.all().map(({ id }) => {
      const { level, needs, reason, present } = standing(asked, id);
      return { childId: id, level, needs, rules: reason?.likeliest ?? [], wasAway: !present };
    });
  const pairsOf = (sits: 'together' | 'apart'): readonly Pair[] =>
    pairs.all().flatMap((pair) => (pair.sits === sits ? [pair.childIds] : []));

  const today = () => dayOf(now());
  /** Groups of a check with those who are here; who was away yesterday may be here today. */
  const keptOf = (checkId: number): KeptGroups | undefined => {
    const kept = groups.maybe(checkId);
    if (kept === undefined) return undefined;
    const listed = new Set(children.all().map(({ id }) => id));
    return {
      day: today(),
      absent: kept.day === today() ? kept.absent.filter((id) => listed.has(id)) : [],
      groups: withOrdinals(
        kept.groups.flatMap((group): SmallGroup[] => {
          const childIds = group.childIds.filter((id) => listed.has(id));
          return childIds.length === 0 ? [] : [{ ...group, childIds, held: group.held.filter((id) => listed.has(id)) }];
        }),
      ),
    };
  };
  /** A group as it is kept, with what it does. */
  const asKept = (
    asked: Check,
    stood: readonly StoodAtCheck[],
    group: Pick<SmallGroup, 'id' | 'topic' | 'name' | 'held' | 'isLocked'> & { readonly childIds: readonly number[] },
  ): SmallGroup => {
    const members = stood.filter(({ childId }) => group.childIds.includes(childId));
    const { contrast, times, ...plan } = planOf(asked.lessonId, asked.skill, group.topic, members);
    return {
      ...group,
      ordinal: null,
      childIds: [...group.childIds],
      checkId: asked.lessonId,
      ...plan,
      contrast: [...contrast],
      times: [...times],
    };
  };
  /** Groups around what is locked and held before; ids stay with what was there. */
  const solve = (asked: Check, before: KeptGroups | undefined): KeptGroups => {
    const absent = before?.absent ?? [];
    const stood = stoodAt(asked);
    const staying = before?.groups.filter(({ isLocked, held }) => isLocked || held.length > 0) ?? [];
    const kept = staying.map(({ topic, childIds, held, isLocked }): Kept => ({
      topic,
      childIds: (isLocked ? childIds : held).filter((id) => !absent.includes(id)),
      isLocked,
    }));
    const made = groupsAfter(
      { id: asked.lessonId, skill: asked.skill },
      stood.filter(({ childId }) => !absent.includes(childId)),
      { kept, together: pairsOf('together'), apart: pairsOf('apart') },
    );
    // A new group is not taken for one that is gone, and ids stay small however often groups are made again.
    const used = new Set(before?.groups.map((group) => group.id));
    const newId = (): number => {
      let id = 1;
      while (used.has(id)) id += 1;
      used.add(id);
      return id;
    };
    const all = made.groups.map((group, i): SmallGroup => {
      const was = staying[i];
      // Who is away stays in a locked group on paper: it is there again tomorrow.
      const childIds = was?.isLocked === true ? was.childIds : group.childIds;
      const { topic } = group;
      return was === undefined
        ? asKept(asked, stood, { id: newId(), topic, name: null, held: [], isLocked: false, childIds })
        : asKept(asked, stood, {
            id: was.id,
            topic,
            name: was.name,
            held: was.held.filter((childId) => childIds.includes(childId)),
            isLocked: was.isLocked,
            childIds,
          });
    });
    return { groups: all.filter(({ childIds }) => childIds.length > 0), absent: [...absent], day: today() };
  };
  /** The last check that anybody answered; none before one was. */
  const lastAnswered = (): { readonly lesson: Lesson; readonly asked: Check } | undefined => {
    for (const lesson of lessons
      .all()
      .filter(({ kind }) => kind === 'check')
      .reverse()) {
      const asked = askedBy(lesson);
      if (asked !== undefined && children.all().some(({ id }) => standing(asked, id).present)) return { lesson, asked };
    }
    return undefined;
  };

  /** Groups with those who are here today. */
  const present = (kept: KeptGroups | undefined): SmallGroup[] =>
    (kept?.groups ?? []).flatMap((group) => {
      const childIds = group.childIds.filter((childId) => !kept!.absent.includes(childId));
      return childIds.length === 0 ? [] : [{ ...group, childIds }];
    });

  const view = (): GroupsView | null => {
    const found = lastAnswered();
    if (found === undefined) return null;
    const { lesson, asked } = found;
    const kept = keptOf(lesson.id) ?? null;
    const met = lessonsMet(lessons.all(), lesson.number);
    const { task, times } = ownWork(
      lesson.id,
      asked.skill,
      met.flatMap(({ skills }) => skills),
      groupsOf(met),
    );
    return {
      check: { id: lesson.id, number: lesson.number, day: lesson.day, skill: asked.skill },
      kept,
      stood: stoodAt(asked).map(({ childId, level, wasAway }) => ({ childId, isSecure: level === 'secure', wasAway })),
      pairs: pairs.all(),
      own: { task, times: [...times] },
      since: (kept?.groups ?? []).map(({ id, childIds }) => {
        const answered = childIds.filter((childId) =>
          judged
            .ofChild(childId)
            .answers.some(
              ({ skill, day, lessonId }) => skill === asked.skill && day > lesson.day && lessonId !== lesson.id,
            ),
        );
        const secure = answered.filter(
          (childId) => skillsOf(judged.ofChild(childId).answers)[asked.skill]?.level === 'secure',
        );
        return { groupId: id, answered: answered.length, secure: secure.length };
      }),
    };
  };

  return {
    view,
    /** The last check that anybody answered; none before one was. */
    lastCheck: (): number | undefined => lastAnswered()?.lesson.id,
    /** Groups of the last check that was answered, without who is away. */
    hereToday: (): SmallGroup[] => {
      const found = lastAnswered();
      return found === undefined ? [] : present(keptOf(found.lesson.id));
    },
    present,
    /** Groups as they are now; none where none were made. */
    keptOf,
    /** Groups of a check around what is locked and held; nothing is kept. @throws HoppelError unknown-lesson, not-found */
    solved: (checkId: number): KeptGroups => solve(checkOf(checkId).asked, keptOf(checkId)),
    /** What solving starts from: another text when who sits where, or together, was changed since. */
    solvedFrom: (checkId: number): string => JSON.stringify([keptOf(checkId), pairs.all()]),
    /** Keeps groups that were solved: they are there from then on. */
    keep: (checkId: number, solved: KeptGroups): void => groups.keep(checkOf(checkId).asked.lessonId, solved, now()),
    /** The same where there are none yet; those that are there, and may have been changed, stay. */
    keepFirst: (checkId: number, solved: KeptGroups): void => {
      if (groups.maybe(checkId) === undefined) groups.keep(checkId, solved, now());
    },
    /**
     * Groups are these: who sits where. A group keeps what it is about; a new one is about what helps its children most.
     * @throws HoppelError unknown-lesson, not-found, unknown-child; malformed where a child would sit in two
     */
    put: ({ checkId, groups: wanted, absent }: PutGroups): void => {
      const { asked } = checkOf(checkId);
      const seated = wanted.flatMap(({ childIds }) => childIds);
      [...seated, ...absent].forEach((childId) => children.one(childId));
      if (new Set(seated).size < seated.length) throw new HoppelError('malformed', 'a child sits in one group only');
      const ids = wanted.map(({ id }) => id);
      if (new Set(ids).size < ids.length) throw new HoppelError('malformed', 'each group has an id of its own');
      const before = keptOf(checkId)?.groups ?? [];
      const stood = stoodAt(asked);
      const topicOf = (id: number, childIds: readonly number[]): Topic =>
        before.find((group) => group.id === id)?.topic ??
        topicFor(
          stood.flatMap(({ childId, needs, level }) => (childIds.includes(childId) ? [benefitOf(needs, level)] : [])),
        );
      groups.keep(
        checkId,
        {
          groups: wanted.flatMap(({ id, name, childIds, held, isLocked }) =>
            childIds.length === 0
              ? []
              : [
                  asKept(asked, stood, {
                    id,
                    name,
                    isLocked,
                    childIds,
                    held: held.filter((childId) => childIds.includes(childId)),
                    topic: topicOf(id, childIds),
                  }),
                ],
          ),
          absent: [...new Set(absent)],
          day: today(),
        },
        now(),
      );
    },
    /** @throws HoppelError unknown-child */
    pair: (pair: PutPair): void => {
      pair.childIds.forEach((childId) => children.one(childId));
      pairs.keep(pair);
    },
  };
};
export type Grouping = ReturnType<typeof createGrouping>;
