/** Where menus open: within the view's own landmark, so that whoever goes from landmark to landmark comes to them. */
export const menusPlace = (): HTMLElement | undefined => document.getElementById('menus') ?? undefined;
