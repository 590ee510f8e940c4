/** Reasons told rightly and the wrong way round, written to try the reading of who does what to what; by kind (`~`). */
export const reasonsTurnedRound = `
~ reasons
@ senior purpose acid-before-silver-nitrate
0 so the carbonate precipitates with the silver
0 to add carbonate ions
0 because chloride would react with the acid
0 the acid protects the carbonate
0 so that silver carbonate forms
0 it turns the chloride into carbonate
0 acid makes carbonate which shows up with silver
0 acid reacts with the silver to stop it making a ppt
0 to stop the halide reacting with the silver
1 carbonate ions would be removed as carbon dioxide
1 because silver carbonate is also insoluble
1 so only halide ions make the ppt and not carbonate
1 so carbonate cant give a false result
1 to be sure the ppt isnt silver carbonate
1 kills off carbonate
1 acid uses up the carbonate so its not there to react with silver
@ extended purpose acid-before-barium-chloride
0 to help barium carbonate form
0 removes sulfate so that carbonate can be tested
0 so that the sulfite makes a ppt
0 because barium reacts with the acid
1 barium carbonate would form as well
1 dissolves any barium carbonate
1 so carbonates dont give a false positive
1 carbonate gets turned into co2 so cant make a precipitate
@ senior purpose not-sulfuric-acid
0 because sulfuric acid contains no sulfate
0 it would take the sulfate out of the sample
0 it would dissolve the barium sulfate
0 it contains barium
0 sulfuric acid is weak
1 you would be adding sulfate yourself
1 there are sulfate ions in the acid
1 barium sulfate would form whatever the sample was
1 the sulfate in the acid precipitates with barium
1 false positive as the acid has so4 in
@ senior purpose not-hydrochloric-acid
0 it takes chloride away
0 it has no chloride in it
0 it would make the silver chloride dissolve
0 it would react with the chloride ions in the sample
1 agcl would form from the acid
1 it would put chloride in
1 you couldnt tell if the chloride was from the sample or the acid
1 white ppt every time because of the chloride in the acid
@ senior purpose damp-litmus
0 the litmus dissolves in the gas
0 so the gas cannot dissolve
0 water stops the reaction
0 to make the gas wet
0 so the paper doesnt react
1 gas dissolves in the water on the paper
1 it wont change colour if its dry
1 ions only form in water
1 the gas has to be in solution to be acid or alkaline
@ senior purpose clean-wire
0 so that the flame is yellow
0 to add sodium to it
0 so the last sample can still be seen
0 to mix the colours
0 so that impurities colour the flame
1 dirt on it gives a yellow flame
1 so the last sample cant be seen
1 to burn off anything left on it
1 so you dont get two colours mixed
@ senior purpose fresh-iron-sulfate
0 iron(III) gets oxidised to iron(II)
0 because air reduces it
0 the iron(II) goes to iron metal
0 so that it has iron(III) in
0 iron(III) turns to iron(II) in air
1 iron(II) gets oxidised to iron(III)
1 it goes to iron(III) if you leave it
1 oxygen changes fe2+ to fe3+
1 old solutions contain fe3+
1 air oxidises it
@ senior purpose blue-glass
0 it lets only yellow through
0 to hide the lilac
0 it makes sodium easier to see
0 makes the yellow stronger
0 it blocks potassium so you see sodium
1 hides sodium yellow
1 absorbs yellow light
1 so sodium doesnt mask potassium
1 it blocks sodium so you see potassium
1 so you can see potassium through the sodium
@ senior purpose excess-hydroxide
0 magnesium hydroxide dissolves but aluminium doesnt
0 to make more precipitate
0 so everything precipitates
0 so that calcium hydroxide dissolves
1 aluminium hydroxide dissolves but magnesium doesnt
1 to see if it redissolves
1 some white ppts dissolve so you can tell them apart
1 to tell zinc from calcium
@ senior purpose fume-cupboard
0 so you can breathe the gas in
0 because its not harmful
0 to keep the gas in the room
0 because it is heavy
1 so you dont breathe the gas in
1 because its harmful
1 toxic gas
1 to take away the toxic gas
`;
