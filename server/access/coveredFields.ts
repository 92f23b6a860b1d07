import type { Classroom } from '../../contract/index.ts';

/** What is left of each field while results are covered: all of it, or what a function leaves. */
type CoveredFields<Body> = { readonly [Field in keyof Body]: 'shown' | ((value: Body[Field]) => Body[Field]) };

/** A body in which the fields that are covered have been replaced. */
export type Cover = (body: unknown) => unknown;

/** Applies a table of fields; a field without a row in it is left out. */
export const coverBy =
  <Body extends object>(fields: CoveredFields<Body>): Cover =>
  (body) =>
    Object.fromEntries(
      (Object.keys(fields) as (keyof Body)[]).map((field) => {
        const cover = fields[field];
        const value = (body as Body)[field];
        return [field, cover === 'shown' ? value : cover(value)];
      }),
    );

/**
 * A class while its results are covered: what a board shows anyway, which is the class's day and wording, lessons, and the pictures
 * and names of its children. Who needs what, who moved away, home languages and the plan's history are covered.
 */
export const coveredClassroom = coverBy<Classroom>({
  today: 'shown',
  demo: 'shown',
  classes: () => [],
  class: 'shown',
  settings: 'shown',
  thresholds: 'shown',
  children: (children) =>
    children.map(({ id, name, picture, absent }) => ({ id, name, picture, absent, homeLanguage: null })),
  movedAway: () => [],
  plan: () => null,
  lessons: 'shown',
  fixed: () => [],
  taught: () => [],
  groups: () => [],
  day: 'shown',
});
