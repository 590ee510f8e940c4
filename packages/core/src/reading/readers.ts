/** The reader for each kind of attribute; flames and numbers are read in files of their own. */
import type { ReadingKind } from '../identification-tests/test-definition.js';
import type { ClaimReader } from './claims.js';
import {
  readDecolourised,
  readIndicatorColour,
  readLayer,
  readLitmus,
  readSampleColour,
  readStanding,
} from './claims-colour.js';
import {
  readEffervescence,
  readFumes,
  readLimewater,
  readResidue,
  readRing,
  readSampleState,
  readSmell,
  readSplint,
  readWarmth,
} from './claims-gas.js';
import { readExcess, readExcessColour, readPrecipitate, readSpot } from './claims-precipitate.js';

export type TextKind = Exclude<ReadingKind, 'flame-colour' | 'glass-colour' | 'number'>;

export const readers: Readonly<Record<TextKind, ClaimReader>> = {
  'sample-state': readSampleState,
  'sample-colour': readSampleColour,
  precipitate: readPrecipitate,
  excess: readExcess,
  'excess-colour': readExcessColour,
  standing: readStanding,
  litmus: readLitmus,
  smell: readSmell,
  effervescence: readEffervescence,
  limewater: readLimewater,
  warmth: readWarmth,
  'ammonia-dissolves': (reading, asked) => readExcess(reading, { ...asked, narrow: true }),
  layer: readLayer,
  ring: readRing,
  spot: readSpot,
  residue: readResidue,
  splint: readSplint,
  fumes: readFumes,
  decolourised: readDecolourised,
  'indicator-colour': readIndicatorColour,
};
