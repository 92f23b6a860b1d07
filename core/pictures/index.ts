export { PICTURES, type Picture } from './pictures.ts';
