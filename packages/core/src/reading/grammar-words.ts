/** Words that hold sentences together, with those of chat: they carry no result and no doubt. */
export const grammarWords: ReadonlySet<string> = new Set(
  `a an the this that these those it its itself he she they them their his her we us our i me my you u ur your one ones who which what whose whatever
  is was are were be been being am do does did done doing has have had having will would shall should can could may might must
  not no nor never neither none without isnt wasnt and or but so then than as if when while whilst once until till because cos coz cuz bc cause since though although
  however before after afterwards later meanwhile in on at by to into onto of off for from with within w upon throughout over under up down out around through thru across along against between near next above below behind beside beyond during about toward towards
  there here where everywhere anywhere somewhere very really rly quite rather too also again just only even still already yet soon almost nearly mostly mainly maybe perhaps probably possibly definitely def defo certainly clearly obviously basically literally actually
  lol omg lmao ngl tbh imo imho btw idk fyi lmk haha hehe xd pls plz thx thanks please hi hello hey sir miss ok okay yeah yep nope nah oh ooh ah um umm er erm well like kinda sorta gonna wanna gotta bit bits lot lots
  get gets got getting go goes going went gone come comes came put puts putting add adds added adding see sees saw seen look looks looked looking seem seems seemed think thinks thought know knew guess say says said mean means meant
  some any all each every both either other others another more most much many few less least enough such same different first second third last final finally end
  make makes made making take takes took taken taking use uses used using give gives gave given giving turn turns turned turning become becomes became becoming change changes changed changing stay stays stayed keep keeps kept
  thing things stuff something anything everything someone way ways kind sort type really sooo soo so hmm etc eg ie ie. yes sure
  solubility unlit answer answers question experiment result results observation observations observed test tested number part box
  imparted imparts imparting thrown full stop comma period whatsoever i'm im ive id hes shes theyre were weve whats thats theres heres lets dont cant wont`
    .split(/\s+/)
    .filter(Boolean),
);
