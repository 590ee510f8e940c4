/** The published JSON Schema of a line of the verb `act`: what may be done at the bench on screen. It is also what lines are checked by. */
import { actAnswerSchema } from './act-answer.js';
import { actExamples } from './act-examples.js';
import { overs, pourings, wastes } from './actions.js';
import { heldPlaces, heldThings } from './at-the-mouth.js';
import { flamePlaces, toolKinds, wetness } from './in-the-flame.js';
import { vesselKinds } from './vessel.js';

export const actSchemaId = 'urn:kivex:act:1';

interface Field {
  readonly type?: 'string' | 'number' | 'boolean' | 'integer';
  readonly enum?: readonly string[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly description: string;
  readonly default?: string | number | boolean;
}
const text = (description: string): Field => ({ type: 'string', description });
const number = (description: string, minimum = 0, maximum = 1e6): Field => ({
  type: 'number',
  minimum,
  maximum,
  description,
});
const flag = (description: string, usual?: boolean): Field => ({
  type: 'boolean',
  description,
  ...(usual === undefined ? {} : { default: usual }),
});
const one = (values: readonly string[], description: string, usual?: string): Field => ({
  enum: values,
  description,
  ...(usual === undefined ? {} : { default: usual }),
});

const vessel = text('Id of the vessel; left out, the one used last.');
const from = text('Id of the vessel it comes from; left out, the one used last.');
const tool = text(
  'Id of the tool; an id that begins with wire, splint, swab or glass-rod is that. Left out, the one used last, at first "wire".',
);
const kind = one(
  vesselKinds,
  'Kind of vessel, where the id is new; an id that begins with well, flask, jar or beaker is that.',
  'tube',
);
const amounts = {
  mL: number('Amount in cm3.', 0, 100),
  drops: number('Amount in drops of 0.05 cm3.', 0, 2000),
  g: number('Amount in grams, of a solid.', 0, 50),
};

interface ActionShape {
  readonly what: string;
  readonly required?: readonly string[];
  readonly fields: Readonly<Record<string, Field>>;
}

/** Every action with its fields. */
export const actionShapes: Readonly<Record<string, ActionShape>> = {
  take: {
    what: 'Takes sample from its jar into a vessel: by dropper a solution (1 cm3 unless said, 10 drops into a well), by spatula a solid (0.3 g), the usual piece of a metal, a tube full of a gas (stoppered).',
    fields: {
      sample: text('Name of the sample; left out, the first.'),
      into: text('Id of the vessel, made if it is new; left out, the one used last, at first "tube".'),
      kind,
      with: one(['clean', 'dirty'], 'A dirty spatula or dropper leaves traces in the jar.', 'clean'),
      ...amounts,
    },
  },
  add: {
    what: 'Adds a reagent. Unless an amount is said: 5 drops, of an alkali 5 for each cm3 there and so much that a hydroxide is seen; 1 cm3 of hexane, 2 cm3 of limewater, 3 cm3 of ammonia on what silver nitrate gave, 5 cm3 of an acid on a solid or a metal; of an acid on a solution that holds a base (carbonate, sulfite, phosphate, alkali), as much as leaves it well acid, 1 to 5 cm3. Its result is what is seen while it goes in; fizzing is the fastest of the first seconds.',
    required: ['reagent'],
    fields: {
      reagent: text(
        'Formula or name: NaOH, NH3, HCl, HNO3, H2SO4, AgNO3, BaCl2, Ba(NO3)2, FeSO4, limewater, chlorine-water, hexane, H2O2, MnO2, Al-foil, KMnO4, (NH4)2CO3, (NH4)2HPO4, (NH4)2SO4, KI, KSCN, starch, MgSO4, water, tap-water, or any salt, acid or base of the ions Kivex knows.',
      ),
      to: text('Id of the vessel, made if it is new; left out, the one used last, at first "tube".'),
      kind,
      molarity: number(
        'mol/dm3. Left out, the bench bottle: 0.4 for NaOH, NH3, dilute acids and ammonium salts, 0.1 BaCl2, 0.05 AgNO3, 0.2 FeSO4, 0.018 limewater, which is saturated, 0.9 H2O2. Concentrated: 12 HCl, 18 H2SO4, 8 NH3.',
        0,
        20,
      ),
      ...amounts,
      toExcess: flag(
        'Goes on until it is in excess: 2.5 cm3, or a quarter more than the vessel holds, unless an amount is said; of the stronger bottle, 4 mol/dm3 NaOH or 6 mol/dm3 NH3, unless a molarity is said. With 0.4 mol/dm3 NaOH zinc, lead and chromium hydroxides stay.',
        false,
      ),
      how: one(
        pourings,
        'How it is let in. Concentrated sulfuric acid and the iron(II) sulfate of the ring test make layers when let in dropwise or down the side; at once they mix.',
        'dropwise',
      ),
      fresh: flag('Fresh, or gone off (limewater, FeSO4, chlorine water, H2O2). Left out, as the bottle is.'),
      touching: flag(
        'The dropper touches what is in the vessel and carries it into the stock bottle.',
        false,
      ),
    },
  },
  shake: {
    what: 'Stoppers and shakes: layers take up what they dissolve, a liquid takes up the gas above it (limewater clouds), a ring is lost.',
    fields: { vessel },
  },
  stir: { what: 'Stirs; the same as to shake.', fields: { vessel } },
  look: { what: 'Looks at a vessel again.', fields: { vessel } },
  wait: {
    what: 'Lets time pass for everything on the bench; what is seen is the vessel used last.',
    required: ['seconds'],
    fields: { seconds: number('Seconds.', 0, 604800) },
  },
  warm: {
    what: 'Warms a vessel.',
    fields: {
      vessel,
      in: one(['bath', 'flame'], 'A hot water bath at 80 °C, or a small flame.', 'bath'),
      seconds: { ...number('Seconds.', 0, 3600), default: 60 },
    },
  },
  cool: {
    what: 'Cools a vessel to room temperature. With its delivery tube still in a liquid, that is sucked back.',
    fields: { vessel },
  },
  connect: {
    what: 'Fits a bung with a delivery tube that leads to another vessel; from then on what gas comes off goes there.',
    required: ['to'],
    fields: {
      from,
      to: text('Id of the other vessel, made if it is new.'),
      over: one(
        overs,
        'Into its liquid; collected over water; upward into it, mouth down; downward into it, mouth up.',
        'into-liquid',
      ),
    },
  },
  disconnect: { what: 'Takes the delivery tube out.', fields: { from } },
  bubble: {
    what: 'Connects a vessel to another, lets the gas bubble through its liquid for a while, and takes the tube out; what is seen is the second vessel.',
    required: ['to'],
    fields: {
      from,
      to: text('Id of the vessel whose liquid the gas goes through.'),
      seconds: { ...number('Seconds.', 0, 3600), default: 30 },
    },
  },
  'draw-gas': {
    what: 'Draws gas from above a liquid with a dropping pipette and squeezes it through another liquid.',
    required: ['to'],
    fields: {
      from,
      to: text('Id of the vessel with the liquid.'),
      times: { ...number('How often, 2 cm3 each.', 0, 50), default: 3 },
    },
  },
  stopper: {
    what: 'Closes or opens the mouth.',
    required: ['with'],
    fields: { vessel, with: one(['bung', 'thumb', 'none'], 'none opens it.') },
  },
  hold: {
    what: 'Holds something at a vessel and reads it.',
    required: ['what'],
    fields: {
      what: one(
        heldThings,
        'What is held. hcl-rod and ammonia-rod are glass rods wet with the concentrated solution; manganate-paper is wet with acidified potassium manganate(VII).',
      ),
      at: text('Id of the vessel; left out, the one used last.'),
      where: one(
        heldPlaces,
        'At the mouth clear of the glass; touching the wet rim; inside in the gas; in the liquid.',
        'mouth',
      ),
      damp: flag('Litmus and starch-iodide paper: damped first. Left out, it is dry.', false),
    },
  },
  clean: {
    what: 'Dips a wire in acid and burns it off, over and over. A new wire carries sodium until it is cleaned.',
    fields: {
      tool,
      acid: one(['HCl', 'none'], 'Hydrochloric acid, or burning off alone.', 'HCl'),
      molarity: { ...number('mol/dm3 of the acid.', 0, 20), default: 12 },
      fresh: flag('Fresh acid in the watch glass; false: the acid used for the cleaning before.', true),
      times: { ...number('How often it is dipped and burnt off.', 0, 20), default: 3 },
    },
  },
  dip: {
    what: 'Takes sample up on a tool. Splints and swabs are fresh each time; a wire keeps what is on it.',
    fields: {
      tool,
      kind: one(toolKinds, 'Kind of tool, where the id is new.', 'wire'),
      in: text('Name of the sample; left out, the first.'),
      from: one(
        ['tile', 'stock'],
        'From a little of it on a tile, or with the tool in the stock jar itself.',
        'tile',
      ),
      paste: one(
        ['fresh', 'reused', 'none'],
        'The acid a wire is wetted with before the crystals: fresh, or that in which a wire has been cleaned.',
        'fresh',
      ),
      wetness: one(
        wetness,
        'Of a splint or swab: soaked overnight, wetted, or dry, which burns at once.',
        'soaked',
      ),
      water: one(['deionised', 'tap'], 'What it was wetted with; tap water brings sodium.', 'deionised'),
    },
  },
  touch: { what: 'Touches the end of the tool with a finger: sodium.', fields: { tool } },
  flame: {
    what: 'Holds the tool in the flame so many seconds more and reads the colour at their end. Seconds add up until the tool takes up sample again. `flame.moments` has the whole course. Before any tool has been taken up the burner is looked at by itself.',
    fields: {
      tool,
      seconds: { ...number('Seconds more in the flame.', 0, 600), default: 1 },
      where: one(flamePlaces, 'Where in the flame.', 'inner-cone-tip'),
      glass: flag(
        'Seen through cobalt-blue glass: then `throughBlueGlass` is given and not `colour`.',
        false,
      ),
    },
  },
  'air-hole': {
    what: 'Opens or closes the air hole of the burner.',
    required: ['open'],
    fields: { open: flag('Open: roaring blue. Closed: luminous yellow.') },
  },
  'spill-in-burner': {
    what: 'Some of a salt falls into the burner.',
    fields: { sample: text('Name of the sample; left out, the first.') },
  },
  'clean-burner': { what: 'Has the burner cleaned.', fields: {} },
  goggles: { what: 'Puts goggles on or off.', required: ['on'], fields: { on: flag('On?') } },
  'fume-cupboard': {
    what: 'Goes to the fume cupboard, or back to the open bench.',
    required: ['on'],
    fields: { on: flag('In it?') },
  },
  filter: {
    what: 'Filters: the liquid goes over, the solids stay.',
    required: ['to'],
    fields: {
      from,
      to: text('Id of the vessel, made if it is new.'),
      mL: number('cm3; left out, all of it.', 0, 100),
    },
  },
  pour: {
    what: 'Pours, solids and all.',
    required: ['to'],
    fields: {
      from,
      to: text('Id of the vessel, made if it is new.'),
      mL: number('cm3; left out, all of it.', 0, 100),
    },
  },
  return: {
    what: 'Puts what is in a vessel back into a stock bottle or jar: contaminated from then on.',
    required: ['bottle'],
    fields: { from, bottle: text('Reagent, or name of the sample.') },
  },
  wash: {
    what: 'Empties and washes a vessel.',
    fields: { vessel, with: one(['deionised', 'tap'], 'Last rinsed with.', 'deionised') },
  },
  discard: {
    what: 'Empties a vessel into a waste.',
    fields: { vessel, to: one(wastes, 'Where it goes.', 'sink') },
  },
  label: { what: 'Writes a label.', required: ['text'], fields: { vessel, text: text('What is written.') } },
};

const ionAmounts = {
  type: 'object',
  description: 'mol/dm3 of each ion in a solution, mol by mol in a solid; charges must balance.',
  additionalProperties: { type: 'number', minimum: 0, maximum: 20 },
};
const sample = {
  description:
    'What a jar truly holds: a list of ids (one cation and one anion, a gas, or a metal; a solution of 0.1 mol/dm3), or an object.',
  oneOf: [
    { type: 'array', items: { type: 'string' }, minItems: 1, maxItems: 2 },
    {
      type: 'object',
      required: ['ions'],
      additionalProperties: false,
      properties: {
        ions: { oneOf: [{ type: 'array', items: { type: 'string' }, minItems: 2, maxItems: 2 }, ionAmounts] },
        form: {
          enum: ['solution', 'solid', 'lumps'],
          default: 'solution',
          description: 'Powder is solid; lumps are slower.',
        },
        molarity: {
          type: 'number',
          minimum: 0,
          maximum: 10,
          default: 0.1,
          description: 'Of the salt, where ions is a list.',
        },
      },
    },
    {
      type: 'object',
      required: ['gas'],
      additionalProperties: false,
      properties: { gas: text('Gas id: H2 O2 CO2 Cl2 NH3 SO2 HCl N2.') },
    },
    {
      type: 'object',
      required: ['metal'],
      additionalProperties: false,
      properties: {
        metal: text('Metal id: Mg Al Zn Fe Cu Ca Pb.'),
        clean: flag('Sanded; false: under a dull oxide.', true),
      },
    },
  ],
};

/** One line of the verb. */
export const actSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: actSchemaId,
  title: 'A line of the Kivex core verb act: a bench, and what is done at it',
  description:
    'What is answered is under $defs.answer. `seen` holds all that can be seen of the vessel after the action; a precipitate is seen from 2e-4 mol/dm3. Deterministic from the seed.',
  $defs: { answer: actAnswerSchema },
  examples: actExamples,
  type: 'object',
  additionalProperties: false,
  required: ['sample', 'actions'],
  properties: {
    id: { type: ['string', 'number'] },
    sample,
    more: {
      type: 'object',
      description: 'Further samples by name; the first is "sample".',
      additionalProperties: { $ref: '#/properties/sample' },
    },
    bottles: {
      type: 'object',
      description: 'What is wrong with bottles, by reagent, unseen by who works there.',
      additionalProperties: {
        type: 'object',
        additionalProperties: false,
        properties: {
          old: flag('Gone off: limewater, FeSO4, chlorine-water, H2O2.'),
          holds: text('Reagent that is in it in truth: swapped bottles are two entries.'),
          traces: ionAmounts,
        },
      },
    },
    sodiumAbout: flag('Sodium in the dust: every tool carries some.', false),
    airHoleOpen: flag('The burner at the start.', true),
    goggles: flag('Goggles worn at the start.', true),
    fumeCupboard: flag('At the fume cupboard at the start.', false),
    seed: { type: 'integer', minimum: 0, default: 1, description: 'For what is left to chance: what spits.' },
    actions: {
      type: 'array',
      maxItems: 200,
      items: {
        oneOf: Object.entries(actionShapes).map(([name, { what, required, fields }]) => ({
          type: 'object',
          description: what,
          additionalProperties: false,
          required: ['do', ...(required ?? [])],
          properties: { do: { const: name }, ...fields },
        })),
      },
    },
  },
};
