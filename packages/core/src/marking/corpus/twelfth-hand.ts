/** The twelfth set: gas tests, phones and voices, and names; its reasons stand beside. In the notation of the other corpora. */
import { twelfthHandAsInPapers } from './twelfth-hand-as-in-papers.js';
import { twelfthHandReasons } from './twelfth-hand-reasons.js';

const gasTestsAndVoices = `
~ gas tests
@ gases gas-test H2
2 put a burning splint in and it goes pop
2 lit splint -> squeaky pop
2 light a splint, hold at mouth of tube, hear a pop
1 squeaky pop
1 use a lit splint
0 glowing splint relights
1 glowing splint, pops
1 lit splint goes out with a pop? no it just goes out
1 burning splint, burns brighter
@ gases gas-test O2
2 the glowing splint bursts back into flame
2 blow out a splint so its still glowing, put it in, it lights again
1 it relights
1 a glowing splint goes out
1 lit splint relights
0 lit splint, pop
0 a lit splint burns brighter
2 relights a splint that is glowing
@ gases gas-test CO2
2 bubble it through lime water and it goes cloudy
2 limewater turns milky white
1 bubble through limewater
1 goes cloudy
0 it puts out a splint
1 limewater stays clear
2 lw goes chalky
0 bromine water decolourises
@ gases gas-test Cl2
2 damp blue litmus goes red then white
2 bleaches damp litmus
2 moist litmus paper loses its colour
1 damp blue litmus goes red
1 litmus bleached
0 lilac
1 dry litmus bleached
2 put damp litmus paper in and it's bleached
@ gases gas-test NH3
2 damp red litmus goes blue
2 hold moist red litmus paper at the mouth, turns blue
1 red litmus turns blue
0 blue litmus turns red
1 damp litmus paper stays red
0 pungent smell
~ voice and phone
@ core observation naoh Fe3+ Cl-
2 rusty brown solid appeared and more sodium hydroxide didn't do anything to it
2 orange brown p p t insoluble
1 brown ppt that dissolved
1 browny orange precipitate
0 green ppt turning brown at the surface
0 brown solution
2 it was like rust coloured gunk and stayed when we added more
0 nothing but when we shook it was a bit cloudy
@ core observation naoh Mg2+ Cl-
2 white ppt doesn't dissolve in excess naoh
2 white solid, still there after loads more
1 white ppt then clear
1 white precipitate
0 no ppt
2 whyte precipitate, in soluble in xs
1 white ppt soluble in excess
2 cloudy white gel which didnt go away
@ core observation naoh-warm NH4+ SO4^2-
1 red litmus paper went blue when held over the tube
1 turned red litmus to blue
0 nothing happened to the litmus paper
0 blue litmus went red
0 pungent gas
1 litmus went from red 2 blue
0 the litmus touched the side and went blue so not counting it
@ core observation sulfate K+ SO4^2-
1 a thick white precipitate
1 went white and cloudy with bits settling
0 no precipitate formed
0 white fizzing
0 the solution turned white? no it stayed clear
1 wh ppt straight away
0 cream
1 chalky white solid
@ core observation halide-silver Na+ Br-
1 creamy coloured precipitate
1 cream ppt
0 white ppt
0 yellow
1 off white/cream
0 cream first then we saw it was really white
1 first thought white but its definitely cream
1 kind of vanilla coloured solid
@ core observation dilute-acid K+ CO3^2-
2 lots of bubbles and the lime water turned cloudy
2 fizzed a lot, limewater cloudy
1 effervescence
1 the limewater went milky
1 bubbled, didn't do limewater
0 dissolved
0 no fizzing at all, limewater clear
2 it fizzed straight away & gas turned LW white
@ core observation flame K+ Cl-
1 lilac flame, only lasted a second
1 light purple ish lilac
0 red
1 lilac through the blue glass
0 yellow then pink
1 pale lilac colour but hard to see because of yellow
0 was meant to be lilac but ours was just yellow
0 the splint went black
@ core observation flame Ca2+ Cl-
1 orangey red
1 brick red colour
0 bright yellow
0 crimson
1 brick-red flame, faded quickly
0 not brick red more like green
@ senior observation thiocyanate Fe3+ Cl-
1 blood red solution
1 it went really dark red
0 red precipitate
0 orange brown precipitate
0 no change
1 deep red
@ senior observation nitrate-ring Na+ NO3-
1 brown ring at the junction
1 brown ring where the acid and solution meet
0 no ring
0 a white ring
1 thin brown layer in the middle between the two liquids
0 went brown all over when he shook it
@ senior observation ammonia-solution Cu2+ SO4^2-
2 light blue ppt then deep blue solution in excess
2 blue ppt dissolves to dark blue
1 blue ppt, insoluble
1 pale blue ppt
2 blue solid which disappeared into a royal blue solution
0 nothing
@ senior observation acidified-manganate Na+ SO3^2-
1 purple colour disappears
1 decolourised
1 went from purple to colourless
0 stayed purple
0 went from colourless to purple
0 purple precipitate
@ senior observation hcl-rod NH3
1 white smoke
1 dense white fumes
0 white ppt
0 no fumes
1 thick white cloud formed around the rod
@ senior observation starch-iodide-paper Cl2
1 turned blue black
1 went dark blue
0 bleached
0 stayed white
1 paper goes black
@ senior observation cobalt-chloride-paper H2O
1 blue to pink
1 turns pink
0 pink to blue
0 stays blue
1 went pinky
~ names
@ core identify cation Ca2+ Cl-
1 calcium
1 calcium ions, Ca2+
0 Ca+
1 calsium
0 calcium or lithium, dont know
1 calcium I'd say
0 not calcium
0 chalk
0 carbon
@ core identify anion Na+ CO3^2-
1 carbonate
1 CO3 2-
0 carbon dioxide
1 its a carbonate
0 carbon
1 carbonate because it fizzed
0 hydrogencarbonate
0 no carbonate
@ core identify anion K+ I-
1 iodide
1 I-
0 iodine
1 iodide ion
0 bromide
1 pretty sure its iodide
@ core identify cation NH4+ Cl-
1 ammonium
0 ammonia
1 NH4+
0 NH3
1 amonium
0 nh4-
@ core identify salt Fe2+ SO4^2-
1 iron(II) sulfate
1 iron 2 sulphate
0 iron sulfate
1 FeSO4
0 iron(III) sulfate
0 sulfate
1 ferrous sulfate
1 iron II and sulfate
`;

export const twelfthHandAnswers = `${gasTestsAndVoices}${twelfthHandAsInPapers}${twelfthHandReasons}`;
