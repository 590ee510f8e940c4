/** A third set, written to judge the reader by and not to tune it on; by kind (`~`). */
export const thirdHandAnswers = `
~ phone
@ core observation flame Na+ Cl-
1 soo yellow you couldnt see the wire anymore
1 its yellow
1 i saw a strong yellow flame which lasted ages
1 the colour of the flame became yellow when the salt was put in it
0 greeny yellow
0 it crackled and spat
0 the same blue as the burner, no different
1 yellow!! like a streetlamp
@ core observation flame K+ Cl-
1 lilac but u had to look quick
1 lilac, only just
0 a violety colour
0 orange then it went away
1 it burned with a lilac flame
0 whitish
@ core observation flame Li+ Cl-
1 a lovely crimson flame
0 orange
0 yellowish
1 crimson all the way round the wire
@ core observation flame Cu2+ SO4^2-
1 blue green flame, looked like a peacock
1 green with some blue
1 bluish green it was
0 red
0 blue from the burner only
@ core observation flame Ca2+ Cl-
1 more orange than red but it was orange red
1 orange-red, flickering
0 yellow
0 green
@ families observation flame Sr2+ Cl- attribute=colour
1 a red flame, it lasted a few secs
0 a pinkish purple
@ extended observation flame Ba2+ Cl- attribute=colour
1 light green, like an apple
0 emerald
1 apple green but it took a while
@ core observation naoh Fe3+ Cl-
2 goes a rusty brown and lumpy and adding loads more doesnt do anything
1 orangey brown solid that vanished when we put more in
2 brown sludge that wont dissolve
1 brown ppt
0 nothing to see, it just stayed yellow
2 it turned into a brown jelly. put more in and it was still there
@ core observation naoh Cu2+ SO4^2-
2 blue jelly forms and its still there when you put lots in
2 we got a blue solid and it stayed put in excess
1 a blue ppt that went into solution in excess
0 went a darker blue colour but stayed see through
1 blue solid
2 blue precipitate, no change with more naoh
@ core observation naoh Mg2+ SO4^2-
2 white bits appear & they dont go away
2 a white solid was made which didnt dissolve when more alkali was added
1 white cloudy stuff, clears when u add more
1 it turned cloudy white
0 no ppt
@ core observation naoh Zn2+ SO4^2-
2 white solid that goes again when you add a lot more
2 first you get white, then when you keep adding it goes clear
1 white solid, nothing else happens when you add more
1 a white ppt. dont know about excess
2 a white precipitate appears and then redissolves
@ core observation naoh Fe2+ SO4^2-
2 mucky green solid, excess no difference
2 dark green ppt, didnt dissolve in xs
1 green ppt that dissolved
0 red brown ppt that dissolves
1 dirty green
@ core observation naoh Al3+ Cl- attribute=excess
1 it went back to a clear colourless liquid
1 you could see through it again
0 it was still cloudy
0 loads more white stuff came
1 ppt vanishes
@ extended observation ammonia-solution Cu2+ SO4^2-
2 pale blue ppt then it goes a really deep blue and theres no solid left
2 light blue solid, then in excess deep blue solution
1 blue solid that doesnt go
@ extended observation ammonia-solution Zn2+ SO4^2-
2 white solid, disappears if you go on adding
1 white solid, stays
@ core observation dilute-acid Na+ CO3^2-
1 fizzed like mad
1 it frothed up the tube
?1 loads of gas came off
1 started bubbling right away then calmed down
0 it got a bit warm
1 went cloudy
0 the solid just dissolved, nothing else
@ core observation dilute-acid K+ Cl- attribute=effervescence
1 no fizz
1 just sat there
0 slight fizzing
1 nothing, it didnt do anything at all
@ core observation sulfate K+ SO4^2-
1 white ppt straight away
1 it went like milk
0 cloudy yellow
0 colourless
1 thick white solid at the bottom
@ core observation sulfate Na+ NO3-
1 no ppt formed
1 stays clear
0 turned white
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 white solid, like curdled milk
0 cream solid
1 it went white and lumpy
0 pale yellow
@ core observation halide-silver K+ Br- attribute=precipitate
1 creamy coloured ppt
1 cream, sort of off white
0 white
0 yellowy
@ core observation halide-silver Na+ I- attribute=precipitate
1 yellow solid, pale
1 a pale yellow precipitate was seen
0 cream
0 bright orange
@ families observation halide-layer Na+ Br- attribute=upperLayer
1 orange layer on top
0 purple at the top
@ senior observation nitrate-ring Na+ NO3-
1 brown ring where the liquids meet
1 a brown ring at the junction of the two layers
0 the whole lot went green
@ gases observation limewater CO2
1 it turned cloudy
1 went all milky
0 stayed clear
0 bubbles went through it
1 limewater turns white and cloudy
@ gases observation lit-splint H2
1 there was a squeaky pop
1 popped with a squeak
0 it went out
0 it burned brighter
@ gases observation glowing-splint O2
1 it burst back into flame
1 caught fire again
0 stayed glowing
0 it popped
@ core observation damp-red-litmus NH3
1 the red paper turned blue
1 went blue
0 went white
0 didnt change
@ core observation damp-blue-litmus Cl2
1 went red and then lost its colour
1 it was bleached
0 stayed blue
@ senior observation hcl-rod NH3
1 white smoke
1 thick white fumes made
0 nothing happened
@ extended observation acidified-manganate SO2
1 purple goes to colourless
1 lost its purple colour
0 it went a darker purple
@ gases observation metal-acid Mg attribute=effervescence
1 really fast fizzing
1 vigorous bubbles
0 slow bubbles
@ core observation naoh-warm NH4+ Cl- attribute=litmus
1 red to blue
0 blue to red
~ notes
@ core observation naoh Al3+ Cl-
2 wh ppt; xs: sol
2 white ppt -> dissolves XS
1 white ppt -> insol XS
2 few drops: white solid. excess: dissolves
@ core observation naoh Cu2+ SO4^2-
2 blue ppt / no change xs
2 1) blue ppt 2) same
1 lt blue ppt, sol in xs
@ core observation naoh Fe3+ Cl-
2 - brown ppt\\n- insoluble
2 br ppt, xs no diff
0 green ppt, sol
@ core observation naoh Ca2+ Cl-
2 white ppt (insol)
1 white ppt (soluble)
@ core observation flame Li+ Cl-
1 flame: crimson
0 flame = lilac
@ core observation dilute-acid Na+ CO3^2-
1 eff.
1 bubbles +++
0 no rxn
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 AgNO3: white ppt
0 AgNO3: yel ppt
@ core gas-test H2
2 lit splint - pop
2 burning splint -> squeaky pop
1 glowing splint -> pop
1 lit splint -> goes out
@ gases gas-test O2
2 glowing splint relights
2 glowing splint: reignites
1 glowing splint: pops
@ senior gas-test CO2
2 limewater -> milky
2 bubble thru limewater, goes cloudy
1 limewater, goes black
@ core gas-test NH3
2 damp red litmus -> blue
1 damp red litmus -> white
~ voice
@ core observation naoh Zn2+ SO4^2-
2 a white precipitate that dissolves in excess full stop
2 white preset petit forms then dissolves in excess
1 white precipitate which does not dissolve in access
@ core observation naoh Cu2+ SO4^2-
2 blew precipitate not soluble in excess
1 blue precipitate comma dissolves in excess
@ core observation dilute-acid Na+ CO3^2-
1 effervescence full stop
1 after vescence
1 it fizzes comma gas given off
0 no effervescence
@ core observation flame K+ Cl-
1 lie lack flame
0 violet flame
@ core observation flame Na+ Cl-
1 yell oh flame
0 read flame
@ core observation sulfate Na+ SO4^2-
1 wight precipitate
0 no precipitate
@ core gas-test H2
2 a lit splint makes a squeaky pop full stop
2 put in a lit splint and listen for a squeaky pop
@ gases gas-test O2
2 a glowing splint real lights
2 the glowing splint re lights
@ senior gas-test CO2
2 lime water turns cloudy
2 bubble it through lime water and it goes milky
@ core gas-test NH3
2 damp red litmus turns blew
1 damp read litmus goes white
@ core identify cation Na+ Cl-
1 sew dium
0 potassium
@ core identify anion Na+ SO4^2-
1 sull fate
0 sulphide
~ misspelt
@ core observation naoh Al3+ SO4^2-
2 wite precipetate disolves in exess
1 white presipitate insolluble in exces
2 whit ppt, then it dissapears
@ core observation naoh Fe2+ SO4^2-
2 gren percipitate, dosnt dissolve in excess
2 geen ppt not desolved
0 brwon ppt dissolvs
@ core observation dilute-acid Na+ CO3^2-
1 effervecense
1 fissing
1 bubels
@ core observation flame Cu2+ Cl-
1 bleu-green
1 blue grean
0 yelow
@ core observation flame K+ Cl-
1 lylac
1 lilack
0 purpel
@ core observation flame Ca2+ Cl-
1 ornge-red
1 brik red
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 wihte ppt
0 creme ppt
@ core gas-test H2
2 litt splint, sqeaky pop
1 lit splitn
@ extended gas-test Cl2
2 damp litmis paper is bleeched
2 moist blue litmus gos white
1 damp litmus turns blue
@ extended gas-test SO2
2 acidifed pottasium manganate goes from purpel to colorless
@ core identify cation Al3+ SO4^2-
1 aluminum
1 alluminium
0 ammonium
@ core identify anion Na+ Cl-
1 chlorid ion
0 chlorine
@ core identify anion Na+ CO3^2-
1 carbinate
1 carbonat
~ corrected
@ core observation naoh Mg2+ SO4^2-
2 blue- no white ppt, doesnt dissolve
2 white ppt that dissolves. correction: it does not dissolve
1 white ppt not soluble in excess, actually it was soluble
@ core observation flame Na+ Cl-
1 lilac sorry yellow
0 yellow, i mean lilac
1 i first thought it was orange but it was yellow
1 orange (crossed out) yellow
0 yellow at first i thought, but really it was orange
@ core observation flame K+ Cl-
1 yellow - no, lilac
0 lilac - no, yellow
@ core observation halide-silver Na+ I- attribute=precipitate
1 white... actually its pale yellow
0 yellow -> sorry cream
@ core observation dilute-acid Na+ CO3^2-
1 nothing, oh wait it fizzed
0 fizzing. scrap that, no fizzing
@ gases observation glowing-splint O2
1 it went out no it relit
@ core gas-test H2
2 glowing no lit splint, squeaky pop
1 lit splint, no i mean glowing splint, pops
@ core identify cation K+ Cl-
1 sodium... nope potassium
0 potassium wait no sodium
~ negated
@ core observation naoh Fe3+ Cl-
2 brown ppt and it isnt soluble in excess
2 brown ppt. it never dissolved
0 not brown
1 brown ppt, excess: not insoluble
@ core observation naoh Na+ Cl- attribute=precipitate
1 no solid was seen
1 didnt see any ppt
0 a ppt was seen
1 there wasnt anything
@ core observation sulfate K+ Cl-
1 no white ppt
1 nothing white appeared
0 white, not yellow
@ core observation dilute-acid Na+ CO3^2-
0 there werent any bubbles
0 it failed to fizz
1 it did fizz
@ core observation flame Na+ Cl-
0 definitely not yellow
1 not orange, yellow
1 yellow not orange
@ gases observation limewater CO2
0 it didnt go cloudy
1 didnt stay clear, went cloudy
@ gases observation lit-splint H2
0 no pop
0 there was no squeaky pop heard
@ core gas-test H2
1 lit splint, it does not pop
@ senior gas-test CO2
1 limewater does not go cloudy
@ extended gas-test Cl2
1 damp litmus isnt bleached
~ reasons
@ core purpose acid-before-silver-nitrate
1 cos carbonate ions would make a ppt too
1 it gets rid of any carbonates so you dont get a false white ppt
1 removes carbonate which would precipitate with silver
0 so that the silver dissolves
0 to make a precipitate
0 to remove the chloride ions
0 so the carbonate can make a ppt
1 carbonates also give a white solid with silver nitrate so you have to remove them
@ extended purpose acid-before-barium-chloride
1 carbonate ions also give a white ppt with barium, acid destroys them
1 takes away carbonates
0 to get rid of sulfate
0 it speeds up the reaction
0 so that carbonate forms the white precipitate
@ extended purpose not-sulfuric-acid
1 sulfuric acid has sulfate in it so youd get a white ppt anyway
1 it would add sulfate ions so always positive
0 its too strong
0 it would react with the barium and explode
0 because sulfuric acid removes sulfate
@ core purpose not-hydrochloric-acid
1 hcl contains chloride so youd get white ppt from that
1 adds chloride ions
0 hcl is dangerous
0 it would remove the chloride
0 because it has sulfate in it
@ core purpose damp-litmus
1 gas has to dissolve in water before it can change the colour
1 the ammonia dissolves in the water making an alkali
0 so it doesnt burn
0 so the paper sticks
0 water is blue
@ core purpose clean-wire
1 so nothing left from the last one colours the flame
1 other metal ions on it would hide the colour
1 contamination
0 so the wire is shiny
0 so it doesnt break
@ senior purpose fresh-iron-sulfate
1 the iron 2+ gets oxidised to iron 3+ by air
1 it oxidises if its left standing
0 iron three turns to iron two in air
0 it evaporates
@ senior purpose blue-glass
1 the blue glass takes out the yellow from sodium so you see the lilac
1 filters out the yellow
0 takes out the lilac so you see yellow
0 protects eyes
@ core purpose excess-hydroxide
1 to tell aluminium and magnesium apart
1 to see whether the ppt dissolves
0 so theres enough
0 to neutralise it
@ core purpose fume-cupboard
1 the gas is poisonous
1 chlorine is toxic if you breathe it in
0 it keeps things tidy
0 so the gas doesnt go cold
~ phone
@ core gas-test H2
2 hold a flame near the mouth of the tube, you hear a pop
2 lit splint put in and it makes that squeaky pop sound
1 you do the lit splint test
0 put it in limewater and it goes cloudy
0 sniff it
@ gases gas-test O2
2 get a splint thats glowing and pop it in the tube, itll relight
2 the splint which is glowing starts burning again
?0 a lit splint burns brighter
0 lit splint pops
@ senior gas-test CO2
2 pass the gas thru limewater. if its co2 the limewater turns milky
1 put it in limewater
1 water goes cloudy
0 put out a lit splint
@ extended gas-test Cl2
2 put wet blue litmus in, it goes red then white
2 damp litmus loses its colour
1 dry litmus gets bleached
0 its green
@ core gas-test NH3
2 wet red litmus goes blue
2 hold damp red litmus paper at the top of the tube and it will turn blue
0 damp blue litmus goes red
0 it stinks
@ senior gas-test HCl
2 hold a glass rod dipped in ammonia, white smoke
2 ammonia makes white fumes
@ extended gas-test SO2
2 filter paper soaked in acidified potassium dichromate goes green
1 it turns paper green
@ gases gas-test H2O
2 anhydrous copper sulfate turns blue
2 cobalt chloride paper goes pink
1 blue cobalt chloride paper
0 boil it
@ core identify cation Ca2+ Cl-
1 Ca2+
1 calcium ion
?0 Ca
0 Mg2+
@ core identify cation NH4+ Cl-
1 NH4+
1 ammonium ion
0 ammonia
@ core identify anion K+ I-
1 iodide
1 I-
0 iodine
0 bromide
@ core identify salt Cu2+ SO4^2-
1 copper sulfate
1 CuSO4
0 copper carbonate
`;
