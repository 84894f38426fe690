import { LAB_REPORT } from '../protocols';
import type { Step } from '../sheets';

/** How an element is written: as itself, or as a compound of which it is a part. */
export interface Form {
  readonly step: Step;
  /** As it is written in a formula: `K2O`; the element itself where that is what is meant. */
  readonly form: string;
  /** Part of its weight that is the element. */
  readonly share: number;
  /** g/mol of what is written, and charges of a unit of it: for moles and equivalents. */
  readonly molar: number;
  readonly charges: number;
}

/** A name that can mean two forms. */
export interface Unclear {
  readonly either: readonly Form[];
}

/** g/mol; standard atomic weights, IUPAC. */
const ATOMS = Object.freeze({
  N: 14.007,
  P: 30.974,
  K: 39.098,
  Ca: 40.078,
  Mg: 24.305,
  S: 32.06,
  Fe: 55.845,
  Mn: 54.938,
  Zn: 65.38,
  Cu: 63.546,
  B: 10.81,
  Na: 22.99,
  Cl: 35.453,
  O: 15.999,
  H: 1.008,
});
type Atom = keyof typeof ATOMS;

interface Element {
  readonly step: string;
  readonly atom: Atom;
  readonly charges: number;
  readonly names: readonly string[];
  /** Other forms, with how many atoms of the element one holds and its weight; their charges as the element's. */
  readonly forms?: readonly (readonly [formula: string, atoms: number, molar: number])[];
}

const { N, P, K, Ca, Mg, S, Na, B, O, H } = ATOMS;
const NITRATE: readonly [string, number, number] = ['NO3', 1, N + 3 * O];
const AMMONIUM: readonly [string, number, number] = ['NH4', 1, N + 4 * H];

const ELEMENTS: readonly Element[] = [
  {
    step: 'nitrate',
    atom: 'N',
    charges: 1,
    names: ['nitrate n', 'nitrate nitrogen', 'no3 n', 'n no3', 'n nitrate', 'nitrate as n', 'no3 as n', 'nitric n'],
    forms: [NITRATE],
  },
  {
    step: 'ammonium',
    atom: 'N',
    charges: 1,
    names: [
      'ammonium n',
      'ammonium nitrogen',
      'nh4 n',
      'n nh4',
      'n ammonium',
      'ammonium as n',
      'nh4 as n',
      'ammoniacal n',
    ],
    forms: [AMMONIUM],
  },
  {
    step: 'phosphorus',
    atom: 'P',
    charges: 3,
    names: ['phosphorus', 'p', 'phosphor', 'po4 p', 'p po4', 'phosphate as p'],
    forms: [
      ['P2O5', 2, 2 * P + 5 * O],
      ['PO4', 1, P + 4 * O],
    ],
  },
  { step: 'potassium', atom: 'K', charges: 1, names: ['potassium', 'k'], forms: [['K2O', 2, 2 * K + O]] },
  {
    step: 'calcium',
    atom: 'Ca',
    charges: 2,
    names: ['calcium', 'ca'],
    forms: [
      ['CaO', 1, Ca + O],
      ['CaCO3', 1, Ca + 12.011 + 3 * O],
    ],
  },
  { step: 'magnesium', atom: 'Mg', charges: 2, names: ['magnesium', 'mg'], forms: [['MgO', 1, Mg + O]] },
  {
    step: 'sulphur',
    atom: 'S',
    charges: 2,
    names: ['sulphur', 'sulfur', 's', 'so4 s', 's so4', 'sulphate as s', 'sulfate as s'],
    forms: [
      ['SO4', 1, S + 4 * O],
      ['SO3', 1, S + 3 * O],
    ],
  },
  { step: 'iron', atom: 'Fe', charges: 2, names: ['iron', 'fe'] },
  { step: 'manganese', atom: 'Mn', charges: 2, names: ['manganese', 'mn'] },
  { step: 'zinc', atom: 'Zn', charges: 2, names: ['zinc', 'zn'] },
  { step: 'copper', atom: 'Cu', charges: 2, names: ['copper', 'cu'] },
  { step: 'boron', atom: 'B', charges: 3, names: ['boron', 'b'], forms: [['B2O3', 2, 2 * B + 3 * O]] },
  { step: 'sodium', atom: 'Na', charges: 1, names: ['sodium', 'na'], forms: [['Na2O', 2, 2 * Na + O]] },
  { step: 'chloride', atom: 'Cl', charges: 1, names: ['chloride', 'cl', 'chlorine'] },
];

/** Words that name a salt without saying as what it is counted. */
const UNCLEAR: Readonly<Record<string, readonly [step: string, forms: readonly string[]]>> = {
  nitrate: ['nitrate', ['N', 'NO3']],
  ammonium: ['ammonium', ['N', 'NH4']],
  phosphate: ['phosphorus', ['P', 'PO4', 'P2O5']],
  sulphate: ['sulphur', ['S', 'SO4']],
  sulfate: ['sulphur', ['S', 'SO4']],
};

const ORGANIC = new Set(['organic matter', 'loss on ignition', 'loi', 'om', 'organic matter loi']);

const stepCalled = (key: string): Step => LAB_REPORT.steps.find((step) => step.key === key) as Step;

function formsOf({ step, atom, charges, forms = [] }: Element): Form[] {
  const weight = ATOMS[atom];
  return [
    { step: stepCalled(step), form: atom, share: 1, molar: weight, charges },
    ...forms.map(([form, atoms, molar]): Form => ({
      step: stepCalled(step),
      form,
      share: (atoms * weight) / molar,
      molar,
      charges: charges * atoms,
    })),
  ];
}

const SMALL = '₀₁₂₃₄₅₆₇₈₉';

/** A name without its dress: small figures, dashes, brackets, case. */
const plainName = (name: string): string =>
  name
    .replaceAll(/[₀-₉]/g, (figure) => String(SMALL.indexOf(figure)))
    .toLowerCase()
    .replaceAll(/[()[\]–—\-_:,+⁺⁻]/g, ' ')
    .replaceAll(/\b(available|extractable|soluble|total)\b/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();

/** A charge behind a symbol: `Ca2+`, but the 4 of `NH4+` is no charge. */
const CHARGE = /\d?[+⁺]$/;

/** What a laboratory means by a name; undefined where the sheet has no such line. */
export function formCalled(name: string): Form | Unclear | undefined {
  return formNamed(plainName(name)) ?? formNamed(plainName(name.trim().replace(CHARGE, '')));
}

function formNamed(plain: string): Form | Unclear | undefined {
  if (ORGANIC.has(plain))
    return { step: stepCalled('organic'), form: 'organic matter', share: 1, molar: 1, charges: 1 };
  const words = plain.split(' ');
  const unclear = UNCLEAR[plain];
  for (const element of ELEMENTS) {
    const forms = formsOf(element);
    if (element.names.includes(plain)) return forms[0];
    // "Potassium as K2O", "Potassium K2O", "K2O".
    const other = forms.find(({ form }, i) => i > 0 && words.at(-1) === form.toLowerCase());
    const rest = words
      .slice(0, -1)
      .filter((word) => word !== 'as')
      .join(' ');
    if (other !== undefined && (rest === '' || element.names.includes(rest) || UNCLEAR[rest]?.[0] === element.step))
      return other;
    // "Potassium K": the symbol again.
    if (words.length === 2 && element.names.includes(words[0] ?? '') && words[1] === element.atom.toLowerCase())
      return forms[0];
    if (unclear?.[0] === element.step) return { either: forms.filter(({ form }) => unclear[1].includes(form)) };
  }
  return undefined;
}
