// Tests run in contexts of their own, where each use of a global is looked up anew, ten times slower than a constant of the module:
// what is computed with is made one. What tests put another in the place of (Date, timers) stays as it is.
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import swc from '@swc/jest';

const NAMES = [
  ...['Math', 'Object', 'Array', 'Number', 'String', 'JSON', 'Map', 'Set', 'WeakMap', 'Error', 'Infinity', 'NaN'],
  ...['Float64Array', 'Float32Array', 'Int32Array', 'Uint32Array', 'Uint16Array', 'Uint8Array'],
];
const VERSION = createHash('sha1')
  .update(readFileSync(fileURLToPath(import.meta.url)))
  .digest('hex');

/** Has a module a thing of its own by that name? */
const declares = (source, name) =>
  new RegExp(
    `\\b(?:const|let|var|function|class|type|interface|enum|namespace|as)\\s+${name}\\b|import[^;]*\\b${name}\\b[^;]*from`,
  ).test(source);
const withConstants = (source) => {
  const names = NAMES.filter((name) => new RegExp(`\\b${name}\\b`).test(source) && !declares(source, name));
  // On the first line, so that all lines keep their numbers.
  return names.length === 0 ? source : `const { ${names.join(', ')} } = globalThis; ${source}`;
};

export default {
  createTransformer: (options) => {
    const { process, processAsync, getCacheKey, canInstrument } = swc.createTransformer(options);
    return {
      canInstrument,
      process: (source, ...rest) => process(withConstants(source), ...rest),
      processAsync: (source, ...rest) => processAsync(withConstants(source), ...rest),
      getCacheKey: (...all) => `${getCacheKey(...all)}${VERSION}`,
    };
  },
};
