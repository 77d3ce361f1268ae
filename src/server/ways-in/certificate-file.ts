import path from 'node:path';

/** The folder inside a data folder in which the gate keeps what it proves itself by. */
export const shareFolder = (folder: string): string => path.join(folder, 'share');

/** Where the public half lies, for those who want to trust it for good. */
export const certificateFile = (folder: string): string =>
  path.join(shareFolder(folder), 'cert.pem');
