import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

const NONCE_BYTES = 16;

/** What a page shows that writes a style sheet itself: another one with each page. */
export const nonceOf = (res: Response): string => res.locals['nonce'] as string;
const inHeader = (_req: IncomingMessage, res: ServerResponse): string => `'nonce-${nonceOf(res as Response)}'`;

/**
 * What pages may do, said with each. Only this server is ever asked for anything; no script and no style sheet stands in a page but
 * Vuetify's theme, which shows the page's nonce. Attributes of style are let be: charts write their tooltips with them. Plain http on the
 * classroom network, so no upgrade.
 */
export const security: readonly RequestHandler[] = [
  (_req, res, next) => {
    res.locals['nonce'] = randomBytes(NONCE_BYTES).toString('base64');
    next();
  },
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        styleSrcElem: ["'self'", inHeader],
        styleSrcAttr: ["'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        objectSrc: ["'none'"],
        formAction: ["'self'"],
        baseUri: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
    // Both need a secure context, which the classroom network's plain http is not.
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
  }),
];
