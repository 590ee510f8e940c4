/**
 * The colour words students write, finer than the values a test records. Marking compares terms
 * ("lilac" is not "purple"); reasoning uses the recorded value a term comes nearest to.
 */
export interface ColourTermRecord {
  /** What people write for it, lower case, single spaces; the first is shown back to them. */
  readonly phrases: readonly string[];
  /** The flame value recorded for it, naked eye and through blue glass; null where none comes near. */
  readonly naked: string | null;
  readonly glass: string | null;
}

export const colourTerms = {
  none: {
    phrases: ['none', 'nothing', 'no change', 'no reaction', 'unchanged', 'no difference', 'invisible'],
    naked: 'none',
    glass: 'none',
  },
  colourless: {
    phrases: ['colourless', 'no colour', 'without colour', 'colorless', 'no flame colour'],
    naked: 'none',
    glass: 'none',
  },
  crimson: {
    phrases: ['crimson', 'carmine', 'crimson red', 'red crimson', 'deep crimson'],
    naked: 'crimson',
    glass: 'crimson',
  },
  red: { phrases: ['red', 'reddish'], naked: 'red', glass: 'crimson' },
  scarlet: { phrases: ['scarlet', 'scarlet red', 'red scarlet'], naked: 'red', glass: 'crimson' },
  'deep-red': {
    phrases: ['deep red', 'dark red', 'ruby', 'ruby red', 'cherry red', 'blood red'],
    naked: 'crimson',
    glass: 'crimson',
  },
  'bright-red': {
    phrases: ['bright red', 'light red', 'intense red', 'vivid red', 'fire red'],
    naked: 'red',
    glass: 'crimson',
  },
  'pink-red': {
    phrases: ['pink red', 'red pink', 'pinky red', 'pinkish red', 'reddish pink', 'reddy pink', 'rose red'],
    naked: 'crimson',
    glass: 'crimson',
  },
  'brick-red': {
    phrases: ['brick red', 'brick', 'red brick', 'brick colour'],
    naked: 'brick-red',
    glass: null,
  },
  'brown-red': {
    phrases: [
      'brown red',
      'red brown',
      'reddish brown',
      'brownish red',
      'reddy brown',
      'rusty red',
      'rust red',
      'browny red',
      'brick brown',
    ],
    naked: 'brick-red',
    glass: null,
  },
  rust: {
    phrases: [
      'rust',
      'rusty',
      'rust colour',
      'rusty brown',
      'rust brown',
      'foxy',
      'foxy red',
      'rusty orange',
      'like rust',
    ],
    naked: 'brick-red',
    glass: null,
  },
  'orange-brown': {
    phrases: [
      'orange brown',
      'brown orange',
      'orangey brown',
      'orangy brown',
      'brownish orange',
      'orangish brown',
      'browny orange',
      'ginger',
    ],
    naked: null,
    glass: null,
  },
  'yellow-brown': {
    phrases: [
      'yellow brown',
      'brown yellow',
      'yellowish brown',
      'yellowy brown',
      'straw',
      'straw colour',
      'tan',
      'amber brown',
      'golden brown',
    ],
    naked: null,
    glass: null,
  },
  'orange-red': {
    phrases: [
      'orange red',
      'red orange',
      'reddish orange',
      'orangey red',
      'orangish red',
      'reddy orange',
      'orangy red',
      'vermilion',
    ],
    naked: 'orange-red',
    glass: null,
  },
  orange: {
    phrases: [
      'orange',
      'bright orange',
      'dark orange',
      'light orange',
      'pale orange',
      'amber',
      'orangey',
      'orangy',
      'orangish',
    ],
    naked: 'orange-red',
    glass: null,
  },
  'orange-yellow': {
    phrases: [
      'orange yellow',
      'yellow orange',
      'orangey yellow',
      'yellowy orange',
      'yellowish orange',
      'orangish yellow',
      'orangy yellow',
    ],
    naked: 'yellow',
    glass: null,
  },
  yellow: { phrases: ['yellow', 'yellowish', 'yellowy', 'strong yellow'], naked: 'yellow', glass: null },
  'golden-yellow': {
    phrases: ['golden yellow', 'golden', 'gold', 'gold yellow', 'yellow gold'],
    naked: 'yellow',
    glass: null,
  },
  'bright-yellow': {
    phrases: [
      'bright yellow',
      'intense yellow',
      'deep yellow',
      'vivid yellow',
      'dark yellow',
      'persistent yellow',
    ],
    naked: 'yellow',
    glass: null,
  },
  'pale-yellow': {
    phrases: ['pale yellow', 'light yellow', 'faint yellow', 'lemon', 'lemon yellow', 'pastel yellow'],
    naked: 'yellow',
    glass: null,
  },
  lilac: {
    phrases: ['lilac', 'lilac purple', 'purple lilac', 'lilac pink', 'pink lilac', 'lavender'],
    naked: 'lilac',
    glass: 'lilac',
  },
  'pale-lilac': {
    phrases: ['pale lilac', 'light lilac', 'faint lilac', 'bright lilac'],
    naked: 'lilac',
    glass: 'lilac',
  },
  'pale-purple': {
    phrases: [
      'pale purple',
      'light purple',
      'faint purple',
      'pale violet',
      'light violet',
      'pale mauve',
      'light mauve',
      'pastel purple',
    ],
    naked: 'lilac',
    glass: 'lilac',
  },
  purple: {
    phrases: ['purple', 'purplish', 'purply', 'dark purple', 'deep purple', 'bright purple', 'plum'],
    naked: 'lilac',
    glass: 'purple',
  },
  violet: {
    phrases: ['violet', 'mauve', 'blue violet', 'blue purple', 'purple blue', 'bluish purple', 'indigo'],
    naked: 'lilac',
    glass: 'purple',
  },
  'pink-purple': {
    phrases: [
      'pink purple',
      'purple pink',
      'pinkish purple',
      'purplish pink',
      'pinky purple',
      'pink violet',
      'purply pink',
    ],
    naked: 'lilac',
    glass: 'lilac',
  },
  'purple-red': {
    phrases: [
      'purple red',
      'red purple',
      'reddish purple',
      'purplish red',
      'reddy purple',
      'red violet',
      'maroon',
      'burgundy',
    ],
    naked: 'crimson',
    glass: 'purple',
  },
  magenta: {
    phrases: ['magenta', 'magenta red', 'fuchsia', 'hot pink', 'dark pink', 'deep pink', 'rose pink'],
    naked: 'crimson',
    glass: 'crimson',
  },
  pink: {
    phrases: ['pink', 'pinkish', 'pinky', 'light pink', 'pale pink', 'rose', 'salmon', 'salmon pink'],
    naked: 'crimson',
    glass: 'crimson',
  },
  green: {
    phrases: [
      'green',
      'greenish',
      'greeny',
      'dark green',
      'deep green',
      'olive green',
      'olive',
      'muddy green',
      'dirty green',
      'murky green',
      'sludgy green',
      'swampy green',
      'moss green',
      'mossy green',
    ],
    naked: 'apple-green',
    glass: 'pale-green',
  },
  'grey-green': {
    phrases: [
      'grey green',
      'green grey',
      'greyish green',
      'greenish grey',
      'greyey green',
      'greeny grey',
      'green and grey',
    ],
    naked: null,
    glass: null,
  },
  'bright-green': {
    phrases: ['bright green', 'vivid green', 'intense green', 'neon green', 'grass green'],
    naked: 'apple-green',
    glass: 'pale-green',
  },
  emerald: { phrases: ['emerald', 'emerald green'], naked: 'blue-green', glass: 'blue-green' },
  'apple-green': {
    phrases: ['apple green', 'green apple', 'lime green', 'lime', 'apple'],
    naked: 'apple-green',
    glass: 'pale-green',
  },
  'pale-green': {
    phrases: ['pale green', 'light green', 'faint green', 'mint green'],
    naked: 'apple-green',
    glass: 'pale-green',
  },
  'yellow-green': {
    phrases: [
      'yellow green',
      'green yellow',
      'yellowish green',
      'yellowy green',
      'greenish yellow',
      'greeny yellow',
    ],
    naked: 'apple-green',
    glass: 'pale-green',
  },
  'blue-green': {
    phrases: [
      'blue green',
      'green blue',
      'bluish green',
      'greenish blue',
      'bluey green',
      'greeny blue',
      'blue ish green',
    ],
    naked: 'blue-green',
    glass: 'blue-green',
  },
  turquoise: {
    phrases: ['turquoise', 'teal', 'cyan', 'aqua', 'aquamarine', 'sea green'],
    naked: 'blue-green',
    glass: 'blue-green',
  },
  blue: {
    phrases: ['blue', 'bluish', 'bluey', 'bright blue', 'medium blue'],
    naked: 'pale-blue',
    glass: null,
  },
  'deep-blue': {
    phrases: [
      'deep blue',
      'dark blue',
      'royal blue',
      'navy',
      'navy blue',
      'intense blue',
      'inky blue',
      'ink blue',
      'very blue',
      'darker blue',
      'deeper blue',
      'strong blue',
    ],
    naked: 'pale-blue',
    glass: null,
  },
  'pale-blue': {
    phrases: ['pale blue', 'light blue', 'faint blue', 'sky blue', 'baby blue'],
    naked: 'pale-blue',
    glass: null,
  },
  'blue-white': {
    phrases: ['blue white', 'white blue', 'bluish white', 'whitish blue', 'pale bluish white'],
    naked: 'pale-blue',
    glass: null,
  },
  'blue-grey': {
    phrases: ['blue grey', 'grey blue', 'greyish blue', 'bluish grey'],
    naked: 'pale-blue',
    glass: null,
  },
  white: {
    phrases: [
      'white',
      'whitish',
      'bright white',
      'milk white',
      'snow white',
      'pure white',
      'whiteish',
      'whity',
    ],
    naked: null,
    glass: null,
  },
  silver: { phrases: ['silver', 'silvery', 'shiny', 'metallic'], naked: null, glass: null },
  cream: {
    phrases: [
      'cream',
      'creamy',
      'cream colour',
      'creamy colour',
      'ivory',
      'pale cream',
      'light cream',
      'creamish',
      'vanilla',
      'magnolia',
      'custard',
    ],
    naked: null,
    glass: null,
  },
  'off-white': {
    phrases: ['off white', 'dirty white', 'yellowish white', 'yellowy white'],
    naked: null,
    glass: null,
  },
  beige: {
    phrases: ['beige', 'buff', 'fawn', 'sandy'],
    naked: null,
    glass: null,
  },
  'pale-brown': { phrases: ['pale brown', 'light brown', 'faint brown'], naked: null, glass: null },
  'creamy-white': {
    phrases: ['creamy white', 'cream white', 'white cream', 'whitish cream', 'creamish white'],
    naked: null,
    glass: null,
  },
  'creamy-yellow': {
    phrases: ['creamy yellow', 'cream yellow', 'yellow cream', 'yellowish cream', 'yellowy cream'],
    naked: null,
    glass: null,
  },
  brown: {
    phrases: [
      'brown',
      'brownish',
      'dark brown',
      'browny',
      'chocolate',
      'muddy brown',
      'medium brown',
      'deep brown',
    ],
    naked: null,
    glass: null,
  },
  grey: { phrases: ['grey', 'greyish'], naked: null, glass: null },
  black: { phrases: ['black', 'blackish', 'dark grey', 'grey black'], naked: null, glass: null },
} as const satisfies Record<string, ColourTermRecord>;

export type ColourTerm = keyof typeof colourTerms;

/** The record of a term. */
export const colourTermOf = (term: ColourTerm): ColourTermRecord => colourTerms[term];
/** All terms, for lists and tests. */
export const allColourTerms = Object.keys(colourTerms) as ColourTerm[];
/** The term as shown to people. */
export const colourWord = (term: ColourTerm): string => colourTerms[term].phrases[0];
