/** Lines that show the form; each is answered without an error (tested). */
export const actExamples: readonly object[] = [
  {
    id: 'potassium, a wire not cleaned: yellow; through the glass crimson',
    sample: ['K+', 'Cl-'],
    actions: [{ do: 'dip' }, { do: 'flame', seconds: 1 }, { do: 'flame', seconds: 1, glass: true }],
  },
  {
    id: 'aluminium, drops and then excess',
    sample: { ions: ['Al3+', 'SO4^2-'], molarity: 0.1 },
    actions: [
      { do: 'take', mL: 1 },
      { do: 'add', reagent: 'NaOH', drops: 6 },
      { do: 'add', reagent: 'NaOH', molarity: 4, toExcess: true },
    ],
  },
  {
    id: 'carbonate, acid, limewater',
    sample: { ions: { 'Na+': 0.2, 'CO3^2-': 0.1 } },
    actions: [
      { do: 'add', reagent: 'limewater', to: 'lime', mL: 2 },
      { do: 'take', into: 'tube' },
      { do: 'add', reagent: 'HCl', to: 'tube', molarity: 1, mL: 2 },
      { do: 'bubble', from: 'tube', to: 'lime', seconds: 30 },
    ],
  },
  {
    id: 'hydrogen from zinc, popped',
    sample: { metal: 'Zn' },
    actions: [
      { do: 'take' },
      { do: 'add', reagent: 'HCl', molarity: 1, mL: 5 },
      { do: 'stopper', with: 'thumb' },
      { do: 'wait', seconds: 60 },
      { do: 'hold', what: 'lit-splint' },
    ],
  },
  {
    id: 'brown ring with iron(II) sulfate gone off: none',
    sample: ['K+', 'NO3-'],
    bottles: { FeSO4: { old: true } },
    actions: [
      { do: 'take', mL: 1 },
      { do: 'add', reagent: 'FeSO4', mL: 2 },
      { do: 'add', reagent: 'H2SO4', molarity: 18, mL: 1, how: 'down-the-side' },
    ],
  },
  {
    id: 'acid and limewater in each other’s bottles',
    sample: ['Na+', 'CO3^2-'],
    bottles: { HCl: { holds: 'limewater' }, limewater: { holds: 'HCl' } },
    actions: [{ do: 'take' }, { do: 'add', reagent: 'HCl', mL: 2 }],
  },
];
