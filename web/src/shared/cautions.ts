import type { CautionKey } from '@bent-pail/core';

export interface CautionText {
  readonly title: string;
  /** Short, before the step. */
  readonly short: string;
  /** The whole of it, one click away. */
  readonly long: string;
}

/** Usual cautions, not professional advice: labels, safety data sheets, workplace and local rules come first. */
export const CAUTIONS: Readonly<Record<CautionKey, CautionText>> = {
  dust: {
    title: 'Dust',
    short: 'Wet it first, work outdoors or under extraction, wear a fitted respirator rated for fine dust.',
    long: 'Perlite, pumice, vermiculite, char, dry peat and silica sand dust harm the lungs, crystalline silica for life. Wet them first, tip upwind, protect your eyes. Old vermiculite of unknown source may hold asbestos: do not open or disturb it, ask a licensed laboratory.',
  },
  germs: {
    title: 'Germs',
    short: 'Open bags away from the face, damp down, wear gloves, wash hands, no eating.',
    long: 'Composts, potting media and manures can carry Legionella, Aspergillus, tetanus and E. coli. People with weak immunity, lung disease or in pregnancy stay away from dusty or mouldy handling and ask their doctor. Waft a smell, never nose to bag; do not smell what looks mouldy; nobody tastes anything.',
  },
  heat: {
    title: 'Hot oven',
    short:
      'Stay with it, open a window, never above 105 °C. An oven that dried media is not used for food without a thorough clean.',
    long: 'Organic matter gives off fumes and can catch fire. Ovens and microwaves that dry media are attended and ventilated, never over 105 °C. Trays and glass are hot: tongs or gloves, a clear place to set them down. No oven for pupils.',
  },
  sharp: {
    title: 'Sharp tools',
    short: 'Cut away from the palm, cut-resistant gloves for knives, gloves off at turning parts, eye protection.',
    long: 'Guard grinders, unplug or drain them of force before clearing a jam. Kitchen grinders never return to food. Pause against strain.',
  },
  chemicals: {
    title: 'Buffers and solutions',
    short: 'Gloves and goggles with buffers, storage solution and acids; read the label and the safety data sheet.',
    long: 'Acid goes into water, never the other way round. Lime burns eyes and skin. Keep concentrates labelled and locked from children. Used buffers and rinse water go where local rules say.',
  },
  liming: {
    title: 'Lime and sulphur',
    short: 'Prefer ground limestone; goggles, gloves and no wind. Never with ammonium fertiliser or fresh manure.',
    long: 'Quicklime and hydrated lime burn eyes and skin. Lime with ammonium fertiliser or fresh manure frees ammonia. Sulphur dust and dry organic dust can burn or explode: no flame, no spark. Follow the label and its safety data sheet.',
  },
  electric: {
    title: 'Water and mains',
    short: 'Scales, pens and ovens by a sink: residual-current protection, dry hands.',
    long: 'Grow lamps, heat mats and pumps near water likewise. Wipe spills before they reach a socket; wet floors are slippery.',
  },
  lifting: {
    title: 'Lifting',
    short: 'Wet media are heavy: two people or a trolley above your local limit (25 kg if you have none).',
    long: 'Bend the knees, keep it close, no twisting. Wet pots on roofs and balconies add load to the structure: a structural engineer decides what it bears.',
  },
  pupils: {
    title: 'With pupils',
    short: 'An adult is responsible and stays; gloves and goggles for everybody; no raw manure, no oven, no acid.',
    long: 'Open bags before the lesson, outdoors, and damp the stuff down. Wash hands afterwards, nobody eats or tastes anything. Whoever has asthma, weak immunity or open cuts does not handle dusty or mouldy stuff. The rules of the school and of the local authority come first.',
  },
  trials: {
    title: 'Nobody eats it',
    short:
      'What grew in media that are blind, unknown, made with manure, treated wood or used husks is not eaten or tasted.',
    long: 'Herbs and salads of a trial go on the heap, not into the kitchen. Raw manure: keep from crops eaten raw for the local interval. Reused husks and pallets may hold dye, wax, oil or preservative.',
  },
  sap: {
    title: 'Sap and thorns',
    short: 'Sap of aroids, spurges and some succulents irritates: gloves, eyes; cover cuts, wash hands.',
    long: 'Sphagnum moss and thorns can carry sporotrichosis. Cut away from the palm. Pause against strain where many plants are measured.',
  },
  contamination: {
    title: 'Unknown stuff',
    short:
      'Wood ash, treated wood, painted brick, roadside grit, urban soil: not for food crops, and to a laboratory first.',
    long: 'Heavy metals, glass, plastics and herbicide residue in manure and compost (a bean bioassay first). Mine or old industrial ground and dumps: not without a laboratory. An unidentified cake or meal is refused. Local guidance comes first.',
  },
  disposal: {
    title: 'Afterwards',
    short:
      'Spoilt media, runoff with feed and diseased plants go where local rules say; no invasive plant by the compost heap.',
    long: 'Rinse water with salts likewise. Moving soil, plants and media over borders is regulated. Clean trays before they are used again.',
  },
};
