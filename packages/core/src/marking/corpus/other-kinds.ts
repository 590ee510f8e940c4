/** Gas tests, names and purposes, as students write them; see `observations.ts` for the notation. */
export const otherAnswers = `
@ gases gas-test O2
2 relights a glowing splint
2 put a glowing splint into the gas and it relights
2 a smouldering splint will re-ignite
1 lit splint relights
1 splint relights
1 glowing splint goes out
0 lit splint burns brighter
0 squeaky pop test
0 it makes things burn
2 glowing splint re-lights
2 A splint that has been blown out but is glowing will burst into flames
@ core gas-test H2
2 lit splint gives a squeaky pop
2 hold a burning splint at the mouth of the tube, you hear a pop
1 squeaky pop
1 glowing splint makes a squeaky pop
1 lit splint goes out
0 limewater turns cloudy
2 put a lighted match near it and it goes pop
0 it floats
@ core gas-test CO2
2 turns limewater cloudy
2 bubble through limewater, goes milky
1 limewater
1 add to limewater and it turns blue
0 puts out a lit splint
0 it extinguishes a flame
2 limewater forms a white precipitate
1 goes cloudy
2 pass it thro limewater which will turn chalky
@ core gas-test Cl2
2 bleaches damp litmus paper
2 damp blue litmus paper turns white
1 bleaches litmus paper
2 damp litmus goes red then is bleached
?1 damp blue litmus turns red
?0 bleach
0 it is green
1 damp red litmus turns blue
2 moist indicator paper loses its colour
@ core gas-test NH3
2 turns damp red litmus paper blue
2 damp red litmus goes blue
1 red litmus turns blue
?1 damp blue litmus turns red
0 smells bad
2 white fumes with a glass rod dipped in concentrated hydrochloric acid
1 damp red litmus paper
2 moist red litmus to blue
0 relights a splint
@ extended gas-test SO2
2 acidified potassium manganate(VII) goes from purple to colourless
2 decolourises acidified potassium manganate
1 potassium manganate turns pink
0 smells like rotten eggs
2 turns acidified KMnO4 colourless
@ senior gas-test HCl
2 damp blue litmus turns red
2 white smoke with ammonia on a glass rod
1 blue litmus turns red
0 it is an acid
@ gases gas-test H2O
2 turns anhydrous copper sulfate blue
2 cobalt chloride paper goes pink
2 white anhydrous copper sulphate goes blue
1 anhydrous copper sulfate turns white
0 it boils at 100
2 blue cobalt chloride paper turns pink
0 it is wet
@ core identify cation Na+ Cl-
1 sodium
1 Na+
1 sodium ion
0 potassium
0 chloride
1 sodum
0 sodium or potassium
0 salt
@ core identify cation Fe3+ Cl-
1 iron(III)
1 Fe3+
1 iron 3
0 iron(II)
0 iron
1 Fe+3
1 ferric ions
0 Fe
@ core identify cation Fe2+ SO4^2-
1 iron (II)
1 Fe 2+
0 iron III
1 ferrous
@ core identify cation Cu2+ SO4^2-
1 copper(II)
1 Cu2+
1 coper
0 cobalt
@ core identify cation NH4+ Cl-
1 ammonium
1 NH4+
0 ammonia
0 NH3
1 amonium ion
@ core identify cation Mg2+ SO4^2-
1 magnesium
0 manganese
1 Mg 2+
1 magnesuim
@ core identify anion Na+ SO4^2-
1 sulfate
1 sulphate
1 SO42-
0 sulfite
0 sulfide
0 sulfur
1 SO4 2-
1 sulfate ion
0 SO3^2-
@ core identify anion Na+ Cl-
1 chloride
1 Cl-
0 chlorine
0 bromide
1 cloride
0 chlorate
@ core identify anion Na+ CO3^2-
1 carbonate
1 CO32-
0 carbon dioxide
0 carbon
1 carbonate ions CO3 2-
@ core identify anion K+ I-
1 iodide
0 iodine
1 I-
0 iodide or bromide
@ core identify salt Na+ Br-
1 sodium bromide
1 NaBr
0 sodium
0 sodium bromine
0 potassium bromide
1 Na+ and Br-
1 sodium and bromide ions
@ senior identify salt Fe3+ NO3-
1 iron(III) nitrate
1 Fe(NO3)3
0 iron nitrate
0 iron(II) nitrate
@ gases identify gas O2
1 oxygen
1 O2
0 hydrogen
1 oxigen gas
0 CO2
@ gases identify gas CO2
1 carbon dioxide
1 CO2
0 carbon monoxide
0 oxygen
0 carbon
@ core identify gas Cl2
1 chlorine
0 chloride
1 Cl2
@ core identify gas NH3
1 ammonia
1 NH3
0 ammonium
0 nitrogen
@ core identify cation K+ Cl- seen=flame:colour=yellow
1 sodium
1 potassium
0 lithium
0 sodium or potassium
@ core identify cation Al3+ SO4^2- seen=naoh:precipitate=white,excess=insoluble
1 magnesium
1 calcium
1 aluminium
0 zinc
0 magnesium or calcium
@ core identify anion Na+ Cl- seen=halide-silver:precipitate=cream
1 bromide
1 chloride
0 iodide
0 bromine
@ core identify anion Na+ SO4^2- seen=sulfate:precipitate=none;halide-silver:precipitate=yellow
1 iodide
1 sulfate
0 carbonate
@ core identify salt K+ Cl- seen=flame:colour=crimson;halide-silver:precipitate=white
1 lithium chloride
1 potassium chloride
0 sodium chloride
0 lithium bromide
@ extended identify cation Zn2+ SO4^2- seen=naoh:precipitate=white,excess=dissolves;ammonia-solution:precipitate=white,excess=insoluble
1 aluminium
1 zinc
0 magnesium
@ gases identify gas H2 seen=glowing-splint:splint=relights
1 oxygen
1 hydrogen
0 carbon dioxide
@ core purpose acid-before-silver-nitrate
1 to remove carbonate ions which would also give a precipitate
1 to get rid of any carbonates
1 carbonates would react with silver nitrate and give a false positive result
0 to make it react faster
0 to make it acidic
1 removes hydroxide or carbonate impurities that would form a ppt
0 because nitric acid is strong
?0 to remove impurities
1 so that other ions like carbonate dont interfere
0 to provide nitrate ions
@ core purpose acid-before-barium-chloride
1 to remove carbonate ions
1 reacts with carbonates so they dont make a white precipitate
1 barium carbonate is white too and would give a false result
0 to dissolve the sample
0 as a catalyst
1 gets rid of sulfites and carbonates
0 so the sulfate precipitates
@ core purpose not-sulfuric-acid
1 it contains sulfate ions
1 because it would add sulphate ions and always give a white ppt
0 it is too strong
1 you'd get barium sulfate from the acid itself
0 it is dangerous
1 sulfuric acid has sulfate in it so false positive
@ senior purpose not-sulfuric-acid-on-marble
1 calcium sulfate forms a coating on the marble and stops the reaction
1 insoluble calcium sulphate layer stops acid getting to it
0 it is too dangerous
0 it reacts too fast
1 the calcium sulfate made is insoluble so it covers the chips
@ core purpose not-hydrochloric-acid
1 it contains chloride ions
1 it would give a white precipitate of silver chloride
0 it is corrosive
1 adds Cl- which gives a false positive
0 it wont react
@ core purpose damp-litmus
1 the gas needs to dissolve in water to react
1 so the ammonia dissolves and becomes alkaline
0 so it doesn't catch fire
0 so it sticks to the tube
1 because dry litmus wont change colour, the gas has to dissolve first
0 to make it wet
@ core purpose clean-wire
1 to remove any other metal ions
1 so that there is no contamination
1 to make sure the colour is only from the sample
0 to sterilise it
0 so it gets hot
1 impurities could change the flame colour
1 otherwise sodium left on the wire gives yellow
@ senior purpose fresh-iron-sulfate
1 iron(II) is oxidised to iron(III) by air
1 it oxidises if left
0 so it is stronger
1 because Fe2+ turns into Fe3+ over time and no ring forms
0 it evaporates
@ senior purpose blue-glass
1 to filter out the yellow light of sodium
1 blocks yellow sodium flame so you can see lilac
0 to protect your eyes
0 to make it blue
1 so that the sodium colour doesn't hide the potassium
@ core purpose excess-hydroxide
1 to see if the precipitate dissolves
1 to tell aluminium from magnesium and calcium
0 to make sure it all reacts
1 aluminium hydroxide dissolves in excess but magnesium doesnt
0 to make more precipitate
@ core purpose fume-cupboard
1 because chlorine is toxic
1 so you dont breathe in toxic gas
1 the gas is poisonous
0 because it smells
0 for safety
1 harmful fumes are produced
0 to stop it exploding
1 to remove poisonous fumes
`;
