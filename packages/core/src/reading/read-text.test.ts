import { describe, expect, test } from '@jest/globals';
import { ordinaryWords } from './ordinary-words.js';
import { readColours } from './read-colours.js';
import { readText } from './read-text.js';

const kinds = (text: string) =>
  readText(text).mentions.map((m) => `${m.denied ? 'not ' : ''}${m.colour ?? m.kind}`);

describe('ordinary words stay what they are', () => {
  test.each([
    'stirring and shaking it while cooling',
    'we had to follow the method and pick a good place',
    'the class must call the teacher when finished',
    'it settled after twenty minutes in the rack',
    'partly because the label was wrong',
    'washed and rinsed, then moved closer to the window',
    'a loud bang is a danger',
  ])('"%s" tells nothing of a result', (text) => expect(kinds(text)).toEqual([]));
  test('no ordinary word is read as another', () => {
    for (const word of ordinaryWords) {
      const { words } = readText(word);
      // Joining words begin a clause and are gone; British and American colour are one.
      if (words.length === 1) expect([word, words[0]]).toEqual([word, word === 'coloured' ? 'colour' : word]);
    }
  });
  test('nor as a colour of a flame', () => {
    for (const text of ['follow', 'pick', 'good', 'able', 'wooden', 'finger', 'tell'])
      expect([text, readColours(text).claims.length]).toEqual([text, 0]);
  });
});

describe('what is said is found in its place', () => {
  test.each<[string, string[]]>([
    ['white ppt', ['white', 'precipitate']],
    ['wite precipitait', ['white', 'precipitate']],
    ['no precipitate', ['not precipitate']],
    ['not a blue ppt but a green one', ['not blue', 'not precipitate', 'green']],
    ['lime water went milky', ['limewater', 'milky']],
    ['no bubbles', ['not fizz']],
  ])('%s', (text, wanted) => expect(kinds(text)).toEqual(wanted));
  test('clauses know how they join', () => {
    const joins = readText('white ppt, then clear but still cloudy').clauses.map((c) => c.joined);
    expect(joins).toEqual(['start', 'then', 'but']);
  });
  test('an empty answer and one of signs alone are blank', () => {
    for (const text of ['', '   ', '???', '…']) expect(readText(text).mentions).toEqual([]);
  });
});
