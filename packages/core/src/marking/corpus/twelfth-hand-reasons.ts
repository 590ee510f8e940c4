/** The twelfth set, reasons in five parts, each written after the one before it was mended; about half of them are the wrong way round. */
import { twelfthHandMoreReasons } from './twelfth-hand-more-reasons.js';

const first = `
~ reasons
@ core purpose acid-before-silver-nitrate
1 to get rid of any carbonate because silver carbonate is also a precipitate
1 nitric acid destroys carbonates that would otherwise interfere
1 so carbonates dont give a false positive
1 removes co3 2- / oh-
1 stops silver hydroxide or carbonate coming out as well
1 carbonate reacts away as CO2
0 so that silver nitrate doesnt react with the nitrate
0 to make silver carbonate
0 to make the halide ions
0 so the chloride is removed
0 to speed the reaction up
0 to neutralise the silver nitrate
0 acid makes it more accurate
0 to remove sulfate
0 because the carbonate would stop the precipitate from forming
@ core purpose acid-before-barium-chloride
1 to remove carbonate ions, barium carbonate is white too
1 otherwise barium carbonate could be mistaken for barium sulfate
1 gets rid of carbonates/sulfites
1 any white ppt after that has to be sulfate and not carbonate
1 carbonates would also give white so we react them first
0 any white ppt after that has to be carbonate
0 to give sulfate ions
0 so barium dissolves
0 to remove the sulfates that could be in there
0 to make the solution acidic
0 so that the barium carbonate forms
@ core purpose not-sulfuric-acid
1 it contains sulfate so you would always get a positive result
1 you'd be adding the very ion you're testing for
1 barium sulfate would form from the acid
1 H2SO4 has SO4 2- in it
0 its too strong
0 it doesnt contain sulfate
0 it would get rid of the sulfate
0 it would react with the carbonate
0 because it's dangerous
@ core purpose not-hydrochloric-acid
1 HCl adds chloride ions so AgCl would form anyway
1 it has chloride in it which gives a white ppt with silver
1 would make a false positive for chloride
1 you'd get silver chloride no matter what
0 it would remove the chloride
0 it isnt strong enough to react with carbonate
0 because chlorine gas is given off
0 silver chloride would dissolve in it
@ core purpose not-sulfuric-acid-on-marble
1 calcium sulfate forms a coating on the marble chips so reaction stops
1 CaSO4 is insoluble and covers it
1 it coats the surface
0 it is too concentrated
0 the calcium sulfate is soluble
0 no carbon dioxide is made by sulfuric acid
@ core purpose damp-litmus
1 the gas has to dissolve to make an acid or alkali
1 because dry paper wont react with the gas
1 so ammonia can dissolve and make OH- ions
1 water lets gas dissolve in it
0 so it sticks to the tube
0 so the litmus doesn't catch fire
0 to cool the gas
0 to make the colour lighter
0 the water turns it blue
@ core purpose clean-wire
1 remove any residue from the last test
1 so there is no contamination from previous salts
1 traces of other metals would change the flame colour
1 get rid of sodium that would mask the colour
0 to make the flame hotter
0 to remove the sample we are testing
0 so the wire does not melt
0 to make it shiny
0 it makes the colour brighter
@ core purpose excess-hydroxide
1 to see if the precipitate redissolves like aluminium does
1 because Al(OH)3 dissolves but Mg(OH)2 doesnt
1 tells you if its amphoteric
1 to distinguish Al from Ca and Mg
0 to distinguish Fe2+ from Fe3+
0 so all the precipitate forms
0 because magnesium dissolves and aluminium doesn't
0 to get rid of the precipitate
0 to neutralise
@ core purpose fume-cupboard
1 Cl2 is poisonous to breathe
1 toxic fumes get sucked out
1 the gas irritates your airways
1 harmful fumes
0 so the gas doesn't escape from the tube
0 because it is hot
0 because it stains
0 the fume cupboard is brighter
@ senior purpose fresh-iron-sulfate
1 it oxidises to iron three in air over time
1 iron(II) slowly becomes iron(III) with oxygen
1 old solution has been oxidised by air so no Fe2+ left
1 if it was left it would go to Fe3+
0 it would be reduced to Fe3+
0 iron(III) would become iron(II)
0 it goes off
0 because it evaporates
0 it reacts with nitrogen in the air
0 the sulfate would oxidise
@ senior purpose blue-glass
1 filters out the yellow from sodium so potassium's lilac can be seen
1 blocks sodium light
1 the yellow of sodium hides the lilac, the glass takes it away
1 so sodium contamination doesnt hide potassium
0 to protect your eyes
0 it makes the flame look blue
0 so you can see sodium
0 it hides the lilac so you see yellow
0 it filters out the lilac
`;

