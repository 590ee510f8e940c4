/** The school's practicals and syllabuses as the pages hold them. */
import { allSyllabuses, type Practical, type Syllabus } from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { call } from '../kit/request/call.js';

export const usePracticals = () =>
  useQuery({ queryKey: ['practicals'], queryFn: () => call('GET /api/practicals') });
export const usePractical = (id: string) =>
  useQuery({
    queryKey: ['practical', id],
    queryFn: () => call('GET /api/practicals/:practical', { practical: id }),
    refetchOnWindowFocus: false,
  });
export const useSyllabuses = () =>
  useQuery({ queryKey: ['syllabuses'], queryFn: () => call('GET /api/syllabuses') });
export const useSyllabus = (id: string, enabled = true) =>
  useQuery({
    queryKey: ['syllabus', id],
    queryFn: () => call('GET /api/syllabuses/:syllabus', { syllabus: id }),
    enabled,
    refetchOnWindowFocus: false,
  });

/** Adds a practical; resolves with its id. */
export const addPractical = async (document: Practical | object, shared = false): Promise<string> =>
  (await call('POST /api/practicals', { body: { document, shared } })).id;

/** Adds a syllabus of the school's own; resolves with its id. */
export const addSyllabus = async (document: Syllabus): Promise<string> =>
  (
    await call('POST /api/syllabuses', {
      body: {
        document: { ...document, id: 'own' },
        shared: true,
      },
    })
  ).id;

/** Does a syllabus id belong to one that ships? */
export const ships = (id: string): boolean => allSyllabuses.some((s) => s.id === id);
