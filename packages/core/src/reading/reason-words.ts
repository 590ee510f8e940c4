/** Words that explanations and names turn on; misspellings are mended to these as to the terms of observations. */
export const reasonWords: readonly string[] =
  `iron2 iron3 irons carbonate carbonates hydrogencarbonate sulfite sulfites hydroxide hydroxides phosphate phosphates chloride chlorides sulfate sulfates nitrate nitrates bromide iodide halide halides barium silver calcium
  aluminium magnesium potassium sodium zinc copper lithium iron lead ammonium manganate dichromate precipitate precipitates precipitation insoluble soluble solubility dissolve dissolves dissolved dissolving redissolve redissolves
  remove removes removed removing react reacts reacted reaction reacting neutralise neutralises neutralised impurity impurities impure contaminate contaminates contaminated contamination contaminants interfere interferes interfering interference
  false positive negative result results wrong always anyway contain contains containing introduce introduces coating coat coats coated layer covers covered cover prevents prevent stops stop stopped oxidised oxidises oxidise oxidized oxidizes oxidation oxygen air reduced reduces
  filter filters filtered absorb absorbs absorbed block blocks blocked toxic poisonous poison harmful harm fumes breathe breathed breathing inhale inhaled inhaling hazardous dangerous distinguish distinguishes differentiate differentiates identify identifies confuse confused confusing
  alkaline alkali acidic acid acids acidify sulfuric hydrochloric nitric water litmus solution flame colour residue previous sample disappear disappears disappeared otherwise decompose decomposes destroy destroys destroyed eliminate eliminates eliminated masks mask masked hide hides hidden marble chips chip barrier surface amphoteric
  moisture moist damp catalyst ions ion species metal metals salt salts charge charges electrons loses gains traces leftover lungs asthma irritate irritates irritant respiratory choking toxicity deadly lethal corrosive`
    .split(/\s+/)
    .filter(Boolean);
