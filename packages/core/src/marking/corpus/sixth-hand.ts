/** A sixth set, of every kind, written last: the honest figure of how the reader does on answers it has not seen. */
export const sixthHandAnswers = `
~ phone
@ core observation naoh Al3+ SO4^2-
2 it clouded over white but when we carried on it cleared
1 white floaty bits that hang around however much you add
2 a white solid came out of solution and later went back in
0 see through the whole time
@ core observation naoh Cu2+ SO4^2-
2 a bright blue gel that stayed no matter what
1 blue gel
2 you get blue lumps and they are still there with loads of naoh
1 you get blue lumps then they dissolve with loads of naoh
@ core observation naoh Fe2+ SO4^2-
2 green slime, the excess did nothing
1 green slime that cleared in excess
0 the liquid was greenish
@ core observation naoh Ca2+ Cl-
2 faint white ppt, insoluble in excess
2 white cloudiness that didnt clear with more
1 white cloudiness that cleared with more
@ extended observation ammonia-solution Cu2+ SO4^2-
2 blue ppt, then a deep blue liquid once excess is in
1 blue ppt and nothing else with excess
@ core observation flame K+ NO3-
1 lilac for like half a second
1 a kind of lilac
0 more pink than anything
0 the flame stayed blue
@ core observation flame Na+ Cl-
1 yellow yellow yellow
1 massively yellow
0 it was red
@ core observation flame Cu2+ Cl-
1 a mixture of green and blue
1 greenish blue
0 only green smoke came
@ core observation flame Ca2+ Cl-
1 orange with red in it
0 pure yellow
@ core observation dilute-acid Na+ CO3^2- attribute=effervescence
1 it hissed and bubbled
1 instant fizzing
0 it just dissolved
0 not a single bubble
@ core observation sulfate Na+ SO4^2-
1 instantly goes white and you cant see through it
1 white solid settles out
0 no change, still clear
@ core observation halide-silver K+ Br- attribute=precipitate
1 ppt was cream
0 ppt was pale yellow
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 ppt was white
0 ppt was creamy
@ gases observation limewater CO2
1 it goes from see through to cloudy
0 it goes from cloudy to see through
@ gases observation lit-splint H2
1 made a squeak when lit
0 flame just went out quietly
@ gases observation glowing-splint O2
1 splint catches alight again
0 splint stops glowing
@ core observation damp-blue-litmus Cl2
1 paper loses all colour
0 paper turns a darker blue
@ core gas-test H2
2 put a lit splint to it and you get a squeak
2 test with flame - squeaky pop
1 lit splint extinguishes
0 turns limewater milky
@ gases gas-test O2
2 if you put a glowing splint in it will set alight again
1 if you put a glowing splint in it goes out
0 it makes a squeaky pop
@ senior gas-test CO2
2 run it through limewater and look for it going cloudy
1 run it through limewater
0 lit splint goes out
@ core gas-test NH3
2 use damp red litmus paper and see if it goes blue
1 use damp red litmus paper and see if it goes green
@ extended gas-test Cl2
2 wet litmus paper gets bleached white
1 wet litmus paper stays the same
@ core purpose acid-before-silver-nitrate
1 otherwise you might think a carbonate was a chloride
1 carbonate would react with the silver ions too so get rid of it
0 it makes the chloride ions more visible
0 so the silver nitrate gets rid of the acid
@ extended purpose acid-before-barium-chloride
1 to make sure it isnt carbonate causing the white ppt
0 to make sure carbonate causes the white ppt
@ core purpose not-hydrochloric-acid
1 the cl- in it would form agcl
0 it would dissolve the agcl
@ core purpose damp-litmus
1 the gas needs water to dissolve into for the indicator to work
0 so the gas doesnt dissolve
@ core purpose clean-wire
1 bits of old salt might change the colour you see
0 so old salt can change the colour
@ senior purpose blue-glass
1 it stops yellow light getting through
0 it lets yellow light through
@ core purpose excess-hydroxide
1 because aluminium hydroxide redissolves and calcium hydroxide doesnt
0 because calcium hydroxide redissolves and aluminium hydroxide doesnt
@ core purpose fume-cupboard
1 chlorine hurts your lungs
0 so the chlorine stays in your lungs
@ senior purpose fresh-iron-sulfate
1 over time fe2+ turns into fe3+
0 over time fe3+ turns into fe2+
~ voice
@ core observation naoh Mg2+ SO4^2-
2 a wight precipitate that does not dissolve in access
1 a white precipitate that does dissolve in access
@ core observation flame Li+ Cl-
1 crimson full stop
0 lilac full stop
@ core gas-test O2
2 the glowing splint relights comma so its oxygen
@ core identify cation K+ Cl-
1 potassium because of the lie lack flame
0 sodium because of the yellow flame
@ core identify anion Na+ CO3^2-
1 carbonate because it fizzed and the gas turned lime water cloudy
~ misspelt
@ core observation naoh Zn2+ SO4^2-
2 whit percipitat, desolves wen moor is aded
1 whit percipitat, dosnt desolve wen moor is aded
@ core observation flame Ca2+ Cl-
1 oringe-red
0 yelo
@ core observation sulfate K+ SO4^2-
1 wite solled
@ core gas-test NH3
2 damp red litmuss turnd bloo
@ core identify cation Ca2+ Cl-
1 calcum
1 kalcium
0 cadmium
~ corrected
@ core observation naoh Fe3+ Cl-
2 green i mean brown ppt, insoluble
1 brown i mean green ppt, insoluble
@ core observation flame K+ Cl-
1 at first i wrote yellow but looking through it again lilac
0 at first i wrote lilac but looking through it again yellow
@ core gas-test H2
2 glowing splint, sorry, burning splint. squeaky pop
~ negated
@ core observation naoh Zn2+ SO4^2-
1 white ppt but excess doesnt make it dissolve
2 white ppt and excess doesnt leave any solid
@ core observation sulfate Na+ NO3-
1 couldnt see anything happen
0 couldnt see through it, all white
@ core observation dilute-acid Na+ CO3^2- attribute=effervescence
0 fizzing wasnt observed
1 it never stopped fizzing
@ core identify anion Na+ SO4^2-
0 its definitely not sulfate
1 not carbonate so sulfate
`;
