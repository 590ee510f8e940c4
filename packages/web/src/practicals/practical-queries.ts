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

/** Adds a syllabus of the school's own; resolves with its id. */
export const addSyllabus = async (document: Syllabus): Promise<string> =>
  (
    await request<{ id: string }>('POST', '/api/syllabuses', {
      document: { ...document, id: 'own' },
      shared: true,
    })
  ).id;

/** Does a syllabus id belong to one that ships? */
export const ships = (id: string): boolean => allSyllabuses.some((s) => s.id === id);
