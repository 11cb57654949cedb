import { version as packageVersion } from '../../../../../package.json';

/** Version of the application, printed in footers and kept with what it derived. */
export const version: string = packageVersion;
