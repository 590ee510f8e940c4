/** A fifth set: observations and tests told at length, in other Englishes and as tables; by kind (`~`). */
export const fifthHandAnswers = `
~ phone
@ core observation naoh Zn2+ SO4^2-
2 when u first put it in theres white bits, keep going and theyre gone
2 it formed a white ppt that was soluble when we used too much
1 it formed a white ppt that was not soluble when we used too much
2 solution turned cloudy white, adding the rest made it see through
1 whitish cloud in the tube
2 White precipitate. Dissolves to give a colourless solution.
2 the white stuff disappears once you go past a few ml
1 blue ppt at first and dissolves at the end
2 got a thick white ppt which then dissolved after about 2 cm3
@ core observation naoh Fe3+ Cl-
2 dark orange brown ppt that doesnt budge
2 turned into rusty sludge, no difference with excess
1 turned into rusty sludge
2 a reddish brown precipitate forms, insoluble in excess
2 lots of brown solid. still lots of brown solid in excess
1 lots of brown solid. no brown solid in excess
1 green ppt that doesnt dissolve in excess
0 the orange colour faded
@ core observation naoh Cu2+ SO4^2-
2 pale blue ppt, kept adding but it wouldnt dissolve
2 light blue jelly that is insoluble
1 pale blue ppt, kept adding and it went away
1 we made a blue precipitate
0 it went a really nice blue
2 blue ppt both before and after excess
@ core observation naoh Mg2+ SO4^2-
2 white ppt, still there at the end
1 white ppt, not there at the end
2 a white precipitate is formed. it is insoluble in excess NaOH
1 a white precipitate is formed.
2 went white and thick and stayed that way even when I tipped in the lot
@ core observation naoh Fe2+ SO4^2- 
2 green precipitate, doesn't change in excess
2 dirty green ppt, insol.
1 brown ppt, insol.
@ core observation naoh Ca2+ Cl- attribute=excess
1 the white solid does not dissolve
1 it didn't go clear
0 it went clear
0 the solid went
1 still white
@ core observation naoh Al3+ Cl- attribute=precipitate
1 white and jelly like
1 a white precipitate formed quickly
0 no reaction
0 it went blue
1 formation of a white solid
@ core observation flame Li+ Cl-
1 the flame turns crimson red
1 deep red crimson
1 a crimson colour that fades after a while
0 red-orange
0 the salt glows white
@ core observation flame K+ Cl-
1 lilac (pale)
1 it changed to lilac from blue
0 pinky white
0 yellow, though a bit of lilac might have been there
@ core observation flame Na+ Cl-
1 a persistent yellow
1 the flame changes from blue to yellow
1 yellow, very strong and lasting
0 gold and green
0 orange
@ core observation flame Cu2+ SO4^2-
1 green-blue colour seen
1 flame is blue and green
0 dark red
@ core observation flame Ca2+ Cl-
1 brick red colour
1 the flame was a mix of orange and red
0 pale yellow
@ core observation dilute-acid Na+ CO3^2- attribute=effervescence
1 there is rapid bubbling
1 vigorous fizz which slows down
1 lots of tiny bubbles rising
0 the tube got warm
0 the acid went milky
1 it bubbled over the top of the tube
@ core observation dilute-acid Na+ CO3^2-
2 fizzes and the gas turns limewater milky
2 bubbles; limewater goes from clear to cloudy
1 bubbles; limewater stays clear
1 fizzes a lot
@ core observation sulfate Na+ SO4^2-
1 immediately forms a white precipitate
1 white ppt which does not dissolve in acid
0 yellow precipitate
0 the liquid stayed clear and colourless
@ core observation sulfate K+ Cl-
1 no visible change
1 remained a clear solution
0 slight white cloudiness
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 a thick white ppt like yoghurt
1 white precipitate that darkens in the light
0 off white
0 no change
@ core observation halide-silver K+ Br- attribute=precipitate
1 a cream coloured solid appears
0 a white coloured solid appears
0 a yellow coloured solid appears
@ core observation halide-silver Na+ I- attribute=precipitate
1 a pale yellow solid appears
1 yellow ppt, didnt dissolve
0 a cream ppt, didnt dissolve
@ gases observation lit-splint H2
1 squeaky noise and a pop
1 it popped loudly
0 splint goes out
0 fizzing sound
@ gases observation glowing-splint O2
1 the glowing splint burst into flame
1 re lit
0 kept glowing brighter
0 nothing
@ gases observation limewater CO2
1 milky white
1 the limewater has gone cloudy
0 no change in the limewater
@ core observation damp-red-litmus NH3
1 litmus turned blue straight away
1 paper goes from red to blue
0 paper goes from blue to red
0 bleached
@ core observation damp-blue-litmus Cl2
1 it was red briefly then white
1 bleached white
0 turned red
0 purple
@ extended observation ammonia-solution Cu2+ SO4^2-
2 a light blue precipitate that dissolves into a royal blue solution
2 blue ppt; more NH3 gives dark blue solution
1 blue ppt; more NH3 no change
1 blue ppt
@ extended observation ammonia-solution Al3+ SO4^2-
2 white ppt, insoluble
1 white ppt, soluble
2 white ppt stays
@ senior observation nitrate-ring K+ NO3-
1 a brown ring forms at the boundary
1 brown layer between the two liquids
0 no ring
0 the solution went brown
@ senior observation hcl-rod NH3
1 white fumes
1 clouds of white smoke form
0 white ppt
@ extended observation acidified-manganate SO2
1 goes from purple to colourless
1 it decolourises
0 stays purple
0 goes pink
@ gases observation metal-acid Mg attribute=effervescence
1 bubbles very quickly
1 strong fizzing
0 no bubbles
@ gases observation metal-acid Cu attribute=effervescence
1 no reaction
1 no bubbles seen
0 a few bubbles
@ core observation naoh-warm NH4+ Cl- attribute=smell
1 sharp smell of ammonia
1 it smelt really strong and horrible
0 no smell
0 it smelt like eggs
~ table
@ core observation naoh Zn2+ SO4^2-
2 drops: white ppt | excess: dissolves
1 drops: white ppt | excess: stays
2 few drops - white precipitate formed; excess - precipitate dissolved, colourless solution
2 1. white solid 2. solid dissolves
1 1. white solid 2. no change
@ core observation naoh Cu2+ SO4^2-
2 drops: blue ppt, excess: blue ppt
2 drops: blue ppt, excess: same
2 drops: blue ppt, excess: nothing
1 drops: blue ppt, excess: clear
@ core observation naoh Fe2+ SO4^2-
2 green ppt (drops), green ppt (excess)
1 green ppt (drops), no ppt (excess)
1 excess: insoluble. drops: brown ppt
2 excess: insoluble. drops: green ppt
@ core gas-test H2
2 test: lit splint result: squeaky pop
1 test: glowing splint result: squeaky pop
1 test: lit splint result: relights
0 test: limewater result: cloudy
@ gases gas-test O2
2 test: glowing splint. result: relights
1 test: lit splint. result: relights
@ senior gas-test CO2
2 test - limewater / result - milky
1 test - limewater / result - stays clear
@ core gas-test NH3
2 test: damp red litmus. observation: turns blue
1 test: damp red litmus. observation: turns yellow
@ extended gas-test Cl2
2 test: damp blue litmus. result: turns red then white
1 test: damp blue litmus. result: stays blue
`;
