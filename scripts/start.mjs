/* `npm start`: the built application on a real database, empty at first. */
import { build, install, serve, serverEnvironment } from './setup.mjs';

install();
build();
const env = serverEnvironment('data/zealous-quill.db');
console.log(`Zealous Quill: http://127.0.0.1:${env.PORT}`);
serve(env);
