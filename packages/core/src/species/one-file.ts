/**
 * One ion or one gas in one file: everything the core must know of it. The folders above take from it what is theirs
 * (hazard, flame, equilibria, making, what each test shows), so that adding one is adding its file. Those that were there
 * first stand in the tables of those folders; none stands in both, and the compiler asks until each stands somewhere.
 */
import type { SourceId } from '../sources/sources.js';

/** A hazard at a strength, as `hazards/hazard-band.ts` has it. */
interface FiledBand {
  readonly from_M: number;
  readonly words: string;
  readonly level: 'low' | 'care' | 'danger';
  readonly statements: readonly string[];
  readonly hands?: number | 'staff';
}
/** What a test shows of it, as `identification-tests/test-definition.ts` has it. */
export interface FiledOutcome {
  readonly shows: Readonly<Record<string, readonly string[]>>;
  readonly source: SourceId;
  readonly unsure?: string;
  readonly form?: 'solid' | 'solution' | 'gas';
}
interface IonFile {
  readonly name: string;
  readonly atoms: Readonly<Record<string, number>>;
  readonly charge: number;
  readonly alsoCalled: readonly string[];
  readonly shortNames: readonly string[];
  readonly source: SourceId;
  /** Of its solid salts, and of their solutions, strongest first, the last from 0. */
  readonly hazard: {
    readonly neat: FiledBand;
    readonly bands: readonly FiledBand[];
    readonly source: SourceId;
    readonly unsure?: string;
  };
  /** In components of the equilibria, or why they leave it out. */
  readonly reckonedAs: Readonly<Record<string, number>> | { readonly notModelled: string };
  /** By test, in every test that speaks of ions of its sign. */
  readonly shows: Readonly<Record<string, readonly FiledOutcome[]>>;
}
export interface CationFile extends IonFile {
  /** Lines and bands in nm with their strengths, and what the flame is called; or why there is none to be seen. */
  readonly flame:
    | {
        readonly emissions: readonly {
          readonly nm: number;
          readonly width: number;
          readonly power: number;
        }[];
        readonly called: string;
        readonly calledThroughGlass: string;
        readonly source: SourceId;
        readonly unsure: string;
      }
    | { readonly none: string; readonly source: SourceId };
}
export interface AnionFile extends IonFile {
  /** What dilute acid drives out of it, and what falls out as the gas comes off. */
  readonly withAcid: { readonly gas: string | null; readonly solid?: string };
}

export interface GasFile {
  readonly name: string;
  readonly alsoCalled: readonly string[];
  readonly source: SourceId;
  /** Of the gas as it is. */
  readonly hazard: { readonly neat: FiledBand; readonly source: SourceId; readonly unsure?: string };
  /** How a class's tubes of it are filled, as `preparing/making.ts` has it. */
  readonly making: {
    readonly how: string;
    readonly from: { readonly solid: string; readonly moles: number } | null;
    readonly teacherOnly: boolean;
    readonly neverStored: boolean;
  };
  /** By test, in every test that speaks of gases. */
  readonly shows: Readonly<Record<string, readonly FiledOutcome[]>>;
}
