import { angleBetween, angleOfPoint, gearedAngles, type HandAngles } from './angles.ts';
import type { Hand } from './gear.ts';

/** A point of the face: middle 0,0, rim at 100, x to the right, y down. */
export interface FacePoint {
  readonly x: number;
  readonly y: number;
}

/** Face units from a point to the line from the middle out to a hand's tip. */
const distanceToHand = (point: FacePoint, angle: number, tip: number): number => {
  const radians = (angle * Math.PI) / 180;
  const along = Math.min(tip, Math.max(0, point.x * Math.sin(radians) - point.y * Math.cos(radians)));
  return Math.hypot(point.x - along * Math.sin(radians), point.y + along * Math.cos(radians));
};

/**
 * Which hand a finger means at a point: the nearer one; where both are about as near (they overlap, or the
 * finger is at the middle), beyond the hour hand's tip it is the minute hand and within it the hour hand,
 * so that both can be taken at 12:00. Far from both hands, the one whose direction is nearer.
 * @param at where the clock stands, in unwrapped minutes, or where its hands do when they are not geared
 * @param tips how far each hand reaches, in face units
 */
export const handAt = (point: FacePoint, at: number | HandAngles, tips: Record<Hand, number>): Hand => {
  const angles = typeof at === 'number' ? gearedAngles(at) : at;
  const hour = distanceToHand(point, angles.hour, tips.hour);
  const minute = distanceToHand(point, angles.minute, tips.minute);
  const sameDistance = 6;
  if (Math.abs(hour - minute) > sameDistance) return hour < minute ? 'hour' : 'minute';
  const reach = Math.hypot(point.x, point.y);
  if (reach > tips.hour) return 'minute';
  const direction = angleOfPoint(point.x, point.y);
  const apart = angleBetween(direction, angles.hour) - angleBetween(direction, angles.minute);
  if (reach > 20 && Math.abs(apart) > 10) return apart < 0 ? 'hour' : 'minute';
  return 'hour';
};
