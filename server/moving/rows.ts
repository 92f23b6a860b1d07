import { z } from 'zod';
import {
  Answer,
  CalendarDay,
  ChildName,
  ClassName,
  Finding,
  HomeLanguage,
  Item,
  KeptGroups,
  LessonContent,
  MarkingRules,
  Picture,
  ReadAnswer,
  Round,
  RoutineEntry,
  SenderId,
  Settings,
  Source,
  StartTime,
  Thresholds,
  TimeOfDay,
  Verdict,
} from '../../contract/index.ts';
import { CHOICE_NAMES } from '../../core/conventions/index.ts';
import { CORRECTIONS, OUT_WHYS } from '../../core/marking/index.ts';
import { DECISIONS } from '../../core/planning/index.ts';
import { PAPER_PARTS } from '../../core/sheets/index.ts';
import { PrintSetting, StoredSheet } from '../sheets/sheetRepository.ts';

/** Of something that the data file numbers. */
const Number = z.int().positive();
const Bit = z.int().min(0).max(1);
const Moment = z.iso.datetime();
/** Moments of old files are SQLite's: without a T and a Z. */
const OldMoment = z.union([Moment, z.string().regex(/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d$/)]);
const Place = z.int().min(0);
/** What is read leniently where it is used, as states of a unit are. */
const Lenient = z.record(z.string(), z.unknown());
const round = Round.shape;

/**
 * What goes along of each table, by its columns as they are stored, JSON as what it says. What is named in no row here stays: whether a
 * class is open or put away, and which tablets it let in.
 */
export const ROWS = {
  class: z.strictObject({
    id: Number,
    sender_id: z.string().min(1).max(100),
    name: ClassName,
    number_time: StartTime,
    demo: Bit,
    go_on: Thresholds.shape.goOn,
    with_group: Thresholds.shape.withGroup,
    chime: z.int().min(0).max(100),
    plan_seq: Number.nullable(),
  }),
  child: z.strictObject({
    id: Number,
    class_id: Number,
    name: ChildName,
    picture: Picture,
    position: z.int(),
    absent_on: CalendarDay.nullable(),
    moved_away: Bit,
    home_language: HomeLanguage.nullable(),
  }),
  settings: z.strictObject({
    class_id: Number,
    conventions: Settings.omit({ snap: true }).partial(),
    snap: Settings.shape.snap,
  }),
  convention_change: z.strictObject({
    seq: Number,
    class_id: Number,
    convention: z.enum([...CHOICE_NAMES, 'handColours']),
    day: CalendarDay,
  }),
  routine_entry: z.strictObject({
    id: Number,
    class_id: Number,
    name: RoutineEntry.shape.name,
    picture: z.string().max(40),
    at_min: TimeOfDay,
  }),
  moment_choice: z.strictObject({ class_id: Number, day: CalendarDay, entries: z.array(Number).max(30) }),
  lesson: z.strictObject({ id: Number, class_id: Number, note: z.string().max(2000) }),
  plan_state: z.strictObject({
    seq: Number,
    class_id: Number,
    change_id: z.string().min(1).max(100),
    deed: Lenient,
    before: Number.nullable(),
    made_at: OldMoment,
    plan: Lenient,
  }),
  ready_tick: z.strictObject({ lesson_id: Number, item: z.string().max(100) }),
  decision: z.strictObject({
    seq: Number,
    lesson_id: Number,
    decision: z.enum(DECISIONS),
    decided_at: OldMoment,
    plan_seq: Number.nullable(),
  }),
  small_group: z.strictObject({ id: Number, lesson_id: Number, members: KeptGroups, made_at: OldMoment }),
  handed_set: z.strictObject({
    seq: Number,
    id: SenderId,
    class_id: Number,
    lesson_id: Number,
    what: z.enum(['lesson', 'needs', 'times', 'ticket']),
    items: z.array(Item).nullable(),
    child_ids: z.array(Number).nullable(),
    day: CalendarDay,
    handed_at: Moment,
    taken_back: Bit,
  }),
  round: z.strictObject({
    seq: Number,
    id: SenderId,
    lesson_id: Number,
    day: CalendarDay,
    entries: round.entries,
    spares: round.spares,
    think_seconds: round.thinkSeconds,
    countdown: Bit,
    repeat_missed: Bit,
    prompt: round.prompt,
    item_index: round.index,
    phase: round.phase,
    revealed: round.revealed,
    replays: round.replays,
    version: round.version,
    // Nought where it was a child that is gone.
    away: z.array(Place),
    phase_since: z.int(),
    closed: Bit,
  }),
  sheet_version: z.strictObject({
    id: Number,
    class_id: Number,
    sheet_id: SenderId,
    version: Number,
    lesson_id: Number.nullable(),
    part: z.enum(PAPER_PARTS).nullable(),
    sheet: StoredSheet,
    made_at: Moment,
  }),
  printing: z.strictObject({
    id: Number,
    job_id: SenderId,
    version_id: Number,
    setting: PrintSetting,
    printed_at: Moment,
  }),
  printed_copy: z.strictObject({ printing_id: Number, number: Number, child_id: Number.nullable(), form: Place }),
  pile: z.strictObject({
    id: SenderId,
    class_id: Number,
    lesson_id: Number,
    origin: z.string().min(1).max(200),
    printing_id: Number.nullable(),
    round_id: SenderId.nullable(),
    forms: z.array(z.array(Item)).min(1),
    day: CalendarDay,
    made_at: Moment,
  }),
  pile_child: z.strictObject({
    seq: Number,
    id: SenderId,
    pile_id: SenderId,
    child_id: Number,
    away: Bit,
    form: Place,
    said_at: Moment,
  }),
  answer: z.strictObject({
    seq: Number,
    id: SenderId,
    child_id: Number,
    lesson_id: Number,
    round_id: SenderId.nullable(),
    round_index: Place.nullable(),
    pile_id: SenderId.nullable(),
    task: Place.nullable(),
    attempt: z.int().min(1).max(2),
    item: Item,
    answer: Answer,
    read: ReadAnswer,
    reader: z.int().min(0),
    rules: MarkingRules.nullable(),
    verdict: Verdict,
    findings: z.array(Finding),
    source: Source,
    stored_at: Moment,
    day: CalendarDay,
    wrong_clock: Bit,
  }),
  stand_in_answer: z.strictObject({ answer_id: SenderId }),
  correction: z.strictObject({
    seq: Number,
    id: SenderId,
    answer_id: SenderId,
    says: z.enum([...CORRECTIONS, 'as-given']),
    why: z.enum(OUT_WHYS).nullable(),
    said_at: Moment,
  }),
  child_note: z.strictObject({
    seq: Number,
    id: SenderId,
    child_id: Number,
    day: CalendarDay,
    text: z.string().min(1).max(500),
    noted_at: Moment,
  }),
  child_pair: z.strictObject({ child_a: Number, child_b: Number, sits: z.enum(['together', 'apart']) }),
  lesson_template: z.strictObject({ id: SenderId, lesson: LessonContent, made_at: Moment }),
} as const;

