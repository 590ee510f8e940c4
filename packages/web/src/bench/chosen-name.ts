/** Which of the names to choose from an answer says. */
import { speciesName } from '@kivex/core';

/**
 * The id of a list that an answer names as it is written by tapping. What is typed otherwise is read when it
 * is marked: the reader is too large for every device to carry.
 */
export function chosenIn(answer: string, ids: readonly string[]): string | undefined {
  const words = ` ${answer.trim()} `;
  return ids.find((id) => words.includes(` ${speciesName(id)} `) || words.includes(` ${id} `));
}
