/**
 * Answers as they come from phones, from notes in a hurry, from a voice-typing keyboard and from students who
 * change their minds or deny things, by kind (`~`). Written before the reader was changed for them; the
 * notation is that of the other corpora.
 */
export const writtenAnswers = `
~ phone
@ core observation flame Na+ Cl-
1 omg sooo bright yellow i couldnt even look at it lol
1 it went yellow tbh
1 so basically when we put it in the flame it went this like really strong yellow colour
0 went orange i think
0 the flame got bigger
0 it burnt
@ core observation flame K+ Cl-
1 like a lilac-y colour??
1 there was a quick flash of lilac then it went back to normal
0 pinkish tbh
0 it was yellow mostly
1 ok so it was hard to see but definitely lilac
0 light purple i think
@ core observation flame Ca2+ Cl-
1 kind of a brick red colour but it came and went
1 orangey red, then nothing
0 it was green
@ core observation flame Li+ Cl-
1 RED!!! like properly red
1 crimson i'd say
0 pink
0 i thought it would be red but it was actually green
1 we thought it would be yellow but it came out crimson
@ core observation flame Cu2+ SO4^2-
1 blue-ish green, looked really cool ngl
1 green with blue bits in it
0 reddish
@ extended observation flame Ba2+ Cl-
1 it was apple green, my mate said yellow but i saw green like an apple
1 pale apple-y green
0 orange
@ senior observation flame Mg2+ SO4^2- attribute=colour
1 literally nothing, flame stayed the same
1 didnt change colour at all
0 white
0 it sparkled
@ senior observation flame K+ Cl- attribute=throughBlueGlass
1 thru the blue glass it was like a pinky purple
0 couldn't see a thing through it
@ senior observation flame Na+ Cl- attribute=throughBlueGlass
1 u cant see it anymore, the yellow's gone
1 nothing there when u look thru the glass
0 still yellow thru the glass
@ core observation naoh Al3+ SO4^2-
2 when i put a bit of the naoh in it went all cloudy and white and then when i kept going it went away again
2 white stuff formed and then it all went when we added loads more
1 white stuff at the bottom and it stayed there even with loads more
1 got a white solid
0 it got hot
0 nothing rly
2 white solid that disappeared once we'd put too much in
@ core observation naoh Mg2+ Cl-
2 white bits appeared and they didnt go away when we added more
2 it went white and lumpy and adding more didnt do anything to it
1 white ppt but then when u add more it goes
2 a white precipitate came and it never dissolved
1 the white solid got dissolved by the extra naoh
@ core observation naoh Cu2+ SO4^2-
2 blue jelly stuff formed and stayed in excess
1 blue jelly
0 blue liquid
0 it stayed blue
1 a green solid that doesnt dissolve
@ core observation naoh Fe2+ SO4^2-
2 horrible green sludge, still there after adding loads
1 green gunk
0 the solution was green
@ core observation naoh Fe3+ Cl-
2 brown sludge that wouldnt dissolve no matter how much we added
2 rusty coloured solid. adding more naoh did nothing
0 turned brown
1 it was like rust coloured bits floating in it
@ core observation naoh Fe3+ SO4^2- attribute=precipitate
1 browny orange lumps
0 the liquid went brown
@ core observation naoh K+ Cl- attribute=precipitate
1 literally nothing happened lol
1 it just stayed clear
1 no solid at all
0 small amount of white solid
@ core observation naoh Al3+ Cl- attribute=excess
1 it all dissolved again
1 the white bits went
1 solid disappeared and we were left with a colourless liquid
0 stayed the same
0 it didnt go away
@ core observation naoh Mg2+ SO4^2- attribute=excess
1 still there
1 the solid was still at the bottom
1 didn't make any difference
0 all gone
0 ppt redissolved
~ voice
@ core observation flame K+ Cl-
1 it was lie lack
1 the flame was a lilac colour full stop
1 lilac comma very faint
0 purple full stop
@ core observation flame Li+ Cl-
1 it went read
1 the flame was Crimson
1 crimson read flame
@ core observation flame Ca2+ Cl-
1 break red
1 it was a brick read colour
@ extended observation flame Ba2+ Cl-
1 apple grin
1 a pale apple green flame
@ core observation naoh Al3+ SO4^2-
2 a white precipitate formed which dissolved in access sodium hydroxide
2 white press it a tate that dissolves in excess
2 white participate dissolves in axis
1 white precipitate in soluble in excess
@ core observation naoh Cu2+ SO4^2-
2 blue participate in soluble in access
2 a blew precipitate that is insoluble in excess
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 a wight precipitate
1 white percipitate forms full stop
0 cream participate
@ core observation halide-silver K+ Br- attribute=precipitate
1 cream precipitant
1 a cream participate
0 white precipitation
@ core observation dilute-acid Na+ CO3^2-
2 effervescence and the lime water turned cloudy
2 effort essence and the line water went cloudy
2 it fizzed and the lime what are went milky
1 effervescent
@ gases observation glowing-splint O2
1 the glowing splint re lit
1 it really lit
1 the splint relights
0 the splint went out
@ gases observation lit-splint H2
1 squeak e pop
1 a squeaky pop was herd
0 no pop
~ notes
@ core observation naoh Al3+ SO4^2-
2 wh ppt, sol xs
2 w ppt -> sol. in xs NaOH
1 wh ppt insol xs
2 drops: white ppt; excess: dissolves
2 few drops = white ppt / excess = clear & colourless soln
1 ppt (w)
2 white ppt ✓ excess: redissolved ✓
2 1) white ppt formed 2) dissolved
@ core observation naoh Fe3+ Cl-
2 r/b ppt, insol. in xs
2 red-brown ppt; xs: no change
2 br ppt. xs - ppt remains
@ core observation naoh Cu2+ SO4^2-
2 pale blue ppt, insol xs
2 blue gelatinous ppt / no change on adding xs
1 bl ppt
@ senior observation naoh Pb2+ NO3-
2 white ppt, dissolves (xs) to colourless soln
@ extended observation ammonia-solution Cu2+ SO4^2-
2 pale blue ppt -> xs -> deep blue soln
2 lt blue ppt; dk blue soln w/ xs NH3
?1 dk blue soln only
@ core observation dilute-acid Na+ CO3^2-
2 eff., LW milky
2 fizz + LW -> cloudy
1 eff. LW no change
2 bubbles; gas turns lime-water white/cloudy
1 eff
@ core observation sulfate Na+ SO4^2-
1 wh. ppt
1 white ppt w/ BaCl2
0 no ppt w/ BaCl2
@ core observation halide-silver K+ I- attribute=precipitate
1 yel ppt
1 ye ppt
0 cr ppt
@ core gas-test H2
2 lit splint - pop
2 lit splint: sq. pop
1 glowing splint: pop
@ gases gas-test O2
2 gl. splint -> relights
2 glowing splint: relit
@ senior gas-test CO2
2 LW -> milky
2 l/w cloudy
1 LW, stays clr
@ core gas-test NH3
2 damp R litmus -> B
2 dmp red litmus -> blue
1 red litmus (damp)
@ extended gas-test Cl2
2 dmp litmus -> bleached
2 damp blue litmus: red, then white
~ misspelt
@ core observation naoh Al3+ SO4^2-
2 a wite precipitait that disolvs in exess
2 whit persipitate wich dissapeared in exes
1 wite preciptate, insolluble in ecsess
@ core observation naoh Cu2+ SO4^2-
2 blu percipitat, dosent disolve
2 bleu ppt insolubel
@ core observation naoh Fe2+ SO4^2-
2 grean precepitate, dident dissolve in exces
1 gren ppt
@ core observation flame K+ Cl-
1 lilack
1 liliac flame
1 lylac
0 perple
@ core observation flame Na+ Cl-
1 yelow flaim
1 yello
0 ornge
@ core observation flame Li+ Cl-
1 crimsun
1 crimzon red
@ core observation dilute-acid Na+ CO3^2-
2 effervecence, limewatter went clowdy
2 it fizzd and the lime warter turnd milky
1 bubbels
@ core observation halide-silver K+ Br- attribute=precipitate
1 creme precipitate
1 creem ppt
1 cremy ppt
@ gases gas-test O2
2 gloing splint relites
2 a glowing splent relights
2 glowin spint re-lit
@ core gas-test H2
2 squeeky pop with lit splynt
2 lighted splint goes pop (squeeky)
@ core gas-test NH3
2 damp red litmas turns bleu
2 moist red lithmus paper goes blue
@ core gas-test CO2
2 lime watter goes milkey
2 limewater gos clowdy
~ corrected
@ core observation flame K+ Cl-
1 yellow no wait lilac
0 lilac no wait yellow
1 i wrote red but i meant lilac
0 lilac, sorry i mean red
1 purple... actually no, lilac
@ core observation flame Na+ Cl-
1 orange. sorry, yellow
0 yellow - scrap that - it was orange
1 red?? no. yellow.
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 cream.. wait no its white ppt
0 white ppt. actually cream ppt
1 yellow precipitate, scrap that, white precipitate
1 i put cream but i think its a white precipitate
0 white precipitate edit: cream
@ core observation naoh Al3+ SO4^2-
2 blue ppt no wait white ppt, dissolves in excess
2 white ppt insoluble in excess. Correction: it does dissolve in excess
1 white ppt dissolves in excess. actually no it stays
@ core observation naoh Fe2+ SO4^2- attribute=precipitate
1 brown ppt i mean green ppt
0 green ppt, no sorry brown
@ gases observation limewater CO2
1 stayed clear.. oh wait no it went cloudy
@ gases gas-test O2
2 lit splint, no i mean glowing splint, relights
1 glowing splint no wait lit splint, relights
@ core gas-test H2
2 glowing splint. sorry lit splint, squeaky pop
@ core identify cation Na+ Cl-
1 potassium no wait sodium
0 sodium no wait potassium
1 lithium - actually sodium
0 Na+ sorry K+
1 i said potassium first but its sodium
@ core identify cation Fe3+ Cl-
1 Fe2+... no, Fe3+
0 iron(III) actually iron(II)
~ negated
@ core observation naoh Al3+ SO4^2-
1 white ppt, not soluble in excess
1 no white ppt, dissolves in excess
1 white ppt which did not dissolve
@ core observation naoh Mg2+ Cl-
2 white ppt, will not dissolve in excess
2 white ppt and it isnt soluble in excess
2 white ppt that fails to dissolve in excess
1 white ppt, not insoluble
2 white ppt, wouldn't go away
0 there wasn't any ppt
@ core observation naoh K+ Cl- attribute=precipitate
1 nothing, not even a tiny bit of white
1 no sign of any precipitate
1 i couldnt see a precipitate
1 neither a precipitate nor a colour change
0 not nothing, a bit of white ppt
@ core observation sulfate Na+ SO4^2-
0 a white precipitate was not seen
0 white ppt never formed
0 there was no white precipitate
1 not yellow, it was a white precipitate
0 it failed to give a white ppt
@ core observation sulfate K+ Cl-
1 white ppt didnt form
1 it did not go white
1 a precipitate was not formed
1 without any ppt
@ gases observation glowing-splint O2
0 the splint did not relight
0 it never relit
0 failed to relight
@ gases observation lit-splint H2
0 the pop didnt happen
0 there wasnt a pop
0 no squeaky pop was heard
1 not a loud pop but it did pop
@ gases observation limewater CO2
0 the limewater didnt turn cloudy
0 it wasn't milky
1 it was no longer clear, it was cloudy
@ core observation dilute-acid Na+ CO3^2-
1 no fizzing but limewater went cloudy
1 fizzing, limewater not cloudy
0 it did not fizz and the limewater was not cloudy
2 it didnt half fizz, limewater went milky
@ core observation naoh-warm NH4+ Cl- attribute=litmus
1 red litmus did not stay red it went blue
0 the litmus did not turn blue
0 litmus paper was unaffected
1 it went blue not red
@ extended observation acidified-manganate SO2
0 it did not lose its colour
0 the purple was not decolourised
1 no purple left
1 the purple went and it was colourless
@ core gas-test H2
1 lit splint, does not pop
1 lit splint but you dont hear anything
0 not a lit splint
@ senior gas-test CO2
1 limewater does not go milky
@ core gas-test NH3
1 damp red litmus doesn't change
1 dry red litmus turns blue
1 damp red litmus does not stay red
~ clear
@ core observation appearance Cu2+ SO4^2- attribute=colour
1 a blue liquid
1 pale blue solution
0 colourless
@ core observation halide-silver K+ I- attribute=precipitate
1 pale yellow precipitate
1 yellow solid which sank
0 the liquid turned yellow
0 yellow gas
@ families observation halide-layer Na+ I- attribute=upperLayer
1 the top layer went purple and the bottom was colourless
0 top layer colourless bottom layer purple
1 purple floating on top
@ families observation halide-layer K+ Br- attribute=upperLayer
1 orange on the top
0 the top bit was purple
@ senior observation nitrate-ring K+ NO3-
1 brown ring in the middle
1 you can see a brown line between the two layers
0 went brown all over
0 blue ring
1 a dark brown ring formed at the junction
@ core observation cobalt-chloride-paper H2O
1 went from blue to pink
0 pink to blue
0 stayed blue
1 the blue paper is now pink
@ core observation anhydrous-copper-sulfate H2O
1 powder turned blue
0 powder turned from blue to white
1 it was white and now its blue
@ core observation damp-blue-litmus Cl2
1 went red for a second then all the colour disappeared
1 turned white
1 lost its colour
0 turned red and stayed red
@ core observation damp-red-litmus NH3
1 red to blue
0 blue to red
1 paper changed to blue
0 the paper stayed the same colour
@ senior observation hcl-rod NH3
1 white clouds
0 black smoke
1 a white smoke came off the rod
0 white solid on the rod
@ gases observation metal-acid Mg attribute=effervescence
1 it fizzed like crazy
1 tons of bubbles coming off it really fast
0 no bubbles whatsoever
0 the metal got smaller
@ gases observation metal-acid Cu attribute=effervescence
1 absolutely nothing
1 didnt fizz
0 a few bubbles
@ gases observation metal-acid Mg attribute=warms
1 the tube got really hot
1 yes it heated up
0 no change in temp
1 felt warm
0 it got colder
@ core observation naoh-warm NH4+ SO4^2- attribute=smell
1 it stank
1 a really strong horrible smell
1 smells like wee
0 didn't smell of anything
0 sweet smell
@ extended observation ammonia-solution Cu2+ Cl- attribute=excessColour
1 really dark blue
1 deep royal blue solution
0 pale blue
0 blue ppt
@ senior observation halide-silver Na+ Cl- attribute=diluteAmmonia
1 the ppt went
1 white solid dissolved leaving a clear solution
0 it didnt do anything
@ core observation naoh Fe2+ SO4^2- attribute=standing
1 it went brown at the top
1 slowly turns from green to brown
0 no change, still green
0 went blue
`;
