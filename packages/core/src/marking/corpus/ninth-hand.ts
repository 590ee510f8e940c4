/**
 * Five more sets, written one after the other, each before the reader was changed for the one before it: the same kinds
 * again, then corrections and denials, then longer prose and the rarer tests; and a fourth,
 * after those were mended: English learnt late, words misspelt, lists, chat; and a fifth of voices, reasons turned round and names. In the notation of the other corpora.
 */
export const ninthHandAnswers = `
~ phone
@ core observation flame Na+ Cl-
1 sir it was yellow like a street lamp
1 super strong yellow, everything else looked grey next to it
0 goldfish colour
1 yelloww!!!
1 same yellow as the sodium one we did before
0 like a candle
1 i saw yellow. jess says orange but i saw yellow
0 not sure, maybe yellow or maybe just the normal flame
1 yellow even with a tiny bit on the wire
0 flame went out
@ core observation flame K+ Cl-
1 lilac (hard to see)
1 first yellow from the dirty wire, after cleaning lilac
0 pale blue
1 its lilac when u look thru the blue glass
0 first lilac and then i cleaned it and it was yellow
0 a colour like lavender or maybe pink idk
0 nothing really, just the blue flame
1 lilac at the edges
@ core observation flame Li+ Cl-
1 proper crimson
1 deep red, crimson id say
0 orange red
0 red brick
1 crimson not scarlet
?1 it was kinda crimson but i put green cause my partner had green
@ core observation flame Cu2+ SO4^2-
1 blue green
1 greeny-blue with bits of blue
?0 blue
1 turquoise
0 the powder was blue and the flame was normal
1 powder blue, flame blue-green
@ core observation naoh Fe2+ SO4^2-
2 green sludge, stayed when i put more
2 dirty green ppt. adding more didnt do anything to it. went brown at the top later
1 green ppt that vanished with more
2 swampy green solid, still there in excess
0 green solution
1 green jelly
0 no ppt
2 green ppt/insol
1 brown ppt that stays in excess
2 dark green stuff came down and it didnt go even with loads of naoh
@ core observation naoh Cu2+ SO4^2-
2 blue ppt, doesnt redissolve
2 pale blue gelatinous ppt and with excess no change
1 blue ppt that turns deep blue solution in excess
1 blue solid. in excess it dissolves
1 light blue ppt
?0 blue
2 a blue cloud that settled, more drops just made more of it
@ core observation naoh Al3+ SO4^2-
2 white then gone
2 white ppt (drops), colourless solution (excess)
1 white ppt (drops), white ppt (excess)
2 went cloudy white and after plenty more it was see through again
1 went cloudy white and stayed like that
2 snow white jelly, disappears if you pour in more
1 yellow ppt that dissolves in xs
@ core observation naoh Na+ Cl-
2 no reaction at all
2 nothing in drops nothing in excess
2 stayed colourless
0 white ppt insoluble
2 no ppt even with excess
~ notes
@ extended observation ammonia-solution Zn2+ SO4^2-
2 wh ppt -> sol xs
2 drops: W ppt; xs: dissolves
1 drops: W ppt; xs: no diss
2 white↓, xs NH3 clear soln
@ extended observation ammonia-solution Al3+ SO4^2-
2 white ↓ / insol xs
1 white ↓ / sol xs
2 wht ppt persists
@ extended observation ammonia-solution Cu2+ SO4^2-
2 lt blue ppt → dk blue soln
2 ppt bl., dissolves to v. deep bl.
1 lt blue ppt → lt blue ppt
@ core observation halide-silver Na+ Br- attribute=precipitate
1 crm ppt
1 cream (off-white) ppt
0 wh ppt
0 cream soln
1 between white and yellow -> cream
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 wt ppt
1 white cloudiness
0 no ppt formed, white soln
0 white fumes
1 curdy white ppt dissolving in ammonia
@ core observation sulfate Na+ SO4^2-
1 wh ppt w/ BaCl2/HCl
1 thick white, cant see thru it
0 fizz, then wh ppt → no wait just fizz
1 white ppt (insol. in acid)
0 white ppt which dissolved in the HCl
@ core observation dilute-acid Na+ CO3^2-
2 effervesc.; LW milky
1 effervesc.; LW nc
2 fizz + cloudy LW
1 bubbles CO2
2 bubbles, LW -> chalky
1 LW cloudy
0 it bubbled? no. it didnt. LW clear
@ core observation dilute-acid K+ Cl-
2 no fizz, limewater unchanged
2 nothing happens, lw stays clear
1 fizz, limewater unchanged
@ gases observation metal-acid Mg
1 lots of fizzing, tube gets hot, mg gone
~ voice
@ core gas-test H2
2 you hold a lit splint by the tube and here a squeaky pop
2 i would use a burning wood splint and it would make a squeaking pop sound
1 you put a glowing splint in and it pops
1 light a match
2 ignite it with a lighted splint full stop it pops
0 it smells
1 listen for a pop
@ core gas-test O2
2 a glowing splinter will catch fire again
2 blow out a splint so its still red and stick it in it should light up again
0 put a burning splint in and it burns brighter
0 put a burning splint in and it goes out
1 glowing splint goes out
1 relights
2 if the ember of a splint bursts into flames
@ core gas-test CO2
2 bubble into lime water turning cloudy
2 when you bubble it threw lime water it goes milky
1 bubble it through limewater which goes clear
0 it puts out a flame
1 limewater
2 calcium hydroxide solution goes white
?2 lemon water goes cloudy
@ core gas-test NH3
2 wet red litmus goes to blue
1 red litmus goes blue
2 smells choking and turns damp red litmus blue
1 damp litmus turns blue
2 hold a glass rod dipped in conc hcl near it and you get white smoke
1 damp red litmus is bleached
0 smells like wee
@ core gas-test Cl2
2 damp blue litmus goes red and then loses its colour
2 moist litmus goes white
1 litmus goes white
2 damp litmus gets bleached
1 damp litmus goes blue
1 it bleaches things
2 damp starch iodide paper goes blue black
@ extended gas-test SO2
2 potassium manganate seven with acid goes from purple to colourless
2 acidified dichromate paper orange to green
1 acidified manganate turns purple
@ core gas-test H2O
2 white copper sulphate goes blue
2 cobalt chloride paper blue to pink
1 cobalt chloride paper pink to blue
0 boils at 100
1 anhydrous copper sulfate goes from blue to white
~ reasons
@ core purpose acid-before-silver-nitrate
1 so carbonate isnt there to give silver carbonate ppt
1 carbonate ions would also make a solid with silver so you get rid of them
1 to get rid of anything else that would form a precipitate with silver, such as carbonates
0 to make it react faster
0 so that the silver nitrate dissolves
0 to see if it fizzes
1 or else silver carbonate could be mistaken for silver chloride
0 acid kills the halides
0 to make the silver ions into carbonate
1 it reacts away the carbonates
1 removes carbonates which give a false positive
0 to remove sulfates so they dont confuse it
@ core purpose acid-before-barium-chloride
1 to destroy carbonates/sulfites that would make a white ppt too
1 bc barium carbonate is white too, and acid dissolves it
0 because barium sulfate dissolves in acid
1 so only sulfate gives the white ppt
0 to give the sulfate
1 it gets rid of CO3 2-
0 to provide chloride ions
@ core purpose not-sulfuric-acid
1 sulfuric adds SO4 so you would see a ppt whatever
1 it would give a positive even if the sample had none
0 it is too strong
0 it would react with barium chloride to make bubbles
1 bc then youre testing the acids own sulfate
@ core purpose not-sulfuric-acid-on-marble
1 a coat of calcium sulfate stops it
1 calcium sulfate doesnt dissolve well and covers the lumps so fizzing stops
0 it would explode
0 because it contains sulfate that gives a ppt with barium
@ core purpose not-hydrochloric-acid
1 HCl has chloride in it so AgCl would form
1 youd be adding the very ion youre looking for
0 hcl is too weak
0 it would make the silver nitrate fizz
@ core purpose damp-litmus
1 the gas has to dissolve before it can change the colour
0 so it sticks to the glass
1 dry paper wont show anything as gas needs water
0 so the paper does not catch fire
0 to make the colour darker
@ core purpose clean-wire
1 so colours of earlier salts dont get mixed in
1 otherwise sodium from last time makes it yellow
0 so it is sterile
0 so the wire does not melt
1 to stop contamination from whatever was on it
0 to make the flame hotter
@ senior purpose fresh-iron-sulfate
1 Fe2+ slowly becomes Fe3+ when left
0 Fe3+ slowly becomes Fe2+ when left
1 old solutions have been oxidised by the air
0 it evaporates
0 it goes off
@ core purpose blue-glass
1 takes out the sodium yellow so the lilac shows
0 takes out the lilac so the yellow shows
1 so sodium contamination doesnt hide potassium
0 protects eyes from the light
1 it absorbs the yellow
@ core purpose excess-hydroxide
1 to tell al and zn from mg/ca because those dont dissolve
1 see whether ppt is amphoteric
0 to make sure all reacted
0 to make more ppt so its easier to see
1 aluminium's dissolves and calciums does not
@ core purpose fume-cupboard
1 chlorine is poisonous to breathe
1 so nobody breathes it
0 so the gas can be collected
0 to keep the flame from blowing out
1 toxic
~ names
@ core identify cation Fe3+ Cl-
1 iron three plus
1 ferric
1 Fe 3+
0 Fe
0 ferrous
0 iron
1 it must be iron(III) because the ppt was brown
0 iron 3 or iron 2
@ core identify cation NH4+ Cl-
1 amonium
0 ammonia
1 NH4 +
0 NH3
@ core identify anion Na+ CO3^2-
1 carbonate
1 CO3--
0 carbon dioxide
0 carbonic acid
0 hydrogencarbonate
@ core identify salt Cu2+ SO4^2-
1 copper sulfate
1 CuSO4·5H2O
1 copper(II) sulphate
0 copper chloride
0 copper
1 cupric sulfate
0 coper sulfide
@ core identify cation Ca2+ Cl- seen=flame:colour=crimson
1 lithium
1 calcium
0 strontium
~ phone tenth
@ core observation flame Ca2+ Cl-
1 yeah it went brick red for like two seconds
1 so when we first put it in it was orangey but then proper brick red
0 it went a really nice pink
1 brick-red
1 orange red i think, like rust
0 it was just yellow the whole time
1 reddish
@ families observation flame Sr2+ Cl-
1 red, proper red like a stop light
1 scarlet / crimson
0 purple
1 deep red with a bit of orange at the tips
@ core observation flame Na+ Cl-
1 mega bright yellow, hurt my eyes
1 yellowy orange
0 orangey red
1 it was yellow, not orange
0 not yellow
@ extended observation flame Ba2+ Cl-
1 apple green
1 pale green
1 green like an apple
1 yellowish green
0 blue green
0 bright blue
@ core observation naoh Mg2+ Cl-
2 white solid appeared and it never went away
2 went white and lumpy, adding more did nothing
2 got a white ppt, tried excess and the ppt was still there
1 got a white ppt, tried excess and it went see through
1 clear then white
2 cloudy white, no change in xs
0 no change
2 white precipitate. nope doesnt dissolve
2 thin white ppt which didn't re-dissolve
1 a white ppt which did re-dissolve
@ core observation naoh Fe3+ Cl-
2 orange-brown ppt, insoluble
2 reddy brown solid, same with excess
2 rusty ppt that wont go away
1 dark green ppt, insoluble
0 orange solution
2 brown sludge, excess nothing
1 brown ppt
1 brown ppt soluble in excess
@ extended observation naoh Cr3+ Cl-
2 grey green ppt → green solution
2 green ppt at first, dissolves when you add more
1 green ppt, no change on adding more
1 blue ppt dissolves in excess
@ extended observation ammonia-solution Fe2+ SO4^2-
2 green ppt, stays
2 dirty green ppt insol in xs NH3
1 brown ppt, stays
@ extended observation ammonia-solution Ca2+ Cl-
2 no ppt
2 no precipitate in either
2 nothing happens at all, with excess too
1 white ppt then no change
~ corrections tenth
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 cream... no hang on its white ppt
0 white ppt... no actually its cream
1 yellow ppt wait no that was the other tube. white ppt
1 i thought it was cream but next to the cream one it was clearly a white ppt
1 *white ppt (i wrote cream before)
0 white or cream ppt
0 white ppt, sorry, i meant yellow ppt
@ core observation naoh Cu2+ SO4^2-
2 green - scratch that - blue ppt, doesnt dissolve
2 blue ppt, dissolves in excess. edit: it doesnt dissolve
1 blue ppt, doesnt dissolve. edit: it does
2 blue ppt (i first put blue solution but there were bits), insoluble
@ core observation dilute-acid Na+ CO3^2-
2 i didnt think it fizzed but it did, and the limewater went milky
1 fizzed. limewater cloudy - no wait that was still clear
2 no bubbles at first then loads of bubbles and limewater went cloudy
@ core observation sulfate K+ SO4^2-
1 nothing... oh wait a white ppt has come down
0 white ppt.. oh no thats the other tube, nothing here
1 at first i thought nothing happened but its gone thick white ppt
~ negation tenth
@ core observation sulfate K+ Cl-
1 it did not go cloudy
1 there wasn't any precipitate
1 no white solid was seen
0 it did go cloudy white
1 stays see through
1 neither cloudy nor any ppt
0 not nothing, a white ppt formed
@ core observation halide-silver Na+ NO3-
1 doesnt form a ppt
1 clear, no ppt
@ gases observation lit-splint H2
1 squeaky pop
0 didnt pop
0 no squeaky pop, just went out
1 a loud pop
1 it popped quietly
@ gases observation glowing-splint O2
0 it failed to relight
1 it did relight
1 burst into flame
0 splint stayed glowing
1 flared up again
@ gases observation limewater CO2
1 became milky
0 stayed clear
1 cloudy white ppt
0 did not turn milky
1 turned chalky white
~ voice tenth
@ core gas-test CO2
2 lime water turns milky when you pass the gas threw
2 bubbled into line water and it goes cloudy
1 limewater stays clear
2 pass it through limewater it turns a milky white colour
@ core gas-test H2
2 a lit split gives a squeaky pop
2 lighted splint. pop sound
1 glowing splint squeaky pop
1 lit splint goes out
2 put a flame near it and it goes pop
@ core gas-test O2
2 glowing splint relights
1 lit splint relights
2 it relights a glowing split
2 put in a splint thats glowing and it starts burning again
@ core gas-test Cl2
2 bleaches damp litmus paper
2 damp blue litmus turns red then white
1 bleaches litmus
2 wet litmus paper turns white
1 turns damp red litmus blue
@ core gas-test NH3
2 turns moist red litmus paper blue
1 turns litmus blue
2 damp red litmus goes blue and pungent smell
~ reasons tenth
@ core purpose acid-before-silver-nitrate
1 the acid gets rid of carbonate ions that would react with the silver
1 removes carbonate impurities
0 removes the halide impurities
1 to stop carbonates precipitating
0 to stop chlorides precipitating
1 carbonate would also precipitate with Ag+
0 to react with the silver nitrate
1 to make sure the ppt is only silver halide
0 helps the ppt form
@ core purpose acid-before-barium-chloride
1 removes any carbonate
1 carbonates give a white ppt as well so would be confused for sulfate
0 to make carbonates ppt
1 to prevent a false positive from carbonate ions
0 to make sure the barium is pure
@ core purpose not-sulfuric-acid
1 cos its got sulfate in it so you'd get a ppt anyway
1 the sulfate from the acid would form barium sulfate
0 because it would remove the sulfate
0 too dangerous
@ core purpose not-hydrochloric-acid
1 there would be chloride ions from the acid
1 cl- in the acid would ppt with ag+
0 it would get rid of the chloride
@ core purpose damp-litmus
1 ammonia dissolves in the water and makes it alkaline
1 so that the gas can dissolve
0 so that the litmus can dissolve
1 because dry gas wont change dry paper
0 to protect it
@ core purpose clean-wire
1 to remove anything left over from the last test
1 so you dont get sodium contaminating it
0 so that the flame is yellow
0 to make it conduct
1 so the previous sample doesnt affect the colour
@ senior purpose fresh-iron-sulfate
1 because it turns into iron(III) in air
1 iron 2 gets oxidised
0 iron 3 gets oxidised
0 because it dries out
1 otherwise there would be iron(III) ions instead of iron(II)
@ core purpose blue-glass
1 to filter out yellow from sodium
0 to filter out the lilac
1 so you can see the lilac of potassium without sodium getting in the way
0 makes the flame look blue
@ core purpose excess-hydroxide
1 because zinc and aluminium hydroxides redissolve
1 to check if the precipitate dissolves
0 to be sure theres enough to react
1 so you can tell magnesium from aluminium
@ core purpose fume-cupboard
1 the fumes are toxic
1 because chlorine is harmful if inhaled
0 so it doesn't catch fire
1 to stop you breathing in the gas
~ names tenth
@ core identify cation Ca2+ Cl-
1 calcium ions
1 Ca2+
1 ca 2+
?1 CaCl2
1 calsium
@ core identify anion Na+ Br-
1 bromide
0 bromine
1 Br-
1 bromide ion (Br-)
0 chloride or bromide
@ core identify gas NH3
1 ammonia
1 NH3
0 ammonium
0 NH4+
1 amonia gas
@ core identify salt K+ I-
1 potassium iodide
1 KI
0 potassium iodine
0 potassium
1 pottasium iodide
@ core identify cation Fe2+ SO4^2- seen=naoh:precipitate=brown,excess=insoluble
1 iron(III)
1 iron(II)
0 iron
0 copper
~ prose eleventh
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
~ tests eleventh
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
~ reasons eleventh
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
~ esl twelfth
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
~ dyslexic twelfth
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
~ lists twelfth
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
~ chatty twelfth
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
~ reasons twelfth
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
~ names twelfth
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
~ voice thirteenth
@ core observation flame Na+ Cl-
1 the flame went a bright yellow colour comma like a street light full stop
1 hello flame
0 no colour at all
@ core observation flame K+ Cl-
1 lie lack flame
1 light lilac
0 blue full stop
@ core observation naoh Fe2+ SO4^2-
2 a green participate forms and it is in soluble in excess
2 green precipitate full stop no change when more is added
1 green precipitate full stop it disappears when more is added
2 dark green perceptive it doesn't dissolve
@ core observation naoh Al3+ SO4^2-
2 wight precipitate that reed dissolves in excess
2 white precipitate which is sold you bull in excess
1 white precipitate which is in sold you bull in excess
@ core observation halide-silver Na+ Br- attribute=precipitate
1 cream precipitate
1 a crime coloured precipitate
0 a clean precipitate
@ core observation sulfate Na+ SO4^2-
1 a thick white precipitate for msu
1 white precipitate forms straight away
0 write down nothing
@ core gas-test H2
2 use a lit splint and listen for a squeaky pop
2 put a lit split near and you hear a squeaky pup
1 squeaky pop
@ core gas-test O2
2 a glowing splint re lights
2 glowing splint relates
1 a burning splint relates
@ core gas-test CO2
2 bubble through lime water turns milky
2 line water goes cloudy
@ core gas-test NH3
2 damp red litmus paper turns blue
2 damp read litmus paper goes blue
~ reversed thirteenth
@ core purpose acid-before-silver-nitrate
0 to add carbonate ions
0 silver carbonate dissolves the acid
0 so carbonate ions stay in the solution
1 the acid turns carbonate into carbon dioxide so it's out of the way
0 to turn the chloride into carbon dioxide
1 so that there is no carbonate
0 so that there is no silver
@ core purpose acid-before-barium-chloride
0 so the carbonate gives a white precipitate
1 so the carbonate does not give a white precipitate
1 sulfites would also give a white ppt so they are removed
0 removes sulfate so only carbonate is left
0 to dissolve barium sulfate so it can be seen
@ core purpose not-sulfuric-acid
0 it has no sulfate in it
0 it would remove the barium
1 introduces sulfate
0 introduces chloride
@ core purpose not-sulfuric-acid-on-marble
0 calcium sulfate dissolves so fast
1 a layer of calcium sulfate forms and blocks the acid
0 a layer of calcium carbonate forms
1 the marble gets coated so it stops
@ core purpose not-hydrochloric-acid
0 it has nitrate
1 has chloride in
0 chlorine would be given off
@ core purpose damp-litmus
0 so the gas cannot dissolve
0 dry litmus works better
1 dry litmus doesn't work
@ core purpose clean-wire
0 so that sodium gives its yellow
1 so that sodium doesn't give its yellow
0 so that the last sample is seen
1 so that the last sample isn't seen
@ senior purpose fresh-iron-sulfate
0 iron(III) turns into iron(II) in air
1 iron(II) turns into iron(III) in air
0 because fresh has iron(III)
0 the sulfate is oxidised
@ core purpose blue-glass
0 lets the yellow through
1 lets the lilac through but not the yellow
0 stops the lilac
1 stops you seeing the sodium
0 stops you seeing the potassium
@ core purpose excess-hydroxide
0 aluminium's doesn't dissolve and magnesium's does
1 magnesium's doesn't dissolve and aluminium's does
@ core purpose fume-cupboard
0 the gas is harmless
1 the gas is not harmless
~ identify thirteenth
@ core identify cation Cu2+ SO4^2- seen=naoh:precipitate=green,excess=insoluble
1 iron(II)
1 copper(II)
0 iron(III)
0 iron
@ core identify cation Na+ Cl- seen=flame:colour=lilac
1 potassium
1 sodium
0 calcium
0 sodium and potassium
@ core identify anion Na+ I- seen=halide-silver:precipitate=cream
1 bromide
1 iodide
0 chloride
0 bromide or iodide
@ core identify cation Zn2+ SO4^2- seen=naoh:precipitate=white,excess=dissolves
1 zinc
1 aluminium
0 zinc or aluminium
0 magnesium
@ core identify cation Ca2+ Cl-
1 the cation is calcium because the flame was brick red
1 calcium not magnesium
0 it's not calcium
1 Calcium ion Ca 2 plus
0 Ca+
0 calcium or lithium
@ core identify anion K+ CO3^2-
1 carbonate because it fizzed and limewater went cloudy
0 CO2
1 carbonate ion (CO3 2-)
0 bicarbonate
@ core identify salt Fe3+ Cl-
1 iron(III) chloride
1 FeCl3
0 iron(II) chloride
0 iron chloride
0 FeCl2
1 ferric chloride
@ core identify gas CO2
1 carbon dioxide
1 CO2
0 carbon monoxide
0 carbonate
1 carbon di oxide
`;
