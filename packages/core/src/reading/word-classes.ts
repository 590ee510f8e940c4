/** Classes of words that keep company: a colour before a solid, damp before litmus. */
const members = {
  colour: `red blue green white yellow orange brown purple lilac pink cream grey black crimson scarlet violet turquoise colourless off brick apple rusty rust golden
    mauve magenta silver bluish greenish yellowish reddish`,
  shade: `pale light dark deep bright faint dirty murky muddy thick thin dense faintly milky off rusty apple brick royal slightly very really lovely nice`,
  solid: `precipitate precipitates ppt solid solids bits stuff lumps jelly sludge powder suspension gel specks deposit particles gunk`,
  smoke: `smoke fumes fume clouds cloud vapour`,
  turn: `then turn turns turned turning go goes went going became becomes become changes changed change into to was is its looked stayed stays`,
  from: `from`,
  brick: `brick apple`,
  flame: `flame flames colour coloured bright`,
  splint: `splint splints spill`,
  light: `glowing lit lighted burning smouldering`,
  damp: `damp moist wet dry`,
  litmus: `litmus paper`,
  dissolve: `dissolve dissolves dissolved dissolving soluble insoluble sol insol redissolves redissolved ppt stays remains`,
  in: `in with`,
  excess: `excess xs`,
  cloud: `cloudy milky clear white`,
  limewater: `limewater`,
  pop: `pop pops popping popped`,
} as const;
export type WordClass = keyof typeof members;

const classes = new Map<string, readonly WordClass[]>();
for (const [name, words] of Object.entries(members))
  for (const word of words.split(/\s+/)) classes.set(word, [...(classes.get(word) ?? []), name as WordClass]);

const none: readonly WordClass[] = [];
/** The classes a word is of. */
export const classesOf = (word: string): readonly WordClass[] => classes.get(word) ?? none;

/** Classes that like to follow one another. */
const company: ReadonlySet<string> = new Set(
  `shade>colour shade>solid colour>solid colour>colour colour>smoke colour>litmus colour>flame turn>colour turn>cloud light>splint damp>litmus damp>colour
  dissolve>in in>excess limewater>turn limewater>cloud from>colour brick>colour shade>smoke splint>turn litmus>turn cloud>cloud solid>dissolve colour>turn turn>shade`.split(
    /\s+/,
  ),
);
/** Do two words in a row make sense together more than by chance? */
export const keepCompany = (a: string, b: string): boolean =>
  classesOf(a).some((first) => classesOf(b).some((second) => company.has(`${first}>${second}`)));
