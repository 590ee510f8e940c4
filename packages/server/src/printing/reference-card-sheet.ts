/** The card that stands beside a flame when it is photographed: printed four to a page, with what it is for. */
import { cardColumns, cardFrame, cardPatches, cardRows, cardSize } from '@kivex/core/flame/reference-card';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { a4Sheet } from './pdf.js';

/** Points across a patch: the card is 9 cm wide. */
const unit = (90 * 72) / 25.4 / cardSize[0];

const hex = (rgb: readonly number[]): string =>
  `#${rgb.map((v) => Math.round(v).toString(16).padStart(2, '0')).join('')}`;

function card(): Content {
  const rect = (x: number, y: number, w: number, h: number, color: string) => ({
    type: 'rect' as const,
    x: x * unit,
    y: y * unit,
    w: w * unit,
    h: h * unit,
    color,
  });
  const patches = Array.from({ length: cardColumns * cardRows }, (_, i) =>
    rect(
      cardFrame + (i % cardColumns) * (1 + cardFrame),
      cardFrame + Math.floor(i / cardColumns) * (1 + cardFrame),
      1,
      1,
      hex(cardPatches[i]!),
    ),
  );
  return {
    canvas: [rect(0, 0, cardSize[0], cardSize[1], '#0c0c0c'), ...patches],
    margin: [0, 10, 0, 14],
  };
}

/** @param cards how many on the page. */
export const referenceCardSheet = (cards: number): TDocumentDefinitions =>
  a4Sheet(
    {
      title: 'Reference cards for pictures of flames',
      under:
        'Cut out; print in colour on plain white paper, without “fit to page”. Hold one flat beside the burner, lit by the room, not by the flame.',
      foot: 'Kivex reads the tint of the light off these patches. It suggests a colour and never logs one.',
    },
    Array.from({ length: cards }, card),
  );
