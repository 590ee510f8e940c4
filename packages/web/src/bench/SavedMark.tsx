/** One line at the head of the bench: whether everything is safe, and where it is. It never promises more than is so. */
import { CircleCheck, CloudOff, CloudUpload, TriangleAlert } from 'lucide-react';
import type { SavedMarkOf } from './saved.js';

const icons = { saved: CircleCheck, going: CloudUpload, away: CloudOff, careful: TriangleAlert } as const;

export function SavedMark({ sign, text }: SavedMarkOf) {
  const Icon = icons[sign];
  return (
    <>
      <Icon size={16} aria-hidden /> {text}
    </>
  );
}
