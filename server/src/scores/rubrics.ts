import type { Me, OwnCriterion, OwnFunction, OwnRubric, RubricRow } from '@bent-pail/contract';
import {
  CoreError,
  PROPERTIES,
  requireRubric,
  RUBRICS,
  sameContent,
  spoken,
  type Feeder,
  type PropertyKey,
  type Rubric,
  type RubricCriterion,
  type ScoreFunction,
} from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { contentHash } from '../database/contentHash';
import { conflict, notFound, refused } from '../http/problems';
import { addRubric, cardsByRubric, holdRubric, newestRubric, newestRubrics } from './rubricRepository';

/** Rubrics of a notebook's own are told by their key: what ships never has one like it. */
const ownKey = (id: string): string => `own-${id}`;

const shippedPlace = ({ rubric }: RubricRow): number => {
  const place = RUBRICS.findIndex(({ key }) => key === rubric.key);
  return place < 0 ? RUBRICS.length : place;
};

/** Every rubric at its newest version: those that ship, then one's own by name. */
export async function listRubrics({ db }: Context, manager: EntityManager = db.manager): Promise<RubricRow[]> {
  const [rubrics, cards] = [await newestRubrics(manager), await cardsByRubric(manager)];
  const people = await namesOf(
    manager,
    rubrics.flatMap(({ byUser }) => byUser ?? []),
  );
  return rubrics
    .map(({ body, byUser, keptAt }): RubricRow => ({
      rubric: body,
      cards: cards.get(body.key) ?? 0,
      ...(byUser === null || keptAt === null
        ? {}
        : { own: { by: people.get(byUser) ?? '', at: keptAt.toISOString() } }),
    }))
    .sort((a, b) => shippedPlace(a) - shippedPlace(b) || a.rubric.label.localeCompare(b.rubric.label));
}

function functionOf({ type, at0, at10, ideal, limits, bands = [] }: OwnFunction, at: string): ScoreFunction {
  switch (type) {
    case 'line':
      if (at0 === undefined || at10 === undefined)
        throw refused(`${at}.function`, 'A line needs the value that scores 0 and the one that scores 10.');
      return { type, at0, at10 };
    case 'window':
      if (ideal === undefined || limits === undefined)
        throw refused(`${at}.function`, 'A window needs where it is ideal and where it ends.');
      return { type, ideal, limits };
    case 'bands':
      return { type, bands: bands.map(({ upTo, score }) => ({ score, ...(upTo === undefined ? {} : { upTo }) })) };
    case 'direct':
      return { type };
  }
}

const isFigure = (by: string): by is PropertyKey => by in PROPERTIES;

const FEEDER_OF = /^nutrients-(light|medium|heavy)$/;

/** Where a criterion's value comes from, and what kind that makes it. */
function sourceOf(by: string, at: string): Pick<RubricCriterion, 'kind' | 'source' | 'unit'> {
  const feeder = FEEDER_OF.exec(by)?.[1] as Feeder | undefined;
  if (feeder !== undefined) return { kind: 'measured', source: { from: 'nutrients', feeder }, unit: '' };
  if (by === 'panel') return { kind: 'panel', source: { from: by }, unit: '' };
  if (by === 'growth') return { kind: 'grow', source: { from: by }, unit: '' };
  if (by === 'trial') return { kind: 'grow', source: { from: by }, unit: '' };
  if (by === 'claims') return { kind: 'claims', source: { from: by }, unit: '' };
  if (by === 'must') return { kind: 'must', source: { from: by }, unit: '' };
  if (by === 'air' || by === 'water') return { kind: 'measured', source: { from: 'lot', figure: by }, unit: '' };
  if (!isFigure(by)) throw refused(`${at}.by`, `Nobody measures “${by}”.`);
  return {
    kind: by === 'pricePerL' ? 'price' : 'measured',
    source: { from: 'lot', figure: by },
    unit: PROPERTIES[by].unit,
  };
}

function criterionOf(
  { label, plain, weight, by, function: fn, tags, words }: OwnCriterion,
  i: number,
): RubricCriterion {
  const at = `criteria[${String(i)}]`;
  return {
    name: label,
    label,
    plain,
    weight,
    function: functionOf(fn, at),
    ...sourceOf(by, at),
    ...(by === 'panel' && tags !== undefined ? { tags } : {}),
    ...(by === 'panel' && words !== undefined
      ? { words: words.map(({ at: points, word }) => ({ at: points, word })) }
      : {}),
  };
}

function rubricOf({ id, version, label, use, container, aggregate, criteria, caps }: OwnRubric): Rubric {
  const rubric: Rubric = {
    key: ownKey(id),
    version: version + 1,
    label,
    use,
    container,
    aggregate,
    criteria: criteria.map(criterionOf),
    caps: caps.map(({ criterion, below, max }) => ({ criterion, below, max })),
  };
  try {
    requireRubric(rubric);
  } catch (error) {
    if (error instanceof CoreError) throw refused(error.path, spoken(error));
    throw error;
  }
  return rubric;
}

/** Keeps a new version of a rubric of one's own. A version never changes: cards keep the one that they were made with. */
export async function keepRubric(context: Context, me: Me, body: OwnRubric): Promise<RubricRow[]> {
  const rubric = rubricOf(body);
  return context.db.transaction(async (manager) => {
    await holdRubric(manager, rubric.key);
    const known = await newestRubric(manager, rubric.key);
    // The same again, because nobody answered the first time.
    const isKept = known?.version === rubric.version && sameContent(known.body, rubric);
    if (!isKept) {
      if ((known?.version ?? 0) !== body.version)
        throw conflict('Somebody else changed this rubric meanwhile; look at it again before you change it.');
      await addRubric(manager, {
        key: rubric.key,
        version: rubric.version,
        hash: contentHash(rubric),
        body: rubric,
        byUser: me.id,
        keptAt: new Date(context.clock.now()),
      });
    }
    return listRubrics(context, manager);
  });
}

/** The newest version of a rubric that a card is to be made with. */
export async function rubricToJudgeBy(manager: EntityManager, key: string): Promise<Rubric> {
  const found = await newestRubric(manager, key);
  if (found === null) throw refused('rubric', `There is no rubric "${key}".`);
  return found.body;
}

/** One rubric at its newest version. */
export async function rubricCalled(context: Context, key: string): Promise<RubricRow> {
  const row = (await listRubrics(context)).find(({ rubric }) => rubric.key === key);
  if (row === undefined) throw notFound('rubric');
  return row;
}
