/**
 * Answers as students write them, each with the points an examiner would give, written before the marker
 * was tuned. `@` begins an item; `?` before the points says that examiners differ, so that a review is as
 * good as that mark.
 */
export const observationAnswers = `
@ core observation flame Li+ Cl-
1 crimson red
1 It turned a red colour
1 bright red flame
0 it was a sort of purple
0 white
0 no not red, more of a yellow
1 the flame went crimson straight away!!
0 red and yellow
@ core observation flame Na+ Cl-
1 an intense yellow flame
1 yellow-ish
0 red
0 orange
1 gave a yello flame
0 yellow precipitate
@ core observation flame K+ NO3-
1 lilac flame seen
0 pink
0 light blue
1 lilic
0 yellow then orange
0 purple
@ core observation flame K+ NO3- strictness=generous
1 violet
1 purple-ish
0 green
@ core observation flame Ca2+ Cl-
1 orangey-red
1 brick red
0 yellow
1 redish orange
0 crimson or green
@ core observation flame Cu2+ SO4^2- attribute=colour
1 greeny blue
1 green-blue flame
1 green
0 purple
1 the flame was blueish green
@ extended observation flame Ba2+ Cl-
1 apple green
1 pale green flame
0 blue
0 it did not go green
@ senior observation flame Sr2+ Cl-
1 scarlet
1 red
0 lilac
@ senior observation flame K+ Cl- attribute=throughBlueGlass
1 crimson
1 pinky purple
0 nothing could be seen
@ senior observation flame Na+ Cl- attribute=throughBlueGlass
1 nothing, no colour
1 the yellow could not be seen
0 yellow
@ senior observation flame Zn2+ SO4^2-
1 no colour
1 nothing happened to the flame
0 green
@ core observation naoh Al3+ SO4^2-
2 white precipitate which dissolves in excess
2 white ppt forms then it disappears when you add more sodium hydroxide
1 white ppt
2 white solid, redissolves with excess NaOH to give a colourless solution
0 no change
1 a white precipitate that is insoluble in excess
1 blue precipitate, soluble in excess
2 cloudy white at first and then it went clear again with more
0 a gas was given off
2 wite percipitate, disolves in exess
@ core observation naoh Mg2+ SO4^2-
2 white ppt, insoluble in excess
2 white precipitate, stays when more is added
1 white ppt that dissolves
1 white precipitate
2 forms a white solid which does not redissolve
2 white ppt. nothing happens in excess
2 white ppt in drops and white ppt in excess
@ core observation naoh Fe2+ SO4^2-
2 green ppt, doesn't dissolve
2 dirty green precipitate that remains in excess
1 brown ppt, insoluble
1 green precipitate
2 a green jelly like solid, no change with excess
0 blue solution
1 green precipitate and it disolved
@ core observation naoh Fe3+ Cl-
2 red-brown precipitate insoluble in excess
2 rusty brown ppt. no further change on adding more NaOH
1 orange brown ppt
0 orange solution
1 green ppt insoluble
@ core observation naoh Cu2+ SO4^2- attribute=precipitate
1 blue ppt
1 light blue precipitate
1 pale blue jelly
0 blue solution
0 blue
0 green ppt
1 a blue solid settled at the bottom
0 precipitate
0 no blue precipitate
@ core observation naoh Ca2+ Cl- attribute=precipitate
1 white ppt
1 slightly cloudy white
0 cream ppt
0 white gas
@ core observation naoh Na+ Cl- attribute=precipitate
1 no ppt
1 nothing happened
1 no reaction
1 no visible change
0 white ppt
1 there wasn't a precipitate
1 none
@ core observation naoh Al3+ Cl- attribute=excess
1 dissolves
1 the precipitate disappears
1 it redissolves
0 stays the same
1 soluble
0 insoluble
1 goes colourless
1 ppt dissolved to form a colourless solution
0 does not dissolve
0 not soluble
@ core observation naoh Mg2+ Cl- attribute=excess
1 doesnt dissolve
1 no change
1 stays white
1 still there
0 dissolves
1 insoluble
1 white ppt remained
@ senior observation naoh Mn2+ SO4^2- attribute=precipitate
1 off white ppt
1 cream precipitate
0 white ppt
1 beige ppt
@ senior observation naoh Mn2+ SO4^2- attribute=standing
1 turns brown
1 it slowly went brown in the air
0 no change
0 goes pink
@ senior observation naoh Fe2+ SO4^2- attribute=standing
1 goes brown at the top
1 turned orange brown
0 stays green
@ senior observation naoh Cr3+ SO4^2-
2 grey-green ppt soluble in excess
?2 green ppt which dissolves in excess to a green solution
1 grey green precipitate, insoluble
@ senior observation naoh Co2+ Cl-
2 blue ppt insoluble in excess
1 pink ppt that doesn't dissolve
1 blue precipitate
@ senior observation naoh Ag+ NO3-
2 brown ppt, does not dissolve in excess
1 white ppt, insoluble
@ senior observation naoh Pb2+ NO3-
2 white ppt that is soluble in excess
1 white ppt that is insoluble
@ senior observation naoh Ni2+ SO4^2- attribute=precipitate
1 green ppt
1 apple green solid
0 green solution
0 blue ppt
@ core observation naoh-warm NH4+ Cl- attribute=litmus
1 turned blue
1 damp red litmus goes blue
1 red to blue
0 stayed red
0 blue to red
0 no change
1 went from red to blue
@ core observation naoh-warm NH4+ Cl- attribute=smell
1 strong pungent smell
1 smells of ammonia
1 a sharp choking smell
0 no smell
@ core observation naoh-warm K+ Cl- attribute=litmus
1 no change
1 litmus stays red
0 goes blue
1 nothing
@ extended observation ammonia-solution Cu2+ SO4^2-
2 light blue ppt which dissolves in excess to give a deep blue solution
2 pale blue precipitate then dark blue solution with excess
1 blue precipitate
1 blue ppt, insoluble in excess
0 blue solution
2 blue ppt forms and redissolves
@ extended observation ammonia-solution Zn2+ SO4^2-
2 white ppt soluble in excess
1 white ppt insoluble in excess
2 white precipitate at first, but it dissolves when more ammonia is added
@ extended observation ammonia-solution Al3+ SO4^2-
2 white ppt which does not dissolve in excess ammonia
1 white ppt that dissolves
2 white precipitate. insoluble
@ extended observation ammonia-solution Fe3+ Cl- attribute=precipitate
1 brown ppt
1 orangey-brown precipitate
0 brown gas
0 yellow ppt
@ extended observation ammonia-solution Cu2+ SO4^2- attribute=excessColour
1 deep blue
1 dark blue solution
1 royal blue
0 colourless
0 green
@ senior observation ammonia-solution Co2+ Cl- attribute=excessColour
1 brown
1 yellowy brown solution
0 deep blue
@ senior observation ammonia-solution Ag+ NO3- attribute=excess
1 dissolves
1 it disappeared
0 remains
@ core observation dilute-acid Na+ CO3^2-
2 fizzing, limewater turns cloudy
2 effervescence and the gas turned lime water milky
1 bubbles
1 bubbles of carbon dioxide
1 limewater went cloudy
0 it dissolved
0 carbon dioxide made
0 gas given off
2 it fizzed loads and when i put the gas in limewater it went white
1 fizzes but limewater stays clear
2 bubbling vigourously, milky limewater
@ core observation dilute-acid Na+ Cl-
2 no bubbles and limewater stays clear
@ core observation dilute-acid Ca2+ CO3^2- attribute=effervescence
1 vigorous fizzing
1 bubbles seen
1 it frothed up
0 no fizzing
0 gas produced
1 effervesence
@ core observation dilute-acid Na+ SO4^2- attribute=effervescence
1 no bubbles
1 nothing happened
0 bubbles
1 no reaction
@ core observation dilute-acid Na+ HCO3- attribute=limewater
1 turned milky
1 cloudy
1 white precipitate
0 stayed colourless
0 bubbles
1 it went from clear to cloudy
@ core observation sulfate Na+ SO4^2-
1 a white precipitate formed
1 white solid
0 no precipitate
0 cloudy solution with bubbles
1 dense white ppt
0 yellow ppt
0 white solution
1 turned milky white
0 white
@ core observation sulfate Na+ Cl-
1 no ppt
1 stays colourless
1 no change seen
0 white ppt
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 white ppt
0 cream ppt
0 yellow
0 white fumes
1 it went white and cloudy
0 white or cream precipitate
1 thick white curdy precipitate
0 creamy white ppt
@ core observation halide-silver Na+ Br- attribute=precipitate
1 cream precipitate
1 creamy ppt
1 off-white ppt
0 white ppt
0 yellow ppt
0 cream solution
@ core observation halide-silver K+ I- attribute=precipitate
1 yellow ppt
1 light yellow solid
0 cream
0 orange ppt
1 yellow percipatate forms
0 not a yellow precipitate
@ core observation halide-silver K+ NO3- attribute=precipitate
1 none seen
1 nothing
0 white
1 did not form a precipitate
@ senior observation halide-silver K+ Cl- attribute=diluteAmmonia
1 dissolves
1 ppt disappears, colourless solution
0 insoluble
@ senior observation halide-silver K+ I- attribute=concAmmonia
1 no change
1 does not dissolve
0 soluble
1 stays yellow
@ senior observation halide-silver K+ Br- attribute=diluteAmmonia
1 insoluble
1 cream ppt is still there
0 dissolved
@ families observation halide-layer K+ I- attribute=upperLayer
1 purple
1 violet layer on top
1 the top layer turned purple
0 brown
0 colourless
@ families observation halide-layer K+ Br- attribute=upperLayer
1 yellow
1 orangey yellow
1 orange upper layer
0 purple
0 clear
@ families observation halide-layer K+ Cl- attribute=upperLayer
1 colourless
1 no colour
0 yellow
0 clear
1 stays colourless
@ senior observation nitrate-ring K+ NO3-
1 a brown ring formed
1 brown layer between the two liquids
0 no ring
0 brown precipitate
1 brown ring at the junction
0 white ring
@ senior observation nitrate-ring K+ SO4^2-
1 no brown ring
1 nothing
1 no ring was seen
0 brown ring
@ extended observation nitrate-reduction K+ NO3-
1 red litmus turns blue
1 goes blue
0 stays red
0 litmus turned red
@ families observation carbonate-spot Ca2+ Cl-
1 white ppt
1 cloudy white
0 no change
1 goes white and milky
@ families observation carbonate-spot Na+ Cl-
1 no precipitate
1 nothing
1 no change
0 white ppt
@ families observation sulfate-spot Ba2+ Cl-
1 thick white ppt
0 nothing
0 clear
@ families observation phosphate-spot Mg2+ Cl-
1 white precipitate
0 no ppt
`;
