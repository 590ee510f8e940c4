/**
 * The well: the one small drawing of a result, the same in every face of Kivex. It is decoration for
 * the eye; the word beside it carries the meaning, so it is hidden from screen readers unless named.
 */
import { wellPicture, type WellDrawing } from './well-drawing.js';

export interface WellProps extends WellDrawing {
  /** Pixels across. */
  readonly size?: number;
  /** A name for screen readers, where no word stands beside it. */
  readonly name?: string;
}

/** Draws one result. */
export function Well({ size = 48, name, ...drawing }: WellProps) {
  return (
    <span
      style={{
        flex: 'none',
        display: 'block',
        width: size,
        height: size,
        backgroundImage: wellPicture(drawing, size),
        backgroundSize: 'contain',
        backgroundRepeat: 'no-repeat',
        // What is seen is the result itself: it is printed too.
        printColorAdjust: 'exact',
      }}
      {...(name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true })}
    />
  );
}
