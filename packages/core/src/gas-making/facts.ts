/** Figures that how much gas comes off rests on: how much stays dissolved, how much heat the metals give. */
import type { MetalId } from '../species/substance.js';
import type { SourceId } from '../sources/sources.js';

/** The gases a school makes by the tube. */
export const madeGases = ['H2', 'CO2', 'O2', 'NH3', 'SO2', 'Cl2'] as const;
export type MadeGas = (typeof madeGases)[number];

/** What stays in the liquid while the gas is collected, in mol/dm3 under 1 bar of it. */
export const staysDissolved: Readonly<
  Record<MadeGas, { readonly molPerL: number; readonly source: SourceId; readonly unsure?: string }>
> = {
  H2: { molPerL: 0.0008, source: 'gas-solubility' },
  CO2: { molPerL: 0.033, source: 'gas-solubility' },
  O2: { molPerL: 0.0013, source: 'gas-solubility' },
  NH3: {
    molPerL: 0,
    source: 'school-practice',
    unsure: 'the mixture is heated until the ammonia has boiled out; cold, nearly all of it would stay',
  },
  SO2: { molPerL: 1.4, source: 'gas-solubility' },
  Cl2: {
    molPerL: 0.06,
    source: 'gas-solubility',
    unsure: 'strong hydrochloric acid keeps more than water does',
  },
};

/** A metal that gives hydrogen with dilute acid. */
export interface HydrogenMetal {
  /** Acid hydrogens one atom uses up: its charge as an ion. */
  readonly hydrogens: 2 | 3;
  /** Enthalpy of M + n H+ → Mn+ + n/2 H2 in kJ for one mole of metal: that of the dissolved ion, H+ being 0. */
  readonly heat_kJ: number;
  readonly source: SourceId;
}

/** The metals a school makes hydrogen with, by symbol. */
export const hydrogenMetals: Readonly<Record<string, HydrogenMetal>> = {
  Mg: { hydrogens: 2, heat_kJ: -466.9, source: 'crc-enthalpies' },
  Al: { hydrogens: 3, heat_kJ: -531, source: 'crc-enthalpies' },
  Zn: { hydrogens: 2, heat_kJ: -153.9, source: 'crc-enthalpies' },
  Fe: { hydrogens: 2, heat_kJ: -89.1, source: 'crc-enthalpies' },
  Ca: { hydrogens: 2, heat_kJ: -542.8, source: 'crc-enthalpies' },
};

/** A piece of metal as it is handed out for one tube of acid. Source `school-practice`. */
export const pieces: Readonly<Record<MetalId, { readonly mass_g: number; readonly what: string }>> = {
  // 2 cm of ribbon: more makes the tube hotter than a hand bears.
  Mg: { mass_g: 0.02, what: '2 cm of ribbon' },
  Al: { mass_g: 0.03, what: 'a strip of foil, 2 cm by 3 cm' },
  Zn: { mass_g: 0.2, what: 'a small granule' },
  Fe: { mass_g: 0.2, what: 'a small nail or filings in a twist of paper' },
  Cu: { mass_g: 0.2, what: 'a turning' },
  Ca: { mass_g: 0.03, what: 'half a turning, with tweezers' },
  Pb: { mass_g: 0.5, what: 'a small strip, cut by staff' },
};

/** Acids by formula: how many hydrogens one gives, and which gases it is used for. */
export const gasAcids: Readonly<
  Record<string, { readonly hydrogens: 1 | 2; readonly makes: readonly MadeGas[]; readonly not?: string }>
> = {
  HCl: { hydrogens: 1, makes: ['H2', 'CO2', 'SO2', 'Cl2'] },
  H2SO4: { hydrogens: 2, makes: ['H2', 'CO2', 'SO2'] },
  HNO3: {
    hydrogens: 1,
    makes: ['CO2'],
    not: 'nitric acid oxidises: brown nitrogen dioxide comes in place of the gas wanted',
  },
  CH3COOH: { hydrogens: 1, makes: ['CO2'], not: 'ethanoic acid is too weak for it' },
};

/** Alkalis that drive ammonia out of its salts when warmed, with the hydroxides in one formula unit. */
export const gasAlkalis: Readonly<Record<string, 1 | 2>> = { NaOH: 1, KOH: 1, 'Ca(OH)2': 2 };

/** What may stand by and is not used up, by the gas it speeds. */
export const gasCatalysts: Readonly<Partial<Record<MadeGas, readonly string[]>>> = {
  O2: ['MnO2', 'PbO2', 'Fe2O3', 'CuO', 'Pt', 'Ag', 'KI', 'NaI', 'FeCl3'],
};

/** Cations whose sulfate is so little soluble that it coats the solid it forms on, and the fizzing stops. */
export const coatedBySulfate: readonly string[] = ['Ca', 'Sr', 'Ba', 'Pb'];
