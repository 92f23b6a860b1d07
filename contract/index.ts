import { z } from 'zod';

// Zod would otherwise try whether it may compile code from text, which the page's content policy reports as an attack.
z.config({ jitless: true });

export * from './answer.ts';
export * from './classroom.ts';
export * from './live.ts';
export * from './problem.ts';
export * from './round.ts';
export * from './station.ts';
export * from './values.ts';
