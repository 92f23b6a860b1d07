import type { FacePoint } from '../clock/index.ts';

/** The point at a distance from the middle, in face units, in a direction (degrees clockwise from 12). */
export const pointAt = (angle: number, radius: number): FacePoint => {
  const radians = (angle * Math.PI) / 180;
  return { x: radius * Math.sin(radians), y: -radius * Math.cos(radians) };
};
