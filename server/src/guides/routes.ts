import { OwnPlant, OwnProfile } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { dropGuide, keepPlant, keepProfile, listPlants, listProfiles } from './service';

export const guideRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/profiles', guard: READS, answer: () => listProfiles(context) }),
  defineRoute({
    method: 'post',
    address: '/profiles',
    guard: WORKS,
    body: OwnProfile,
    answer: ({ who, body }) => keepProfile(context, who, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/profiles/:id',
    guard: WORKS,
    answer: async ({ params }) => {
      await dropGuide(context, 'profile', params.id);
      return listProfiles(context);
    },
  }),
  defineRoute({ method: 'get', address: '/plants', guard: READS, answer: () => listPlants(context) }),
  defineRoute({
    method: 'post',
    address: '/plants',
    guard: WORKS,
    body: OwnPlant,
    answer: ({ who, body }) => keepPlant(context, who, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/plants/:id',
    guard: WORKS,
    answer: async ({ params }) => {
      await dropGuide(context, 'plant', params.id);
      return listPlants(context);
    },
  }),
];
