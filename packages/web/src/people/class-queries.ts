/** The school's classes as the pages hold them. */
import type { ClassHead } from '@kivex/contract';
import { useQuery } from '@tanstack/react-query';
import { request } from '../kit/request/request.js';

export const useClasses = (enabled = true) =>
  useQuery({ queryKey: ['classes'], queryFn: () => request<ClassHead[]>('GET', '/api/classes'), enabled });
