import { keptLabel, knownLabel, unknownsOf, type Practical, type PracticalSample } from '@kivex/core';

/** What a sample of a practical is called before its jars have codes. */
export function labelIn(practical: Practical, sample: PracticalSample): string {
  switch (sample.role) {
    case 'known':
      return knownLabel(sample);
    case 'unknown':
      return `Unknown ${unknownsOf(practical).indexOf(sample) + 1}`;
    case 'kept':
      return keptLabel(
        labelIn(
          practical,
          practical.samples.find((s) => s.key === sample.from!.sample)!,
        ),
      );
  }
}
