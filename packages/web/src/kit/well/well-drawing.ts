/**
 * The well as a picture: SVG text, made once for each result. A page shows hundreds of wells of a
 * few kinds; drawn in the page itself each costs a dozen elements, its layers, and its share of every
 * change beside it (a board's frame took a third longer).
 */
import type { PlainLook, WellLook, WellPattern } from '@kivex/core';
import { pigments } from '../theme/pigments.js';

/** What there is to be seen in a well. */
export interface WellDrawing {
  readonly look: WellLook;
  readonly chosen?: boolean | undefined;
  readonly doubtful?: boolean | undefined;
  /** Seen through the blue glass. */
  readonly glass?: boolean | undefined;
  /** A correction stands beside it. */
  readonly corrected?: boolean | undefined;
  /** How often it was seen, when more than once. */
  readonly times?: number | undefined;
  /** Plain entries that say different things. */
  readonly differs?: boolean | undefined;
  /** A sign for what else is so of it: weak, taken from another sample, no time. */
  readonly note?: '~' | '≈' | '–' | undefined;
}

/** The well is porcelain under any light, so what is drawn in it keeps the pigments of daylight in every theme. */
const { ink, porcelain, slate, permanganate, saffron } = pigments;
const outline = '#16233a';

type Attributes = Readonly<Record<string, string | number | undefined>>;

/** Text as it may stand in SVG, numbers that students have typed included. */
const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

const element = (name: string, attributes: Attributes, ...inside: readonly string[]): string => {
  const own = Object.entries(attributes)
    .filter(([, value]) => value !== undefined)
    .map(([key, value]) => ` ${key}="${escaped(String(value))}"`)
    .join('');
  return inside.length ? `<${name}${own}>${inside.join('')}</${name}>` : `<${name}${own}/>`;
};
const circle = (cx: number, cy: number, r: number, attributes: Attributes = {}) =>
  element('circle', { cx, cy, r, ...attributes });
const path = (d: string, attributes: Attributes = {}) => element('path', { d, ...attributes });
const words = (x: number, y: number, size: number, fill: string, text: string, attributes: Attributes = {}) =>
  element(
    'text',
    {
      x,
      y,
      'text-anchor': 'middle',
      'font-family': 'Verdana, DejaVu Sans, sans-serif',
      'font-size': size,
      'font-weight': 700,
      fill,
      ...attributes,
    },
    escaped(text),
  );

const strokes: Readonly<Record<WellPattern, string>> = {
  plain: '',
  bars: path('M0 5H10'),
  uprights: path('M5 0V10'),
  diamonds: path('M5 1.5L8.5 5L5 8.5L1.5 5Z', { fill: 'none' }),
  chevrons: path('M1 7L5 3L9 7', { fill: 'none' }),
  specks: path('M2 2.5H3.5M6.5 7.5H8'),
  dots: circle(5, 5, 1.1, { fill: '#fff', stroke: 'none' }),
  rising: path('M0 10L10 0'),
  falling: path('M0 0L10 10'),
  grid: path('M0 5H10M5 0V10'),
  waves: path('M0 5Q2.5 1 5 5T10 5', { fill: 'none' }),
  rings: circle(5, 5, 2.6, { fill: 'none' }),
  dashes: path('M2 5H7'),
  crosses: path('M3 3L7 7M7 3L3 7'),
};

const tiled = (id: string, across: number, attributes: Attributes, inside: string): string =>
  element(
    'pattern',
    { id, width: across, height: across, patternUnits: 'userSpaceOnUse', ...attributes },
    inside,
  );

/** The pattern of a colour over liquids and solids, in ink so that it shows on pale ones. */
const weave = (id: string, pattern: WellPattern): string =>
  tiled(
    id,
    10,
    {
      patternTransform: 'scale(1.25)',
      stroke: outline,
      'stroke-width': 1.1,
      'stroke-opacity': 0.42,
      'fill-opacity': 0,
    },
    strokes[pattern],
  );

/** Two lobes with a cleft between them: the well's flame. */
const flamePath =
  'M50 86C31 86 21 74 21 60C21 47 31 40 35 23C40 31 43 37 45 45C48 34 53 25 61 15C61 29 67 35 72 42C76 48 79 53 79 61C79 76 68 86 50 86Z';
