/**
 * The demo school, all invented: a coastal school whose class tidies the store of a disused lighthouse
 * and names the jars before the museum takes them.
 */
import type { RoomPlan, StaffRole } from '@kivex/contract';

export const demoSchool = 'Skerrin Point School';
export const demoPassword = 'lamp-room-demo';

export const demoStaff: readonly { name: string; email: string; role: StaffRole }[] = [
  { name: 'Orla Thresh', email: 'orla.thresh@skerrin.example', role: 'teacher' },
  { name: 'Bram Quillane', email: 'bram.quillane@skerrin.example', role: 'technician' },
  { name: 'Hesper Vyne', email: 'hesper.vyne@skerrin.example', role: 'head' },
];

export const demoClasses: readonly { name: string; students: readonly string[] }[] = [
  {
    name: '10 Beacon',
    students: [
      'Aino Farrow',
      'Basil Tidewell',
      'Coral Umber',
      'Dagny Loft',
      'Edwin Marram',
      'Fenna Shingle',
      'Gull Hartigan',
      'Hanno Pebble',
      'Isolde Wrack',
      'Jory Kelpman',
      'Kestrel Dunn',
      'Linnet Sandray',
      'Merrick Foss',
      'Nerys Cobb',
      'Oskar Lantern',
      'Petra Skiff',
      'Quill Bowline',
      'Rowan Thole',
      'Sorrel Gannet',
      'Tamsin Reef',
    ],
  },
  {
    name: '10 Harbour',
    students: [
      'Una Fairlead',
      'Viggo Stay',
      'Wren Capstan',
      'Xanthe Mole',
      'Yorick Spar',
      'Zelda Groyne',
      'Alder Tiller',
      'Bryony Cleat',
      'Cosmo Jetty',
      'Delphi Buoy',
      'Elgar Windlass',
      'Flora Halyard',
    ],
  },
];

/** A full class for the biggest practical, in pairs. */
export const demoBigClass: { readonly name: string; readonly students: readonly string[] } = {
  name: '11 Lantern',
  students: [
    ...[
      'Ada',
      'Bo',
      'Cai',
      'Dot',
      'Eli',
      'Fay',
      'Gus',
      'Hal',
      'Ida',
      'Jem',
      'Kit',
      'Lou',
      'Mab',
      'Ned',
      'Oda',
      'Pip',
    ].map((name) => `${name} Harrow`),
    ...[
      'Quin',
      'Rae',
      'Sol',
      'Tess',
      'Ulf',
      'Vera',
      'Wim',
      'Xan',
      'Yves',
      'Zoe',
      'Abel',
      'Bess',
      'Clem',
      'Dora',
      'Enid',
      'Floyd',
    ].map((name) => `${name} Tarn`),
  ],
};

/** What students of the demo wrote beside the colour they tapped, by colour. */
export const demoWords: Readonly<Record<string, readonly string[]>> = {
  crimson: ['deep red', '', 'crimson flame', ''],
  red: ['bright red', '', ''],
  yellow: ['really bright', '', 'yellow, lasted ages', 'orange'],
  lilac: ['light purple', '', 'pinkish', 'a faint lilac'],
  'orange-red': ['orangey red', '', ''],
  'brick-red': ['', 'brick red'],
  'blue-green': ['green with blue', '', 'turquoise'],
  'apple-green': ['', 'green'],
  none: ['nothing really', ''],
};

/** The demo's rooms: the larger one as most of its lessons use it. */
export const demoRooms: readonly { readonly name: string; readonly plan: RoomPlan }[] = [
  {
    name: 'Lab 1',
    plan: {
      rows: 2,
      columns: 5,
      benches: [0, 1, 2, 3, 4, 5, 6, 7].map((i) => ({ row: Math.floor(i / 4), column: i % 4 })),
      places: { burner: 6, 'fume-cupboard': 1, 'hot-water-bath': 2, sink: 3 },
    },
  },
  {
    name: 'Lab 2',
    plan: {
      rows: 3,
      columns: 6,
      benches: Array.from({ length: 12 }, (_, i) => ({ row: Math.floor(i / 5), column: i % 5 })),
      places: { burner: 10, 'fume-cupboard': 2, 'hot-water-bath': 4, sink: 4 },
    },
  },
  {
    name: 'Lab 3',
    plan: {
      rows: 4,
      columns: 5,
      benches: Array.from({ length: 16 }, (_, i) => ({ row: Math.floor(i / 4), column: i % 4 })),
      places: { burner: 16, 'fume-cupboard': 2, 'hot-water-bath': 4, sink: 6 },
    },
  },
];

/** How much the demo's store holds of some items, by name: amount, batch mark, days until it expires. */
export const demoBatches: Readonly<Record<string, readonly (readonly [number, string, number | null])[]>> = {
  'Hydrochloric acid, concentrated': [[1800, 'HC-118', 500]],
  'Nitric acid, concentrated': [[900, 'NA-71', 420]],
  'Sulfuric acid, concentrated': [[1200, 'SA-40', 600]],
  'Ammonia solution, concentrated': [[160, 'AM-9', 24]],
  'Sodium hydroxide, pellets': [
    [340, 'SH-202', 300],
    [55, 'SH-160', -12],
  ],
  'Barium chloride': [[90, 'BC-33', null]],
  'Barium nitrate': [[60, 'BN-12', null]],
  'Silver nitrate': [[7.5, 'SN-58', 700]],
  'Iron(II) sulfate': [[210, 'FS-77', 200]],
  'Iron(III) chloride': [[130, 'FC-20', null]],
  'Iron(III) nitrate': [[80, 'FN-6', null]],
  'Copper(II) sulfate': [[460, 'CS-301', null]],
  'Copper(II) chloride': [[95, 'CC-14', null]],
  'Calcium chloride': [[240, 'CA-52', null]],
  'Calcium carbonate': [[800, 'CK-8', null]],
  'Magnesium sulfate': [[300, 'MS-17', null]],
  'Aluminium sulfate': [[190, 'AS-23', null]],
  'Zinc sulfate': [[120, 'ZS-31', null]],
  'Sodium chloride': [[900, 'SC-5', null]],
  'Sodium bromide': [[70, 'SB-2', null]],
  'Sodium carbonate': [[410, 'SK-61', null]],
  'Sodium sulfate': [[150, 'SS-9', null]],
  'Potassium chloride': [[310, 'KC-19', null]],
  'Potassium iodide': [[40, 'KI-44', null]],
  'Potassium sulfate': [[85, 'KS-3', null]],
  'Lithium carbonate': [[60, 'LC-7', null]],
  'Lithium chloride': [[30, 'LX-1', null]],
  'Red litmus paper': [[180, 'RL-2', null]],
  'Wooden splints': [[700, 'WS-1', null]],
  Hexane: [[480, 'HX-12', 365]],
};
