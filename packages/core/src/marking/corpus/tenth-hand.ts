/** The tenth set: reports, banter, learners of the language, reasons; then prose and notes of other tests, after the first was read. In the notation of the other corpora. */
const reportsAndBanter = `
~ report
@ core observation naoh Cu2+ SO4^2-
2 Upon dropwise addition of the alkali a gelatinous blue solid was deposited, which persisted when the reagent was present in excess.
2 A pale blue precipitate was obtained; a further 2 cm3 of sodium hydroxide did not redissolve it.
1 On addition of the alkali a blue solid was deposited, which redissolved on adding further reagent.
1 The mixture turned blue and a solid of the same colour settled. Excess was not added.
0 The solution remained clear and colourless throughout.
@ core observation naoh Zn2+ SO4^2-
2 A white solid was thrown down by the first few drops and was taken up again by excess alkali to give a colourless solution.
2 Initially cloudy white; ended up see-through once loads more had been poured in.
1 A white solid was thrown down which excess alkali failed to dissolve.
@ core observation naoh Ca2+ Cl-
2 White solid appears. Adding more of the alkali makes no difference to it.
1 White solid appears, but adding more of the alkali makes it vanish.
2 Faint white ppt, unaffected by excess
@ core observation dilute-acid Na+ CO3^2-
2 Vigorous effervescence was noted, and the gas evolved turned limewater milky.
2 Rapid fizzing. Gas bubbled through limewater, which became cloudy.
1 Rapid fizzing was seen but the limewater stayed clear.
1 No fizzing was seen though the limewater went milky.
0 Neither effervescence nor any change to the limewater was observed.
@ core observation sulfate Na+ SO4^2-
1 A dense white solid was formed immediately upon addition of barium chloride.
0 No solid was formed upon addition of barium chloride.
1 opaque white, solid sinking to the bottom
@ core observation halide-silver Na+ Cl-
1 A curdy white solid separated.
0 A yellow solid separated.
0 The liquid became slightly warm but nothing separated.
@ core observation halide-silver Na+ I-
1 A yellow solid which was insoluble in dilute ammonia separated.
0 A white solid turning purple in sunlight separated.
@ core observation flame Li+ Cl-
1 A crimson coloration was imparted to the flame.
1 The flame was coloured red.
0 The flame was coloured lilac.
0 No coloration was imparted to the flame.
@ core observation flame Cu2+ SO4^2-
1 The burner flame took on a green colour tinged with blue.
0 The burner flame took on a brick red hue.
@ core observation damp-red-litmus NH3
1 The moist red paper turned blue at the mouth of the tube.
0 The moist red paper was unaffected.
~ banter
@ core observation naoh Fe3+ Cl-
2 went all rusty brown and gloopy, chucking more in did nowt
2 orangey brown sludge. stays put even if u add loads
1 orangey brown sludge but it goes if u add loads
1 brown gunk, we forgot excess lol
1 green gunk that wont go
@ core observation naoh Mg2+ SO4^2-
2 white gunge and it aint shifting with more naoh
1 white gunge but more naoh shifts it
2 looks like milk, still milk after excess
@ core observation flame K+ Cl-
1 it was like a pinky purple lilac thing
1 lilac!! (behind blue glass we saw pinkish)
0 my mate says lilac but i only saw yellow
0 blue i reckon
@ core observation flame Ca2+ Cl-
1 brick red, well orangey red
1 orange red
0 apple green
@ core observation halide-silver Na+ Br-
1 creamy colour lumpy stuff
1 off white cream bits
0 snow white bits
@ core observation dilute-acid K+ CO3^2-
2 it fizzed like mad and the limewater went cloudy
1 fizzed like mad, limewater didnt do anything
0 it just sat there, no fizz. limewater clear
2 loadsa bubbles n limewater turned milky
@ core gas-test H2
2 stick a burning splint in, it goes squeaky pop
1 hold a burning splint in, it goes out
1 squeaky pop innit
0 the glowing splint lights up again
2 u light a splint, put it at the top and theres a pop
@ core gas-test O2
2 shove a glowing splint in & it bursts into flame
1 shove a lit splint in & it relights
0 limewater goes cloudy
@ core gas-test Cl2
2 wet blue litmus goes red then white cos its bleached
2 damp litmus gets bleached
1 dry litmus gets bleached
1 damp litmus turns blue
@ core gas-test CO2
2 blow it through limewater and it goes milky white
1 blow it through limewater and nothing happens
0 puts out a lit splint
@ core gas-test NH3
2 damp red litmus goes blue and it stinks
0 damp blue litmus goes red
1 litmus goes blue
~ learner
@ core observation naoh Fe2+ SO4^2-
2 A solid of green colour is appearing, he does not dissolve himself in the excess.
2 green precipitation, with more NaOH no modification
1 green precipitation, with more NaOH it is dissolving
2 is forming precipitate green dirty, not soluble in excess
@ core observation naoh Al3+ Cl-
2 precipitate white, after with much NaOH is becoming transparent solution
1 precipitate white, after with much NaOH is not becoming transparent
2 at first white solid, then it melts in more sodium hydroxide
@ core observation flame Ba2+ Cl-
1 flame of colour green clear
1 green apple flame
0 flame of colour red
@ core observation flame Na+ Cl-
1 flame yellow strong
0 flame without color
0 orange of brick
@ core observation halide-silver K+ I-
1 precipitate of yellow color pale
0 precipitate of cream color
@ core observation dilute-acid Cu2+ CO3^2-
2 is making bubbles, and the water of lime becomes white
1 is making bubbles, the water of lime is not changing
0 not makes bubbles, the water of lime same
@ core gas-test H2
2 with a wood burning we hear a small explosion
1 we hear a small explosion
@ core gas-test O2
2 the wood with ember takes fire again
1 the wood with ember goes out
~ reasons
@ core purpose acid-before-silver-nitrate
1 gets rid of carbonate that'd otherwise give a white ppt with the silver
1 so CO3 2- and OH- cannot make a silver precipitate and fool us
0 so the silver dissolves
0 it makes the halide react faster
1 carbonates would also precipitate silver so they are destroyed first
@ core purpose acid-before-barium-chloride
1 otherwise barium carbonate may come down and look like the sulfate
0 otherwise there would be no chloride
1 acid takes away carbonate and sulfite so only sulfate ppts
0 to provide hydrogen ions for the sulfate
@ core purpose not-sulfuric-acid
1 you'd be adding sulfate yourself so you'd always get a ppt
0 sulfuric acid is more corrosive
1 H2SO4 has SO4 in it => false positive
@ core purpose not-hydrochloric-acid
1 you'd be putting chloride in, which ppts with silver
0 hydrochloric acid is too weak
1 HCl contains Cl-, so AgCl every time
@ core purpose damp-litmus
1 the gas has to dissolve in the water before it can change the dye
0 so the paper does not burn
1 gas needs water to form ions/alkali
@ core purpose clean-wire
1 leftover salt, esp. sodium, would swamp the colour
0 so it heats up faster
1 so there's nothing from the last sample on it to colour the flame
@ core purpose blue-glass
1 cuts out the yellow from sodium so you can see lilac
0 makes the flame look bluer
0 protects your eyes
@ core purpose excess-hydroxide
1 tells Al from Mg/Ca: aluminium hydroxide dissolves, the others don't
0 makes sure all of it has reacted
@ core purpose fume-cupboard
1 chlorine is poisonous to breathe in
0 the flame might blow out
@ senior purpose fresh-iron-sulfate
1 old solution has gone to Fe3+ through air, which wont make the ring
0 fresh is more concentrated
`;
const otherTests = `
~ prose
@ senior observation halide-layer Na+ Br-
1 the top layer went orange after shaking with chlorine water
1 orange brown upper layer
0 upper layer stayed colourless
0 purple layer on top
@ senior observation halide-layer K+ I-
1 the hexane layer turned violet
1 purple top layer, brownish underneath
0 the hexane layer turned orange
@ senior observation nitrate-ring K+ NO3-
1 a brown ring where the two liquids meet
1 brown band at the join of the layers
0 no ring at all
0 a white ring formed
@ core observation ammonia-solution Cu2+ SO4^2-
2 light blue ppt first, then a deep royal blue solution with excess ammonia
1 light blue ppt that would not dissolve in excess ammonia
2 pale blue solid dissolving to a dark blue solution
1 pale blue solid
@ core observation ammonia-solution Zn2+ SO4^2-
2 white solid that goes away with excess
1 white solid that does not go away with excess
@ core observation ammonia-solution Al3+ Cl-
2 white ppt, stays in excess
1 white ppt, redissolves
@ core observation naoh-warm NH4+ Cl-
1 the damp red litmus at the mouth turned blue
1 red litmus paper goes blue and theres a pungent smell
0 red litmus stays red
0 blue litmus goes red
@ core observation damp-blue-litmus Cl2
1 the paper went red and then bleached white
1 bleached
0 turned blue
0 no change to the paper
@ core observation lit-splint H2
1 squeaky pop
1 went pop
0 went out
0 carried on burning, no sound
@ core observation glowing-splint O2
1 relit
1 burst back into flame
0 went out
@ core observation limewater CO2
1 went milky
1 cloudy white
0 stayed clear
0 went blue
@ core observation naoh Cu2+ SO4^2- attribute=precipitate
1 blue solid
0 blue solution
1 light blue jelly
0 nothing
0 white solid
@ core observation flame K+ Cl- attribute=colour
1 lilac
0 no idea but maybe yellow
~ notes
@ core observation naoh Fe2+ SO4^2-
2 grn ppt / insol xs
2 dirty grn, ins.
1 grn ppt / sol xs
2 green ppt (turns brown on surface) insoluble
1 ppt green
@ core observation naoh Fe3+ Cl-
2 red-brn ppt, no chg xs
2 br. ppt, stays
1 br ppt
0 no ppt, no chg
@ core observation dilute-acid K+ CO3^2-
2 effv. LW milky
2 bubbles++, LW -> cloudy
1 effv, LW n/c
0 n/r
1 bubbles
@ core observation sulfate K+ SO4^2-
1 wh ppt
1 w. ppt instantly
0 n/r
0 no ppt
@ core observation halide-silver Na+ Cl-
1 wh ppt
0 cr ppt
0 yel ppt
@ core observation halide-silver Na+ Br-
1 cr ppt
1 cream
0 wh ppt
@ core observation flame Cu2+ Cl-
1 bl/grn
1 blue-grn
0 grn-yellow
0 red
@ core identify cation Cu2+ SO4^2-
1 Cu2+
1 copper 2+
1 copper (II) ions
0 Cu+
0 iron
@ core identify anion Na+ CO3^2-
1 carbonate
1 CO3 2-
0 hydrogencarbonate
0 sulfate
@ core identify cation NH4+ Cl-
1 ammonium
1 NH4+
0 ammonia
0 NH3
@ core identify anion Na+ Cl-
1 chloride, Cl-
0 chlorine
1 its Cl minus
@ core identify salt Fe2+ SO4^2-
1 iron(II) sulphate
1 iron 2 sulfate
1 FeSO4
0 iron sulfate
0 iron(III) sulfate
`;

export const tenthHandAnswers = `${reportsAndBanter}${otherTests}`;
