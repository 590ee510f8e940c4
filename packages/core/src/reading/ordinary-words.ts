/**
 * Ordinary words of lessons and methods, spelt right: never mended into a term that happens to be a letter
 * or two away ("follow" is not "yellow", "stirring" not "stinging"). Those that are terms are read as such.
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
  `reagent reagents able absent across act added adding addition additional afterwards against almost along alongside
  already always amount amounts anything anyway apart appear appears approximately area around aside away
  back bad bang barely basically beaker because become beforehand behind believe bench best better between
  bleachy blotchy board boiled boiling book bottle bottles bottom bottoms box break bring brought bubble
  bubbled bubbling bunsen burner busy call called careful carefully carry case cause caused centre chalky
  chance check checked chemical chemicals choking choose chunky class close closed closer cloud clouds
  clumpy coat coated coating collect collected collecting coloured colouring come comes compared comparing
  completely concentrated concentration conclusion confirm confirmed confirms confused contact contain
  contained container contains cooled cooling correct couple cover covered creamy crystal crystals
  cupboard cut damp danger darken darkened darkening darkens day daylight deep degree delivery dense
  depends deposit deposited describe detect detected diagram difference different dilute diluted dilution
  dim direct direction disappear dish dissolved dissolving distilled distinct drop dropper dropping drops
  dropwise dry due dull early easily easy effect effervescence eggs else emitted empty end ended enough
  entirely equal especially essential evaporate eventually every everything evidence evolved evolves exact
  exactly example except excess expect expected experiment explain exposed exposure extinguish
  extinguished extra eye eyes fact faded fades fading fall falling falls fast faster feel feels felt fill
  filled filter filtered final finally find finger finish finished five flakes flaky flask floated
  floating flow fluffy foam follow following food forgot form formation formed forming forms free freshly
  front fully fume funnel further gas gases gelatinous general gently given glassy glove gloves glow
  glowed glowing glows goggles good gradually grainy grams group guess half hand hands hang happen
  happened happening happens hard hardly heard heat heated heating heavy height held help high higher hint
  hold holding hole hours however hue idea identified identify identity ignite ignited immediately
  important include indicate indicated indicates initially insoluble instantly instead intense intensely
  itself jelly join keep kept kind knew know known label labelled lack last layer layers leak leave leaves
  leaving left leftover length lesson lift lighted lighten lighter lights line lines liquid liquids listen
  loud lower lumpy mainly making many mark match matches material maximum melted melts mess metallic
  method middle million mind minute minutes mirror mistake misty mixed mixing mixture moist moment move
  moved moving must naked name named nearly need needed needs never noise noted nothing notice noticeable
  noticed number observe obvious occurred occurs odd odour old only opened opening order originally
  otherwise outside overnight own oxidation oxidised oxidises oxidizes paint paper papers part partially
  particles partly partner pass passed passing patch patches patience perfect person pick picked piece
  pieces pipette pipetted place placed plastic plate plenty point pool popped popping positive possible
  pour poured pouring powder powdery practical presence present produce produced produces product prove
  proved proves pull pungent pure push quarter quiet quit rack raise raised ran rapid rapidly rate reach
  reached react reacted reaction reactive reacts read reading reason record recorded refer reignite
  reignited released releases relight relit remain remained remaining remains remember remove removed
  repeat repeated residue rest rinse rinsed rose rotten rough round rub run said same sank says scarcely
  school second section sense separate separated set settled settles settling several shade shades shaken
  shaking shape share sharp sheet shine shines shiny shook show sight sign signs similar simple since
  single sinking sit size skip slightly slimy small smelly smoke smoky smoothly soak soaked soap soft
  soluble solution solutions sometimes soot sound space spark sparkle sparkled sparks split spot spots
  spread squeak squeaky stain stained stand standing state states stays steam step sticks sticky stir
  stirred stirring stop stopped stopper stoppered straightaway streak streaks strip strongly stuck student
  stuff substance substances such sudden suddenly suggest suggests suitable sunlight surely surface
  surprise swimming swirl swirled table take taken takes taking tap taste teacher tell tells temperature
  ten term thermometer thick thin thing third thought through tight time tinge tinted tiny tip tips told
  took top totally touch toward towards trace traces transparent true truly try tubes turning twenty twice
  type types unknown upper use used useful using usual usually vanish vanished vapour various view
  vigorous vigorously vinegar visible vivid warm warming wash washed washing waste watch watched water
  watery wave weakly wet whole why window wire within without wonder wood wooden word work worked works
  worth wrong year yes`.split(/\s+/),
);