const again = `
~ reasons again
@ core purpose acid-before-silver-nitrate
1 so that any carbonate in the sample is gone and cant precipitate
1 Carbonate ions would also precipitate with Ag+
1 to react with carbonates in there because they make a white ppt that looks like chloride
1 bc silver carbonate is white so youd think its chloride
1 if there was carbonate youd get a ppt which isnt a halide
1 it turns carbonates into gas so only halides are left
1 the acid fizzes off the carbonate
1 other ions like carbonate would ppt
0 because silver nitrate only works in acid
0 so that carbonate ions are made
0 because silver carbonate is soluble in acid so it gets left
0 so the test shows carbonate not chloride
0 to turn the halide into carbonate
0 it removes chloride that was already there
0 to stop the silver nitrate going black
0 to dissolve the sample
0 so the carbonate can react with silver
0 so that halide ions get removed and only carbonate is left
@ core purpose acid-before-barium-chloride
1 barium carbonate is insoluble and white so it has to be removed first
1 acid removes CO3
1 stop BaCO3 making it look like sulfate
1 any carbonate will be destroyed and wont form a white solid with barium ions
0 stop BaSO4 making it look like carbonate
0 because barium chloride is alkaline
0 it removes barium ions
0 so that sulfate is removed and only carbonate precipitates
0 because barium sulfate dissolves in acid
0 to produce chlorine
0 to see if there is a carbonate
0 it reacts with the sulfate
@ core purpose not-sulfuric-acid
1 because sulphuric acid would give you a white precipitate itself
1 sulfate from the acid reacts with barium
1 false positive because acid has sulfates
1 the acid is a sulfate so test is pointless
0 because sulfuric acid would remove sulfate ions
0 it's got chloride in it
0 because then there would be no sulfate
0 it makes barium sulfate dissolve
0 it has sulfur in
0 it can burn skin
@ core purpose not-hydrochloric-acid
1 introduces Cl-
1 the chlorides from HCl react with the silver ions
1 silver chloride ppt would form even without chloride in the sample
1 it contains one of the ions being tested for
0 it contains no chloride
0 it would stop the silver chloride precipitating
0 the hydrogen would react with silver
0 hydrochloric acid removes chloride from the sample
0 its a weaker acid than nitric
@ core purpose damp-litmus
1 ammonia needs to dissolve to be alkaline
1 dry litmus doesn't change colour
1 the gas dissolves and makes ions
1 so the gas can react in solution
0 the gas must not dissolve
0 the water dilutes the gas
0 so the gas sticks
0 so it changes to the right colour
0 so the paper doesn't dissolve
@ core purpose clean-wire
1 so that you only see the flame colour of one metal
1 so it doesn't mix with what was on it before
1 because sodium contaminates everything and is bright yellow
1 to burn off impurities
1 otherwise youd see two colours
0 to make sure some of the old salt is still on it
0 so the new sample does not colour the flame
0 to make the metal react
0 to oxidise the wire
0 to get more of the sample on the wire
0 so the sodium gives a good yellow
@ core purpose excess-hydroxide
1 some precipitates dissolve in excess
1 checks if the white precipitate is soluble in excess
1 because zinc and aluminium hydroxides dissolve but calcium's doesnt
1 so you can tell Al3+ and Mg2+ apart, both white
0 because aluminium stays and calcium dissolves
0 so every metal ion dissolves
0 so there's enough to see
0 to make the colour darker
0 so the precipitate doesn't dissolve
@ core purpose fume-cupboard
1 chlorine damages your lungs
1 the fumes are poisonous
1 you shouldn't breathe it in
0 chlorine isn't poisonous
0 because chlorine is green
0 so we can smell it
0 because it's heavier than air
0 so that the gas gets into the room
@ senior purpose fresh-iron-sulfate
1 Fe2+ turns to Fe3+ when left in air
1 stops it being oxidised to Fe3+
1 air turns it into iron(III), no ring then
1 iron(II) ions are easily oxidised
0 iron(II) ions are easily reduced
0 Fe3+ turns to Fe2+ when left in air
0 stops it being reduced
0 so that iron(III) forms
0 so it's warm
0 iron rusts... no idea
@ senior purpose blue-glass
1 it absorbs the yellow light from sodium impurities
1 to hide yellow sodium flame
1 so the orange yellow doesn't cover up the lilac
0 to hide lilac
0 so the lilac doesn't cover up the yellow
0 so you see sodium through it
0 makes potassium yellow
0 makes all the colours blue
0 it absorbs the lilac light from potassium
`;

export const twelfthHandReasons = `${first}${again}${twelfthHandMoreReasons}`;