export type MovedTable = keyof typeof ROWS;
export type Rows = { readonly [T in MovedTable]: z.infer<(typeof ROWS)[T]> };
/** Columns of a table that go along, in the order of the file. */
export const columnsOf = (table: MovedTable): readonly string[] => Object.keys(ROWS[table].shape);

/** Columns that hold JSON. */
const JSON_COLUMNS: Readonly<Partial<Record<MovedTable, readonly string[]>>> = {
  settings: ['conventions'],
  moment_choice: ['entries'],
  plan_state: ['deed', 'plan'],
  small_group: ['members'],
  handed_set: ['items', 'child_ids'],
  round: ['entries', 'spares', 'away'],
  sheet_version: ['sheet'],
  printing: ['setting'],
  pile: ['forms'],
  answer: ['item', 'answer', 'read', 'rules', 'findings'],
  lesson_template: ['lesson'],
};
export type StoredValues = Record<string, unknown>;

/** A row as it is stored, its JSON as what it says. @throws SyntaxError where it is none */
export const opened = (table: MovedTable, row: StoredValues): StoredValues => {
  const made = { ...row };
  for (const column of JSON_COLUMNS[table] ?? []) {
    const value = made[column];
    if (typeof value === 'string') made[column] = JSON.parse(value) as unknown;
  }
  return made;
};
/** The same for storing. */
export const closed = (table: MovedTable, row: StoredValues): StoredValues => {
  const made = { ...row };
  for (const column of JSON_COLUMNS[table] ?? []) {
    const value = made[column];
    if (value !== null && value !== undefined) made[column] = JSON.stringify(value);
  }
  return made;
};
