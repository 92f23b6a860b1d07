import { readEntry, type Entry, type EntryContext } from '../checking/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { describeItem } from '../reporting/index.ts';
import { typedInCell } from './cell.ts';
import { firstNameIn } from './personName.ts';
import { readTable } from './table.ts';

/** A child as a file may name it. */
export interface NamedChild {
  readonly childId: number;
  readonly name: string;
  /** Tasks of the child's paper. */
  readonly items: readonly Item[];
}
/** A result that was read, with what was understood of it. */
export interface ReadResult {
  readonly childId: number;
  /** Place of the task, from 0. */
  readonly task: number;
  readonly item: Item;
  readonly answer: Answer;
  readonly echo: string;
}
/** Why a line was not read. */
export const RESULT_FAULTS = [
  'unknown-child',
  'two-children',
  'unknown-task',
  'not-understood',
  'two-meanings',
  'twice',
] as const;
export type ResultFault = (typeof RESULT_FAULTS)[number];
/** A line that was not read, as it stands. */
export interface UnreadLine {
  /** From 1, with the heading. */
  readonly line: number;
  readonly cells: readonly string[];
  readonly fault: ResultFault;
}
export type Results =
  | { readonly read: readonly ReadResult[]; readonly unread: readonly UnreadLine[] }
  | { readonly problem: 'too-many-lines' | 'too-few-columns' | 'nothing' };

/** More lines than a class of forty with papers of forty tasks can have. */
const MOST_LINES = 2000;

/** What columns may be headed by, in small letters. */
const HEADINGS = {
  child: [
    'child',
    'name',
    'first',
    'first name',
    'firstname',
    'given name',
    'forename',
    'pupil',
    'pupil name',
    'student',
    'student name',
    'learner',
  ],
  task: ['task', 'item', 'question', 'number', 'no', 'nr', '#'],
  answer: ['answer', 'response', 'result', 'wrote', 'written'],
} as const;
const plain = (text: string): string => text.trim().toLowerCase().normalize('NFC').replaceAll(/\s+/g, ' ');

/** Columns of child, task and answer: by their headings, in any order; without headings in this order. */
const columnsOf = (first: readonly string[]): { columns: readonly [number, number, number]; hasHeading: boolean } => {
  const headed = (['child', 'task', 'answer'] as const).map((column) =>
    first.findIndex((cell) => (HEADINGS[column] as readonly string[]).includes(plain(cell))),
  );
  const all = headed.every((column) => column >= 0);
  return { columns: all ? (headed as [number, number, number]) : [0, 1, 2], hasHeading: all };
};

/** The place of a task: its number, or what it asks as Hoppel says it. */
const taskOf = (text: string, items: readonly Item[], context: EntryContext): number => {
  const number = /^#?\s*(\d{1,2})\.?$/.exec(text.trim());
  if (number !== null) return Number(number[1]) - 1;
  return items.findIndex((item) => plain(describeItem(item, context.conventions)) === plain(text));
};

/** Children a cell may name: by the name they go by here, or by their first name where it is written "Moss, Ada" or "Ada Moss". */
const namedBy = (cell: string, children: readonly NamedChild[]): readonly NamedChild[] => {
  const called = (name: string): NamedChild[] => children.filter((child) => plain(child.name) === plain(name));
  const exact = called(cell);
  return exact.length > 0 ? exact : called(firstNameIn(cell));
};

/** What a cell was understood as, each meaning once. */
const entriesIn = (item: Item, cell: string, context: EntryContext): Entry[] => {
  const entries = new Map<string, Entry>();
  for (const typed of typedInCell(cell, context.conventions)) {
    const entry = readEntry(item, typed, context);
    if (entry !== undefined) entries.set(JSON.stringify(entry.answer), entry);
  }
  return [...entries.values()];
};

/**
 * Results of a pile written elsewhere, one a line: whose, which task, and the answer as it was written. The same grammar reads them as
 * what is typed at the desk; what it cannot read is listed, each line with why.
 */
export const readResults = (text: string, children: readonly NamedChild[], context: EntryContext): Results => {
  const table = readTable(text);
  if (table.length === 0) return { problem: 'nothing' };
  if (table.length > MOST_LINES) return { problem: 'too-many-lines' };
  const { columns, hasHeading } = columnsOf(table[0]!);
  if (table.every((row) => row.length < 3)) return { problem: 'too-few-columns' };
  const read: ReadResult[] = [];
  const unread: UnreadLine[] = [];
  table.forEach((cells, at) => {
    if (hasHeading && at === 0) return;
    const skip = (fault: ResultFault): void => void unread.push({ line: at + 1, cells, fault });
    const [name, asked, written] = columns.map((column) => cells[column] ?? '') as [string, string, string];
    const named = namedBy(name, children);
    if (named.length === 0) return skip('unknown-child');
    if (named.length > 1) return skip('two-children');
    const { childId, items } = named[0]!;
    const task = taskOf(asked, items, context);
    const item = items[task];
    if (item === undefined) return skip('unknown-task');
    const [entry, another] = entriesIn(item, written, context);
    if (entry === undefined) return skip('not-understood');
    if (another !== undefined) return skip('two-meanings');
    if (read.some((one) => one.childId === childId && one.task === task)) return skip('twice');
    read.push({ childId, task, item, ...entry });
  });
  return { read, unread };
};
