export { removeThreads as default } from './bundleThreads.mjs';
