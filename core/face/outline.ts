/** Shapes of a face. The division of the dial and the angles of the hands are the same on all of them. */
export const OUTLINES = ['round', 'square', 'rounded-square', 'oval'] as const;
export type Outline = (typeof OUTLINES)[number];

/** Half the width and half the height of each face, in face units: hands that reach 90 fit into all of them. */
export const HALF_SIZE: Record<Outline, { readonly x: number; readonly y: number }> = {
  round: { x: 100, y: 100 },
  square: { x: 100, y: 100 },
  'rounded-square': { x: 100, y: 100 },
  oval: { x: 126, y: 100 },
};

/** Radius of the rounded corners, in face units. */
const CORNER = 36;

/** Distance from the middle to the side of a square of half-width 100, along a direction given by its sine and cosine. */
const toSquare = (sin: number, cos: number): number => 100 / Math.max(sin, cos);

/** The same where the corner is a quarter circle: the farther crossing of the ray with the circle round its middle. */
const toRoundedSquare = (sin: number, cos: number): number => {
  const straight = toSquare(sin, cos);
  const middle = 100 - CORNER;
  if (straight * sin <= middle || straight * cos <= middle) return straight;
  const along = middle * (sin + cos);
  return along + Math.sqrt(along * along - 2 * middle * middle + CORNER * CORNER);
};

/**
 * Face units from the middle to the outline of a face.
 * @param angle direction in degrees clockwise from 12
 */
export const outlineRadius = (outline: Outline, angle: number): number => {
  const radians = (angle * Math.PI) / 180;
  const sin = Math.abs(Math.sin(radians));
  const cos = Math.abs(Math.cos(radians));
  switch (outline) {
    case 'round':
      return 100;
    case 'square':
      return toSquare(sin, cos);
    case 'rounded-square':
      return toRoundedSquare(sin, cos);
    case 'oval':
      return 1 / Math.hypot(sin / HALF_SIZE.oval.x, cos / HALF_SIZE.oval.y);
  }
};

/** The outline as a closed SVG path in face units, from the top, clockwise. @param scale 1 is the rim itself */
export const outlinePath = (outline: Outline, scale = 1): string => {
  const { x, y } = HALF_SIZE[outline];
  const [w, h] = [x * scale, y * scale];
  switch (outline) {
    case 'round':
    case 'oval':
      return `M0 ${-h}A${w} ${h} 0 0 1 0 ${h}A${w} ${h} 0 0 1 0 ${-h}Z`;
    case 'square':
      return `M0 ${-h}H${w}V${h}H${-w}V${-h}Z`;
    case 'rounded-square': {
      const r = CORNER * scale;
      const arc = (dx: number, dy: number): string => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
      return `M0 ${-h}H${w - r}${arc(r, r)}V${h - r}${arc(-r, r)}H${r - w}${arc(-r, -r)}V${r - h}${arc(r, -r)}Z`;
    }
  }
};
