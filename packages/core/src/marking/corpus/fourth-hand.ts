/** A fourth set, of the tests the others have less of and in stranger words; by kind (`~`). */
export const fourthHandAnswers = `
~ phone
@ core observation flame Na+ NO3-
1 as soon as it touched the flame it went this intense yellow colour
1 it glowed yellow, like the lights outside my house
0 brown smoke came off
0 it looked kind of peach
1 Yellow (lasted about 10 s)
0 can't say, the room was too bright
@ core observation flame Ca2+ NO3-
1 an orange red flame that flickered
1 reddish-orange i would say
0 lime green
@ extended observation flame K+ NO3- attribute=throughBlueGlass
1 thru the glass it was lilac
1 you can see lilac
0 still yellow
@ senior observation flame Pb2+ NO3- attribute=colour
0 bright red
@ core observation naoh Cu2+ SO4^2-
2 it went all gloopy and blue and even with loads of naoh it just stayed like that
2 blue lumps appear. they do not go when excess is used
1 blue lumps appear, then they vanish
1 a blue coloured precipitate was formed upon addition
0 the liquid turned green
2 Blue ppt formed which was insoluble in excess sodium hydroxide solution.
2 at first drops blue solid, later same blue solid
@ core observation naoh Al3+ SO4^2-
2 made a white solid but then with extra it melted away
2 cloudy white at first but clear after loads more
1 cloudy white at first and still cloudy after loads more
2 white gel, which redissolved to leave a clear liquid
1 white gel, nothing changed when extra went in
2 it goes white then clear again
@ core observation naoh Fe2+ SO4^2-
2 a swampy green solid; more alkali made no difference
2 forms green ppt, remains in excess
1 green but dissolves
0 the solution went green
@ core observation naoh NH4+ Cl-
0 white ppt
@ core observation naoh Fe2+ SO4^2- attribute=standing
1 the top went brown
1 it slowly went orangey brown
0 it stayed green
0 it got darker green
@ extended observation ammonia-solution Cu2+ SO4^2- attribute=excessColour
1 a very dark blue solution
1 royal blue
0 colourless
0 green
@ core observation dilute-acid K+ CO3^2- attribute=effervescence
1 gas bubbles everywhere
1 it went crazy with bubbles
1 it made a fizzing sound and bubbles
0 a gas was produced
0 no visible change
@ senior observation sulfate Na+ SO4^2-
1 a dense white precipitate
1 an opaque white suspension
0 grey ppt
0 it remained clear
@ senior observation halide-silver Na+ Cl- attribute=diluteAmmonia
1 the white solid vanished
1 it all dissolved
0 nothing happened to the solid
@ senior observation halide-silver Na+ I- attribute=concAmmonia
1 it was still there
1 doesn't dissolve
0 it dissolved
@ core observation halide-silver Na+ Br- attribute=precipitate
1 cream coloured precipitate
1 it made a creamy solid
0 white solid
0 yellow solid
0 cream solution
@ families observation halide-layer Na+ I- attribute=upperLayer
1 purple top layer
1 the hexane went violet
0 the top went orange
@ families observation metal-acid Mg attribute=warms
1 the tube felt warm
1 yes it got hot
0 it got colder
0 no
@ families observation metal-acid Mg attribute=residue
1 nothing left
1 all the magnesium disappeared
0 there was metal left at the bottom
@ gases observation cobalt-chloride-paper H2O
1 blue to pink
1 the paper turned pink
0 pink to blue
0 stayed blue
@ gases observation anhydrous-copper-sulfate H2O
1 white to blue
1 the powder went blue
0 blue to white
@ gases observation glowing-splint O2
1 the ember flared up into a flame
1 the splint started to burn again
0 the splint went out
0 the flame got bigger
@ gases observation lit-splint H2
1 a little pop!
1 heard a pop
0 nothing heard
0 the gas caught fire with a blue flame
@ gases observation limewater CO2
1 a white precipitate formed in the limewater
1 limewater became cloudy
0 limewater remained colourless
0 limewater bubbled
@ core observation damp-red-litmus NH3
1 turns blue
1 the paper became blue
0 turns red
0 no change
~ notes
@ core observation naoh Zn2+ SO4^2-
2 few drops = white ppt, excess = ppt dissolves
2 white ppt (soluble in excess)
1 white ppt (insoluble in excess)
2 W ppt, dissolves xs
1 ppt white
@ core observation naoh Fe3+ Cl-
2 r/b ppt, insol
2 rust ppt. xs - stays
1 rust ppt. xs - goes
@ core observation naoh Mg2+ SO4^2-
2 NaOH dropwise: white ppt. NaOH excess: no change
1 NaOH dropwise: white ppt. NaOH excess: colourless solution
@ core observation flame Cu2+ Cl-
1 bl-gn
1 colour: green/blue
0 colour: orange
@ core observation halide-silver Na+ I- attribute=precipitate
1 y ppt
1 pale y ppt
0 w ppt
@ core gas-test H2
2 burning splint + gas = pop
1 burning splint + gas = relights
2 splint (lit): pop
1 pop
@ gases gas-test O2
2 splint (glowing): relights
1 splint (lit): relights
1 relights
@ senior gas-test CO2
2 lime water, turns milky
1 lime water, no change
@ core gas-test NH3
2 red litmus (damp) -> blue
1 red litmus (damp) -> bleached
@ extended gas-test Cl2
2 blue litmus (damp) -> red -> white
1 litmus (damp) -> blue
~ voice
@ core observation naoh Fe3+ Cl-
2 brown precipitate which is insoluble in excess
2 rusty brown participate insoluble in access
1 brown precipitate that resolves in excess
@ core observation naoh Al3+ SO4^2-
2 white precipitate soluble in excess
2 a white precipitate comma soluble in excess full stop
@ core observation dilute-acid K+ CO3^2- attribute=effervescence
1 effort essence seen
1 bubbles of gas seen
@ core observation flame Li+ Cl-
1 crimson flame
0 lilac flame
1 crimson read flame
@ core observation flame Ca2+ Cl-
1 orange read
0 green
@ core observation halide-silver K+ Br- attribute=precipitate
1 cream precipitate
1 cream participate
@ core gas-test NH3
2 dump red litmus paper turns blue
@ core gas-test H2
2 a lit splint goes squeaky pop
2 lit sprint squeaky pop
@ core identify cation Na+ Cl-
1 sodium full stop
1 it is sodium
@ core identify anion Na+ CO3^2-
1 carbon ate
0 carbon
~ misspelt
@ core observation naoh Cu2+ SO4^2-
2 bleu presipitate insolubel in exess
2 blue percipitait, dosent disolve
1 blu pracipitate dissolvs in excees
@ core observation sulfate K+ SO4^2-
1 wite persipitate
1 whte precipitat formd
0 no presipitate
@ core observation dilute-acid K+ CO3^2- attribute=effervescence
1 efferfescence
1 buble
1 fizzzz
@ core observation flame Ca2+ Cl-
1 brik red
1 orang red
0 purpl
@ gases observation glowing-splint O2
1 re-lites
1 relighet
@ gases observation limewater CO2
1 clowdy
1 miky
0 cleer
@ core gas-test H2
2 burnning splint sqeeky pop
@ core gas-test NH3
2 dampp red litmas turns bleu
@ core identify cation Mg2+ SO4^2-
1 magneseum
1 magnesuim ion
0 manganese
@ core identify anion K+ Br-
1 bromied
0 bromine
~ corrected
@ core observation naoh Fe2+ SO4^2-
2 brown, no sorry, green ppt which stays in excess
1 green ppt, dissolves. edit: no, brown ppt and it stays
@ core observation naoh Al3+ SO4^2-
2 blue, i mean white ppt that dissolves
1 white ppt. it dissolves, wait no it stays
2 white ppt. it stays, oh no actually it dissolves
@ core observation sulfate Na+ SO4^2-
1 cream nope its a white ppt
0 white ppt nope its cream
@ core observation flame Li+ Cl-
1 orange then i checked again and its crimson
0 crimson i mean orange
@ gases observation limewater CO2
1 stayed clear... no it went cloudy eventually
@ gases gas-test O2
2 lit splint (no, glowing splint) relights
1 glowing splint (no, lit splint) relights
@ core identify anion Na+ Cl-
1 bromide no wait chloride
0 chloride no wait iodide
~ negated
@ core observation naoh Zn2+ SO4^2-
1 white ppt that wont dissolve
2 white ppt, it isnt insoluble, it dissolves
0 no white ppt
@ core observation sulfate K+ Cl-
1 nothing precipitated
1 a precipitate did not form
0 a precipitate did form, white
@ core observation halide-silver Na+ NO3- attribute=precipitate
1 there is no precipitate
1 no cloudiness
@ core observation flame K+ Cl-
1 not yellow but lilac
0 not lilac but yellow
0 no lilac seen
@ core observation damp-red-litmus CO2
1 it did not turn blue
1 stayed red
0 it turned blue
@ gases observation lit-splint H2
0 it didnt pop
0 didnt make a sound
@ gases gas-test O2
1 glowing splint doesnt relight
@ core gas-test NH3
1 damp red litmus doesnt change
~ reasons
@ core purpose acid-before-silver-nitrate
1 any carbonate reacts with the acid and leaves as co2 so it cant interfere
1 because otherwise carbonate would give a precipitate too
1 to get rid of hydroxide or carbonate ions that would ppt
0 because silver nitrate needs an acid to work
0 it stops the silver chloride dissolving
0 carbonate is needed for the test
0 so the acid makes more carbonate
@ extended purpose acid-before-barium-chloride
1 sulfites and carbonates would also form white precipitates
1 gets rid of co3 2- which would give a false positive
0 so the sulfate is removed
0 to dissolve the barium
@ extended purpose not-sulfuric-acid
1 because sulphuric acid is a source of sulphate ions
1 youd always get a white ppt
0 it has no sulfate ions
0 because it is corrosive
@ core purpose not-hydrochloric-acid
1 the chloride in the hcl would react with the silver
1 it gives a false positive for chloride
0 because there is no chloride in hcl
0 hcl would dissolve the silver
@ core purpose damp-litmus
1 so that the gas can dissolve
1 litmus needs water to work
0 so the gas cant dissolve
0 to cool the gas
@ core purpose clean-wire
1 to get rid of any other substances that might colour the flame
1 otherwise youd see the last ones colour
0 so that the flame gets hotter
0 to put sodium on it
@ senior purpose fresh-iron-sulfate
1 fe2+ goes to fe3+ in air
1 because it reacts with oxygen over time
0 fe3+ goes to fe2+ in air
0 so it is warm
@ senior purpose blue-glass
1 to block the yellow light from sodium impurities
1 so the yellow of sodium doesnt hide the lilac
0 to block the lilac
0 so the yellow hides the lilac
@ core purpose excess-hydroxide
1 some hydroxides dissolve in excess and some dont
1 al dissolves but mg doesnt
0 mg dissolves but al doesnt
0 because more is better
@ core purpose fume-cupboard
1 breathing it in could harm you
1 its toxic
0 it isnt toxic
0 so the smell is stronger
~ phone
@ core gas-test H2
2 light a splint, put it near the gas and it will make a squeaky pop
2 if you put a flame to it theres a pop
1 put a glowing splint in and it pops
1 use a lit splint
0 use limewater
@ gases gas-test O2
2 a splint that was glowing bursts into flames
2 put in a splint that has just been blown out, it lights again
1 a splint that was glowing goes out
@ senior gas-test CO2
2 it makes limewater go cloudy
2 blow it into limewater & it turns white
1 use limewater and it turns blue
0 it puts out a lit splint
@ extended gas-test Cl2
2 it bleaches damp litmus paper
2 damp blue litmus paper turns red then bleaches
0 smells like swimming pools
@ core gas-test NH3
2 it makes damp red litmus paper go blue
1 damp red litmus stays red
@ gases gas-test H2O
2 white copper sulfate powder goes blue
2 put it on blue cobalt chloride paper, goes pink
1 anhydrous copper sulfate goes white
@ core identify cation Cu2+ SO4^2-
1 copper(II)
1 Cu2+ because of the blue precipitate
1 copper, blue ppt with naoh
0 iron(II)
@ core identify anion Na+ SO4^2-
1 sulfate
1 sulfate ions SO42-
0 sulfite
0 it isnt sulfate
@ core identify salt Na+ Cl-
1 sodium chloride
1 NaCl
0 sodium
0 sodium carbonate
`;
