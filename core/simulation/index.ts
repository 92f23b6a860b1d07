export { simulateAnswer, type SimulatedChild } from './child.ts';
