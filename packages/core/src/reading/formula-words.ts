/** Formulas and charges in running text put as the words they stand for, in any case students write them. */

/** Formula, without its charge, to words; longest first. `Fe` and `Cu` carry their charge. */
const names: readonly (readonly [RegExp, string])[] = [
  [/\bfe\s*\(?\s*(?:iii|3\s*\+?|\+\s*3|\^\{?3\+\}?)\)?(?!\w)/gi, ' iron3 '],
  [/\bfe\s*\(?\s*(?:ii|2\s*\+?|\+\s*2|\^\{?2\+\}?)\)?(?!\w)/gi, ' iron2 '],
  [/\b(?:iron|ferrous)\s*\(?\s*(?:iii|3\s*\+?|\+\s*3|three)\)?(?:\s*plus)?(?!\w)/gi, ' iron3 '],
  [/\biron\s*\(?\s*(?:ii|2\s*\+?|\+\s*2|two|to(?=\s*$))\)?(?:\s*plus)?(?!\w)/gi, ' iron2 '],
  // "The iron i think": what follows tells the numeral from the person.
  [
    /\biron\s*(?:\(\s*(?:iv|i|1|4)\s*\)|(?:iv|1|4)(?!\w)|i(?=\s*(?:$|[.,;)]|ions?\b|sul|chl|nit)))/gi,
    ' irons ',
  ],
  [/\bferric\b/gi, ' iron3 '],
  [/\bferrous\b/gi, ' iron2 '],
  [/\bag2co3\b/gi, ' silver carbonate '],
  [/\bag2so3\b/gi, ' silver sulfite '],
  [/\bag2o\b|\bagoh\b/gi, ' silver hydroxide '],
  [/\bbaco3\b/gi, ' barium carbonate '],
  [/\bbaso3\b/gi, ' barium sulfite '],
  [/\bbaso4\b/gi, ' barium sulfate '],
  [/\bcaso4\b/gi, ' calcium sulfate '],
  [/\bcaco3\b/gi, ' marble '],
  [/\bagcl\b/gi, ' silver chloride '],
  [/\bagno3\b/gi, ' silver nitrate '],
  [/\bbacl2\b/gi, ' barium chloride '],
  [/\bh2so4\b/gi, ' sulfuric acid '],
  [/\bhno3\b/gi, ' nitric acid '],
  [/\bhcl\b/gi, ' hydrochloric acid '],
  [/\bnaoh\b/gi, ' hydroxide '],
  [/\bso4\s*(?:\^?\{?2\s*-\}?|-\s*2|-|²⁻)?(?![\w])/gi, ' sulfate '],
  [/\bso3\s*(?:\^?\{?2\s*-\}?|-\s*2|-|²⁻)?(?![\w])/gi, ' sulfite '],
  [/\bso42-?(?!\w)/gi, ' sulfate '],
  [/\bco32-?(?!\w)/gi, ' carbonate '],
  [/\bco3\s*(?:\^?\{?2\s*-\}?|-\s*2|-|²⁻)?(?![\w])/gi, ' carbonate '],
  [/\bcl2\b/gi, ' chlorine '],
  [/\bcl\s*-(?!\w)|\bcl⁻/gi, ' chloride '],
  [/\boh\s*-(?!\w)/gi, ' hydroxide '],
  [/\bna\s*\+(?!\w)/gi, ' sodium '],
  [/\bk\s*\+(?!\w)/g, ' potassium '],
  [/\bK\s*\+/g, ' potassium '],
  [/\bal\s*3\s*\+|\bal\(oh\)3/gi, ' aluminium '],
  [/\b(?:Al|al)(?=\s+(?:dissolv|redissolv|and|from|goes|does|is|or|but|will|\/|ppt))/g, ' aluminium '],
  [/\bzn\s*(?:2\s*\+|\(oh\)2)?(?![a-z\d])/gi, ' zinc '],
  [/\bmg\s*(?:2\s*\+|\(oh\)2)?(?![a-z\d])/gi, ' magnesium '],
  [/\bca\s*(?:2\s*\+|\(oh\)2)(?![a-z\d])|\bCa\b/g, ' calcium '],
  [/\bpb\s*(?:2\s*\+|\(oh\)2)?(?![a-z\d])/gi, ' lead '],
  [/\bnh3\b/gi, ' ammonia '],
  [/\bso2\b/gi, ' sulfur dioxide '],
  [/\bco2\b/gi, ' carbon dioxide '],
  [/\bo2\b/gi, ' oxygen '],
  [/\bh2o\b/gi, ' water '],
  [/\bh\s*\+(?!\w)/gi, ' acid '],
  [/\bsulph/gi, 'sulf'],
  [/\bsulfuric acid|\bsulfur ic\b/gi, 'sulfuric acid'],
  [/\b2\s*\+?\s*(?:to|into|->|→)\s*3\s*\+?(?!\w)/g, ' iron2 becomes iron3 '],
  [/\b3\s*\+?\s*(?:to|into|->|→)\s*2\s*\+?(?!\w)/g, ' iron3 becomes iron2 '],
];
/** The text with formulas as words. */
export function inNames(text: string): string {
  if (!/[\d+²³⁺⁻-]|\b(?:ag|ba|fe|al|zn|mg|pb|hcl|nh|ca|naoh|oh|cl|sulph|iron|ferr)/i.test(text)) return text;
  return names.reduce((now, [from, to]) => now.replace(from, to), text.normalize('NFKC'));
}
