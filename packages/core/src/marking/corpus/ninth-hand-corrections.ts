/** The second part: corrections, denials and plain answers; written before the reader was changed for the first. In the notation of the other corpora. */
export const corrections = `
~ phone
@ core observation flame Ca2+ Cl-
1 yeah it went brick red for like two seconds
1 so when we first put it in it was orangey but then proper brick red
0 it went a really nice pink
1 brick-red
1 orange red i think, like rust
0 it was just yellow the whole time
1 reddish
@ families observation flame Sr2+ Cl-
1 red, proper red like a stop light
1 scarlet / crimson
0 purple
1 deep red with a bit of orange at the tips
@ core observation flame Na+ Cl-
1 mega bright yellow, hurt my eyes
1 yellowy orange
0 orangey red
1 it was yellow, not orange
0 not yellow
@ extended observation flame Ba2+ Cl-
1 apple green
1 pale green
1 green like an apple
1 yellowish green
0 blue green
0 bright blue
@ core observation naoh Mg2+ Cl-
2 white solid appeared and it never went away
2 went white and lumpy, adding more did nothing
2 got a white ppt, tried excess and the ppt was still there
1 got a white ppt, tried excess and it went see through
1 clear then white
2 cloudy white, no change in xs
0 no change
2 white precipitate. nope doesnt dissolve
2 thin white ppt which didn't re-dissolve
1 a white ppt which did re-dissolve
@ core observation naoh Fe3+ Cl-
2 orange-brown ppt, insoluble
2 reddy brown solid, same with excess
2 rusty ppt that wont go away
1 dark green ppt, insoluble
0 orange solution
2 brown sludge, excess nothing
1 brown ppt
1 brown ppt soluble in excess
@ extended observation naoh Cr3+ Cl-
2 grey green ppt → green solution
2 green ppt at first, dissolves when you add more
1 green ppt, no change on adding more
1 blue ppt dissolves in excess
@ extended observation ammonia-solution Fe2+ SO4^2-
2 green ppt, stays
2 dirty green ppt insol in xs NH3
1 brown ppt, stays
@ extended observation ammonia-solution Ca2+ Cl-
2 no ppt
2 no precipitate in either
2 nothing happens at all, with excess too
1 white ppt then no change
~ corrections
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 cream... no hang on its white ppt
0 white ppt... no actually its cream
1 yellow ppt wait no that was the other tube. white ppt
1 i thought it was cream but next to the cream one it was clearly a white ppt
1 *white ppt (i wrote cream before)
0 white or cream ppt
0 white ppt, sorry, i meant yellow ppt
@ core observation naoh Cu2+ SO4^2-
2 green - scratch that - blue ppt, doesnt dissolve
2 blue ppt, dissolves in excess. edit: it doesnt dissolve
1 blue ppt, doesnt dissolve. edit: it does
2 blue ppt (i first put blue solution but there were bits), insoluble
@ core observation dilute-acid Na+ CO3^2-
2 i didnt think it fizzed but it did, and the limewater went milky
1 fizzed. limewater cloudy - no wait that was still clear
2 no bubbles at first then loads of bubbles and limewater went cloudy
@ core observation sulfate K+ SO4^2-
1 nothing... oh wait a white ppt has come down
0 white ppt.. oh no thats the other tube, nothing here
1 at first i thought nothing happened but its gone thick white ppt
~ negation
@ core observation sulfate K+ Cl-
1 it did not go cloudy
1 there wasn't any precipitate
1 no white solid was seen
0 it did go cloudy white
1 stays see through
1 neither cloudy nor any ppt
0 not nothing, a white ppt formed
@ core observation halide-silver Na+ NO3-
1 doesnt form a ppt
1 clear, no ppt
@ gases observation lit-splint H2
1 squeaky pop
0 didnt pop
0 no squeaky pop, just went out
1 a loud pop
1 it popped quietly
@ gases observation glowing-splint O2
0 it failed to relight
1 it did relight
1 burst into flame
0 splint stayed glowing
1 flared up again
@ gases observation limewater CO2
1 became milky
0 stayed clear
1 cloudy white ppt
0 did not turn milky
1 turned chalky white
~ voice
@ core gas-test CO2
2 lime water turns milky when you pass the gas threw
2 bubbled into line water and it goes cloudy
1 limewater stays clear
2 pass it through limewater it turns a milky white colour
@ core gas-test H2
2 a lit split gives a squeaky pop
2 lighted splint. pop sound
1 glowing splint squeaky pop
1 lit splint goes out
2 put a flame near it and it goes pop
@ core gas-test O2
2 glowing splint relights
1 lit splint relights
2 it relights a glowing split
2 put in a splint thats glowing and it starts burning again
@ core gas-test Cl2
2 bleaches damp litmus paper
2 damp blue litmus turns red then white
1 bleaches litmus
2 wet litmus paper turns white
1 turns damp red litmus blue
@ core gas-test NH3
2 turns moist red litmus paper blue
1 turns litmus blue
2 damp red litmus goes blue and pungent smell
~ reasons
@ core purpose acid-before-silver-nitrate
1 the acid gets rid of carbonate ions that would react with the silver
1 removes carbonate impurities
0 removes the halide impurities
1 to stop carbonates precipitating
0 to stop chlorides precipitating
1 carbonate would also precipitate with Ag+
0 to react with the silver nitrate
1 to make sure the ppt is only silver halide
0 helps the ppt form
@ core purpose acid-before-barium-chloride
1 removes any carbonate
1 carbonates give a white ppt as well so would be confused for sulfate
0 to make carbonates ppt
1 to prevent a false positive from carbonate ions
0 to make sure the barium is pure
@ core purpose not-sulfuric-acid
1 cos its got sulfate in it so you'd get a ppt anyway
1 the sulfate from the acid would form barium sulfate
0 because it would remove the sulfate
0 too dangerous
@ core purpose not-hydrochloric-acid
1 there would be chloride ions from the acid
1 cl- in the acid would ppt with ag+
0 it would get rid of the chloride
@ core purpose damp-litmus
1 ammonia dissolves in the water and makes it alkaline
1 so that the gas can dissolve
0 so that the litmus can dissolve
1 because dry gas wont change dry paper
0 to protect it
@ core purpose clean-wire
1 to remove anything left over from the last test
1 so you dont get sodium contaminating it
0 so that the flame is yellow
0 to make it conduct
1 so the previous sample doesnt affect the colour
@ senior purpose fresh-iron-sulfate
1 because it turns into iron(III) in air
1 iron 2 gets oxidised
0 iron 3 gets oxidised
0 because it dries out
1 otherwise there would be iron(III) ions instead of iron(II)
@ core purpose blue-glass
1 to filter out yellow from sodium
0 to filter out the lilac
1 so you can see the lilac of potassium without sodium getting in the way
0 makes the flame look blue
@ core purpose excess-hydroxide
1 because zinc and aluminium hydroxides redissolve
1 to check if the precipitate dissolves
0 to be sure theres enough to react
1 so you can tell magnesium from aluminium
@ core purpose fume-cupboard
1 the fumes are toxic
1 because chlorine is harmful if inhaled
0 so it doesn't catch fire
1 to stop you breathing in the gas
~ names
@ core identify cation Ca2+ Cl-
1 calcium ions
1 Ca2+
1 ca 2+
?1 CaCl2
1 calsium
@ core identify anion Na+ Br-
1 bromide
0 bromine
1 Br-
1 bromide ion (Br-)
0 chloride or bromide
@ core identify gas NH3
1 ammonia
1 NH3
0 ammonium
0 NH4+
1 amonia gas
@ core identify salt K+ I-
1 potassium iodide
1 KI
0 potassium iodine
0 potassium
1 pottasium iodide
@ core identify cation Fe2+ SO4^2- seen=naoh:precipitate=brown,excess=insoluble
1 iron(III)
1 iron(II)
0 iron
0 copper
`;
