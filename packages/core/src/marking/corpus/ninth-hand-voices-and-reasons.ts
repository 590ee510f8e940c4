/** The fifth part: voices, reasons turned round, names with a record. In the notation of the other corpora. */
export const voicesAndReasons = `
~ voice
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
~ reversed
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
~ identify
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
