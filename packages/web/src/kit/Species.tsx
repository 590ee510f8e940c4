/** A substance by its name and its formula, as a line of a list. */
import { saltFormula, speciesName, isIonId } from '@kivex/core';
import { Formula } from './Formula.js';
import { formulaPieces } from './formula-pieces.js';

/** `copper(II) Cu²⁺` */
export function SpeciesLine({ id }: { readonly id: string }) {
  return (
    <>
      {speciesName(id)} {isIonId(id) && <Formula ion={id} />}
    </>
  );
}

/** A formula as typed, with its indices set and the dot of a hydrate raised: Al₂(SO₄)₃·16H₂O. */
export function FormulaText({ formula }: { readonly formula: string }) {
  return (
    <span style={{ fontFamily: 'var(--chakra-fonts-mono)' }}>
      {formulaPieces(formula).map(({ text, index }, i) => (index ? <sub key={i}>{text}</sub> : text))}
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
