/** An ion set with real indices and charge: Ca²⁺, SO₄²⁻. */
import { formulaParts, ionOf, isIonId } from '@kivex/core';

export function Formula({ ion }: { readonly ion: string }) {
  if (!isIonId(ion)) return <>{ion}</>;
  const { formula, charge } = formulaParts(ion);
  return (
    <span
      style={{ whiteSpace: 'nowrap', fontFamily: 'var(--chakra-fonts-mono)' }}
      aria-label={`${ionOf(ion).name} ion`}
      role="img"
    >
      {formula.split(/(\d+)/).map((part, i) => (/\d/.test(part) ? <sub key={i}>{part}</sub> : part))}
      <sup>{charge}</sup>
    </span>
  );
}
