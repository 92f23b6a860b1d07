import { parse, type ParseError } from 'jsonc-parser';
import type { z } from 'zod';
import { HoppelError } from '../errors/hoppelError.ts';

/** Line and column, from 1, of a place in a text. */
const lineAt = (text: string, position: number): string => {
  const lines = text.slice(0, position).split('\n');
  return `line ${lines.length}, column ${lines.at(-1)!.length + 1}`;
};

/** A path as it is written in the docs: lessons[3].segments[1].minutes */
const pathText = (path: readonly PropertyKey[]): string =>
  path.map((part, i) => (typeof part === 'number' ? `[${part}]` : `${i === 0 ? '' : '.'}${String(part)}`)).join('');

/** Reads the text of a file by its schema. @throws HoppelError bad-file with the place of the fault */
export const readJsonFile = <T>(text: string, schema: z.ZodType<T>): T => {
  const errors: ParseError[] = [];
  const parsed: unknown = parse(text, errors, { disallowComments: true });
  if (errors[0] !== undefined) throw new HoppelError('bad-file', `not JSON, ${lineAt(text, errors[0].offset)}`);
  const file = schema.safeParse(parsed);
  if (file.success) return file.data;
  const issue = file.error.issues[0]!;
  throw new HoppelError('bad-file', `${pathText(issue.path) || 'the whole file'}: ${issue.message}`);
};
