export { CODE_LENGTH, CODE_PICTURES, newCode, type CodePicture } from './code.ts';
export { DEED_PICTURES } from './deeds.ts';
export { EVENT_PICTURES } from './events.ts';
export { PICTURES, type Picture } from './pictures.ts';
