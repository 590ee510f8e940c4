/**
 * What a voice-typing keyboard or an autocorrection writes for the words of these practicals, where the words it
 * writes are English themselves. Source `school-practice`; costs are judged, not measured.
 */
import { otherForms } from './other-forms.js';

export const mishearings = otherForms(`
precipitate < participate, participated, participates, precipitant, precipitants, percipitant, precipice, press it a tate, press it ate, press if it ate, precept it ate, per cip a tate, per sip it ate, perspirate, perspiration, principate, recipitate, participant, precipitating, precipitator, precipitous
precipitate < participation, participating, anticipate, anticipated | colour shade
effervescence < effort essence, effort essences, every essence, evanescence, every sense, ever essence, effer essence, f of essence, ever vests ins, fluorescence, effer vessence, a four vests and, affair vessence, efflorescence
limewater < line water, lime what are, lime waters, time water, limb water, lemon water, lie water, lying water, line what are, limb what are, lime wider, lime order, climb water | cloud turn
limewater < line water, lime what are, lime order, limb water, climb water, lying water
litmus < lit miss, lit mus, lit mess, let must, lip must, lid must, lit moss, litmus's, lit must, limits
lilac < lie lack, lie lac, lila, lilacs, like lack, lie luck, lay lack, lie like, li lac, lilo, lie lak
insoluble < in soluble, in sale able, in solid bull, and soluble, in saluble, insolvable, un soluble, inoluble, in soul able
soluble < sol you bull, saleable, solvable, soul able, sole you ball
excess < access, axis, axes, exes, ex s, exess, accents | dissolve in
excess < access, axis, axes
dissolves < dis solves, this solves, the solves, resolves, dissolve's, dizzy holes, diss olves, absolves
dissolved < dis solved, this solved, resolved
dissolve < dis solve, resolve
redissolves < re dissolves, read is solves, redis solves
red < read, bread, rad, reed | turn colour litmus flame from
red < read, bread | brick
blue < blew, bluer | solid turn litmus shade colour flame from
white < wight, right, write, wide, why it, wine, rite | solid smoke
white < wight, white's
cream < creme, creme's, scream, dream, cram, crema | solid shade turn
pale < pail, pal, pile, pile of, pall | colour
green < grin, grain, gren, queen, greene, greens, screen | shade turn solid flame
apple green < apple grin, a pool green, apple screen, apple queen
brick red < break red, brick bread, brick read, break read, brick rid, brick head, break it red, bric red
yellow < hello, yell oh, yell o, yellow's, jello, mellow | turn solid flame shade
crimson < crims on, crimes on, crimson's, grimson, crims an, crime son
scarlet < scar let, scarlett, starlet
purple < people, purpled | turn solid flame shade
orange < are range, arrange | turn solid flame shade
squeaky pop < squeak e pop, squeak he pop, squeeky pup, sneaky pop, squeaky pup, squeaky poppy, cheeky pop, squeaky prop, squeaky plop, squeaking pop, squeaky pot, squeaky pub, sweaky pop, creaky pop, speaky pop
squeaky < sneaky, cheeky, creaky, leaky, squeegee | pop
glowing < growing, flowing, blowing, going, glueing, glow in | splint
splint < sprint, splinter, splints, split, spent, squint, splendid, plint, splinters | light
relights < re lights, really lights, relies, relates, re light, reliance, relight's, rely it's, real lights, rely its, relay its, reelights, reignites it
relit < really lit, re lit, real it, real lit, rely it
damp < dump, damn, stamp, dam, ramp | litmus colour
fizzed < fist, faced, physed
fizzing < physics, facing
bubbles < bubble's, bobbles, baubles, bobbled
milky < milkie, milk he, milky's, silky, milk e, milk key
cloudy < loudly, cloud he, claudie, cloud e, cloudly, crowdy, claudy, cloudie
colourless < colour less, color less, colour list, colour lists, careless, callous, colonoscopy
no change < know change, no chain, no chance, now change
nothing < no thing, noting, nuffing, nuffin, nuthin, nufin
bleached < beached, breached, leached, bleach it, bleach d
bleaches < beaches, breaches, leaches, peaches
chlorine < chlorine's, clothing
flame < flam, frame, plane, flim | colour
solid < salad, soiled | colour
decolourised < dee colourised, de colourised, decolor eyes, decolorized
extinguished < distinguished
extinguishes < distinguishes
sodium < so dium, soda um, so diem
potassium < pot ass ium, patasium
sulfate < sul fate, sulph ate, soul fate, sulfur eight, sell fate
chloride < chlor ide, clor ride, core ride, color ride, clore ide
carbonate < carbon eight, carbon ate, car bonate, carbon hate
ammonia < a monia, pneumonia, ammo nia, am monia
heard < herd
pungent < pun gent, pungents, punjant
cobalt < coball, co bolt, cobolt
fumes < fumed, perfumes, phones, fuels | colour
manganate < manga nate, magnate, mangan ate
`);
