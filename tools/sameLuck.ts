import fc from 'fast-check';

/**
 * Properties are tried on the same cases every time, so that a change alone can make them fail. `HOPPEL_LUCK=<whole number>` tries
 * other cases.
 */
fc.configureGlobal({ seed: Number(process.env.HOPPEL_LUCK ?? 20_261_124) });
