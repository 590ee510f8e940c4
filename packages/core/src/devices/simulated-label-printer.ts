/**
 * A stand-in for a label printer: a roll of labels of one width, counted down; what it would print is given
 * back as lines that fit, so that it can be shown instead.
 */
import type { Label } from '../preparing/labels.js';

export interface PrintedLabel {
  readonly title: string;
  readonly lines: readonly string[];
  readonly pictograms: Label['pictograms'];
  readonly path: string;
}
/** Letters that fit across in small print. */
const across = 40;
const mostLines = 5;

/** Breaks text at words so that no line is longer than fits. */
export function wrapped(text: string, width = across): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word;
    if (longer.length <= width) line = longer;
    else {
      if (line) lines.push(line);
      line = word.slice(0, width);
    }
  }
  return line ? [...lines, line] : lines;
}

export class SimulatedLabelPrinter {
  constructor(private left = 120) {}

  get labelsLeft(): number {
    return this.left;
  }
  loadRoll(): void {
    this.left = 120;
  }
  /** Prints as many copies as it has. @throws RangeError when the roll is too short. */
  print(label: Label): PrintedLabel[] {
    if (this.left < label.copies)
      throw new RangeError(
        `The roll has ${this.left} labels left and ${label.copies} are wanted. Put in a new roll.`,
      );
    this.left -= label.copies;
    const codes = label.statements.map((s) => s.split(' ')[0]).join(' ');
    const dates = label.secret ? '' : `made ${label.made}${label.expires ? `, use by ${label.expires}` : ''}`;
    const lines = [
      label.line,
      label.mind ?? '',
      [label.signal, codes].filter(Boolean).join(' '),
      dates,
      label.batch,
    ]
      .filter(Boolean)
      .flatMap((text) => wrapped(text))
      .slice(0, mostLines);
    return Array.from({ length: label.copies }, () => ({
      title: label.title,
      lines,
      pictograms: label.pictograms,
      path: label.path,
    }));
  }
}
