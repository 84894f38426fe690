import { isStillIn } from '../accounts/session';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import type { Server } from '../resource';
import { LiveStreams } from './stream';

/**
 * A stream of what changes: `run` with the id of a run, or `all` after anything may have been missed; `sitting` with
 * the id of a panel's sitting at which somebody got on; `class` with the id of a class in which a group did;
 * `trial` with the id of a trial of which something was read or said; `counts` when the numbers of the bench edge may be
 * others. A page asks for the sheet again when it hears of it, so nothing has to be replayed; whoever connects hears
 * `all` first. Ends when its person is signed out.
 */
export function liveRoutes(server: Server): Route[] {
  const { hub } = server;
  const streams = new LiveStreams(hub);
  return [
    defineRoute({
      method: 'get',
      address: '/live',
      guard: READS,
      respond: ({ who, request }, response) => {
        const stream = streams.begin(response, { id: who.id, isStillIn: () => isStillIn(server, request) });
        stream.say('run', 'all');
        stream.until(
          hub.hear((heard) => {
            if (heard === 'counts') stream.say('counts', '');
            else stream.say('run', heard);
          }),
        );
        stream.until(
          hub.hearSittings((sittingId) => {
            stream.say('sitting', sittingId);
          }),
        );
        stream.until(
          hub.hearClasses(({ classId }) => {
            stream.say('class', classId);
          }),
        );
        stream.until(
          hub.hearTrials((trialId) => {
            stream.say('trial', trialId);
          }),
        );
      },
    }),
  ];
}
