/** The first part of a ninth set: every kind again, from phones, notes, voices, with reasons and names. In the notation of the other corpora. */
export const everyKind = `
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
`;
