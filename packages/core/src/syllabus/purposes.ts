/**
 * Why a step is done: for each purpose the reasons that earn, as patterns over an answer's words, and
 * what takes the point away. Source `school-practice`.
 */
import { bothSides, has, otherIons, type Purpose, type PurposeId } from './purpose.js';
import { purposesOfAcids } from './purposes-of-acids.js';
import { dampLitmus, fumeCupboard } from './purposes-of-gases.js';

export type { Purpose, PurposeId } from './purpose.js';

/** "No leftover salt": that none of it is there is what cleaning is for. */
const nothingLeft =
  /\b(?:nothing|none|no (?:\w+ ){0,2}(?:salts?|samples?|sodium|residues?|traces?|powder|stuff|ions?|compounds?|metals?|chemicals?))\b/;

export const purposes: readonly Purpose[] = [
  ...purposesOfAcids,
  dampLitmus,
  {
    id: 'clean-wire',
    question: 'Why is the wire cleaned?',
    key: /\b(?:others?|traces?|salts?|residue|left|previous|last|old|before|sodium|colours?)\b/,
    reason: 'What is left on the wire colours the flame too and hides the colour of the sample.',
    supports: [
      (_, { words }) =>
        /\b(?:colou?rs?|coloured|colouring|yellow|orange|lilac|green|contamin\w*|uncontaminated|impurit\w*|pure|hid\w*|mask\w*|mix\w*|affect\w*|spoil\w*|interfer\w*|false|wrong|accura\w*|inaccurate|see|seen|show\w*|remov\w*|rid|burn\w*|off|nothing|only|results?)\b/.test(
          words,
        ),
    ],
    earns: [
      [
        /\b(?:two|both|mixed|mix\w*)\b.*\bcolours?\b|\bcolours?\b.*\bmix\w*/,
        /\b(?:not|no|never|without|stop\w*|avoid\w*|otherwise|could|would|might)\b/,
      ],
      [
        /\b(?:not|never|without|stop\w*|avoid\w*|prevent\w*)\b(?: \w+){0,3} mix\w*/,
        /\b(?:before|last|other|old|previous|was|samples?|salts?)\b/,
      ],
      [/\b(contamin\w*|impurit\w*|cross contamin\w*|uncontaminated|pure)\b/],
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
      // The new sample is what is to be seen, not what is in the way; the old one the other way about.
      (_, { words }) =>
        /\b(?:new|this|our|your) (?:sample|salt|one|ion|metal|compound|test)s?(?: \w+){0,2} (?:affect|contaminat|mix|interfer|hid|mask|spoil|chang)\w*/.test(
          words,
        ) || /\bonly (?:the )?(?:colours? of )?(?:the )?(?:old|last|previous)\b/.test(words),
      (_, { words }) =>
        /\b(?:remov\w*|rid of) (?:\w+ ){0,2}(?:new|this|our|your) (?:sample|salt|ion|metal|substance|compound)/.test(
          words,
        ),
      (_, { words }) =>
        /\b(?:adds?|put|puts|putting) (?:the |some )?(?:sodium|salt)\b|\bremov\w* the sample\b|\bstill on it\b|\bsodium stays\b|\bsalt sticks\b/.test(
          words,
        ) && !/\b(?:not|no|never|nothing|otherwise|could|would|might)\b/.test(words),
      // What is to be shown is left on it.
      (p, { words }) =>
        p.purpose &&
        !p.denied &&
        !p.otherwise &&
        p.act === 'show' &&
        !nothingLeft.test(words) &&
        has(p.subject, 'previous', 'sodium', 'yellow') &&
        !/\b(?:not|never|only)\b/.test(words),
      (_, { words }) =>
        /\b(?:off|from|out of) (?:the |your |our |my )?(?:new )?(?:sample|salt|powder|solid)\b/.test(words) &&
        /\b(?:remov\w*|rid|get|gets|take\w*|clean\w*|wash\w*) (?:\w+ ){0,4}(?:off|from|out of)\b/.test(words),
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
    supports: [
      (p) => p.act === 'oxidise' && !p.denied && !p.purpose,
      (p) => p.act === 'react' && has(bothSides(p), 'air'),
      (p) =>
        (p.act === 'become' || p.act === 'form' || p.act === 'contain') &&
        has(p.object, 'iron3') &&
        !p.purpose,
      // So that it is not so.
      (p, { words }) =>
        p.denied &&
        (p.act === 'oxidise' || has(p.object, 'iron3')) &&
        (p.purpose || /\b(?:so|stop|stops|prevent\w*|avoid\w*|keeps?)\b/.test(words)),
      (_, { words }) =>
        /\boxid\w*\b.*\b(?:over time|left|old|air|oxygen|standing|stood|otherwise|by then)\b/.test(words) ||
        /\b(?:left|old|air|oxygen|standing|otherwise|because|before)\b.*\boxid/.test(words),
    ],
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
      // So that there is iron(III); what oxygen does "to make" it is no aim.
      (p, { words }) =>
        /\bso\b/.test(words) &&
        p.purpose &&
        !p.denied &&
        !p.otherwise &&
        ((p.act === 'form' && has(bothSides(p), 'iron3')) || (p.act === 'become' && has(p.object, 'iron3'))),
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
      (p, { words }) =>
        p.act === 'oxidise' &&
        p.denied &&
        !p.purpose &&
        !p.otherwise &&
        !/\b(?:stop|prevent|avoid|keep|halt)\w*\b/.test(words),
      (_, { words }) =>
        /\b(?:fresh\w*|new)\b(?: \w+){0,4} iron3\b/.test(words) ||
        /\b(?:fresh\w*|new)\b(?: \w+){0,3} (?:is|gets|are|get|will be) (?:\w+ ){0,1}oxid/.test(words),
      (_, { words }) =>
        /\biron3\b(?: ions?)?(?: \w+){0,2} (?:to|into|becomes?) (?:\w+ ){0,1}iron2\b/.test(words) ||
        /\biron3\b(?: (?!not\b|iron2\b)\w+| ;){0,9} (?:make|makes|form|forms|give|gives|becomes?|into) (?:\w+ ){0,1}iron2\b/.test(
          words,
        ),
      (_, { words }) =>
        /\b(?:turn\w*|chang\w*|convert\w*|go\w*|becom\w*) (?:in ?to |back to )?iron2\b/.test(words) &&
        !/\biron3\b|\b(?:not|never)\b/.test(words),
      (_, { words }) =>
        /\bold(?: \w+| ;){0,3} (?:has|have|contains?|is) (?:\w+ ){0,1}iron2\b/.test(words) &&
        !/\biron3\b(?<!(?:not|instead of|rather than) iron3)/.test(words),
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
    supports: [
      (p) =>
        (p.act === 'block' || p.act === 'remove' || p.act === 'prevent') &&
        !p.denied &&
        has(p.object, 'yellow', 'sodium'),
      (p) => p.act === 'block' && has(p.subject, 'yellow', 'sodium') && (p.denied || !p.purpose),
      (p) =>
        (p.act === 'show' || p.act === 'pass') &&
        !p.denied &&
        has(bothSides(p), 'lilac', 'potassium', 'colour'),
      (p) => (p.act === 'show' || p.act === 'pass') && p.denied && has(p.object, 'yellow', 'sodium'),
      (_, { words }) =>
        /\b(?:yellow|sodium|orange)\b(?: \w+){0,4} (?:not|can not|never) (?:\w+ ){0,2}(?:through|pass\w*|seen|visible)/.test(
          words,
        ) ||
        /\b(?:yellow|sodium|orange)\b(?: \w+){0,5} (?:;|\w+)? ?(?:it )?(?:covers?|hides?|masks?|drowns?|blocks?|swamps?|overpowers?)\b/.test(
          words,
        ),
    ],
    earns: [
      [
        /\b(filter\w*|block\w*|absorb\w*|remov\w*|cut\w*|hid\w*|stop\w*|cancel\w*|mask\w*|take\w*|get\w* rid|eliminat\w*|screen\w*|not see|without|through|out|reduc\w*|swamp\w*|cover\w*|drown\w*|overpower\w*)\b/,
        /\b(yellow|sodium|orange)\b/,
      ],
      [/\bonly\b/, /\blets?\b/, /\b(?:lilac|potassium|purple)\b/],
      [/\b(yellow|sodium)\b/, /\b(see|seen|visible|show|observe|notice|lilac|potassium|other colours?)\b/],
    ],
    spoilt: [
      /\b(magnif\w*|crack\w*|protect\w*|eyes?|safety|let\w* (?:the )?yellow)\b/,
      // Of the flame; that the yellow is too bright is why.
      /^(?!.*\b(?:yellow|orange|sodium)\b(?: \w+){0,3} bright).*\bbright(?:er)?\b/,
    ],
    wrong: [
      // It changes what is let through, not the flame.
      (_, { words }) =>
        /\b(?:mak\w*|turn\w*|chang\w*) (?:the )?(?:sodium|yellow|flame)(?: \w+){0,2} (?:lilac|purple|violet|blue|pink|green)\b/.test(
          words,
        ) ||
        /\b(?:mak\w*|turn\w*|chang\w*) (?:the )?(?:potassium|lilac|purple)(?: \w+){0,2} (?:yellow|orange|blue|pink|green|red)\b/.test(
          words,
        ),
      (_, { words }) =>
        /\b(?:sodium|yellow)(?: \w+){0,2} (?:easier|better|clearer|stronger|brighter)\b/.test(words),
      (_, { words }) =>
        /\bsee (?:the )?(?:yellow|sodium|orange)\b(?: (?!lilac|potassium|purple)\w+){0,4} (?:through|without|over|past) (?:the )?(?:lilac|potassium|purple)/.test(
          words,
        ),
      (p, { words }) =>
        (p.act === 'block' || p.act === 'remove' || p.act === 'prevent') &&
        !p.denied &&
        has(p.object, 'lilac', 'potassium') &&
        !has(p.object, 'yellow') &&
        !has(p.subject, 'yellow', 'sodium') &&
        // Said of the yellow a clause before.
        !/\b(?:yellow|orange|sodium)\b(?: \w+){0,5} ; (?:it )?(?:covers?|hides?|masks?|drowns?|blocks?|swamps?)\b/.test(
          words,
        ),
      (p) =>
        p.act === 'block' &&
        p.purpose &&
        !p.denied &&
        !p.otherwise &&
        has(p.subject, 'yellow', 'sodium') &&
        has(p.object, 'lilac', 'potassium'),
      (p) => p.act === 'block' && has(p.subject, 'lilac', 'potassium') && has(p.object, 'yellow', 'sodium'),
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
        !p.denied &&
        p.purpose &&
        has(p.subject, 'yellow', 'sodium') &&
        !has(bothSides(p), 'lilac', 'potassium', 'colour'),
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
        (/\b(?:re)?dissolv\w* (?:all|every|any|everything|the (?:whole|rest)|more|always)\b/.test(words) ||
          /\balways (?:re)?dissolv/.test(words) ||
          /\b(?:all|every\w*)\b(?: (?!but\b|not\b)\w+){0,4} (?:re)?dissolv\w*/.test(words)) &&
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
    spoilt: [
      /\biron\b(?!.*\b(aluminium|zinc|dissolv))/,
      // What stays, however much is added, or never falls out.
      /^(?!.*\b(?:aluminium|zinc|lead|chromium|amphoteric|some|others?|white|not|whether|if|which|tell\w*)\b).*\b(?:copper|iron[23]?|nickel|sodium|potassium|silver)\b(?: \w+){0,3} (?:re)?dissolv/,
      /\bto dissolve the (?:sample|salt|solid)\b/,
    ],
  },
  fumeCupboard,
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
