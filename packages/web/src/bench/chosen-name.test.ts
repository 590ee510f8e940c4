import { describe, expect, test } from '@jest/globals';
import { chosenIn } from './chosen-name.js';

describe('the name that is chosen', () => {
  const cations = ['Fe2+', 'Fe3+', 'Cu2+', 'NH4+'];
  const anions = ['SO4^2-', 'SO3^2-', 'Cl-'];
  test.each([
    ['copper(II) sulfate', 'Cu2+', 'SO4^2-'],
    ['iron(III) chloride', 'Fe3+', 'Cl-'],
    ['iron(II)', 'Fe2+', undefined],
    ['sulfite', undefined, 'SO3^2-'],
    ['NH4+', 'NH4+', undefined],
    ['', undefined, undefined],
  ])('in “%s”', (answer, cation, anion) => {
    expect(chosenIn(answer, cations)).toBe(cation);
    expect(chosenIn(answer, anions)).toBe(anion);
  });
});
