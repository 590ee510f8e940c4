/** Lists of other forms of words: a line for what is meant, its forms after `<`, and after `|` the company they need. */
import type { WordClass } from './word-classes.js';

export interface OtherForm {
  readonly form: string;
  readonly meant: string;
  /** Only beside a word of one of these classes. */
  readonly beside?: readonly WordClass[];
}

/** @param text a line each: `meant < form, form | class class`. */
export const otherForms = (text: string): readonly OtherForm[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .flatMap((line) => {
      const [meant = '', rest = ''] = line.split(' < ');
      const [all = '', beside] = rest.split(' | ');
      return all.split(',').map((form) => ({
        form: form.trim(),
        meant,
        ...(beside ? { beside: beside.split(' ') as WordClass[] } : {}),
      }));
    });
