/** Every key that does something, by where it does: one list, from which the sheet is made and the tests press. */

export interface ShortcutGroup {
  readonly title: string;
  /** Paths on which they work. */
  readonly at: RegExp;
  readonly keys: readonly (readonly [keys: string, what: string])[];
}

export const shortcuts: readonly ShortcutGroup[] = [
  {
    title: 'Marks',
    at: /^\/lessons\/[^/]+\/mark/,
    keys: [
      ['← → ↑ ↓', 'From mark to mark'],
      ['n', 'Next mark to look at'],
      ['f', 'Flag a mark, or take the flag off'],
      ['Shift+F', 'Next flagged mark'],
      ['u', 'Take the last decision back'],
      ['PgUp PgDn', 'From one whole report to another'],
      ['0 … 9', 'So many points, then say why'],
      ['Enter', 'Save the mark, from the box that says why'],
    ],
  },
  {
    title: 'Like answers of all lessons',
    at: /^\/marking/,
    keys: [
      ['n ↓ ↑', 'From one to the next, and back'],
      ['u', 'Take the last decision back'],
    ],
  },
  {
    title: 'Board',
    at: /^\/lessons\/[^/]+\/run/,
    keys: [['t', 'Show or hide what the jars hold']],
  },
  {
    title: 'Practical and syllabus',
    at: /^\/(practicals|syllabuses)\/./,
    keys: [
      ['Ctrl+S', 'Save'],
      ['Ctrl+Z', 'Take the last change back'],
      ['Ctrl+Y', 'Do it again'],
    ],
  },
  {
    title: 'Lesson',
    at: /^\/lessons\/(?!new)./,
    keys: [['g then 1 … 5', 'Plan, Prepare, Run, Mark, Review']],
  },
  {
    title: 'Everywhere',
    at: /^/,
    keys: [
      ['Ctrl+K', 'Go to a lesson, a practical, a class or a page'],
      ['Ctrl+Enter', 'Send the form one is in'],
      ['?', 'This sheet'],
      ['Esc', 'Close what lies above the page'],
    ],
  },
];

/** Those that work on a page, its own first. */
export const shortcutsAt = (path: string): readonly ShortcutGroup[] =>
  shortcuts.filter(({ at }) => at.test(path));
