/**
 * One spelling for the many ways people type a formula: real indices and charges, braces, carets,
 * centred dots, long dashes. Charges that are plainly charges come out as `⊕` and `⊖`, so that a
 * reader of equations never takes them for a plus between terms or the shaft of an arrow.
 */
const superscripts: Readonly<Record<string, string>> = {
  '⁰': '0',
  '¹': '1',
  '²': '2',
  '³': '3',
  '⁴': '4',
  '⁵': '5',
  '⁶': '6',
  '⁷': '7',
  '⁸': '8',
  '⁹': '9',
  '⁺': '+',
  '⁻': '-',
};
const quarters: Readonly<Record<string, string>> = { '½': '5', '¼': '25', '¾': '75' };
const signs: Readonly<Record<string, string>> = { '+': '⊕', '-': '⊖' };

/** A charge in any order of digits and sign, as digits then a sure sign: `-2` and `2-` → `^2⊖`. */
function sureCharge(charge: string): string {
  const digits = charge.replace(/\D/g, '');
  const marks = charge.replace(/\d/g, '');
  const size = digits || (marks.length > 1 ? String(marks.length) : '');
  return `^${size}${signs[marks[0] ?? ''] ?? ''}`;
}

/**
 * Puts a formula or a whole equation in one spelling.
 * @returns text with ASCII digits for indices, `^2⊖` for charges written as such, `.` for the dot of a hydrate.
 */
export function oneSpelling(text: string): string {
  return (
    text
      .replace(/<\/?sub>/gi, '')
      .replace(/<sup>(.*?)<\/sup>/gi, '^{$1}')
      .replace(/[‐‑‒–—−﹣－]/g, '-')
      .replace(/[﹢＋]/g, '+')
      .replace(/\s*[↓↑]/g, '')
      .replace(/(\d*)\s*([½¼¾])/g, (_, units: string, part: string) => `${units || '0'}.${quarters[part]} `)
      .replace(/⅓/g, '1/3 ')
      .replace(/⅔/g, '2/3 ')
      .replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻]+/g, (run) => {
        const plain = [...run].map((c) => superscripts[c] ?? c).join('');
        return /[+-]/.test(plain) ? sureCharge(plain) : plain;
      })
      .normalize('NFKC')
      .replace(/_\{?(\d+)\}?/g, '$1')
      // A caret holds the charge with its sign, or the size alone with the sign after it.
      .replace(/\^\s*[{(]?\s*(\d*\s*[+-]+|[+-]+\s*\d*)\s*[})]?/g, (_, charge: string) =>
        sureCharge(charge.replace(/\s/g, '')),
      )
      .replace(/[{}]/g, '')
      .replace(/\s*[·•⋅∙*×]\s*/g, '.')
  );
}
