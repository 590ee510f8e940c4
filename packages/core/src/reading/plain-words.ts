/** Ordinary words of students' answers that are right as they stand and carry no result. */
export const plainWords: ReadonlySet<string> = new Set(
  `a about above after again all almost also although am an and another any appeared appears are as at ate bed been
  before began being below bit both bread bricks bright brightly burn burned burning burns burnt but by came can change changed
  changes clean cleaned clear colour colours could dark did different dip do does done down during each even
  faint fairly fed few fire first flame flames flash for found from gave get gets giving go goes going gold gone got great had has have he held
  her here hint his hot how i if in inside into is it its just kind lead led less let lid light like liked line
  little look looked looks lot made make maybe me mean more most mostly much my near new next no not now of off on once one only or
  other our out over pale perhaps probably put quite rather ray read ready real really rid right sample saw
  second see seen seemed seems she should show showed shows side slight slightly so solid some sort start started stayed still straight strong
  than that the their them then there they thing think this those though through tin to too tried turned turns two under until up
  us very wait was way we well went were what when where which while who wide will with without wire would write yet you
  your bead beed test tested tests result results observation observed sample samples splint swab loop edge edges middle inner outer blown
  glass cobalt through lens lit salt metal ion ions compound seconds time times quick quickly soon later late long short
  large small big bigger lots plain screen brick grin
  red green grew grow grown blew reed
  precipitate bubbles fizzing limewater litmus`
    .split(/\s+/)
    .filter(Boolean),
);