const cleftPath = 'M50 86C43 78 42 68 50 55C58 68 57 78 50 86Z';
const solidPath = 'M15 56Q32 50 50 56T85 56A36 36 0 0 1 15 56Z';

/** Bubbles: centre and radius of each. */
const bubbles = {
  slow: [[50, 62, 6]],
  steady: [
    [42, 68, 6],
    [58, 54, 7],
    [47, 38, 5],
  ],
  vigorous: [
    [36, 70, 6],
    [50, 62, 7],
    [65, 68, 5],
    [41, 50, 6],
    [60, 46, 7],
    [49, 33, 6],
    [36, 33, 4],
    [66, 28, 4],
  ],
} as const;

/** What is in the well; `id` begins the names of its patterns. */
function inside(look: PlainLook, id: string, glass: boolean, small: boolean): string {
  // Thin lines are not seen in a small well, and a white solid is nothing else.
  const strong: Attributes = small ? { 'stroke-width': 4, 'stroke-opacity': 0.5 } : {};
  switch (look.kind) {
    case 'empty':
      return circle(50, 50, 27, {
        fill: 'none',
        stroke: slate[300],
        'stroke-width': 3,
        'stroke-dasharray': '6 7',
      });
    case 'nothing':
      return element(
        'g',
        { stroke: slate[500], 'stroke-width': 5, 'stroke-linecap': 'round', fill: 'none' },
        circle(50, 50, 24, { 'stroke-width': 3 }),
        path('M38 50H62'),
      );
    case 'written':
      return path(
        'M28 38Q34 30 40 38T52 38T64 38T74 36M28 52Q34 44 40 52T52 52T64 52T74 50M28 66Q34 58 40 66T52 66',
        { fill: 'none', stroke: slate[500], 'stroke-width': 4, 'stroke-linecap': 'round' },
      );
    case 'number':
      return words(50, 50, look.text.length > 3 ? 24 : 32, ink.value, look.text, {
        'dominant-baseline': 'central',
      });
    case 'flame':
      return (
        tiled(
          `${id}-p`,
          10,
          { stroke: '#fff', 'stroke-width': 1.5, 'stroke-opacity': 0.75, 'fill-opacity': 0.85 },
          strokes[look.pattern],
        ) +
        path(flamePath, { fill: look.colour, stroke: outline, 'stroke-opacity': 0.45, 'stroke-width': 1.5 }) +
        path(flamePath, { fill: `url(#${id}-p)` }) +
        path(cleftPath, { fill: glass ? '#c8d4ff' : '#f4f9ff', 'fill-opacity': 0.9 })
      );
    case 'solution':
      return (
        weave(`${id}-w`, look.pattern) +
        circle(50, 50, 36, {
          fill: look.colour,
          'fill-opacity': 0.85,
          stroke: outline,
          'stroke-opacity': 0.25,
          ...strong,
        }) +
        circle(50, 50, 36, { fill: `url(#${id}-w)` })
      );
    case 'precipitate':
      return (
        tiled(
          `${id}-s`,
          9,
          {},
          circle(2.5, 2.5, 1.5, { fill: outline, 'fill-opacity': 0.4 }) +
            circle(7, 7, 1.1, { fill: outline, 'fill-opacity': 0.3 }),
        ) +
        weave(`${id}-w`, look.pattern) +
        circle(50, 50, 36, { fill: look.solution, 'fill-opacity': 0.6 }) +
        path(solidPath, { fill: look.colour, stroke: outline, 'stroke-opacity': 0.35, ...strong }) +
        path(solidPath, { fill: `url(#${id}-s)` }) +
        path(solidPath, { fill: `url(#${id}-w)` })
      );
    case 'effervescence':
      return element(
        'g',
        { fill: 'none', stroke: ink.value, 'stroke-width': 3 },
        ...bubbles[look.rate].map(([x, y, r]) => circle(x, y, r)),
      );
  }
}

