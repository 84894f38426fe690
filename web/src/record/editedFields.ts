import { ROLE_NAMES } from '@bent-pail/contract/choices';
import { findDosedClass, mediaClassLabel, PLACE_KIND_WORDS, SOILS } from '@bent-pail/core';

/** Fields of edited rows as they are called, by table and column; the part after a dot is a field of that column. */
export const FIELD_WORDS: Readonly<Record<string, string>> = {
  'materials.name': 'name',
  'materials.kind': 'kind',
  'materials.class_id': 'class',
  'materials.aliases': 'other names',
  'lots.code': 'code',
  'lots.source': 'source',
  'lots.grade': 'grade',
  'lots.bought_on': 'bought on',
  'lots.price': 'price of a pack',
  'lots.pack_volume_l': 'pack, L',
  'lots.pack_weight_kg': 'pack, kg',
  'lots.opens_to': 'opens to, times its volume',
  'lots.opens_to_by': 'by whose word it opens so far',
  'lots.state': 'state',
  'lots.label_ingredients': 'what the label names',
  'lots.label_analysis': 'analysis on the label',
  'lots.class_id': 'class',
  'vessels.name': 'name',
  'vessels.height_cm': 'height, cm',
  'vessels.top_diameter_cm': 'across the top, cm',
  'vessels.base_diameter_cm': 'across the base, cm',
  'users.name': 'name',
  'users.role': 'role',
  'users.password': 'a new password',
  'notebook.place': 'name of the bench',
  'notebook.currency': 'money',
  'notebook.zone': 'time zone',
  'notebook.measures.scoop': 'a scoop, L',
  'notebook.measures.bucket': 'a bucket, L',
  'notebook.measures.barrow': 'a barrow, L',
  'notebook.measures.handful': 'a handful, L',
  'notebook.hours.from_h': 'work begins, hours',
  'notebook.hours.to_h': 'work ends, hours',
  'places.name': 'name',
  'places.months': 'weather of the months',
  'places.windy': 'windy',
  'places.stands_on': 'kind of place',
  'places.soil': 'what is below',
  'places.hardness': 'hardness of the water, mg/L',
  'suppliers.name': 'name',
  'suppliers.kind': 'kind',
  'suppliers.permission': 'permission',
  'suppliers.permission_until': 'permission until',
  'suppliers.note': 'note',
  'trials.name': 'name',
  'trials.plan.question': 'question',
  'trials.plan.arms': 'media',
  'trials.plan.reference': 'reference',
  'trials.plan.species': 'what is sown',
  'trials.plan.unit': 'what is drawn by lot',
  'trials.plan.blockIs': 'what a block is',
  'trials.plan.blocks': 'blocks',
  'trials.plan.perBlock': 'places of a block',
  'trials.plan.common': 'the same for all',
  'trials.plan.settled': 'differences settled',
  'trials.plan.observe': 'what is read, and when',
  'trials.plan.culling': 'when a plot is dropped',
  'trials.plan.pull': 'plants pulled for their roots',
  'trials.plan.asks': 'what the answer rests on',
  'trials.plan.within_d': 'days that count as one age',
  'guides.content.label': 'name',
  'guides.content.name': 'name',
  'guides.content.container': 'pot',
  'guides.content.targets': 'windows',
  'guides.content.basis': 'basis',
  'guides.content.profileId': 'use',
  'guides.content.climate': 'how it stands',
  'guides.content.light': 'light',
  'guides.content.keeps': 'lots kept for it',
  'guides.dropped.profile': 'taken off the list',
  'guides.dropped.plant': 'taken off the list',
};

const HANDFUL = 'notebook.handfuls.';

/** What a field is called; one that has no name of its own is called as it is kept. */
export function fieldSaid(field: string): string {
  if (field.startsWith(HANDFUL)) {
    const classId = field.slice(HANDFUL.length);
    return `a handful of ${findDosedClass(classId)?.label ?? classId}, g`;
  }
  return FIELD_WORDS[field] ?? field;
}

const ROLES: Readonly<Partial<Record<string, string>>> = ROLE_NAMES;
const PLACES: Readonly<Partial<Record<string, string>>> = PLACE_KIND_WORDS;

/** Values that are kept as a short word, as they are called. */
export function valueSaid(field: string, value: string): string {
  switch (field) {
    case 'materials.class_id':
    case 'lots.class_id':
      return mediaClassLabel(value) ?? value;
    case 'users.role':
      return ROLES[value] ?? value;
    case 'places.stands_on':
      return PLACES[value] ?? value;
    case 'places.soil':
      return SOILS.find(({ key }) => key === value)?.words ?? value;
    default:
      return value === 'true' ? 'yes' : value === 'false' ? 'no' : value;
  }
}
