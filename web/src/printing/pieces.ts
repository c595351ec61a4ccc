/** How many pieces stand on a page to be cut apart, and how many could. */
export interface Fitting {
  fits: number;
  most: number;
}

/**
 * How many of the pieces on a print page fit on each of its sheets of paper. A piece has at least its share of the page; one
 * with much drawn on it is higher.
 *
 * @param page the print page
 * @returns null where nothing is to be cut apart
 */
export function piecesToAPage(page: Document): Fitting | null {
  const cut = page.querySelector<HTMLElement>('.page.cut');
  const pieces = [...page.querySelectorAll<HTMLElement>('.page.cut .piece')];
  const first = pieces[0];
  if (!cut || !first) {
    return null;
  }
  const share = parseFloat(getComputedStyle(first).minHeight) || first.offsetHeight;
  const across = cut.classList.contains('tickets') ? 2 : 1;
  const rows = Math.round((parseFloat(getComputedStyle(cut).minHeight) || cut.offsetHeight) / share);
  const highest = Math.max(...pieces.map((piece) => piece.offsetHeight));
  // a hair more than its share is its share
  const fit = Math.max(1, Math.floor((rows * share) / Math.max(share, highest - 2)));
  return { fits: fit * across, most: rows * across };
}
