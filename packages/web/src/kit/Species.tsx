/** A substance by its name and its formula, as a line of a list. */
import { saltFormula, speciesName, isIonId } from '@kivex/core';
import { Formula } from './Formula.js';

/** `copper(II) Cu²⁺` */
export function SpeciesLine({ id }: { readonly id: string }) {
  return (
    <>
      {speciesName(id)} {isIonId(id) && <Formula ion={id} />}
    </>
  );
}

/** An uncharged formula with its indices set: CuSO₄. */
export function FormulaText({ formula }: { readonly formula: string }) {
  return (
    <span style={{ whiteSpace: 'nowrap', fontFamily: 'var(--chakra-fonts-mono)' }}>
      {formula.split(/(\d+)/).map((part, i) => (/^\d/.test(part) ? <sub key={i}>{part}</sub> : part))}
    </span>
  );
}

/** A species as a choice: found by name and by formula. */
export const speciesChoice = (id: string) => ({
  id,
  name: speciesName(id),
  also: id,
  show: <SpeciesLine id={id} />,
});

/** A salt as a choice of its ions. */
export function saltChoice(name: string, ions: readonly string[]) {
  const formula = saltFormula(ions);
  return {
    id: ions.join(' '),
    name,
    also: formula,
    show: (
      <>
        {name} <FormulaText formula={formula} />
      </>
    ),
  };
}
