import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { learningPage } from './service';

export const learningRoutes = ({ db }: Context): Route[] => [
  defineRoute({ method: 'get', address: '/learning', guard: READS, answer: () => learningPage(db.manager) }),
];
