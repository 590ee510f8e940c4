/** A button with a picture for its word; the word is said on pointing at it and to screen readers. */
import { Button, type ButtonProps } from './Button.js';
import { Tip } from './Tip.js';

export function IconButton({
  label,
  tip,
  ...rest
}: Omit<ButtonProps, 'aria-label'> & {
  /** What it does. */
  readonly label: string;
  /** Said on pointing at it where more is to be said than the label. */
  readonly tip?: string;
}) {
  return (
    <Tip says={tip ?? label}>
      <Button variant="quiet" size="icon" {...rest} aria-label={label} />
    </Tip>
  );
}
