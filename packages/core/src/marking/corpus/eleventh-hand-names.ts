/** The eleventh set, names of ions, salts and gases: four parts, each written after the one before it was mended. In the notation of the other corpora. */
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
const aThirdTime = `
~ names a third time
@ core identify cation Cu2+ SO4^2-
1 We think the metal is copper.
1 copper! it was blue then blue
1 copper (2 plus)
0 blue
1 has to be Cu 2+
1 it is Cu²⁺
0 copper is ruled out so iron(II)
1 iron is ruled out so copper
1 copper(II), ruled out iron(II)
0 unknown B
@ core identify cation Fe3+ Cl-
1 iron(III), not iron(II)
1 Iron(III) (we had brown)
1 iron 3+ charge
1 ferric ion
0 iron(IV)
0 iron 2+ or 3+
1 it was iron, iron(III)
0 first we thought iron(III) but then iron(II)
1 first we thought iron(II) but then iron(III)
@ core identify cation Al3+ SO4^2-
1 aluminium ion, Al³⁺
1 ALUMINIUM
1 Al
0 alum
1 could only be aluminium
@ core identify cation Na+ Cl-
1 it contains sodium
1 sodium (Na+)
0 Na2+
1 sodium as it burned yellow orange
0 salt
@ core identify cation NH4+ Cl-
1 ammonium (NH4+)
1 the ammonium ion
0 it gave off ammonia
1 it gave off ammonia so ammonium
0 NH4-
@ core identify anion K+ Br-
1 bromide ion Br-
0 bromide or chloride
0 cream
1 bromide because it was cream not white or yellow
0 Br+
0 bromide chloride
@ core identify anion Na+ CO3^2-
1 carbonate: fizzed with acid
1 carbonates
0 carbonic acid
0 it fizzed
1 CO₃²⁻
@ core identify anion Na+ SO4^2-
1 must be sulphate as the others were ruled out
1 sulfate (SO4 2-), white ppt
0 sulfate or chloride, cant tell
0 no sulfate
1 barium sulfate fell out so sulfate
@ core identify salt Na+ Cl-
1 sodium and chloride so NaCl
1 sodium chloride, NaCl
0 sodium hydroxide
0 chlorine sodium
1 Na+ and Cl-
@ core identify salt Ca2+ CO3^2-
1 calcium carbonate
1 CaCO3
1 chalk, which is calcium carbonate
0 calcium bicarbonate
0 calcium
@ gases identify gas H2
1 hydrogen gas
1 hydrogen because pop
0 oxygen because pop
1 H2(g)
0 H+
@ gases identify gas O2
1 its oxygen as the splint relit
0 its hydrogen not oxygen
1 oxygen not hydrogen
0 carbon dioxide or oxygen
`;
const aFourthTime = `
~ names a fourth time
@ core identify cation Cu2+ SO4^2-
1 i put copper first and im sticking with it
1 C u 2 +
1 copper ion (charge 2+)
1 it is copper as shown by both tests
0 both copper and iron
1 looks like copper(II) to me
0 sodium. no copper seen
1 copper, Cu2+, not Fe2+
0 coppper sulfate solution or cobalt
@ core identify cation Fe3+ Cl-
1 Fe (III)
1 Fe three plus
1 iron 3+, because brown ppt, iron 2+ is green
0 iron 2+, because green
1 the Fe3+ ion
0 Fe2+/Fe3+
1 iron(iii)
1 FE3+
0 iron three minus
@ core identify cation Li+ Cl-
1 Lithium ion
1 Li1+
1 lithum
0 L+
0 lithium or strontium
1 red flame = lithium
@ core identify cation K+ Cl-
1 potassium, K+
0 pot
1 K plus
0 potassium? or sodium?
1 potassium (lilac)
@ core identify cation Mg2+ SO4^2-
1 Mg 2+
1 magnesium ions (Mg2+)
0 Mg+
0 magnesium or calcium
1 not calcium so magnesium
@ core identify anion K+ I-
1 iodide ions
1 iodide - yellow ppt
0 I2
0 iodide/bromide
1 I(-)
0 not iodide
@ core identify anion Na+ Cl-
1 chloride, white ppt with AgNO3
1 chloride because the precipitate dissolved in ammonia
0 chloride or sulfate because white
0 Na+
0 CI-
1 cloride
@ core identify anion Na+ SO4^2-
1 sulfate because BaCl2 gave white
1 SO4²⁻
0 sulfates or carbonates
1 sulphate (vi)
0 sulphate(iv)
@ core identify salt Na+ SO4^2-
1 sodium sulfate
1 Na2SO4
0 NaSO4
1 sodium sulphate because yellow flame and white ppt
0 sodium sulfite
0 sulfate sodium?? potassium sulfate
@ core identify salt Cu2+ Cl-
1 copper chloride
1 CuCl2
1 copper(II) chloride
0 copper(I) chloride
0 CuCl
@ gases identify gas CO2
1 carbon dioxide (CO2)
1 the gas is CO2
0 not CO2
0 limewater
1 carbondioxide
@ gases identify gas Cl2
1 chlorine gas, bleached litmus
1 CL2
0 HCl
0 chlorine or oxygen
`;

export const eleventhHandNames = `${inTalk}${again}${aThirdTime}${aFourthTime}`;
