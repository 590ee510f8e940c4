/** The third part: longer prose and the rarer tests; written after the first two were mended. In the notation of the other corpora. */
export const prose = `
~ prose
@ core observation flame Cu2+ Cl-
1 when the wire went in the flame turned a blue-green sort of teal
1 the edges were blue and the middle was green so blue-green
1 blueish green flame that looked pretty cool
@ senior observation flame K+ Cl- attribute=throughBlueGlass
1 crimson
1 you can see a reddish pink colour through it
0 yellow
@ extended observation flame Ba2+ Cl- 
1 light green flame
1 the flame has turned an apple green colour
0 the flame turned emerald and then lilac
@ extended observation naoh Pb2+ NO3-
2 i added a few drops and a white precipitate formed, then i added loads and it all dissolved to leave a colourless solution
1 i added a few drops and a white precipitate formed, then i added loads and the precipitate got thicker
2 white ppt forms and dissolves again on shaking with more naoh
1 white ppt forms and does not dissolve on shaking with more naoh
@ extended observation naoh Mn2+ SO4^2-
2 off white solid that goes brown on standing, insoluble in excess
2 beige ppt which darkens and doesnt dissolve
1 off white ppt, dissolves with excess
@ senior observation ammonia-solution Ni2+ SO4^2-
2 green ppt then in excess a blue solution
2 pale green precipitate, excess gives a blue/violet solution as it dissolves
1 green ppt then in excess still green ppt
@ senior observation ammonia-solution Co2+ Cl-
1 blue ppt
@ core observation ammonia-solution Fe3+ Cl-
2 brown ppt that stays when excess ammonia is added
1 brown ppt that goes when excess ammonia is added
@ core observation naoh-warm NH4+ Cl-
1 the damp red litmus paper i held over it went blue
1 it gave off a gas that turned red litmus paper blue
0 the litmus paper stayed red
0 ammonia gas was produced
1 pungent smell and the red litmus turned blue
@ core observation naoh-warm Na+ Cl-
1 nothing happened to the litmus
0 the litmus went blue
@ core observation nitrate-reduction Na+ NO3-
1 after warming with the foil the paper above it went from red to blue
0 no change in litmus
1 red litmus -> blue
@ senior observation nitrate-ring K+ NO3-
1 brown ring between the two layers
1 you could see a thin brown layer where they met
0 the whole thing went brown
0 purple ring
@ families observation halide-layer Na+ I-
1 top layer purple
1 the hexane layer went violet
0 top layer orange
@ families observation halide-layer Na+ Br-
1 orange top layer
1 upper layer goes orangey brown
0 bottom layer orange
@ gases observation acidified-manganate SO2
1 lost its purple colour
1 purple to colourless
0 stayed purple
0 colourless to purple
@ gases observation damp-blue-litmus Cl2
1 red then bleached
1 turned red then lost all colour
0 turned blue
1 went pink/red then white
@ gases observation damp-blue-litmus HCl
1 went red
0 stayed blue
@ gases observation hcl-rod NH3
1 thick white smoke
1 white fumes formed
0 white ppt
@ gases observation metal-acid Zn
1 bubbles slowly
1 steady fizzing
@ core observation dilute-acid Cu2+ CO3^2- form=solid
2 fizzes and limewater turns cloudy
1 the powder goes and the solution turns blue
@ core observation dilute-acid Na+ SO4^2-
2 nothing, and no change in limewater
?1 no fizzing so no gas for limewater
@ gases observation anhydrous-copper-sulfate H2O
1 turned from white to blue
0 blue to white
1 white crystals became blue
@ gases observation cobalt-chloride-paper H2O
1 blue to pink
0 pink to blue
1 paper turned pink
@ core observation halide-silver Na+ I-
1 a pale yellow precipitate which was insoluble in ammonia
1 yellow ppt, doesn't dissolve in ammonia
0 yellow liquid
1 it went cloudy and yellow
@ core observation halide-silver Na+ Br-
1 cream coloured precipitate
1 creamy ppt partly soluble in ammonia
0 yellow ppt
0 creamy solution
@ core observation sulfate Ba2+ Cl-
1 nothing
@ core observation appearance Cu2+ SO4^2-
1 blue crystals
1 blue
~ tests
@ extended gas-test HCl
2 damp blue litmus paper turns red
2 white fumes with a rod dipped in ammonia
@ extended gas-test SO2
2 turns acidified potassium permanganate colourless
2 goes from orange to green with acidified potassium dichromate
1 acidified potassium manganate stays purple
2 decolourises acidified KMnO4
@ core gas-test H2O
2 turns anhydrous copper sulfate from white to blue
1 use cobalt chloride paper
2 dry cobalt chloride paper turns from blue to pink
1 copper sulfate turns blue
@ core gas-test H2
2 test with a burning splint, it makes a squeaky pop if its hydrogen
2 place a lit splint at the end of the tube and a squeaky pop will be heard
1 a squeaky pop is heard
1 use a lit splint
0 use a glowing splint
2 hydrogen burns with a squeaky pop when a lit splint is held near
@ core gas-test CO2
2 limewater goes from colourless to cloudy
2 it makes lime water cloudy/milky
1 limewater goes from cloudy to colourless
1 a precipitate forms when bubbled through
2 white precipitate forms when it is bubbled through limewater
@ core gas-test O2
2 will relight a glowing splint
1 will put out a glowing splint
1 will relight a splint
0 pops with a lit splint
@ core gas-test NH3
2 red litmus that is damp turns blue in ammonia
2 ammonia turns damp universal indicator paper blue
1 turns damp litmus paper blue
@ core gas-test Cl2
2 chlorine bleaches damp blue litmus
2 damp red litmus turns white
1 damp litmus turns red
0 it is green
~ reasons
@ core purpose acid-before-silver-nitrate
1 any carbonate ions are removed as carbon dioxide
1 Ag2CO3 would also form as a precipitate if it wasnt acidified
0 so that AgCl dissolves
1 otherwise you might get a ppt from carbonate and think it was a halide
0 because otherwise chloride would give a ppt
1 the acid stops silver carbonate forming
0 the acid stops silver chloride forming
@ core purpose not-sulfuric-acid-on-marble
1 insoluble calcium sulfate forms round the chips
1 calcium sulfate is insoluble so it stops reacting after a bit
0 calcium sulfate is soluble
0 it doesnt make co2
@ core purpose clean-wire
1 a dirty wire gives a yellow flame from sodium
1 remove impurities
0 remove the sample
1 so only the colour of the new sample shows
@ core purpose damp-litmus
1 the gas dissolves in the water on the paper
1 gases only turn litmus when theyre dissolved
0 so the gas doesnt dissolve
@ core purpose excess-hydroxide
1 to see if it redissolves
1 the ppts of calcium and magnesium stay but aluminium dissolves
0 so that it dissolves the iron
0 to get a bigger colour change
@ core purpose blue-glass
1 because sodium's yellow light is blocked
0 because potassium's lilac light is blocked
1 yellow hides lilac and the glass removes the yellow
0 so the yellow is clearer
@ core purpose fume-cupboard
1 to stop toxic gas getting into the room
1 harmful vapours
0 so toxic gas gets into the room
0 because the reaction is hot
`;
