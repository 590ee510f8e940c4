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

export interface SettingChoice {
  readonly id: keyof SyllabusSettings;
  readonly question: string;
  readonly choices: readonly { readonly id: string; readonly label: string }[];
  /** What the choice does in Kivex. */
  readonly effect: string;
}

/** Every setting with the choices a person has, the default first. */
export const settingChoices: readonly SettingChoice[] = [
  {
    id: 'cleanWire',
    question: 'What does a clean wire show in the flame?',
    choices: [
      { id: 'no-colour', label: 'no colour' },
      { id: 'faint-yellow-allowed', label: 'a faint yellow is allowed' },
    ],
    effect: '“Pale yellow” earns where there is nothing to see.',
  },
  {
    id: 'flameMethod',
    question: 'How is the salt held in the flame?',
    choices: [
      { id: 'wire', label: 'wire loop' },
      { id: 'splint', label: 'soaked splint' },
      { id: 'swab', label: 'wet swab' },
    ],
    effect: 'The method a flame test has when you add it to a practical.',
  },
  {
    id: 'carbonateAcid',
    question: 'Which acid on carbonates?',
    choices: [
      { id: 'hydrochloric', label: 'hydrochloric' },
      { id: 'any-dilute', label: 'any dilute acid' },
    ],
    effect: 'The method the acid test has when you add it to a practical.',
  },
  {
    id: 'halideMethod',
    question: 'How are halides told apart?',
    choices: [
      { id: 'silver-nitrate', label: 'silver nitrate' },
      { id: 'layer', label: 'chlorine water and a layer of hexane' },
    ],
    effect: 'The test that is offered for halides first.',
  },
  {
    id: 'ringOrder',
    question: 'Brown ring: what goes in last?',
    choices: [
      { id: 'acid-last', label: 'the concentrated acid (safer)' },
      { id: 'acid-first', label: 'the iron(II) sulfate, on the cooled acid and sample' },
    ],
    effect: 'The method the ring test has when you add it to a practical.',
  },
  {
    id: 'chlorineResult',
    question: 'Chlorine on damp blue litmus: what earns?',
    choices: [
      { id: 'bleached', label: '“bleached” is enough' },
      { id: 'red-then-bleached', label: '“red, then bleached” is wanted' },
    ],
    effect: 'What the result point of the chlorine test takes.',
  },
  {
    id: 'gasEvidence',
    question: 'Is every gas tested each time?',
    choices: [
      { id: 'every', label: 'every time' },
      { id: 'once-then-inferred', label: 'once, then inferred' },
    ],
    effect: 'How many times a rota plans the test of a gas for each group.',
  },
  {
    id: 'stateSymbols',
    question: 'State symbols in equations',
    choices: [
      { id: 'optional', label: 'optional' },
      { id: 'required', label: 'required' },
    ],
    effect: 'Whether an equation without them is right.',
  },
];
