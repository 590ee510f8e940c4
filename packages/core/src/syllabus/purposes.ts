/**
 * Why a step is done: for each purpose the reasons that earn, as patterns over an answer's words, and
 * what takes the point away. Source `school-practice`.
 */
import {
  chlorideIons,
  sulfateIons,
  otherIons,
  poison,
  has,
  bothSides,
  carbonateFirst,
  ownIonWrong,
  type Purpose,
  type PurposeId,
} from './purpose.js';

export type { Purpose, PurposeId } from './purpose.js';

/** "No leftover salt": that none of it is there is what cleaning is for. */
const nothingLeft =
  /\b(?:nothing|none|no (?:\w+ ){0,2}(?:salts?|samples?|sodium|residues?|traces?|powder|stuff|ions?|compounds?|metals?|chemicals?))\b/;

export const purposes: readonly Purpose[] = [
  {
    id: 'acid-before-silver-nitrate',
    question: 'Why is acid added before silver nitrate?',
    key: /\b(?:carbonates?|co3\w*|hydroxides?|sulfites?)\b/,
    reason:
      'Acid takes away carbonate (and hydroxide) ions, which would give a precipitate with silver ions too.',
    ...carbonateFirst,
    spoilt: [
      /\b(remov\w*|rid of) (?:the |any )?(?:carbon dioxide|chlorides?|halides?|sulfates?|nitrates?|silver)\b/,
      /\b(?:test|testing) for (?:the )?carbonate/,
    ],
  },
  {
    id: 'acid-before-barium-chloride',
    question: 'Why is acid added before barium chloride?',
    key: /\b(?:carbonates?|co3\w*|sulfites?)\b/,
    reason:
      'Acid takes away carbonate and sulfite ions, which would give a white precipitate with barium ions too.',
    ...carbonateFirst,
    spoilt: [
      /\b(remov\w*|rid of) (?:the |any )?(?:carbon dioxide|chlorides?|halides?|sulfates?|nitrates?|barium)\b/,
    ],
  },
  {
    id: 'not-sulfuric-acid',
    question: 'Why not sulfuric acid before barium chloride?',
    key: /\b(?:sulfates?|so4\w*|ppt\w*|precipitat\w*|positive)\b/,
    reason: 'Sulfuric acid brings sulfate ions itself, so barium sulfate falls out whatever the sample.',
    earns: [
      [
        /\b(contain\w*|has|have|add\w*|bring\w*|introduc\w*|provid\w*|give\w*|is|are|put\w*|source|from|includ\w*|suppl\w*|already|its own|itself|would|got|with|because|own|extra|more)\b/,
        sulfateIons,
      ],
      [
        /\b(itself|its own|own|acid)\b/,
        /\b(ion|what|thing) (?:being|you are|youre|we are|were|that is|its) test/,
      ],
      [
        /\b(add\w*|contain\w*|bring\w*|introduc\w*|has|have)\b/,
        /\b(ions?|what|thing|one) (?:that )?(?:is being|being|you are|youre|we are|were|you|we|that is|its)? ?(?:trying to |try to )?(?:test|find|identify|look)/,
      ],
      [/\b(barium|itself|own)\b/, /\b(ppt\w*|precipitat\w*)\b/, /\b(itself|own|acid)\b/],
      [/\bbarium sulfate\b/],
      [
        /\b(always|anyway|whatever|false|any sample|every|even (?:if|when|without))\b/,
        /\b(ppt\w*|precipitat\w*|positive|white|result)\b/,
      ],
    ],
    spoilt: [/\bremov\w* (?:the )?sulfates?\b/],
    wrong: ownIonWrong('sulfate'),
  },
  {
    id: 'not-sulfuric-acid-on-marble',
    question: 'Why not sulfuric acid on marble?',
    key: /\b(?:calcium sulfate|layer|coat\w*|insoluble)\b/,
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
    wrong: [
      (p) =>
        p.act === 'dissolve' && !p.denied && has(bothSides(p), 'layer', 'sulfate') && p.object.length > 0,
      (p) => p.act === 'remove' && !p.denied && has(p.object, 'layer'),
      (p) => p.denied && (p.act === 'form' || p.act === 'block') && has(bothSides(p), 'layer'),
      (p) => p.act === 'prevent' && has(p.object, 'layer'),
    ],
  },
  {
    id: 'not-hydrochloric-acid',
    question: 'Why not hydrochloric acid before silver nitrate?',
    key: /\b(?:chlorides?|agcl|ppt\w*|precipitat\w*|positive)\b/,
    reason:
      'Hydrochloric acid brings chloride ions itself, so silver chloride falls out whatever the sample.',
    earns: [
      [
        /\b(contain\w*|has|have|add\w*|bring\w*|introduc\w*|provid\w*|give\w*|is|are|put\w*|source|from|includ\w*|suppl\w*|already|its own|itself|would|got|with|because|react\w*|own|extra|more)\b/,
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
    wrong: ownIonWrong('chloride'),
  },
  {
    id: 'damp-litmus',
    question: 'Why is litmus paper damp?',
    key: /\b(?:dissolv\w*|ions?|dry|solution)\b/,
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
        /\b(needs?|need|requires?|must|has to|only|if there is|without)\b.*\b(water|moisture|wet|damp)\b/,
        /\b(react|reaction|change|work|colour|show|happen|detect)\w*\b/,
      ],
    ],
    spoilt: [/\b(litmus|paper|dye|indicator) (?:to |can |will )?dissolv/],
    wrong: [
      (p, { words }) =>
        p.act === 'dissolve' && p.denied && !/\b(dry|without|otherwise|unless|if|need\w*)\b/.test(words),
      (p) => p.act === 'prevent' && has(p.object, 'gas') && !has(p.object, 'water'),
    ],
  },
  {
    id: 'clean-wire',
    question: 'Why is the wire cleaned?',
    key: /\b(?:others?|traces?|salts?|residue|left|previous|last|old|sodium)\b/,
    reason: 'What is left on the wire colours the flame too and hides the colour of the sample.',
    earns: [
      [
        /\b(?:two|both|mixed|mix\w*)\b.*\bcolours?\b|\bcolours?\b.*\bmix\w*/,
        /\b(?:not|no|never|without|stop\w*|avoid\w*)\b/,
      ],
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
    wrong: [
      (_, { words }) =>
        /\bso (?:that )?(?:the )?(?:impurit\w*|old|last|previous|contamin\w*|sodium|flame (?:is|goes|turns|burns)|other)\b.*\b(?:colour|yellow|orange|show|give|seen)\b/.test(
          words,
        ) && !/\b(?:not|no|never|only)\b/.test(words),
      (_, { words }) =>
        /^(?:so (?:that )?|to )(?:\w+ ){0,2}mix\b/.test(words) && !/\b(?:not|no|never)\b/.test(words),
      // So that what was left may colour the flame; that nothing of it may is right.
      (p, { words }) =>
        p.purpose &&
        !p.denied &&
        !p.otherwise &&
        !nothingLeft.test(words) &&
        (p.act === 'become' || p.act === 'block') &&
        has(p.subject, 'previous', 'sodium'),
      (p, { words }) =>
        p.act === 'add' &&
        !p.denied &&
        p.purpose &&
        !nothingLeft.test(words) &&
        has(p.object, 'sodium', 'previous', 'colour'),
      (p, { words }) =>
        p.purpose &&
        !p.denied &&
        !nothingLeft.test(words) &&
        p.act === 'show' &&
        has(p.object, 'previous', 'sodium') &&
        !has(p.object, 'colour'),
    ],
  },
  {
    id: 'fresh-iron-sulfate',
    question: 'Why is the iron(II) sulfate made fresh?',
    key: /\b(?:iron3|oxidi\w*|air|oxygen)\b/,
    reason: 'Air oxidises iron(II) to iron(III), which gives no ring.',
    earns: [
      [/\b(oxidi[sz]\w*|oxidation|oxygen)\b/],
      [
        /\biron3\b/,
        /\b(turn\w*|become\w*|chang\w*|convert\w*|form\w*|go\w*|into|to|made|contain\w*|has|have)\b/,
      ],
      [/\breact\w* with (?:the )?(?:air|oxygen)\b/],
    ],
    review: [[/\b(air|goes off|iron3|unstable|old)\b/]],
    spoilt: [/\breduc(?:ed|es|tion|ing)\b/, /\birons\b/, /\biron4\b/],
    wrong: [
      (p) => p.purpose && p.act === 'contain' && !p.denied && has(p.object, 'iron3'),
      // From iron(III) to iron(II), or iron(III) itself oxidised.
      (p) =>
        (p.act === 'oxidise' || p.act === 'become') &&
        has(p.subject, 'iron3') &&
        !p.denied &&
        (has(p.object, 'iron2') || (p.act === 'oxidise' && !has(p.subject, 'iron2'))),
      (p) =>
        (p.act === 'oxidise' || p.act === 'become') &&
        has(p.object, 'iron2') &&
        !has(p.object, 'iron3') &&
        !has(p.subject, 'air') &&
        p.subject.length > 0 &&
        !has(p.subject, 'iron2'),
      (p) =>
        p.act === 'oxidise' && has(bothSides(p), 'sulfate') && !has(bothSides(p), 'iron', 'iron2', 'iron3'),
      (p, { words }) =>
        p.act === 'oxidise' &&
        has(p.object, 'iron3') &&
        !has(p.subject, 'iron2') &&
        !/\b(?:to|into) iron3\b|iron2/.test(words),
      (p) => p.act === 'oxidise' && p.denied && !p.purpose && !p.otherwise,
      (_, { words }) => /\b(?:fresh\w*|new)\b(?: \w+){0,4} iron3\b/.test(words),
      (_, { words }) =>
        /\biron3\b(?: ions?)?(?: \w+){0,2} (?:to|into|becomes?) (?:\w+ ){0,1}iron2\b/.test(words),
      (_, { words }) =>
        /\bto iron2\b/.test(words) &&
        !/\biron3\b.*\bnot\b/.test(words) &&
        !/\bfrom iron2\b/.test(words) &&
        !/\bto iron2\b.*\biron3\b/.test(words),
    ],
  },
  {
    id: 'blue-glass',
    question: 'Why look through blue glass?',
    key: /\b(?:yellow|sodium|lilac|potassium)\b/,
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
    wrong: [
      // It changes what is let through, not the flame.
      (_, { words }) =>
        /\b(?:mak\w*|turn\w*|chang\w*) (?:the )?(?:sodium|yellow|flame)(?: \w+){0,2} (?:lilac|purple|violet|blue|pink|green)\b/.test(
          words,
        ),
      (_, { words }) =>
        /\b(?:sodium|yellow)(?: \w+){0,2} (?:easier|better|clearer|stronger|brighter)\b/.test(words),
      (p) =>
        (p.act === 'block' || p.act === 'remove' || p.act === 'prevent') &&
        !p.denied &&
        has(p.object, 'lilac', 'potassium') &&
        !has(p.object, 'yellow') &&
        !has(p.subject, 'yellow', 'sodium'),
      (p) =>
        p.act === 'block' &&
        p.purpose &&
        !p.denied &&
        !p.otherwise &&
        has(p.subject, 'yellow', 'sodium') &&
        has(p.object, 'lilac', 'potassium'),
      (p) =>
        p.act === 'block' &&
        has(p.subject, 'lilac', 'potassium') &&
        has(p.object, 'yellow', 'sodium') &&
        !p.denied,
      (p) =>
        p.act === 'pass' &&
        !p.denied &&
        has(p.object, 'yellow', 'sodium') &&
        !has(p.object, 'lilac', 'potassium'),
      (p) =>
        p.act === 'show' &&
        !p.denied &&
        has(p.object, 'yellow', 'sodium') &&
        !has(p.object, 'lilac', 'potassium'),
      (p) =>
        p.act === 'show' &&
        p.denied &&
        !p.otherwise &&
        p.purpose &&
        has(p.object, 'lilac', 'potassium') &&
        !has(bothSides(p), 'yellow', 'sodium'),
    ],
  },
  {
    id: 'excess-hydroxide',
    question: 'Why is hydroxide added in excess?',
    key: /\b(?:dissolv\w*|soluble|aluminium|zinc|magnesium|calcium)\b/,
    reason:
      'Excess shows whether the precipitate dissolves, which tells aluminium and zinc from magnesium and calcium.',
    wrong: [
      (p) =>
        (p.act === 'insoluble' || (p.act === 'dissolve' && p.denied)) &&
        has(p.subject, 'soluble') &&
        !has(p.subject, 'lasting'),
      (p) =>
        ((p.act === 'insoluble' && p.denied) || (p.act === 'dissolve' && !p.denied)) &&
        has(p.subject, 'lasting') &&
        !has(p.subject, 'soluble'),
      (p) => p.act === 'dissolve' && p.denied && p.purpose,
      // It is to find out what dissolves, not to get all of it to.
      (_, { words }) =>
        /\b(?:re)?dissolv\w* (?:all|every|any|everything|the (?:whole|rest)|more)\b/.test(words) &&
        !/\b(?:see|check|whether|if|some|which|tells?|only|not|but)\b/.test(words),
    ],
    earns: [
      [/\b(goes|go) (?:away|again|back)\b/, /\b(see|check\w*|whether|if|find|know|some|which)\b/],
      [
        /\b(dissolv\w*|redissolv\w*|soluble|insoluble|disappear\w*|solubility|amphoteric|back into solution)\b/,
      ],
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
    question: 'Why in a fume cupboard?',
    key: /\b(?:fumes?|chlorine|lungs?|breath\w*)\b/,
    reason: 'The gas or vapour is poisonous or hurts the lungs; the cupboard carries it away.',
    earns: [[poison]],
    review: [
      [/\b(fumes?|chlorine)\b(?!.*\b(?:colour|green|smell\w*)\b)/],
      [/\b(safe\w*|health|cough\w*|ill|sick|hurt\w*|damag\w*|burn\w*)\b/],
    ],
    wrong: [
      (p, { words }) =>
        p.act === 'harm' && p.denied && !/\b(?:stop|prevent|avoid|keep|protect|without|so)\w*\b/.test(words),
      (_, { words }) =>
        /\bso (?:that )?(?:(?!not\b|never\b)\w+ )*(?:stays?|gets?|goes|go|enters?|comes) (?:out )?(?:in|into|to)? ?the (?:room|lab\w*|class\w*|air)\b/.test(
          words,
        ),
      (p) => p.act === 'breathe' && p.purpose && !p.denied && !p.otherwise && !/prevent/.test(p.act),
    ],
    spoilt: [
      /\bso (?:that )?(?:(?!not\b)\w+ )*(?:stays?|gets?|goes|go|enters?|reach\w*) (?:in|into|to)? ?(?:your|the|our|my) lungs\b/,
      /\b(explo\w*|warm|catch fire|flammable)\b(?!.*\b(toxic|poison))/,
      /\bnot (?:\w+ )?(?:toxic|poisonous|harmful|dangerous)\b/,
      /(?<!\bnot (?:\w+ )?)\bharmless\b/,
    ],
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
