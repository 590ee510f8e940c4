/** The eleventh set, names: its third and fourth part. In the notation of the other corpora. */
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

export const eleventhHandMoreNames = `${aThirdTime}${aFourthTime}`;
