/** Where schools differ beyond words: each a setting with its default, none a branch hidden in code. */
export interface SyllabusSettings {
  /** What a clean wire gives in the flame. */
  readonly cleanWire: 'no-colour' | 'faint-yellow-allowed';
  readonly flameMethod: 'wire' | 'splint' | 'swab';
  readonly carbonateAcid: 'hydrochloric' | 'any-dilute';
  readonly halideMethod: 'silver-nitrate' | 'layer';
  /** The sample with iron(II) sulfate first and acid last is the safer. */
  readonly ringOrder: 'acid-last' | 'acid-first';
  readonly chlorineResult: 'bleached' | 'red-then-bleached';
  /** Every gas tested each time, or once and then inferred. */
  readonly gasEvidence: 'every' | 'once-then-inferred';
  readonly stateSymbols: 'required' | 'optional';
}

export const defaultSettings: SyllabusSettings = {
  cleanWire: 'no-colour',
  flameMethod: 'wire',
  carbonateAcid: 'hydrochloric',
  halideMethod: 'silver-nitrate',
  ringOrder: 'acid-last',
  chlorineResult: 'bleached',
  gasEvidence: 'every',
  stateSymbols: 'optional',
};
