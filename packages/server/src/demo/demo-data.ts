/**
 * The demo school, all invented: a coastal school whose class tidies the store of a disused lighthouse
 * and names the jars before the museum takes them.
 */
import type { StaffRole } from '@kivex/contract';

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
