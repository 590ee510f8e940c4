/** A second set of the same kinds, written after the reader stood and before it was tried on them; by kind (`~`). */
export const secondHandAnswers = `
~ phone
@ core observation flame Na+ NO3-
1 ok so the flame turned into this super bright yellow straight away
1 deffo yellow, filled the whole flame
1 yellow (really strong)
0 a red flame with a tiny bit of smoke
0 the salt melted and dripped off
1 the colour we got was yellow, same as the street lights
0 sort of peachy orange
1 mustard yellow
@ core observation flame K+ I-
1 it was faint but i could make out lilac
1 lilac with some yellow at the edges from the dirt
0 nothing really happened, bit of yellow
1 pale lilac that vanished after a sec
0 bluey purple
0 reddish then orange
@ core observation flame Ca2+ Cl-
1 orange red, kind of like a brick
0 dark red like blood
1 it went orangy-red for a few seconds
0 yellowish orange
@ core observation flame Li+ I-
1 crimson, really pretty
1 a deep crimson red colour was observed
0 lilac
0 magenta or purple
1 the flame turned from blue to red
@ core observation flame Cu2+ Cl-
1 a green flame with a blue edge
1 bluey green
1 turquoisey
0 violet
@ families observation flame Sr2+ Cl- attribute=colour
1 bright scarlet
1 red, quite strong
0 apple green
@ extended observation flame Ba2+ NO3- attribute=colour
1 light green
1 greenish yellow
0 it was yellow
@ senior observation flame Zn2+ SO4^2- attribute=colour
1 no change to the flame
1 flame just stayed blue like normal
0 green
1 there wasn't any colour
@ core observation naoh Zn2+ SO4^2-
2 a white solid appeared and when i carried on adding sodium hydroxide it vanished
1 a white solid appeared and when i carried on adding sodium hydroxide nothing changed
@ core observation naoh Ca2+ Cl-
2 slightly cloudy white ppt that stays when you add excess
2 it goes cloudy white and doesnt clear when you add more
1 cloudy white
0 clear solution both times
@ core observation naoh Cu2+ SO4^2-
2 instantly got a bright blue solid and it was still there in excess
1 it went from pale blue to a thick blue solid
2 blue solid formed, adding more didnt dissolve it
0 dark blue solution formed
@ core observation naoh Fe3+ Cl-
2 brown solid like rust and it didnt dissolve
1 gloopy brown solid
2 orange/brown ppt which is insoluble
0 greeny brown liquid
@ core observation naoh Fe2+ SO4^2-
2 dark green ppt. when excess added ppt remained
1 green ppt which turns brown on standing
2 green ppt which goes brown at the surface, not soluble in excess
@ core observation naoh Al3+ SO4^2- attribute=excess
1 it all cleared up
1 ppt redissolves to give a colourless solution
1 it goes clear again
0 remains white
0 there was even more ppt
@ core observation naoh NH4+ Cl- attribute=precipitate
1 no visible reaction
1 no solid formed just a smell
0 white cloudy
@ extended observation ammonia-solution Cu2+ SO4^2-
2 first a light blue solid came then it went really dark blue when i added loads
2 pale blue precipitate that dissolves in excess ammonia to make a deep blue solution
1 pale blue precipitate that doesnt dissolve
@ extended observation ammonia-solution Zn2+ SO4^2-
2 white ppt goes away in excess
2 you get white stuff and then it goes clear
1 white ppt no change in excess
@ core observation dilute-acid Na+ CO3^2-
2 there was loads of fizzing and when we bubbled the gas through limewater it turned milky
2 fizzes, turns limewater cloudy
1 lots of fizzing but we forgot the limewater
1 it bubbled and the solid disappeared
2 rapid effervescence; the limewater became cloudy white
1 fizzing and the gas put out a splint
@ core observation dilute-acid Na+ Cl- attribute=effervescence
1 no reaction
1 it didnt bubble at all
0 tiny bubbles
@ core observation sulfate Na+ SO4^2-
1 a thick white precipitate came straight away
1 it turned milky white
1 white solid settled out
0 colourless
0 pale yellow ppt
0 no change
@ core observation sulfate Na+ Cl-
1 it stayed clear
1 remained colourless
0 cloudy white
@ core observation halide-silver K+ Br- attribute=precipitate
1 creamy coloured ppt
1 a cream coloured solid
0 creamy solution
0 white
@ core observation halide-silver Na+ Cl- attribute=precipitate
1 white solid that went grey in the light
1 white precipitate forms which dissolves in ammonia
0 milky yellow ppt
@ core observation halide-silver K+ I- attribute=precipitate
1 a yellow precipitate that doesn't dissolve in ammonia
1 bright yellow ppt
0 creamy
@ senior observation halide-silver K+ Br- attribute=concAmmonia
1 it dissolved
1 the cream ppt disappeared
0 it stayed
@ families observation halide-layer K+ Cl- attribute=upperLayer
1 no colour change in the top layer
1 top layer is colourless
0 orange
@ families observation halide-layer Na+ I- attribute=upperLayer
1 pinky purple layer at the top
1 the hexane went violet
0 brown
@ senior observation nitrate-ring K+ NO3-
1 a brown ring formed between the two layers
1 brown ring!!
0 a ring formed
0 the whole thing went brown
@ gases observation limewater CO2
1 the limewater turned from clear to milky
1 it turned a milky white colour
0 no change seen
0 it turned blue
1 goes from colourless to cloudy
@ gases observation lit-splint H2
1 there was a squeaky pop sound
1 it made a pop noise
0 nothing
0 the splint just carried on burning
@ gases observation glowing-splint O2
1 the splint caught fire again
1 it set alight
1 it relit straight away
0 it kept glowing
0 the splint went out straight away
@ core observation damp-red-litmus NH3
1 it turned blue
1 paper went blue
0 no colour change
0 it turned a darker red
@ core observation damp-blue-litmus Cl2
1 it went red and then white
1 it bleached it
0 it went purple
@ senior observation hcl-rod NH3
1 thick white smoke forms
1 white fumes seen
0 fumes
0 a white precipitate
@ extended observation acidified-manganate SO2
1 it changed from purple to colourless
1 the purple colour disappears
1 it decolourises
0 it turned pink
0 it stayed the same purple colour
@ gases observation metal-acid Mg attribute=effervescence
1 very vigorous fizzing
1 loads of tiny bubbles
0 it dissolved
@ gases observation metal-acid Zn attribute=effervescence
1 slow bubbles at first then quicker
1 bubbled steadily
@ gases observation metal-acid Cu attribute=residue
1 copper still in the tube
1 it was all left
0 no copper left
@ core observation naoh-warm NH4+ Cl- attribute=smell
1 strong smell of ammonia
1 it smelt like toilets
0 no smell at all
@ core observation naoh-warm NH4+ Cl- attribute=litmus
1 turned from red to blue
1 red litmus turns blue
0 blue litmus turns red
0 no change
~ notes
@ core observation naoh Zn2+ SO4^2-
2 wht ppt - dissolves XS
2 white ppt, sol xs NaOH
@ core observation naoh Fe2+ SO4^2-
2 grn ppt; insol xs
2 dirty grn ppt, n/c in xs
1 grn ppt
@ core observation naoh Mg2+ Cl-
2 wh ppt, doesnt redissolve xs
1 ppt wh / sol xs
@ extended observation ammonia-solution Cu2+ SO4^2-
2 blue ppt -> dk blue soln (xs)
@ core observation dilute-acid Na+ CO3^2-
2 effv, LW -> cloudy wh
2 fizz. l/w milky.
@ core observation flame K+ Cl-
1 lil
1 lilac fl.
@ core observation flame Na+ Cl-
1 yel
1 yell flame
@ core observation halide-silver K+ Br- attribute=precipitate
1 crm ppt
@ core gas-test NH3
2 damp red lit -> blue
2 red litmus (damp) turns blue
@ gases gas-test O2
2 glowing splint: relights
@ senior gas-test CO2
2 thru LW: cloudy
~ voice
@ core observation naoh Al3+ SO4^2-
2 white precipitate comma dissolves in excess full stop
2 a white precipitate that this solves in excess
2 wide precipitate which dissolves in access
@ core observation naoh Fe3+ Cl-
2 brown precipitate in soluble in excess
2 a brown participate that does not dissolve in axis
@ core observation dilute-acid Na+ CO3^2-
2 fizzing and the lime water went cloudy
2 effervescent and the line water turned milky
@ core observation flame Na+ Cl-
1 hello flame
1 the flame was yellow comma very bright
@ core observation flame K+ Cl-
1 lila flame
1 pale lie lac
@ core observation halide-silver K+ I- attribute=precipitate
1 yellow participate full stop
@ gases observation lit-splint H2
1 squeaky pub
@ gases observation limewater CO2
1 the lime water went loudly
1 it turned milk e
@ core gas-test H2
2 a lit sprint makes a squeaky pop
@ gases gas-test O2
2 growing splint re lights
2 a glowing sprint relights
@ core gas-test NH3
2 damp red lit miss turns blue
2 damp read litmus paper turns blue
@ extended gas-test Cl2
2 damp litmus paper gets beached
@ core identify cation K+ Cl-
1 pot ass ium
1 potassium full stop
@ core identify anion Na+ CO3^2-
1 carbon eight
1 car bonate
~ misspelt
@ core observation naoh Mg2+ Cl-
2 wight presipitate, not disolved in exsess
2 whyte precipatate, insoluable
@ core observation naoh Fe3+ Cl-
2 orangy brown precipatat dosnt disolve
1 browne precipitete
@ core observation naoh Cu2+ SO4^2-
2 light bloo precipetate insolubul in exces
@ core observation sulfate Na+ SO4^2-
1 wite precipitat
1 whtie ppt
@ core observation dilute-acid Na+ CO3^2-
2 bubled alot and lime watter gose cloudey
2 fizing, milkie lymewater
@ core observation flame Ca2+ Cl-
1 brik red
1 orang red
@ core observation flame Li+ Cl-
1 crimmson
1 krimson
@ extended observation flame Ba2+ Cl-
1 appel green
@ gases observation glowing-splint O2
1 it re-lited
1 relite
@ senior gas-test CO2
2 lime water turnes cloddy
2 limewater goes milkey wite
@ extended gas-test Cl2
2 damp litmas paper is bleeched
2 moyst litmus turns wite
@ extended gas-test SO2
2 acidifyed potasium manganate goes colorless
@ core identify cation Fe2+ SO4^2-
1 irn (II)
1 Iron(ii)
@ core identify cation Mg2+ SO4^2-
1 magneisum
1 magnisium
@ core identify anion K+ Br-
1 bromid
1 bromyde
~ corrected
@ core observation flame Li+ Cl-
1 orange, actually its more of a crimson
1 green - sorry that was the copper one - red
0 red. wait. it was green
1 lilac XX crimson
@ core observation naoh Cu2+ SO4^2-
2 green no blue ppt, insoluble in excess
2 blue ppt that dissolves, no sorry, doesnt dissolve
1 blue solution i mean precipitate
@ core observation sulfate Na+ SO4^2-
1 no change. oh hang on theres a white ppt
1 cloudy cream no white precipitate
0 white ppt oops i mean no ppt
@ core observation dilute-acid Na+ CO3^2-
2 no bubbles wait yes bubbles, limewater cloudy
@ core observation halide-silver K+ I- attribute=precipitate
1 white... no its yellow precipitate
0 yellow ppt (edit: it was cream)
1 first i wrote cream ppt but its definitely yellow ppt
@ gases observation lit-splint H2
1 it went out, no wait it popped
@ gases gas-test O2
2 use a lit, no, glowing splint and it relights
2 glowing splint goes out - no it relights
@ core gas-test NH3
2 damp blue litmus turns red. sorry wrong way round, damp red litmus turns blue
@ core identify cation Cu2+ SO4^2-
1 iron no copper
1 Fe2+ wait Cu2+
0 copper oops i mean iron(II)
@ core identify anion Na+ Cl-
1 bromide, no, chloride
0 chloride actually bromide
~ negated
@ core observation naoh Al3+ SO4^2-
1 white ppt, no dissolving in excess
0 neither a ppt nor any change in excess
1 white ppt and it never dissolved
2 white ppt, it doesn't stay in excess
@ core observation naoh Fe3+ Cl-
2 a brown ppt that refused to dissolve
2 brown ppt and it isn't going anywhere in excess
@ core observation naoh K+ Cl- attribute=precipitate
1 there wasn't a precipitate
1 not a thing happened
0 it wasn't clear, white ppt
1 no cloudiness
@ core observation sulfate Na+ SO4^2-
0 no cloudiness
0 didn't see a white ppt
1 it didn't stay clear, a white ppt formed
@ core observation sulfate K+ Cl-
1 no white precipitate was observed
0 not clear anymore, white ppt
@ core observation flame K+ Cl-
0 not lilac
1 not pink, not purple, lilac
0 it didnt look lilac, more pink
@ core observation flame Na+ Cl-
0 there was no yellow
1 definitely not orange, it was yellow
@ gases observation limewater CO2
0 it hasn't gone cloudy
0 limewater remained unchanged
1 it didn't stay clear, it went milky
@ gases observation lit-splint H2
0 we didn't hear a pop
0 it did not go pop
@ gases observation glowing-splint CO2
1 the splint did not relight, it went out
@ core observation damp-red-litmus NH3
0 it didn't go blue
1 it did not remain red, blue
@ core observation halide-silver Na+ NO3- attribute=precipitate
1 no ppt was formed
1 no yellow, cream or white ppt
@ extended observation acidified-manganate CO2
1 the purple did not disappear
1 no decolourisation
@ gases gas-test O2
1 a glowing splint will not relight
@ core gas-test H2
1 a lit splint does not pop
~ reasons
@ core purpose acid-before-silver-nitrate
1 because carbonates also give a precipitate with silver ions
1 to take out the carbonate ions
1 because silver carbonate is insoluble and would confuse you
1 any carbonate present will react with the acid and be removed as CO2
1 so that you know the ppt is a halide and not carbonate
0 so that carbonate is formed
0 carbonate is needed for the test
0 it gets rid of chloride
0 to stop silver chloride forming
0 to make silver nitrate dissolve
0 so that the halide ions are removed
1 it gets rid of other ions like CO3 2- that would give a precipitate
0 it makes the solution neutral
0 to keep the silver nitrate fresh
@ extended purpose acid-before-barium-chloride
1 removes carbonate
1 to stop carbonates interfering with the sulfate test
1 barium carbonate would precipitate too
0 to precipitate the carbonates
0 it removes the sulphates
0 to stop the sulfate precipitating
0 so barium chloride dissolves better
@ extended purpose not-sulfuric-acid
1 you would be adding the ion you are testing for
1 the sulfate from the acid gives a white ppt
1 it already contains sulfate so it would be a false positive
0 it would remove any sulfate
0 it would make sulfur
0 it stops barium sulfate precipitating
0 its not an acid
@ core purpose not-hydrochloric-acid
1 because it contains chloride which gives a white ppt with silver
1 hydrochloric acid introduces Cl- ions
0 because it takes away the chloride ions
0 because there are no chloride ions in it
0 its a strong acid
0 it would make the silver chloride dissolve
@ core purpose not-sulfuric-acid-on-marble
1 because CaSO4 is insoluble and coats the marble
1 it forms a layer that stops the acid getting to the marble
0 because it removes the coating
0 because calcium sulfate is soluble
0 it would explode
@ core purpose damp-litmus
1 because the gas must dissolve to form ions
1 so that the gas can react with water making an acid or alkali
0 so the gas cannot dissolve
0 to make it stick to the glass
0 so it works
@ core purpose clean-wire
1 otherwise the colours of two metals would mix
1 any sodium on the wire would give a yellow flame
1 so it doesnt have other ions on that change the colour
0 so the sodium stays on it
0 so that it gets hotter
0 so the loop holds more
@ senior purpose fresh-iron-sulfate
1 because Fe2+ gets oxidised to Fe3+ by air
1 old ones have turned to iron(III)
0 iron(III) gets reduced to iron(II) in air
0 iron(III) changes to iron(II)
0 because it dissolves better
0 because fresh has more iron(III)
@ senior purpose blue-glass
1 takes away the sodium colour
1 the yellow light is filtered out
1 because sodium impurities mask the lilac
0 it lets through the yellow light only
0 the lilac is filtered out
0 potassium masks the sodium
0 to make the flame look blue
@ core purpose excess-hydroxide
1 because aluminium hydroxide dissolves but magnesium hydroxide does not
1 see whether it redissolves
0 magnesium dissolves in excess but aluminium does not
0 to neutralise it
0 because excess speeds it up
@ core purpose fume-cupboard
1 because chlorine is a toxic gas
1 the gases made are harmful to breathe
0 because chlorine isn't poisonous
0 chlorine is green
0 to stop the gas being wasted
~ phone
@ core gas-test H2
2 get a burning splint, put it near the top and listen for the squeaky pop
2 when you put a flame to it there's a squeaky pop
1 lit splint. it goes out with a fizz
0 put it near a glowing splint and it relights
2 lit splint - it explodes with a squeaky pop
@ gases gas-test O2
2 hold a splint thats been blown out but still glowing in it - will catch fire
2 a smouldering splint bursts into flames
1 put in a glowing splint and it goes out
0 lit splint goes out
@ senior gas-test CO2
2 the limewater would go chalky
2 react it with limewater and you see a white precipitate
1 mix with limewater. turns clear to colourless
0 universal indicator goes red
@ extended gas-test Cl2
2 hold moist blue litmus in the gas, it turns red then bleaches white
1 dry litmus gets bleached
1 damp litmus turns red and stays red
0 it turns starch black
@ core gas-test NH3
2 put damp red litmus in the mouth of the tube and it will turn blue
1 damp red litmus goes red
1 dry red litmus goes blue
@ senior gas-test HCl
2 moist blue litmus goes red
2 it makes white fumes with ammonia gas
1 moist blue litmus stays blue
@ extended gas-test SO2
2 turns acidified potassium manganate(VII) from purple to colourless
2 potassium manganate with acid goes colourless
1 acidified potassium manganate goes green
0 it smells like matches
@ gases gas-test H2O
2 white anhydrous copper(II) sulfate powder turns blue
2 blue cobalt chloride paper goes pink
1 anhydrous copper sulfate turns white
0 it boils at 100
@ core identify cation Fe2+ SO4^2-
1 iron 2+
1 Iron two plus
0 iron
0 iron 3+
0 ferrous or ferric
@ core identify cation NH4+ Cl-
1 ammonium
0 NH3
0 ammonia gas
1 its ammonium because the litmus went blue
@ core identify cation Al3+ SO4^2-
1 aluminium ions, Al3+
1 al3+
0 Al+
0 aluminium or zinc
@ core identify anion K+ I-
1 I-
1 iodide because of the yellow ppt with silver nitrate
0 iodine
0 I2
0 no halide
@ core identify salt Cu2+ SO4^2-
1 copper(II) sulfate
1 CuSO4
1 copper sulphate because blue flame green and white ppt with barium chloride
0 copper
0 copper chloride
`;
