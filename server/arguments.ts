import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { isDay, type Day } from '../core/planning/index.ts';
import { giveUp } from './giveUp.ts';

/** How Hoppel is started. */
export interface Arguments {
  /** Path of the data file. */
  readonly data: string;
  /** Folder of the built interface. */
  readonly web: string;
  /** 0 for any that is free. */
  readonly port: number;
  /** Is it reached from other devices? */
  readonly lan: boolean;
  /** Names this computer goes by in the school's network, beside its own. */
  readonly names: readonly string[];
  /** File the log goes to, or `-`; none where nobody wants one. */
  readonly log: string | undefined;
  /** A day to be taken for today, in tests and pictures. */
  readonly today: Day | undefined;
  /** Does it end when the process that started it does? */
  readonly withParent: boolean;
}

const parsed = () => {
  try {
    return parseArgs({
      options: {
        data: { type: 'string' },
        web: { type: 'string' },
        port: { type: 'string', default: '4930' },
        lan: { type: 'boolean', default: false },
        name: { type: 'string', multiple: true, default: [] },
        log: { type: 'string' },
        today: { type: 'string' },
        'with-parent': { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return giveUp((error as Error).message);
  }
};

/** Reads them from the command line; what is wrong ends the start with a sentence. */
export const readArguments = (): Arguments => {
  const { data, web, port: portText, lan, name: names, log, today, 'with-parent': withParent } = parsed();
  const port = Number(portText);
  if (!Number.isInteger(port) || port < 0 || port > 65535) giveUp(`${portText} is not a port number (0 to 65535).`);
  if (data === undefined || web === undefined) return giveUp('it needs --data FILE and --web FOLDER.');
  if (today !== undefined && !isDay(today)) giveUp(`${today} is not a day written YYYY-MM-DD.`);
  return { data: resolve(data), web: resolve(web), port, lan, names, log, today, withParent };
};
