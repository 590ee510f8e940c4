/** A set of recall questions as files others can read: a QTI 3 content package (1EdTech Question and Test Interoperability 3.0) and a table; and the set read back from them. */
import type { RecallCard } from './deck.js';

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const xml = (text: string): string => text.replace(/[&<>"]/g, (sign) => escapes[sign]!);
const unxml = (text: string): string =>
  text.replace(
    /&(amp|lt|gt|quot);/g,
    (whole) => Object.keys(escapes).find((sign) => escapes[sign] === whole) ?? whole,
  );
const head = '<?xml version="1.0" encoding="UTF-8"?>\n';
const itemFile = (i: number): string => `items/question-${i + 1}.xml`;

/** The label of an item is the id of our card, by which a set is read back. */
function item({ id, ask, model }: RecallCard, i: number): string {
  return `${head}<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="question-${i + 1}" title="Question ${i + 1}" label="${xml(id)}" adaptive="false" time-dependent="false" xml:lang="en-GB">
  <qti-response-declaration identifier="RESPONSE" cardinality="single" base-type="string">
    <qti-correct-response>
      <qti-value>${xml(model)}</qti-value>
    </qti-correct-response>
  </qti-response-declaration>
  <qti-outcome-declaration identifier="SCORE" cardinality="single" base-type="float">
    <qti-default-value>
      <qti-value>0</qti-value>
    </qti-default-value>
  </qti-outcome-declaration>
  <qti-item-body>
    <p>${xml(ask)}</p>
    <p><qti-text-entry-interaction response-identifier="RESPONSE" expected-length="60"/></p>
  </qti-item-body>
  <qti-response-processing template="https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml"/>
</qti-assessment-item>
`;
}

/** The files of a package by their paths. Model answers are whole sentences: whoever marks by them compares by sense. */
export function qtiPackage(cards: readonly RecallCard[], title: string): Readonly<Record<string, string>> {
  const resources = cards
    .map(
      (_, i) =>
        `    <resource identifier="resource-${i + 1}" type="imsqti_item_xmlv3p0" href="${itemFile(i)}">\n      <file href="${itemFile(i)}"/>\n    </resource>`,
    )
    .join('\n');
  return {
    'imsmanifest.xml': `${head}<manifest xmlns="http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1" identifier="kivex-questions">
  <metadata>
    <schema>QTI Package</schema>
    <schemaversion>3.0.0</schemaversion>
  </metadata>
  <!-- ${xml(title).replaceAll('--', '—')} -->
  <organizations/>
  <resources>
${resources}
  </resources>
</manifest>
`,
    ...Object.fromEntries(cards.map((card, i) => [itemFile(i), item(card, i)])),
  };
}

/** Headings first. */
export const questionsTable = (cards: readonly RecallCard[]): string[][] => [
  ['Question', 'Model answer', 'Id'],
  ...cards.map(({ ask, model, id }) => [ask, model, id]),
];

/**
 * The cards of a deck that a package names, in its order, and how many of its items are none of this deck.
 * @param files their contents by path.
 */
export function cardsIn(
  files: Readonly<Record<string, string>>,
  deck: readonly RecallCard[],
): { readonly cards: readonly RecallCard[]; readonly others: number } {
  const byId = new Map(deck.map((card) => [card.id, card]));
  const items = Object.entries(files)
    .filter(([, text]) => /<(?:\w+:)?qti-assessment-item\b/.test(text))
    .sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }));
  const found = items.map(([, text]) => {
    const label = /<(?:\w+:)?qti-assessment-item\b[^>]*\blabel="([^"]*)"/.exec(text)?.[1];
    return label === undefined ? undefined : byId.get(unxml(label));
  });
  const cards = found.filter((card) => card !== undefined);
  return { cards, others: found.length - cards.length };
}
