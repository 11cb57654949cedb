import { toldContexts } from '$lib/told-contexts';
import { tellIn } from '@zealous-quill/core/catalogue';
import { expose } from 'comlink';
import { bench } from './work';

void tellIn(toldContexts);
expose(bench);
