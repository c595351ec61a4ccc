import { dateWriter } from '../ui/dates';

/** Browsers by what they call themselves; those that call themselves others, too, come first. */
const browsers: readonly [RegExp, string][] = [
  [/Edg\//, 'Edge'],
  [/OPR\//, 'Opera'],
  [/Firefox\//, 'Firefox'],
  [/Chrome\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];
const machines: readonly [RegExp, string][] = [
  [/iPad/, 'iPad'],
  [/iPhone/, 'iPhone'],
  [/Android/, 'Android'],
  [/CrOS/, 'Chromebook'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'Mac'],
  [/Linux/, 'Linux'],
];

/** A browser in two words. */
export function browserName(says: string): string {
  const browser = browsers.find(([sign]) => sign.test(says))?.[1] ?? 'A browser';
  const machine = machines.find(([sign]) => sign.test(says))?.[1];
  return machine === undefined ? browser : `${browser}, ${machine}`;
}

const writer = dateWriter({ weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

/** When it was used last, in words; times are those of this machine. */
export function whenUsed(used: string, now = new Date()): string {
  const at = new Date(used);
  const minutes = Math.floor((now.getTime() - at.getTime()) / 60_000);
  return minutes < 10 ? 'just now' : writer.format(at);
}
