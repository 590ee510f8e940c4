/** Names as they are kept: without signs that cannot be seen, composed, with single spaces. */
import { cleanName, cleanText } from '@kivex/core/formats/clean-text';
import { Transform } from 'class-transformer';

const texts =
  (clean: (text: string) => string) =>
  ({ value }: { value: unknown }): unknown =>
    typeof value === 'string' ? clean(value) : value;

/** A name on one line. */
export const Tidy = (): PropertyDecorator => Transform(texts(cleanName));
/** Words that may go over several lines. */
export const TidyText = (): PropertyDecorator => Transform(texts(cleanText));
