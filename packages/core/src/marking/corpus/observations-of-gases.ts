/** Answers about gases, metals and the look of samples; see `observations.ts` for the notation. */
export const gasObservationAnswers = `
@ gases observation metal-acid Mg attribute=effervescence
1 lots of bubbles very quickly
1 rapid fizzing
1 vigorous bubbling
0 nothing
0 no bubbles
@ gases observation metal-acid Cu attribute=effervescence
1 no reaction
1 no bubbles seen
0 slow bubbles
0 fizzed
@ gases observation metal-acid Zn attribute=effervescence
1 steady stream of bubbles
1 it fizzes
0 no fizz
@ gases observation metal-acid Mg attribute=warms
1 it got warm
1 yes
1 temperature went up
0 no change in temperature
0 got cold
@ gases observation metal-acid Cu attribute=warms
1 no
1 stayed cold
0 hot
@ gases observation metal-acid Cu attribute=residue
1 copper left at the bottom
1 metal still there
0 nothing left
@ gases observation lit-splint H2
1 squeaky pop
1 it popped
1 a pop sound was heard
0 went out
0 relit
1 burns with a squeeky pop
0 no pop
@ gases observation lit-splint CO2
1 the splint went out
1 it was put out
0 pop
0 relights
@ gases observation glowing-splint O2
1 relights
1 it re-lit
1 bursts into flame
1 the splint caught fire again
0 goes out
0 squeaky pop
0 stays glowing
1 rekindled
0 it did not relight
@ gases observation limewater CO2
1 goes cloudy
1 turned milky
1 it went a milky white colour
0 stayed clear
0 fizzed
1 cloudy white precipitate
0 turns blue
@ core observation damp-red-litmus NH3
1 goes blue
1 red to blue
1 turned from red to blue
0 bleached
0 no change
0 stays red
0 pink
@ core observation damp-blue-litmus Cl2
1 bleached
1 turns red then white
1 goes white
?0 turns red
0 stays blue
1 loses its colour
0 goes green
@ senior observation hcl-rod NH3
1 white smoke
1 white fumes
1 dense white clouds
0 white precipitate
0 no change
0 fumes
@ extended observation acidified-manganate SO2
1 purple to colourless
1 decolourised
1 turns from purple to colourless
0 goes clear
0 stays purple
1 loses its purple colour
0 turns green
1 went colorless
@ extended observation acidified-manganate CO2
1 stays purple
1 no change
0 goes colourless
@ gases observation anhydrous-copper-sulfate H2O
1 white to blue
1 turns blue
0 blue to white
0 turns pink
0 no change
@ core observation cobalt-chloride-paper H2O
1 blue to pink
1 goes pink
0 pink to blue
0 turns blue
@ senior observation appearance Cu2+ SO4^2- attribute=colour
1 blue
1 a blue solution
0 green
0 colourless
@ senior observation appearance Fe2+ SO4^2- attribute=colour
1 pale green
1 light green solution
0 blue
@ senior observation appearance Fe3+ Cl- attribute=colour
1 yellow
1 orange-brown
1 brown
0 green
@ senior observation appearance Na+ Cl- attribute=colour
1 colourless
0 clear
0 white
1 no colour
@ senior observation appearance Na+ Cl- attribute=colour form=solid
1 white
1 white crystals
0 colourless
@ senior observation appearance Co2+ Cl- attribute=colour
1 pink
1 pinkish red
0 blue
@ gases observation boiling-point H2O attribute=celsius
1 100
1 it boils at 100 degrees
1 99.5 C
0 78
0 212
0 water boils when it is hot
`;
