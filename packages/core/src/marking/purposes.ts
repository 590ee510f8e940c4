/**
 * Why a step is done: for each purpose the reasons that earn, as patterns over an answer's words, and
 * what takes the point away. Words are lower case, spelling mended, "n't" written as "not".
 * Source `school-practice`.
 */
export type PurposeId =
  | 'acid-before-silver-nitrate'
  | 'acid-before-barium-chloride'
  | 'not-sulfuric-acid'
  | 'not-sulfuric-acid-on-marble'
  | 'not-hydrochloric-acid'
  | 'damp-litmus'
  | 'clean-wire'
  | 'fresh-iron-sulfate'
  | 'blue-glass'
  | 'excess-hydroxide'
  | 'fume-cupboard';

export interface Purpose {
  readonly id: PurposeId;
  /** The reason in one sentence, shown where the answer misses it. */
  readonly reason: string;
  /** An answer earns when every pattern of any one list is found. */
  readonly earns: readonly (readonly RegExp[])[];
  /** Vague answers a person decides on. */
  readonly review?: readonly (readonly RegExp[])[];
  /** Found anywhere, these take the point away. */
  readonly spoilt?: readonly RegExp[];
}

const carbonate =
  /\b(carbonates?|(?:ag2|ba|ca|na2)?co3\w*|(?:ba|ag2)so3|hydrogencarbonates?|sulfites?|so3\w*|hydroxides?|oh|phosphates?)\b/;
const removes =
  /\b(remov\w*|get\w* rid|gets rid|got rid|destroy\w*|decompos\w*|eliminat\w*|react\w*|neutrali\w*|fizz\w*|break\w*|take\w* (?:away|out)|dissolv\w*|clear\w*|stop\w*|prevent\w*|interfer\w*|kill\w*|use\w* up|drive\w* off|lose|away|out)\b/;
const falsely =
  /\b(false|falsely|wrong\w*|interfer\w*|confus\w*|mistak\w*|misleading|mess\w*|incorrect\w*|also (?:give|form|make|produce|react|precipitate)\w*|look\w* like|too|invalid|as well|same)\b/;
const precipitates =
  /\b(ppt\w*|precipitat\w*|solid|insoluble|white|positive|result|silver carbonate|barium carbonate|barium sulfite|silver hydroxide|silver oxide)\b/;
const chlorideIons = /\b(chlorides?|cl|chloride ions?)\b/;
const sulfateIons = /\b(sulfates?|sulphates?|so4\w*)\b/;
const otherIons =
  /\b(other|another|any|different|unwanted|contaminat\w*|impurit\w*|previous|last|old|leftover|left over|residue\w*|traces?|interfer\w*|substances?|metals?|ions?|chemicals?|salts?|compounds?|sodium|bits)\b/;
const poison =
  /\b(toxic|poison\w*|harmful|hazardous|dangerous (?:gas|fumes?|vapours?|to breath\w*)|breath\w*|inhal\w*|lungs?|chok\w*|asthma|irritat\w*|noxious|lethal|deadly|suffocat\w*|chlorine|fumes?|respirat\w*|flammable vapour)\b/;

/** Why acid goes in first, before silver or before barium alike. */
const carbonateFirst: Pick<Purpose, 'earns' | 'review'> = {
  earns: [
    [carbonate, removes],
    [carbonate, falsely],
    [carbonate, precipitates],
    [
      /\b(other|impurit\w*|contaminat\w*|unwanted)\b.*\b(ppt\w*|precipitat\w*|false|interfer\w*|affect\w* the (?:result|test))/,
      /./,
    ],
    [/\b(stop|prevent|avoid)\w*\b.*\b(false|other|wrong)\b.*\b(positive|ppt\w*|precipitat\w*|result)/, /./],
  ],
  review: [
    [/\bfalse (?:positive|result)/],
    [/\b(remov\w*|rid)\b.*\b(impurit\w*|other ions|contaminat\w*|interfering)/],
  ],
};

