/** Why litmus is damp, and why a gas is made in a fume cupboard. Source `school-practice`. */
import { has, poison, type Purpose } from './purpose.js';

export const dampLitmus: Purpose = {
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
      /\b(not (?:work|react|change|turn)|no change|no reaction|not show|nothing|will not|wont|not do)\b/,
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
    // Water alone makes it nothing: a gas does.
    (p, { words }) =>
      p.act === 'form' &&
      !p.denied &&
      p.subject.length > 0 &&
      p.subject.every((t) => t === 'water') &&
      !/\b(?:gas\w*|ammonia|chlorine|dissolv\w*|dioxide|ions?)\b/.test(words),
  ],
};

export const fumeCupboard: Purpose = {
  id: 'fume-cupboard',
  question: 'Why in a fume cupboard?',
  key: /\b(?:fumes?|chlorine|lungs?|breath\w*)\b/,
  reason: 'The gas or vapour is poisonous or hurts the lungs; the cupboard carries it away.',
  earns: [[poison]],
  supports: [
    (_, { words }) =>
      /\b(?:toxic|poison\w*|harm\w*|hazard\w*|danger\w*|irritat\w*|damag\w*|hurt\w*|bad|noxious|lethal|deadly|chok\w*|suffocat\w*|asthma|cough\w*|flammable|no|not|nobody|nothing|never|stop\w*|prevent\w*|avoid\w*|protect\w*|keep\w*|away|without|less|should|risk\w*|affect\w*|burn\w*|sore|problems?)\b/.test(
        words,
      ) && !/\bgood for\b/.test(words),
  ],
  review: [
    [/\b(fumes?|chlorine)\b(?!.*\b(?:colour|green|smell\w*)\b)/],
    [/\b(safe\w*|health|cough\w*|ill|sick|hurt\w*|damag\w*|burn\w*)\b/],
  ],
  wrong: [
    // What it looks like or weighs is no harm.
    (_, { words }) =>
      /\b(?:green|coloured|heavier|denser|lighter|stains?)\b/.test(words) && !poison.test(words),
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
};
