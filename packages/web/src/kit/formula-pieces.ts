/** A formula taken apart for setting: digits after a letter or a bracket are indices, those before are counts. */
export function formulaPieces(formula: string): { readonly text: string; readonly index: boolean }[] {
  return formula
    .replace(/\s*[.·•]\s*/g, '·')
    .split(/(?<=[A-Za-z)\]])(\d+)/)
    .map((text, i) => ({ text, index: i % 2 === 1 }))
    .filter(({ text }) => text !== '');
}