export const purposes: readonly Purpose[] = [
  {
    id: 'acid-before-silver-nitrate',
    reason:
      'Acid takes away carbonate (and hydroxide) ions, which would give a precipitate with silver ions too.',
    ...carbonateFirst,
    spoilt: [
      /\b(remov\w*|rid of) (?:the |any )?(?:carbon dioxide|chlorides?|halides?|sulfates?|nitrates?|silver)\b/,
    ],
  },
  {
    id: 'acid-before-barium-chloride',
    reason:
      'Acid takes away carbonate and sulfite ions, which would give a white precipitate with barium ions too.',
    ...carbonateFirst,
    spoilt: [
      /\b(remov\w*|rid of) (?:the |any )?(?:carbon dioxide|chlorides?|halides?|sulfates?|nitrates?|barium)\b/,
    ],
  },
  {
    id: 'not-sulfuric-acid',
    reason: 'Sulfuric acid brings sulfate ions itself, so barium sulfate falls out whatever the sample.',
    earns: [
      [
        /\b(contain\w*|has|have|add\w*|bring\w*|introduc\w*|provid\w*|give\w*|is|are|put\w*|source|from|includ\w*|suppl\w*|already|its own|itself|would|got|with|because)\b/,
        sulfateIons,
      ],
      [/\bbarium sulfate\b/],
      [
        /\b(always|anyway|whatever|false|any sample|every)\b/,
        /\b(ppt\w*|precipitat\w*|positive|white|result)\b/,
      ],
    ],
    spoilt: [/\bremov\w* (?:the )?sulfates?\b/],
  },
  {
    id: 'not-sulfuric-acid-on-marble',
    reason: 'Insoluble calcium sulfate coats the marble and stops the acid getting at it.',
    earns: [
      [
        /\b(calcium sulfate|caso4|insoluble (?:layer|coat\w*|salt|product)|sulfates?)\b/,
        /\b(coat\w*|layer\w*|cover\w*|stop\w*|prevent\w*|block\w*|protect\w*|insoluble|barrier|surface|slow\w*|film|crust|shell|dies|halt\w*)\b/,
      ],
      [
        /\b(coat\w*|layer|cover\w*|barrier|film|crust)\b/,
        /\b(stop\w*|prevent\w*|block\w*|protect\w*|marble|chips|react\w*|acid)\b/,
      ],
    ],
  },
  {
    id: 'not-hydrochloric-acid',
    reason:
      'Hydrochloric acid brings chloride ions itself, so silver chloride falls out whatever the sample.',
    earns: [
      [
        /\b(contain\w*|has|have|add\w*|bring\w*|introduc\w*|provid\w*|give\w*|is|are|put\w*|source|from|includ\w*|suppl\w*|already|its own|itself|would|got|with|because|react\w*|own)\b/,
        chlorideIons,
      ],
      [/\bsilver chloride\b/],
      [/\bagcl\b/],
      [
        /\b(always|anyway|whatever|false|even (?:if|when|without)|every)\b/,
        /\b(ppt\w*|precipitat\w*|positive|white|result)\b/,
      ],
    ],
    spoilt: [/\bremov\w* (?:the )?chlorides?\b/],
  },
  {
    id: 'damp-litmus',
    reason: 'The gas must dissolve in water before litmus can change colour.',
    earns: [
      [
        /\b(dissolv\w*|solution|soluble|in water|aqueous|react\w* with (?:the )?water|absorb\w*(?! (?:heat|light)))\b/,
        /./,
      ],
      [
        /\b(ions?|oh|hydroxide|acid|alkali\w*|acidic)\b/,
        /\b(water|form\w*|make\w*|become\w*|produc\w*|releas\w*|need\w*)\b/,
      ],
      [
        /\b(dry|without (?:the )?water|not damp)\b/,
        /\b(not (?:work|react|change|turn)|no change|not show|nothing|will not|wont|not do)\b/,
      ],
      [
        /\b(needs?|need|requires?|must|has to)\b.*\bwater\b/,
        /\b(react|reaction|change|work|colour|show|happen|detect)\w*\b/,
      ],
    ],
    spoilt: [/\b(litmus|paper|dye|indicator) (?:to |can |will )?dissolv/],
  },
  {
    id: 'clean-wire',
    reason: 'What is left on the wire colours the flame too and hides the colour of the sample.',
    earns: [
      [/\b(contaminat\w*|impurit\w*|cross contaminat\w*|uncontaminated|pure)\b/],
      [
        otherIons,
        /\b(remov\w*|rid|affect\w*|chang\w*|colou?r\w*|interfer\w*|mix\w*|mask\w*|hid\w*|left|wire|no\b|not|without|burn\w*|show\w*|flame\w*|yellow|only|from)\b/,
      ],
      [/\bonly\b/, /\b(sample|salt|ion|compound|tested|metal|substance|colour)\b/],
      [
        /\b(yellow|sodium|orange)\b/,
        /\b(mask\w*|hid\w*|give\w*|flame|colour\w*|cover\w*|otherwise|dirt\w*|left)\b/,
      ],
      [
        /\b(false|wrong|incorrect|inaccurate|accurate|misleading|true|other) (?:result|colour|flame|reading)\w*\b/,
      ],
      [/\b(mask\w*|hid\w*|affect\w*|mix\w*|interfer\w*|chang\w*)\b.*\b(colour|flame|result)/],
    ],
    review: [[/\b(fair test|accurate|reliable|valid)\b/]],
    spoilt: [/\b(conduct\w*|steril\w*|shiny|germs?|hygien\w*|bacteria|rust\w*)\b/],
  },
  {
    id: 'fresh-iron-sulfate',
    reason: 'Air oxidises iron(II) to iron(III), which gives no ring.',
    earns: [
      [/\b(oxidi[sz]\w*|oxidation|oxygen)\b/],
      [
        /\b(iron iii|iron 3|fe3\w*|iron three|ferric|fe iii)\b/,
        /\b(turn\w*|become\w*|chang\w*|convert\w*|form\w*|go\w*|into|to|made|contain\w*)\b/,
      ],
      [/\breact\w* with (?:the )?(?:air|oxygen)\b/],
    ],
    spoilt: [/\breduc(?:ed|es|tion)\b/],
  },
  {
    id: 'blue-glass',
    reason:
      'Blue glass takes out the yellow of sodium, so that weaker colours such as potassium lilac are seen.',
    earns: [
      [
        /\b(filter\w*|block\w*|absorb\w*|remov\w*|cut\w*|hid\w*|stop\w*|cancel\w*|mask\w*|take\w*|get\w* rid|eliminat\w*|screen\w*|not see|without|through|out|reduc\w*)\b/,
        /\b(yellow|sodium|orange)\b/,
      ],
      [/\b(yellow|sodium)\b/, /\b(see|seen|visible|show|observe|notice|lilac|potassium|other colours?)\b/],
    ],
    spoilt: [/\b(magnif\w*|crack\w*|protect\w*|eyes?|bright(?:er)?|safety|let\w* (?:the )?yellow)\b/],
  },
  {
    id: 'excess-hydroxide',
    reason:
      'Excess shows whether the precipitate dissolves, which tells aluminium and zinc from magnesium and calcium.',
    earns: [
      [/\b(dissolv\w*|redissolv\w*|soluble|insoluble|disappear\w*|solubility|amphoteric)\b/],
      [/\b(aluminium|zinc|lead|al3?|zn2?)\b/, /\b(magnesium|calcium|mg2?|ca2?|others?|from|between)\b/],
      [
        /\b(tell\w*|distinguish\w*|differentiat\w*|separat\w*|identif\w*|apart|difference|compare|which)\b/,
        /\b(white|metals?|aluminium|magnesium|calcium)\b/,
      ],
    ],
    spoilt: [/\biron\b(?!.*\b(aluminium|zinc|dissolv))/, /\bto dissolve the (?:sample|salt|solid)\b/],
  },
  {
    id: 'fume-cupboard',
    reason: 'The gas or vapour is poisonous or hurts the lungs; the cupboard carries it away.',
    earns: [[poison]],
    review: [[/\b(gas(?:es)?|vapours?)\b/]],
    spoilt: [/\b(explo\w*|warm)\b(?!.*\b(toxic|poison))/],
  },
];

const byId = new Map<string, Purpose>(purposes.map((p) => [p.id, p]));
export const isPurposeId = (id: string): id is PurposeId => byId.has(id);
/** The record of a purpose. @throws RangeError naming the ids there are. */
export function purposeOf(id: string): Purpose {
  const purpose = byId.get(id);
  if (!purpose)
    throw new RangeError(`"${id}" is not a purpose Kivex marks; it marks ${[...byId.keys()].join(', ')}`);
  return purpose;
}
