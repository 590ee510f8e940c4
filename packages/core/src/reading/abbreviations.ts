/** The short forms of notes, each with what it stands for. Those that are words themselves count only beside their like. */
import { otherForms } from './other-forms.js';

export const abbreviations = otherForms(`
precipitate < pptn, prec, precip, ppte, pcpt, ppct, pp, pt, preci, pppt, pptt, percip
excess < xs, exs, xcess, ex, xss
soluble < sol, solb, solub | in excess solid
insoluble < insol, ins, insolb, insolub, unsol
solution < soln, solun, sln, soltn
solution < sol | colour shade
effervescence < eff, effv, efferv, effer, effves
limewater < lw, limew
colour < coloration, colouration, colorations, colourations
litmus < litm, lit | damp
white < wh, wht, wt, whte | solid shade smoke flame turn
white < w | solid smoke flame turn
blue < bl, blu, b | solid shade litmus turn flame
brown < br, brn, brwn, bwn | solid shade flame turn colour
green < gr, grn, gn, gren | solid shade flame turn
yellow < yel, ye, yell, yllw, y, yw, ylw | solid shade flame turn
red < rd, r | litmus flame damp solid turn
cream < cr, crm | solid
orange < org, orng, ornge | solid flame
lilac < lil, lila | solid flame turn
purple < purp, ppl, pur | solid flame turn layer
colourless < cless, clrless, colrless, cls, colless
clear < clr
cloudy < cldy, cloud
pale < pl, p | colour
light < lt, lght | colour
dark < dk, drk | colour
dilute < dil
concentrated < conc
glowing < gl, glow | splint
squeaky < sq, squky | pop
damp < dmp, dp | litmus colour
hydrochloric acid < hcl
sodium hydroxide < naoh
ammonia < nh3
with < w, wiv, wth
without < wout
because < bcos, becos, bcus, becoz, becuz, becase, becaus, bcz
solid < sld
change < chg, chnge
difference < diff, dif, diffrence
no change < nc
no reaction < nr, nvr, norxn
no precipitate < nppt
reaction < rxn, rxtn
temperature < temp
initially < init
you < u
are < r
`);
