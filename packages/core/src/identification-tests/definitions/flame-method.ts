/** The flame test as it is done: three variants with their steps, cautions and preparation. */
import type { Caution, Step, Variant } from '../test-definition.js';
import { piece } from '../test-parts.js';

const burner: Caution = {
  text: 'Tie back long hair, tuck in ties and scarves, goggles on. Set the flame to yellow whenever you leave it.',
  level: 'danger',
  source: 'school-safety',
};
const hotWire: Caution = {
  text: 'The wire stays hot after it stops glowing. Hold it by the handle only.',
  level: 'care',
  source: 'school-safety',
};
const spitting: Caution = {
  text: 'Crystals may spit in the flame. Keep your face back and goggles on.',
  level: 'care',
  source: 'school-safety',
};

const openFlame: Step = {
  text: 'Look the tubing over: whole, and firm at both ends. Air hole shut, light the burner, then open the air hole until the flame roars and is blue with an inner cone.',
  why: 'With the air hole closed the flame is yellow by itself and hides the colour you want to see.',
  cautions: [burner],
};
const look = (what: string): Step => ({
  text: `Hold ${what} at the side of the flame, at the top of the inner blue cone, and read the first two seconds by eye.`,
  why: 'Some colours are brief: look at once, or you read the orange that comes after.',
  cautions: [spitting],
});
const glass: Step = {
  text: 'Repeat with fresh sample and look through the blue cobalt glass.',
  why: 'Blue glass takes out the yellow of sodium, which is on fingers and in dust and hides weaker colours.',
  when: 'throughBlueGlass',
};
const record: Step = {
  text: 'Log what you saw before you start the next one. Did salt fall into the burner? Say so, and have it cleaned.',
};

const bench = [
  piece('burner, mat and lighter'),
  piece('spotting tile'),
  piece('blue cobalt glass', 'group', 1, 'throughBlueGlass'),
];

export const flameVariants: readonly Variant[] = [
  {
    id: 'wire',
    name: 'Wire loop',
    chosenBy: { setting: 'flameMethod', is: 'wire' },
    attendedMinutes: 4,
    unattendedMinutes: 0,
    stations: ['burner'],
    apparatus: [...bench, piece('nichrome wire loop in its handle'), piece('watch glass')],
    steps: [
      openFlame,
      {
        text: 'Your teacher puts a little fresh acid in your watch glass; the loop never goes into a stock bottle. Dip the loop and hold it in the flame; repeat until it gives no colour, or only the faint yellow your school allows.',
        why: 'Whatever is left on the wire colours the flame too, sodium most of all. A glass rod would not do: glass gives sodium.',
        uses: [{ reagent: 'HCl', molarity: 12, drops: 2 }],
        cautions: [hotWire],
        teacherFirst: true,
      },
      {
        text: 'Dip the clean loop in fresh acid, then take up a few crystals from the tile, or a drop of the solution. Never dip it in the jar, never sprinkle salt into the flame.',
        why: 'A wire in the jar spoils the jar for every group after you; salt in the burner colours every flame after it.',
      },
      look('the loop, tilted so that the drop stays at its tip,'),
      glass,
      record,
      { text: 'Burn the wire off and clean it again before the next sample.' },
    ],
    preparations: [
      { task: 'Set out nichrome or platinum wire loops, one a bench, and watch glasses', hoursBefore: 24 },
      {
        task: 'Concentrated hydrochloric acid, one staff bottle in the fume cupboard: the teacher puts a few drops in each watch glass',
        hoursBefore: 0,
      },
    ],
    waste:
      'Acid from the watch glass: into plenty of cold water in the sink, as your local rules allow. Tile: wipe into the solid waste.',
  },
  {
    id: 'splint',
    name: 'Soaked splint',
    forms: ['solution'],
    refuses: [
      {
        statements: ['H272'],
        why: 'a splint soaked in a nitrate dries to something that burns fiercely. Soak it in the chloride.',
      },
    ],
    chosenBy: { setting: 'flameMethod', is: 'splint' },
    attendedMinutes: 3,
    unattendedMinutes: 0,
    stations: ['burner'],
    apparatus: [...bench, piece('soaked splints', 'sample', 2), piece('beaker of water for spent splints')],
    steps: [
      openFlame,
      {
        text: 'Take one splint from the soaking tube that bears your jar number. Let the drips fall back into the tube.',
        why: 'A wet splint gives the colour of the salt before the wood can catch.',
      },
      look('the wet end'),
      {
        text: 'Take the splint out before it chars, and quench it in the water beaker.',
        why: 'Burning wood is orange-yellow and hides the colour.',
        cautions: [
          {
            text: 'A charred splint can glow on. Under water with it, never in the bin.',
            level: 'care',
            source: 'school-safety',
          },
        ],
      },
      glass,
      record,
    ],
    preparations: [
      {
        task: 'Soaking tubes: each salt solution in a labelled tube, made the day before; wooden splints in it overnight, at least five a jar and group',
        hoursBefore: 18,
      },
      { task: 'A beaker of water on each bench for spent splints', hoursBefore: 0 },
    ],
    waste: 'Quenched splints: solid waste, once cold and wet.',
  },
  {
    id: 'swab',
    name: 'Wet cotton swab',
    chosenBy: { setting: 'flameMethod', is: 'swab' },
    attendedMinutes: 3,
    unattendedMinutes: 0,
    stations: ['burner'],
    apparatus: [
      ...bench,
      piece('cotton swabs with wooden sticks', 'sample', 2),
      piece('beaker of water for spent swabs'),
    ],
    steps: [
      openFlame,
      {
        text: 'With tongs, wet a cotton swab with deionised water, then roll it in the sample in its numbered well.',
        why: 'Tap water holds sodium; dry cotton burns orange.',
      },
      look('the swab'),
      {
        text: 'Take it out before the cotton burns, and quench it in the water beaker.',
        cautions: [
          {
            text: 'A swab can keep burning. Under water with it, never in the bin.',
            level: 'care',
            source: 'school-safety',
          },
        ],
      },
      glass,
      record,
    ],
    preparations: [
      {
        task: 'Cotton swabs with wooden sticks, deionised water, a quenching beaker for each bench',
        hoursBefore: 0,
      },
    ],
    waste: 'Quenched swabs: solid waste, once cold and wet.',
  },
];
