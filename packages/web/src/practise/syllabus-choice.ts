/** The syllabus one practises by: kept on the device. */
import { allSyllabuses, type Syllabus } from '@kivex/core';
import { useState } from 'react';

const key = 'kivex-practise-syllabus';

/** Keeps a small choice on the device; where that keeps nothing, for this page alone. */
export function remember(of: string, value: string): void {
  try {
    localStorage.setItem(of, value);
  } catch {
    // A device that keeps nothing practises all the same.
  }
}
export function remembered(of: string): string | null {
  try {
    return localStorage.getItem(of);
  } catch {
    return null;
  }
}

/** @param asked by the address, before what the device keeps. */
export function useSyllabusChoice(asked?: string | null): readonly [Syllabus, (id: string) => void] {
  const [id, setId] = useState(() => asked ?? remembered(key) ?? 'core');
  const choose = (next: string) => {
    setId(next);
    remember(key, next);
  };
  return [allSyllabuses.find((s) => s.id === id) ?? allSyllabuses[1]!, choose];
}
