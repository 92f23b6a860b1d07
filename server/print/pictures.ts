import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where the drawings lie: beside the built interface, and in its sources where nothing was built. */
const FOLDERS = ['../web/pictures', '../../web/public/pictures', '../web/public/pictures'].map((folder) =>
  fileURLToPath(new URL(folder, import.meta.url)),
);

/** The file of a drawing that ships. @throws Error when there is none of that name */
export const pictureFile = (name: string): string => {
  const found = FOLDERS.map((folder) => join(folder, `${name}.svg`)).find((file) => existsSync(file));
  if (found === undefined) throw new Error(`there is no drawing called ${name}`);
  return found;
};
