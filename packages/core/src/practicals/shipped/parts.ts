/** Short ways to write down the samples and tests of the practicals that ship. */
import type { TestId, VariantId } from '../../identification-tests/test-definition.js';
import type { SampleForm } from '../../species/sample-form.js';
import type { PlannedTest, Practical, PracticalSample } from '../practical.js';

interface More {
  readonly form?: SampleForm;
  readonly molarity?: number;
  readonly alias?: string;
  readonly set?: string;
}
const made = (
  key: string,
  role: PracticalSample['role'],
  ions: readonly string[],
  difficulty: number,
  { form = 'solution', ...more }: More,
): PracticalSample => ({ key, role, ions, form, difficulty, ...more });

export const known = (key: string, ions: readonly string[], more: More = {}): PracticalSample =>
  made(`known-${key}`, 'known', ions, 1, more);
export const unknown = (
  key: string,
  ions: readonly string[],
  difficulty: number,
  more: More = {},
): PracticalSample => made(`jar-${key}`, 'unknown', ions, difficulty, more);
export const blank: PracticalSample = known('blank', []);

export const planned = (
  test: TestId,
  variant: VariantId,
  attributes: readonly string[],
  more: Partial<PlannedTest> = {},
): PlannedTest => ({ test, variant, attributes, ...more });

export const practical = (
  given: Pick<Practical, 'title' | 'summary' | 'syllabus' | 'asks' | 'samples' | 'tests'> &
    Partial<Practical>,
): Practical => ({
  format: 'kivex-practical',
  formatVersion: 6,
  minutes: 60,
  setUp: 5,
  clearUp: 10,
  before: [],
  unknownsPerGroup: 2,
  ...given,
});
