/** The pieces apparatus is drawn from, as paths in a square of 120: one hand, one weight of line. */

/** What a shape is, which says how it is filled; everything has the same line. */
export type ShapeKind =
  'line' | 'thin' | 'liquid' | 'other-liquid' | 'flame' | 'inner-flame' | 'solid' | 'wood' | 'paper';
export interface Shape {
  readonly kind: ShapeKind;
  /** An SVG path in the square. */
  readonly d: string;
  /** Degrees it is turned clockwise, about a point. */
  readonly turn?: readonly [degrees: number, x: number, y: number];
}

const shape = (kind: ShapeKind, d: string): Shape => ({ kind, d });
const turned = (shapes: readonly Shape[], turn: NonNullable<Shape['turn']>): Shape[] =>
  shapes.map((s) => ({ ...s, turn }));

/** A circle as a path. */
const round = (x: number, y: number, r: number): string =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0Z`;

/** A burner with its air hole open, and its flame with the inner cone. */
export const burner = (x = 60): Shape[] => [
  shape('flame', `M${x} 62 C${x - 13} 48 ${x - 5} 34 ${x} 16 C${x + 5} 34 ${x + 13} 48 ${x} 62Z`),
  shape('inner-flame', `M${x} 62 C${x - 5} 55 ${x - 2} 48 ${x} 42 C${x + 2} 48 ${x + 5} 55 ${x} 62Z`),
  shape('line', `M${x - 6} 108 V63 H${x + 6} V108`),
  shape('line', `M${x - 20} 114 L${x - 14} 108 H${x + 14} L${x + 20} 114Z`),
  shape('line', `M${x - 17} 111 H${x - 34}`),
  shape('solid', round(x, 94, 3)),
];

/** A test tube open at the top, filled from a height down. @param level y of the surface, none when it is empty. */
export const tube = (x: number, top: number, height = 66, level?: number): Shape[] => {
  const foot = top + height;
  return [
    ...(level === undefined
      ? []
      : [shape('liquid', `M${x - 8} ${level} V${foot - 8} A8 8 0 0 0 ${x + 8} ${foot - 8} V${level}Z`)]),
    shape(
      'line',
      `M${x - 8} ${top} V${foot - 8} A8 8 0 0 0 ${x + 8} ${foot - 8} V${top} M${x - 11} ${top} H${x - 8} M${x + 8} ${top} H${x + 11}`,
    ),
  ];
};
/** A solid at the foot of a tube. */
export const sediment = (x: number, foot: number): Shape =>
  shape('solid', `M${x - 7} ${foot - 8} A8 8 0 0 0 ${x + 7} ${foot - 8}Z`);
export const bubbles = (x: number, from: number): Shape =>
  shape('thin', [0, 9, 18].map((up, i) => round(x + (i % 2 ? 3 : -3), from - up, 2)).join(' '));

/** A dropper, its tip at a point, a drop falling where it is pressed. */
export const dropper = (x: number, tip: number, dripping = true): Shape[] => [
  shape('line', `M${x - 2} ${tip} L${x - 4} ${tip - 22} H${x + 4} L${x + 2} ${tip}Z`),
  shape('line', `M${x - 5} ${tip - 22} C${x - 8} ${tip - 38} ${x + 8} ${tip - 38} ${x + 5} ${tip - 22}Z`),
  ...(dripping ? [shape('liquid', `M${x} ${tip + 3} c-4 6 -3 9 0 9 c3 0 4 -3 0 -9Z`)] : []),
];

/** A wooden splint from one point to another, its end lit or glowing. */
export const splint = (
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  end: 'lit' | 'glowing' | 'wet' | 'plain',
): Shape[] => [
  shape('wood', `M${x1} ${y1 - 2} L${x2} ${y2 - 2} V${y2 + 2} L${x1} ${y1 + 2}Z`),
  ...(end === 'lit'
    ? [
        shape(
          'flame',
          `M${x2} ${y2 + 2} C${x2 - 8} ${y2 - 6} ${x2 - 3} ${y2 - 14} ${x2} ${y2 - 20} C${x2 + 3} ${y2 - 14} ${x2 + 8} ${y2 - 6} ${x2} ${y2 + 2}Z`,
        ),
      ]
    : []),
  ...(end === 'glowing' ? [shape('inner-flame', round(x2, y2, 4))] : []),
];

/** A strip of test paper held by tweezers. */
export const paper = (x: number, y: number): Shape[] => [
  shape('paper', `M${x - 4} ${y} h8 v20 h-8Z`),
  shape('line', `M${x} ${y + 2} L${x + 26} ${y - 12} M${x + 2} ${y + 5} L${x + 28} ${y - 8}`),
];

/** A beaker with water. */
export const beaker = (x: number, top: number, width: number, height: number): Shape[] => [
  shape('liquid', `M${x} ${top + 10} V${top + height} H${x + width} V${top + 10}Z`),
  shape(
    'line',
    `M${x - 3} ${top} L${x} ${top + 3} V${top + height} H${x + width} V${top + 3} L${x + width + 3} ${top}`,
  ),
];

/** Wells of a tile, in rows. */
export const wells = (rows: number, columns: number): Shape[] => [
  shape('line', `M12 34 H108 V104 H12Z`),
  ...Array.from({ length: rows * columns }, (_, i) =>
    shape(
      i % 3 ? 'thin' : 'liquid',
      round(28 + (i % columns) * (64 / (columns - 1)), 51 + Math.floor(i / columns) * 36, 9),
    ),
  ),
];

export { round, shape, turned };
