export { ACTIVITIES, showOf, type ActivityKind, type Show } from './ofLesson.ts';
export { contrastOf } from './pair.ts';
export { labelPlaces, partAt, type LabelPlace } from './parts.ts';
export { SORTED_AT_ONCE, dayToSort, deedsToSort, inPlace, takes, type DayEntry } from './sorting.ts';
