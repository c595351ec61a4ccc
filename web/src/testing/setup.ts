import { configure } from '@testing-library/dom';

// a browser that has no wish of its own: neither dark nor still
if (typeof window !== 'undefined') {
  window.matchMedia ??= (query) => Object.assign(new EventTarget(), { matches: false, media: query }) as MediaQueryList;
}

// a busy machine is no fault of what is tested
configure({ asyncUtilTimeout: 10_000 });
