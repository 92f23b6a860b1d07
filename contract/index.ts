// First of all, before any schema is made.
import './jitless.ts';

export * from './answer.ts';
export * from './backup.ts';
export * from './board.ts';
export * from './children.ts';
export * from './classroom.ts';
export * from './group.ts';
export * from './item.ts';
export * from './live.ts';
export * from './moving.ts';
export * from './passphrase.ts';
export * from './pile.ts';
export * from './plan.ts';
export * from './privacy.ts';
export * from './problem.ts';
export * from './reason.ts';
export * from './record.ts';
export * from './rehearsal.ts';
export * from './round.ts';
export * from './settings.ts';
export * from './sheet.ts';
export * from './station.ts';
export * from './tablets.ts';
export * from './unitFile.ts';
export * from './values.ts';
