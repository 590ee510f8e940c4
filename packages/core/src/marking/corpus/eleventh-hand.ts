/** The eleventh set: phones, voice, reasons and names; the asides, notes and reasons of it stand beside. In the notation of the other corpora. */
import { eleventhHandAsides } from './eleventh-hand-asides.js';

const phonesAndVoices = `
~ phone
@ core observation flame Na+ Cl-
1 so basically it went this massive yellow colour like a streetlight
1 yelllowww
0 it was green i think because of the copper next to us
0 orange streetlight colour
0 no yellow at all
@ core observation flame Li+ Cl-
1 proper red, like a fire engine
1 started yellow then red when we cleaned it and did it again so red
0 lilac but the other group had red
@ core observation flame Ca2+ Cl-
1 brick red-ish
1 a kind of bricky red
0 red brick on the bench, flame didnt change
@ core observation flame Cu2+ SO4^2-
1 green w blue bits
1 turquoisey green
0 blue glass was used
@ core observation naoh Cu2+ SO4^2-
2 blue jelly stuff came straight away and it didnt go when we kept adding
2 blue ppt, xs no diff
1 blue ppt, xs goes clear
1 blue stuff at the bottom
0 it just went blue
@ core observation naoh Al3+ Cl-
2 white bits then they went when we added lots
2 wh ppt --> sol in xs
1 wh ppt --> insol in xs
0 it went cloudy
0 it stayed clear even with loads
@ core observation naoh Fe2+ SO4^2-
2 dirty green ppt that stays in excess (went brown on top after a bit)
2 swampy green solid not dissolving
1 green ppt, dissolved in excess
0 brown ppt
@ core observation naoh-warm NH4+ Cl-
1 the litmus that was red and damp went blue
1 a smelly gas that turned damp red litmus blue
0 litmus stayed red
0 the litmus went red
@ core observation dilute-acid Na+ CO3^2-
2 fizzes loads and limewater goes like milk
2 bubbles + LW milky
1 it fizzed
1 fizzed but limewater nothing
0 nothing. clear
@ core observation halide-silver Na+ Cl-
1 white bits, went greyish in the light
1 white ppt. dissolves if you add ammonia
0 cream ppt
1 milky coloured? no idea
@ core observation halide-silver K+ I-
1 pale yellow ppt
1 yellowy solid came out
0 yellow solution no solid
@ core observation sulfate Na+ SO4^2-
1 instantly went thick white like yoghurt
1 white powdery stuff sank
0 white fumes
0 nothing happened so its not sulfate
~ voice
@ core gas-test H2
2 hold a lit splint at the mouth of the tube and it makes a squeaky pop
2 put a lighted split near the tube and you hear a squeaky pop sound
2 burning splint squeaky pop
1 squeaky pop
1 you use a lit splint
0 glowing splint relights
1 glowing splint makes a squeaky pop
@ core gas-test CO2
2 bubble it through lime water and it turns cloudy
2 lime water goes milky when the gas goes threw it
1 it turns lime water
1 limewater goes clear
0 it puts out a lit splint
@ core gas-test NH3
2 damp red litmus paper goes blue
2 red litmus (wet) -> blue
1 litmus goes blue
0 damp blue litmus goes red
@ core gas-test Cl2
2 damp litmus paper gets bleached
2 wet blue litmus turns red then is bleached white
1 litmus turns white
1 damp red litmus goes blue
@ gases gas-test O2
2 a glowing splint lights up again
2 put a glowing splint in, it bursts back into flame
1 it relights
0 a lit splint goes out
1 a lit splint relights
~ reasons
@ core purpose acid-before-silver-nitrate
1 to get rid of any carbonate that would also make a white ppt
1 removes carbonate ions so they dont give a false positive
1 because carbonates would react with the silver and look like a halide
1 so that silver carbonate doesnt form and confuse the result
0 to make the halide react with the silver
0 to add carbonate ions
0 so the carbonate shows up
0 to speed up the reaction
0 because silver nitrate is an acid
0 to dissolve the silver chloride
@ core purpose acid-before-barium-chloride
1 to remove carbonate because barium carbonate is a white ppt too
1 it destroys the carbonates, they would also give white
0 to remove sulfate
0 so sulfate ions become barium
@ core purpose not-hydrochloric-acid
1 because it has chloride in it which would give a white ppt with silver
1 HCl would add Cl- so you always get a positive
1 hydrochloric acid contains chloride ions so false positive
0 its too strong
0 because it would remove the chloride
0 hydrochloric acid has no chloride
@ core purpose clean-wire
1 to get rid of anything left from the last sample so it doesnt change the colour
1 removes impurities
1 otherwise you see the colour of the last one mixed in
1 so sodium contamination doesnt hide the other colours
0 so the wire gets hotter
0 to make it shiny
0 so that the sample sticks less
@ core purpose damp-litmus
1 the gas has to dissolve in water before it can react with the litmus
1 ammonia needs water to make OH- ions
1 dry litmus wouldnt change since the gas must dissolve
0 so it doesnt burn
0 dampness makes the gas neutral
@ core purpose excess-hydroxide
1 to see if the precipitate redissolves so you can tell aluminium from magnesium
1 because some of the white ppts dissolve in excess and some dont
0 to neutralise the acid
0 to make it react faster
0 to see if the precipitate turns white
@ core purpose fume-cupboard
1 chlorine is poisonous
1 the gas is toxic so you dont want to breathe it in
1 so toxic fumes are taken away
0 to keep the gas in so you can smell it
0 its quieter
@ senior purpose fresh-iron-sulfate
1 it gets oxidised by the air to iron(III)
1 Fe2+ turns to Fe3+ if left standing
1 old solution has iron 3 in it because of oxygen
0 it gets reduced to iron(III)
0 iron(III) turns into iron(II) in air
0 it evaporates
@ senior purpose blue-glass
1 it blocks the yellow from sodium so you can see potassiums lilac
1 filters out sodium light
0 it blocks the lilac
0 it makes the flame blue
0 to protect your eyes
~ names
@ core identify cation Cu2+ SO4^2-
1 copper
1 Cu2+
1 copper (II) ion
0 copper(I)
0 cobalt
1 coper two plus
@ core identify cation Fe3+ Cl-
1 iron three
1 iron(III)
0 iron(II)
0 irons
1 ferric
@ core identify anion Na+ SO4^2-
1 sulphate
1 SO4 2-
0 sulfite
0 sulfide
@ core identify anion Na+ Cl-
1 chloride
0 chlorine
0 chlorate
@ core identify salt Cu2+ SO4^2-
1 copper sulfate
1 CuSO4
1 copper(II) sulphate
0 copper sulfite
~ more
@ extended observation ammonia-solution Cu2+ SO4^2-
2 pale blue solid first, then deep blue solution with loads of ammonia
2 light blue ppt dissolves in xs to give dark blue
1 light blue ppt which stayed
1 deep blue solution
@ extended observation ammonia-solution Zn2+ SO4^2-
2 white ppt, gone in excess
1 white ppt, still there in excess
@ families observation halide-layer K+ I-
1 purple top layer
0 orange layer
@ gases observation metal-acid Mg
1 bubbles of gas given off and it got warm
1 the magnesium fizzed
@ senior observation nitrate-ring Na+ NO3-
1 a brown ring where the two layers meet
1 brown ring formed
0 no ring
0 a blue ring
@ senior observation hcl-rod NH3
1 thick white smoke
1 dense white fumes
0 white precipitate
0 brown fumes
@ core observation damp-blue-litmus Cl2
1 goes red then white
1 bleached
0 goes blue
`;

export const eleventhHandAnswers = `${phonesAndVoices}${eleventhHandAsides}`;
