/**
 * Line drawings of the apparatus of each method, where a step is easier to see than to read. Our own, in one style, drawn
 * from the same pieces; each is named for those who cannot see it.
 */
import {
  beaker,
  bubbles,
  burner,
  dropper,
  paper,
  round,
  sediment,
  shape,
  splint,
  tube,
  turned,
  wells,
  type Shape,
  type ShapeKind,
} from './pieces.js';

export interface Drawing {
  /** What is drawn, in words. */
  readonly name: string;
  readonly shapes: readonly Shape[];
}

const drawings = {
  'flame-wire': {
    name: 'A wire loop held in a burner flame, air hole open',
    shapes: [
      ...burner(70),
      shape('line', 'M6 50 H30'),
      shape('thin', 'M30 50 H56'),
      shape('thin', round(60, 50, 4)),
    ],
  },
  'flame-splint': {
    name: 'A soaked splint held in a burner flame, air hole open',
    shapes: [...burner(70), ...splint(6, 54, 62, 50, 'wet')],
  },
  'flame-swab': {
    name: 'A wet cotton swab held by tongs in a burner flame, air hole open',
    shapes: [
      ...burner(70),
      shape('wood', 'M22 49 H56 V52 H22Z'),
      shape('paper', round(60, 50, 6)),
      shape('line', 'M2 40 L30 50 M2 62 L30 51'),
    ],
  },
  'tube-drops': {
    name: 'Drops from a dropper into a test tube',
    shapes: [...tube(60, 46, 68, 82), ...dropper(60, 42)],
  },
  'tube-acid': {
    name: 'A sample in acid in a tube, its gas led into limewater',
    shapes: [
      ...tube(34, 40, 70, 80),
      bubbles(34, 102),
      ...tube(84, 50, 62, 70),
      shape('line', 'M28 40 H40 M34 40 V22 H84 V96'),
      bubbles(87, 104),
    ],
  },
  'warm-bath': {
    name: 'A tube warmed in a beaker of hot water, damp paper held in the vapour, clear of the glass',
    shapes: [...beaker(30, 66, 60, 48), ...tube(60, 44, 60, 86), ...paper(60, 16)],
  },
  'two-layers': {
    name: 'A stoppered tube with two layers, shaken and left to part',
    shapes: [
      ...tube(60, 30, 78, 62),
      shape('other-liquid', 'M52 48 H68 V66 H52Z'),
      shape('solid', 'M52 22 H68 L66 34 H54Z'),
      shape('thin', 'M22 50 q-8 12 0 24 M98 50 q8 12 0 24'),
    ],
  },
  ring: {
    name: 'A tilted tube, concentrated acid run down its side to make a layer below',
    shapes: [
      ...turned(
        [
          ...tube(60, 28, 78, 66),
          shape('other-liquid', 'M52 86 V98 A8 8 0 0 0 68 98 V86Z'),
          shape('solid', 'M52 84 H68 V88 H52Z'),
        ],
        [28, 60, 70],
      ),
      ...dropper(90, 40),
    ],
  },
  'spotting-tile': {
    name: 'A spotting tile, a dropper over one of its wells',
    shapes: [...wells(2, 4), ...dropper(28, 38)],
  },
  'metals-in-acid': {
    name: 'Pieces of metal in acid in two tubes side by side, one fizzing faster',
    shapes: [
      ...tube(40, 30, 78, 58),
      ...tube(80, 30, 78, 58),
      sediment(40, 108),
      sediment(80, 108),
      bubbles(40, 94),
      bubbles(80, 94),
      bubbles(83, 88),
    ],
  },
  'lit-splint': {
    name: 'A lit splint at the mouth of a tube of gas',
    shapes: [...tube(76, 44, 68), ...splint(8, 60, 66, 40, 'lit')],
  },
  'glowing-splint': {
    name: 'A glowing splint let down into a tube of gas',
    shapes: [...tube(66, 40, 72), ...splint(20, 8, 65, 62, 'glowing')],
  },
  'over-water': {
    name: 'Gas led through a delivery tube and collected over water in an inverted tube',
    shapes: [
      ...tube(24, 34, 66, 70),
      bubbles(24, 94),
      ...beaker(58, 74, 56, 40),
      ...turned(tube(92, 30, 66), [180, 92, 63]),
      shape('line', 'M18 34 H30 M24 34 V20 H68 V106 H92 V92'),
      bubbles(92, 84),
    ],
  },
  upward: {
    name: 'Gas lighter than air collected upward in an inverted tube',
    shapes: [
      ...tube(34, 52, 60, 84),
      bubbles(34, 104),
      shape('line', 'M34 52 V38 H82 V28'),
      ...turned(tube(82, 14, 66), [180, 82, 47]),
    ],
  },
  'drawn-off': {
    name: 'Gas drawn off with a pipette from above a fizzing sample',
    shapes: [...tube(60, 50, 64, 94), bubbles(60, 110), ...dropper(60, 84, false)],
  },
  'limewater-shaken': {
    name: 'Limewater poured into a tube of gas, stoppered and shaken',
    shapes: [
      ...tube(60, 30, 78, 82),
      shape('solid', 'M52 22 H68 L66 34 H54Z'),
      shape('thin', 'M24 50 q-8 12 0 24 M96 50 q8 12 0 24'),
    ],
  },
  'limewater-bubbled': {
    name: 'Gas led through a delivery tube and bubbled through limewater',
    shapes: [
      ...tube(32, 40, 70, 80),
      bubbles(32, 102),
      ...tube(84, 46, 66, 66),
      shape('line', 'M26 40 H38 M32 40 V22 H84 V96'),
      bubbles(87, 104),
    ],
  },
  'paper-at-mouth': {
    name: 'Damp test paper held at the mouth of a tube, clear of the glass',
    shapes: [...tube(56, 48, 66, 88), ...paper(56, 16)],
  },
  'rod-at-mouth': {
    name: 'A glass rod wet with acid held at the mouth of a tube',
    shapes: [
      ...tube(56, 48, 66, 88),
      shape('line', 'M56 44 L92 8 M60 46 L96 10 M56 44 a3 3 0 0 0 4 2'),
      shape('liquid', round(57, 46, 3)),
    ],
  },
  powder: {
    name: 'A drop of liquid let fall on a little powder on a watch glass',
    shapes: [
      shape('line', 'M18 84 Q60 112 102 84'),
      shape('solid', 'M44 94 Q60 74 76 94 Q60 101 44 94Z'),
      ...dropper(60, 56),
    ],
  },
  thermometer: {
    name: 'A thermometer in a warmed liquid',
    shapes: [
      ...beaker(30, 54, 60, 58),
      shape('line', 'M57 10 V88 M63 10 V88 M57 10 a3 3 0 0 1 6 0'),
      shape('solid', round(60, 92, 6)),
      shape('thin', 'M63 24 h5 M63 36 h5 M63 48 h5'),
    ],
  },
  jar: {
    name: 'A jar of the sample, looked at in good light',
    shapes: [
      shape('line', 'M38 34 H82 V26 H38Z M40 34 C34 40 32 44 32 52 V104 H88 V52 C88 44 86 40 80 34'),
      shape('solid', 'M33 78 H87 V103 H33Z'),
      shape('paper', 'M44 52 H76 V70 H44Z'),
    ],
  },
} as const satisfies Record<string, Drawing>;

export type DrawingId = keyof typeof drawings;
export const allDrawings = Object.keys(drawings) as DrawingId[];
export const drawingOf = (id: DrawingId): Drawing => drawings[id];

/** Fills on paper; on the screen the pigments of the page serve. */
const inkFills: Readonly<Record<ShapeKind, string>> = {
  line: 'none',
  thin: 'none',
  liquid: '#cdd8e0',
  'other-liquid': '#f1e6f4',
  flame: '#fdf0cf',
  'inner-flame': '#e0b04a',
  solid: '#6b7f91',
  wood: '#f2f5f7',
  paper: '#fbe5e2',
};

/** A drawing as an SVG of its own, for paper. @param size width and height in points. */
export function drawingSvg(id: DrawingId, size: number): string {
  const paths = drawings[id].shapes.map(({ kind, d, turn }: Shape) => {
    const width = kind === 'thin' ? 1.6 : 2.6;
    const transform = turn ? ` transform="rotate(${turn.join(' ')})"` : '';
    return `<path d="${d}" fill="${inkFills[kind]}" stroke="#16233a" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"${transform}/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" height="${size}" viewBox="0 0 120 120">${paths.join('')}</svg>`;
}
