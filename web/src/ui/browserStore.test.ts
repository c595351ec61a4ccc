// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { forgetAll, hasUnsent, keep, keepFor, kept } from './browserStore';

describe('what the browser keeps', () => {
  beforeEach(() => {
    window.localStorage.clear();
    keepFor('');
  });

  it('belongs to the teacher who is signed in', () => {
    keepFor('arden');
    keep('rostik.kept.classes', 'hers');
    keepFor('corin');
    expect(kept('rostik.kept.classes')).toBeNull();
    keep('rostik.kept.classes', 'his');
    keepFor('arden');
    expect(kept('rostik.kept.classes')).toBe('hers');
  });

  it('is gone when she goes, and nobody else’s with it', () => {
    keepFor('corin');
    keep('rostik.kept.classes', 'his');
    keepFor('arden');
    keep('rostik.kept.classes', 'hers');
    keep('rostik.here', 'yes');
    forgetAll();
    expect(kept('rostik.kept.classes')).toBeNull();
    expect(kept('rostik.here'), 'belongs to the browser').toBe('yes');
    keepFor('corin');
    expect(kept('rostik.kept.classes')).toBe('his');
  });

  it('knows what has not been sent yet, which one is asked about before going', () => {
    keepFor('arden');
    keep('rostik.kept.classes', '{}');
    expect(hasUnsent()).toBe(false);
    keep('rostik.unsaved.1', '{}');
    expect(hasUnsent()).toBe(true);
    keepFor('corin');
    expect(hasUnsent(), 'another’s is not asked about').toBe(false);
    keep('rostik.marks.1', '[]');
    expect(hasUnsent()).toBe(true);
  });

  it('takes nothing away that belongs to nobody', () => {
    keep('rostik.kept.tide', 'kept before anybody signed in');
    forgetAll();
    expect(kept('rostik.kept.tide')).toBe('kept before anybody signed in');
  });
});
