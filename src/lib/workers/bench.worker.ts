import { expose } from 'comlink';
import { bench } from './work';

expose(bench);
