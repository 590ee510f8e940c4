/** A seventh set: much the same said in many ways; by kind (`~`). */
export const seventhHandAnswers = `
~ phone
@ core observation naoh Zn2+ SO4^2-
2 White ppt; redissolved
2 ppt (white) which was soluble in excess
2 turned white, then on adding lots it turned clear so it dissolved
2 white precipitate that can be dissolved by adding more
1 white precipitate that cannot be dissolved by adding more
1 white ppt but it refused to go away
2 a white ppt at first, no ppt at the end
1 a white ppt at first, and at the end
2 white solid which slowly disappeared as i kept adding it
0 stayed clear the whole way through
1 blue ppt which dissolves
2 it made a white precipitate, then the precipitate was gone
2 whit ppt. xs = dissolves
1 white ppt xs=nothing
2 the white solid only lasted until excess was in
1 soluble in excess
1 white ppt formed, did not test excess
2 ppt: white. solubility in excess: soluble
1 ppt: white. solubility in excess: insoluble
@ core observation naoh Fe3+ Cl-
2 brown solid both times
2 rust coloured ppt, unaffected by excess
2 brown ppt. excess alkali had no effect
1 brown ppt. excess alkali dissolved it
2 orange-brown jelly that just wont dissolve
0 clear brown solution
2 forms a foxy brown ppt; insoluble
1 white ppt, insoluble
2 a brown precipitate and more naoh does nothing to it
2 brown ppt remains
0 it turned blue then dissolved
2 the solution goes from yellow to a brown precipitate, which stays
@ core observation naoh Cu2+ SO4^2-
2 blue ppt. excess: ppt still present
1 blue ppt. excess: ppt no longer present
2 gives a blue gelatinous precipitate insoluble in excess
2 blue and it didnt dissolve, it was a solid
1 blue solid formed at the start
0 blue colour got lighter
2 blue solid... stayed
@ core observation flame K+ Cl-
1 lilac/light purple
0 purple/pink
1 lilac flame seen briefly
1 lilac seen when looked at carefully
0 no lilac, only yellow
0 the lilac was covered by yellow so we only saw yellow
1 we got lilac not yellow
0 dull red
1 goes lilac
@ core observation flame Na+ Cl-
1 yellow (intense)
1 a yellow glow
1 the flame was coloured yellow
0 yellowish green
0 white then orange
1 it goes really yellow like the sun
0 yellow but not really, more red
1 yellow obviously
@ core observation flame Cu2+ SO4^2-
1 green with blue tips
1 blue-green flame
1 blue in the middle and green outside
0 lilac-green
@ core observation dilute-acid Na+ CO3^2- attribute=effervescence
1 lots of gas bubbles were seen
1 fizzed really hard
1 bubbled for ages
0 nothing bubbled
0 there was a smell
1 it fizzes, then stops
1 bubbles, bubbles and more bubbles
0 no fizzing and no bubbles
@ core observation sulfate Na+ SO4^2-
1 white precipitate observed
1 precipitate, white in colour
0 precipitate, brown in colour
0 precipitate
1 it turned a cloudy white colour
0 a white gas
0 white solution
@ core observation halide-silver Na+ I- attribute=precipitate
1 yellow ppt
1 a very pale yellow ppt
0 creamy white ppt
0 no ppt
1 yellow precipitate, not cream
@ gases observation limewater CO2
1 went cloudy after a while
1 clear then milky
0 didnt go milky
1 white ppt seen in it
0 it bubbled but nothing else
@ gases observation glowing-splint O2
1 the flame came back
1 it went on fire
1 re-lit straight away
0 it went dark
0 didnt relight
1 ignites
@ gases observation lit-splint H2
1 it makes a pop
1 squeaky popping
0 it doesnt pop
0 the flame got bigger
1 burns with a pop
@ core observation damp-red-litmus NH3
1 went from red to blue
1 blue
0 red to white
0 no blue colour
1 it turned the litmus paper blue
@ extended observation ammonia-solution Cu2+ SO4^2-
2 light blue ppt, dark blue solution in excess
2 blue ppt that dissolves to form a deep blue solution
1 blue ppt that doesnt dissolve in excess
2 pale blue solid first, deep blue colour with no solid after
@ core gas-test H2
2 lit splint squeaks
2 Squeaky pop with burning splint
1 splint pops
2 if it goes pop with a lit splint it is hydrogen
0 its hydrogen if its lighter than air
1 squeaky pop test
2 light it and listen for the squeaky pop
1 burning splint, it gets brighter
1 unlit splint pops
@ gases gas-test O2
2 glowing splint bursts into flame
2 relights a glowing splint
1 relights a splint
1 glowing splint burns brighter
1 relights a lit splint
0 splint
@ senior gas-test CO2
2 limewater cloudy
2 turns limewater milky
1 turns water milky
0 lime juice turns red
1 limewater stays clear
2 white ppt with limewater
@ core gas-test NH3
2 turns damp red litmus blue
1 turns damp red litmus pink
2 moist red litmus paper changes to blue
1 red litmus turns blue
@ extended gas-test Cl2
2 bleaches damp litmus
2 turns damp blue litmus red then white
1 bleaches litmus
1 damp litmus turns green
0 green gas
`;
