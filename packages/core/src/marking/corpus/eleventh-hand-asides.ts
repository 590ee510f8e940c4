/** The eleventh set, asides and notes, written after its first part was read; then reasons, after both. In the notation of the other corpora. */
const asidesAndNotes = `
~ asides
@ core observation flame K+ Cl-
1 pale purple, hard to see
1 mauve
1 sort of light violet
0 blue-green
0 couldnt see any colour really, maybe yellow
1 lilac for about a second then it just went back to normal
0 pinkish red
@ core observation flame Na+ Cl-
1 the whole flame lit up yellow
1 amber yellow
0 red then it faded
0 white sparks
0 a bit green round the edges
@ core observation flame Ca2+ Cl-
1 orangey-red
1 dull red
0 scarlet? no, green
0 yellow only
@ core observation naoh Fe3+ Cl-
2 rust coloured solid, no change when more was added
2 Orange/brown precipitate, insoluble
1 brown precipitate that redissolved
1 an orange brown ppt came
0 orange brown solution
0 green ppt that dissolves
@ core observation naoh Mg2+ SO4^2-
2 thin white cloud which didnt clear however much we added
2 white ppt (not soluble in excess)
1 white ppt (soluble in excess)
0 clear all the way through
@ core observation naoh Zn2+ SO4^2-
2 goes white then see through
2 white ppt appears & disappears in XS
1 white ppt, didnt try excess
1 white ppt and stays white
@ core observation naoh Ca2+ Cl-
2 cloudy white, stayed cloudy white when in excess
1 cloudy white, went away in excess
@ core observation naoh Cu2+ SO4^2-
2 a bright blue solid formed and excess had no effect
1 a bright blue solid formed and excess made it deep blue solution
0 white solid formed and excess dissolved it
@ core observation dilute-acid Na+ CO3^2-
2 effervescence. limewater turned cloudy white
1 no bubbles but the limewater turned cloudy
1 effervescence, limewater stayed colourless
2 fizz fizz fizz and the lime water got all milky
0 got hot
@ core observation halide-silver Na+ Br-
1 a creamy ppt
1 cream solid, took ages to settle
1 pale cream
0 yellowish white, hmm maybe just white
0 white
0 bright yellow
@ core observation halide-silver Na+ I-
1 yellow, insoluble solid
0 cream solid
0 nothing came out
@ core observation sulfate Na+ SO4^2-
1 white, thick, chalky
1 a white precipitate was formed immediately.
0 a white precipitate was not formed.
0 there was a white ppt but it dissolved in the acid
@ core observation naoh-warm NH4+ Cl-
1 smelt of nappies and the red litmus went blue
1 litmus red to blue
0 blue to red
0 no change to litmus
~ notes
@ core gas-test H2
2 lit splint - pops
2 pop w/ burning splint
1 pop
0 relights splint
@ core gas-test O2
2 glowing splint -> relit
1 glowing splint
1 splint relights
0 lit splint -> pop
@ core gas-test CO2
2 LW cloudy
2 limewater: clear -> milky
1 limewater
0 splint goes out
@ core gas-test NH3
2 damp red litmus --> blue
1 goes blue
1 damp red litmus
@ extended gas-test SO2
2 acidified potassium manganate(VII), purple to colourless
1 manganate goes clear
0 limewater milky
@ extended gas-test Cl2
2 damp blue litmus goes red then white
2 bleaches moist litmus
1 bleaches
@ senior gas-test HCl
2 white fumes with ammonia on a glass rod
1 white fumes
2 damp blue litmus red
~ reasons
@ core purpose acid-before-silver-nitrate
1 carbonate would give a white precipitate with silver ions so it has to go first
1 Reacts with carbonates which would otherwise be mistaken for chloride.
1 stops silver carbonate forming
0 it stops silver chloride forming
0 otherwise the halide wont be acidic
0 to give the chloride for the test
@ core purpose acid-before-barium-chloride
1 removes carbonates/sulfites that also ppt with barium
1 so you know the white ppt is sulfate and not carbonate
0 so you know the white ppt is carbonate and not sulfate
0 to make barium sulfate dissolve
@ core purpose not-sulfuric-acid
1 sulfuric acid contains sulfate so it would always give the ppt
0 sulfuric acid is more dangerous
0 it would take the sulfate away
@ core purpose not-sulfuric-acid-on-marble
1 calcium sulfate is insoluble and coats the marble so it stops
0 sulfuric acid is too weak for marble
@ core purpose clean-wire
1 so there is no leftover salt to give its own colour
1 sodium from your fingers would make everything yellow
0 so it glows more
@ core purpose damp-litmus
1 so the ammonia can dissolve and make an alkaline solution
0 so the litmus sticks to the glass
0 because ammonia is wet
@ core purpose excess-hydroxide
1 Al(OH)3 dissolves in excess but Mg(OH)2 does not
1 to tell zinc and aluminium apart from calcium
0 so all the metal has reacted
@ core purpose fume-cupboard
1 Cl2 is harmful if inhaled
0 so the reaction goes faster
0 because it is flammable
@ senior purpose fresh-iron-sulfate
1 because air oxidises iron(II) to iron(III) over time
1 iron (II) gets oxidised if you leave it
0 because air reduces iron(II) to iron(III)
0 old iron sulfate loses its sulfate
@ senior purpose blue-glass
1 to absorb the yellow sodium light
0 to absorb the purple light
0 blue light makes potassium burn
~ names
@ core identify cation Al3+ SO4^2-
1 aluminium
1 Al 3+
0 Al2+
1 aluminum
@ core identify cation NH4+ Cl-
1 ammonium
1 nh4 plus
0 ammonia
0 nitrogen
@ core identify anion Na+ CO3^2-
1 carbonate
1 CO3(2-)
0 carbon
0 carbon dioxide
@ core identify gas NH3
1 ammonia
1 NH3
0 ammonium
@ core identify anion K+ I-
1 iodide
0 iodine
1 I minus
@ core identify salt Na+ Cl-
1 sodium chloride
1 NaCl
0 sodium chlorine
0 sodium
`;
const reasonsOnceMore = `
~ reasons once more
@ core purpose acid-before-silver-nitrate
1 carbonate ions form a white solid with silver as well, acid destroys them
1 nitric acid gets rid of carbonate that might be in there
1 so only halides give a precipitate
1 otherwise carbonate could be mistaken for a halide
1 it would be a false positive if carbonate was there
0 otherwise halide could be mistaken for a carbonate
0 so that chloride ions leave
0 the acid makes the solution turn white
0 to acidify the silver
0 so the silver nitrate doesnt react
0 acid cleans the tube
0 because the teacher said to
@ core purpose acid-before-barium-chloride
1 barium carbonate is white as well, so carbonates must be removed first
1 any carbonate reacts with the acid and leaves as CO2
0 any sulfate reacts with the acid and leaves
0 barium chloride only works in acid
0 so that carbonates precipitate
1 so carbonates cannot precipitate
@ core purpose not-hydrochloric-acid
1 you would be putting chloride in so silver chloride forms no matter what
1 because chloride from the acid gives the white ppt
0 because hydrochloric acid stops chloride forming
0 it fizzes too much
0 it has no chloride so nothing happens
@ core purpose not-sulfuric-acid
1 the sulfate in the acid gives a ppt with barium anyway
1 adds sulfate so you cant tell
0 it has less sulfate than needed
0 sulfuric acid eats the barium
@ core purpose not-sulfuric-acid-on-marble
1 an insoluble layer of calcium sulfate stops the reaction
1 the CaSO4 made covers the chips so fizzing stops
0 the calcium sulfate dissolves
0 it makes too much gas
@ core purpose clean-wire
1 so the old sample doesnt spoil the colour
1 to make sure the only colour you see is from your sample
1 left over sodium makes it yellow
1 burn off anything else thats on it
0 to see the old sample better
0 so you dont get burnt
0 so it is sterile
0 to add sodium
@ core purpose damp-litmus
1 gas dissolves in the water on the paper
1 the indicator only works in water
1 needs moisture for ions to form
0 keeps the paper from burning
0 water stops the gas reacting
0 so the gas cant dissolve
@ core purpose excess-hydroxide
1 some hydroxides redissolve, that tells them apart
1 aluminium hydroxide goes back into solution but magnesium hydroxide stays
0 so it precipitates more
0 to dissolve all hydroxides
0 because you need lots
@ core purpose fume-cupboard
1 it is poisonous
1 breathing it in harms your lungs
1 chlorine is toxic
1 so nobody inhales the gas
0 so that we can inhale it
0 it might explode
0 it keeps the gas warm
@ senior purpose fresh-iron-sulfate
1 on standing it is oxidised to Fe3+
1 because Fe2+ + air -> Fe3+
1 oxygen in the air changes it to iron(III)
0 oxygen in the air changes it to iron(II)
0 Fe3+ is oxidised to Fe2+
0 it dries out
1 otherwise it would be iron(III) which doesnt work
@ senior purpose blue-glass
1 absorbs yellow
1 sodium's yellow cant get through so you see the lilac
1 cuts out the sodium colour
0 lets only yellow through
0 makes sodium lilac
0 it magnifies the flame
0 cuts out the potassium colour
`;

export const eleventhHandAsides = `${asidesAndNotes}${reasonsOnceMore}`;
