/**
 * The shipped wording for everything but flames: for each kind of attribute, the terms that earn for a
 * value. A value without an entry is earned by itself. Source `school-practice`; syllabuses may change it.
 */
import type { ValueWording, ValueWordings } from './syllabus-definition.js';

const precipitates: Readonly<Record<string, ValueWording>> = {
  white: { strict: ['white'], standard: [], generous: ['off-white'] },
  cream: {
    strict: ['cream'],
    standard: ['off-white', 'beige', 'creamy-white'],
    generous: ['creamy-yellow'],
    borderline: ['creamy-yellow'],
  },
  yellow: {
    strict: ['yellow', 'pale-yellow'],
    standard: ['bright-yellow', 'golden-yellow'],
    generous: ['creamy-yellow'],
    borderline: ['orange-yellow'],
  },
  'pale-yellow': {
    strict: ['pale-yellow', 'creamy-yellow', 'yellow'],
    standard: ['cream', 'creamy-white', 'off-white', 'bright-yellow'],
    generous: ['white'],
    borderline: ['white'],
  },
  green: {
    strict: ['green', 'pale-green'],
    standard: ['bright-green', 'apple-green', 'emerald'],
    generous: ['grey-green', 'blue-green', 'yellow-green'],
    borderline: ['grey-green', 'yellow-green'],
  },
  'grey-green': {
    strict: ['grey-green'],
    standard: [],
    generous: ['green', 'pale-green'],
    borderline: ['green', 'pale-green'],
  },
  blue: {
    strict: ['blue', 'pale-blue'],
    standard: ['deep-blue'],
    generous: ['turquoise', 'blue-green'],
    borderline: ['turquoise', 'blue-green'],
  },
  brown: {
    strict: ['brown', 'orange-brown', 'brown-red', 'rust'],
    standard: ['pale-brown', 'yellow-brown'],
    generous: ['brick-red', 'orange', 'orange-red'],
    borderline: ['brick-red'],
  },
};
const anyColour = [
  'green',
  'pale-green',
  'bright-green',
  'grey-green',
  'apple-green',
  'blue',
  'pale-blue',
  'deep-blue',
  'blue-green',
  'turquoise',
  'brown',
  'pale-brown',
  'orange-brown',
  'brown-red',
  'rust',
  'yellow',
  'pale-yellow',
  'pink',
  'purple',
  'violet',
  'lilac',
  'orange',
  'beige',
  'cream',
  'yellow-brown',
  'grey',
  'red',
] as const;

export const valueWording: ValueWordings = {
  precipitate: precipitates,
  spot: { white: precipitates['white']!, coloured: { strict: anyColour } },
  'excess-colour': {
    colourless: { strict: ['colourless'] },
    'deep-blue': { strict: ['deep-blue'], standard: [], generous: ['blue'], borderline: ['blue'] },
    blue: { strict: ['blue'], standard: ['pale-blue', 'deep-blue', 'violet'] },
    brown: {
      strict: ['brown', 'yellow-brown', 'orange-brown'],
      standard: ['pale-brown', 'brown-red'],
      generous: ['yellow'],
      borderline: ['yellow'],
    },
  },
  layer: {
    colourless: { strict: ['colourless'] },
    'yellow-orange': {
      strict: ['yellow', 'orange', 'orange-yellow'],
      standard: [
        'golden-yellow',
        'pale-yellow',
        'bright-yellow',
        'orange-red',
        'orange-brown',
        'yellow-brown',
      ],
      generous: ['brown', 'brown-red'],
      borderline: ['brown', 'brown-red'],
    },
    purple: {
      strict: ['purple', 'violet'],
      standard: ['pink-purple', 'lilac', 'pale-purple', 'pale-lilac'],
      generous: ['pink', 'magenta'],
      borderline: ['pink', 'magenta'],
    },
  },
  ring: {
    brown: {
      strict: ['brown'],
      standard: ['pale-brown', 'orange-brown', 'brown-red', 'yellow-brown', 'rust'],
      borderline: ['black'],
    },
  },
  fumes: { white: { strict: ['white'], generous: ['off-white'] } },
  'sample-colour': {
    colourless: { strict: ['colourless'] },
    white: { strict: ['white'] },
    blue: { strict: ['blue'], standard: ['pale-blue', 'deep-blue'], borderline: ['turquoise', 'blue-green'] },
    'pale-green': {
      strict: ['pale-green'],
      standard: ['green', 'apple-green', 'bright-green'],
      borderline: ['yellow-green', 'blue-green'],
    },
    green: {
      strict: ['green'],
      standard: ['pale-green', 'apple-green', 'bright-green', 'emerald'],
      borderline: ['blue-green'],
    },
    yellow: {
      strict: ['yellow'],
      standard: ['pale-yellow', 'golden-yellow', 'bright-yellow', 'orange-yellow'],
    },
    'orange-brown': {
      strict: ['orange-brown'],
      standard: ['yellow-brown', 'brown', 'orange', 'rust', 'brown-red'],
    },
    brown: { strict: ['brown'], standard: ['pale-brown', 'brown-red', 'orange-brown'] },
    pink: { strict: ['pink'], standard: ['pink-red', 'magenta', 'pink-purple'] },
    purple: { strict: ['purple'], standard: ['violet', 'pink-purple'] },
    'shiny-metal': { strict: ['silver'], standard: ['grey'] },
    grey: { strict: ['grey'], standard: ['silver'] },
    black: { strict: ['black'] },
  },
  'indicator-colour': {
    'blue-black': {
      strict: ['blue-black'],
      standard: ['black', 'deep-blue'],
      generous: ['blue', 'purple'],
      borderline: ['blue', 'purple'],
    },
    blue: { strict: ['blue'], standard: ['pale-blue', 'deep-blue'] },
    pink: {
      strict: ['pink'],
      standard: ['pink-red', 'magenta', 'pale-lilac'],
      generous: ['red', 'lilac'],
      borderline: ['red'],
    },
    white: { strict: ['white'] },
    // Of a solution with thiocyanate.
    red: { strict: ['red', 'deep-red'], standard: ['brown-red', 'crimson', 'scarlet', 'bright-red'] },
    black: { strict: ['black'], standard: ['brown'], generous: ['green'] },
  },
};
