/** The twelfth set, its parts of every kind. In the notation of the other corpora. */

const mixed = `
~ mixed
@ core observation flame Li+ Cl-
1 crimson
1 deep crimson red
0 crimson precipitate
1 redish flame
0 pinkish purple
1 carmine
0 brick red
1 the flame turned red. a really strong red
0 not red
0 there wasn't any red, it was yellow
1 first yellow (dirty wire?), clean: red
@ core observation flame Cu2+ SO4^2-
1 green
1 blue green
1 emerald green with blue edge
0 blue
1 greeny blue
0 green precipitate
0 orange
1 turned green straight away
@ core observation naoh Ca2+ Cl-
2 white ppt, insoluble in excess
2 faint white precipitate, didn't redissolve
1 slight white cloudiness
1 white ppt, xs: gone
0 clear, colourless
2 a little bit of white solid that stayed no matter how much we put in
@ core observation naoh Na+ Cl-
2 no change at all, drops or excess
2 nothing
1 white ppt? no, nothing
@ core observation naoh Cu2+ SO4^2-
2 blue precipitate that doesnt dissolve
2 pale blue gelatinous solid, remains in excess
1 blue jelly
1 blue precipitate. with more it dissolves to deep blue
0 blue solution
0 green solid which dissolves
@ core observation dilute-acid Cu2+ CO3^2-
2 fizzing, limewater cloudy
1 green solid fizzed and went blue
2 it bubbled like mad; limewater went white
0 the green powder turned blue
1 bubbles but we had no limewater left
@ core observation halide-silver K+ Br-
1 pale cream precipitate
1 creamy white ppt
0 pale yellow ppt
0 white then cream? put white
0 creamy solution
@ core observation sulfate Na+ Cl-
1 no ppt
1 stayed clear
0 slightly white
1 nothing happened
0 white ppt
@ gases observation glowing-splint O2
1 it relit
1 bursts into flame again
0 it went out
0 squeaky pop
1 caught fire again
0 stayed glowing
1 glowed brighter then lit up
@ gases observation lit-splint H2
1 pop
1 squeeky pop
1 a quiet pop
0 no pop
0 it relit
0 burnt for a bit longer
1 heard a whoop/pop noise
@ gases observation limewater CO2
1 went cloudy
1 chalky white
0 no change
1 misty
0 bubbled
1 it went milky then clear again after a lot
@ gases observation damp-blue-litmus Cl2
1 red then bleached
1 bleached white
0 red
0 stays blue
1 went white
@ gases observation damp-red-litmus NH3
1 blue
1 purpley blue
0 red
0 bleached
1 it changed to blue straight away
~ names again
@ core identify anion K+ SO4^2-
1 sulfate
1 sulphate ion
0 sulfite
0 sulfide
0 sulfur
1 SO42-
0 sulfuric acid
1 i think sulfate bc white ppt with barium
0 barium sulfate
@ core identify cation Al3+ Cl-
1 aluminium
1 aluminum
0 aluminium or magnesium
1 Al3+ (dissolved in excess)
0 Al2+
1 aluminium not magnesium because it dissolved
0 magnesium not aluminium
@ core identify cation Li+ Cl-
1 lithium
1 li+
0 li2+
1 litium
0 its either lithium or calcium
1 lithium because red
0 red
@ core identify salt K+ Br-
1 potassium bromide
1 KBr
0 potassium bromine
0 bromide
1 pottasium bromide
0 K2Br
1 potassium and bromide
0 potassium chloride or bromide
@ gases identify gas NH3
1 ammonia
0 ammonium
1 NH3
0 NH4
1 amonia gas
0 chlorine
@ gases identify gas CO2
1 carbon dioxide
1 co2
0 carbon monoxide
0 carbonate
0 carbon
1 its CO2 as limewater went cloudy
`;

