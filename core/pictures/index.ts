export { DEED_PICTURES } from './deeds.ts';
export { PICTURES, type Picture } from './pictures.ts';
