import type { QuestionReply, SheetSettings } from '../api/types';
import { newId } from '../ui/newId';
import { challengesLast, noDraft, sameQuestion, type Draft } from './draft';

/** Where it is not known how a sheet was before: all that is on it counts as changed. */
export const nothing = noDraft;

/**
 * One sheet of two that were made from the same: what was changed in one of them only is as it is there. A question that
 * was changed in both stands twice; what else was changed in both is as it is here. What was taken off in one of them is
 * off, unless it was changed in the other.
 */
export function putTogether(base: Draft, mine: Draft, theirs: Draft): Draft {
  const was = byId(base.questions);
  const here = byId(mine.questions);
  const there = byId(theirs.questions);
  const both = (id: string): QuestionReply[] => {
    const [before, ours, other] = [was.get(id), here.get(id), there.get(id)];
    const changed = (now: QuestionReply) => before === undefined || !sameQuestion(before, now);
    if (ours === undefined || other === undefined) {
      const left = ours ?? other;
      return left !== undefined && changed(left) ? [left] : [];
    }
    if (!changed(ours) || sameQuestion(ours, other)) {
      return [other];
    }
    return changed(other) ? [other, { ...ours, id: newId() }] : [ours];
  };
  // whoever moved questions decides their order; if both did, the window at hand does
  const moved = !sameOrder(base.questions, mine.questions);
  const order = new Set((moved ? [mine, theirs] : [theirs, mine]).flatMap((one) => one.questions.map(({ id }) => id)));
  return {
    title: mine.title === base.title ? theirs.title : mine.title,
    questions: challengesLast([...order].flatMap(both)),
    classId: mine.classId === base.classId ? theirs.classId : mine.classId,
    settings: settingsOf(base.settings, mine.settings, theirs.settings),
  };
}

const byId = (questions: readonly QuestionReply[]) => new Map(questions.map((question) => [question.id, question]));

/** Whether those that are in both stand in the same order. */
function sameOrder(before: readonly QuestionReply[], now: readonly QuestionReply[]): boolean {
  const [were, are] = [byId(before), byId(now)];
  const left = before.filter(({ id }) => are.has(id));
  const stayed = now.filter(({ id }) => were.has(id));
  return left.every((question, i) => question.id === stayed[i]?.id);
}

function settingsOf(base: SheetSettings, mine: SheetSettings, theirs: SheetSettings): SheetSettings {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const changed = Object.entries(mine).filter(([name, value]) => !same(value, base[name as keyof SheetSettings]));
  return { ...theirs, ...Object.fromEntries(changed) };
}
