import { parse, type ParseError } from 'jsonc-parser';
import { UNIT_FILE, UnitFile } from '../../contract/index.ts';
import type { Plan } from '../../core/planning/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** A unit as the text of a file. Ids are this school's own and stay here. */
export const writeUnitFile = (name: string, { choices, skipped, lessons }: Plan): string => {
  const file = {
    ...UNIT_FILE,
    name,
    choices,
    skipped,
    lessons: lessons.map(({ id: _, outcome: __, ...lesson }) => lesson),
  };
  return `${JSON.stringify(UnitFile.parse(file), null, 1)}\n`;
};

/** Line and column, from 1, of a place in a text. */
const lineAt = (text: string, position: number): string => {
  const lines = text.slice(0, position).split('\n');
  return `line ${lines.length}, column ${lines.at(-1)!.length + 1}`;
};

/** A path as it is written in the docs: lessons[3].segments[1].minutes */
const pathText = (path: readonly PropertyKey[]): string =>
  path.map((part, i) => (typeof part === 'number' ? `[${part}]` : `${i === 0 ? '' : '.'}${String(part)}`)).join('');

/** Reads the text of a unit file. @throws HoppelError bad-file with the place of the fault */
export const readUnitFile = (text: string): UnitFile => {
  const errors: ParseError[] = [];
  const parsed: unknown = parse(text, errors, { disallowComments: true });
  if (errors[0] !== undefined) throw new HoppelError('bad-file', `not JSON, ${lineAt(text, errors[0].offset)}`);
  const file = UnitFile.safeParse(parsed);
  if (file.success) return file.data;
  const issue = file.error.issues[0]!;
  throw new HoppelError('bad-file', `${pathText(issue.path) || 'the whole file'}: ${issue.message}`);
};
