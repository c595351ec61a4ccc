/** What a child has typed, in runs: what stands for hours and what for minutes. */
export function typedRuns(text: string): { mark: '' | 'h' | 'm'; text: string }[] {
  const time = /^(\s*)(\d{1,2})([:.])(\d*)(.*)$/.exec(text);
  if (time) {
    const [, before = '', hour = '', sign = '', minute = '', rest = ''] = time;
    return [
      { mark: '', text: before },
      { mark: 'h', text: hour },
      { mark: '', text: sign },
      { mark: 'm', text: minute },
      { mark: '' as const, text: rest },
    ].filter((run) => run.text !== '') as { mark: '' | 'h' | 'm'; text: string }[];
  }
  const found: { mark: '' | 'h' | 'm'; text: string }[] = [];
  let rest = text;
  const length = /^(\D*?)(\d+\s*(?:h|hours?)|\d+\s*(?:min|minutes?))(?![a-z])/;
  for (let match = length.exec(rest); match; match = length.exec(rest)) {
    const [all, before = '', part = ''] = match;
    found.push({ mark: '', text: before }, { mark: /h/.test(part) ? 'h' : 'm', text: part });
    rest = rest.slice(all.length);
  }
  return [...found, { mark: '' as const, text: rest }].filter((run) => run.text !== '');
}

/** The text with a key of the pad typed behind it: signs stand where a child would write them. */
export function withKey(text: string, key: string): string {
  if (/^[0-9:]$/.test(key) || key === '.') {
    // a digit after a unit begins the next part
    return /[a-zé.’]$/i.test(text) && /\d/.test(key) ? `${text} ${key}` : text + key;
  }
  if (key === ',') {
    return `${text.trimEnd()}, `;
  }
  const half = /^[ap]\.?m\.?$/i.test(key);
  const before = half ? text.replace(/\s*[ap]\.?m\.?\s*$/i, '') : text.trimEnd();
  return before === '' ? key : `${before} ${key}`;
}

/** The text without its last sign. */
export function withoutLast(text: string): string {
  return text.replace(/(?:\s*[a-zé’.]+|,?\s*.)\s*$/iu, '').trimEnd();
}
