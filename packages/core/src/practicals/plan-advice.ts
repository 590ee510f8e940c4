/** One piece of advice beside a plan, whoever gives it. */
import { holdsOf, type PracticalSample } from './practical.js';

export interface PlanAdvice {
  readonly key: string;
  readonly tone: 'tell' | 'look' | 'stop' | 'go';
  readonly text: string;
  /** What would mend it, for a button. */
  readonly mend?:
    | { readonly kind: 'add-test'; readonly test: string }
    | { readonly kind: 'add-blank' }
    | { readonly kind: 'variant'; readonly test: string; readonly variant: string };
}

/** "Jar a" in plans, where no codes are given yet: what it holds. */
export const named = (sample: PracticalSample): string => holdsOf(sample);
