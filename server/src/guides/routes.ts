import { AskAway, OwnPlant, OwnProfile, PutAway } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { keepPlant, keepProfile, listPlants, listProfiles, profilesAway, putGuideAway } from './service';

export const guideRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/profiles',
    guard: READS,
    query: AskAway,
    answer: ({ query: { away } }) => (away === 'yes' ? profilesAway(context) : listProfiles(context)),
  }),
  defineRoute({
    method: 'post',
    address: '/profiles',
    guard: WORKS,
    body: OwnProfile,
    answer: ({ who, body }) => keepProfile(context, who, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/profiles/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putGuideAway(context, 'profile', { id, archived }),
  }),
  defineRoute({
    method: 'get',
    address: '/plants',
    guard: READS,
    query: AskAway,
    answer: ({ query: { away } }) => listPlants(context, away === 'yes'),
  }),
  defineRoute({
    method: 'post',
    address: '/plants',
    guard: WORKS,
    body: OwnPlant,
    answer: ({ who, body }) => keepPlant(context, who, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/plants/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putGuideAway(context, 'plant', { id, archived }),
  }),
];
