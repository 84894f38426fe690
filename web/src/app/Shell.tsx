import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, type ReactElement } from 'react';
import { flushSync } from 'react-dom';
import { Outlet, useLocation } from 'react-router';
import { startOutbox } from '../shared/outbox/sender';
import { Patterns } from '../shared/pail/Patterns';
import { sentenceOf } from '../shared/api';
import { startLive } from '../shared/live';
import { sessionQuery } from '../shared/resources/client';
import { keepServerClock } from '../shared/serverClock';
import { useThemeOnPage } from '../shared/theme';
import { useWorking } from '../shared/workingStore';
import type { Me, Role } from '@bent-pail/contract';
import { BenchEdge } from './BenchEdge';
import { Door } from './Door';
import { Drawer } from './Drawer';
import { useFind } from '../shared/findStore';
import { fetchFinder, Finder } from './find/Finder';
import { useLatelyHere } from './find/useLatelyHere';
import { KeySheet } from './KeySheet';
import { NewVersion } from './NewVersion';
import { NotSecure } from './NotSecure';
import { OneMoment } from './OneMoment';
import { STATIONS } from './views';
import { useFocusBack } from '../shared/useFocusBack';
import { useKeys } from './useKeys';
import { fetchToasts, Toasts } from '../kit/Toasts';
import { useFetchedAhead } from '../kit/useFetchedAhead';
import { SkipLink } from './SkipLink';
import { useTabTitle } from './useTabTitle';
import { useTimerToasts } from './useTimerToasts';

/** What may be needed on any page. */
const AHEAD = [fetchFinder, fetchToasts];

/** Everything inside the door: the page, the working drawer, the bench edge. Outside it, the door. */
export function Shell(): ReactElement {
  const session = useQuery(sessionQuery);
  useEffect(() => keepServerClock(), []);
  useThemeOnPage();
  if (session.data === undefined) {
    return session.error === null ? <OneMoment /> : <main className="p-8">{sentenceOf(session.error)}</main>;
  }
  if (session.data.me === undefined) {
    return (
      <>
        <Patterns />
        <Door session={session.data} />
      </>
    );
  }
  return <Inside me={session.data.me} />;
}

/** Whoever sees the whole notebook finds what is in it. */
const FINDERS: readonly Role[] = ['lead', 'tester', 'reader'];

function Inside({ me }: { readonly me: Me }): ReactElement {
  const [keys, setKeys] = useState(false);
  const { pathname } = useLocation();
  const stations = useMemo(() => STATIONS.filter((station) => station.roles.includes(me.role)), [me.role]);
  useTimerToasts(pathname);
  useTabTitle();
  useFocusBack();
  const onKeys = useCallback(() => {
    setKeys(true);
  }, []);
  const setFinding = useFind((state) => state.setOpen);
  const onFind = useCallback(() => {
    // The next letter is for the box already.
    flushSync(() => {
      setFinding(true);
    });
  }, [setFinding]);
  const seesAll = FINDERS.includes(me.role);
  useKeys({ stations, single: me.singleKeys, onKeys, onFind: seesAll ? onFind : undefined });
  useFetchedAhead(AHEAD);
  useLatelyHere();
  useEffect(() => startOutbox(me.id), [me.id]);
  // A panellist sees no runs, so there is nothing to be told of.
  const seesBench = me.role !== 'panellist';
  useEffect(() => (seesBench ? startLive(me.id) : undefined), [me.id, seesBench]);
  useEffect(() => {
    useWorking.getState().close();
  }, [pathname]);
  return (
    <>
      <Patterns />
      <SkipLink />
      <div className="pb-[72px] min-[1100px]:has-[+aside]:pr-[380px]">
        <NewVersion pathname={pathname} />
        <NotSecure />
        {/* Whatever shows a measure is drawn anew where the units are changed. */}
        <Outlet key={Object.values(me.units).join(' ')} />
      </div>
      <Drawer />
      <BenchEdge onKeys={onKeys} onFind={seesAll ? onFind : undefined} />
      {seesAll && <Finder me={me} />}
      <Toasts />
      <KeySheet open={keys} onOpenChange={setKeys} />
    </>
  );
}
