/**
 * The GHS pictograms, drawn afresh after the United Nations' symbols: a red square set on its point, white
 * ground, black symbol. Source `ghs` (annex 1). As SVG text, for screens, labels and sheets alike.
 */
import type { Pictogram } from './statements.js';

/** What each symbol is called for those who do not see it, and its code on orders. */
export const pictogramNames: Readonly<Record<Pictogram, { readonly code: string; readonly name: string }>> = {
  'exploding-bomb': { code: 'GHS01', name: 'exploding bomb' },
  flame: { code: 'GHS02', name: 'flame' },
  'flame-over-circle': { code: 'GHS03', name: 'flame over circle' },
  'gas-cylinder': { code: 'GHS04', name: 'gas cylinder' },
  corrosion: { code: 'GHS05', name: 'corrosion' },
  skull: { code: 'GHS06', name: 'skull and crossbones' },
  exclamation: { code: 'GHS07', name: 'exclamation mark' },
  'health-hazard': { code: 'GHS08', name: 'health hazard' },
  environment: { code: 'GHS09', name: 'environment' },
};

const fire = (dx: number, dy: number, s: number) =>
  `<path transform="translate(${dx} ${dy}) scale(${s})" d="M0 30C-17 30-22 15-15 3c2 5 5 6 7 4C-11-8-2-18 8-30 6-18 12-14 15-6c2 5 1 8 3 10 2-2 2-4 2-6 8 12 4 32-20 32z"/>`;

/** Each symbol inside a frame of 100 by 100, its middle at 50, 50. */
const symbols: Readonly<Record<Pictogram, string>> = {
  'exploding-bomb':
    '<circle cx="45" cy="58" r="13"/><path d="M55 48l5-7 4 3-6 7z"/><path d="M62 40l10-12-2 10 10-3-7 7 9 4-10 1 3 10-8-7-5 6z"/><path d="M24 40l8 5M22 60h8M30 76l5-6M45 28v9" stroke="#000" stroke-width="3.5"/>',
  flame: `${fire(50, 45, 0.82)}<path d="M30 74h40v4H30z"/>`,
  'flame-over-circle': `${fire(50, 36, 0.55)}<circle cx="50" cy="64" r="12" fill="none" stroke="#000" stroke-width="5"/><path d="M32 79h36v4H32z"/>`,
  'gas-cylinder':
    '<path d="M26 63l37-27c4-3 9-3 12 1l3 4c2 4 1 8-3 11L38 74c-4 2-8 1-10-2l-3-4c-2-2-1-4 1-5z"/><path d="M70 32l5-4 8 9-5 5z"/>',
  corrosion:
    '<path d="M22 34l24-8 2 5-24 9z"/><path d="M30 41l3-1v7l-3 2zM38 39l3-1v13l-3 2zM60 32l20-7 2 5-20 7z"/><path d="M66 38l3-1v9l-3 2zM73 36l3-1v14l-3 2z"/><path d="M22 66h12c2-4 6-5 9-3 3-3 7-1 7 3h2v9H22zM56 70c0-6 5-9 12-7l14 3v9H56z"/>',
  skull:
    '<path d="M50 24c-13 0-20 8-20 18 0 7 3 11 8 14v7h24v-7c5-3 8-7 8-14 0-10-7-18-20-18z"/><circle cx="42" cy="42" r="5" fill="#fff"/><circle cx="58" cy="42" r="5" fill="#fff"/><path d="M50 47l-3 7h6z" fill="#fff"/><path d="M29 68l42 12M71 68L29 80" stroke="#000" stroke-width="5" stroke-linecap="round"/>',
  exclamation: '<path d="M44 24h12l-3 34h-6z"/><circle cx="50" cy="70" r="6.5"/>',
  'health-hazard':
    '<circle cx="50" cy="28" r="8"/><path d="M34 80V52c0-8 5-13 16-13s16 5 16 13v28z"/><path d="M50 44l4 9 9-3-4 8 8 5-9 2 2 9-7-6-6 7-1-9-10 1 6-7-6-6 9-1z" fill="#fff"/>',
  environment:
    '<path d="M24 74h52v4H24z"/><path d="M36 74l2-26-11-9 2-3 10 8 2-16h4l1 18 9-9 3 3-11 12 1 22z"/><path d="M55 66c7-8 16-8 22 0-6 8-15 8-22 0zM53 60l4 6-4 6z"/><circle cx="71" cy="64.500" r="1.800" fill="#fff"/>',
};

/** A pictogram as an SVG document. @param size in CSS pixels or points. */
export function pictogramSvg(pictogram: Pictogram, size = 100): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" width="${size}" height="${size}"><path d="M50 3L97 50 50 97 3 50z" fill="#fff" stroke="#d8121b" stroke-width="6" stroke-linejoin="round"/><g transform="translate(50 50) scale(.72) translate(-50 -51)">${symbols[pictogram]}</g></svg>`;
}
