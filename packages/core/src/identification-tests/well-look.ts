/**
 * How a result is drawn: always the same small round well. Colour is never the only carrier; a word
 * stands beside every well and the pattern differs too.
 */
export type WellPattern =
  | 'plain'
  | 'bars'
  | 'uprights'
  | 'dots'
  | 'rising'
  | 'falling'
  | 'grid'
  | 'waves'
  | 'rings'
  | 'dashes'
  | 'crosses'
  | 'diamonds'
  | 'chevrons'
  | 'specks';

export type PlainLook =
  | { readonly kind: 'empty' }
  | { readonly kind: 'nothing' }
  /** Something was written that nothing was read from. */
  | { readonly kind: 'written' }
  /** A measured number, without its unit. */
  | { readonly kind: 'number'; readonly text: string }
  | { readonly kind: 'flame'; readonly colour: string; readonly pattern: WellPattern }
  | { readonly kind: 'solution'; readonly colour: string; readonly pattern: WellPattern }
  | {
      readonly kind: 'precipitate';
      readonly colour: string;
      readonly solution: string;
      readonly pattern: WellPattern;
    }
  | { readonly kind: 'effervescence'; readonly rate: 'slow' | 'steady' | 'vigorous' };

/** A plain look, or two of them side by side: before and after. Colours are sRGB `#rrggbb`. */
export type WellLook =
  PlainLook | { readonly kind: 'split'; readonly before: PlainLook; readonly after: PlainLook };
