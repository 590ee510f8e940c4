/** Tests of gases, names and reasons as students write them in a hurry, by voice, or the wrong way round; by kind (`~`). */
export const writtenTestsAndReasons = `
~ phone
@ core gas-test H2
2 u put a burning splint in and it goes pop
2 squeaky pop thing with the splint thats on fire
2 light a splint and stick it in the tube and if it pops its hydrogen
1 you put a glowing splint in and theres a squeaky pop
0 put a glowing splint in and it relights
1 stick a lit splint in
?1 pop test
0 smell it
0 it floats in a balloon
2 hold a lit match at the top, makes a squeaky noise
@ gases gas-test O2
2 u get a splint, light it then blow it out so its glowing and put it in, it relights
2 blow out a splint so its still glowing then put it in and it sets on fire again
2 glowy splint goes back on fire
1 a lit splint burns again
1 glowing splint goes pop
0 you put a lit splint in and it makes a squeaky pop
1 glowing splint glows
0 plants make it
@ senior gas-test CO2
2 bubble it thru lime water and it goes all milky
2 the stuff goes cloudy, limewater i mean
2 limewater turns a milky white colour
0 it puts fires out
1 use limewater and it goes blue
1 it goes cloudy
0 bubbles in the water
@ extended gas-test Cl2
2 put wet litmus paper in and it goes white
2 it bleaches damp litmus paper
1 bleaches litmus
1 damp litmus goes blue
0 it smells of swimming pools
0 lit splint goes out
2 damp indicator paper loses all its colour
@ core gas-test NH3
2 hold damp red litmus over it and it goes blue
2 it makes wet red litmus paper turn blue
0 it stinks
1 damp blue litmus goes blue
1 damp litmus goes blue
0 damp blue litmus stays blue
1 put damp red litmus in it
0 damp blue litmus turns red
@ senior gas-test NH3
2 waft some HCl fumes near it and you see white smoke
2 conc hcl on a glass rod, white smoke
@ extended gas-test SO2
2 acidified potassium permanganate goes from purple to colourless
1 acidified potassium manganate goes from colourless to purple
2 it turns purple acidified KMnO4 colourless
1 it turns acidified manganate green
0 lime water goes milky
@ gases gas-test H2O
2 anhydrous copper sulphate goes blue
2 white copper sulfate goes blue
2 cobalt chloride paper goes from blue to pink
1 cobalt chloride paper goes blue
0 put it in a kettle
0 copper sulfate crystals go white
~ corrected
@ core gas-test NH3
2 damp blue litmus no sorry damp red litmus turns blue
1 damp red litmus turns blue - no wait it turns white
@ senior gas-test CO2
2 lime water turns clear, i mean cloudy
~ negated
@ gases gas-test O2
2 not a lit splint, a glowing splint, and it relights
1 lit splint not glowing one, it relights
1 glowing splint doesnt go out
@ extended gas-test Cl2
1 damp litmus paper isnt bleached
2 damp litmus doesnt keep its colour, it is bleached
@ core gas-test H2
2 a lit splint not a glowing one. squeaky pop
~ phone
@ core identify cation Na+ Cl-
1 its def sodium
1 i think its sodium cos of the yellow flame
0 sodium chloride or potassium chloride
1 sodium chloride
1 salt has sodium in it
0 yellow
0 no idea
0 NA2+
?1 na+
?1 NA+
1 sodium not potassium
0 isnt sodium
1 must be sodium because potassium would be lilac
0 Na-
1 sodium (Na+)
1 definately sodium ions
0 either sodium or lithium
@ core identify cation Fe3+ Cl-
1 iron three plus
1 Fe 3+
1 iron (3)
0 Fe
1 iron(III) because it was brown
0 iron 2+
1 Fe³⁺
1 FE3+ 
0 F3+
@ core identify anion K+ SO4^2-
1 sulfate because it went white with barium chloride
1 SO4 2-
1 it has sulphate ions in it
0 sulphur
0 potassium
0 sulfite
1 the anion is sulfate
0 not sulfate
1 sulfate not carbonate
1 sulfate cos no fizzing so it cant be carbonate
@ core identify anion Na+ CO3^2-
1 carbonate cos it fizzed
1 CO3 2-
0 CO2
0 carbon
1 must be a carbonate
@ core identify salt Na+ Cl-
1 NaCl
1 table salt, sodium chloride
1 sodium chloride because yellow flame and white ppt
0 sodium
0 sodium bromide
1 sodium + chloride
0 Na2Cl
~ voice
@ core identify cation Na+ Cl-
1 so dium
1 sodium full stop
@ core identify cation Cu2+ SO4^2-
1 copper to
1 copper two plus
1 copper
@ core identify anion K+ SO4^2-
1 sul fate
1 sulphate full stop
~ misspelt
@ core identify cation K+ Cl-
1 potasium
1 pottassium
1 potassum
@ core identify cation Ca2+ Cl-
1 calcuim
1 calsium
0 cadmium
@ core identify cation Al3+ SO4^2-
1 alluminum
1 alumineum
@ core identify anion Na+ Cl-
1 chlorid
1 clouride
0 clorine
~ reasons
@ core purpose acid-before-silver-nitrate
1 to get rid of carbonate ions
1 carbonates would make a white precipitate too
1 cos if theres any carbonate in it itll give a ppt as well
1 to stop carbonates messing up the test
1 the acid reacts with any carbonate so it doesnt get in the way
1 it removes carbonate
1 carbonate would form silver carbonate which is also a ppt
1 so you dont get a false positive from carbonates
1 removes ions such as carbonate that would interfere
1 carbonate ions are destroyed by the acid
1 to react away hydroxide and carbonate
0 so the carbonate shows up
0 to make carbonate
0 to add carbonate ions
0 so the silver carbonate precipitates
0 to react with the silver nitrate
0 to remove the silver ions
0 so the reaction goes faster
0 to provide nitrate ions
0 to make the precipitate dissolve
0 because acid is needed
0 to remove the halide ions
0 so that chloride is removed
0 it stops the chloride reacting
0 idk
0 to test for carbonate
1 to eliminate carbonates, which would precipitate
1 prevents Ag2CO3 forming
1 otherwise you could get a ppt of silver carbonate
0 nitric acid removes nitrates
@ extended purpose acid-before-barium-chloride
1 gets rid of carbonate or sulfite
1 barium carbonate is also white so youd get confused
1 sulfites and carbonates also form white ppts w barium
1 so that any white ppt is only due to sulfate not carbonate
1 to break down carbonates
0 to get rid of the sulfate
0 to dissolve the barium sulfate
0 so barium carbonate forms
0 to neutralise the barium
0 so it doesnt react with carbonate
0 adds chloride
@ extended purpose not-sulfuric-acid
1 cos sulfuric acid has sulfate in it
1 it would give a ppt with barium on its own
1 you would get barium sulfate anyway
1 it adds sulfate ions
1 sulfate in the acid makes a false positive
1 the acid itself contains the ion being tested for
0 it removes sulfate ions
0 it would react with the sulfate
0 sulfuric acid is dangerous
0 it has no sulfate in it
0 it would stop the ppt forming
0 barium chloride reacts with chlorine
@ core purpose not-sulfuric-acid-on-marble
1 calcium sulfate forms on the outside and stops the reaction
1 makes an insoluble layer of CaSO4
1 the marble gets coated so acid cant reach it
1 reaction stops cos a layer of calcium sulfate covers the chips
0 it reacts too fast
0 its too strong
0 it dissolves the layer of calcium sulfate
0 no gas is made by sulfuric acid
0 it makes sulfur dioxide
@ core purpose not-hydrochloric-acid
1 HCl has chloride ions so youd get a white ppt whatever
1 it would add chloride
1 the chloride in the acid would give AgCl
1 because you are testing for chloride and hcl has it in
0 it removes chloride ions
0 it has no chloride ions
0 it would react with nitrate
0 it's too corrosive
0 hydrochloric acid makes hydrogen
@ core purpose damp-litmus
1 gas has to dissolve in the water first
1 gases only change litmus if there is water
1 it wont work dry
1 ammonia needs water to make hydroxide ions
1 so the ammonia dissolves and makes it alkaline
0 so the litmus dissolves
0 so it doesnt burn
0 so that the gas doesnt dissolve
0 so it changes colour
0 to keep it clean
1 dry litmus paper would not change colour
@ core purpose clean-wire
1 to get rid of stuff left from the last test
1 so you dont get the colour from the last one
1 traces of sodium would turn it yellow
1 stops contamination
1 contamination from other salts affects the colour
1 leftover metal ions would change the colour of the flame
0 so the wire doesnt melt
0 to make the flame hotter
0 to add sodium
0 so it conducts better
0 its dirty
0 so the sample sticks
@ senior purpose fresh-iron-sulfate
1 iron(II) gets oxidised to iron(III)
1 Fe2+ is oxidised by oxygen in the air
1 goes to Fe3+ over time
1 because it reacts with the air and turns into iron 3
1 old solutions contain iron(III)
0 iron(III) turns into iron(II)
0 Fe3+ to Fe2+
0 iron(II) is reduced to iron(III)
0 iron(II) gets oxidised to iron(I)
0 it goes mouldy
0 the sulfate gets oxidised
0 it evaporates
0 the iron(III) is oxidised
@ senior purpose blue-glass
1 blocks out the yellow from sodium
1 so the sodium doesnt hide the potassium
1 it stops the yellow light getting through
1 yellow is absorbed by it
1 lets you see lilac without the yellow
0 blocks out the lilac
0 it lets the yellow through
0 so you can see the sodium better
0 it makes everything blue
0 to filter out potassium
0 so you can see the yellow better
0 protects eyes from bright light
@ core purpose excess-hydroxide
1 to see if it dissolves
1 because some precipitates dissolve in excess
1 so you can tell aluminium and magnesium apart
1 to distinguish between white ppts
1 to find out whether the ppt is soluble in excess
0 to make more precipitate
0 to make it react faster
0 so it all precipitates
0 to dissolve the salt
0 to make sure there is enough
1 al dissolves and mg doesnt
@ core purpose fume-cupboard
1 because the gas is toxic
1 chlorine's poisonous
1 so you don't breathe in the gas
1 bromine vapour is harmful
1 stops people breathing it in
1 it can damage your lungs
0 it smells
0 so the gas doesnt escape
0 in case it explodes
0 to keep it warm
0 to collect the gas
0 the gas isnt toxic
0 because the rules say so
`;
