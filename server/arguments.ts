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
  /** https for the network: by files somebody gave, or by a certificate of this computer's own; http where it is left out. */
  readonly tls: { readonly certFile: string; readonly keyFile: string } | 'own' | undefined;
  /** Port of https. */
  readonly tlsPort: number;
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
        'tls-cert': { type: 'string' },
        'tls-key': { type: 'string' },
        'tls-own': { type: 'boolean', default: false },
        'tls-port': { type: 'string', default: '4943' },
        today: { type: 'string' },
        'with-parent': { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return giveUp((error as Error).message);
  }
};

const portFrom = (text: string): number => {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535) giveUp(`${text} is not a port number (0 to 65535).`);
  return port;
};

/** Reads them from the command line; what is wrong ends the start with a sentence. */
export const readArguments = (): Arguments => {
  const { data, web, lan, name: names, log, today, 'with-parent': withParent, ...rest } = parsed();
  const [port, tlsPort] = [portFrom(rest.port), portFrom(rest['tls-port'])];
  const { 'tls-cert': certFile, 'tls-key': keyFile, 'tls-own': own } = rest;
  if ((certFile === undefined) !== (keyFile === undefined)) giveUp('--tls-cert and --tls-key go together.');
  if (own && certFile !== undefined) giveUp('either --tls-own or --tls-cert with --tls-key, not both.');
  const given = certFile === undefined || keyFile === undefined ? undefined : { certFile, keyFile };
  const tls = own ? 'own' : given;
  if (data === undefined || web === undefined) return giveUp('it needs --data FILE and --web FOLDER.');
  if (today !== undefined && !isDay(today)) giveUp(`${today} is not a day written YYYY-MM-DD.`);
  return { data: resolve(data), web: resolve(web), port, lan, names, tls, tlsPort, log, today, withParent };
};
