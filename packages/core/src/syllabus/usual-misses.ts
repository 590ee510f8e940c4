/**
 * What answers that miss the reason of a step speak of: how fast, how hot, how safe, how strong, who said so … An answer that
 * gives no reason Kivex knows and speaks of none of these either may have it right in words of its own. Source
 * `school-practice`.
 */
const misses = new RegExp(
  `\\b(?:${[
    // How fast, how hot, how much.
    'fast\\w*|quick\\w*|speed\\w*|slow\\w*|rate|cataly\\w*|energy|hot\\w*|heat\\w*|warm\\w*|cool\\w*|cold\\w*|temperature|boil\\w*|freez\\w*',
    'too (?:much|many|little|few)|lots|loads|less|enough|more|everything|complet\\w*|fully|as much|all',
    // What the acid, the wire or the paper is like.
    'strong\\w*|weak\\w*|concentrat\\w*|dilut\\w*|neutral\\w*|acidic|acidity|alkalin\\w*|ph|pure|acidif\\w*|solid|liquid|heavy|light\\w*|three|two',
    'melt\\w*|break\\w*|snap\\w*|bend\\w*|stick\\w*|fits?|holds?|burn\\w*|fire|explo\\w*|spark\\w*|evaporat\\w*|mould\\w*|expire\\w*|rust\\w*|dust|blow\\w*',
    // Safety, order and tidiness where they are not the reason.
    'danger\\w*|corros\\w*|safe\\w*|hurt\\w*|glove\\w*|clean\\w*|dirty|tidy|mess\\w*|fresh\\w*|germs?|steril\\w*|smell\\w*|stink\\w*|wast\\w*|expensive|cheap\\w*|easier|collect\\w*|escap\\w*|room|lost',
    // Because it is so.
    'provid\\w*|nitrates?|dioxide|dries|dry|protect\\w*|no gas|stop the ppt',
    'is an? (?:acid|alkali|metal|base|gas)|teacher|told|tells|rules?|law|method|instructions?|book|always do|works?|needed|needs|has to|supposed|helps?',
    // Solubility, reactions and colours of nothing in particular.
    'dissolv\\w*|soluble|react\\w*|mix\\w*|whiter|darker|brighter|colou?r\\w*|blue|visible|see|wet|hydrogen|sulfur|sulfite|chlorine|bariums?|iron|seen|wash\\w*|rinse\\w*',
  ].join('|')})\\b`,
);

/** Does an answer that gives no reason Kivex knows speak of what such answers usually speak of, or of hardly anything? */
export function isUsualMiss(words: string): boolean {
  return misses.test(words) || words.split(' ').filter((w) => /^[a-z0-9]+$/.test(w)).length < 3;
}
