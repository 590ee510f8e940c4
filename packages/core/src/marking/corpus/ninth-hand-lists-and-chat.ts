/** The fourth part: English learnt late, words misspelt, lists and chat. In the notation of the other corpora. */
export const listsAndChat = `
~ esl
@ core observation flame Na+ Cl-
1 the flame became of yellow color very strong
1 was seen a yellow
0 the colour it was like fire
1 it give yellow colour
0 i dont saw any colour
@ core observation flame Cu2+ SO4^2-
1 the fire changes to blue with green
1 bluegreen
0 it becomes red
@ core observation naoh Cu2+ SO4^2-
2 it is formed a blue solid and when putting more it does not go
2 blue precipitation, not soluble with more NaOH
1 blue precipitation, soluble with more NaOH
2 appears blue ppt. it remains.
1 it appears a green ppt and it remains
2 there is a blue solid, after more naoh there is still
@ core observation naoh Zn2+ SO4^2-
2 white solid which is after not there anymore
2 appears white, then it is dissolving when more is added
1 appears white solid, and is not dissolving when more is added
2 White ppt forms. Ppt is soluble.
1 it forms a white. it stays
@ core observation naoh Fe2+ SO4^2-
2 green dirty ppt who does not dissolve
2 a precipitate of green colour that stays also with much naoh
1 a precipitate of brown colour that stays
@ core observation sulfate Na+ SO4^2-
1 there is a white precipitate
1 it turns to white with solid
0 it is become hot
0 bubbles of white
@ core observation dilute-acid Na+ CO3^2-
2 it makes bubbles and the water of lime is cloudy
1 it makes bubbles and the water of lime is clear
2 bubbling. milky limewater
2 gas bubbles; the lime water changed in white
~ dyslexic
@ core observation halide-silver Na+ Br- attribute=precipitate
1 creem persipitate
1 craem ppt
1 a creamey coulered presipitate fromed
0 wite persipitate
@ core observation halide-silver Na+ I- attribute=precipitate
1 yelow perciptate
1 yello ppt apeared
0 creem ppt
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 wihte ppt
1 whiet presipetate
0 wihte gas
@ core observation naoh Fe3+ Cl-
2 borwn ppt dosnt disolve
2 rusty browm percipitate, insolubel
1 borwn ppt that disolvs
2 orangey brwon sloid, stais in exsess
@ core gas-test O2
2 glowign splint reliets
2 glowing splitn relits
1 lite splint relites
2 it relites a gloing splint
@ core gas-test CO2
2 limewarter gos clowdy
2 lime water gose milkey
1 limewater stais cleer
@ core gas-test H2
2 lit split makes squeeky pop
2 lit splint squecky pop
1 sqeaky pop
0 glowing splint go out
@ core gas-test NH3
2 damp red litmis gose blue
2 moyst red litmus papper truns blue
1 red litmus paper truns blue
@ core gas-test Cl2
2 damp litmus payper bleeched
2 blechis damp litmus
1 blechis litmus papper
~ lists
@ core observation naoh Al3+ SO4^2-
2 - white ppt\\n- dissolves in excess
1 - white ppt\\n- no change in excess
2 1. white precipitate\\n2. redissolves
2 few drops = white ppt | excess = colourless solution
1 few drops = no change | excess = dissolves
@ core observation dilute-acid K+ CO3^2-
2 * fizzing * limewater cloudy
1 - no fizzing\\n- limewater cloudy
2 Obs 1: effervescence. Obs 2: LW milky.
@ extended observation ammonia-solution Cu2+ SO4^2-
2 A) pale blue ppt B) dissolves, deep blue solution
1 A) pale blue ppt B) insoluble
2 1st: light blue solid 2nd: dark blue liquid no solid
@ extended observation ammonia-solution Zn2+ SO4^2-
2 white ppt, excess: clear colourless
1 white ppt, excess: white ppt
~ chatty
@ core observation flame K+ Cl-
1 honestly it looked lilac to me but really quick
1 ok so lilac. like pale but lilac
0 honestly couldn't see anything, just yellow from the sodium
1 miss it was lilac i swear
0 pinky red like the lithium
@ core observation flame Li+ Cl-
1 bright red almost crimson
1 red. deep red.
0 it went purple, or pinky
1 red flame! cool!
0 same as sodium
@ core observation flame Ca2+ Cl-
1 looks like a brick colour, reddish
1 orange-red, we did it twice
0 crimson maybe
0 looked green at first then nothing
@ core observation sulfate K+ Cl-
1 waited ages and nothing
1 nope nothing
1 absolutely nothing happened, stayed clear
0 tiny bit of white solid at the bottom
@ gases observation lit-splint H2
1 POP!
1 made me jump, it popped
0 flame went out with no noise
1 squeak
@ gases observation glowing-splint O2
1 it lit up again straight away
0 nothing happened, it just glowed
1 burst back into flames
~ reasons
@ core purpose acid-before-silver-nitrate
1 carbonate ions get destroyed so they can't form silver carbonate
1 to remove ions like carbonate
0 to remove ions like chloride
1 the carbonate would interfere by making a precipitate too
0 so the silver ions can be seen
1 if you didn't, silver carbonate would also be a white precipitate
@ core purpose acid-before-barium-chloride
1 get rid of sulfite and carbonate
1 barium carbonate would also precipitate otherwise
0 barium sulfate would also precipitate otherwise
0 hydrochloric acid reacts with sulfate to make it visible
@ core purpose not-sulfuric-acid
1 it contains the ion we are testing for
1 sulfuric acid would make barium sulfate on its own
0 barium chloride is not soluble in sulfuric acid
1 you'd get a white ppt even if there was no sulfate in the sample
@ core purpose not-hydrochloric-acid
1 it adds chloride which gives a white ppt with silver
0 it reacts with carbonate
1 you'd always get silver chloride
@ core purpose damp-litmus
1 the gas must dissolve to form ions
1 needs water for it to work
0 to wash the paper
@ core purpose clean-wire
1 old chemicals on it will colour the flame
1 no contamination
0 metal wires rust
@ senior purpose fresh-iron-sulfate
1 iron(II) reacts with oxygen to make iron(III)
0 iron(II) reacts with nitrate
1 so that it hasnt been oxidised
@ core purpose blue-glass
1 stops yellow light
1 so sodium doesn't mask potassium
0 makes potassium brighter
@ core purpose excess-hydroxide
1 some hydroxides dissolve in excess and some do not
1 aluminium hydroxide dissolves but magnesium hydroxide doesn't
0 so the metal precipitates fully
@ core purpose fume-cupboard
1 ammonia irritates your lungs
0 so you don't get burnt
1 it is poisonous
~ names
@ core identify cation Cu2+ SO4^2-
1 copper 2+
1 Cu(II)
1 copper two
0 copper one
0 cobalt
@ core identify anion Na+ SO4^2-
1 sulphate
1 SO4
0 sulfite
0 sulfuric
0 sulfide
@ core identify anion K+ I-
1 iodide
0 iodine
0 I2
1 I^-
@ gases identify gas Cl2
1 chlorine
0 chloride
1 Cl2
0 Cl-
@ core identify salt Na+ CO3^2-
1 sodium carbonate
1 Na2CO3
0 NaCO3
0 sodium hydrogencarbonate
0 carbonate
`;
