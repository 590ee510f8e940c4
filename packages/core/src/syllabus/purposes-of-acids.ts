/** Why which acid goes in first, or does not: the records of it. Source `school-practice`. */
import {
  bothSides,
  carbonateFirst,
  chlorideIons,
  has,
  ownIonWrong,
  sulfateIons,
  type Purpose,
} from './purpose.js';

export const purposesOfAcids: readonly Purpose[] = [
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
      [
        /\b(?:ions?|thing|one)\b(?: \w+){0,3} (?:test\w*|look\w*|want\w*|find\w*|after)\b/,
        /\b(?:add\w*|contain\w*|bring\w*|introduc\w*|has|have|already|got)\b/,
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
      (_, { words }) =>
        /\b(?:calcium )?sulfate (?:is (?:very )?soluble|dissolves?)\b/.test(words) && !/\bacid\b/.test(words),
      (_, { words }) => /\bcalcium carbonate forms?\b|\blayer of calcium carbonate\b/.test(words),
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
      [
        /\b(?:ions?|thing|one)\b(?: \w+){0,3} (?:test\w*|look\w*|want\w*|find\w*|after)\b/,
        /\b(?:add\w*|contain\w*|bring\w*|introduc\w*|has|have|already|got)\b/,
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
];
