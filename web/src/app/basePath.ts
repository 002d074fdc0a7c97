/** Where the application lies on its server, with slashes at both ends: `/`, or `/jubbet/`. */
export const basePath: string = import.meta.env.BASE_URL;

/** The address of a page within the application: what is behind where it lies. */
export const pathWithin = (path: string, base = basePath): string =>
  path.startsWith(base) ? `/${path.slice(base.length)}` : path;
