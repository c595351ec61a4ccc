import { Suspense, useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import type { MeReply } from '../api/types';
import { NoticeProvider } from '../ui/notices';
import { Frame } from './Frame';
import { NotHere } from './NotHere';
import { part, whenIdle } from '../ui/part';

/** A part of the script for each place; the others are fetched while the hands are still. */
const places = {
  today: () => import('../plan/Today'),
  plan: () => import('../plan/places'),
  work: () => import('../work/WorkScreen'),
  problems: () => import('../work/Problems'),
  found: () => import('../work/Found'),
  board: () => import('../board/BoardScreen'),
  clock: () => import('../board/ClockDrill'),
  day: () => import('../board/DayBoard'),
  shelf: () => import('../sheet/Shelf'),
  make: () => import('../sheet/MakeSheets'),
  print: () => import('../printing/PrintPreview'),
  tables: () => import('../timetable/Timetables'),
  tableBoard: () => import('../timetable/TableBoard'),
  activity: () => import('../activity/places'),
  practise: () => import('../practice/Practise'),
  piles: () => import('../marking/Piles'),
  marking: () => import('../marking/Marking'),
  follow: () => import('../evidence/FollowUp'),
  classes: () => import('../classroom/Classes'),
  account: () => import('../account/Account'),
  school: () => import('../school/School'),
  deleted: () => import('../deleted/Deleted'),
  again: () => import('../account/SignInAgain'),
  sheet: () => import('../sheet/SheetPanel'),
  list: () => import('../sheet/BringIn'),
  mistakes: () => import('../mistake/Mistakes'),
  setOut: () => import('../models/SetOut'),
  face: () => import('../models/Clock'),
  month: () => import('../models/Month'),
  changed: () => import('../work/WhatChanged'),
  told: () => import('../work/Told'),
  keys: () => import('./KeyList'),
};
const Today = part(() => places.today().then((it) => it.Today));
const WholePlan = part(() => places.plan().then((it) => it.WholePlan));
const LessonPaper = part(() => places.plan().then((it) => it.LessonPaper));
const TeachPart = part(() => places.plan().then((it) => it.TeachPart));
const Problems = part(() => places.problems().then((it) => it.Problems));
const WorkScreen = part(() => places.work().then((it) => it.WorkScreen));
const BoardScreen = part(() => places.board().then((it) => it.BoardScreen));
const ClockDrill = part(() => places.clock().then((it) => it.ClockDrill));
const DayBoard = part(() => places.day().then((it) => it.DayBoard));
const Shelf = part(() => places.shelf().then((it) => it.Shelf));
const MakeSheets = part(() => places.make().then((it) => it.MakeSheets));
const PrintPreview = part(() => places.print().then((it) => it.PrintPreview));
const TableBoard = part(() => places.tableBoard().then((it) => it.TableBoard));
const Timetables = part(() => places.tables().then((it) => it.Timetables));
const Activities = part(() => places.activity().then((it) => it.Activities));
const Activity = part(() => places.activity().then((it) => it.Activity));
const ActivityPaper = part(() => places.activity().then((it) => it.ActivityPaper));
const Play = part(() => places.activity().then((it) => it.Play));
const Practise = part(() => places.practise().then((it) => it.Practise));
const Piles = part(() => places.piles().then((it) => it.Piles));
const Marking = part(() => places.marking().then((it) => it.Marking));
const FollowUp = part(() => places.follow().then((it) => it.FollowUp));
const Classes = part(() => places.classes().then((it) => it.Classes));
const Account = part(() => places.account().then((it) => it.Account));
const School = part(() => places.school().then((it) => it.School));
const Deleted = part(() => places.deleted().then((it) => it.Deleted));
const SignInAgain = part(() => places.again().then((it) => it.SignInAgain));

/** All the places of a teacher who is signed in. */
export function Places({ who, signedOut }: { who: MeReply; signedOut: boolean }) {
  useEffect(() => {
    whenIdle(() => {
      // without a connection the next place is there, too
      Object.values(places).forEach((fetch) => void fetch().catch(() => undefined));
    });
  }, []);
  return (
    <BrowserRouter>
      <NoticeProvider>
        <Routes>
          <Route element={<Frame me={who} />}>
            <Route path="/today" element={<Today />} />
            <Route path="/today/plan" element={<WholePlan />} />
            <Route path="/today/print" element={<LessonPaper />} />
            <Route path="/teach/part" element={<TeachPart />} />
            <Route path="/problems" element={<Problems />} />
            <Route path="/prepare" element={<WorkScreen />} />
            <Route path="/teach" element={<BoardScreen />} />
            <Route path="/teach/clock" element={<ClockDrill />} />
            <Route path="/teach/day" element={<DayBoard />} />
            <Route path="/sheets" element={<Shelf />} />
            <Route path="/sheets/make" element={<MakeSheets />} />
            <Route path="/timetables" element={<Timetables />} />
            <Route path="/activities" element={<Activities />} />
            <Route path="/activities/:id" element={<Activity />} />
            <Route path="/activities/:id/print" element={<ActivityPaper />} />
            <Route path="/teach/timetable" element={<TableBoard />} />
            <Route path="/teach/activity/:id" element={<Play />} />
            <Route path="/practise" element={<Practise />} />
            <Route path="/mark" element={<Piles />} />
            <Route path="/mark/:id" element={<Marking />} />
            <Route path="/follow-up" element={<FollowUp />} />
            <Route path="/classes" element={<Classes />} />
            <Route path="/account" element={<Account />} />
            <Route path="/school" element={<School />} />
            <Route path="/deleted" element={<Deleted />} />
            <Route path="/sheets/:id/print" element={<PrintPreview />} />
            <Route path="/" element={<Navigate to="/today" replace />} />
            <Route path="*" element={<NotHere />} />
          </Route>
        </Routes>
        {signedOut && (
          <Suspense fallback={null}>
            <SignInAgain last={who} />
          </Suspense>
        )}
      </NoticeProvider>
    </BrowserRouter>
  );
}
