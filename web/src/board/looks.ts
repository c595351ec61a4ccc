import type { BoardSum, Picture, Step, WorkedMethod } from '../api/types';
import { heard, tells, type Covers } from '../models/cover';

/** How a picture looks with its covers: what is covered is a question mark, however it differs. */
function pictured(picture: Picture, covers: Covers): string {
  const hidden = (part: 'answer' | 'digit' | 'jump') => covers.covered('', [part]);
  return JSON.stringify(picture, (key, value: unknown) => {
    if (key === 'answer' && Array.isArray(value)) {
      return value.map((text: string) => (hidden('digit') || hidden('answer') ? text.replace(/./g, '?') : text));
    }
    if (key === 'rough' && hidden('digit')) {
      return (value as string[]).length;
    }
    if (typeof value === 'string') {
      return key === 'label' && hidden('jump') && /^[+−]/.test(value) ? '?' : heard(covers, value);
    }
    if (typeof value === 'object' && value !== null && 'asked' in value && value.asked === true && hidden('answer')) {
      return { ...value, label: '?' };
    }
    return value;
  });
}

const said = (step: Step, covers: Covers): string =>
  tells(step.say).some((part) => covers.covered('', [part])) ? '?' : heard(covers, step.say);

/** How each step of a method looks with its covers: two that look the same are one to the class. */
export function looksOf(data: BoardSum, method: WorkedMethod, covers: Covers): readonly string[] {
  const moments = data.moments[data.worked.methods.indexOf(method)] ?? [];
  return method.steps.map((step, i) => {
    const at =
      data.clock?.endAsked && moments[i] === data.clock.to && covers.covered('', ['answer']) ? '?' : moments[i];
    // what stayed and what changed is asked at the last step
    const asks = i === method.steps.length - 1 ? data.worked.changed : (step.changed ?? null);
    return JSON.stringify([said(step, covers), pictured(step.picture, covers), at, asks !== null && i > 0]);
  });
}
