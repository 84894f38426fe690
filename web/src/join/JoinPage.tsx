import { useQuery } from '@tanstack/react-query';
import { useEffect, useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { OneMomentHere } from './OneMomentHere';
import { ApiProblem, sentenceOf } from '../shared/api';
import { startOutbox } from '../shared/outbox/sender';
import { queueOfGroup } from '../shared/outbox/keep';
import { Patterns } from '../shared/pail/Patterns';
import { sessionQuery } from '../shared/resources/client';
import { groupQuery } from '../shared/resources/group';
import { useThemeOnPage } from '../shared/theme';
import { Toasts } from '../kit/Toasts';
import { ChooseGroup } from './ChooseGroup';
import { GroupSheet } from './GroupSheet';
import { joinedBy } from './joinedBy';
import { listenForGroup } from './listenForGroup';

/** A class on a pupil's phone: choose the group, then its sheet. */
export function JoinPage(): ReactElement {
  const { code } = useParams();
  useThemeOnPage();
  useQuery(sessionQuery);
  // A phone that is in no class, or comes with the code of another one, asks for the group.
  const [asksAnew, setAsksAnew] = useState(() => {
    const joined = joinedBy();
    return joined === undefined || (code !== undefined && joined !== code.toUpperCase());
  });
  const group = useQuery({ ...groupQuery, enabled: !asksAnew });
  const groupId = group.data?.groupId;
  useEffect(() => {
    if (groupId === undefined) return undefined;
    const stopSending = startOutbox(queueOfGroup(groupId));
    const stopHearing = listenForGroup();
    return () => {
      stopSending();
      stopHearing();
    };
  }, [groupId]);
  // What stood on the sheet when the class ended stays in sight.
  const isNone =
    asksAnew || (group.data === undefined && group.error instanceof ApiProblem && group.error.status === 401);
  return (
    <>
      <Patterns />
      {isNone ? (
        <ChooseGroup
          code={code}
          onJoined={() => {
            setAsksAnew(false);
          }}
        />
      ) : group.data === undefined ? (
        <OneMomentHere trouble={group.error === null ? undefined : sentenceOf(group.error)} />
      ) : (
        <GroupSheet
          page={group.data}
          over={group.error instanceof ApiProblem ? group.error.message : undefined}
          onLeft={() => {
            setAsksAnew(true);
          }}
        />
      )}
      <Toasts />
    </>
  );
}