/** Of two things seen in one tube: the first on the left, the second on the right. */
const halves = ({ before, after }: Extract<WellLook, { kind: 'split' }>, glass: boolean, small: boolean) =>
  element('clipPath', { id: 'l' }, element('rect', { x: 0, y: 0, width: 49, height: 100 })) +
  element('clipPath', { id: 'r' }, element('rect', { x: 51, y: 0, width: 49, height: 100 })) +
  element('g', { 'clip-path': 'url(#l)' }, inside(before, 'a', glass, small)) +
  element('g', { 'clip-path': 'url(#r)' }, inside(after, 'b', glass, small)) +
  path('M50 6V94', { stroke: slate[500], 'stroke-width': 2 });

/** A sign in the upper corner of a well. */
const corner = (sign: string, line: string, ground: string): string =>
  circle(82, 18, 18, { fill: ground, stroke: line, 'stroke-width': 3 }) + words(82, 28, 32, line, sign);

function sign({ differs, doubtful, note }: WellDrawing): string {
  if (differs || doubtful) return corner(differs ? '≠' : '?', saffron.value, saffron.wash);
  return note ? corner(note, ink.value, porcelain.value) : '';
}

const glassBand = element('rect', {
  x: 4,
  y: 66,
  width: 92,
  height: 15,
  fill: '#2346b8',
  'fill-opacity': 0.3,
  stroke: '#2346b8',
  'stroke-opacity': 0.85,
  'stroke-width': 2.5,
  rx: 3,
});
const tick =
  circle(18, 18, 16, { fill: permanganate.value }) +
  path('M10 18L16 24L27 12', {
    fill: 'none',
    stroke: '#fff',
    'stroke-width': 4.5,
    'stroke-linecap': 'round',
    'stroke-linejoin': 'round',
  });
const porcelainLight = element(
  'radialGradient',
  { id: 'g', cx: 0.4, cy: 0.32, r: 0.75 },
  ...[
    [0, '#ffffff'],
    [0.72, '#f6f9fb'],
    [1, '#d9e2e9'],
  ].map(([offset, colour]) => element('stop', { offset, 'stop-color': colour })),
);

/**
 * One result as SVG, in a box of 100.
 * @param drawing what there is to be seen
 * @param small whether it is shown so small that thin lines would be lost
 */
export function wellSvg(drawing: WellDrawing, small: boolean): string {
  const { look, chosen, doubtful, glass = false, corrected, times = 1 } = drawing;
  const within = look.kind === 'split' ? halves(look, glass, small) : inside(look, 'w', glass, small);
  return element(
    'svg',
    // Signs in the corners reach over the edge.
    { xmlns: 'http://www.w3.org/2000/svg', viewBox: '-1 -2 104 104' },
    porcelainLight,
    circle(50, 50, 46, {
      fill: 'url(#g)',
      stroke: chosen ? permanganate.value : slate[300],
      'stroke-width': chosen ? 7 : 3,
      'stroke-dasharray': doubtful ? '10 7' : undefined,
    }),
    corrected ? element('g', { opacity: 0.45 }, within) : within,
    glass ? glassBand : '',
    corrected
      ? path('M16 84L84 16', { stroke: ink.value, 'stroke-width': 5, 'stroke-linecap': 'round' })
      : '',
    sign(drawing),
    times > 1
      ? element('rect', { x: 60, y: 76, width: 40, height: 24, rx: 12, fill: ink.value }) +
          words(80, 94, 18, porcelain.value, `×${times}`)
      : '',
    chosen ? tick : '',
  );
}

/** Below this size, in pixels, thin lines are not seen. */
const thinFrom = 44;
const known = new Map<string, string>();

/** The picture of a result for a style (`url("…")`), shown `size` pixels across; made once for each. */
export function wellPicture(drawing: WellDrawing, size: number): string {
  const small = size < thinFrom;
  const key = JSON.stringify([drawing, small]);
  const before = known.get(key);
  if (before) return before;
  // Brackets too: not every reader of styles knows that those in quotation marks end nothing.
  const text = encodeURIComponent(wellSvg(drawing, small)).replace(/[()]/g, (c) =>
    c === '(' ? '%28' : '%29',
  );
  const made = `url("data:image/svg+xml,${text}")`;
  known.set(key, made);
  return made;
}
