/** The twelfth set, its third, fourth and fifth part of reasons. In the notation of the other corpora. */

const aThirdTime = `
~ reasons a third time
@ core purpose acid-before-silver-nitrate
1 nitric acid gets rid of carbonates
1 to make sure it isnt carbonate making the ppt
1 because Ag2CO3 precipitates too
1 so the only precipitate possible is from a halide
1 carbonate impurities would give a misleading precipitate
1 hydroxides and carbonates interfere
1 the H+ reacts with the CO3 2- ions
1 clears out anything else that might form a solid with silver
0 so the silver ions are removed
0 to help the precipitate form faster
0 the carbonate makes the halide precipitate
0 to get rid of nitrate
0 because otherwise the chloride wouldn't precipitate
0 it makes the silver nitrate acidic so that carbonate shows
0 to give hydrogen
0 nitric acid adds nitrate which reacts with the halide
0 makes sure carbonate is there
0 because AgCl dissolves in acid
@ core purpose acid-before-barium-chloride
1 if there's carbonate you would see a white ppt that isn't sulfate
1 to eliminate carbonates
1 HCl turns any carbonate to CO2 so no BaCO3
1 so nothing else but sulfate gives white
0 so nothing else but carbonate gives white
0 so the barium chloride can dissolve
0 because sulfates need acid to react
0 carbonate is needed for the test
0 it takes sulfate away first
0 to stop the sulfate from precipitating
0 to make it fizz
@ core purpose not-sulfuric-acid
1 sulfuric acid is itself a source of sulfate
1 it'd give BaSO4 straight away
1 then you couldn't tell if the sulfate came from the sample or acid
1 you'd be adding sulfate ions
0 it would take the sulfate out of the sample
0 hydrochloric acid has sulfate but sulfuric doesn't
0 barium reacts violently with it
0 it isn't acidic enough
0 it stops barium sulfate from forming
@ core purpose not-hydrochloric-acid
1 the Cl- in HCl makes a white precipitate with silver
1 HCl contains chloride, and that's what we're testing for
1 you can't tell if the chloride's from the acid or the sample
0 it would dissolve the silver chloride
0 it makes hydrogen gas
0 it takes chloride out of the sample
0 it contains nitrate
0 silver does not react with it
@ core purpose not-sulfuric-acid-on-marble
1 reaction stops as insoluble CaSO4 builds up on the surface
1 the marble gets covered in calcium sulfate
0 calcium sulfate makes it react too fast
0 it doesn't react with carbonates at all
0 the marble would melt
0 it makes sulfur dioxide
@ core purpose damp-litmus
1 gases only change litmus when they're dissolved in water
1 so the NH3 dissolves giving an alkaline solution
1 the indicator won't change colour if it's dry
0 dry litmus would change colour by itself
0 to keep the gas out
0 so the litmus is neutral
0 water makes it alkaline
0 because gas is dry
@ core purpose clean-wire
1 previous samples would affect the colour
1 so you get only the colour of your sample not the last one
1 stops contamination
1 if not clean you might see sodium's yellow
0 to get contamination off the sample
0 so previous samples affect the colour
0 so it heats up quicker
0 because acid colours the flame
0 so the yellow of sodium shows up better
0 so it picks up more powder
@ core purpose excess-hydroxide
1 aluminium hydroxide is soluble in excess so you can identify it
1 to see whether it dissolves
1 because one white precipitate disappears and another doesn't
0 the precipitate always dissolves
0 so that the magnesium hydroxide dissolves
0 because otherwise there's no precipitate
0 to test for ammonium
0 so that it doesn't dissolve
@ core purpose fume-cupboard
1 so you don't inhale chlorine which is toxic
1 fumes could hurt your lungs
1 poisonous gas is drawn away
0 to keep the chlorine in the tube
0 because there's better light
0 the gas would catch fire
0 so everyone can smell it
0 the gas isn't harmful there
@ senior purpose fresh-iron-sulfate
1 because oxygen oxidises Fe2+ ions
1 over time the Fe2+ gets oxidised
1 if old, it contains Fe3+ instead of Fe2+
1 so there's still iron(II) in it not iron(III)
0 so there's still iron(III) in it not iron(II)
0 because iron(II) is reduced by air
0 sulfate evaporates
0 because fresh ones contain Fe3+
0 so it can be oxidised to iron(III)
0 it reacts with water
@ senior purpose blue-glass
1 the blue glass absorbs sodium's yellow
1 because yellow is too bright and covers the potassium lilac
1 takes away yellow so other colours can be seen
0 takes away lilac so other colours can be seen
0 because lilac is too bright and covers the yellow
0 turns the yellow to lilac
0 so the flame isn't too bright for your eyes
0 it adds blue
0 to make sodium visible
`;

