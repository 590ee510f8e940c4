/** Slips of the bench: what each is, why it misleads or hurts, and what to do. Told afterwards, never as they happen. */
export interface SlipFacts {
  readonly text: string;
  readonly mend: string;
}
export const slipFacts = {
  'wire-not-clean': {
    text: 'The wire still carried sodium, and its yellow lies over every other colour.',
    mend: 'Clean it in fresh concentrated hydrochloric acid and heat until no colour comes; use blue glass for potassium.',
  },
  'sodium-about': {
    text: 'Fingers, a glass rod or tap water brought sodium, whose yellow masks the sample.',
    mend: 'Hold the tool by its handle, use deionised water, and a wire or splint in place of glass.',
  },
  'acid-reused': {
    text: 'The acid a wire had been cleaned in was used again, and what was washed off came back.',
    mend: 'Fresh acid in the watch glass for each sample.',
  },
  'wire-in-stock': {
    text: 'The wire went into the stock bottle, and what it carried is in there for every group now.',
    mend: 'Put a little of the sample on a tile; nothing goes into the bottle.',
  },
  'bottle-contaminated': {
    text: 'Something got into a stock bottle; everything taken from it since carries it.',
    mend: 'Never put anything back, and keep the dropper clear of the tube. Ask for a fresh bottle.',
  },
  'air-hole-closed': {
    text: 'With the air hole closed the flame is luminous yellow by itself and hides the sample.',
    mend: 'Open the air hole until the flame roars and is blue.',
  },
  'not-in-the-hot-part': {
    text: 'Low down or inside the cone the flame is too cool to show the colour.',
    mend: 'Hold it at the tip of the inner cone.',
  },
  'wood-burns': {
    text: 'The splint or swab dried and burnt, and its own orange-yellow hides the colour.',
    mend: 'Soak it, read the first seconds, and take it out before it chars.',
  },
  'salt-in-burner': {
    text: 'Salt that fell into the burner colours every flame after it.',
    mend: 'Have the burner cleaned, and log it.',
  },
  'read-late': {
    text: 'The colour was read after it had gone: barium and calcium end in orange.',
    mend: 'Look in the first second or two; take fresh sample to look again.',
  },
  'no-acid-first': {
    text: 'No acid went in first, so that a carbonate, sulfite, phosphate or hydroxide gives a precipitate too.',
    mend: 'Repeat with the right dilute acid first, until nothing more fizzes.',
  },
  'wrong-acid': {
    text: 'The acid itself gives this precipitate, whatever the sample: chloride with silver, sulfate with barium.',
    mend: 'Discard it and repeat: nitric acid before silver nitrate, hydrochloric acid before barium chloride.',
  },
  'nitric-for-hydrogen': {
    text: 'Nitric acid oxidises: nitrogen oxides come in place of hydrogen, and there is little to pop.',
    mend: 'Use dilute hydrochloric or sulfuric acid.',
  },
  'sulfuric-on-marble': {
    text: 'Sulfuric acid coats it with an insoluble sulfate, and the fizzing dies.',
    mend: 'Use hydrochloric acid.',
  },
  'wrong-splint': {
    text: 'The wrong splint was used: lit for hydrogen, glowing for oxygen.',
    mend: 'A lit splint for hydrogen, a glowing one for oxygen.',
  },
  'litmus-dry': { text: 'Dry litmus shows nothing, whatever the gas.', mend: 'Damp it and repeat.' },
  'paper-dry': { text: 'The paper was dry and could show nothing.', mend: 'Damp it and repeat.' },
  'litmus-on-rim': {
    text: 'The paper touched the wet rim, and the liquid turned it, not a gas.',
    mend: 'Hold it clear of the glass.',
  },
  'limewater-old': {
    text: 'Old limewater has been used up by the air and stays clear.',
    mend: 'Take fresh limewater; log it as inconclusive.',
  },
  'too-little-gas': {
    text: 'Too little gas was there for an answer.',
    mend: 'Make more, collect it, and repeat; log it as inconclusive.',
  },
  'iron-sulfate-old': {
    text: 'The iron(II) sulfate was not fresh: air has oxidised it, and no ring forms.',
    mend: 'Make it on the day.',
  },
  'chlorine-water-old': {
    text: 'The chlorine water has lost its chlorine.',
    mend: 'Make it fresh, and keep it dark and stoppered.',
  },
  'peroxide-old': { text: 'The hydrogen peroxide has given off its oxygen.', mend: 'Take a fresh bottle.' },
  'ring-disturbed': {
    text: 'Shaken, warmed or poured fast, the layers mixed and the ring is gone.',
    mend: 'Repeat with the tube tilted, drop by drop, and leave it alone.',
  },
  'bottles-swapped': {
    text: 'What was poured was not what the label said.',
    mend: 'Try each bottle on something known; label look-alikes.',
  },
  'no-excess': {
    text: 'Alkali was not taken to excess, so that aluminium or zinc looks like magnesium or calcium.',
    mend: 'Add more, and strong enough, until it dissolves or clearly does not.',
  },
  'too-dilute': {
    text: 'A precipitate formed that is too thin to be seen.',
    mend: 'Use a stronger sample or reagent, and look against black.',
  },
  'not-shaken': {
    text: 'The layer was not shaken with the liquid, and took up nothing.',
    mend: 'Stopper it and shake.',
  },
  'sucked-back': {
    text: 'The tube cooled with the delivery tube still in the liquid, which was sucked back.',
    mend: 'Lift the delivery tube out before the heat goes.',
  },
  'no-goggles': {
    text: 'Eyes were not covered at something that hurts them.',
    mend: 'Goggles on before the first bottle is opened. Splashed: rinse at once, long, and tell your teacher.',
  },
  'no-fume-cupboard': {
    text: 'A gas or vapour that harms was let into the room.',
    mend: 'Work in the fume cupboard, with little; mind asthma.',
  },
  'near-a-flame': {
    text: 'A liquid whose vapour burns was brought to a flame.',
    mend: 'No flame in the room while it is open.',
  },
  'acid-poured-fast': {
    text: 'Concentrated acid was run in at once: it boils where it meets water and spits.',
    mend: 'In staff hands only, tilted tube, drop by drop, face shield.',
  },
  'gas-shut-in': {
    text: 'A tube that makes gas was shut tight: the bung flies or the glass breaks.',
    mend: 'Leave it a way out; never stopper a tube that fizzes.',
  },
  'wrong-waste': {
    text: 'It went where it may not: metals, silver and solvents have bottles of their own.',
    mend: 'Ask which bottle; local rules decide.',
  },
  'not-labelled': {
    text: 'Tubes that look alike stood without labels.',
    mend: 'Write on each before you fill it.',
  },
  'wrong-way-up': {
    text: 'The gas was collected the wrong way up and was lost.',
    mend: 'Light gases upward into a tube mouth down, heavy ones downward; or over water if it does not dissolve.',
  },
} as const satisfies Readonly<Record<string, SlipFacts>>;
export type SlipCode = keyof typeof slipFacts;

export interface MadeSlip extends SlipFacts {
  readonly code: SlipCode;
  /** Index of the action, from 0. */
  readonly at: number;
}
export const slipMade = (code: SlipCode, at: number): MadeSlip => ({ code, at, ...slipFacts[code] });
