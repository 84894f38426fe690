import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS } from '../http/guard';
import type { Server } from '../resource';
import { benchComputer } from './service';

export const benchComputerRoutes = (server: Server): Route[] => [
  defineRoute({ method: 'get', address: '/bench-computer', guard: LEADS, answer: () => benchComputer(server) }),
];