const aFourthTime = `
~ reasons a fourth time
@ core purpose acid-before-silver-nitrate
1 because if carbonate's in the solution it will precipitate with Ag+ and confuse the result
1 removing any CO3 2- that'd form silver carbonate
1 to avoid carbonates giving a white precipitate
1 to prevent silver carbonate forming
1 it'd react with any carbonates so they can't interfere
1 makes sure that the ppt comes from the halide and not something else such as carbonate
1 otherwise carbonates would form a ppt
0 to prevent silver chloride forming
0 makes sure that the ppt comes from carbonate
0 so any halides are got rid of first
0 it helps silver react with carbonate
0 to make nitrate ions for the test
0 acid turns the halide into a precipitate
0 the acid tests for carbonate
0 to catalyse it
0 to lower the pH
0 because silver carbonate doesn't form
@ core purpose acid-before-barium-chloride
1 HCl reacts with carbonate impurities
1 because barium carbonate would also be a white solid
1 it gets rid of CO3 2- ions which would otherwise make it look like sulfate was there
1 carbonate would mess up the test
0 it gets rid of SO4 2- ions which would otherwise make it look like carbonate was there
0 so barium carbonate is made
0 because chloride ions are needed
0 to check the pH
0 sulfate would mess up the test
0 the acid makes barium more reactive
@ core purpose not-sulfuric-acid
1 because of the sulfate in it
1 it already has the ion we want to find
1 H2SO4 would react with Ba2+ to make a white ppt
1 gives false positive for sulfate
0 because of the chloride in it
0 gives false negative
0 it would use up all the barium carbonate
0 because it's a diprotic acid
0 it's more expensive
@ core purpose not-hydrochloric-acid
1 because HCl has chloride ions which will react with Ag+
1 it would make AgCl whether or not there's chloride in the sample
1 its chloride would give a white ppt
0 its hydrogen would give a white ppt
0 it would not react with carbonate
0 because it's a strong acid
0 it stops the chloride from reacting
@ core purpose damp-litmus
1 so that the gas dissolves
1 gas + water = acid/alkali that changes the colour
1 dry paper doesn't work
0 damp paper is more colourful
0 so the gas is cooled
0 water reacts with litmus
0 so the paper doesn't blow away
0 so the gas doesn't dissolve in it
@ core purpose clean-wire
1 to get rid of salts from before
1 left over salt will give its own colour
1 other elements on the wire could give a different colour
1 so the result is not contaminated
0 so the salt sticks
0 so that there's a colour
0 left over salt makes the flame hotter
0 acid reacts with the flame
0 to stop the wire colouring... well nichrome is green
@ core purpose excess-hydroxide
1 because Al(OH)3 redissolves
1 see if it's soluble in excess
1 some metals' hydroxides dissolve again
0 because Cu(OH)2 redissolves
0 to be sure all of it has precipitated
0 to use it up
0 to make sure it's alkaline
@ core purpose fume-cupboard
1 because chlorine gas is toxic
1 so we don't breathe in the vapours
1 bad for your lungs
0 good for your lungs
0 so that the smell doesn't escape? not sure
0 to keep the gas dry
0 because the acid is strong
@ senior purpose fresh-iron-sulfate
1 Fe2+ ions are oxidised by oxygen in the air to Fe3+
1 because it turns into iron(III) sulfate if it's left
1 old iron(II) sulfate will have oxidised
1 so it's not been oxidised yet
0 Fe2+ ions are reduced by oxygen in the air
0 because it turns into iron metal
0 because it turns into iron(II) if it's left
0 so that it has been oxidised
0 so it dissolves
@ senior purpose blue-glass
1 so the sodium's yellow light is absorbed
1 it only lets the lilac through
1 sodium impurities hide the potassium colour without it
0 it only lets the yellow through
0 so the potassium's lilac light is absorbed
0 potassium impurities hide the sodium colour without it
0 to protect the flame
0 it makes the lilac
`;

