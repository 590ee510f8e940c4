/** The verb `prepare`: masses, dilutions, totals. */
import { benchTotals, dilution, weighing, type Stock } from '../preparing/recipes.js';
import { LineError, listAt, numberAt, objectAt, textAt, type Json, type JsonObject } from './line-shape.js';

const mostUses = 400;

function stockAt(value: Json | undefined): Stock {
  const from = objectAt(value, 'dilute.from', ['solute', 'percent', 'density', 'molarity']);
  if (from['molarity'] !== undefined) {
    objectAt(value, 'dilute.from', ['molarity', 'solute']);
    return { molarity: numberAt(from['molarity'], 'dilute.from.molarity') };
  }
  return {
    solute: textAt(from['solute'], 'dilute.from.solute'),
    percent: numberAt(from['percent'], 'dilute.from.percent'),
    density: numberAt(from['density'], 'dilute.from.density'),
  };
}

/** Runs `prepare` on one line. @throws LineError | RangeError with what is wrong. */
export function prepareVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'make', 'dilute', 'bench']);
  const asked = (['make', 'dilute', 'bench'] as const).filter((key) => line[key] !== undefined);
  if (asked.length !== 1) throw new LineError('the line must have exactly one of make, dilute and bench');
  switch (asked[0]) {
    case 'make': {
      const make = objectAt(line['make'], 'make', ['solute', 'molarity', 'volume_mL']);
      return weighing({
        solute: textAt(make['solute'], 'make.solute'),
        molarity: numberAt(make['molarity'], 'make.molarity'),
        volume_mL: numberAt(make['volume_mL'], 'make.volume_mL'),
      });
    }
    case 'dilute': {
      const dilute = objectAt(line['dilute'], 'dilute', ['from', 'to']);
      const to = objectAt(dilute['to'], 'dilute.to', ['molarity', 'volume_mL']);
      return dilution(stockAt(dilute['from']), {
        molarity: numberAt(to['molarity'], 'dilute.to.molarity'),
        volume_mL: numberAt(to['volume_mL'], 'dilute.to.volume_mL'),
      });
    }
    default: {
      const bench = objectAt(line['bench'], 'bench', ['groups', 'surplus', 'dropVolume_mL', 'uses']);
      return {
        totals: benchTotals({
          groups: numberAt(bench['groups'], 'bench.groups'),
          surplus: bench['surplus'] === undefined ? 0 : numberAt(bench['surplus'], 'bench.surplus'),
          ...(bench['dropVolume_mL'] === undefined
            ? {}
            : { dropVolume_mL: numberAt(bench['dropVolume_mL'], 'bench.dropVolume_mL') }),
          uses: listAt(bench['uses'], 'bench.uses', mostUses, (value, where) => {
            const use = objectAt(value, where, ['reagent', 'drops', 'times']);
            return {
              reagent: textAt(use['reagent'], `${where}.reagent`),
              drops: numberAt(use['drops'], `${where}.drops`),
              times: numberAt(use['times'], `${where}.times`),
            };
          }),
        }),
      };
    }
  }
}
