/** The eleventh set, names of ions, salts and gases: the first two parts of four, each written after the one before it was mended. In the notation of the other corpora. */
import { eleventhHandMoreNames } from './eleventh-hand-more-names.js';

const inTalk = `
~ names in talk
@ core identify cation Cu2+ SO4^2-
1 its copper because it went blue
1 must be copper(II)
1 copper 2+ ions
1 i think its copper but could be wrong
1 Cu
0 copper or iron
0 not copper, iron(II)
1 not iron, copper
1 copper sulphate so copper
0 sulfate
1 kopper
1 it has copper in
1 cupric
0 cu+
@ core identify cation Fe3+ Cl-
1 iron but the 3+ one
1 Fe3+ not Fe2+
0 Fe2+ not Fe3+
1 Iron 3
1 fe 3 plus
0 iron
0 Fe
1 iron (111)
1 iron, charge three plus
0 iron(II), the ppt was brown
1 rust so iron(III)
1 iron III definitely
@ core identify cation Fe2+ SO4^2-
1 iron(II)
1 ferrous
1 iron two
1 Fe2+ (green ppt)
0 ferric
0 iron(III) because green
@ core identify cation Na+ Cl-
1 sodium because yellow
1 Na
1 sodium ions, Na+
0 sodium chloride or potassium
1 soduim
0 Nitrogen
0 NA2+
@ core identify cation K+ Cl-
1 potassium
1 pottasium
1 K+ cos lilac flame
0 phosphorus
0 P+
0 kalium or calcium
@ core identify cation Ca2+ Cl-
1 calcium
1 Ca2+ / calcium
0 Ca+
0 carbon
1 calcium, flame brick red
@ core identify cation NH4+ Cl-
1 ammonium, NH4+
1 NH4^+
0 NH3+
0 ammonia gas
1 amonium
@ core identify cation Al3+ SO4^2-
1 Al3+ as ppt dissolved in xs
0 aluminium or zinc
0 zinc
1 alluminium
@ core identify cation Mg2+ SO4^2-
1 magnesium
0 manganese
0 Mn2+
1 mg two plus
@ core identify anion Na+ CO3^2-
1 its a carbonate
1 carbonate since it fizzed
0 hydrogen carbonate
1 CO3
0 CO2
0 sulfate not carbonate
1 carbonate not sulfate
@ core identify anion Na+ SO4^2-
1 sulfate ions
1 SO4
1 sulphate because of white ppt with barium
0 SO3 2-
0 sulphur
0 barium sulfate? no chloride
@ core identify anion Na+ Cl-
1 chloride ion
1 Cl-
0 Cl2
1 it was chloride (white ppt w silver nitrate)
0 silver chloride, so silver
1 chlorid
@ core identify anion K+ Br-
1 bromide
1 Br-
0 bromine
0 bromate
1 bromide, cream ppt
@ core identify anion K+ I-
1 iodide
1 I-
0 iodate
1 iodied
@ core identify salt Na+ Cl-
1 table salt, sodium chloride
1 NaCl i reckon
0 sodium
0 chloride
0 NaCl2
0 KCl
@ core identify salt Cu2+ SO4^2-
1 copper(II) sulfate
1 CuSO4 (blue)
1 copper two sulphate
0 copper sulfide
0 Cu2SO4
0 copper
@ core identify salt Fe3+ Cl-
1 iron(III) chloride
1 FeCl3
0 iron chloride
0 FeCl2
1 ferric chloride
1 iron three chloride
@ core identify gas NH3
1 ammonia gas
1 NH3 because the litmus went blue
0 NH4
0 nitrogen
@ gases identify gas CO2
1 carbon dioxide
1 CO2
1 co2 as limewater milky
0 carbon monoxide
0 CO
0 carbonate
@ gases identify gas H2
1 hydrogen
1 H2
0 H
0 helium
@ gases identify gas O2
1 oxygen
1 O2
0 O3
1 oxigen
@ gases identify gas Cl2
1 chlorine
0 chloride
1 Cl2 gas
0 Cl-
`;
const again = `
~ names again
@ core identify cation Cu2+ SO4^2-
1 I would say copper(II) ions are present
1 copper, seen from the blue-green flame
1 the ion is Cu2+.
1 copper^2+
0 chromium
1 definitely copper 2+ not iron 2+
0 iron 2+ not copper 2+
1 it isnt iron so it is copper
1 Copper(2)
0 it could be anything with a blue ppt
@ core identify cation Fe2+ SO4^2-
1 Iron (ii) ion
1 iron, 2+
1 iron with a 2 plus charge
0 iron with a 3 plus charge
1 Fe 2+
0 Fe
1 iron(II) as opposed to iron(III)
0 iron(III) as opposed to iron(II)
1 iron II or ferrous
@ core identify cation Zn2+ SO4^2-
1 zinc
1 zn2+
1 zinc ions because it dissolved again in excess
0 aluminium, dissolved in excess
@ core identify cation Li+ Cl-
1 lithium
1 lithium +
1 Li+ because of the red flame
0 Li2+
0 lead
@ core identify cation Ca2+ Cl-
1 Calcium ions (Ca2+)
1 calsium
0 caesium
0 cadmium
0 strontium or calcium
@ core identify anion Na+ CO3^2-
1 carbonate, CO3 2-
1 CO32-
1 a carbonate as it gave off CO2
0 gave off CO2
0 bicarbonate
1 not a sulfate, a carbonate
@ core identify anion K+ SO4^2-
1 the anion is sulfate
1 SO4--
0 SO4+
0 sulfate or carbonate
1 sulfate, no carbonate as no fizz
@ core identify anion Na+ Cl-
1 chlorides
1 chloride and not bromide
0 halide
0 Chlorine ion
1 it has got to be chloride
0 iodide? no bromide
@ core identify salt K+ I-
1 potassium iodide
1 KI
0 potassium iodine
0 potassium
1 potassium iodide, KI
0 sodium iodide
@ core identify salt Fe2+ SO4^2-
1 iron(II) sulfate
1 iron two sulfate
1 ferrous sulphate
0 iron sulfate
0 FeSO3
1 FeSO4 (iron 2)
@ core identify salt Na+ CO3^2-
1 sodium carbonate
1 Na2CO3
0 NaCO3
0 sodium hydrogencarbonate
1 washing soda, sodium carbonate
@ core identify gas CO2
1 it is carbon dioxide because limewater went milky
1 CO2 gas
0 oxygen or carbon dioxide
0 C02 and H2
@ senior identify cation NH4+ Cl-
1 ammonium ion
0 ammonia, NH3
1 NH4+ since warm naoh gave ammonia
@ senior identify anion Na+ NO3-
1 nitrate
1 NO3-
0 nitrite
0 nitride
@ extended identify gas SO2
1 sulfur dioxide
1 SO2
0 sulfur trioxide
0 sulfate
`;

export const eleventhHandNames = `${inTalk}${again}${eleventhHandMoreNames}`;
