/** What can be done at the bench on screen. Amounts are in cm3, drops of 0.05 cm3, grams, mol/dm3 and seconds. */
import type { HeldPlace, HeldThing } from './at-the-mouth.js';
import type { FlamePlace, Tool, ToolKind } from './in-the-flame.js';
import type { VesselKind } from './vessel.js';

interface Amount {
  readonly mL?: number;
  readonly drops?: number;
  readonly g?: number;
}
export const pourings = ['dropwise', 'at-once', 'down-the-side'] as const;
export const overs = ['into-liquid', 'water', 'upward', 'downward'] as const;
export const wastes = ['sink', 'metals', 'silver', 'solvents', 'solid'] as const;

export type Action =
  | ({
      readonly do: 'take';
      readonly sample?: string;
      readonly into?: string;
      readonly kind?: VesselKind;
      readonly with?: 'clean' | 'dirty';
    } & Amount)
  | ({
      readonly do: 'add';
      readonly reagent: string;
      readonly to?: string;
      readonly kind?: VesselKind;
      readonly molarity?: number;
      readonly toExcess?: boolean;
      readonly how?: (typeof pourings)[number];
      readonly fresh?: boolean;
      readonly touching?: boolean;
    } & Amount)
  | { readonly do: 'shake' | 'stir' | 'look' | 'cool'; readonly vessel?: string }
  | { readonly do: 'wait'; readonly seconds: number }
  | {
      readonly do: 'warm';
      readonly vessel?: string;
      readonly in?: 'bath' | 'flame';
      readonly seconds?: number;
    }
  | {
      readonly do: 'connect';
      readonly from?: string;
      readonly to: string;
      readonly over?: (typeof overs)[number];
    }
  | { readonly do: 'disconnect'; readonly from?: string }
  | { readonly do: 'bubble'; readonly from?: string; readonly to: string; readonly seconds?: number }
  | { readonly do: 'draw-gas'; readonly from?: string; readonly to: string; readonly times?: number }
  | { readonly do: 'stopper'; readonly vessel?: string; readonly with: 'bung' | 'thumb' | 'none' }
  | {
      readonly do: 'hold';
      readonly what: HeldThing;
      readonly at?: string;
      readonly where?: HeldPlace;
      readonly damp?: boolean;
    }
  | {
      readonly do: 'clean';
      readonly tool?: string;
      readonly acid?: 'HCl' | 'none';
      readonly molarity?: number;
      readonly fresh?: boolean;
      readonly times?: number;
    }
  | {
      readonly do: 'dip';
      readonly tool?: string;
      readonly kind?: ToolKind;
      readonly in?: string;
      readonly from?: 'tile' | 'stock';
      readonly paste?: 'fresh' | 'reused' | 'none';
      readonly wetness?: Tool['wetness'];
      readonly water?: 'deionised' | 'tap';
    }
  | { readonly do: 'touch'; readonly tool?: string }
  | {
      readonly do: 'flame';
      readonly tool?: string;
      readonly seconds?: number;
      readonly where?: FlamePlace;
      readonly glass?: boolean;
    }
  | { readonly do: 'air-hole'; readonly open: boolean }
  | { readonly do: 'spill-in-burner'; readonly sample?: string }
  | { readonly do: 'clean-burner' }
  | { readonly do: 'goggles' | 'fume-cupboard'; readonly on: boolean }
  | { readonly do: 'filter' | 'pour'; readonly from?: string; readonly to: string; readonly mL?: number }
  | { readonly do: 'return'; readonly from?: string; readonly bottle: string }
  | { readonly do: 'wash'; readonly vessel?: string; readonly with?: 'deionised' | 'tap' }
  | { readonly do: 'discard'; readonly vessel?: string; readonly to?: (typeof wastes)[number] }
  | { readonly do: 'label'; readonly vessel?: string; readonly text: string };
export type ActionName = Action['do'];
type Named<A, Name> = A extends { readonly do: infer D } ? ([Name] extends [D] ? A : never) : never;
export type ActionOf<Name extends ActionName> = Named<Action, Name>;

/** What is wrong with a bottle, which the person at the bench cannot see. */
export interface BottleFault {
  readonly old?: boolean;
  /** Another bottle's contents are in it. */
  readonly holds?: string;
  /** mol/dm3 of ions that got in. */
  readonly traces?: Readonly<Record<string, number>>;
}
