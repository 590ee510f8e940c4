/** The school's practicals and syllabuses as the pages hold them. */
import type { PracticalHead, SyllabusHead, WholePractical, WholeSyllabus } from '@kivex/contract';
import { allSyllabuses, type Practical, type Syllabus } from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { request } from '../kit/request/request.js';

export const usePracticals = () =>
  useQuery({ queryKey: ['practicals'], queryFn: () => request<PracticalHead[]>('GET', '/api/practicals') });
export const usePractical = (id: string) =>
  useQuery({
    queryKey: ['practical', id],
    queryFn: () => request<WholePractical>('GET', `/api/practicals/${id}`),
    refetchOnWindowFocus: false,
  });
export const useSyllabuses = () =>
  useQuery({ queryKey: ['syllabuses'], queryFn: () => request<SyllabusHead[]>('GET', '/api/syllabuses') });
export const useSyllabus = (id: string, enabled = true) =>
  useQuery({
    queryKey: ['syllabus', id],
    queryFn: () => request<WholeSyllabus>('GET', `/api/syllabuses/${id}`),
    enabled,
    refetchOnWindowFocus: false,
  });

/** Adds a practical; resolves with its id. */
export const addPractical = async (document: Practical | object, shared = false): Promise<string> =>
  (await request<{ id: string }>('POST', '/api/practicals', { document, shared })).id;

/** Does a syllabus id belong to one that ships? */
export const ships = (id: string): boolean => allSyllabuses.some((s) => s.id === id);

/** The variant a syllabus prefers for a test. */
export function preferredVariant(syllabus: Syllabus, test: string, variants: readonly string[]): string {
  const { flameMethod, carbonateAcid, ringOrder } = syllabus.settings;
  const wanted: Readonly<Record<string, string>> = {
    flame: flameMethod,
    'dilute-acid': carbonateAcid === 'any-dilute' ? 'any-acid' : 'hydrochloric',
    'nitrate-ring': ringOrder,
  };
  const own = wanted[test] ?? syllabus.tests.find((t) => t.test === test)?.variant;
  return own !== undefined && variants.includes(own) ? own : variants[0]!;
}
