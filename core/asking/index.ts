export { PROMPTS, askPhrase, heardPhrase, isSeveral, partName, promptFor, timeNamed, type Prompt } from './ask.ts';
export { helpFor, type Help, type Light } from './help.ts';
export { sameAnswerKey } from './sameAnswer.ts';
export { tilesIn, tilesOf, tilesTogether, timeWords } from './tiles.ts';
export { CLOCK_REGIONS, judgementAt, regionOf, type ClockRegion } from './region.ts';
export { whyNot } from './whyNot.ts';