const aFifthTime = `
~ reasons a fifth time
@ core purpose acid-before-silver-nitrate
1 carbonate also makes a precipitate so the acid removes it
1 so CO3 isn't there to give a ppt
1 to decompose carbonates that could be present
1 as a precaution in case the sample has carbonate impurities, these would react with Ag+
1 it makes sure you're not seeing silver carbonate
1 takes carbonate out as carbon dioxide gas
0 it makes sure you're not seeing silver chloride
0 takes chloride out as chlorine gas
0 so the acid can react with the silver nitrate
0 carbonate ions make the result more reliable
0 because silver nitrate has carbonate in it
0 so silver carbonate can be seen
0 to stop the halide from reacting
0 to give it a charge
@ core purpose acid-before-barium-chloride
1 if carbonate was there the result could be wrong
1 barium carbonate also looks white and acid stops it from forming
1 so that you are testing sulfate not carbonate
0 so that you are testing carbonate not sulfate
0 barium sulfate also looks white and acid stops it from forming
0 if there's no carbonate the test fails
0 sulfate dissolves in acid
@ core purpose not-sulfuric-acid
1 its sulfate would react with barium
1 sulfuric acid provides sulfate so you'd think the sample had it
0 its hydrogen ions would react with barium
0 sulfuric acid takes sulfate so you'd think the sample had none
0 it doesn't remove carbonate
@ core purpose not-hydrochloric-acid
1 gives chloride so you get AgCl
1 then there'd be chloride from the acid
0 then there'd be no chloride
0 gives hydrogen so you get a pop
@ core purpose damp-litmus
1 gas dissolves in moisture then affects the indicator
1 because when it's dry, no reaction happens
0 because when it's damp, no reaction happens
0 gas turns the moisture into litmus
@ core purpose clean-wire
1 any old residue would affect the flame colour
1 gets rid of sodium from fingers
1 removes contaminants
0 any old residue would cool the flame
0 adds sodium
0 makes it easier to hold
0 removes the colour from the flame
0 so old residue helps the colour
@ core purpose excess-hydroxide
1 zinc hydroxide redissolves so it's identified
1 shows if it is amphoteric
0 calcium hydroxide redissolves so it's identified
0 shows if it is acidic
0 the excess makes it stay solid
@ core purpose fume-cupboard
1 because the vapour is harmful
1 protects people from breathing it
0 because the vapour is harmless
0 protects the gas from people
0 protects the gas from air
@ senior purpose fresh-iron-sulfate
1 since iron(II) would have changed to iron(III)
1 it goes rusty brown as it's oxidised by air
0 since iron(III) would have changed to iron(II)
0 because air reduces it
0 because fresh solution is oxidised
@ senior purpose blue-glass
1 it removes sodium's colour
1 you can see K through it since Na is blocked
1 so yellow doesn't swamp it
0 it removes potassium's colour
0 you can see Na through it since K is blocked
0 so blue doesn't swamp it
`;

export const twelfthHandMoreReasons = `${aThirdTime}${aFourthTime}${aFifthTime}`;