const proportioned = `
~ proportioned
@ core observation flame K+ Cl-
1 lilac
1 it was a lilac colour i think
0 violet blue
0 potassium
1 lylac
0 lilac or pink
1 LILAC!!!
0 white
@ core observation flame Ba2+ Cl-
1 apple green
0 yellow
1 pale apple green
1 light green (apple)
@ senior observation flame K+ Cl- attribute=throughBlueGlass
1 crimson through the glass
0 yellow
0 nothing
1 red/crimson
@ core observation naoh Fe2+ SO4^2- attribute=standing
1 turned brown at the top
1 went brown where the air touches it
0 stayed green
0 went black
1 slowly browned
@ core observation naoh-warm NH4+ Cl- attribute=smell
1 pungent smell
1 stinky, sharp, made my eyes water
0 no smell
1 strong, choking smell
@ core observation dilute-acid Na+ CO3^2- attribute=effervescence
1 fizzing
1 it bubbled up the tube quickly
0 dissolved
0 gas given off
1 effervesced
0 it went cloudy
1 vigorous bubbling
@ gases observation metal-acid Mg attribute=effervescence
1 fizzed a lot
1 rapid bubbles
0 no reaction
1 vigorous fizzing
@ gases observation metal-acid Mg attribute=warms
1 got hot
1 the tube felt warm
0 stayed the same temp
0 got colder
@ gases observation metal-acid Cu attribute=residue
1 copper still there
1 didn't dissolve
0 all dissolved
@ senior observation halide-silver Na+ Cl- attribute=diluteAmmonia
1 it dissolved
1 ppt disappears
0 still there
0 insoluble
1 went clear
@ senior observation halide-silver K+ I- attribute=concAmmonia
1 doesn't dissolve
1 remains
0 dissolves
1 insoluble in conc ammonia
@ families observation halide-layer Na+ I- attribute=upperLayer
1 purple
1 violet layer on top
0 brown
0 orange
1 the top bit goes purple
@ extended observation ammonia-solution Cu2+ SO4^2- attribute=excessColour
1 deep blue
1 royal blue solution
0 light blue
0 green
1 really dark blue
@ senior observation appearance Co2+ Cl- attribute=colour
1 pink
0 blue
@ gases observation cobalt-chloride-paper H2O
1 went from blue to pink
0 went from pink to blue
1 pink
@ senior observation naoh Mn2+ SO4^2- attribute=standing
1 goes brown
0 stays white
1 darkened to brown in air
@ extended gas-test SO2
2 acidified potassium manganate goes from purple to colourless
2 purple manganate(VII) decolourised
1 manganate
1 turns colourless
0 smells of burnt matches
2 acidified permanganate solution loses its colour
1 manganate goes from colourless to purple
@ senior gas-test HCl
2 white fumes with ammonia
2 hold ammonia near it, you see white smoke
2 damp blue litmus goes red
1 ammonia
1 blue litmus damp paper
0 red litmus goes blue
@ gases gas-test H2O
2 white copper sulfate turns blue
2 anhydrous copper sulphate goes blue
1 blue cobalt chloride paper
2 cobalt chloride paper goes pink
0 copper sulfate goes white
0 it boils at 100
0 it's wet
@ gases gas-test Cl2
2 damp blue litmus paper turns red then bleaches
2 bleaches damp litmus paper
0 smells like a swimming pool
1 bleaches
1 damp litmus stays the same
0 green gas
@ gases gas-test O2
2 relights a glowing splint
2 glowing splint lights up again
0 lit splint pops
1 relights
0 things burn in it
1 glowing splint
@ core identify cation Na+ Cl- seen=flame:colour=lilac
1 potassium
1 sodium
0 lithium
1 K+
0 potassium or sodium
@ core identify cation Cu2+ SO4^2-
1 copper(II)
1 Cu2+
1 copper
0 CO
0 copper sulfate and iron
1 coper
0 CU2
@ core identify anion Na+ Br-
1 bromide
0 bromine
0 Br2
1 Br-
1 bromid
0 chloride
@ core identify salt Na+ CO3^2-
1 sodium carbonate
1 Na2CO3
0 sodium
0 NaCO
1 sodium and carbonate ions
0 sodium hydrogencarbonate
1 soduim carbonate
@ gases identify gas H2
1 hydrogen
1 H2
0 H
0 helium
0 hydrogen or oxygen
1 hydrogen gas
@ core purpose acid-before-silver-nitrate
1 removes carbonate ions
0 removes chloride ions
0 it's a catalyst
1 so carbonates don't form a precipitate as well
@ core purpose not-sulfuric-acid
1 adds extra sulfate so false positive
0 too corrosive
0 it would remove the sulfate
@ core purpose damp-litmus
1 gas must dissolve
0 so it doesn't burn
@ core purpose clean-wire
1 to remove impurities
1 other salts would change the colour
0 makes the wire conduct better
0 so the flame is hotter
@ core purpose excess-hydroxide
1 aluminium hydroxide dissolves in excess, magnesium hydroxide doesn't
0 to make it more alkaline
0 magnesium hydroxide dissolves, aluminium hydroxide doesn't
@ senior purpose fresh-iron-sulfate
1 it gets oxidised by air
0 it evaporates
0 old iron sulfate turns to iron
@ senior purpose blue-glass
1 blocks sodium's yellow
0 makes the lilac brighter
0 turns yellow into lilac
@ core purpose fume-cupboard
1 chlorine is poisonous
0 so the flame doesn't go out
0 because it's smelly
`;

export const twelfthHandAsInPapers = `${mixed}${proportioned}`;
